import type { Batch } from '../toy';
import { daysBetween, daysLater, weekday } from './days';

/** Work of one stage that is still to be done, minutes. */
export interface Work<S extends string = string> {
  stage: S;
  minutes: number;
}

/** When a stage is worked on: its first and its last day. */
export interface Days<S extends string = string> {
  stage: S;
  from: string;
  to: string;
}

/** Nothing is planned further ahead than this. */
const MOST_DAYS = 5 * 366;

/** Minutes that can be worked on a day. */
export function minutesOn({ hours, off }: Pick<Batch, 'hours' | 'off'>, day: string): number {
  return off.includes(day) ? 0 : hours[weekday(day)] * 60;
}

/**
 * Days on which work is done, stage after stage, none before `today`. Null where no day has hours, or it would take longer than five years. A day
 * that is begun by one stage goes on with the next.
 */
export function scheduled<S extends string>(
  batch: Pick<Batch, 'from' | 'hours' | 'off'>,
  work: readonly Work<S>[],
  today: string,
): Days<S>[] | null {
  const first = daysBetween(batch.from, today) > 0 ? today : batch.from;
  const out: Days<S>[] = [];
  let day = first;
  let free = minutesOn(batch, day);
  for (const { stage, minutes } of work) {
    let left = minutes;
    let from: string | null = null;
    while (left > 1e-9) {
      while (free <= 1e-9) {
        if (daysBetween(first, day) > MOST_DAYS) return null;
        day = daysLater(day, 1);
        free = minutesOn(batch, day);
      }
      from ??= day;
      const worked = Math.min(left, free);
      left -= worked;
      free -= worked;
    }
    if (from !== null) out.push({ stage, from, to: day });
  }
  return out;
}

/** Minutes that can be worked from a day up to and with another. */
export function minutesUntil(batch: Pick<Batch, 'hours' | 'off'>, from: string, to: string): number {
  const days = Math.min(MOST_DAYS, daysBetween(from, to) + 1);
  return Array.from({ length: Math.max(0, days) }, (_, k) => minutesOn(batch, daysLater(from, k))).reduce(
    (sum, minutes) => sum + minutes,
    0,
  );
}
