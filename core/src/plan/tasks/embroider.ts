import { holeKey } from '../../address';
import { isOn, type Embroidery } from '../../feature';
import { TIME } from '../../figures';
import { stitchings, type Stitched } from '../../model';
import { planWords as say } from '../../words';
import { threadLength } from '../figures';
import { needleRound } from '../needleRound';
import {
  taskKey,
  type Due,
  type PieceAtHand,
  type TaskBase,
  type TaskKind,
  type TaskWords,
  type Telling,
  type YarnEnds,
} from '../task';

/** Embroidery, while the part is open or when the fill is in. */
export interface EmbroiderTask<
  K extends 'embroider' | 'embroider-last' = 'embroider' | 'embroider-last',
> extends TaskBase {
  kind: K;
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

function embroiderDue<K extends EmbroiderTask['kind']>(
  kind: K,
  piece: PieceAtHand,
  stitched: Stitched,
): Due<EmbroiderTask<K>> {
  const { part, of } = piece;
  const { feature: f, sides } = stitched;
  const { after, inside } =
    kind === 'embroider' ? needleRound(piece, stitched) : { after: part.fabric.rounds.length, inside: false };
  return {
    after,
    task: {
      kind,
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

const ofPiece =
  <K extends EmbroiderTask['kind']>(kind: K, when: Embroidery['when']) =>
  (piece: PieceAtHand): Due<EmbroiderTask<K>>[] =>
    stitchings(piece.model).flatMap((s) =>
      isOn(s.feature, piece.of) && !s.fault && s.feature.when === when ? [embroiderDue(kind, piece, s)] : [],
    );

const ends = ({ threadMm }: EmbroiderTask): Omit<YarnEnds, 'part' | 'copy'>[] =>
  threadMm > 0 ? [{ what: 'thread', count: 1, eachMm: threadMm }] : [];

function reasonOf({ kind, inside }: EmbroiderTask): string {
  if (kind === 'embroider-last') return say.embroiderLast;
  return inside ? say.embroiderReason : say.embroiderThrough;
}

const words = (task: EmbroiderTask, { inside, units }: Telling): TaskWords => ({
  title: say.embroider(task.called, inside),
  short: task.called,
  detail: say.embroiderDetail(units.end(task.threadMm), task.strands, task.thread),
  notes: [],
  reason: reasonOf(task),
});

/** Embroidered while the part is open. */
export const embroider: TaskKind<EmbroiderTask<'embroider'>> = {
  sign: 'needle',
  rests: false,
  ofPiece: ofPiece('embroider', 'before filling'),
  ends,
  words,
};

/** Embroidered when the fill is in. */
export const embroiderLast: TaskKind<EmbroiderTask<'embroider-last'>> = {
  sign: 'needle',
  rests: false,
  ofPiece: ofPiece('embroider-last', 'after filling'),
  ends,
  words,
};
