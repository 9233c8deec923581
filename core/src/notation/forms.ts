import type { Cursor } from './cursor';
import { craftWord, takeStitch } from './stitches';
import type { StitchItem } from './syntax';

/** `3 sc`, `sc in next 3`, `sc around`, `skip 2`, `2 sc in each st`, `8 up the side`; null when no stitch stands here. */
export function takeStitches(c: Cursor): StitchItem | null {
  const start = c.at;
  const lead = c.number();
  if (c.takeAny('even', 'evenly'))
    return { type: 'stitch', kind: 'sc', eats: 1, makes: 1, times: 'around', span: c.since(start) };
  if (c.takeAny('skip', 'sk', 'miss')) {
    c.takeAny('the');
    c.takeAny('next', 'first');
    const n = c.number();
    takeNoun(c) || c.takeAny('next');
    return {
      type: 'stitch',
      kind: 'sc',
      eats: 1,
      makes: 0,
      skipped: true,
      times: n?.value ?? lead?.value ?? 1,
      timesSpan: n?.span ?? lead?.span,
      span: c.since(start),
    };
  }
  if (lead && (c.is('-') || c.is('dc') || c.is('tr')) && takeBobble(c)) {
    const bobble: StitchItem = {
      type: 'stitch',
      kind: 'bob',
      eats: 1,
      makes: 1,
      times: 1,
      span: c.since(start),
    };
    takeBehind(c, bobble, false);
    return { ...bobble, span: c.since(start) };
  }
  const worked = takeStitch(c);
  // `2 sc together`
  const many = lead && worked?.eats === 1 && worked.makes === 1 && lead.value >= 2 && lead.value <= 9;
  const word = many && c.takeAny('together', 'tog') ? { ...worked, eats: lead.value } : worked;
  if (!word) {
    const edge = lead ? takeEdge(c) : null;
    if (
      !edge &&
      lead &&
      c.bare &&
      (!c.peek() || [',', ')', ']', '*', '='].includes(c.peek()!.text) || c.is('in') || c.is('around'))
    )
      return plainCount(c, start, lead);
    if (edge)
      return {
        type: 'stitch',
        kind: 'sc',
        eats: 1,
        makes: edge === 'corner' ? lead!.value : 1,
        times: edge === 'corner' ? 1 : lead!.value,
        edge,
        timesSpan: edge === 'corner' ? undefined : lead!.span,
        span: c.since(start),
      };
    c.at = start;
    return null;
  }
  const item: StitchItem = {
    type: 'stitch',
    ...word,
    times: word === worked ? (lead?.value ?? 1) : 1,
    timesSpan: word === worked ? lead?.span : undefined,
    span: c.since(start),
  };
  takeBehind(c, item, lead !== null && word === worked);
  item.span = c.since(start);
  return item;
}

/** `24`, `6 in mr`: so many single crochets where a page writes no stitch for them. */
function plainCount(c: Cursor, start: number, lead: { value: number; span: StitchItem['span'] }): StitchItem {
  c.takeAny('around');
  return {
    type: 'stitch',
    kind: 'sc',
    eats: 1,
    makes: 1,
    times: lead.value,
    timesSpan: lead.span,
    span: c.since(start),
  };
}

/** `5-dc bobble`: the number and kind inside one bobble are part of its name. */
function takeBobble(c: Cursor): boolean {
  const start = c.at;
  c.takeAny('-');
  c.takeAny('dc', 'tr', 'hdc', 'htr');
  c.takeAny('-');
  if (c.takeAny('bob', 'bobble', 'popcorn')) return true;
  c.at = start;
  return false;
}

/** `up the side`, `in (each) corner`, `across the top`; on an edging also `down the slope`, `in the tip`. */
function takeEdge(c: Cursor): StitchItem['edge'] | null {
  const start = c.at;
  if (c.edging && c.takeAny('up', 'down', 'along', 'across', 'in', 'on', 'over')) {
    const into = c.tokens[c.at - 1].text === 'in';
    let words = 0;
    for (; c.peek()?.type === 'word'; c.at++) words++;
    if (words > 0) return into ? 'corner' : 'side';
  }
  c.at = start;
  if (c.takeAny('up', 'down', 'along') && (c.takeAny('the', 'each', 'one', 'other', 'second') || true)) {
    c.takeAny('other', 'second');
    if (c.takeAny('side', 'edge')) return 'side';
  }
  c.at = start;
  if (c.takeAny('in') && (c.takeAny('the', 'each', 'next') || true)) {
    c.takeAny('next');
    if (c.takeAny('corner', 'corners')) return 'corner';
  }
  c.at = start;
  if (
    c.takeAny('across', 'along') &&
    (c.takeAny('the') || true) &&
    c.takeAny('top', 'bottom', 'chain', 'foundation', 'edge')
  ) {
    c.takeAny('chain', 'edge');
    return 'across';
  }
  c.at = start;
  return null;
}

