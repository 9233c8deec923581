import { knownByText } from '../kept';
import { own } from '../own';
import { plainRow } from './plainRow';
import type { Span } from './syntax';

/** Tokens of one line of written rounds. Offsets are UTF-16 units from the start of the line as written. */
export interface Token {
  type: 'number' | 'ordinal' | 'word' | 'sign';
  /** lower case, with copied signs made plain */
  text: string;
  from: number;
  to: number;
}

const PLAIN: Record<string, string> = {
  '×': 'x',
  '✕': 'x',
  '✖': 'x',
  '∗': '*',
  '·': ' ',
  '•': ' ',
  '▪': ' ',
  '●': ' ',
  '◦': ' ',
  '“': '"',
  '”': '"',
  '’': "'",
  '…': '.',
  '※': ' ',
  '～': '~',
  '⟶': '→',
  '➔': '→',
  '➜': '→',
  '➝': '→',
  '➡': '→',
  '⇒': '→',
  '⇨': '→',
  '⟹': '→',
  '»': '→',
  '★': ' ',
  '☆': ' ',
  '✦': ' ',
  '✧': ' ',
  '✿': ' ',
  '❀': ' ',
  '■': ' ',
  '◆': ' ',
};
/** Pictures that stand for a word; the sign that makes a letter a picture is none. */
const PICTURES: Record<string, string> = { '👀': 'eyes ' };
const LIGATURES: Record<string, string> = { ﬀ: 'ff', ﬁ: 'fi', ﬂ: 'fl', ﬃ: 'ffi', ﬄ: 'ffl', ﬅ: 'st', ﬆ: 'st' };

const BEYOND_ASCII = /[^\x00-\x7f]/;

/** A line with copied signs made plain; `at` gives the offset in the line as written, null when nothing shifted. */
export interface PlainLine {
  text: string;
  at: Int32Array | null;
}

/**
 * Makes the signs of copied text plain: dashes of all kinds, times signs, bullets, no-break spaces, full-width digits
 * and brackets one for one; ligatures fall apart and are mapped back by `at`.
 */
export const plainLine = knownByText((asWritten: string): PlainLine => {
  const line = undecorated(asWritten);
  // Most lines are typed on a plain keyboard.
  if (!BEYOND_ASCII.test(line)) return { text: plainRow(line.toLowerCase()), at: null };
  let out = '';
  let offsets: number[] | null = null;
  for (let i = 0; i < line.length; i++) {
    const ligature = line.charCodeAt(i) >= 0xd800 ? fallsApart(line, i) : circled(line, i);
    const plain = ligature ?? (isKeycap(line, i) ? '' : plainSign(line, i));
    if ((ligature || plain === '') && !offsets) offsets = Array.from({ length: i }, (_, k) => k);
    if (offsets) for (let k = 0; k < plain.length; k++) offsets.push(i);
    out += plain;
  }
  offsets?.push(line.length);
  return { text: plainRow(out), at: offsets ? Int32Array.from(offsets) : null };
});

