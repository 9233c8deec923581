import type { Cursor } from './cursor';
import { craftWord, takeStitch } from './stitches';
import { takeNoun } from './nouns';
import { takeBoth, takeRest } from './rest';
import { intoWhat, takeWhere } from './where';
import type { StitchItem } from './syntax';

/** `3 sc`, `sc in next 3`, `sc around`, `skip 2`, `2 sc in each st`, `8 up the side`; null when no stitch stands here. */
export function takeStitches(c: Cursor): StitchItem | null {
  const start = c.at;
  const lead = c.number();
  // `6x inc`, also by the page's own word for it
  if (lead && !c.symbols && c.is('x') && craftWord(c.peek(1)?.text ?? '', c.terms)) c.at++;
  if (c.takeAny('even', 'evenly'))
    return { type: 'stitch', kind: 'sc', eats: 1, makes: 1, times: 'around', span: c.since(start) };
  if (c.takeAny('skip', 'sk', 'miss')) return skipped(c, start, lead);
  const left = c.is('leave') || c.is('leaving') ? leftFree(c, start) : null;
  if (left) return left;

  if (lead && (c.is('-') || c.is('dc') || c.is('tr')) && takeBobble(c)) return bobbled(c, start);
  const worked = takeStitch(c);
  // `2 sc together`
  const many = lead && worked?.eats === 1 && worked.makes === 1 && lead.value >= 2 && lead.value <= 9;
  const word = many && c.takeAny('together', 'tog') ? { ...worked, eats: lead.value } : worked;
  if (!word) {
    const edge = lead ? takeEdge(c) : null;
    if (lead && edge) return alongEdge(c, start, lead, edge);
    if (lead && intoOne(c)) return sameAgain(c, start, lead);
    if (lead && (alone(c, start) || isBare(c))) return plainCount(c, start, lead);
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
  if (item.kind === 'bob') takeBobbleKind(c);
  takeBehind(c, item, lead !== null && word === worked);
  takeOften(c, item);
  item.span = c.since(start);
  return item;
}

/** `12 up the side`, `3 in the corner`: so many along an edge. */
const alongEdge = (
  c: Cursor,
  start: number,
  lead: NonNullable<ReturnType<Cursor['number']>>,
  edge: StitchItem['edge'],
): StitchItem => ({
  type: 'stitch',
  kind: 'sc',
  eats: 1,
  makes: edge === 'corner' ? lead.value : 1,
  times: edge === 'corner' ? 1 : lead.value,
  edge,
  timesSpan: edge === 'corner' ? undefined : lead.span,
  span: c.since(start),
});

/** `sc2tog twice`, `inc in next st thrice` */
function takeOften(c: Cursor, item: StitchItem): void {
  if (typeof item.times !== 'number') return;
  if (c.takeAny('twice')) item.times *= 2;
  if (c.takeAny('thrice')) item.times *= 3;
}

/** `5-dc bobble in the next st`, its number taken already. */
function bobbled(c: Cursor, start: number): StitchItem {
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

/** `skip 2`, `miss next st`: stitches that stay free. */
function skipped(c: Cursor, start: number, lead: ReturnType<Cursor['number']>): StitchItem {
  c.takeAny('the');
  c.takeAny('next', 'first');
  const n = c.number();
  takeNoun(c) || c.takeAny('next');
  return staysFree(c, start, n ?? lead);
}

/** So many stitches, one where no number is said, that are not worked into. */
const staysFree = (c: Cursor, start: number, n: ReturnType<Cursor['number']>): StitchItem => ({
  type: 'stitch',
  kind: 'sc',
  eats: 1,
  makes: 0,
  skipped: true,
  times: n?.value ?? 1,
  timesSpan: n?.span,
  span: c.since(start),
});

/** `leave last 2 st`, `leaving the remaining 3 sts unworked`: stitches that stay free; null where something else is left. */
function leftFree(c: Cursor, start: number): StitchItem | null {
  c.takeAny('leave', 'leaving');
  c.takeAny('the');
  const which = c.takeAny('last', 'remaining', 'rem', 'final', 'other');
  const n = c.number();
  const named = n !== null && takeNoun(c);
  const unworked = c.takeAny('unworked', 'free', 'alone');
  if (!named || !(which || unworked)) {
    c.at = start;
    return null;
  }
  return staysFree(c, start, n);
}

/** `2 in next`, `3 in the same st`, `2 in each`: a number without its stitch goes into one. */
function intoOne(c: Cursor): boolean {
  if (!c.is('in') && !c.is('into')) return false;
  const where = c.is('the', 1) ? c.peek(2) : c.peek(1);
  return where !== undefined && ['next', 'same', 'each', 'every'].includes(where.text);
}

/** `1 sc, 2 in next`: two of the stitch that was said last, single crochets where none was. */
function sameAgain(c: Cursor, start: number, lead: NonNullable<ReturnType<Cursor['number']>>): StitchItem {
  const before = c.tokens
    .slice(Math.max(0, start - 12), start)
    .findLast((t) => t.type === 'word' && craftWord(t.text, c.terms) !== null);
  const kind = before ? craftWord(before.text, c.terms)!.kind : 'sc';
  const item: StitchItem = {
    type: 'stitch',
    kind: kind === 'slst' || kind === 'ch' ? 'sc' : kind,
    eats: 1,
    makes: 1,
    times: lead.value,
    timesSpan: lead.span,
    span: c.since(start),
  };
  takeBehind(c, item, true);
  return { ...item, span: c.since(start) };
}

const OF_LOOPS = new Set([
  'blo',
  'flo',
  'in',
  'the',
  'back',
  'front',
  'loop',
  'loops',
  'only',
  ',',
  ':',
  'then',
  'of',
]);

/** `back loops only, 32`: a number is all that a round says. */
const alone = (c: Cursor, start: number): boolean =>
  !c.peek() && c.tokens.slice(0, start).every((t) => OF_LOOPS.has(t.text));

/** `2, inc`, `6 in mr` on a page that writes no stitch for them. */
const isBare = (c: Cursor): boolean =>
  c.bare && (!c.peek() || [',', ')', ']', '*', '='].includes(c.peek()!.text) || c.is('in') || c.is('around'));

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
  if (c.takeAny('bob', 'bobble', 'popcorn', 'puff', 'cluster', 'cl')) return true;
  c.at = start;
  return false;
}

/** `bobble (5 dc)`: what one bobble is made of. */
function takeBobbleKind(c: Cursor): void {
  const start = c.at;
  if (c.takeAny('(') && c.number() && c.takeAny('dc', 'tr', 'hdc', 'htr') && c.takeAny(')')) return;
  c.at = start;
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

/** `sc 6`, `sc 6 times`, `sc2 into next st`, which is two in one. */
function numberBehind(c: Cursor, item: StitchItem, counted: boolean, start: number): void {
  const n = c.number();
  const times = n !== null && c.takeAny('times', 'time', 'x');
  if (!n || (counted && !times) || (c.is('ch') && !times)) {
    c.at = start;
    return;
  }
  item.times = (typeof item.times === 'number' ? item.times : 1) * n.value;
  item.timesSpan = n.span;
  const into = c.at;
  const where = c.takeAny('in', 'into') && (c.takeAny('the') || true) ? c.peek()?.text : undefined;
  const one = where !== undefined && ['next', 'each', 'every', 'same'].includes(where);
  if (one && !times && intoWhat(c, item, true)) return;
  c.at = into;
  takeBoth(c);
}

/** Whether a star before this place waits for the one that closes it. */
const starOpen = (c: Cursor): boolean => {
  // No hand writes a round as long as this.
  if (c.at > 2000) return true;
  const before = c.tokens.slice(0, c.at).filter((t) => t.text === '*').length;
  return before % 2 === 1;
};

/** What may follow a stitch word: `x3`, `3`, `in next 3`, `in each st (around)`, `in 2nd ch from hook and each ch`, `around`. */
export function takeBehind(c: Cursor, item: StitchItem, counted: boolean): void {
  if (counted && takeWhere(c)) return;
  c.takeAny('sts', 'stitches', 'st');
  const start = c.at;
  if (takeRest(c, item)) {
    // `12 sc around` are twelve, whatever is there; `1 sc around` is one in each.
    if (!counted || item.times === 1) item.times = 'around';
    // `sc through both sides x 3`
    const often = c.is('x') && c.peek(1)?.type === 'number' && c.at++ >= 0 ? c.number() : null;
    if (often) Object.assign(item, { times: often.value, timesSpan: often.span });
    return;
  }
  // `5 sc from second ch`: along the chain from there
  if (counted && c.takeAny('from')) {
    c.takeAny('the');
    const nth = c.ordinal();
    if (nth !== null && c.takeAny('ch', 'chain')) {
      c.takePhrase('from hook', 'from the hook');
      item.fromHook = nth;
      return;
    }
    c.at = start;
  }
  if (c.takeAny('in', 'into', 'over') || c.is('next') || c.is('each') || c.is('every')) {
    c.takeAny('the');
    c.takePhrase('back bump of', 'back bumps of', 'back bar of', 'top of', 'middle of');
    c.takeAny('the');
    if (intoWhat(c, item, counted)) return;
    c.at = start;
  }
  // `inc*6`: a star right between them is a times sign.
  const star = c.is('*') && c.peek(1)?.type === 'number' && c.peek()!.to === c.peek(1)!.from && !starOpen(c);
  if ((c.is('x') || star) && c.peek(1)?.type === 'number') c.at++;
  else return numberBehind(c, item, counted, start);
  const n = c.number()!;
  item.times = (typeof item.times === 'number' ? item.times : 1) * n.value;
  item.timesSpan = n.span;
}
