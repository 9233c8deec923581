import { courseOf, type AlongSchool, type SaidPair } from '../address';
import type { EyePair } from './feature';
import type { Head } from './head';

/** The same eyes at the posts that words have named. A pair said by its own stitches keeps that centre; any other is centred where the face looks. */
export function pairSaid({ form }: Head, eyes: EyePair, said: SaidPair, along: AlongSchool): EyePair {
  const { count } = form.fabric.rounds[said.round];
  const followed = eyes.pair.centre.by === 'chosen' ? 'marker' : eyes.pair.centre.by;
  return {
    ...eyes,
    pair: {
      course: courseOf(form.fabric, said.round),
      at: said.at,
      centre: { coord: (said.low + said.high) / 2, of: count, by: along === 'tag' ? 'chosen' : followed },
      between: said.on,
      linked: true,
      offset: { left: [0, 0], right: [0, 0] },
    },
    saidAs:
      along === 'holes-showing'
        ? 'holes-showing'
        : along === 'mm-straight'
          ? 'mm-straight'
          : along === 'mm-along'
            ? 'mm-along'
            : 'stitches-between',
  };
}
