/** Columns and letters that some hands set apart, as everybody writes them; as long as they were. */
export const plainRow = (text: string): string =>
  tableRow(blankRow(dottedRow(dotted(abbreviated(spaced(turned(numberedRound(undone(bracketed(text))))))))));

/** `2. Round 12 (inc all)`, `2. round: inc`: the word behind its number. */
const numberedRound = (text: string): string =>
  text.replace(
    /(?<=^\s{0,9}\d{1,3}\.(?:\s?-\s?\d{1,3}\.)?\s{1,3})(?:round|rnd|row)\b(?!\s*\d+(?:\s*-\s*\d+)?\s*[:.)])(?::(?!\s*\d+\s*$))?(?:\s+(\d{1,4})(?=\s*$|\s+[([]))?/,
    (word, count: string | undefined, at: number, whole: string) => {
      const alone = whole.slice(at + word.length).trim() === '';
      const terse = alone ? `(${count})` : `${count} st`;
      return (count === undefined ? '' : terse).padStart(word.length);
    },
  );

/** `2dctog`: how many are worked together stands before the stitch. */
const turned = (text: string): string =>
  text
    .replace(/(?<![a-z\d])([2-9])(sc|hdc|htr|dc|tr)tog(?![a-z\d])/g, '$2$1tog')
    .replace(/(?<=\d\s{0,3})x(?=(?:inc|dec|invdec|sc|dc)(?![a-z]))/g, ' ');

/** `👀 between R8 and R9`, `➡️ change to rust`, `[19:02] Nele: r2`, `- [ ] R2`, `2. Round 2:`, `Step 3. Sc around`, `Last round: dec x6`: what only leads a line; as long as it was. A line of copyright keeps its sign. */
const undone = (text: string): string =>
  text.replace(
    /^\s*(?:(?:\[\d{1,2}[:.]\d{2}(?:[:.]\d{2})?\]|\d{1,2}:\d{2}(?::\d{2})?)\s+(?:-\s+)?\p{L}[\p{L} ]{0,20}:\s+|-{1,2}>\s*|>{2,}\s+|[-*]\s*\[[ x]\]\s+|\d{1,3}[.)]\s+(?=(?:rounds?|rnds?|rows?|r)\.?\s?\d+(?:\s?-\s?r?\d+)?\s?[:.)-])|#{1,6}\s+(?=[a-z]{2})|(?:(?![©®™])\p{Extended_Pictographic}\s*)+|step\s+\d{1,2}\s*[.:)]\s+|(?:the\s+)?(?:last|final)\s+(?:round|rnd|row)\s*:\s+|next\s+(?:round|rnd|row)\s+(?=\d{1,3}\s(?:sc|dc|hdc|htr|tr|ch|inc|dec)\b))(?=\S)/u,
    (lead) => ' '.repeat(lead.length),
  );

/** `6 d.c. in ring`, `6 s. c.`, `1 s.s.`, `1st round.--8 dc`: stitches with full stops, as old books print them, and the rule behind a label; as long as they were. */
const abbreviated = (text: string): string =>
  text.includes('.')
    ? text
        .replace(
          /(?<![a-z.])(?:h\. ?d\. ?c|h\. ?tr|d\. ?tr|d\. ?c|s\. ?c|s\. ?s|sl\. ?st)\.?(?![a-z])/g,
          (dots) => dots.replace(/[. ]/g, '').padEnd(dots.length),
        )
        .replace(/(?<=[a-z)])\.-{1,2}\s?(?=[\da-z*(])/g, (rule) => ':'.padEnd(rule.length))
    : text;

/** `6 s c`: the letters of one stitch set apart, as old books print them. */
const spaced = (text: string): string =>
  text.includes(' c')
    ? text.replace(/(?<![a-z])(h d|s|d|t r) c(?!ol|[a-z])/g, (found) =>
        found.replace(/ /g, '').padEnd(found.length),
      )
    : text;

/** `{8}`, `<8>`, `R4> 8 sc`: brackets of other hands are those of the house, and an arrow behind a label is a colon. */
const bracketed = (text: string): string =>
  !/[{}<>]/.test(text)
    ? text
    : text
        .replace(/[{}]/g, (brace) => (brace === '{' ? '(' : ')'))
        .replace(/<(\s?\d{1,4}\s?(?:sts?)?)>/g, '($1)')
        .replace(
          /(?<=^\s{0,9}(?:rounds?|rnds?|rds?|rows?|r)?\.?\s?\d{1,3}(?:\s?-\s?r?\d{1,3})?\s?)>(?=\s)/,
          ':',
        );

/** `HOOK....... 3.5 MM`: dots that lead to a value are a colon, to a count at the end of a round an equals sign; as long as they were. */
const dotted = (text: string): string =>
  text.replace(
    /\.{4,}(?=\s*(?:([([]?\d+\s*(?:sts?|sc|dc)?[)\]]?\.?\s*$)|\S))/g,
    (dots, count: string | undefined) => {
      if (count === undefined) return ':'.padEnd(dots.length);
      return (/^\d/.test(count) ? '=' : ' ').padEnd(dots.length);
    },
  );

/** `Rd4 ... 6x (2 sc, inc) ... 24`: three dots between columns are a tab; as long as they were. */
const dottedRow = (text: string): string =>
  /\s\.{3}\s.*\s\.{3}\s/.test(text) ? text.replace(/\s\.{3}(?=\s)/g, '\t   ') : text;

const SHEET_ROW = /^\s*(?:r(?:oun|n)?d?s?\.?\s*)?\d+(?:\s*-\s*\d+)?\s*;[^;]+;\s*\d*\s*;?\s*$/;

/** `| 4 | (2 sc, inc) x6 | 24 |`, `04 | inc x6 | 24`: a row of a table with bars between its columns is one with tabs; as long as it was. */
function tableRow(text: string): string {
  // `4-7;sc around;18`
  if (SHEET_ROW.test(text)) return text.replace(/;/g, '\t');
  if (!text.includes('|')) return text;
  if (/^\s*\|[^\n]*\|\s*$/.test(text))
    return text
      .replace('|', ' ')
      .replace(/\|(?=\s*$)/, ' ')
      .replace(/\|/g, '\t');
  return /^\s*(?:r(?:oun|n)?d?s?\.?\s*)?\d+(?:\s*-\s*\d+)?\s*\|/.test(text)
    ? text.replace(/\|/g, '\t')
    : text;
}

/** `r2  inc in ea                        12`: blanks before the count at the end of a round are an equals sign; as long as they were. */
const blankRow = (text: string): string =>
  text.replace(
    /(?<=[a-z)*\]\d])\s{3,}(\d{1,4})(?=\s*$)/,
    (blanks, count: string, at: number, whole: string) =>
      NUMBERED_ROW.test(whole.slice(0, at))
        ? `${' '.repeat(blanks.length - count.length - 1)}=${count}`
        : blanks,
  );
const NUMBERED_ROW = /^\s{0,9}(?:(?:r|rnds?|rds?|rounds?|rows?)\.?\s?)?\d{1,3}(?:\s?-\s?r?\d{1,3})?[\s:.)]/;
