import type { Deed, LogEvent } from '../toy';

/** A log with one more deed, done at a time (ISO 8601). Repeats of one round that follow each other are one event. */
export function withDeed(log: readonly LogEvent[], deed: Deed, at: string): readonly LogEvent[] {
  const last = log.at(-1);
  const again = deed.what === 'repeats' && last?.what === 'repeats' && last.key === deed.key;
  return [...(again ? log.slice(0, -1) : log), { ...deed, at }];
}
