import { Cursor } from './cursor';
import type { Item, Loops } from './syntax';
import { postfix, setLoops, takeItem } from './items';

/**
 * Loops named before a stitch hold from here on (`BLO: ...`, or first in the round) or for the next item alone
 * (`3 sc, FLO sc, 3 sc`); named last, after a comma, they hold for all that was written.
 */
export function standingLoops(
  c: Cursor,
  items: Item[],
  loops: Loops | 'both',
  start: number,
  depth: number,
): Loops | undefined {
  const all = loops === 'both' ? undefined : loops;
  const prefix = c.takeAny(':', ',') || items.length === 0;
  if (prefix && c.peek()) return all;
  const token = c.peek();
  if (!token || (depth > 0 && (token.text === ')' || token.text === ']'))) {
    if (all) for (const item of items) setLoops(item, all);
    return undefined;
  }
  const next = takeItem(c, depth, false);
  if (next && all) setLoops(next, all);
  if (next) items.push(...postfix(c, next, undefined));
  else if (c.at === start) c.at++;
  return undefined;
}
