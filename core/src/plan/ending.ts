import { ENDS, OPENINGS } from '../figures';
import { worstOpening } from '../form';
import type { PartModel, ToyModel } from '../model';
import { bandOf, profileOf, roundsWorked } from '../safety';
import type { GatherWay } from '../toy';
import type { OfPiece } from './task';

/** How a part's end is made. */
export type EndIs = 'gathered' | 'left open' | 'sewn shut' | 'worked shut' | 'folded';

/** The end of a part: what its text says, gathered or open where it says nothing else. */
export function endIs({ reading }: PartModel): EndIs {
  if (reading.closed) return 'gathered';
  const { how } = reading.end;
  if (how === 'sewn shut' || how === 'folded') return how;
  return how === 'flattened' ? 'worked shut' : 'left open';
}

/** How a gathered end is laid: as the maker says, else as the text does. */
export const wayOf = ({ part, reading }: PartModel): GatherWay =>
  part.ending?.way ?? (reading.star ? 'star' : 'drawn together');

/** How often the thread of a star goes across: once for each leg round the hole; without legs once for every two stitches. */
export function starPoints(model: ToyModel, part: PartModel, of: OfPiece): { points: number; legs: number } {
  const from = part.fabric.rounds.length * (1 - ENDS.star.legsWithin);
  const isHere = (at: OfPiece) => at.part === of.part && at.copy === of.copy;
  const sewn = model.sites.flatMap(({ join, sites }) => (isHere(join.at) ? sites.map((s) => s.round) : []));
  const caught = model.caught.flatMap(({ join }) => (isHere(join.at) ? [join.round] : []));
  const legs = [...sewn, ...caught].filter((round) => round >= from).length;
  const { count } = part.fabric.rounds[roundsWorked(part) - 1];
  return legs > 1 ? { legs, points: legs } : { legs: 0, points: Math.ceil(count / 2) };
}

/** The hole that a gathered round leaves at rest, mm, at its worst (largest): what a probe of a small finger is held against. */
export const holeLeftMm = ({ form }: PartModel, index: number): number =>
  form.rounds[index].ringMm * (1 + form.gauge.stitchRangePercent / 100);

/** A probe of a child's finger, mm. Source: the region's profile. */
export const fingerMm = (model: ToyModel): number => {
  const { age } = model.toy.settings;
  return profileOf(model.toy).limits[bandOf(age)].probeMm;
};

/** An earlier round that may be gathered instead of a last one that is fiddly. */
export interface GatherInstead {
  /** index of the round */
  round: number;
  label: string;
  count: number;
  holeMm: number;
  /** wider than a child's finger: gathered twice */
  twice: boolean;
}

/** Where the last round's hole is too small to work in (its opening is below what a stick needs): the last round before it that is not; null where there is none. */
export function gatherInstead(model: ToyModel, part: PartModel): GatherInstead | null {
  const { form, fabric } = part;
  const last = roundsWorked(part) - 1;
  const wideMm = Math.max(OPENINGS.fill.possibleMm, model.toy.settings.ownSmallestMm ?? 0);
  if (!part.reading.closed || part.gauge.stitchSource === 'not known') return null;
  if (last < 1 || worstOpening(form, last) >= wideMm) return null;
  for (let i = last - 1; i > 0; i--) {
    const { count, label } = fabric.rounds[i];
    if (count > ENDS.gather.most) return null;
    if (count <= fabric.rounds[last].count || worstOpening(form, i) < OPENINGS.fill.possibleMm) continue;
    const holeMm = holeLeftMm(part, i);
    return { round: i, label, count, holeMm, twice: holeMm > fingerMm(model) };
  }
  return null;
}
