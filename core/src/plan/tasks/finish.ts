import { ENDS, TIME } from '../../figures';
import { roundUpEnd } from '../../join';
import type { EndingSaid } from '../../toy';
import { planWords as say, type UnitWords } from '../../words';
import { roundsWorked, timesGathered } from '../../safety';
import { endIs, gatherInstead, type EndIs, type GatherInstead } from '../ending';
import { lastEnd, type Closing, type YarnEnds } from '../ends';
import { pointsOfEnd, pointWords } from '../points';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind, type Telling } from '../task';

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
  gather: { times: 1 | 2; loops: EndingSaid['loops']; from: EndingSaid['from']; leftOut: number } | null;
  /** an earlier round that could be gathered instead of a fiddly last one */
  instead: GatherInstead | null;
}

/** What an end takes by itself. */
function closingOf(is: EndIs, n: number, { stitchMm, times }: { stitchMm: number; times: number }): Closing {
  const { gather, sewnShut } = ENDS;
  switch (is) {
    case 'gathered':
      return { job: 'close', byStitchMm: gather.perStitch * n * stitchMm * times, plusMm: gather.plusMm };
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
  const times = closed ? timesGathered(model, part) : 1;
  const closing = closingOf(is, last.count, { stitchMm: part.gauge.stitchMm, times });
  const end = lastEnd(model, part, { of, at: last.label, closing });
  const said = part.part.ending;
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
        gather: closed
          ? {
              times,
              loops: said?.loops ?? 'front',
              from: said?.from ?? 'outside',
              leftOut: part.fabric.rounds.length - worked,
            }
          : null,
        instead: gatherInstead(model, part),
        points: of.copy === part.copies[0]?.id ? pointsOfEnd(model, of.part) : [],
        minutes: minutesOf(is, last.count) * times,
        content: `${last.count}:${end.eachMm}`,
      },
    },
  ];
}

/** Minutes to make an end; an open edge takes none. */
function minutesOf(is: EndIs, n: number): number {
  if (is === 'gathered') return TIME.close.value;
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
    detail: say.closeDetail(telling.units.end(task.tailMm), say.tailJob[task.end.job]),
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
