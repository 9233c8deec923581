import { courseOf, type AlongSchool, type RoundSchool } from '../address';
import type { PlacementNote } from '../notation';
import type { EyePair } from './feature';
import { faceCentre, type Head } from './head';
import { newPair } from './usual';

/** One way to understand a placement written in a note: the pair it would be. */
export interface NoteReading {
  between: number;
  /** how this reading counts, for when there are several */
  along: AlongSchool;
  round: RoundSchool;
  pair: EyePair;
}

/**
 * The pairs that a note such as `eyes between R9 and R10, 6 apart` may mean, most usual first (decision 22: n stitches
 * apart are n or n - 1 between; n holes apart are n on, n showing = n + 1 on, or n with both post holes = n - 1 on). Empty when the rounds are not there or too small.
 */
export function pairsOfNote(
  head: Head,
  note: PlacementNote,
  ids: { id: string; part: string; copy: string },
): NoteReading[] {
  const { form } = head;
  const usual = newPair(head, ids);
  const round = form.rounds.findIndex((r) => r.number === note.rounds[1]);
  if (!usual || round < 1) return [];
  const { count } = form.fabric.rounds[round];
  const n = note.many;
  const readings: [number, AlongSchool][] =
    n === null
      ? [[Math.max(1, Math.round((usual.pair.between * count) / usual.pair.centre.of)), 'stitches-between']]
      : note.counted === 'between'
        ? [[note.holes ? n + 1 : n, note.holes ? 'holes-showing' : 'stitches-between']]
        : note.holes
          ? [
              [n, 'holes-on'],
              [n + 1, 'holes-showing'],
              [n - 1, 'holes-counting-both'],
            ]
          : [
              [n, 'stitches-between'],
              [n - 1, 'stitches-on'],
            ];
  return readings
    .filter(([between]) => between >= 1 && between < count)
    .map(([between, along]) => ({
      between,
      along,
      round: 'between-rounds',
      pair: {
        ...usual,
        pair: {
          ...usual.pair,
          course: courseOf(form.fabric, round),
          between,
          centre: faceCentre(head, 'marker', round, between, usual.washerMm),
        },
      },
    }));
}
