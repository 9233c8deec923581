import { own } from '../own';
import { takeLoops, takeReturn } from './returns';
import { colouredCount } from './colourSigns';
import { Cursor } from './cursor';
import { takeStitches } from './forms';
import type { Token } from './lexer';
import { countsLast, repeated, takeBracket, timesBefore, workedUntil } from './brackets';
import { takeBracketRemark, takeRemark } from './remarks';
import { takeClamp, takeClampEach, takeSign } from './signs';
import { takeStart } from './starts';
import type { LegendWords } from './legendWords';
import { intoSame } from './same';
import { craftWord } from './stitches';
import type { Item, Loops, Span, Terms } from './syntax';
import { takeTimes } from './times';
import { standingLoops } from './standingLoops';

/** What a parse of one round gives: its items and, if a bracket stays open, where. */
export interface ParsedItems {
  items: Item[];
  unclosed: Span | null;
}

/** What the parser must know from outside its line. */
export interface ItemContext {
  terms: Terms;
  /** the part has no round yet */
  begins: boolean;
  /** X, V, A stand for sc, inc, dec */
  symbols: boolean;
  /** a number without a stitch counts single crochets: `(2, inc) x6` */
  bare?: boolean;
  /** the round has a label: a number before a colour counts its stitches */
  coloured?: boolean;
  /** words that the page explains */
  words?: LegendWords;
}

const SEPARATORS = new Set([',', ';', ':', '+', '&', '-', '/']);

const FILLER = new Set([
  'and',
  'then',
  'of',
  'the',
  'a',
  'an',
  'to',
  'end',
  'st',
  'sts',
  'stitch',
  'stitches',
  'now',
  'only',
  'around',
  'again',
  'from',
  'hook',
  'for',
  'in',
  'all',
]);

/** Reads the items of one round. Never throws: what it does not know becomes an `unknown` item. */
export function parseItems(tokens: readonly Token[], context: ItemContext): ParsedItems {
  const { words } = context;
  const meant = words
    ? tokens.map((t) => (t.type === 'word' ? { ...t, text: own(words.of, t.text) ?? t.text } : t))
    : tokens;
  const c = new Cursor(meant, context.terms);
  c.begins = context.begins;
  c.symbols = context.symbols;
  c.bare = context.bare ?? false;
  c.coloured = context.coloured ?? false;
  const nth = takeStartingIn(c);
  const items = list(c, null, 0);
  const first = nth === null ? undefined : items.find((i) => i.type === 'stitch');
  if (nth !== null && first?.type === 'stitch') first.fromHook ??= nth;
  while (c.peek()) items.push(...list(c, null, 0));
  return { items, unclosed: c.unclosed };
}

/** `starting in the second ch from the hook, sc 4`: the chain stitch that takes the first stitch; null when the round does not begin so. */
function takeStartingIn(c: Cursor): number | null {
  const start = c.at;
  c.takeAny('starting', 'start', 'beginning', 'begin', 'working');
  if (c.takeAny('in', 'from', 'with', 'at', 'into')) {
    c.takeAny('the');
    const nth = c.ordinal();
    if (nth !== null && c.takeAny('ch', 'chain')) {
      c.takePhrase('from hook', 'from the hook', 'from your hook');
      while (c.takeAny(',', ':', 'work'));
      return nth;
    }
  }
  c.at = start;
  return null;
}

export function list(c: Cursor, close: string | null, depth: number): Item[] {
  const items: Item[] = [];
  let standing: Loops | undefined;
  let signs = 0;
  while (c.peek()) {
    if (close && c.is(close)) break;
    if (close === '*' && (c.is('rep') || c.is('repeat'))) break;
    if (
      SEPARATORS.has(c.peek()!.text) &&
      !(c.is('-') && c.peek(1)?.type === 'word' && c.peek(1)!.text.startsWith('bob'))
    ) {
      c.at++;
      continue;
    }
    if (wrapRepeat(c, items) || (depth === 0 && wrapTimes(c, items))) continue;
    const start = c.at;
    const loops = takeLoops(c);
    if (loops) {
      standing = standingLoops(c, items, loops, start, depth) ?? (loops === 'both' ? undefined : standing);
      continue;
    }
    while (items[signs]?.type === 'sign') signs++;
    if (countsLast(c, items)) continue;
    const coloured = colouredCount(c);
    if (coloured) {
      items.push(...coloured);
      continue;
    }
    const item = takeItem(c, depth, depth === 0 && signs === items.length);
    if (item) items.push(...postfix(c, item, standing));
    if (item?.type === 'stitch' && item.same) intoSame(items);
    if (c.at === start) c.at++;
  }
  return items;
}

