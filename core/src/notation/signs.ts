import type { Cursor } from './cursor';
import { ofTheHook } from './remarks';
import type { ClampItem, GroupItem, SignItem } from './syntax';
import { colourSign } from './colourSigns';
import { takeChain } from './starts';
import { craftWord, takeStitch } from './stitches';
import { takeNoun } from './nouns';

/** A round is called by so many words at most. */
const MOST_NAMED = 6;
const ORDER_WORDS = new Set(['leg', 'arm', 'ear', 'side']);

/** Joining, turning, a turning chain, a colour, whose edge is worked; null when none stands here. `first` says that nothing stands before it in the round. */
export function takeSign(c: Cursor, first: boolean): SignItem | null {
  const start = c.at;
  const sign = joinOrTurn(c, first) ?? whereSign(c) ?? colourSign(c) ?? (first ? named(c) : null);
  if (!sign) {
    c.at = start;
    return null;
  }
  return { type: 'sign', ...sign, span: c.since(start) };
}

export type Sign = Omit<SignItem, 'type' | 'span'>;

function joinOrTurn(c: Cursor, first: boolean): Sign | null {
  const start = c.at;
  c.takeAny('1');
  if (c.takePhrase('sl st', 'slip stitch', 'slst', 'ss', 'join')) {
    const word = c.tokens[c.at - 1].text === 'join';
    if (word) c.takeAny('round', 'rnd', 'it');
    if (word)
      c.takePhrase(
        'with sl st',
        'with ss',
        'with slst',
        'with a sl st',
        'with an ss',
        'with slip stitch',
        'with a slip stitch',
      );
    const to =
      c.takeWords('to', 'join') ||
      ((c.takeAny('to', 'in', 'into') || c.takeAny('into')) &&
        (c.takeAny('the') || true) &&
        (c.takeAny('first', '1') || c.takeWords('top')));
    const next = c.peek()?.text;
    if (
      to ||
      (word && (next === undefined || next === ',' || next === ';' || next === '(' || next === ')'))
    ) {
      c.takeAny('sc', 'dc', 'st', 'stitch', 'hdc', 'htr', 'tr', 'ch');
      c.takeAny('st', 'stitch', 'of');
      if (c.tokens[c.at - 1].text === 'of') takeTop(c);
      c.takePhrase('to join', 'of the round', 'of rnd', 'of round');
      return { sign: 'join' };
    }
  }
  c.at = start;
  if (c.takePhrase('do not turn', "don't turn", 'not turned', 'without turning', 'no turning'))
    return { sign: 'note' };
  c.takeAny('and', 'then');
  if (c.takePhrase('turn', 'turn the work', 'turn your work')) return { sign: 'turn' };
  return turningChain(c, first);
}

/** `top of ch 2`, `top of the turning chain`: what the round is joined to. */
function takeTop(c: Cursor): void {
  c.takeAny('the', 'first');
  c.takeAny('beginning', 'beg', 'starting', 'turning', 'first');
  if (!takeChain(c)) c.takeAny('ch', 'chain', 'st', 'stitch');
}

/** `ch 1` at the start of a round, `ch 2` before tall stitches or a turn. */
function turningChain(c: Cursor, first: boolean): Sign | null {
  const start = c.at;
  const n = takeChain(c);
  if (!n) return null;
  const counts = takeCounts(c);
  const separated = c.is(',') || c.is(';') || c.is(':') || !c.peek();
  let k = 0;
  while ([',', ';', 'and', '*', '(', '['].includes(c.peek(k)?.text ?? '')) k++;
  const turns = c.is('turn', k);
  const stitch = c.peek(k)?.type === 'number' ? c.peek(k + 1) : c.peek(k);
  const word = stitch ? craftWord(stitch.text, c.terms) : null;
  const tall = word !== null && n !== null && { hdc: 2, dc: 3, tr: 4 }[word.kind as 'hdc'] === n.value;
  if (
    n &&
    n.value <= 5 &&
    (turns || counts || (first && ((n.value === 1 && (separated || word !== null)) || tall)))
  )
    return { sign: 'turning-chain', chain: n.value, counts };
  c.at = start;
  return null;
}

function takeCounts(c: Cursor): boolean {
  const start = c.at;
  const open = c.takeAny('(', '[');
  c.takeAny('does');
  const not = c.takeAny('not', "doesn't");
  if (c.takeAny('counts', 'count', 'counting', 'counted')) {
    while (c.peek() && !c.is(',') && !c.is(')') && !c.is(']') && !c.is(';') && !c.is(':')) c.at++;
    if (open) c.takeAny(')', ']');
    return !not;
  }
  c.at = start;
  return false;
}

/** What is said behind `fold`: `it flat`, `the edge in half and`. */
function foldSign(c: Cursor): Sign {
  c.takeAny('it', 'the');
  c.takeAny('flat', 'together', 'shut');
  if (
    !c.takeWords('in', 'half') &&
    c.peek()?.type === 'word' &&
    !ofTheHook(c.peek()!, c.terms) &&
    !c.is('and')
  )
    c.at++;
  c.takeAny('flat');
  c.takeAny('and');
  return { sign: 'fold' };
}

