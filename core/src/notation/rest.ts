import type { Cursor } from './cursor';
import { takeNoun } from './nouns';

/** `through both layers`, `across both sides`: where a fold is worked. */
export function takeBoth(c: Cursor): boolean {
  const both = c.takePhrase(
    'through both',
    'through the two',
    'through all',
    'across both',
    'across the two',
    'along both',
  );
  if (!both) return false;
  c.takeAny('layers', 'sides', 'edges', 'thicknesses');
  c.takeAny('across', 'together');
  return true;
}

/** What is worked until so many stitches are left. */
interface ToLast {
  toLast?: number;
}

/** `to the last 2 sts`, `until last dc`: what is left for the end is written behind it, and how many it is goes to the item. */
export function takeToLast(c: Cursor, item: ToLast = {}): boolean {
  const start = c.at;
  if (c.takeAny('to', 'until', 'till')) {
    c.takeWords('within');
    c.takeAny('the');
    if (c.takeAny('last')) {
      item.toLast = c.number()?.value ?? 1;
      if (takeNoun(c)) return true;
      delete item.toLast;
    }
    // `until 2 are left, sc2tog`
    const n = c.number();
    const named = n !== null && takeNoun(c);
    const are = n !== null && c.takeAny('are');
    if (n && (named || are) && c.takeAny('left', 'remain') && c.is(',')) {
      item.toLast = n.value;
      return true;
    }
  }
  c.at = start;
  return false;
}

/** As often as there are stitches left: `around`, `across`, `to end`, `to the last 2 sts`, `through both`. */
export function takeRest(c: Cursor, item: ToLast = {}): boolean {
  if (c.takePhrase('all around', 'evenly around', 'to end', 'to the end', 'until the end')) return true;
  if (takeToLast(c, item) || takeBoth(c)) return true;
  // `inc all`
  if (c.is('all') && !c.peek(1)) return c.takeAny('all');
  const across = c.takeAny('across');
  if (takeBoth(c) || across) return true;
  if (
    c.is('around') &&
    (c.is('edge', 1) || (c.is('the', 1) && (c.is('edge', 2) || c.is('piece', 2) || c.is('outside', 2))))
  )
    return false;
  return c.takeAny('around', 'round', 'across', 'even', 'evenly');
}
