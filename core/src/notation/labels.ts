import { isPlainColour } from './colours';
import { written, type PlainLine } from './lexer';
import { ORDINALS } from './numberWords';
import type { Label, Stated } from './syntax';

const WORD = String.raw`(?:rounds?|rnds?|rds?|rows?|r|lines?)`;
const LEAD =
  /^\s*(?:(?:[-*>•→]|#(?!\d))\s*)?(?:[a-z][a-z ]{1,20}\t(?=\d+(?:\s*-\s*\d+)?\t))?(?:[([][a-z][a-z ]{1,20}[)\]]\s*(?=(?:rounds?|rnds?|rds?|rows?|r)\.?\s*\d))?(?:(?:then\s+|now\s+|next,?\s+)?(?:for|in|on)\s+(?=(?:rounds?|rnds?|rds?|rows?)\s*\d))?/;
/** `mustard: R3-9 5 sc`: the colour before its label. */
const COLOUR = /^\s*([a-z][a-z ]{1,16}):\s*(?=(?:rounds?|rnds?|rds?|rows?|r)\.?\s*\d)/;
const NAMED = new RegExp(
  String.raw`${WORD}(?:\s*\.?\s*#?\s*|-(?=\d{1,3}\s?[:.)]))(\d+)(?![\d.]*\d*(?:mm|cm|x))`,
  'y',
);
const MORE = new RegExp(
  String.raw`(?:\s*\)\s*-\s*(?=${WORD})|\s*(?:to|and|through|thru|until|t\/m|&|\+|\/|,|,\s*and)\s*|\s*(?:-|~|\.\.)\s*)(?:${WORD}\.?\s*)?(\d+)(?![a-z\d])`,
  'y',
);
/** `5:`, `5-8.`, `5 to 8:`, `4, 5:` */
const BARE =
  /(\d+)[º°]?(?:\s{0,5}[.)]?\s{0,5}(?:[-/+]|(?:to|and|&|,)(?=\s{0,5}\d{1,3}\s{0,5}:))\s{0,5}(\d+))?(?=\s{0,20}(?:[.):](?!\d)|\t))/y;
