import type { Fabric } from '../fabric';
import { REACH } from '../figures';
import { kept } from '../kept';
import type { PartForm } from './form';

/** A moment of the work: so many stitches of the round with this number are worked, all `of` them where it is full (decision 39). */
export interface Moment {
  round: number;
  stitches: number;
  of: number;
}

/** When something can still be done through the open end. Round numbers and moments; `null` when there is no such round. */
export interface WorkWindow {
  /** false while nobody can tell the size of a stitch: then no round is named */
  known: boolean;
  /** the first round after which the place exists */
  first: number;
  /** the very first moment: when the stitches round the place are worked */
  begins: Moment;
  lastComfortable: number | null;
  lastPossible: number | null;
  /** the last moments in comfort and at all, often inside a round; null when there is none */
  comfortable: Moment | null;
  possible: Moment | null;
  /** when work rests for it: at the end of the last comfortable round, else as late inside one as it is comfortable; else the same of what is possible; else when it begins */
  rest: Moment;
  /** how the place is reached after the last comfortable (or else possible) round: how deep it lies behind the edge, through what narrowest ring, mm; null when there is no such round */
  reach: Reach | null;
  /** what ends the comfortable rounds: the hole, how deep it is, what the text stuffs, or the end of the rounds; null while nothing is known */
  ends: 'hole' | 'depth' | 'fill' | 'rounds' | null;
  /** pulled opening after the last comfortable (or else possible) round, at the worst end of its range, mm */
  openingMm: number | null;
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
  /** so many stitches of the first round are worked before the place is there; all of them where nothing is said */
  firstStitch?: number;
  /** nothing has to be reached by hand: how deep it is does not matter */
  atAnyDepth?: boolean;
}

/** The opening after a round, pulled open by hand, at the worst (smallest) end of its range, in mm. */
export function worstOpening(form: PartForm, index: number): number {
  return form.rounds[index].pulledMm * (1 - form.gauge.stitchRangePercent / 100);
}

/**
 * The opening with so many stitches of a round worked: its edge is what is worked of it and what is left of the round
 * below, pulled open, at the worst end, mm. Length of the edge: geometry 5, an edge of n stitches is n w long.
 */
export function openingAt(form: PartForm, index: number, stitches: number): number {
  const round = form.fabric.rounds[index];
  if (index === 0 || stitches >= round.count) return worstOpening(form, index);
  const below = Math.max(1, form.fabric.rounds[index - 1].count);
  const [before, after] = [
    worstOpening(form, index - 1) / below,
    worstOpening(form, index) / Math.max(1, round.count),
  ];
  const share = stitches / Math.max(1, round.count);
  return edgeWith(form, index, stitches) * (before + (after - before) * share);
}

/** Stitches in the open edge after every stitch of every round: of round i with s of it worked, at its first stitch + i + s. Worked out once a fabric. */
const edges = kept(({ parentFrom, parentTo, rounds, stitches }: Fabric): Int32Array => {
  const out = new Int32Array(stitches + rounds.length);
  rounds.forEach(({ from, count }, i) => {
    let edge = i > 0 ? rounds[i - 1].count : 0;
    out[from + i] = edge;
    for (let s = from; s < from + count; s++) {
      // The second stitch of an increase takes nothing more from the edge.
      const again = s > from && parentFrom[s] === parentFrom[s - 1];
      edge += 1 - (again ? 0 : parentTo[s] - parentFrom[s]);
      out[s + i + 1] = edge;
    }
  });
  return out;
});

/** Stitches in the open edge with so many of a round worked: those, and what they have left of the round below. */
export const edgeWith = ({ fabric }: PartForm, index: number, stitches: number): number =>
  edges(fabric)[fabric.rounds[index].from + index + stitches];

/** The smallest opening while each round is worked, from its first stitch to its last, at the worst end, mm; by index of round. */
const tightest = kept((form: PartForm): Float64Array =>
  Float64Array.from(form.fabric.rounds, ({ count }, index) => {
    let least = worstOpening(form, index);
    for (let stitches = 1; stitches < count; stitches++)
      least = Math.min(least, openingAt(form, index, stitches));
    return least;
  }),
);

/** The way to a place at the base of round `start` from the edge of round `i`, both indices, through a narrowest ring; along the axis of the part. */
function reachThrough(form: PartForm, start: number, i: number, throughMm: number): Reach {
  const deepMm = Math.abs(form.z[i + 1] - form.z[start]) * (1 + form.gauge.roundRangePercent / 100);
  return { deepMm, throughMm, by: throughMm >= REACH.handThroughMm.value ? 'hand' : 'fingers' };
}

function reachTo(form: PartForm, start: number, i: number): Reach {
  let throughMm = Infinity;
  for (let k = start; k <= i; k++) throughMm = Math.min(throughMm, worstOpening(form, k));
  return reachThrough(form, start, i, throughMm);
}

const farthest = { hand: REACH.handMm, fingers: REACH.fingersMm } as const;

/** A moment by the index of its round. */
interface At {
  index: number;
  stitches: number;
}

