import type { Cursor } from './cursor';
import type { Loops, ReturnItem } from './syntax';
import { takeStitches } from './forms';
import { takeChain } from './starts';

const MOST_IN_A_CHAIN = 100_000;

/** `BLO`, `in back loops only`, `through the front loop`, `3rd loop`; null when none stands here. */
export function takeLoops(c: Cursor): Loops | 'both' | null {
  const start = c.at;
  c.takeAny('working', 'work', 'worked', 'all');
  c.takeAny('only');
  c.takeAny('in', 'through', 'into');
  c.takeAny('in', 'the');
  c.takeAny('free', 'unused', 'remaining', 'leftover');
  if (c.takeAny('blo')) return loopsOnly(c, 'back');
  if (c.is('flo') && !(c.peek(1)?.type === 'number' && ['tog', 'together'].includes(c.peek(2)?.text ?? ''))) {
    c.at++;
    return loopsOnly(c, 'front');
  }
  for (const [word, loops] of [
    ['back', 'back'],
    ['front', 'front'],
    ['both', 'both'],
    ['third', 'third'],
    ['3', 'third'],
  ] as const) {
    const before = c.at;
    if (
      (c.peek()?.type === 'ordinal' ? c.is('3') && word === '3' : c.is(word) && word !== '3') &&
      c.at++ >= 0
    ) {
      if (c.takeAny('loop', 'loops', 'lp', 'lps')) return loopsOnly(c, loops);
      c.at = before;
    }
  }
  c.at = start;
  return null;
}

/** `only`, `of each st` behind the loops. `of R9` makes it a layer, which the line has read already. */
function loopsOnly<T>(c: Cursor, loops: T): T {
  c.takeAny('only');
  c.takePhrase(
    'of each st',
    'of each stitch',
    'of every st',
    'of every stitch',
    'of the sts',
    'of any st',
    'of any sc',
    'of all sts',
  );
  c.takeAny('only');
  return loops;
}

/** `ch 6, sl st in 2nd ch from hook, sc in next 4, sl st in same st`, `picot`, `ch 3, sl st in first ch`. */
export function takeReturn(c: Cursor): ReturnItem | null {
  const start = c.at;
  if (c.takeAny('picot', 'picots'))
    return { type: 'return', chain: 3, first: 3, items: [], picot: true, times: 1, span: c.since(start) };
  const n = takeChain(c);
  if (!n || n.value > MOST_IN_A_CHAIN) {
    c.at = start;
    return null;
  }
  if (c.takeAny('picot'))
    return {
      type: 'return',
      chain: n.value,
      first: n.value,
      items: [],
      picot: true,
      times: 1,
      span: c.since(start),
    };
  c.skipSeparators();
  c.takeAny('turn', 'and', 'then');
  c.skipSeparators();
  const firstItem = takeStitches(c);
  if (firstItem?.fromHook === undefined) {
    c.at = start;
    return null;
  }
  // "In first ch" of a strand closes it to a picot; "2nd" to "9th" count from the hook.
  if (firstItem.fromHook === 1)
    return {
      type: 'return',
      chain: n.value,
      first: n.value,
      items: [],
      picot: true,
      times: 1,
      span: c.since(start),
    };
  const offered = Math.max(0, n.value - firstItem.fromHook + 1);
  const items = [firstItem];
  let used = firstItem.times === 'around' ? offered : firstItem.eats * firstItem.times;
  while (used < offered) {
    const before = c.at;
    c.skipSeparators();
    c.takeAny('and', 'then');
    const again = c.at;
    const next = takeStitches(c);
    const eats = next ? (next.times === 'around' ? offered - used : next.eats * next.times) : 0;
    if (
      !next ||
      eats === 0 ||
      used + eats > offered ||
      c.tokens.slice(again, c.at).some((t) => t.text === 'same')
    ) {
      c.at = before;
      break;
    }
    items.push(next);
    used += eats;
  }
  const before = c.at;
  c.skipSeparators();
  c.takeAny('and', 'then');
  const anchor = c.at;
  const last = takeStitches(c);
  if (last?.kind !== 'slst' || !c.tokens.slice(anchor, c.at).some((t) => t.text === 'same')) c.at = before;
  return {
    type: 'return',
    chain: n.value,
    first: firstItem.fromHook,
    items,
    picot: false,
    times: 1,
    span: c.since(start),
  };
}
