import type { Terms } from './syntax';

/** `US terms`, `British terminology`, `Terms: UK`; what a page says of itself where it says one of them alone. */
const SAYS_TERMS =
  /\b(us|uk|american|british)\s+(?:crochet\s+)?(?:terms?|terminology|notation|words|abbreviations)\b|\b(?:terms?|terminology)\s*(?:used\s*)?[:(=]?\s*(?:are\s+|is\s+|in\s+)?(us|uk|american|british)\b/g;

function termsSaid(plain: string): Terms | null {
  const said = new Set(
    [...plain.matchAll(SAYS_TERMS)].map(([, before, behind]): Terms =>
      /^(?:us|american)$/.test(before ?? behind) ? 'us' : 'uk',
    ),
  );
  return said.size === 1 ? [...said][0] : null;
}

/** `dc = US sc`, `sc (US)`: what others call a stitch is not what this page calls it. */
const OF_THE_OTHERS =
  /\b(?:us|american)(?:\s+terms?)?\s*[:=]?\s*(?:sc|hdc|single crochet)\b|\b(?:sc|hdc|single crochet)\s+(?:\((?:us|american)[^)\n]*\)|in\s+(?:us|american)\b)/g;

/** The terms that a text is in: by a word that only one of them has, by what the page says of itself, by double crochets without a single one. */
export function guessTerms(plain: string): { terms: Terms; sure: boolean } {
  const us = /(^|[^a-z])(?:fp|bp)?(sc|hdc|single crochet)(\d?tog)?(?![a-z])/m.test(
    plain.replace(OF_THE_OTHERS, ' '),
  );
  if (us) return { terms: 'us', sure: true };
  if (/(^|[^a-z])(?:fp|bp)?(htr|dtr|half treble)(\d?tog)?(?![a-z])/m.test(plain))
    return { terms: 'uk', sure: true };
  const said = termsSaid(plain);
  if (said) return { terms: said, sure: true };
  // Where numbers alone are single crochets, a stitch that is named is another one.
  if (isShorthand(plain)) return { terms: 'us', sure: false };
  if (/(^|[^a-z])(?:fp|bp)?dc(\d?tog)?(?![a-z])/m.test(plain)) return { terms: 'uk', sure: true };
  return { terms: /\bdouble crochet/.test(plain) ? 'uk' : 'us', sure: false };
}

/** `r3 1,inc = 18`, `r15 3,dec = 24`: a number alone before what changes it. */
const SHORTHAND =
  /^[^\S\n]{0,9}r\d{1,3}(?:-r?\d{1,3})?[^\S\n]{0,4}[:.]?[^\S\n]{0,4}\d{1,3}[^\S\n]{0,4},[^\S\n]{0,4}(?:inc|dec)(?![a-z])/gm;
const isShorthand = (plain: string): boolean =>
  (plain.match(SHORTHAND)?.length ?? 0) >= 3 && !/(^|[^a-z])(?:sc|single crochet)(?![a-z])/m.test(plain);

/** Whether numbers alone count single crochets: `(2, inc) x6`, `R2-5: 4 (4)`, `4 in mr`, and no word for them is there. */
export const usesBareNumbers = (plain: string): boolean =>
  isShorthand(plain) ||
  ((/(?:[([*]\s*\d+\s*,|(?:^|\s)\d+\s*\+)\s*(?:\d+\s*)?(?:inc|dec|v|a)(?![a-z])/m.test(plain) ||
    /^[^\S\n]*(?:(?:r|rnds?|rounds?)\s*)?\d+(?:\s*-\s*r?\d+)?\s*[:.)-]\s*\d+\s*(?:in\s+(?:an?\s+)?(?:mr|magic)|[([=]\s*\d|$)/m.test(
      plain,
    ) ||
    // `2, inc - 24` on lines of their own
    (plain.match(/^[^\S\n]*\d{1,2}[^\S\n]?,[^\S\n]?(?:inc|dec)(?![a-z])/gm)?.length ?? 0) > 1 ||
    // `r1 6 in ring`
    /(?:^|[\s:])r(?:n?ds?)?\s*\d+\s+\d+\s+in\s+(?:an?\s+)?(?:mr|magic|ring)/m.test(plain)) &&
    !/(^|[^a-z])(?:sc|dc|single crochet|double crochet)(?![a-z])/m.test(plain)) ||
  // `(1, inc) x6`, and `sc` only where nothing changes
  (/[([*][^\S\n]?\d{1,2}[^\S\n]?,[^\S\n]?(?:inc|dec)[)\]*]/.test(plain) &&
    !/[([*][^\S\n]?(?:\d[^\S\n]?(?:sc|dc)|(?:sc|dc)[^\S\n]?\d)[^()[\]*\n]{0,20}(?:inc|dec)(?![a-z])/m.test(
      plain,
    ));

/** Whether rounds are written in signs alone (X, V, A for sc, inc, dec): they are there and no stitch word is. */
export function usesSymbols(plain: string): boolean {
  // A page that explains its signs uses them, whatever words explain them.
  const explained =
    /(?:^|[\s,;])x(?:\s*[=:–-]\s*|\s+)(?:(?:is|means|stands for)\s+(?:an?\s+)?)?(?:sc|single|dc|double)|(?:^|[\s,;])(?:sc|single crochet)\s*=\s*x(?![a-z])/m.test(
      plain,
    );
  if (explained) return true;
  // Taller stitches and slip stitches have no sign that everybody knows: they are written out beside the signs.
  if (/(^|[^a-z])(sc|dc|inc|dec|invdec|single|double)(\d?tog)?(?![a-z])/m.test(plain)) return false;
  return (
    /(^|[^a-z])v(?![a-z])/m.test(plain) ||
    /(^|[^a-z])\dx(?![a-z0-9])/m.test(plain.replace(/\([^()\n]*\d\s*x[^()\n]*\)|[)\]*] ?\d+\s?x/g, ''))
  );
}