/** The last moment that will do, null when not even the first; and what ends it. */
interface Until {
  at: At | null;
  ends: WorkWindow['ends'];
}

/** How long an opening stays wide enough and the place within reach, from a moment on, stitch by stitch. */
function lasts(
  form: PartForm,
  from: At,
  { needMm, far, filled, deep }: { needMm: number; far: 'low' | 'high'; filled: number; deep: boolean },
): Until {
  let at: At | null = null;
  let throughMm = Infinity;
  const { rounds } = form.fabric;
  for (let index = from.index; index >= 0 && index < rounds.length; index++) {
    const { count } = rounds[index];
    throughMm = Math.min(throughMm, worstOpening(form, index));
    const { deepMm, by } = reachThrough(form, from.index, index, throughMm);
    // Through the fabric, with no opening at all, nothing is too deep.
    const tooDeep = deep && needMm > 0 && deepMm > farthest[by][far]!;
    // Inside the very first round there is no edge yet.
    const earliest = index === from.index ? from.stitches : 1;
    const wide = tightest(form)[index] >= needMm;
    for (let stitches = index === 0 || wide ? count : earliest; stitches < count; stitches++) {
      if (openingAt(form, index, stitches) < needMm) return { at, ends: 'hole' };
      if (!tooDeep) at = { index, stitches };
    }
    if (worstOpening(form, index) < needMm) return { at, ends: 'hole' };
    if (tooDeep) return { at, ends: 'depth' };
    at = { index, stitches: count };
    if (far === 'low' && index + 1 === filled) return { at, ends: 'fill' };
  }
  return { at, ends: 'rounds' };
}

/**
 * The window of a piece of work that needs an opening: from the round `first` on, as long as every stitch so far leaves
 * the opening wide enough, the place is within reach of the fingers or the hand that goes through it (decision 39), and, in
 * comfort, nothing has been stuffed. Worst end of the range (decision 14); widths are pulled diameters (decision 15).
 * A part that is not closed stays as open as its last round. Source of the reach: `figures`, REACH.
 */
export function windowOf(
  form: PartForm,
  first: number,
  { comfortableMm, possibleMm, stuffedAfter = [], firstStitch, atAnyDepth = false }: WindowNeeds,
): WorkWindow {
  const { rounds } = form.fabric;
  const start = rounds.findIndex((r) => r.number === first);
  const of = rounds[start]?.count ?? 0;
  const from = { index: start, stitches: Math.min(of, Math.max(1, firstStitch ?? of)) };
  const begins: Moment = { round: first, stitches: from.stitches, of };
  const none = { lastComfortable: null, lastPossible: null, comfortable: null, possible: null };
  if (form.gauge.stitchSource === 'not known' || start < 0) {
    const known = form.gauge.stitchSource !== 'not known';
    return {
      known,
      first,
      begins,
      rest: begins,
      ...none,
      openingMm: null,
      reach: null,
      ends: known ? 'rounds' : null,
    };
  }
  const filled = Math.min(Infinity, ...stuffedAfter.filter((n) => n > start));
  const comfortable = lasts(form, from, { needMm: comfortableMm, far: 'low', filled, deep: !atAnyDepth });
  const possible = lasts(form, from, { needMm: possibleMm, far: 'high', filled, deep: !atAnyDepth });
  const whole = ({ at }: Until): number | null => {
    const index = wholeIndex(form, at);
    return index >= start ? rounds[index].number : null;
  };
  const lastComfortable = whole(comfortable);
  const until = lastComfortable === null ? possible : comfortable;
  const index = wholeIndex(form, until.at);
  const rest = restIn(form, start, comfortable.at) ?? restIn(form, start, possible.at);
  return {
    known: true,
    first,
    begins,
    lastComfortable,
    lastPossible: whole(possible),
    comfortable: momentOf(form, comfortable.at),
    possible: momentOf(form, possible.at),
    rest: momentOf(form, rest) ?? begins,
    openingMm: index < start ? null : worstOpening(form, index),
    reach: index < start ? null : reachTo(form, start, index),
    ends: until.ends,
  };
}

const momentOf = ({ fabric: { rounds } }: PartForm, at: At | null): Moment | null =>
  at && { round: rounds[at.index].number, stitches: at.stitches, of: rounds[at.index].count };

/** The end of the last round that is full by a moment, from a round on; the moment itself where none is. */
function restIn(form: PartForm, start: number, at: At | null): At | null {
  const index = wholeIndex(form, at);
  return index >= start ? { index, stitches: form.fabric.rounds[index].count } : at;
}

/** The last round, an index, that is full at a moment. */
const wholeIndex = ({ fabric }: PartForm, at: At | null): number => {
  if (!at) return -1;
  return at.stitches < fabric.rounds[at.index].count ? at.index - 1 : at.index;
};

/** The moment inside a round that is the very last; null where that is a round's end. */
export const insideRound = (moment: Moment | null): Moment | null =>
  moment && moment.stitches < moment.of ? moment : null;
