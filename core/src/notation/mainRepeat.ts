import { printItems } from './printer';
import type { Item, Terms } from './syntax';

/** The main repeated group of a round, in the terms asked, if the round is one; null when it is not. */
export function mainRepeat(items: readonly Item[], terms: Terms): { words: string; times: number } | null {
  const real = items.filter((i) => i.type !== 'sign');
  const only = real.length === 1 ? real[0] : null;
  if (only?.type !== 'group' || typeof only.times !== 'number' || only.times < 2) return null;
  return { words: printItems(only.items, terms), times: only.times };
}
