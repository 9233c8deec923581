import { ENDS, TIME } from '../../figures';
import { seamEndMm, seamKind, type JoinSite } from '../../join';
import { isUnder36 } from '../../safety';
import { planWords as say } from '../../words';
import { gatherTail } from '../figures';
import { pointsOfEnd, pointWords } from '../points';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind, type Telling } from '../task';

/** Gathering shut, or fastening off an open edge; either way an end of yarn is left. */
export interface FinishTask<K extends 'close' | 'fasten-off' = 'close' | 'fasten-off'> extends TaskBase {
  kind: K;
  label: string;
  count: number;
  tailMm: number;
  /** what its job needs, and what the text leaves where it says so, mm */
  needMm: number;
  saidMm: number | null;
  tailFor: 'closing' | 'sewing' | 'weaving in';
}

/** The seams that are sewn with this piece's end of yarn: its own, and those of guests that the maker sews with it. */
function seamsOf({ model, of }: PieceAtHand): JoinSite[] {
  return model.sites.flatMap(({ join, sites }) =>
    sites.filter((s) =>
      join.seam.yarn === 'host'
        ? join.at.part === of.part && join.at.copy === of.copy
        : join.guest.part === of.part && s.copy === of.copy,
    ),
  );
}

/** The end of yarn that its job needs; a length that the text states counts when it is longer (decision 36). */
function finishDue<K extends 'close' | 'fasten-off'>(kind: K, piece: PieceAtHand): Due<FinishTask<K>>[] {
  const { model, part, of } = piece;
  const closed = kind === 'close';
  if (part.reading.closed !== closed) return [];
  const fold = part.fabric.layers.find((l) => l.kind === 'fold')?.rounds[0];
  const last = fold ?? part.fabric.rounds[part.fabric.rounds.length - 1];
  const twice = isUnder36(model.toy.settings.age);
  const seams = seamsOf(piece);
  const w = part.gauge.stitchMm;
  const needMm = Math.max(
    closed ? gatherTail(last.count, w, twice) : 0,
    // One end that sews several seams is as long as all of them.
    seams.reduce((sum, s) => sum + seamEndMm(seamKind(s), s.guestEdge, w, twice || s.join.seam.twice), 0),
    closed || seams.length > 0 ? 0 : ENDS.startMm,
  );
  const saidMm = part.reading.tailMm;
  const tailMm = Math.max(needMm, saidMm ?? 0);
  const job = closed ? 'closing' : 'weaving in';
  return [
    {
      after: part.fabric.rounds.length,
      task: {
        kind,
        ...of,
        key: taskKey(kind, of.copy, last.mark),
        about: last.mark,
        label: last.label,
        count: last.count,
        tailMm,
        needMm,
        saidMm,
        tailFor: seams.length > 0 ? 'sewing' : job,
        points: of.copy === part.copies[0]?.id ? pointsOfEnd(model, of.part) : [],
        minutes: closed ? TIME.close.value : 0,
        content: `${last.count}:${tailMm}`,
      },
    },
  ];
}

const JOBS = { sewing: say.toSew, closing: say.toClose, 'weaving in': say.toWeave };

const notesOf = ({ saidMm, needMm, points }: FinishTask, { units }: Telling): string[] => [
  ...(saidMm !== null && saidMm !== needMm ? [say.tailSaid(units.end(saidMm), units.end(needMm))] : []),
  ...pointWords(points),
];

const ends = ({ tailMm }: FinishTask) => [{ what: 'last' as const, count: 1, eachMm: tailMm }];

export const close: TaskKind<FinishTask<'close'>> = {
  sign: 'close',
  rests: false,
  ofPiece: (piece) => finishDue('close', piece),
  ends,
  words: (task, telling) => ({
    title: say.close(telling.inside, task.label, task.count),
    short: say.short.close,
    detail: say.closeDetail(telling.units.end(task.tailMm), JOBS[task.tailFor]),
    notes: notesOf(task, telling),
    reason: say.closeReason,
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
    detail: say.fastenOffOpen(task.count, telling.units.end(task.tailMm), JOBS[task.tailFor]),
    notes: notesOf(task, telling),
    reason: say.fastenOffReason,
  }),
};
