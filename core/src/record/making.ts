import { kindOf, type CheckId, type Plan, type PostsCheck, type RoundTick, type Step } from '../plan';
import type { Deed } from '../toy';
import type { Progress } from './progress';

/** One tap of the big tick: a round, or a step that is not rounds. */
export interface Tick {
  key: string;
  step: Step;
  round: RoundTick | null;
  content: string;
}

/** The plan as single ticks, in order. */
export function ticksOf(plan: Plan): Tick[] {
  return plan.steps.flatMap((step): Tick[] =>
    step.kind === 'rounds'
      ? step.ticks.map((round) => ({ key: round.key, step, round, content: round.content }))
      : [{ key: step.key, step, round: null, content: step.content }],
  );
}

/** Whether what was ticked is still what it was; where an old file does not tell, it counts as done as it is. */
const isSame = (then: string | null, now: string): boolean => then === null || then === now;

/** Whether a step is behind the maker: done, or a move of the hand before rounds that are done, as it was made with them. */
function passedIn(ticks: readonly Tick[], done: Progress['done']): (t: Tick, i: number) => boolean {
  const lastDone = new Map(ticks.flatMap((t, i) => (t.key in done ? [[t.step.copy, i] as const] : [])));
  return (t, i) =>
    t.key in done || (kindOf(t.step.kind).small === true && i < (lastDone.get(t.step.copy) ?? -1));
}

/** The steps that are still to be made. */
export function openTicks(ticks: readonly Tick[], { done }: Progress): Tick[] {
  const passed = passedIn(ticks, done);
  return ticks.filter((t, i) => !passed(t, i));
}

/** Where the maker is: the first tick not done, from the step on that is made now by the maker's own word. `changed` lists done ticks whose content is another one now (decision 31). */
export function whereAmI(
  ticks: readonly Tick[],
  { done, now }: Progress,
): { at: number; done: number; changed: Tick[] } {
  const ticked = ticks.filter((t) => t.key in done);
  const passed = passedIn(ticks, done);
  const from = now === null ? -1 : ticks.findIndex((t) => t.key === now);
  const ahead = ticks.findIndex((t, i) => i >= from && !passed(t, i));
  const at = ahead < 0 ? ticks.findIndex((t, i) => !passed(t, i)) : ahead;
  return {
    at: at < 0 ? ticks.length : at,
    done: ticked.length,
    changed: ticked.filter((t) => !isSame(done[t.key], t.content)),
  };
}

/** Ticks one step done. */
export const tick = ({ key, content }: Tick): Deed => ({ what: 'done', key, content });

/** Takes the tick of one step back, with its checks. */
export const untick = ({ key }: Tick): Deed => ({ what: 'undone', key });

/** A step is made now, wherever the others stand. */
export const makeNow = ({ key }: Tick): Deed => ({ what: 'now', key });

/** The key of one check of a step, beside the step's own among what is done. */
const checkKey = ({ key }: Tick, id: CheckId): string => `${key}/${id}`;

/** The checks of a step that are still to be made, in order; one whose number has changed since is made again. */
export function openChecks(t: Tick, { done }: Progress): readonly PostsCheck[] {
  const checks = t.step.kind === 'eyes' ? t.step.checks : [];
  return checks.filter((c) => {
    const key = checkKey(t, c.id);
    return !(key in done && isSame(done[key], c.content));
  });
}

/** Whether a step cannot be ticked by the way: it is stopped, or must be looked at first. */
export const mustBeLookedAt = (t: Tick, progress: Progress): boolean =>
  t.step.kind === 'eyes' && (t.step.stopped !== null || openChecks(t, progress).length > 0);

/**
 * Everything of the same piece before a step is done: it was made without ticking. Of steps of the whole toy, everything before. What is stopped or
 * must be looked at first stays open, and comes again.
 */
export const doneBefore = (ticks: readonly Tick[], progress: Progress, to: Tick): Deed[] =>
  ticks
    .slice(0, ticks.indexOf(to))
    .filter((t) => !(t.key in progress.done) && !mustBeLookedAt(t, progress))
    .filter((t) => to.step.copy === '' || t.step.copy === to.step.copy)
    .map(tick);

/** Ticks one check. */
export const check = (t: Tick, { id, content }: PostsCheck): Deed => ({
  what: 'done',
  key: checkKey(t, id),
  content,
});

/** Takes one check back. */
export const uncheck = (t: Tick, id: CheckId): Deed => ({ what: 'undone', key: checkKey(t, id) });

/** Notes how many stitches of the current round are worked. */
export const stitchWithin = ({ key }: Tick, stitches: number): Deed => ({ what: 'stitches', key, stitches });

/** Notes how many repeats of the current round are done. */
export const tickWithin = ({ key }: Tick, repeats: number): Deed => ({ what: 'repeats', key, repeats });
