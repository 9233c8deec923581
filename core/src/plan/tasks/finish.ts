import { ENDS, TIME } from '../../figures';
import { roundUpEnd } from '../../join';
import type { EndingSaid, GatherWay } from '../../toy';
import type { PartModel, ToyModel } from '../../model';
import { planWords as say, type UnitWords } from '../../words';
import { roundsWorked, timesGathered } from '../../safety';
import { endIs, gatherInstead, starPoints, wayOf, type EndIs, type GatherInstead } from '../ending';
import { lastEnd, type Closing, type YarnEnds } from '../ends';
import { pointsOfEnd, pointWords } from '../points';
import {
  taskKey,
  type Due,
  type OfPiece,
  type PieceAtHand,
  type TaskBase,
  type TaskKind,
  type Telling,
} from '../task';

/** Gathering shut, or fastening off an edge that is left open, sewn or worked shut; either way an end of yarn is left. */
export interface FinishTask<K extends 'close' | 'fasten-off' = 'close' | 'fasten-off'> extends TaskBase {
  kind: K;
  label: string;
  count: number;
  is: EndIs;
  /** to cut, mm; the longer of what its job needs and what the text leaves */
  tailMm: number;
  end: YarnEnds;
  /** of what is gathered: how often, through which loops, from which side; the round after which the rest is left out */
  gather: Gather | null;
  /** an earlier round that could be gathered instead of a fiddly last one */
  instead: GatherInstead | null;
}

/** How an end is gathered. */
interface Gather {
  times: 1 | 2;
  loops: EndingSaid['loops'];
  from: EndingSaid['from'];
  way: GatherWay;
  /** of a star: how often it goes across, and the legs that it goes between */
  points: number;
  legs: number;
  leftOut: number;
}

function gatherOf(model: ToyModel, part: PartModel, of: OfPiece, worked: number): Gather {
  const { ending } = part.part;
  const way = wayOf(part);
  return {
    times: timesGathered(model, part),
    loops: ending?.loops ?? 'front',
    from: ending?.from ?? 'outside',
    way,
    ...(way === 'star' ? starPoints(model, part, of) : { points: 0, legs: 0 }),
    leftOut: part.fabric.rounds.length - worked,
  };
}

/** What a gathered end takes: round its loops, across the hole for each point of a star. */
function gatheredNeed(n: number, stitchMm: number, { times, way, points }: Gather): Closing {
  const across = way === 'star' ? (ENDS.star.perPoint * points * n * stitchMm) / Math.PI : 0;
  return {
    job: 'close',
    byStitchMm: (ENDS.gather.perStitch * n * stitchMm + across) * times,
    plusMm: ENDS.gather.plusMm,
  };
}

/** What an end takes by itself. */
function closingOf(is: EndIs, n: number, stitchMm: number, gather: Gather | null): Closing {
  const { sewnShut } = ENDS;
  switch (is) {
    case 'gathered':
      return gatheredNeed(n, stitchMm, gather!);
    case 'sewn shut':
      return { job: 'sew shut', byStitchMm: sewnShut.perPair * (n / 2) * stitchMm, plusMm: sewnShut.plusMm };
    default:
      return { job: 'weave in', byStitchMm: 0, plusMm: ENDS.startMm };
  }
}

function finishDue<K extends 'close' | 'fasten-off'>(kind: K, piece: PieceAtHand): Due<FinishTask<K>>[] {
  const { model, part, of } = piece;
  const closed = kind === 'close';
  if (part.reading.closed !== closed) return [];
  const worked = roundsWorked(part);
  const folded = part.fabric.layers.find((l) => l.kind === 'fold')?.rounds[0];
  const last = folded ?? part.fabric.rounds[worked - 1];
  const is = endIs(part);
  const gather = closed ? gatherOf(model, part, of, worked) : null;
  const closing = closingOf(is, last.count, part.gauge.stitchMm, gather);
  const end = lastEnd(model, part, { of, at: last.label, closing });
  return [
    {
      after: worked,
      task: {
        kind,
        ...of,
        key: taskKey(kind, of.copy, last.mark),
        about: last.mark,
        label: last.label,
        count: last.count,
        is,
        tailMm: end.eachMm,
        end,
        gather,
        instead: gatherInstead(model, part),
        points: of.copy === part.copies[0]?.id ? pointsOfEnd(model, of.part) : [],
        minutes: minutesOf(is, last.count, gather),
        content: `${last.count}:${end.eachMm}${gather?.way === 'star' ? ':star' : ''}`,
      },
    },
  ];
}

/** Minutes to make an end; an open edge takes none. */
function minutesOf(is: EndIs, n: number, gather: Gather | null): number {
  if (gather) return (TIME.close.value + TIME.starPoint.value * gather.points) * gather.times;
  return is === 'sewn shut' ? TIME.seamPerStitch.value * (n / 2) + TIME.seamPlus.value : 0;
}

/** The text's own length beside what is needed, where they differ; the longer counts, and both are said (decision 36). */
function saidOtherwise({ textMm, needMm, eachMm }: YarnEnds, units: UnitWords): string[] {
  const need = roundUpEnd(needMm.value);
  if (textMm === null || textMm === need) return [];
  return [
    textMm < need
      ? say.tailShort(units.end(textMm), units.end(need), units.end(eachMm))
      : say.tailSaid(units.end(textMm), units.end(need)),
  ];
}

const notesOf = ({ end, points, instead, gather }: FinishTask, { units }: Telling): string[] => [
  ...(gather && gather.leftOut > 0 ? [say.leftOut(gather.leftOut)] : []),
  ...saidOtherwise(end, units),
  ...(instead
    ? [say.gatherInstead(instead.label, instead.count, units.length(instead.holeMm), instead.twice)]
    : []),
  ...pointWords(points),
];

const ends = ({ end }: FinishTask) => [end];

export const close: TaskKind<FinishTask<'close'>> = {
  sign: 'close',
  rests: false,
  ofPiece: (piece) => finishDue('close', piece),
  ends,
  words: (task, telling) => ({
    title: say.close(telling.inside, task.label, task.count),
    short: say.short.close,
    detail: say.closeDetail(
      telling.units.end(task.tailMm),
      say.tailJob[task.end.job],
      task.gather?.way === 'star' ? say.star(task.gather.points, task.gather.legs) : '',
    ),
    notes: notesOf(task, telling),
    reason: say.closeReason(task.gather!),
  }),
};

export const fastenOff: TaskKind<FinishTask<'fasten-off'>> = {
  sign: 'end',
  rests: false,
  ofPiece: (piece) => finishDue('fasten-off', piece),
  ends,
  words: (task, telling) => ({
    title: say.fastenOff(telling.inside),
    short: say.short.fastenOff,
    detail: say.fastenOffHow(
      task.is,
      task.count,
      telling.units.end(task.tailMm),
      say.tailJob[task.end.job] || say.toWeave,
    ),
    notes: notesOf(task, telling),
    reason: say.fastenOffReason,
  }),
};