/** What follows an item without a comma: its loops (`sc around BLO`), its colour (`3 sc with white`), `until 10 remain`. */
export function postfix(c: Cursor, item: Item, standing: Loops | undefined): Item[] {
  if (item.type === 'sign' || item.type === 'start' || item.type === 'unknown') return [item];
  const until = workedUntil(c, item);
  if (until) return [until];
  const before = c.at;
  const loops = takeLoops(c);
  // `3 sc BLO: ...` would name the loops of what follows.
  if (loops && loops !== 'both' && !c.is(':')) {
    setLoops(item, loops);
    if (item.type === 'group' && item.times === 1 && item.timesSpan === undefined) {
      const times = takeTimes(c, true);
      if (times) Object.assign(item, { times: times.value, timesSpan: times.span, timesSign: times.sign });
    }
    if (
      item.type === 'stitch' &&
      item.times === 1 &&
      item.timesSpan === undefined &&
      (c.takeAny('around', 'across', 'evenly') || c.takeWords('in', 'each', 'st') || c.takeWords('to', 'end'))
    ) {
      c.takeAny('around', 'across');
      item.times = 'around';
    }
  } else {
    c.at = before;
    if (standing) setLoops(item, standing);
  }
  if (c.is('with') || (c.is('in') && c.peek(1)?.type === 'word')) {
    const start = c.at;
    const sign = takeSign(c, false);
    if (sign?.sign === 'colour' && c.tokens[c.at - 1].text !== ':') return [sign, item];
    c.at = start;
  }
  return [item];
}

export function setLoops(item: Item, loops: Loops): void {
  if (item.type === 'clamp' || (item.type === 'stitch' && !item.skipped)) item.loops ??= loops;
  if (item.type === 'group' || item.type === 'fan') for (const inner of item.items) setLoops(inner, loops);
}

export function takeItem(c: Cursor, depth: number, first: boolean): Item | null {
  // `shell (5 dc) in next`: its stitches say what it is.
  if (c.is('shell') && c.is('(', 1)) c.at++;
  const token = c.peek()!;
  if (token.text === '(' || token.text === '[' || token.text === '*') {
    const ring = first && token.text !== '*' ? takeStart(c) : null;
    if (ring) return ring;
    const sign = token.text === '*' ? null : (takeSign(c, first) ?? takeBracketRemark(c));
    return sign ?? takeBracket(c, depth);
  }
  const before = timesBefore(c, depth);
  if (before) return before;
  if (token.type === 'sign' && !c.symbols) return takeUnknown(c);
  if (first) {
    const start = takeStart(c);
    if (start) return start;
  }
  return (
    takeReturn(c) ??
    takeSign(c, first) ??
    takeClamp(c) ??
    takeClampEach(c) ??
    takeStitches(c) ??
    (c.begins ? takeStart(c) : null) ??
    takeRemark(c) ??
    takeUnknown(c)
  );
}

/** `from *`, `from * to *`, `between * *`, `*-*`, `from the beginning`: what is repeated, said again. */
export function takeBetweenStars(c: Cursor): void {
  if (c.takeAny('from')) c.takeAny('the');
  c.takeAny('between', 'beginning', 'start');
  c.takeAny('the');
  if (!c.takeAny('*')) return;
  const start = c.at;
  c.takeAny('to', '-', 'and');
  if (!c.takeAny('*')) c.at = start;
}

/** `..., repeat around` takes what was written so far as its group; so does `*..., rep from * around`. */
function wrapRepeat(c: Cursor, items: Item[]): boolean {
  if (!c.is('repeat') && !c.is('rep')) return false;
  const start = c.at;
  c.at++;
  const signs = items.findIndex((i) => i.type !== 'sign');
  if (signs < 0) {
    c.at = start;
    return false;
  }
  // `repeat from *` without a star to begin from means from the beginning.
  takeBetweenStars(c);
  const times = takeTimes(c, false);
  if (!times) {
    c.at = start;
    return false;
  }
  const group = items.splice(signs, items.length - signs);
  items.push(repeated(group, times, { from: group[0].span.from, to: c.since(start).to }, true));
  const loops = takeLoops(c);
  if (loops && loops !== 'both') setLoops(items[items.length - 1], loops);
  return true;
}

/** `2 sc, inc, six times`: behind a comma a number of times is of all that was written. */
function wrapTimes(c: Cursor, items: Item[]): boolean {
  const start = c.at;
  // `2 sc, inc (x6)` and `2 sc, inc - x6`
  const bracket = c.is('(') && c.is('x', 1) && c.is(')', 3);
  const behind = start > 0 && [',', ';', '-'].includes(c.tokens[start - 1].text);
  const dashed = behind && c.tokens[start - 1].text === '-';
  if (!bracket && !(behind && (!dashed || c.is('x') || c.is('times', 1)))) return false;
  if (bracket) c.at++;
  const signs = items.findIndex((i) => i.type !== 'sign' && i.type !== 'start');
  const times = signs < 0 ? null : takeTimes(c, false);
  if (bracket) c.takeAny(')');
  const next = c.peek();
  if (!times || (next && ![',', ';', '(', '[', '='].includes(next.text))) {
    c.at = start;
    return false;
  }
  const group = items.splice(signs, items.length - signs);
  items.push(repeated(group, times, { from: group[0].span.from, to: c.since(start).to }, false));
  return true;
}

function takeUnknown(c: Cursor): Item | null {
  const token = c.peek()!;
  c.at++;
  const span = { from: token.from, to: token.to };
  if (token.type === 'sign' || FILLER.has(token.text)) {
    // A sign that nobody needs is passed over; letters that nobody knows are not.
    if (token.type === 'sign' && /[\p{L}\p{N}]/u.test(token.text))
      return { type: 'unknown', word: token.text, span };
    return null;
  }
  const word = c.peek();
  if (
    token.type === 'number' &&
    word?.type === 'word' &&
    !craftWord(word.text, c.terms) &&
    !FILLER.has(word.text)
  ) {
    c.at++;
    return { type: 'unknown', word: word.text, span: { from: word.from, to: word.to } };
  }
  return { type: 'unknown', word: token.text, span };
}