/** `other side:`, `back along ch:`, `leg 1:`, `fold`, `surface sl st ...`, `sc around edge`. */
function whereSign(c: Cursor): Sign | null {
  const start = c.at;
  if (
    c.takePhrase(
      'rotate',
      'rotate the work',
      'turn the piece',
      'turn the piece around',
      'turn the work around',
    )
  )
    return { sign: 'other-side' };
  if (c.takePhrase('fold', 'flatten', 'pinch flat', 'press flat')) return foldSign(c);
  if (c.takeAny('surface')) {
    while (c.peek() && !c.is(',') && !c.is(')') && !c.is(';')) c.at++;
    return { sign: 'surface' };
  }
  c.takeAny('work', 'working', 'continue', 'on', 'along', 'down', 'up', 'back');
  c.takeAny('on', 'along', 'down', 'up', 'back');
  c.takeAny('the');
  if ((c.takeAny('other', 'opposite', 'second') && c.takeAny('side')) || c.takeWords('underside')) {
    c.takeWords('of', 'the', 'chain') ||
      c.takeWords('of', 'chain') ||
      c.takeWords('of', 'ch') ||
      c.takeWords('of', 'the', 'ch');
    c.takeAny(':');
    return { sign: 'other-side' };
  }
  c.at = start;
  if (
    (c.takeWords('back', 'along') || c.takeAny('along')) &&
    (c.takeAny('the') || true) &&
    c.takeAny('ch', 'chain') &&
    (c.takeAny(':') || true)
  )
    return { sign: 'along-chain' };
  c.at = start;
  const edging = edgingSign(c);
  if (edging) return edging;
  return onto(c);
}

function edgingSign(c: Cursor): Sign | null {
  const start = c.at;
  if (c.takeAny('edging', 'edge', 'border') && c.takeAny(':', '-')) {
    c.edging = true;
    takeAllAround(c);
    return { sign: 'edging', kind: 'sc' };
  }
  c.at = start;
  const word = c.peek() && craftWord(c.peek()!.text, c.terms);
  if (word) c.at++;
  c.takeAny('evenly');
  if (c.takeAny('around', 'round')) {
    c.takeAny('the');
    if (c.takeAny('edge', 'edges', 'outside', 'piece', 'border')) {
      c.takeAny(':');
      c.edging = true;
      return { sign: 'edging', kind: word?.kind ?? 'sc' };
    }
  }
  c.at = start;
  return null;
}

/** `do not turn, sc evenly around the piece:`: what is said of an edging before its sides are counted. */
function takeAllAround(c: Cursor): void {
  const start = c.at;
  while (c.peek() && !c.is(':') && !(c.is(',') && c.peek(1)?.type === 'number')) {
    if (c.peek()!.type === 'number') break;
    c.at++;
  }
  if (!c.takeAny(':', ',')) c.at = start;
}

const unknownWord = (c: Cursor, ahead: number): boolean =>
  c.peek(ahead)?.type === 'word' && !craftWord(c.peek(ahead)!.text, c.terms);

/** `leg 1:` */
function onto(c: Cursor): Sign | null {
  if (!unknownWord(c, 0)) return null;
  let k = 1;
  while (k < 3 && unknownWord(c, k)) k++;
  const nth = c.peek(k)?.type === 'number' && c.is(':', k + 1) ? Number(c.peek(k)!.text) : null;
  if (nth === null && !(c.is(':', k) && ORDER_WORDS.has(c.peek(k - 1)!.text))) return null;
  const name = c.tokens
    .slice(c.at, c.at + k)
    .map((t) => t.text)
    .join(' ');
  c.at += k + (nth === null ? 1 : 2);
  return { sign: 'onto', name, nth: nth ?? undefined };
}

/** `Piping:`, `Half of it is covered:`: what a round is called stands before it. */
function named(c: Cursor): Sign | null {
  let k = 0;
  while (k < MOST_NAMED && c.peek(k)?.type === 'word' && !ofTheHook(c.peek(k)!, c.terms)) k++;
  if (k === 0 || !c.is(':', k)) return null;
  c.at += k + 1;
  return { sign: 'note' };
}

/** `wing over 4`: any words up to `over` and a number. */
export function takeClamp(c: Cursor): ClampItem | null {
  const start = c.at;
  let k = 0;
  while (
    k < 4 &&
    (unknownWord(c, k) || (k > 0 && c.peek(k)?.type === 'number' && c.is('over', k + 1))) &&
    !c.is('over', k)
  )
    k++;
  if (k === 0 || !c.is('over', k) || c.peek(k + 1)?.type !== 'number') return null;
  const name = c.tokens
    .slice(start, start + k)
    .map((t) => t.text)
    .join(' ')
    .replace(/^(the|place|catch) /, '');
  c.at += k + 1;
  const over = c.number()!.value;
  c.takeAny('st', 'sts', 'stitches');
  return { type: 'clamp', name, over, span: c.since(start) };
}

/** `3 sc through each tentacle`, `sc 3 over each of the legs`: every copy is caught over so many stitches, all the way round. */
export function takeClampEach(c: Cursor): GroupItem | null {
  const start = c.at;
  const before = c.number();
  const stitch = takeStitch(c);
  const n = before ?? (stitch ? c.number() : null);
  if (n && stitch?.kind === 'sc' && stitch.eats === 1 && stitch.makes === 1) {
    if (c.takeAny('through', 'over') && c.takeAny('each')) {
      if (c.takeAny('of')) c.takeAny('the');
      c.number();
      if (unknownWord(c, 0) && !takeNoun(c)) {
        const { text: name } = c.peek()!;
        c.at++;
        const clamp: ClampItem = { type: 'clamp', name, over: n.value, span: c.since(start) };
        return { type: 'group', items: [clamp], times: 'around', span: c.since(start) };
      }
    }
  }
  c.at = start;
  return null;
}
