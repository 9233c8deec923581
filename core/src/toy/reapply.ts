import type { LogEvent, ToyFile } from './types';

const same = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

/** The fields of `mine` that differ from `base`, put on `theirs`; null when `theirs` has changed one of them to something else. */
function merged<T extends object>(base: T, mine: T, theirs: T): T | null {
  const out = { ...theirs } as Record<string, unknown>;
  for (const key of new Set([...Object.keys(mine), ...Object.keys(base)]) as Set<keyof T & string>) {
    if (same(base[key], mine[key]) || same(mine[key], theirs[key])) continue;
    if (!same(base[key], theirs[key])) return null;
    out[key] = mine[key];
  }
  return out as T;
}

/** What both have done since, theirs first; null when one of them no longer begins with what was there. Repeats that were counted on are one event that changed. */
function bothLogs(
  base: readonly LogEvent[],
  mine: readonly LogEvent[],
  theirs: readonly LogEvent[],
): readonly LogEvent[] | null {
  if (same(mine, base)) return theirs;
  if (same(theirs, base)) return mine;
  const begins = (log: readonly LogEvent[]) => base.every((event, i) => same(event, log[i]));
  return begins(mine) && begins(theirs) ? [...theirs, ...mine.slice(base.length)] : null;
}

/**
 * What was changed from `base` to `mine`, done again on a file that somebody else has changed meanwhile; null when both
 * changed the same field of the toy or the same record in two ways, so that nobody can tell which is meant. What both did
 * at the table is kept from both.
 */
export function reapplied(base: ToyFile, mine: ToyFile, theirs: ToyFile): ToyFile | null {
  const toy = merged(base.toy, mine.toy, theirs.toy);
  const log = bothLogs(base.log, mine.log, theirs.log);
  const bare = (file: ToyFile) => ({ ...file, toy: null, log: null });
  const others = merged(bare(base), bare(mine), bare(theirs));
  return toy && log && others ? ({ ...others, toy, log } as ToyFile) : null;
}
