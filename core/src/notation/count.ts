import type { Item, Span } from './syntax';

/** What one round's items use and leave, against the stitches on offer. */
export interface Count {
  eaten: number;
  /** null when a repeat cannot tell */
  made: number | null;
  /** how often the one "around" goes, if there is one */
  around: number | null;
  fault: CountFault | null;
}

export type CountFault =
  | { type: 'does-not-divide'; item: Item; eats: number; fits: number; left: number; offered: number }
  | { type: 'eats-nothing'; item: Item }
  | { type: 'unknown'; word: string; span: Span };

interface Sum {
  eats: number;
  makes: number;
}

/** Items that `walk` may repeat; a whole round with two "around" gives the first what the second leaves over. */
const isAround = (item: Item): boolean => (item.type === 'stitch' || item.type === 'group' || item.type === 'fan') && item.times === 'around';

/** Counts one round. `offered` is 0 at a start. Linear in the items, whatever the numbers written. */
export function countItems(items: readonly Item[], offered: number): Count {
  const unknown = firstUnknown(items);
  if (unknown) return { eaten: 0, made: null, around: null, fault: { type: 'unknown', word: unknown.word, span: unknown.span } };
  const round = items.filter((item) => item.type !== 'sign');
  const start = round.find((item) => item.type === 'start');
  if (start && start.type === 'start') {
    const rest = sumOf(round.filter((item) => item !== start), 1);
    return { eaten: 0, made: start.count + rest.makes, around: null, fault: null };
  }
  const free = round.find(isAround);
  const fixed = sumOf(round.filter((item) => item !== free), 1);
  if (!free) return { eaten: fixed.eats, made: fixed.makes, around: null, fault: null };
  const one = onceOf(free);
  const left = offered - fixed.eats;
  if (one.eats === 0) return { eaten: fixed.eats, made: null, around: null, fault: { type: 'eats-nothing', item: free } };
  const fits = Math.max(0, Math.floor(left / one.eats));
  const over = left - fits * one.eats;
  if (over !== 0) {
    return { eaten: fixed.eats + fits * one.eats, made: null, around: fits, fault: { type: 'does-not-divide', item: free, eats: one.eats, fits, left: over, offered } };
  }
  return { eaten: offered, made: fixed.makes + fits * one.makes, around: fits, fault: null };
}

/** What one working of an item uses and leaves, its repeat count left aside. */
export function onceOf(item: Item): Sum {
  if (item.type === 'stitch') return { eats: item.eats, makes: item.makes };
  if (item.type === 'group') return sumOf(item.items, 1);
  if (item.type === 'fan') return { eats: 1, makes: sumOf(item.items, 1).makes };
  return { eats: 0, makes: item.type === 'start' ? item.count : 0 };
}

/** An "around" inside a group goes once. */
function sumOf(items: readonly Item[], times: number): Sum {
  let eats = 0;
  let makes = 0;
  for (const item of items) {
    const once = onceOf(item);
    const n = 'times' in item && typeof item.times === 'number' ? item.times : 1;
    eats += once.eats * n;
    makes += once.makes * n;
  }
  return { eats: eats * times, makes: makes * times };
}

function firstUnknown(items: readonly Item[]): { word: string; span: Span } | null {
  for (const item of items) {
    if (item.type === 'unknown') return item;
    if (item.type === 'group' || item.type === 'fan') {
      const inner = firstUnknown(item.items);
      if (inner) return inner;
    }
  }
  return null;
}
