import { resolve, ResolvedPlace } from '../../address';
import { isOn, type Embroidery } from '../../feature';
import { OPENINGS, TIME } from '../../figures';
import { distance, windowOf } from '../../form';
import type { PartModel } from '../../model';
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
}

/**
 * After how many rounds a path is embroidered: while a hand can still tie the ends inside, and before the fill. Where the hole is
 * too small by then it is done through the fabric, and the task says so.
 */
function roundFor({ model, part, stuffAt }: PieceAtHand, f: Embroidery): { after: number; inside: boolean } {
  const { fabric, form } = part;
  const firsts = f.path.flatMap((spot) => {
    const found = resolve(form, spot);
    return found instanceof ResolvedPlace ? [found.round] : [];
  });
  const first = Math.max(0, ...firsts);
  const end = stuffAt[0] ?? fabric.rounds.length;
  const needs = model.toy.settings.ownSmallestMm ?? OPENINGS.embroider.comfortableMm;
  const window = windowOf(form, fabric.rounds[first].number, { comfortableMm: needs, possibleMm: 0 });
  const last = fabric.rounds.findIndex((r) => r.number === window.lastComfortable) + 1;
  const after = Math.max(first + 1, Math.min(end, last > 0 ? last : end));
  return { after, inside: last > 0 && after <= last };
}

/** Length of the thread's way over the fabric, mm. */
function pathMm(part: PartModel, f: Embroidery): number {
  const points = f.path.flatMap((spot) => {
    const found = resolve(part.form, spot);
    return found instanceof ResolvedPlace ? [found.point] : [];
  });
  return points.slice(1).reduce((sum, point, i) => sum + distance(points[i], point), 0);
}

function embroiderDue(piece: PieceAtHand, f: Embroidery): Due<EmbroiderTask> {
  const { part, of } = piece;
  const { after, inside } = roundFor(piece, f);
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
      threadMm: threadLength(pathMm(part, f) * f.strokes),
      points: [],
      minutes: TIME.embroider.value,
      content: `${f.name}:${f.path.length}`,
    },
  };
}

export const embroider: TaskKind<EmbroiderTask> = {
  sign: 'needle',
  rests: false,
  ofPiece: (piece) =>
    piece.model.toy.features.flatMap((f) =>
      f.kind === 'embroidery' && isOn(f, piece.of) ? [embroiderDue(piece, f)] : [],
    ),
  ends: ({ threadMm }) => (threadMm > 0 ? [{ what: 'thread', count: 1, eachMm: threadMm }] : []),
  words: (task, { inside, units }) => ({
    title: say.embroider(task.called, inside),
    short: task.called,
    detail: say.embroiderDetail(units.end(task.threadMm)),
    notes: [],
    reason: task.inside ? say.embroiderReason : say.embroiderThrough,
  }),
};
