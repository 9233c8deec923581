import { OPENINGS, SETTLING } from '../../figures';
import { formRange, windowOf, type Moment, type WorkWindow } from '../../form';
import type { Ranged } from '../../gauge';
import {
  bothFillings,
  fillBetween,
  fillingOf,
  stretchesOf,
  zonesOf,
  type PartModel,
  type ToyModel,
} from '../../model';
import type { ZoneFill } from '../../toy';
import { decimals, planWords as say } from '../../words';
import { stuffMinutes } from '../figures';
import { goesWithFill, goKey } from '../fill';
import { compareAt, isLater, momentOf, openingThen, type At } from '../moment';
import { momentSaid } from '../naming';
import { type Due, type PieceAtHand, type TaskBase, type TaskKind } from '../task';
import { isPosts } from './posts';

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
  /** plastic posts that this go is the first to fill round */
  posts: number;
  /** a part begun at its nose or mouth: tufts go into the muzzle first */
  muzzle: boolean;
  /** what is lost of its height with play, mm, where all of it is soft and it is the last go; null elsewhere */
  settles: Ranged | null;
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
  return g < 4.95 ? decimals(Math.round(g * 10) / 10, 1) : String(Math.round(g));
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

/** Posts that are in by a moment and were not at the one before. */
const postsBetween = ({ due }: PieceAtHand, before: At | null, at: At): number =>
  due.reduce((n, { after, stitches = 0, task }) => {
    const then = { after, stitches };
    const isNew = compareAt(then, at) <= 0 && (before === null || isLater(then, before));
    return isPosts(task) && task.plastic && !task.stopped && isNew ? n + task.names.length : n;
  }, 0);

/** What a part that is filled softly throughout loses of its height with play; a soft limb is meant to be limp, and what is only shown is not played with. */
function settling({ toy }: ToyModel, part: PartModel): Ranged | null {
  const filled = zonesOf(part).filter((z) => z.fill !== 'empty');
  const isLimb = stretchesOf(part).some((s) => s.is === 'limb');
  if (toy.settings.age === 'display only' || isLimb || filled.some((z) => z.fill !== 'soft')) return null;
  const { z } = part.form;
  const tallMm = filled.reduce((sum, zone) => sum + Math.abs(z[zone.to + 1] - z[zone.from]), 0);
  const { value, low, high } = SETTLING.soft;
  const range = formRange(part.form).along.rangePercent / 100;
  const lost = (percent: number) => (tallMm * percent) / 100;
  return {
    value: lost(value),
    low: lost(low ?? value) * (1 - range),
    high: lost(high ?? value) * (1 + range),
    source: part.gauge.source,
  };
}

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
        posts: postsBetween(piece, goes[i - 1]?.at ?? null, go.at),
        muzzle: i === 0 && from === 0 && (part.ringIs === 'nose' || part.ringIs === 'mouth'),
        settles: i === goes.length - 1 ? settling(model, part) : null,
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
      detail: say.stuffDetail(
        momentSaid(part, task.at),
        opening,
        task.fills,
        say.tuftsFirst(task.posts, task.muzzle),
      ),
      notes: task.settles ? [say.settles(units.bare(task.settles.low), units.length(task.settles.high))] : [],
      reason: say.stuffReason,
    };
  },
};
