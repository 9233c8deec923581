import type { HoleName } from '../address';
import { ENDS } from '../figures';
import { fixed, type Gauge, type Ranged } from '../gauge';
import { pieceKey, roundUpEnd, seamKind, seamNeedMm, type JoinSite } from '../join';
import { hangersOf, type PartModel, type ToyModel } from '../model';
import { isOn } from '../feature';
import { isUnder36 } from '../safety';
import { colourJoins } from './figures';
import type { OfPiece } from './task';

/** What an end of yarn or thread is for. */
export type EndJob =
  | 'weave in'
  | 'close'
  | 'sew on'
  | 'close and sew on'
  | 'sew shut'
  | 'hold hardware'
  | 'work over'
  | 'embroider'
  | 'sew felt'
  | 'sculpt'
  | 'thread on';

/** Ends of one kind that a task leaves, each so long, mm. */
export interface YarnEnds extends OfPiece {
  /** the end before the first stitch, the last one, two of a colour change, or thread of its own */
  what: 'start' | 'last' | 'colour' | 'thread';
  job: EndJob;
  /** where it hangs while it waits */
  side: 'inside' | 'outside';
  /** label of the round at which it is left; null for thread */
  at: string | null;
  count: number;
  /** to cut, rounded up */
  eachMm: number;
  /** what its job needs, not rounded */
  needMm: Ranged;
  /** what the text leaves, where it says so */
  textMm: number | null;
  /** thread that is no end of the part's own yarn */
  thread: { of: 'yarn' | 'floss'; colour: string; strands: number } | null;
  /** where it goes in for good: beside the seam that hides it; null where that is not known */
  leaves: HoleName | null;
}

/** A length of which one share goes with the size of a stitch: its range is the gauge's on that share. mm. */
export function lengthNeed(
  gauge: Pick<Gauge, 'stitchRangePercent' | 'stitchSource'>,
  byStitchMm: number,
  plusMm: number,
): Ranged {
  const share = gauge.stitchRangePercent / 100;
  return {
    value: byStitchMm + plusMm,
    low: byStitchMm * (1 - share) + plusMm,
    high: byStitchMm * (1 + share) + plusMm,
    source: gauge.stitchSource,
  };
}

/** What all seams of one end take, one after the other. */
function seamsNeed(
  model: ToyModel,
  seams: readonly JoinSite[],
  stitchMm: number,
): Pick<Closing, 'byStitchMm' | 'plusMm'> {
  const small = isUnder36(model.toy.settings.age);
  return seams
    .map((s) => seamNeedMm(seamKind(s), s.guestEdge, stitchMm, small || s.join.seam.twice))
    .reduce((a, b) => ({ byStitchMm: a.byStitchMm + b.byStitchMm, plusMm: a.plusMm + b.plusMm }), {
      byStitchMm: 0,
      plusMm: 0,
    });
}

/** The seams that are sewn with one of a piece's ends: its own, and those of guests that the maker sews with it. A seam along its first edge is sewn with the end from before the first stitch. */
export const seamsWith = (model: ToyModel, of: OfPiece, end: 'start' | 'last'): JoinSite[] =>
  model.sites.flatMap(({ join, sites }) =>
    sites.filter((s) => {
      const host = join.seam.yarn === 'host';
      const mine = host
        ? pieceKey(join.at) === pieceKey(of)
        : join.guest.part === of.part && s.copy === of.copy;
      const first = !host && join.edge.which === 'first';
      return mine && first === (end === 'start');
    }),
  );

/** The end from before the first stitch: what it is for, and how long it is for that. */
export function startEnd(model: ToyModel, part: PartModel, of: OfPiece): YarnEnds {
  const seams = seamsWith(model, of, 'start');
  const holds = hangersOf(model).some(
    ({ feature, fault }) => !fault && feature.by === 'starting tail' && isOn(feature, of),
  );
  const sewn = seamsNeed(model, seams, part.gauge.stitchMm);
  const needMm =
    seams.length > 0
      ? lengthNeed(part.gauge, sewn.byStitchMm, sewn.plusMm)
      : fixed(holds ? ENDS.hardware.mm : ENDS.startMm);
  const idle: EndJob = holds ? 'hold hardware' : 'weave in';
  return {
    ...of,
    what: 'start',
    job: seams.length > 0 ? 'sew on' : idle,
    side: seams.length > 0 || holds ? 'outside' : 'inside',
    at: part.fabric.rounds[0]?.label ?? null,
    count: 1,
    eachMm: roundUpEnd(needMm.value),
    needMm,
    textMm: null,
    thread: null,
    leaves: seams[0]?.name ?? null,
  };
}

/** What gathers, sews shut or is only woven in, before any seam; per-stitch share and fixed share, mm. */
export interface Closing {
  job: 'close' | 'sew shut' | 'weave in';
  byStitchMm: number;
  plusMm: number;
}

/** The last end of a piece: its closing and its seams with one and the same yarn, or woven in. A length that the text states counts where it is longer (decision 36). */
export function lastEnd(
  model: ToyModel,
  part: PartModel,
  { of, at, closing }: { of: OfPiece; at: string; closing: Closing },
): YarnEnds {
  const seams = seamsWith(model, of, 'last');
  const sewn = seamsNeed(model, seams, part.gauge.stitchMm);
  // What is held in the hand to close is held to sew on as well.
  const plusMm = seams.length > 0 ? sewn.plusMm : closing.plusMm;
  const needMm = lengthNeed(part.gauge, closing.byStitchMm + sewn.byStitchMm, plusMm);
  const textMm = part.reading.tailMm;
  const said = model.toy.clamps.find((c) => c.guest === of.part && c.copy === of.copy)?.tail;
  const sews: EndJob = closing.byStitchMm > 0 ? 'close and sew on' : 'sew on';
  const job = seams.length === 0 ? closing.job : sews;
  return {
    ...of,
    what: 'last',
    job,
    side: said ?? (job === 'weave in' ? 'inside' : 'outside'),
    at,
    count: 1,
    eachMm: Math.max(roundUpEnd(needMm.value), textMm ?? 0),
    needMm,
    textMm,
    thread: null,
    leaves: seams[0]?.name ?? null,
  };
}

/** Thread of its own: so many lengths, each of them cut so long. */
export const threadEnds = (
  of: OfPiece,
  {
    job,
    count,
    eachMm,
    needMm,
    ...thread
  }: { job: EndJob; count: number; eachMm: number; needMm: Ranged } & NonNullable<YarnEnds['thread']>,
): YarnEnds => ({
  part: of.part,
  copy: of.copy,
  what: 'thread',
  job,
  side: 'inside',
  at: null,
  count,
  eachMm,
  needMm,
  textMm: null,
  thread,
  leaves: null,
});

/** Two ends of every change of colour, worked over or knotted inside. */
export function colourEnds({ fabric }: PartModel, of: OfPiece): YarnEnds[] {
  const joins = colourJoins(fabric).size;
  if (joins === 0) return [];
  const { ends, mm } = ENDS.colourChange;
  return [
    {
      ...of,
      what: 'colour',
      job: 'work over',
      side: 'inside',
      at: null,
      count: joins * ends,
      eachMm: mm,
      needMm: fixed(mm),
      textMm: null,
      thread: null,
      leaves: null,
    },
  ];
}
