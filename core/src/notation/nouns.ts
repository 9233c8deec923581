import type { Cursor } from './cursor';
import { craftWord } from './stitches';

/** What a stitch goes into. */
export const NOUNS = [
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
export function takeNoun(c: Cursor): boolean {
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
