import { holeKey } from '../../address';
import { isOn, type Embroidery } from '../../feature';
import type { WorkWindow } from '../../form';
import { TIME } from '../../figures';
import { stitchings, type Stitched } from '../../model';
import { planWords as say } from '../../words';
import { NOTHING, plusRange, type Ranged } from '../../gauge';
import { roundUpEnd } from '../../join';
import { threadEnds, type YarnEnds } from '../ends';
import { threadLength, threadNeed } from '../figures';
import { needleRound } from '../needleRound';
import {
  taskKey,
  type Due,
  type OfPiece,
  type PieceAtHand,
  type TaskBase,
  type TaskKind,
  type TaskWords,
  type Telling,
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
  /** while a hand reaches inside; null when it is done after the filling, through the fabric */
  window: WorkWindow | null;
  /** a hand still reaches inside then */
  inside: boolean;
  threadMm: number;
  strands: number;
  thread: Embroidery['thread']['of'];
  left: YarnEnds;
}

function embroiderDue<K extends EmbroiderTask['kind']>(
  kind: K,
  piece: PieceAtHand,
  stitched: Stitched,
): Due<EmbroiderTask<K>> {
  const { part, of } = piece;
  const { feature: f, sides } = stitched;
  const { after, inside, window } =
    kind === 'embroider'
      ? needleRound(piece, stitched)
      : { after: part.fabric.rounds.length, inside: false, window: null };
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
      window,
      // Each side has a thread of its own.
      threadMm: sides.reduce((sum, { mm }) => sum + threadLength(mm), 0),
      strands: f.thread.strands,
      thread: f.thread.of,
      left: embroideryEnd(
        of,
        f,
        sides.map(({ mm }) => threadNeed(mm)),
      ),
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

/** Thread of all sides together, as it is cut and told. */
const embroideryEnd = (of: OfPiece, f: Embroidery, needs: readonly Ranged[]): YarnEnds =>
  threadEnds(of, {
    job: 'embroider',
    count: 1,
    eachMm: needs.reduce((sum, need) => sum + roundUpEnd(need.value), 0),
    needMm: needs.reduce(plusRange, NOTHING),
    of: f.thread.of,
    colour: f.colour,
    strands: f.thread.strands,
  });

const ends = ({ left }: EmbroiderTask): YarnEnds[] => (left.eachMm > 0 ? [left] : []);

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
