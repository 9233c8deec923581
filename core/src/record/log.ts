import type { Deed, LogEvent } from '../toy';

/** What goes on counting of one round is one event, and so is going from step to step without doing any. */
const goesOn = (last: LogEvent | undefined, deed: Deed): boolean => {
  if (deed.what === 'now') return last?.what === 'now';
  const counts = deed.what === 'repeats' || deed.what === 'stitches';
  return counts && last?.what === deed.what && last.key === deed.key;
};

/** One thing of the design that is changed on and on was changed when that began. */
const isSameChange = (last: LogEvent | undefined, deed: Deed): boolean =>
  deed.what === 'changed' && last?.what === 'changed' && last.of === deed.of && last.part === deed.part;

/** A log with one more deed, done at a time (ISO 8601). Repeats or stitches of one round that follow each other are one event. */
export function withDeed(log: readonly LogEvent[], deed: Deed, at: string): readonly LogEvent[] {
  if (isSameChange(log.at(-1), deed)) return log;
  return [...(goesOn(log.at(-1), deed) ? log.slice(0, -1) : log), { ...deed, at }];
}