/** `#1 6 sc in ring`, `#3-5: sc around`, `R(3-5):` */
const SIGNED =
  /(?:#|r\()(\d{1,3})(?:\s?-\s?#?(\d{1,3}))?(?:\)(?=\s?[:.-])|(?=\s?[:.)-]?\s+[([*]?\s*(?:(?:\d+\s*)?(?:sc|dc|hdc|htr|tr|inc|dec|invdec|ch|mr|magic|sl st|ss|work|in [bf]lo|[bf]lo)(?![a-z]))))/y;
/** `(1) mr, sc 6`, `(19-26) sc in each st`: a number in brackets before something that is worked. */
const BRACKETED =
  /[([](\d{1,3})(?:\s*[-/+]\s*(\d{1,3}))?[)\]](?=\s+(?:\d{1,3}\s?(?:x|\*)?\s?)?[([*]?\s*(?:(?:\d+\s*)?(?:sc|dc|hdc|htr|tr|inc|dec|invdec|ch|mr|magic|sl st|ss|work|make|increases?|decreases?|single|double|in [bf]lo|[bf]lo)(?![a-z])|\d+\s?[xva](?![a-z])|\d*[xva]\s?[,\d]))/y;
/** `7-13 rnds:`, `4 rnd:`; `4 rounds:` are four of them. */
const BEHIND =
  /(\d+)\s{0,5}r?\s{0,5}[-~]\s{0,5}(\d+)\s{0,5}(?:rounds?|rnds?|rows?|r)(?=\s{0,5}[:.)-])|(\d+)\s{0,5}(?:round|rnd|row|r)(?=\s{0,5}[:.)([-]|\s{1,5}(?:in\s{1,5})?[bf]lo\s{0,5}:)/y;
/** `1 - 6 sc in ring - 6`, `6 to 12 - sc in each`: a number and a dash before something that is worked. */
const DASHED =
  /(\d{1,3})(?:\s*(?:to|and|&|,|-)\s*(\d{1,3}))?(?=\s+-\s+(?:[(*[]|(?:\d+\s*)?(?:sc|dc|hdc|htr|tr|inc|dec|invdec|ch|mr|magic|sl st|ss|work|in [bf]lo|[bf]lo)(?![a-z])))/y;
const ORDINAL =
  /(\d+)(?:st|nd|rd|th)(?:\s*(?:to|-|and|&)\s*(?:the\s+)?(\d+)(?:st|nd|rd|th))?\s+(?:rounds?|rnds?|rows?|r)(?=\s*[:.)([-])/y;
/** `7.-9.R: sc`: the word behind its numbers. */
const NOUN = /\.?\s?(?:rounds?|rnds?|rds?|rows?|r)(?=\s?:)/y;
/** `1st: 5 sc into ring`, `5th - 8th: sc`: without the word, before something that is worked. */
const TH =
  /(\d+)(?:st|nd|rd|th)(?:\s*(?:to|-|and|&)\s*(?:the\s+)?(\d+)(?:st|nd|rd|th))?(?=\s*:\s*[([*]?\s*(?:\d+\s*)?(?:sc|dc|hdc|htr|tr|inc|dec|invdec|ch|mr|magic|sl st|ss|in [bf]lo|[bf]lo)(?![a-z]))/y;
/** `First row:`, `Second round -`: the label in a word. */
const IN_WORDS = new RegExp(
  String.raw`(${ORDINALS.slice(1).join('|')})\s+(?:rounds?|rnds?|rows?)(?=\s*[:.)(-])`,
  'y',
);
/** `(6 rounds)`, `(to taste)`, `(this is the ridge)`: told between the label and the work. */
const TOLD =
  /\s*\(\s*(?:(?:in all |all |= ?)?(\d+) (?:rounds?|rows?|rnds?)|(to taste)|ws|rs|wrong side|right side|(?:this|that|it) [a-z ,']{1,60})\s*\)/y;
/** `are easy:`, `makes the toad wide again:`, `you work`. */
const VERB =
  /\s+(?:(?:is|are|makes?|goes?|gets?|brings?|forms?|shapes?|begins?|starts?)\s[a-z ,']{1,60}:|(?:you|we)\s+(?=[a-z]))/y;
/** `R4 (24):`, `R4 [24]`: the count stands with the label. */
const COUNT =
  /\s*(?:\(\s*(\d+)\s*(?:sts?|stitches)?\s*\)\s*:|\[\s*(\d+)\s*(?:sts?|stitches)?\s*\]\s*:?)(?=\s*\S)/y;
const SIGN = /\s*(?:[:.)=]|-(?!\s*\d+\s*(?:sts?|stitches)\b))?\s*/y;
const MOST_ROUNDS_IN_A_LABEL = 2000;

/** The label of a round at the beginning of a line: `R5-9:`, `Rnd 4-5.`, `1)`, `For rounds 3 to 8 you`, `Rounds 6, 7, 8 and 9 are easy:`; null when none stands there. `end` is where the work begins. */
export function labelOf(plain: PlainLine): { label: Label; end: number; counted: Stated | null } | null {
  const { text } = plain;
  const colour = COLOUR.exec(text);
  const from = colour && isPlainColour(colour[1]) ? colour[0].length : LEAD.exec(text)![0].length;
  const at = (pattern: RegExp, where: number) => matchAt(pattern, text, where);
  const named = at(NAMED, from);
  const bare = named ? null : (at(BARE, from) ?? at(DASHED, from) ?? at(BRACKETED, from) ?? at(TH, from));
  const found =
    named ?? bare ?? at(SIGNED, from) ?? at(ORDINAL, from) ?? at(BEHIND, from) ?? at(IN_WORDS, from);
  if (!found) return null;
  const first = Math.max(ORDINALS.indexOf(found[1]), 0) || Number(found[1] ?? found[3]);
  let last = found[2] === undefined ? first : Number(found[2]);
  let end = from + found[0].length;
  if (
    named &&
    (/[a-z\d]/.test(text[end] ?? '') || /^\s+of\s+(?:every|each|all|the|any)\b/.test(text.slice(end)))
  )
    return null;
  if (named) ({ last, end } = rangeFrom(text, { first, last, end }));
  if (bare) end += at(NOUN, end)?.[0].length ?? 0;
  if (bare && /,|and|&/.test(bare[0]) && last !== first + 1) return null;
  if (!Number.isSafeInteger(first) || last < first || last - first > MOST_ROUNDS_IN_A_LABEL) return null;
  const told = at(TOLD, end);
  if (told) end += told[0].length;
  const count = named && !told ? at(COUNT, end) : null;
  if (count) end += count[0].length;
  const verb = named ? at(VERB, end) : null;
  if (verb) end += verb[0].length;
  const countEnds = end;
  end += at(SIGN, end)![0].length;
  return {
    label: {
      first,
      last,
      toTaste: told?.[2] !== undefined,
      ...(told?.[1] === undefined ? {} : { rounds: Number(told[1]) }),
      row: /(?:rows?|lines?)/.test(text.slice(from, from + found[0].length)),
      bare: bare !== null,
      span: written(plain, 0, end),
    },
    end,
    counted: count && countOf(plain, countEnds - (verb?.[0].length ?? 0) - count[0].length, count),
  };
}

/** A pattern that must match right at an offset. */
function matchAt(pattern: RegExp, text: string, where: number): RegExpExecArray | null {
  pattern.lastIndex = where;
  return pattern.exec(text);
}

/** Further numbers of a label: `R5-9`, `6, 7, 8 and 9`. `R4, 6 sc` is a label and a count: only a number that goes on counts. */
function rangeFrom(
  text: string,
  label: { first: number; last: number; end: number },
): { last: number; end: number } {
  let { last, end } = label;
  for (let more = matchAt(MORE, text, end); more; more = matchAt(MORE, text, end)) {
    const next = Number(more[1]);
    const listed = /^\s*[,+/]/.test(more[0]);
    if (
      next <= last ||
      (/-/.test(more[0]) && last > label.first) ||
      (listed && next !== last + 1) ||
      (/^\s+-\s/.test(more[0]) && !/^\s*[:.)=→]/.test(text.slice(end + more[0].length)))
    )
      break;
    last = next;
    end += more[0].length;
  }
  return { last, end };
}

function countOf(plain: PlainLine, from: number, count: RegExpExecArray): Stated {
  const digits = count[1] ?? count[2];
  const at = from + count[0].indexOf(digits);
  return { count: Number(digits), span: written(plain, at, at + digits.length) };
}
