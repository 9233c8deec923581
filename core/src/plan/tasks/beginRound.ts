import { edgeWith, openingAt } from '../../form';
import type { PartModel } from '../../model';
import { planWords as say } from '../../words';
import { begunMinutes, colourJoins } from '../figures';
import type { At } from '../moment';
import { taskKey, type PieceAtHand, type TaskBase, type TaskKind } from '../task';
import { changeMinutes, changesInside, changeWords, type ColourChange } from '../withinRounds';

/** Part of a round, up to a pause inside it: the hole is right there and not at the round's end (decision 39). */
export interface BeginRoundTask extends TaskBase {
  kind: 'begin-round';
  /** index of the round in its part's fabric */
  round: number;
  label: string;
  /** stitches of it from the round's start, and those that an earlier pause had already */
  stitches: number;
  begun: number;
  of: number;
  /** other colours in these stitches */
  changes: readonly ColourChange[];
  /** decreases worked by then, of those in the round */
  decreases: readonly [number, number];
  /** stitches in the open edge by then, and the hole that they leave pulled open, at the worst end, mm; null while nobody can tell */
  edge: number;
  openingMm: number | null;
}

/** Decreases among stitches of a fabric: those that take more than one of the round below. */
function decreasesIn({ fabric }: PartModel, from: number, to: number): number {
  let n = 0;
  for (let s = from; s < to; s++) if (fabric.parentTo[s] - fabric.parentFrom[s] > 1) n++;
  return n;
}

/** A round's stitches from where an earlier pause left off up to the next. */
export function beginRoundTask(
  { model, part, of }: PieceAtHand,
  { after, stitches: begun }: At,
  stitches: number,
): BeginRoundTask {
  const round = part.fabric.rounds[after];
  const about = `${round.mark}.${round.nth}.${stitches}`;
  const changes = changesInside(part.fabric, round, colourJoins(part.fabric)).filter(
    (c) => c.after >= begun && c.after < stitches,
  );
  const known = part.gauge.stitchSource !== 'not known';
  return {
    kind: 'begin-round',
    ...of,
    key: taskKey('begin-round', of.copy, about),
    about,
    round: after,
    label: round.label,
    stitches,
    begun,
    of: round.count,
    changes,
    decreases: [
      decreasesIn(part, round.from, round.from + stitches),
      decreasesIn(part, round.from, round.from + round.count),
    ],
    edge: edgeWith(part.form, after, stitches),
    openingMm: known ? openingAt(part.form, after, stitches) : null,
    points: [],
    minutes:
      begunMinutes(round, stitches, model.toy) -
      begunMinutes(round, begun, model.toy) +
      changeMinutes(changes),
    content: `${stitches}:${round.count}`,
  };
}

/** Made by the order itself, where a pause asks for it. */
export const beginRound: TaskKind<BeginRoundTask> = {
  sign: 'ring',
  rests: false,
  along: (task, { units }) => changeWords([task], units),
  words: (task, { name, units }) => ({
    title: say.beginRound(name, task.label, task.stitches, task.of),
    short: say.short.rounds,
    detail: say.beginRoundDetail(
      task.decreases,
      task.edge,
      task.openingMm === null ? null : units.length(task.openingMm),
    ),
    notes: [],
    reason: say.beginRoundReason,
  }),
};