/** `** Put the eyes in **`, `*stuff*`, `--- stuff ---`, `*EAR* (2x)`, `- **R1:** 6 sc`: signs that only set a line or its label in another letter are blanks; as long as they were. */
function undecorated(line: string): string {
  const ruled = /^\s*(?:-{3,}|={2,}|~{2,})\s*([^-=~]{3,80}?)\s*(?:-{3,}|={2,}|~{2,})\s*$/.exec(line);
  if (ruled && OF_THE_HANDS.test(ruled[1]))
    return line.replace(/[-=~]{2,}/g, (rule) => ' '.repeat(rule.length));
  if (!line.includes('*')) return line;
  // `*Body*` between two rounds: a heading of words
  if (/^\s*\*\p{Lu}[\p{L} '&-]{1,30}\*\s*$/u.test(line) && !/\b(?:sc|dc|inc|dec|ch)\b/i.test(line))
    return line.replace(/\*/g, ' ');
  const boxed = /^\s*\*[\p{L} &+'-]{2,30}\*(?=\s*[([][^()[\]]*[)\]]\s*$)/u.exec(line);
  if (boxed) return line.replace(/\*/g, ' ');
  const whole = /^\s*(?:[-•]\s*)?(?:\*{2,}(?=[^*])[^*]*\*{2,}|\*([^*]{3,})\*)\s*$/.exec(line);
  if (whole && (whole[1] === undefined || OF_THE_HANDS.test(whole[1]) || ONLY_WORDS.test(whole[1])))
    return line.replace(/\*/g, ' ');
  return line.replace(BOLD, (bold) => bold.replace(/\*/g, ' '));
}

/** `**R1:** 6 sc`, `**Round 1** - 6 sc` */
const BOLD =
  /\*\*([^*]{1,60}[:.])\*\*|\*\*([^*]{1,60})\*\*(?=\s*:)|\*\*(?:rounds?|rnds?|rows?|r)\.?\s*\d[^*]{0,30}\*\*/gi;

/** `* Worked from the nose to the back *` */
const ONLY_WORDS =
  /^(?!.*\b(?:sc|dc|hdc|htr|tr|inc|dec|ch|st|sts|sl|ss|(?:in|de)creas\w*|single|double|treble|crochet|chain|slip|stitch|stitches|each|every|around|rep|repeat)\b)[^\d(]{8,}$/i;
/** No stitches, which stars repeat. */
const OF_THE_HANDS =
  /^\s*(?:safety |place |put |insert |add |attach )*(?:the )?(?:safety )?(?:eyes?\b|stuff|insert|place|put|change|close|fasten|cut|sew|embroider|leave)/i;

/** What a ligature or a picture stands for; of a picture the first half is all of it. */
function fallsApart(line: string, i: number): string | undefined {
  const picture = own(PICTURES, line.slice(i, i + 2));
  if (picture !== undefined) return picture;
  if (i > 0 && own(PICTURES, line.slice(i - 1, i + 1)) !== undefined) return ' ';
  return LIGATURES[line[i]];
}

/** `① 6 sc in ring`, `②–⑨`: a number in a circle is one with a full stop. */
function circled(line: string, i: number): string | undefined {
  const code = line.charCodeAt(i);
  const [first] = CIRCLES.find(([from, to]) => code >= from && code <= to) ?? [];
  return first === undefined ? undefined : `${code - first + (CIRCLES_FROM[first] ?? 1)}.`;
}
/** Numbers in circles, white and black, as Unicode has them. */
const CIRCLES = [
  [0x2460, 0x2473],
  [0x2776, 0x277f],
  [0x2780, 0x2789],
  [0x278a, 0x2793],
  [0x24eb, 0x24f4],
  [0x3251, 0x325f],
  [0x32b1, 0x32bf],
] as const;
const CIRCLES_FROM: Readonly<Record<number, number>> = { 0x24eb: 11, 0x3251: 21, 0x32b1: 36 };

/** `1️⃣`: what makes a digit a key is nothing. */
const isKeycap = (line: string, i: number): boolean =>
  line[i] === '\u20e3' || (line[i] === '\ufe0f' && line[i + 1] === '\u20e3');

/** The same for a whole text whose offsets nobody needs. */
export const plainSigns = (text: string): string => plainLine(text).text;

function plainSign(line: string, i: number): string {
  const code = line.charCodeAt(i);
  // Lower-casing letter by letter: some letters change length when the whole string is lowered.
  if (code >= 65 && code <= 90) return String.fromCharCode(code + 32);
  if (code < 128) return line[i];
  if (PLAIN[line[i]]) return PLAIN[line[i]];
  if (
    code === 0xa0 ||
    (code >= 0x2000 && code <= 0x200b) ||
    code === 0x202f ||
    code === 0x3000 ||
    code === 0xfe0f ||
    code === 0xfeff
  )
    return ' ';
  if ((code >= 0x2010 && code <= 0x2015) || code === 0x2212) return '-';
  if (code >= 0xff01 && code <= 0xff5e) return String.fromCharCode(code - 0xfee0).toLowerCase();
  return line[i];
}

/** A span of the plain line as offsets in the line as written. */
export function written(plain: PlainLine, from: number, to: number): Span {
  if (!plain.at) return { from, to };
  // Half a ligature is the whole one.
  return { from: plain.at[from], to: to > from ? plain.at[to - 1] + 1 : plain.at[to] };
}

/** Words that some hands shorten. */
const SHORT: Readonly<Record<string, string>> = {
  ea: 'each',
  nxt: 'next',
  rpt: 'repeat',
  thru: 'through',
  foll: 'next',
  fl: 'flo',
  tfl: 'flo',
  bl: 'blo',
  tbl: 'blo',
};

const TOKEN =
  /(\d+)(?:st|nd|rd|th)(?![a-z])|(\d+)|x(?=\s*\d)|[a-z\u00c0-\u024f][a-z0-9\u00c0-\u024f']*|[^\s]/gy;

/** `ch1`, `sc6`: a stitch and how many. `inc3` is one word, three in one. */
const GLUED = /^(ch|sc|esc|hdc|dc|tr|htr|dtr|dec|mr)(\d+)$/;

/** Splits a plain line into tokens; white space and full stops only separate. */
export function lex(plain: PlainLine, from = 0, to = plain.text.length): Token[] {
  const tokens: Token[] = [];
  let at = from;
  while (at < to) {
    const code = plain.text.charCodeAt(at);
    if (code === 46 || code <= 32 || code === 0x85 || code === 0x1680 || code === 0x2028 || code === 0x2029) {
      at++;
      continue;
    }
    TOKEN.lastIndex = at;
    const found = TOKEN.exec(plain.text);
    if (!found) break;
    const text = found[0];
    const end = Math.min(to, at + text.length);
    const type = found[1]
      ? 'ordinal'
      : found[2]
        ? 'number'
        : text === 'x' || !/[a-z\u00c0-\u024f]/.test(text[0])
          ? 'sign'
          : 'word';
    const glued = type === 'word' ? GLUED.exec(text) : null;
    if (glued) {
      const middle = at + glued[1].length;
      tokens.push(
        { type: 'word', text: glued[1], ...written(plain, at, middle) },
        { type: 'number', text: glued[2], ...written(plain, middle, end) },
      );
    } else tokens.push({ type, text: found[1] ?? own(SHORT, text) ?? text, ...written(plain, at, end) });
    at = end;
  }
  return tokens;
}
