import { OPENINGS } from '../../figures';
import { windowOf, type Moment, type WorkWindow } from '../../form';
import type { Ranged } from '../../gauge';
import { bothFillings, fillBetween, fillingOf, zonesOf, type PartModel, type ToyModel } from '../../model';
import type { ZoneFill } from '../../toy';
import { planWords as say } from '../../words';
import { stuffMinutes } from '../figures';
import { goesWithFill, goKey } from '../fill';
import { momentOf, openingThen } from '../moment';
import { momentSaid } from '../naming';
import { type Due, type PieceAtHand, type TaskBase, type TaskKind } from '../task';

/** One go of the fill. */
export interface StuffTask extends TaskBase {
  kind: 'stuff';
  afterRound: number;
  at: Moment;
  fillG: Ranged;
  /** of it yarn ends, g */
  thrumsG: Ranged;
  /** how firm, length by length from the start; each fill once */
  fills: readonly ZoneFill[];
  /** the opening, worst end, mm; null while nobody can tell */
  openingMm: number | null;
  /** while filling passes: in comfort by hand, at all with a stick */
  window: WorkWindow;
  /** which go it is of how many, from 1 */
  go: number;
  goes: number;
}

/** Grams as a tick keeps them: to 1, below 5 g to 0.1. */
function gramsKey(g: number): string {
  if (g > 0 && g < 0.05) return 'under 0.1';
  return g < 4.95 ? (Math.round(g * 10) / 10).toFixed(1) : String(Math.round(g));
}

/** Grams of all goes together. */
const sumOf = (model: ToyModel, part: PartModel, ranges: readonly { from: number; to: number }[]): number =>
  ranges.reduce((sum, { from, to }) => sum + bothFillings(fillBetween(model, part, from, to)).value, 0);

/** When what lies from a round on, an index, can be filled. */
const fillWindow = (model: ToyModel, { form }: PartModel, from: number): WorkWindow =>
  windowOf(form, form.fabric.rounds[from].number, {
    comfortableMm: model.toy.settings.ownSmallestMm ?? OPENINGS.fill.comfortableMm,
    possibleMm: OPENINGS.fill.possibleMm,
    atAnyDepth: true,
  });

/** The goes in which a piece is filled, each with what goes in between the one before and its own round. */
function stuffDue(piece: PieceAtHand): Due<StuffTask>[] {
  const { model, part, of } = piece;
  const { fabric } = part;
  const all = goesWithFill(model, part, of, piece.goes);
  const goes = all.map((x) => x.go);
  const ranges = all.map((x) => x.range);
  const seamG = bothFillings(fillingOf(model, part)).value - sumOf(model, part, ranges);
  return goes.map((go, i) => {
    const { from, to } = ranges[i];
    const filling = fillBetween(model, part, from, to);
    const fillG = bothFillings(filling);
    // A tick knows no seam: what goes in there is counted with what went in before.
    const withSeam = fillG.value + (i === goes.length - 1 ? seamG : 0);
    const fills = zonesOf(part)
      .filter((z) => z.to >= from && z.from <= to && z.fill !== 'empty')
      .map((z) => z.fill);
    const at = momentOf(fabric, go.at)!;
    const key = goKey(part, of.copy, go);
    const once = [...new Set(fills)];
    return {
      ...go.at,
      task: {
        kind: 'stuff',
        ...of,
        key,
        about: key.split(':').slice(2).join(':'),
        afterRound: at.round,
        at,
        fillG,
        thrumsG: filling.thrumsG,
        fills: once,
        openingMm: openingThen(part.form, go.at),
        window: fillWindow(model, part, from),
        go: i + 1,
        goes: goes.length,
        points: [],
        minutes: stuffMinutes(fillG.value),
        content: `${go.at.after}${go.at.stitches > 0 ? `.${go.at.stitches}` : ''}:${once.join('+')}:${gramsKey(withSeam)}`,
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
  uses: ({ openingMm }) =>
    openingMm !== null && openingMm < OPENINGS.fill.comfortableMm ? [{ what: 'stick' }] : [],
  words: (task, { part, inside, units }) => {
    const opening = task.openingMm === null ? null : units.length(task.openingMm);
    return {
      title: titleOf(task, inside, units.weight(task.fillG.value)),
      short: say.short.stuff,
      detail: say.stuffDetail(momentSaid(part, task.at), opening, task.fills),
      notes: [],
      reason: say.stuffReason,
    };
  },
};
