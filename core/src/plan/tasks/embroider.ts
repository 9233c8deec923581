import { holeKey } from '../../address';
import { isOn, type Embroidery } from '../../feature';
import { OPENINGS, TIME } from '../../figures';
import { windowOf } from '../../form';
import { stitchings, type Stitched } from '../../model';
import { planWords as say } from '../../words';
import { threadLength } from '../figures';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind } from '../task';

export interface EmbroiderTask extends TaskBase {
  kind: 'embroider';
  feature: string;
  /** as the maker calls it */
  called: string;
  afterRound: number;
  /** a hand still reaches inside then */
  inside: boolean;
  threadMm: number;
  strands: number;
  thread: Embroidery['thread']['of'];
}

/**
 * After how many rounds it is embroidered: while a hand can still tie the ends inside, and before the fill. Where the hole is
 * too small by then it is done through the fabric, and the task says so.
 */
function roundFor(
  { part, stuffAt }: PieceAtHand,
  { head, sides }: Stitched,
): { after: number; inside: boolean } {
  const { fabric, form } = part;
  const first = Math.max(0, ...sides.flatMap((side) => side.places.map((p) => p.round)));
  const end = stuffAt[0] ?? fabric.rounds.length;
  const window = windowOf(form, fabric.rounds[first].number, {
    comfortableMm: head.ownSmallestMm ?? OPENINGS.embroider.comfortableMm,
    possibleMm: 0,
  });
  const last = fabric.rounds.findIndex((r) => r.number === window.lastComfortable) + 1;
  const after = Math.max(first + 1, Math.min(end, last > 0 ? last : end));
  return { after, inside: last > 0 && after <= last };
}

function embroiderDue(piece: PieceAtHand, stitched: Stitched): Due<EmbroiderTask> {
  const { part, of } = piece;
  const { feature: f, sides } = stitched;
  const { after, inside } = roundFor(piece, stitched);
  return {
    after,
    task: {
      kind: 'embroider',
      ...of,
      key: taskKey('embroider', of.copy, f.id),
      about: f.id,
      feature: f.id,
      called: f.name,
      afterRound: part.fabric.rounds[after - 1].number,
      inside,
      // Each side has a thread of its own.
      threadMm: sides.reduce((sum, { mm }) => sum + threadLength(mm), 0),
      strands: f.thread.strands,
      thread: f.thread.of,
      points: [],
      minutes: TIME.embroider.value * sides.length,
      content: [f.how, ...sides.flatMap((s) => s.places.map((p) => holeKey(p.name)))].join(' '),
    },
  };
}

export const embroider: TaskKind<EmbroiderTask> = {
  sign: 'needle',
  rests: false,
  ofPiece: (piece) =>
    stitchings(piece.model).flatMap((s) =>
      isOn(s.feature, piece.of) && !s.fault ? [embroiderDue(piece, s)] : [],
    ),
  ends: ({ threadMm }) => (threadMm > 0 ? [{ what: 'thread', count: 1, eachMm: threadMm }] : []),
  words: (task, { inside, units }) => ({
    title: say.embroider(task.called, inside),
    short: task.called,
    detail: say.embroiderDetail(units.end(task.threadMm), task.strands, task.thread),
    notes: [],
    reason: task.inside ? say.embroiderReason : say.embroiderThrough,
  }),
};
