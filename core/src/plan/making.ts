import type { Progress } from '../toy';
import type { CheckId, EyesStep, Plan, RoundTick, Step } from './step';

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

/** Where the maker is: the first tick not done. `changed` lists done ticks whose content is another one now (decision 31). */
export function whereAmI(
  ticks: readonly Tick[],
  progress: Progress,
): { at: number; done: number; changed: Tick[] } {
  const at = ticks.findIndex((t) => !(t.key in progress.done));
  return {
    at: at < 0 ? ticks.length : at,
    done: ticks.filter((t) => t.key in progress.done).length,
    changed: ticks.filter((t) => t.key in progress.done && progress.done[t.key] !== t.content),
  };
}

/** Ticks one step done. */
export function tick(progress: Progress, t: Tick): Progress {
  return { done: { ...progress.done, [t.key]: t.content }, within: null };
}

/** The key of one check of a step, beside the step's own among what is done. */
const checkKey = (key: string, id: CheckId): string => `${key}/${id}`;

/** The checks of a step that are still to be made, in order; a check whose words have changed since is made again. */
export function openChecks(t: Tick, progress: Progress): EyesStep['checks'] {
  return t.step.kind === 'eyes'
    ? t.step.checks.filter((c) => progress.done[checkKey(t.key, c.id)] !== c.words)
    : [];
}

/** Ticks one check. */
export function check(progress: Progress, t: Tick, { id, words }: EyesStep['checks'][number]): Progress {
  return { ...progress, done: { ...progress.done, [checkKey(t.key, id)]: words } };
}

/** Takes one check back. */
export function uncheck(progress: Progress, t: Tick, id: CheckId): Progress {
  const done = { ...progress.done };
  delete done[checkKey(t.key, id)];
  return { ...progress, done };
}

/** Takes the tick of one step back, with its checks. */
export function untick(progress: Progress, t: Tick): Progress {
  const done = Object.fromEntries(
    Object.entries(progress.done).filter(([key]) => key !== t.key && !key.startsWith(`${t.key}/`)),
  );
  return { done, within: null };
}

/** Notes how many repeats of the current round are done. */
export function tickWithin(progress: Progress, key: string, repeats: number): Progress {
  return { ...progress, within: { key, repeats } };
}
