import { roundOf } from '../address';
import type { Fabric } from '../fabric';
import { openingAt, type Moment, type PartForm } from '../form';
import type { Toy } from '../toy';

/** When something is done on a piece: so many of its rounds are full, and so many stitches of the next one are worked. */
export interface At {
  after: number;
  stitches: number;
}

/** After so many full rounds. */
export const fullAt = (after: number): At => ({ after, stitches: 0 });

/** A moment by the number of its round, as so many rounds and stitches. */
export function atOf({ rounds }: Fabric, { round, stitches, of }: Moment): At {
  const index = rounds.findIndex((r) => r.number === round);
  return stitches < of ? { after: Math.max(0, index), stitches } : fullAt(index + 1);
}

/** The same the other way round; null before the first stitch. */
export function momentOf({ rounds }: Fabric, { after, stitches }: At): Moment | null {
  const round = rounds[stitches > 0 ? after : after - 1];
  return round
    ? { round: round.number, stitches: stitches > 0 ? stitches : round.count, of: round.count }
    : null;
}

/** Below 0 where the first comes first. */
export const compareAt = (a: At, b: At): number => a.after - b.after || a.stitches - b.stitches;

export const isLater = (a: At, b: At): boolean => compareAt(a, b) > 0;

/** The opening at a moment, pulled open, at the worst end, mm; null before the first round, and while nobody can tell. */
export function openingThen(form: PartForm, { after, stitches }: At): number | null {
  if (form.gauge.stitchSource === 'not known') return null;
  if (stitches > 0) return openingAt(form, after, stitches);
  return after > 0 ? openingAt(form, after - 1, Infinity) : null;
}

/** When the maker has said that a step is done; null where nothing is said, or its round is gone. */
export function saidAt(toy: Toy, { rounds, ...fabric }: Fabric, key: string): At | null {
  const said = toy.plan.pauses.find((p) => p.key === key);
  if (!said) return null;
  const index = roundOf({ ...fabric, rounds }, said.at);
  if (index < 0) return null;
  const { count } = rounds[index];
  return said.stitches === null || said.stitches >= count
    ? fullAt(index + 1)
    : { after: index, stitches: said.stitches };
}
