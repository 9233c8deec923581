import type { ToyFile } from './types';

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

/**
 * What was changed from `base` to `mine`, done again on a file that somebody else has changed meanwhile; null when both
 * changed the same field of the toy or the same record in two ways, so that nobody can tell which is meant.
 */
export function reapplied(base: ToyFile, mine: ToyFile, theirs: ToyFile): ToyFile | null {
  const toy = merged(base.toy, mine.toy, theirs.toy);
  const beside = merged({ ...base, toy: null }, { ...mine, toy: null }, { ...theirs, toy: null });
  return toy && beside ? ({ ...beside, toy } as ToyFile) : null;
}
