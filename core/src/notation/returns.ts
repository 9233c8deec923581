import type { Cursor } from './cursor';
import type { Loops, ReturnItem, StitchItem } from './syntax';
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
  if (c.takeAny('tlo')) return loopsOnly(c, 'third');
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
  const picot = (chain: number): ReturnItem => ({
    type: 'return',
    chain,
    first: chain,
    items: [],
    picot: true,
    anchored: false,
    times: 1,
    span: c.since(start),
  });
  if (c.takeAny('picot', 'picots')) return picot(3);
  const n = takeChain(c);
  if (!n || n.value > MOST_IN_A_CHAIN) {
    c.at = start;
    return null;
  }
  if (c.takeAny('picot')) return picot(n.value);
  c.skipSeparators();
  c.takeAny('turn', 'and', 'then');
  c.skipSeparators();
  const nth = strandFrom(c);
  const first = takeStitches(c);
  if (first && nth !== null) first.fromHook ??= nth;
  if (first?.fromHook === undefined) {
    c.at = start;
    return null;
  }
  // "In first ch" of a strand closes it to a picot; "2nd" to "9th" count from the hook.
  if (first.fromHook === 1) return picot(n.value);
  const items = alongStrand(c, first, Math.max(0, n.value - first.fromHook + 1));
  const anchored = takeAnchor(c);
  return {
    type: 'return',
    chain: n.value,
    first: first.fromHook,
    items,
    picot: false,
    anchored,
    times: 1,
    span: c.since(start),
  };
}

/** `starting in 2nd ch from hook, work`: the chain stitch that takes the first stitch; null where none is said so. */
function strandFrom(c: Cursor): number | null {
  const start = c.at;
  if (
    c.takeAny('from') ||
    (c.takeAny('starting', 'beginning', 'start', 'begin') && c.takeAny('in', 'from', 'with', 'at'))
  ) {
    c.takeAny('the');
    const nth = c.ordinal();
    if (nth !== null && c.takeAny('ch', 'chain')) {
      c.takePhrase('from hook', 'from the hook', 'from your hook');
      while (c.takeAny(',', ':', 'work', 'and'));
      return nth;
    }
  }
  c.at = start;
  return null;
}

/** The stitches back along a strand that offers so many. */
function alongStrand(c: Cursor, first: StitchItem, offered: number): StitchItem[] {
  const items = [first];
  const eatsOf = (s: StitchItem, left: number): number => (s.times === 'around' ? left : s.eats * s.times);
  let used = eatsOf(first, offered);
  while (used < offered) {
    const before = c.at;
    c.skipSeparators();
    c.takeAny('and', 'then');
    const again = c.at;
    const next = takeStitches(c);
    const eats = next ? eatsOf(next, offered - used) : 0;
    const same = c.tokens.slice(again, c.at).some((t) => t.text === 'same');
    if (!next || eats === 0 || used + eats > offered || same) {
      c.at = before;
      break;
    }
    items.push(next);
    used += eats;
  }
  return items;
}

/** `sl st in same st`: the strand is closed where it began. */
function takeAnchor(c: Cursor): boolean {
  const before = c.at;
  c.skipSeparators();
  c.takeAny('and', 'then');
  const anchor = c.at;
  const last = takeStitches(c);
  const anchored = last?.kind === 'slst' && c.tokens.slice(anchor, c.at).some((t) => t.text === 'same');
  if (!anchored) c.at = before;
  return anchored;
}
