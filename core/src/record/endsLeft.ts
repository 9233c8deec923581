import type { Ranged } from '../gauge';
import { kindOf, seamsWith, type Step, type YarnEnds } from '../plan';
import type { ToyModel } from '../model';
import { diaryWords as say, unitWords } from '../words';
import type { Tick } from './making';

/** The last end of yarn that a step leaves of its piece; null where it leaves none. */
export const endOf = (step: Step): YarnEnds | null =>
  kindOf(step.kind)
    .ends?.(step)
    .find((end) => end.what === 'last') ?? null;

/** The step that left the last end with which a piece is sewn on: its own, or its host's; null for a step that sews nothing on, with the end from before the first stitch, or with another yarn. */
export function endSewnWith(
  model: ToyModel,
  ticks: readonly Tick[],
  { kind, about, copy }: Step,
): Tick | null {
  if (kind !== 'sew') return null;
  const sews = ({ step }: Tick) =>
    endOf(step) !== null &&
    seamsWith(model, step, 'last').some((site) => site.join.id === about && site.copy === copy);
  return ticks.find(sews) ?? null;
}

/** An end as it was cut, mm, beside what its work needs: surely enough, within the need's range, or surely not. */
export interface EndLeft {
  leftMm: number;
  need: Ranged;
  reach: 'long' | 'tight' | 'short';
}

/** What an end that was left is worth; null where the step leaves none, or nobody said how long it is. */
export function endLeft(step: Step, leftMm: number | undefined): EndLeft | null {
  const need = endOf(step)?.needMm;
  if (!need || leftMm === undefined) return null;
  const enough = leftMm < need.high ? ('tight' as const) : ('long' as const);
  return { leftMm, need, reach: leftMm < need.low ? 'short' : enough };
}

/** What is said of an end that was left. */
export function endLine(model: ToyModel, { leftMm, need, reach }: EndLeft): string {
  const units = unitWords(model.toy.settings.units);
  const left = units.length(leftMm);
  if (reach === 'long') return say.endLong(left, units.length(need.value));
  if (reach === 'short') return say.endShort(left, units.length(need.value));
  return say.endTight(left, units.length(need.low), units.length(need.high));
}
