/** One way of saying something at length, and the same said tersely in no more letters. */
export interface Phrase {
  /** of text in lower case */
  said: RegExp;
  /** what stands for it; the rest becomes blank */
  tersely: string | ((...groups: string[]) => string);
}

/** No stitch stands before it in the line: a chain here is worked along later in the round, one behind stitches is counted with them. */
const FIRST = String.raw`(?<!(?:\bsc|\d\s*sc|\bdc|\d\s*dc)\b.*)`;
const JOIN_TO = String.raw`(?:join|sl\s?st|slip\s+stitch)\s+(?:it\s+)?(?:to|with|into|onto)\s+(?:the\s+|your\s+)?(?:(?:first|second|other|1st|2nd)\s+(?!ch|st|sc|dc|hdc|side|loop|one)[a-z]+|(?!r\s|rnd|round|row|ch\s|st\s)[a-z]{2,}\s+[12](?!\d))`;

/** Legs, fins, halves that are joined: the chain between two edges is worked along in the same round, so it is no stitch of its own. */
export const JOINED_EDGES: readonly Phrase[] = [
  {
    said: new RegExp(
      String.raw`${FIRST}\bch\s*\d+\s*,?\s*(?:and\s+|then\s+)?(?=(?:\d+\s*sc|sc\s*\d+)\s+(?:a?round|in|on)\s+(?:the\s+)?(?:(?:first|second|1st|2nd|other)\s+[a-z]+|[a-z]+\s+[12])\b|${JOIN_TO}[^,;:.]*[,;:])`,
      'g',
    ),
    tersely: '',
  },
  {
    said: /\b(?:a?round|on)\s+(?!r\s|rnd|round|row|last|next)[a-z]+\s+[12](?=\s*[,;(\[])(?<=(?:sc\s*\d+|\d+\s*sc)\s.*)/g,
    tersely: '',
  },
  {
    said: /\b(\d+)\s*(sc|dc)\s+(?:over|along|across|in|into|around)\s+(?:the\s+)?ch-\d+(?:\s+(?:space|sp))?\b/g,
    tersely: (count, stitch) => `${count} ${stitch}`,
  },
  {
    said: new RegExp(
      String.raw`\b(?:and\s+)?${JOIN_TO}(?:\s+with\s+(?:an?\s+|1\s+)?(?:sl\s?st|slip\s+stitch|ss))?(?=\s*[,;:])`,
      'g',
    ),
    tersely: '',
  },
  {
    said: new RegExp(String.raw`\b(?:and\s+)?${JOIN_TO}\s+with\s+(?:an?\s+|1\s+)?(sc|dc)(?=\s*[,;:])`, 'g'),
    tersely: (stitch) => `1 ${stitch}`,
  },
  {
    said: /\bjoin(?:ing)?(?:\s+(?:round|rnd)|\s+(?:the\s+|both\s+|two\s+)?(?:legs|fins|feet|halves|pieces|parts|arms|ears|tails|lobes))?\s*:(?=\s*\S)/g,
    tersely: '',
  },
];
