import { isOn, type Hanger } from '../../feature';
import { TIME } from '../../figures';
import type { WorkWindow } from '../../form';
import { hangersOf, modelOf, type HangerState, type ToyModel } from '../../model';
import { surfaceWords as say } from '../../words';
import { insideName } from '../naming';
import type { Use } from '../uses';
import {
  finished,
  taskKey,
  type Due,
  type OfPiece,
  type PieceAtHand,
  type TaskBase,
  type TaskKind,
  type TaskWords,
  type Telling,
} from '../task';

/** A ring, a clip or a bell fastened. */
export interface HangTask<K extends 'hang' | 'hang-last' = 'hang' | 'hang-last'> extends TaskBase {
  kind: K;
  is: Hanger['is'];
  by: Hanger['by'];
  mm: number;
  loopMm: number | null;
  window: WorkWindow | null;
  /** a hand still reaches inside, where it must */
  reached: boolean;
}

function task<K extends HangTask['kind']>(
  kind: K,
  { feature, loopMm, window }: HangerState,
  of: OfPiece,
  reached: boolean,
): HangTask<K> {
  return {
    kind,
    ...of,
    key: taskKey('hang', of.copy, feature.id),
    about: feature.id,
    is: feature.is,
    by: feature.by,
    mm: feature.mm,
    loopMm,
    window,
    reached,
    points: [],
    minutes: TIME.hang.value,
    content: `${feature.is}:${feature.mm}:${feature.by}:${Math.round(loopMm ?? 0)}`,
  };
}

/** What is fastened inside goes on while a hand reaches in. */
const ofPiece = ({ model, part, of, goes }: PieceAtHand): Due<HangTask<'hang'>>[] =>
  hangersOf(model).flatMap((state) => {
    const { feature, window, round } = state;
    if (state.fault || !window || !isOn(feature, of)) return [];
    const until = window.lastComfortable ?? window.lastPossible;
    const last = part.fabric.rounds.findIndex((r) => r.number === until) + 1;
    const end = goes[0]?.at.after ?? part.fabric.rounds.length;
    const after = Math.max(round + 1, Math.min(end, last > 0 ? last : end));
    return [{ after, task: task('hang', state, of, last > 0 && after <= last) }];
  });

/** A loop of chain is worked on last. */
const ofToy = (model: ToyModel): HangTask<'hang-last'>[] =>
  hangersOf(model).flatMap((state) =>
    state.fault || state.window
      ? []
      : state.at.map(({ piece }) => task('hang-last', state, { part: piece.part, copy: piece.copy }, true)),
  );

const HOW = { 'starting tail': say.hangTail, 'loop of chain': say.hangLoop, 'sewn in': say.hangSewn };

const uses = ({ is, mm }: HangTask): Use[] => [{ what: 'hardware', is, mm }];

const words = (
  { part, copy, is, by, mm, loopMm, reached }: HangTask,
  { model, units }: Telling,
): TaskWords => ({
  title: say.hang(say.hangerIs[is], insideName(modelOf(model, part), copy)),
  short: say.hangerIs[is],
  detail: say.hangDetail(units.length(mm), say.by[by], loopMm === null ? null : units.length(loopMm)),
  notes: reached ? [] : [say.hangLate],
  reason: HOW[by],
});

/** Fastened inside while a hand reaches in. */
export const hang: TaskKind<HangTask<'hang'>> = { sign: 'needle', rests: false, ofPiece, uses, words };

/** On a loop that is worked on last. */
export const hangLast: TaskKind<HangTask<'hang-last'>> = {
  sign: 'needle',
  rests: false,
  ofToy,
  needs: (task) => finished(task),
  uses,
  words,
};
