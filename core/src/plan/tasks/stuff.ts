import { fillNeed, shareBelow, worstOpening, type Firmness } from '../../form';
import type { Ranged } from '../../gauge';
import { planWords as say } from '../../words';
import { stuffMinutes } from '../figures';
import { taskKey, type Due, type PieceAtHand, type TaskBase, type TaskKind } from '../task';

/** One go of the fill. */
export interface StuffTask extends TaskBase {
  kind: 'stuff';
  afterRound: number;
  fillG: Ranged;
  fill: Firmness;
  /** the opening, worst end, mm; null while nobody can tell */
  openingMm: number | null;
  /** which go it is of how many, from 1 */
  go: number;
  goes: number;
}

/** Grams as a tick keeps them: to 1, below 5 g to 0.1. */
function gramsKey(g: number): string {
  if (g > 0 && g < 0.05) return 'under 0.1';
  return g < 4.95 ? (Math.round(g * 10) / 10).toFixed(1) : String(Math.round(g));
}

/** The goes in which a piece is filled, each with its share of the fill. */
function stuffDue({ model, part, of, stuffAt }: PieceAtHand): Due<StuffTask>[] {
  const { fabric, form } = part;
  const all = fillNeed(form, part.fill, model.toy.settings.fillWith);
  let filled = 0;
  return stuffAt.map((after, i) => {
    const upTo = i === stuffAt.length - 1 ? 1 : shareBelow(form, after - 1);
    const share = upTo - filled;
    filled = upTo;
    const fillG: Ranged = { ...all, value: all.value * share, low: all.low * share, high: all.high * share };
    const round = fabric.rounds[after - 1];
    const about = `${round.mark}.${round.nth}`;
    const known = part.gauge.stitchSource !== 'not known';
    return {
      after,
      task: {
        kind: 'stuff',
        ...of,
        key: taskKey('stuff', of.copy, about),
        about,
        afterRound: round.number,
        fillG,
        fill: part.fill,
        openingMm: known ? worstOpening(form, after - 1) : null,
        go: i + 1,
        goes: stuffAt.length,
        points: [],
        minutes: stuffMinutes(fillG.value),
        content: `${after}:${part.fill}:${gramsKey(fillG.value)}`,
      },
    };
  });
}

function titleOf({ go, goes, fillG }: StuffTask, piece: string, weight: string): string {
  const grams = fillG.value > 0 ? weight : null;
  if (go === 1) return say.stuff(piece, grams);
  return go === goes ? say.stuffLast(piece, grams) : say.stuffMore(piece, grams);
}

export const stuff: TaskKind<StuffTask> = {
  sign: 'stuff',
  rests: true,
  ofPiece: stuffDue,
  fillG: (task) => task.fillG,
  words: (task, { part, inside, units }) => {
    const round = part.fabric.rounds.find((r) => r.number === task.afterRound);
    const opening = task.openingMm === null ? null : units.length(task.openingMm);
    return {
      title: titleOf(task, inside, units.weight(task.fillG.value)),
      short: say.short.stuff,
      detail: say.stuffDetail(round?.label ?? '', opening, task.fill),
      notes: [],
      reason: say.stuffReason,
    };
  },
};
