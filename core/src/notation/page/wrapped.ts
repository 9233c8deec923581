import { plainSigns } from '../lexer';
import { parseLine, type LineContext } from '../lines';
import { CRAFT } from '../roundLines';
import type { RoundNode, Span } from '../syntax';
import { beginsInColour, breaksOf } from './breaks';

/** Decision 26: an open bracket, a trailing comma, or a labelled line without end count goes on in an unlabelled line. */
export function continuesOn(
  text: string,
  lines: readonly Span[],
  last: number,
  node: RoundNode,
  context: LineContext,
): boolean {
  const open = node.unclosed !== null || goesOn(text, lines[last]);
  if (!open && !(node.label !== null && node.stated === null && node.items.length > 0)) return false;
  const next = lines[last + 1];
  const after = parseLine(text.slice(next.from, next.to), {
    ...context,
    fresh: false,
    begins: false,
  });
  // `*sc in next st, inc;` and `rep from * 5 times more` below it, `..., ` and `ss to first st.`
  if (open && after.type === 'repeat' && after.stars) return node.unclosed !== null;
  if (open && after.type === 'note') {
    const said = plainSigns(text.slice(next.from, next.to));
    return after.facts.length === 0 && (CRAFT.test(said) || /^\s*turn\b/.test(said));
  }
  if (after.type !== 'round' || after.label || after.layer) return false;
  // `change to white for one round, then black for one`
  const plain = plainSigns(text.slice(next.from, next.to));
  if (beginsInColour(plain) || (!open && OF_A_ROUND.test(plain)) || (!open && breaksOf(plain).length > 0))
    return false;
  const worked = after.items.some((i) => i.type !== 'sign' && i.type !== 'unknown');
  if (after.many && worked) return false;
  // A fold or an "until" is a step of its own.
  if (open) return true;
  return !after.items.some(
    (i) =>
      (i.type === 'sign' && (i.sign === 'fold' || i.sign === 'edging')) ||
      (i.type === 'group' && i.until !== undefined),
  );
}

/** `Then a round in which you ...`: a round of its own. */
const OF_A_ROUND = /^\s*(?:then|now|next)\b[^.]{0,30}\b(?:rounds?|rnds?|rows?)\b/;

/** No line of rounds ends with one of these. */
const GOES_ON = /\s(?:and|in|into|of|the|to|with|each|next|then|or|from|through|both)$/i;

/** The line ends with a comma, a star or a small word: something must follow. */
function goesOn(text: string, line: Span): boolean {
  let end = line.to - 1;
  while (end >= line.from && text.charCodeAt(end) <= 32) end--;
  if (end < line.from) return false;
  return (
    [',', '，', '*'].includes(text[end]) || GOES_ON.test(text.slice(Math.max(line.from, end - 8), end + 1))
  );
}

/** Lines shorter than this are lines of their own, not wrapped by a page. */
const WRAPPED_FROM = 38;

/**
 * Whether words go on in the next line of a page that was wrapped: a broken word, or a long line without an end before one
 * that begins with a small letter or a bracket. Both as they are written: a capital, a label, a bullet or a colon says that
 * something new begins.
 */
export function goesOnInWords(line: string, next: string): boolean {
  const text = line.trimEnd();
  if (/\p{L}-$/u.test(text) && /^\s*\p{Ll}/u.test(next)) return true;
  if (/[.!?:;)\]]$/.test(text) || /^\s*[([][^)\]]*[)\]]\s*$/.test(next)) return false;
  if (/^\s*(?:[-•●*>]|\d+[.):]|r\d|rnds?\b|rounds?\b|rows?\b)/i.test(next)) return false;
  return text.length >= WRAPPED_FROM && /^\s*[\p{Ll}(]/u.test(next) && !/:\s*$/.test(next);
}

/** `8 times. 32` and `dc.` below it, `(2 dc, dec)` and `8 times.`: a count, how often, and what stands with it. Both in lower case. */
export const isBrokenCount = (plain: string, next: string): boolean =>
  (/\d\s*$/.test(plain) && /^\s*(?:times\b|(?:sc|dc|sts?|stitches)\s?[.)\]]?\s*$)/.test(next)) ||
  (/[)\]*]\s*$/.test(plain) && /^\s*\d{1,3}\s+times\b/.test(next));

/** A word is broken at the end of a line. Both in lower case. */
export const isBrokenWord = (plain: string, next: string): boolean =>
  /[a-z]-\s*$/.test(plain) && /^\s*[a-z]/.test(next);
