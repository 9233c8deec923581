import { REACH } from '../figures';
import type { PartForm } from './form';

/** In which rounds something can still be done through the open end. Round numbers; `null` when there is no such round. */
export interface WorkWindow {
  /** false while nobody can tell the size of a stitch: then no round is named */
  known: boolean;
  /** the first round after which the place exists */
  first: number;
  lastComfortable: number | null;
  lastPossible: number | null;
  /** how the place is reached after the last comfortable (or else possible) round: how deep it lies behind the edge, through what narrowest ring, mm; null when there is no such round */
  reach: Reach | null;
  /** what ends the comfortable rounds: the hole, how deep it is, what the text stuffs, or the end of the rounds; null while nothing is known */
  ends: 'hole' | 'depth' | 'fill' | 'rounds' | null;
  /** pulled opening after the last comfortable (or else possible) round, at the worst end of its range, mm */
  openingMm: number | null;
  /** how many stitches of the round after the last possible one may be worked before the opening is too small at all; null when not even one */
  into: { round: number; stitches: number; of: number } | null;
}

/** The way in to a place: its depth behind the open edge along the part, and the narrowest ring on the way, pulled open, both at the worst end of their ranges, mm. */
export interface Reach {
  deepMm: number;
  throughMm: number;
  /** whether a whole hand goes through, or fingers alone */
  by: 'hand' | 'fingers';
}

/** What is asked of a window. mm, pulled diameters. */
export interface WindowNeeds {
  comfortableMm: number;
  possibleMm: number;
  /** after how many rounds the text stuffs the part; where nothing is said the fill waits */
  stuffedAfter?: readonly number[];
}

/** The opening after a round, pulled open by hand, at the worst (smallest) end of its range, in mm. */
export function worstOpening(form: PartForm, index: number): number {
  return form.rounds[index].pulledMm * (1 - form.gauge.stitchRangePercent / 100);
}

/** The way to a place at the base of round `start` from the edge of round `i`, both indices; along the axis of the part. */
function reachTo(form: PartForm, start: number, i: number): Reach {
  const deepMm = Math.abs(form.z[i + 1] - form.z[start]) * (1 + form.gauge.roundRangePercent / 100);
  let throughMm = Infinity;
  for (let k = start; k <= i; k++) throughMm = Math.min(throughMm, worstOpening(form, k));
  return { deepMm, throughMm, by: throughMm >= REACH.handThroughMm.value ? 'hand' : 'fingers' };
}

const farthest = { hand: REACH.handMm, fingers: REACH.fingersMm } as const;

/**
 * The window of a piece of work that needs an opening: from the round `first` on, as long as every round so far leaves
 * the opening wide enough, the place is within reach of the fingers or the hand that goes through it (decision 39), and, in
 * comfort, nothing has been stuffed. Worst end of the range (decision 14); widths are pulled diameters (decision 15).
 * A part that is not closed stays as open as its last round. Source of the reach: `figures`, REACH.
 */
export function windowOf(
  form: PartForm,
  first: number,
  { comfortableMm, possibleMm, stuffedAfter = [] }: WindowNeeds,
): WorkWindow {
  if (form.gauge.stitchSource === 'not known')
    return {
      known: false,
      first,
      lastComfortable: null,
      lastPossible: null,
      openingMm: null,
      reach: null,
      ends: null,
      into: null,
    };
  const start = form.rounds.findIndex((r) => r.number === first);
  const filled = Math.min(Infinity, ...stuffedAfter.filter((n) => n > start));
  const last = (needMm: number, far: 'low' | 'high'): Pick<WorkWindow, 'ends'> & { index: number } => {
    for (let i = start; i >= 0 && i < form.rounds.length; i++) {
      if (worstOpening(form, i) < needMm) return { index: i - 1, ends: 'hole' };
      const { deepMm, by } = reachTo(form, start, i);
      // Through the fabric, with no opening at all, nothing is too deep.
      if (needMm > 0 && deepMm > farthest[by][far]!) return { index: i - 1, ends: 'depth' };
      if (far === 'low' && i + 1 === filled) return { index: i, ends: 'fill' };
    }
    return { index: start < 0 ? -1 : form.rounds.length - 1, ends: 'rounds' };
  };
  const [comfortable, possible] = [last(comfortableMm, 'low'), last(possibleMm, 'high')];
  const numberAt = (index: number) => (start >= 0 && index >= start ? form.rounds[index].number : null);
  const lastComfortable = numberAt(comfortable.index);
  const lastPossible = numberAt(possible.index);
  const at = lastComfortable === null ? possible : comfortable;
  const index = numberAt(at.index) === null ? -1 : at.index;
  return {
    known: true,
    first,
    lastComfortable,
    lastPossible,
    openingMm: index < 0 ? null : worstOpening(form, index),
    reach: index < 0 ? null : reachTo(form, start, index),
    ends: at.ends,
    into:
      lastPossible === null || possible.ends !== 'hole'
        ? null
        : stitchesInto(form, possible.index + 1, possibleMm),
  };
}

/** How many stitches of a round can be worked before the edge, with what is still to be worked into, is too small. */
function stitchesInto(form: PartForm, index: number, needMm: number): WorkWindow['into'] {
  const round = form.fabric.rounds[index];
  if (!round) return null;
  const { parentFrom, parentTo } = form.fabric;
  const below = form.fabric.rounds[index - 1].count;
  const perStitch = worstOpening(form, index - 1) / below;
  let edge = below;
  let stitches = 0;
  while (stitches < round.count) {
    const s = round.from + stitches;
    // The second stitch of an increase takes nothing more from the edge.
    const eaten = stitches > 0 && parentFrom[s] === parentFrom[s - 1] ? 0 : parentTo[s] - parentFrom[s];
    edge += 1 - eaten;
    if (edge * perStitch < needMm) break;
    stitches++;
  }
  return stitches > 0 && stitches < round.count ? { round: round.number, stitches, of: round.count } : null;
}
