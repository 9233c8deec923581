import { courseOf } from '../address';
import { OPENINGS } from '../figures';
import type { Moment } from '../form';
import { modelOf, type PartModel, type ToyModel } from '../model';
import type { PauseSaid } from '../toy';
import { orderWords, unitWords } from '../words';
import { roundsWorked } from '../safety';
import { atOf, fullAt, isLater, momentOf, openingThen, type At } from './moment';
import { momentSaid } from './naming';
import type { Step } from './tasks';
import type { PostsTask } from './tasks/posts';
import type { StuffTask } from './tasks/stuff';

/** One step of a pause: by a round or by a stitch, either way. */
export type PauseBy = 'round earlier' | 'round later' | 'stitch earlier' | 'stitch later';

/** Where a pause would be, or why it cannot be there. */
export type PauseMove =
  | { ok: true; pause: Omit<PauseSaid, 'key'>; moment: Moment }
  | {
      ok: false;
      why: 'not there yet' | 'hole' | 'filled' | 'no more rounds';
      moment: Moment | null;
      openingMm: number | null;
    };

/** Steps that the maker can do earlier or later, within their windows. */
export const isMovable = (step: Step): step is PostsTask | StuffTask =>
  (step.kind === 'eyes' && step.stopped === null) || step.kind === 'stuff';

const stepped = ({ fabric }: PartModel, { after, stitches }: At, by: PauseBy): At => {
  const inside = stitches > 0;
  switch (by) {
    case 'round earlier':
      return fullAt(inside ? after : after - 1);
    case 'round later':
      return fullAt(after + 1);
    case 'stitch earlier': {
      const index = inside ? after : after - 1;
      const at = inside ? stitches - 1 : (fabric.rounds[index]?.count ?? 1) - 1;
      return at > 0 ? { after: index, stitches: at } : fullAt(index);
    }
    case 'stitch later': {
      const count = fabric.rounds[after]?.count ?? 0;
      return stitches + 1 < count ? { after, stitches: stitches + 1 } : fullAt(after + 1);
    }
  }
};

/** What a step of a movable pause comes to. */
export function pauseMove(model: ToyModel, step: PostsTask | StuffTask, by: PauseBy): PauseMove {
  const part = modelOf(model, step.part);
  const to = stepped(part, atOf(part.fabric, step.at), by);
  const moment = momentOf(part.fabric, to);
  const openingMm = moment && openingThen(part.form, to);
  if (!moment || to.after > roundsWorked(part))
    return { ok: false, why: 'no more rounds', moment, openingMm };
  const begins = step.kind === 'eyes' ? atOf(part.fabric, step.window.begins) : fullAt(1);
  if (isLater(begins, to)) return { ok: false, why: 'not there yet', moment, openingMm };
  if (isTooLate(part, step, to)) return { ok: false, why: 'hole', moment, openingMm };
  const filled = step.kind === 'eyes' ? step.filledAt : null;
  if (filled && isLater(to, atOf(part.fabric, filled)))
    return { ok: false, why: 'filled', moment, openingMm };
  const round = to.stitches > 0 ? to.after : to.after - 1;
  return {
    ok: true,
    moment,
    pause: { at: courseOf(part.fabric, round), stitches: to.stitches > 0 ? to.stitches : null },
  };
}

function isTooLate(part: PartModel, step: PostsTask | StuffTask, to: At): boolean {
  if (step.kind === 'stuff') return (openingThen(part.form, to) ?? Infinity) < OPENINGS.fill.possibleMm;
  const { possible, known } = step.window;
  return known && (possible === null || isLater(to, atOf(part.fabric, possible)));
}

/** Where a step leads, or why not, in words. */
export function pauseMoveWords(model: ToyModel, step: PostsTask | StuffTask, move: PauseMove): string {
  const part = modelOf(model, step.part);
  const units = unitWords(model.toy.settings.units);
  const moment = move.moment ? momentSaid(part, move.moment) : '';
  if (move.ok) return moment;
  return orderWords.pauseRefused[move.why](
    moment,
    move.openingMm === null ? null : units.length(move.openingMm),
  );
}

/** The window of a step in words: from when, until when in comfort, until when at all. */
export function windowWords(model: ToyModel, step: Step): string | null {
  if (!('window' in step) || !step.window?.known) return null;
  const part = modelOf(model, step.part);
  const { begins, comfortable, possible } = step.window;
  return orderWords.window(
    momentSaid(part, begins),
    comfortable && momentSaid(part, comfortable),
    possible && momentSaid(part, possible),
  );
}
