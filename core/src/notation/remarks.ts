import type { Cursor } from './cursor';
import type { Token } from './lexer';
import { wordNumber } from './numberWords';
import { craftWord } from './stitches';
import type { SignItem, Terms } from './syntax';

/** Words with which a remark begins that stands among the stitches. */
const REMARK = new Set([
  'place',
  'placing',
  'moving',
  'marking',
  'leaving',
  'keeping',
  'pulling',
  'insert',
  'attach',
  'mark',
  'use',
  'note',
  'optional',
  'weave',
  'put',
  'add',
  'do',
  "don't",
  'remember',
  'continue',
  'stuff',
  'sew',
  'leave',
  'hide',
  'pull',
  'tighten',
  'move',
  'this',
  'you',
  'now',
  'begin',
  'fasten',
  'fo',
  'cut',
  'secure',
  'remove',
  'keep',
  'see',
  'hold',
  'holding',
  'lay',
  'align',
  'pin',
  'wrong',
  'right',
  'working',
  'work',
  'repeat',
  'if',
  'for',
]);

/** Words that mean something to the hook, besides stitches. */
const OF_THE_HOOK = new Set(
  (
    'around across each every ring circle mr mc join turn fold flatten repeat rep skip sk miss loop loops lp lps blo flo ' +
    'even evenly picot surface side sides corner corners edge edging over times twice once until remain remaining together ' +
    'tog inv invisible spike bobble increase decrease same next single double treble crochet slip'
  ).split(' '),
);

export const ofTheHook = (token: Token, terms: Terms): boolean =>
  token.type === 'word' &&
  (OF_THE_HOOK.has(token.text) || craftWord(token.text, terms) !== null || token.text === 'sl');

/** A remark has no more words than this; a longer clause is read word by word. */
const LONGEST_CLAUSE = 60;
const ENDS_A_CLAUSE = [',', ';', '(', ')', '[', ']', '*', '='];

/** Whether a stitch stands so many words ahead, perhaps behind its number. */
const worksBehind = (c: Cursor, ahead: number): boolean => {
  const token = c.peek(c.peek(ahead)?.type === 'number' ? ahead + 1 : ahead);
  return token?.type === 'word' && craftWord(token.text, c.terms) !== null;
};

/** A remark among the stitches: `place eyes now`, `three lovely lazy rounds`, up to the next comma or bracket. */
export function takeRemark(c: Cursor): SignItem | null {
  const start = c.at;
  let words = 0;
  let craft = false;
  let k = 0;
  for (; k < LONGEST_CLAUSE && c.peek(k) && !ENDS_A_CLAUSE.includes(c.peek(k)!.text); k++) {
    const token = c.peek(k)!;
    // `attach foot: 3 sc`: what stands behind a colon is told by itself.
    if (k > 0 && token.text === ':' && worksBehind(c, k + 1)) break;
    if (token.type === 'word') words++;
    craft ||= ofTheHook(token, c.terms);
  }
  const [first, second] = [c.peek()!, c.peek(1)];
  if (first.type !== 'word' && wordNumber(first.text) < 0 && first.type !== 'number') return null;
  const begins = REMARK.has(first.text) && (second?.type !== 'number' || /^leav(?:e|ing)$/.test(first.text));
  // A slip of the pen is no remark: a count with a word that is nearly one of the craft.
  const counted = first.type === 'number' || second?.type === 'number';
  const alone = begins && ['optional', 'stuff', 'fo', 'cut', 'fasten', 'hide', 'secure'].includes(first.text);
  const long = begins || (!craft && (!counted || words >= 3));
  if (words < 2 ? !alone : !long) return null;
  c.at = start + k;
  return { type: 'sign', sign: 'note', span: c.since(start) };
}

/** A bracket with nothing of the craft in it: `(do not stuff)`, `(right side out)`. */
export function takeBracketRemark(c: Cursor): SignItem | null {
  const start = c.at;
  let k = 1;
  let words = 0;
  for (; k < LONGEST_CLAUSE && c.peek(k) && !c.is(')', k) && !c.is(']', k); k++) {
    const token = c.peek(k)!;
    if (
      token.type === 'word' &&
      (craftWord(token.text, c.terms) || token.text === 'sl' || token.text === 'skip')
    )
      return null;
    if (token.text === '(' || token.text === '[') return null;
    if (token.type === 'word') words++;
  }
  const counts = c.peek(1)?.type === 'number' && words === 1 && k === 3;
  if ((words < 2 && !counts) || !c.peek(k) || c.is('x', k + 1) || c.is('*', k + 1) || c.is('times', k + 2))
    return null;
  c.at = start + k + 1;
  return { type: 'sign', sign: 'note', span: c.since(start) };
}
