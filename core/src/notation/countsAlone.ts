import { notationWords as say } from '../words';
import { evenly } from './evenMends';
import { written, type PlainLine } from './lexer';
import { printItems } from './printer';
import type { Settled } from './repeats';
import type { Item, Label, RoundNode, StartItem, Terms } from './syntax';

/** `12`, `(12)`, `12 sts (+6)`, `24 (even)`, `6 ring`: the count of a round and how much it grew, and no stitch. */
const ALONE =
  /^[\s:=]{0,9}([([]?)\s{0,3}(\d{1,5})\s{0,3}(?:sts?|stitches)?\s{0,3}[)\]]?\s{0,9}(?:[([]?\s{0,3}(?:([+-])\s{0,2}(\d{1,4})|(even|same|no change|=)|((?:in\s+(?:an?\s+|the\s+)?)?(?:magic\s+)?(?:ring|circle|mr)))\s{0,3}[)\]]?)?[\s.]{0,9}$/;

/** A round of which only the count is written, from `from` on in its line; null for any other. Without a sign of change it is one only on a page that writes no other. */
export function countAlone(plain: PlainLine, from: number, label: Label, onlySo: boolean): RoundNode | null {
  const found = ALONE.exec(plain.text.slice(from));
  if (!found) return null;
  const [whole, , digits, sign, by, even, ring] = found;
  const changes = sign !== undefined || even !== undefined;
  if (!onlySo && !changes) return null;
  const count = Number(digits);
  const at = from + whole.indexOf(digits);
  const span = written(plain, at, at + digits.length);
  const said = sign === undefined ? null : Number(`${sign}${by}`);
  const change = even === undefined ? said : 0;
  const starts = ring !== undefined || (label.first === 1 && (change === null || change === count));
  return {
    type: 'round',
    label,
    items: starts ? [ringOf(count, span)] : [],
    stated: { count, span },
    layer: null,
    unclosed: null,
    body: span,
    ...(starts ? {} : { alone: { change } }),
  };
}

const ringOf = (count: number, span: StartItem['span']): StartItem => ({
  type: 'start',
  start: 'ring',
  chain: 0,
  first: 0,
  kind: 'sc',
  count,
  span,
});

/** The stitches of a round that says only its count: what changes is spread evenly, and that is said; null where no round of single crochets grows or shrinks so much. */
export function settleAlone(node: RoundNode, offered: number, terms: Terms): Settled | null {
  const stated = node.stated?.count;
  if (!node.alone || stated === undefined || offered < 1) return null;
  const to = node.alone.change === null ? stated : offered + node.alone.change;
  if (to > offered * 2 || to * 2 < offered) return null;
  const items: Item[] = evenly(offered, to, node.body);
  const said = { span: node.body, sentence: say.spreadEvenly(printItems(items, terms)) };
  return { items, said: to === offered ? null : said };
}

const LABEL =
  /^[^\S\n]{0,20}(?:(?:r|rnds?|rounds?|rows?|rds?)\.?[^\S\n]?)?\d{1,3}(?:[^\S\n]{0,2}-[^\S\n]{0,2}r?\d{1,3})?[^\S\n]{0,2}[:.)\t ][^\S\n]{0,9}(?=\S)(.*)$/gm;
const FEWEST = 2;

/** Whether the rounds of a page say their counts alone: every one of them but those that begin. */
export function countsAlone(plain: string): boolean {
  let alone = 0;
  for (const [, work] of plain.matchAll(LABEL)) {
    if (ALONE.test(work)) alone++;
    else if (!/\b(?:ring|circle|mr|magic|loop)\b/.test(work)) return false;
  }
  return alone >= FEWEST;
}
