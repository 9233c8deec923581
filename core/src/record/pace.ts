import { kept } from '../kept';
import type { Plan, Step, StepKind } from '../plan';
import type { LogEvent } from '../toy';
import { ticksOf, type Tick } from './making';

/** How fast the maker is, kind by kind: so many times the minutes of the figures, from so many pieces. */
export type Pace = ReadonlyMap<StepKind, { times: number; pieces: number }>;

/** Longer than this the maker was away, minutes. Judged. */
const AWAY = 45;
/** The log counts from so many pieces on. Source: house figures, "Time". */
const PIECES = 3;

interface Timed {
  tick: Tick;
  /** copy and making: one piece at the table */
  piece: string;
  times: number;
}

const minutesBetween = (from: string | null, to: string | null): number =>
  from === null || to === null ? NaN : (Date.parse(to) - Date.parse(from)) / 60_000;

/** Every deed of the log that was done right after another one, against what its step was thought to take. */
function timed(plan: Plan, log: readonly LogEvent[]): Timed[] {
  const ticks = new Map(ticksOf(plan).map((t) => [t.key, t]));
  let making = 1;
  return log.flatMap((event, i): Timed[] => {
    // Every making is another piece; one that is taken up again is told once more.
    if (event.what === 'another' || event.what === 'earlier') making += 1;
    const tick = event.what === 'done' ? ticks.get(event.key) : undefined;
    const before = log[i - 1];
    if (!tick || !before) return [];
    const minutes = minutesBetween(before.at, event.at);
    const expected = tick.round ? tick.round.minutes : tick.step.minutes;
    // Several ticks at once were made up afterwards: they tell nothing.
    const real = minutes > 0.02 && minutes <= AWAY && expected > 0;
    return real ? [{ tick, times: minutes / expected, piece: `${making}:${tick.step.copy}` }] : [];
  });
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}

/** What the log tells of the maker's speed: medians of kinds of steps that were done on three pieces at least. */
export const paceOf = kept((plan: Plan, log: readonly LogEvent[]): Pace => {
  const all = timed(plan, log);
  const kinds = [...new Set(all.map((t) => t.tick.step.kind))];
  return new Map(
    kinds.flatMap((kind) => {
      const mine = all.filter((t) => t.tick.step.kind === kind);
      const pieces = new Set(mine.map((t) => t.piece)).size;
      return pieces >= PIECES ? [[kind, { times: median(mine.map((t) => t.times)), pieces }] as const] : [];
    }),
  );
});

/** Minutes of a step at the maker's own pace; as the figures say where the log tells nothing of its kind. */
export const minutesAt = (pace: Pace, step: Step): number => step.minutes * (pace.get(step.kind)?.times ?? 1);

/** Minutes of the whole toy, and how many kinds of its steps the log has told. */
export function timeOf(plan: Plan, pace: Pace): { minutes: number; learned: number } {
  const kinds = new Set(plan.steps.map((s) => s.kind));
  return {
    minutes: plan.steps.reduce((sum, step) => sum + minutesAt(pace, step), 0),
    learned: [...kinds].filter((k) => pace.has(k)).length,
  };
}
