import { written, type PlainLine } from './lexer';
import { blanked, roundLine } from './roundLines';
import type { LineContext } from './lines';
import type { Label, RoundNode } from './syntax';

/** `18 sc (1 sc, 2 in next)`, `12 (inc all)`, `18 (1, inc)`: the count of the round first, and in a bracket how it comes about; a small number alone before one says how often: `6 (1 sc, inc)`. */
const COUNT_FIRST =
  /^\s{0,9}(\d{1,4})(\s{0,3}(?:sc|dc|sts?|stitches)\s{0,3}|\s{1,3})[([](?=[^()[\]]{0,60}\b(?:inc|dec|in (?:the )?next|in each|tog|together)\b)([^()[\]]{2,60})[)\]]\s{0,9}\.?\s{0,9}$/;
const MOST_TIMES = 12;
const ALL = /\b(?:all|each|every|around)\b/;

/** A round that says its count first and how it comes about in a bracket behind it; null for any other. */
export function countFirst(
  plain: PlainLine,
  said: string,
  label: Label,
  from: number,
  context: LineContext,
): RoundNode | null {
  const found = COUNT_FIRST.exec(plain.text.slice(from));
  if (!found) return null;
  const [whole, digits, noun, how] = found;
  if (noun.trim() === '' && Number(digits) <= MOST_TIMES && !ALL.test(how)) return null;
  const [at, open] = [from + whole.indexOf(digits), from + whole.search(/[([]/)];
  const close = open + 1 + how.length;
  const work = (text: string) => blanked(blanked(text, at, open + 1), close, close + 1);
  const round = roundLine({ ...plain, text: work(plain.text) }, work(said), label, from, context);
  if (round.stated || round.items.length === 0) return null;
  return { ...round, stated: { count: Number(digits), span: written(plain, at, at + digits.length) } };
}
