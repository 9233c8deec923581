import type { Cursor } from './cursor';
import { craftWord } from './stitches';
import { canNameColour, isColour, isColourSlot, isPlainColour } from './colours';
import { type Sign } from './signs';
import type { Item } from './syntax';

const CHANGES = ['change', 'changing', 'switch', 'switching', 'go on', 'continue'].flatMap((word) => [
  `${word} to`,
  `${word} colour to`,
  `${word} color to`,
  `${word} with`,
  `${word} back to`,
]);

/** `with white`, `in B:`, `(A)`, `change to B`, `last pull-through in B`. */
export function colourSign(c: Cursor): Sign | null {
  const start = c.at;
  const bracket = c.takeAny('(', '[');
  if (bracket) {
    c.takeAny('in', 'with');
    const letter =
      c.peek()?.type === 'word' && /^[a-z]$/.test(c.peek()!.text) && !c.symbols ? c.peek()!.text : null;
    if (letter && (c.is(')', 1) || c.is(']', 1))) {
      c.at += 2;
      return { sign: 'colour', colour: letter };
    }
    const colour = colourName(c);
    if (colour && isColour(colour) && c.takeAny(')', ']')) return { sign: 'colour', colour };
    c.at = start;
    return null;
  }
  const then = start === 0 && c.takeAny('then', 'now', 'and');
  const changes = c.takePhrase(...CHANGES);
  if (changes || c.takeAny('with', 'using')) {
    const colour = colourName(c);
    if (colour) {
      takeWhen(c);
      c.takeAny(':');
      return { sign: 'colour', colour };
    }
  }
  c.at = start;
  if (c.takePhrase('join in', 'join', 'attach', 'rejoin', 'add')) {
    const colour = colourName(c);
    if (colour && (isColour(colour) || c.is('with'))) {
      // How the yarn is joined makes no stitch; loops that are named with it are read before.
      if (c.takePhrase('with sl st', 'with a sl st', 'with ss', 'with a slip stitch', 'with slst'))
        while (c.peek() && ![',', ';', ':', '(', '['].includes(c.peek()!.text)) c.at++;
      c.takeAny('and');
      return { sign: 'colour', colour };
    }
  }
  c.at = start;
  if (then) c.at++;
  return namedColour(c, c.at);
}

/** `last pull-through in B`, `in B:`, `white:`: a colour that stands with no word of change. */
function namedColour(c: Cursor, start: number): Sign | null {
  c.takeAny('with');
  c.takeAny('the');
  if (c.takePhrase('last pull - through in', 'last pull through in', 'last loop in', 'last yarn over in')) {
    const colour = colourName(c);
    if (colour) return { sign: 'colour', colour };
  }
  c.at = start;
  if (c.takeAny('in')) {
    const colour = colourName(c);
    if (colour && (c.takeAny(':') || isColour(colour))) return { sign: 'colour', colour };
  }
  c.at = start;
  const bare = colourName(c);
  const leads = bare !== null && isColour(bare) && (bare.length > 1 || c.is(':'));
  // `white, sc in each st`, `black for 2 rounds`
  const behindThen = start === 1 && c.tokens[0].text === 'then' && !c.peek();
  if (leads && behindThen) return { sign: 'colour', colour: bare! };
  const first = leads && start <= 1 && c.is(',') && c.peek(1) !== undefined;
  if ((leads && c.takeAny(':')) || (first && c.takeAny(','))) return { sign: 'colour', colour: bare! };
  // `4 sc in magic ring, orange (4)`
  const behind = start > 0 && c.tokens[start - 1].text === ',';
  if (bare && bare.length > 1 && behind && isColour(bare) && !c.peek())
    return { sign: 'colour', colour: bare };
  c.at = start;
  return null;
}

/** `10 brown, 8 red`, `5k 4w`: so many single crochets in a colour; null where none stand here. */
export function colouredCount(c: Cursor): Item[] | null {
  const token = c.peek();
  const start = c.at;
  const n = c.coloured && token?.type === 'number' ? c.number() : null;
  if (!n) return null;
  const colour = colourName(c);
  const next = c.peek();
  if (
    !colour ||
    !isPlainColour(colour) ||
    (next && next.type !== 'number' && !BEHIND_COLOUR.has(next.text))
  ) {
    c.at = start;
    return null;
  }
  const span = c.since(start);
  return [
    { type: 'sign', sign: 'colour', colour, span },
    { type: 'stitch', kind: 'sc', eats: 1, makes: 1, times: n.value, timesSpan: n.span, span },
  ];
}

const BEHIND_COLOUR = new Set([',', ';', ')', ']', '(', '[', '=', '*', '+', '-']);

/** `moss green`, `yarn b`, `the white yarn`: up to three words; null when none can be a colour. */
function colourName(c: Cursor): string | null {
  c.takeAny('the');
  const said = c.takeAny('yarn', 'colour', 'color');
  const words: string[] = [];
  while (words.length < 3 && c.peek()?.type === 'word') {
    const { text } = c.peek()!;
    const letter = isColourSlot(text) && words.length === 0 && (said || text !== 'a' || endsHere(c));
    if (!letter && (!canNameColour(text) || isColourSlot(text) || craftWord(text, c.terms))) break;
    words.push(text);
    c.at++;
    if (letter) break;
  }
  if (words.length) c.takeAny('yarn');
  return words.length ? words.join(' ') : null;
}

/** The letter A is an article unless nothing goes on behind it. */
const endsHere = (c: Cursor): boolean => c.peek(1)?.type !== 'word' && c.peek(1)?.type !== 'number';

/** `in the last st`, `in last sc of rnd 11`, `for the last pull-through`: when a colour changes. */
function takeWhen(c: Cursor): void {
  const start = c.at;
  if (
    c.takeAny('in', 'on', 'at', 'with', 'for', 'during') &&
    (c.takeAny('the') || true) &&
    c.takeAny('last', 'next', 'final')
  ) {
    while (c.peek() && ![',', ';', ':', '(', ')', '[', ']', '=', '*'].includes(c.peek()!.text)) c.at++;
    return;
  }
  c.at = start;
}