/** What may follow a stitch word: `x3`, `3`, `in next 3`, `in each st (around)`, `in 2nd ch from hook and each ch`, `around`. */
export function takeBehind(c: Cursor, item: StitchItem, counted: boolean): void {
  if (counted && takeWhere(c)) return;
  c.takeAny('sts', 'stitches', 'st');
  const start = c.at;
  if (takeRest(c)) {
    item.times = 'around';
    return;
  }
  if (c.takeAny('in', 'into', 'over') || c.is('next') || c.is('each')) {
    c.takeAny('the');
    c.takePhrase('back bump of', 'back bumps of', 'back bar of', 'top of', 'middle of');
    c.takeAny('the');
    if (intoWhat(c, item, counted)) return;
    c.at = start;
  }
  // `inc*6`: a star right between them is a times sign.
  const star = c.is('*') && c.peek(1)?.type === 'number' && c.peek()!.to === c.peek(1)!.from;
  if ((c.is('x') || star) && c.peek(1)?.type === 'number') c.at++;
  else {
    const n = c.number();
    const times = n !== null && c.takeAny('times', 'time', 'x');
    if (!n || (counted && !times) || (c.is('ch') && !times)) c.at = start;
    else {
      item.times = (typeof item.times === 'number' ? item.times : 1) * n.value;
      item.timesSpan = n.span;
    }
    return;
  }
  const n = c.number()!;
  item.times = (typeof item.times === 'number' ? item.times : 1) * n.value;
  item.timesSpan = n.span;
}

/** Where some counted stitches go that says nothing of their number: `12 sc around the first leg`, `3 sc along the chain`. */
function takeWhere(c: Cursor): boolean {
  const start = c.at;
  if (!c.takeAny('around', 'along', 'through', 'over', 'onto', 'across')) return false;
  const the = c.takeAny('the', 'its', 'each', 'both');
  let words = 0;
  for (; c.peek()?.type === 'word'; c.at++) words++;
  const edge = c.tokens
    .slice(start, c.at)
    .some((t) => ['edge', 'piece', 'outside', 'layers', 'sides'].includes(t.text));
  if (the && words > 0 && !edge && !c.is(':')) return true;
  c.at = start;
  return false;
}

/** As often as there are stitches left: `around`, `across`, `to end`, `to the last 2 sts`, `through both`. */
function takeRest(c: Cursor): boolean {
  if (c.takePhrase('all around', 'evenly around', 'to end', 'to the end', 'until the end')) return true;
  const start = c.at;
  if (c.takeAny('to', 'until', 'till')) {
    c.takeWords('within');
    c.takeAny('the');
    // What is left for the end is written behind it.
    if (c.takeAny('last')) {
      c.number();
      if (takeNoun(c)) return true;
    }
  }
  c.at = start;
  const across = c.takeAny('across');
  if (c.takePhrase('through both', 'through the two', 'through all')) {
    c.takeAny('layers', 'sides', 'edges', 'thicknesses');
    c.takeAny('across', 'together');
    return true;
  }
  if (across) return true;
  if (
    c.is('around') &&
    (c.is('edge', 1) || (c.is('the', 1) && (c.is('edge', 2) || c.is('piece', 2) || c.is('outside', 2))))
  )
    return false;
  return c.takeAny('around', 'round', 'across', 'even', 'evenly');
}

const NOUNS = [
  'loop',
  'loops',
  'lp',
  'lps',
  'st',
  'sts',
  'stitch',
  'stitches',
  'ch',
  'chs',
  'chain',
  'chains',
  'space',
  'spaces',
  'one',
  'ones',
];

/** `each ch starting from the second`: said again of a chain that says so itself. */
function takeFrom(c: Cursor): void {
  const start = c.at;
  if (!c.takeAny('starting', 'beginning') || !c.takeAny('from', 'with', 'in', 'at')) {
    c.at = start;
    return;
  }
  c.takeAny('the');
  if (c.ordinal() === null) c.at = start;
  else {
    c.takeAny('ch', 'chain', 'one');
    c.takePhrase('from hook', 'from the hook');
  }
}

