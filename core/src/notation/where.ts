import type { Cursor } from './cursor';
import { NOUNS, takeNoun } from './nouns';
import { takeToLast } from './rest';
import { craftWord } from './stitches';
import type { StitchItem } from './syntax';

/** Whether the word here is of stitches and not of a part. */
const takesStitches = (c: Cursor): boolean =>
  NOUNS.includes(c.peek()!.text) ||
  ['hook', 'side', 'row', 'round', 'rnd', 'loop', 'corner'].includes(c.peek()!.text) ||
  craftWord(c.peek()!.text, c.terms) !== null;

/** Where some counted stitches go that says nothing of their number: `12 sc around the first leg`, `3 sc along the chain`. */
export function takeWhere(c: Cursor): boolean {
  const start = c.at;
  const on = c.is('on') || c.is('in');
  if (!c.takeAny('around', 'along', 'through', 'over', 'onto', 'across', 'on', 'in')) return false;
  let the = c.takeAny('the', 'its', 'each', 'both');
  // `6 sc on 2nd spike`
  const nth = (on || !the) && c.ordinal() !== null;
  if (nth && c.peek()?.type === 'word' && !takesStitches(c)) the = true;
  else if (on) {
    c.at = start;
    return false;
  }
  let words = 0;
  for (; c.peek()?.type === 'word'; c.at++) words++;
  const edge = c.tokens
    .slice(start, c.at)
    .some((t) => ['edge', 'piece', 'outside', 'layers', 'sides'].includes(t.text));
  if (the && words > 0 && !edge && !c.is(':')) return true;
  c.at = start;
  return false;
}

/** `in same st as join`: which stitch that is. */
function takeAsWhat(c: Cursor): void {
  c.at++;
  while (c.peek()?.type === 'word' || c.peek()?.type === 'number') c.at++;
}

/** `sc in next 4`, and `dec in next 2 sts`: what a decrease takes is said, not how often. */
function intoSome(item: StitchItem, n: { value: number; span: StitchItem['span'] } | null): void {
  const taken = n && item.makes < item.eats && n.value % item.eats === 0 ? n.value / item.eats : null;
  item.times = taken ?? n?.value ?? 1;
  if (n && taken === null) item.timesSpan = n.span;
}

/** After `in`: which stitches take it. Gives false when nothing known follows. */
export function intoWhat(c: Cursor, item: StitchItem, counted: boolean): boolean {
  const many = typeof item.times === 'number' ? item.times : 1;
  const into: Into = {
    c,
    item,
    counted,
    // `2 sc in next`: both in the same one
    one: () => {
      if (counted && many > 1) item.makes *= many;
    },
  };
  const start = c.at;
  for (const way of [intoEach, intoNth, intoTheRest, intoNext, intoBumps]) {
    c.at = start;
    if (way(into)) return true;
  }
  c.at = start;
  return intoCorner(into);
}

/** A stitch whose place is being read. */
interface Into {
  c: Cursor;
  item: StitchItem;
  counted: boolean;
  one: () => void;
}

/** `each st around`, `every one of the next 6` */
function intoEach({ c, item, one }: Into): boolean {
  if (!c.takeAny('each', 'every', 'all')) return false;
  c.takeAny('of');
  c.takeAny('the');
  c.takeAny('next', 'remaining', 'rem', 'following', 'last', 'first');
  const n = c.number();
  takeNoun(c);
  c.takePhrase('and ch', 'and each ch', 'and chain', 'and in each ch');
  c.takeWords('from', 'hook');
  c.takeWords('to', 'end') || c.takeWords('of', 'the', 'round') || takeToLast(c, item);
  c.takeAny('around', 'across', 'round');
  one();
  item.times = n ? n.value : 'around';
  item.timesSpan = n?.span;
  return true;
}

/** `2nd ch from hook and each ch`, `the first 2 sts`, `the third st` */
function intoNth({ c, item, counted, one }: Into): boolean {
  const nth = c.ordinal();
  if (nth === null) return false;
  if (c.takeAny('ch', 'chain')) {
    c.takePhrase('from hook', 'from the hook', 'from your hook');
    item.fromHook = nth;
    one();
    item.times = 1;
    item.timesSpan = undefined;
    alongTheRest(c, item);
    return true;
  }
  const several = nth === 1 ? c.number() : null;
  if (several && takeNoun(c)) {
    one();
    intoSome(item, several);
    return true;
  }
  // `inc in the third st`: the first two are worked over or stand before it.
  if (!takeNoun(c)) return false;
  one();
  // `2 sc in first sc`: both in that one
  if (counted) Object.assign(item, { times: 1, timesSpan: undefined });
  return true;
}

/** `... and in each ch`, `... and in next 3 ch`, behind the chain stitch that takes the first one. */
function alongTheRest(c: Cursor, item: StitchItem): void {
  const before = c.at;
  c.takeAny(',');
  // `sc in 2nd ch and across`
  if (c.takeAny('and', '&', '+') && c.takeAny('across')) {
    item.times = 'around';
    return;
  }
  c.takeAny('in', 'into');
  c.takeAny('the');
  if (c.takeAny('each', 'every', 'all')) {
    c.takeAny('remaining', 'rem', 'next', 'other', 'of');
    c.takeAny('the');
    if (takeNoun(c)) {
      c.takeWords('to', 'end');
      c.takeAny('across', 'along', 'around');
      item.times = 'around';
      return;
    }
  } else if (item.makes === 1 && c.takeAny('next')) {
    const n = c.number();
    if (n) {
      item.times = 1 + n.value;
      takeNoun(c);
      return;
    }
    if (takeNoun(c)) {
      item.times = 2;
      return;
    }
  }
  c.at = before;
}

function intoTheRest({ c, item }: Into): boolean {
  const rest = c.takePhrase(
    'rest of the sts',
    'rest of the stitches',
    'rest of the round',
    'rest',
    'remaining sts',
    'remaining stitches',
    'rem sts',
    'remaining st',
  );
  if (rest) item.times = 'around';
  return rest;
}

/** `next 4`, `same st`, `last st`, `4 sts` */
function intoNext({ c, item, counted, one }: Into): boolean {
  const same = c.is('same');
  const named = c.takeAny('next', 'same', 'one', 'last', 'following', 'remaining', 'rem');
  const n = c.number();
  if (named) {
    c.takeAny('remaining', 'rem');
    takeNoun(c);
    if (c.is('as')) takeAsWhat(c);
    else if (same && !n) item.same = true;
  } else if (!n || !(takeNoun(c) || endsHere(c))) return false;
  one();
  intoSome(item, n);
  if (n === null && counted) item.timesSpan = undefined;
  return true;
}

/** `sc in 2, inc`: a number alone is of stitches. */
const endsHere = (c: Cursor): boolean =>
  !c.peek() || [',', ';', '.', ')', ']', '*', '=', '(', '[', 'and', 'then'].includes(c.peek()!.text);

function intoBumps({ c, item, counted }: Into): boolean {
  if (!c.takePhrase('back bump', 'back bumps', 'back bar')) return false;
  c.takeAny('of');
  c.takeAny('each', 'the');
  c.takeAny('ch', 'chain');
  if (!counted) item.times = 'around';
  return true;
}

function intoCorner({ c, item, one }: Into): boolean {
  if (!c.takeAny('corner', 'corners')) return false;
  item.edge = 'corner';
  one();
  item.times = 1;
  return true;
}
