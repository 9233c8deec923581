import { parseItems, type ItemContext } from './items';
import { lex, written, type PlainLine, type Token } from './lexer';
import type { Item, Stated } from './syntax';

/** What a bracket may call the stitches that it counts. */
const COUNTED = String.raw`(?:stitches|sts?(?![a-z])|(?:sc|dc|hdc|htr|tr|ch)s?(?![a-z])|total|in all|altogether|left|remain|remaining|sts (?:left|remain|in all|total|remaining))`;

const STATED = new RegExp(
  [
    String.raw`\(\s*(?:=\s*|total:?\s*)?(\d+)\s*(?:${COUNTED}\.?)?(?:\s*,\s*(?:counting|including|incl)\b[^)]{0,30}|\s*,)?\s*\)`,
    String.raw`\[\s*(?:=\s*|total:?\s*)?(\d+)\s*(?:${COUNTED}\.?)?(?:\s+at\s+(?:the\s+)?end\s+of\s+(?:row|rnd|round)\s+\d+)?\s*\]`,
    String.raw`(?:=|->|>)\s*[([]?(\d+)(?:\s*${COUNTED}(?:\s+each(?=\s*$))?)?[)\]]?`,
    String.raw`(?<=\s|\d|[a-z*)\]])-\s*(\d+)\s*(?:sts?|stitches|sc|dc|hdc|htr|tr)(?![a-z\d])(?=\s*(?:$|[.,;\t(\[]))`,
    String.raw`(?<=[\s,])(?<!(?:until|till|next|nxt|last|of|the|in|all|first|remaining|rem|skip|miss|sk|each|ea|these|those)[\s,]{1,3})(\d+)\s+(?:sts|stitches)(?!\s+(?:apart|between|tog|together|in))(?:\s+(?:each|every)\s+(?:time|round|rnd|row))?`,
    String.raw`(?<=\s)\((\d+)\)`,
    String.raw`(?<=\s)[/|:]\s*(\d+)(?=\s*/?\s*$)`,
    // `6 sc in ring: 6`
    String.raw`(?<=\b(?:ring|circle|mr|times|twice|sts?|stitch|stitches|inc|dec|(?<!turn\s)around)|[)\]*]|[x*]\s?\d{1,3}):\s{1,3}(\d+)(?=\s*$)`,
    // `sc in each sc around: 18 sc.`
    String.raw`(?<=(?:\b(?:around|times?|twice|once|across|end|sc|dc|hdc|htr|tr|sts?|stitch|stitches|ch|only)|[)\]*])\s?):\s+(\d+)\s*(?:stitches|sts?|sc|dc|hdc|htr|tr)(?=\s*(?:$|[.;]))`,
    // `1 dc in each dc, ss to first dc. 24 dc.`: a sentence of its own
    String.raw`(?<=[.;]\s{1,3})(?:-\s+)?(\d+)(?:\s*(?:sts?|stitches|sc|dc|hdc|htr|tr|ss|sl\s?sts?))?(?:\s+again)?(?:\s+(?:in\s+)?each(?:\s+(?:round|rnd|row|time))?)?(?=\s*\.?\s*$)`,
    String.raw`(?<=[\s*)\]])-\s+(\d+)(?=\s*(?:$|[(\[]))`,
    // `2 dc in every dc 12 dc`, `*dc 1, inc* 18 dc`
    String.raw`(?<=(?:[a-z]\s?\*|\b(?:each|every)\s(?:st|sc|dc|stitch)|\baround)\s{1,4})(\d+)\s+(?:sts|sc|dc|hdc)(?=\s*\.?\s*$)`,
    String.raw`(?<=\bmr\s\d{1,2}\ssc\s{1,4})(\d+)(?=\s*$)`,
    // `2 sc, inc rep x3 12`
    String.raw`(?<=\s(?:x\s?\d+|\d+\s?x|\d+ times|twice|around|in each|in ea)\s{1,4})(\d+)(?=\s*$)`,
  ].join('|'),
  'g',
);

export const MOST_COUNT = 1e9;

/** Something that a hook works, whatever its count. */
export const isWork = (item: Item): boolean => item.type !== 'unknown' && item.type !== 'sign';

/** The count at the end of a round, and the tokens that stand behind it (`(14), turn`; `(12), in the back loops only`). */
export function statedOf(
  plain: PlainLine,
  from: number,
  to: number,
  context: ItemContext,
): { stated: Stated | null; bodyTo: number; after: Token[] } {
  const text = plain.text.slice(from, to);
  let best: RegExpExecArray | null = null;
  STATED.lastIndex = 0;
  for (let found = STATED.exec(text); found; found = STATED.exec(text))
    if (found.index > 0 || found[1] || found[2] || found[3]) best = found;
  if (!best) return { stated: null, bodyTo: to, after: [] };
  const behind = best.index + best[0].length;
  const rest = text.slice(behind);
  const after = /^[\s.,;)]*$/.test(rest) ? [] : lex(plain, from + behind, to);
  // A count with stitches behind it is a repeat or a remark, not the sum.
  if (
    /^\s*(?:[x*]\s*)?\d/.test(rest) ||
    parseItems(after, context).items.some((i) => isWork(i) && !isLastSlip(i))
  )
    return { stated: null, bodyTo: to, after: [] };
  const digits = best.slice(1).find((d) => d !== undefined)!;
  const at = from + best.index + best[0].indexOf(digits);
  return {
    stated: { count: Math.min(Number(digits), MOST_COUNT), span: written(plain, at, at + digits.length) },
    bodyTo: from + best.index,
    after: after.length ? [comma(after[0]), ...after] : [],
  };
}

/** The slip stitch with which a part is fastened off. */
const isLastSlip = (item: Item): boolean =>
  item.type === 'stitch' && item.kind === 'slst' && item.times === 1;

/** What stands behind the count is a clause of its own. */
const comma = ({ from }: Token): Token => ({ type: 'sign', text: ',', from, to: from });
