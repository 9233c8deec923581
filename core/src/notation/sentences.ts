import type { Span } from './syntax';

/** What ends with a full stop and no sentence. */
const ABBREVIATION =
  /(?:^|[^a-z])(?:sts?|sl|ss|sc|dc|hdc|htr|tr|inc|dec|inv|ch|rnds?|rds?|r|no|approx|ca|rep|rem|beg|cont|sk|yd|oz|st|incl|e\.g|i\.e|cm|mm)$/;
const MOST = 60;

/**
 * Sentences of a line of a page, between two offsets of it, without the spaces around them: a full stop, an exclamation or
 * question mark with a space behind it ends one, a tab and an arrow do; a full stop behind an abbreviation does not.
 */
export function sentencesOf(text: string, from = 0, to = text.length): Span[] {
  const found: Span[] = [];
  let start = from;
  const push = (end: number) => {
    let [a, b] = [start, end];
    while (a < b && /\s/.test(text[a])) a++;
    while (b > a && /\s/.test(text[b - 1])) b--;
    if (b > a) found.push({ from: a, to: b });
  };
  for (let i = from; i < to && found.length < MOST; i++) {
    const c = text[i];
    if (c === '\t' || (c === '→' && !NAMES.test(text.slice(start, i)))) {
      push(i);
      start = i + 1;
    } else if ((c === '.' || c === '!' || c === '?') && /\s/.test(text[i + 1] ?? '')) {
      const short = c === '.' && ABBREVIATION.test(text.slice(Math.max(from, i - 8), i));
      const counted = short && /^\s*=?\s*\d+\s+[a-z]+$/.test(text.slice(start, i));
      if (short && !counted && !STARTS_ANEW.test(text.slice(i + 1, i + 24))) continue;
      push(i + 1);
      start = i + 1;
    } else if (
      (c === ')' || c === ']') &&
      ENDS_BEHIND.test(text.slice(i + 1, i + 12)) &&
      COUNT.test(text.slice(Math.max(start, i - 20), i + 1))
    ) {
      push(i + 1);
      start = i + 1;
    }
  }
  push(to);
  return found;
}

/** `in each ch. (31) Fasten off`: what the hands do behind a count is a sentence of its own. */
const COUNT = /[a-z\d).]\s{1,3}[([]\s?=?\s?\d{1,4}\s?(?:sts?|stitches|sc|dc)?\s?.$/;
const ENDS_BEHIND = /^\s+(?:fasten|finish|cut|break|leave|stuff|fill|close|sew|weave|fo\b|f\.?\/?o\b)/;

/** `stuff → no`: an arrow behind a word or two stands for a colon. */
const NAMES = /^\s*[a-z]+(?: [a-z]+)?\s*$/;

/** Words with which a new sentence begins, also behind an abbreviation. */
const STARTS_ANEW =
  /^\s*(?:fasten|finish|cut|break|stuff|fill|do not|don't|leave|change|join (?:yarn|with)|insert|place|put|now|then|sew|weave|close|tie|knot|continue|repeat|turn|f\.?o\b|this|you|that|it|pull|stop|she|he|flatten|slip|sl st)/;
