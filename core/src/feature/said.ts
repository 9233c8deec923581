import { courseOf, type AlongSchool, type SaidPair } from '../address';
import type { PartForm } from '../form';
import type { EyePair } from './feature';

/** The same eyes at the posts that words have named. A pair said by its own stitches keeps that centre; any other is centred opposite the marker. */
export function pairSaid(form: PartForm, eyes: EyePair, said: SaidPair, along: AlongSchool): EyePair {
  const { count } = form.fabric.rounds[said.round];
  return {
    ...eyes,
    pair: { course: courseOf(form.fabric, said.round), centre: { coord: (said.low + said.high) / 2, of: count, by: along === 'tag' ? 'chosen' : 'marker' }, between: said.on, linked: true, offset: { left: [0, 0], right: [0, 0] } },
    saidAs: along === 'holes-showing' ? 'holes-showing' : along === 'mm-straight' ? 'mm-straight' : along === 'mm-along' ? 'mm-along' : 'stitches-between',
  };
}