/** What a hook goes into: `next 4 sc`, `each st`, `the 16 surface stitches`, `each rem ch`. */
function takeNoun(c: Cursor): boolean {
  const start = c.at;
  c.takeAny('surface', 'remaining', 'rem', 'unused', 'free', 'of');
  if (c.takeAny('front', 'back') && !c.takeAny('loop', 'loops', 'lp', 'lps')) c.at = start;
  if (c.takeAny(...NOUNS)) {
    takeFrom(c);
    return true;
  }
  const word = c.peek();
  if (word?.type === 'word' && craftWord(word.text, c.terms)) {
    c.at++;
    return true;
  }
  if (c.at > start && ['loop', 'loops', 'lp', 'lps'].includes(c.tokens[c.at - 1].text)) return true;
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
function intoWhat(c: Cursor, item: StitchItem, counted: boolean): boolean {
  const many = typeof item.times === 'number' ? item.times : 1;
  const intoOne = () => {
    if (counted && many > 1) item.makes *= many;
  };
  if (c.takeAny('each', 'every', 'all')) {
    c.takeAny('of');
    c.takeAny('the');
    c.takeAny('next', 'remaining', 'rem', 'following', 'last');
    const n = c.number();
    takeNoun(c);
    c.takeWords('from', 'hook');
    c.takeWords('to', 'end') || c.takeWords('of', 'the', 'round');
    c.takeAny('around', 'across', 'round');
    intoOne();
    item.times = n ? n.value : 'around';
    item.timesSpan = n?.span;
    return true;
  }
  const start = c.at;
  const nth = c.ordinal();
  if (nth !== null && c.takeAny('ch', 'chain')) {
    c.takePhrase('from hook', 'from the hook', 'from your hook');
    item.fromHook = nth;
    intoOne();
    item.times = 1;
    item.timesSpan = undefined;
    const before = c.at;
    c.takeAny(',');
    c.takeAny('and', '&');
    c.takeAny('in', 'into');
    c.takeAny('the');
    if (
      c.takeAny('each', 'every', 'all') &&
      (c.takeAny('remaining', 'rem', 'next', 'other', 'of') || true) &&
      (c.takeAny('the') || true) &&
      takeNoun(c)
    ) {
      c.takeWords('to', 'end');
      c.takeAny('across', 'along', 'around');
      item.times = 'around';
    } else if (item.makes === 1 && c.takeAny('next')) {
      // `hdc in 2nd ch from hook and in next 3 ch`
      const n = c.number();
      if (n) {
        item.times = 1 + n.value;
        takeNoun(c);
      } else c.at = before;
    } else c.at = before;
    return true;
  }
  // `sc in the first 2 sts`
  const several = nth === 1 ? c.number() : null;
  if (several && takeNoun(c)) {
    intoOne();
    intoSome(item, several);
    return true;
  }
  // `inc in the third st`: the first two are worked over or stand before it.
  if (nth !== null && takeNoun(c)) {
    intoOne();
    return true;
  }
  c.at = start;
  if (
    c.takePhrase(
      'rest of the sts',
      'rest of the stitches',
      'rest of the round',
      'rest',
      'remaining sts',
      'remaining stitches',
      'rem sts',
      'remaining st',
    )
  ) {
    item.times = 'around';
    return true;
  }
  if (c.takeAny('next', 'same', 'one', 'last', 'following', 'remaining', 'rem')) {
    const n = c.number();
    c.takeAny('remaining', 'rem');
    takeNoun(c);
    if (c.is('as')) takeAsWhat(c);
    intoOne();
    intoSome(item, n);
    if (n === null && counted) item.timesSpan = undefined;
    return true;
  }
  const some = c.number();
  if (some && takeNoun(c)) {
    intoOne();
    intoSome(item, some);
    return true;
  }
  c.at = start;
  if (c.takeWords('back', 'bump') || c.takeWords('back', 'bumps') || c.takeWords('back', 'bar')) {
    c.takeAny('of');
    c.takeAny('each', 'the');
    c.takeAny('ch', 'chain');
    if (!counted) item.times = 'around';
    return true;
  }
  if (c.takeAny('corner', 'corners')) {
    item.edge = 'corner';
    intoOne();
    item.times = 1;
    return true;
  }
  return false;
}
