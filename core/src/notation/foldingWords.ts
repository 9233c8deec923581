import type { Phrase } from './joinedEdges';

const AN_END = String.raw`(?:open\s+|straight\s+|top\s+|bottom\s+|lower\s+|upper\s+)?(?:opening|top|bottom|edge|end|mouth|hole)`;

/** What is worked through two edges at once, and along what is there already, put tersely. */
export const FOLDING: readonly Phrase[] = [
  // Folding.
  {
    said: new RegExp(
      String.raw`(?:(?:across|along)\s+(?:the\s+)?${AN_END}\s+)(?:through|across|in)\s+(?:both|the\s+two|all)\s+(?:layers|sides|edges|thicknesses)`,
      'g',
    ),
    tersely: 'through both layers',
  },
  {
    said: new RegExp(
      String.raw`\b(?:through|across|in)\s+(?:both|the\s+two|all)\s+(?:layers|sides|edges|thicknesses)\s+(?:across|along|of|at)\s+(?:the\s+)?${AN_END}`,
      'g',
    ),
    tersely: 'through both layers',
  },
  {
    said: /(?<=\b(?:layers|sides|edges|thicknesses)\s+)to\s+(?:close|shut|seal)(?:\s+(?:it|the\s+(?:end|opening|top|hole)))?(?=\s*(?:$|[.,;(]))/g,
    tersely: '',
  },
  {
    said: /\b(?:sl\s?st|slip stitch|ss|sc|dc|crochet)\s+(?:(?:the\s+)?(?:two\s+|both\s+)?(?:edges?|layers?|sides?|ends?|opening|top|it)\s+)?(?:together|closed|shut)\s*(?:with|using|[:,-])\s*(?=\d)/g,
    tersely: '',
  },
  {
    said: /\b(?:press|pinch|lay|squash|push)\s+(?:the\s+)?(?:opening|edge|top|end|piece|it|part|open\s+end|open\s+edge)?\s*(?:flat|together|shut)\s*(?:,|and)\s+(?:work\s+|crochet\s+)?(?=\d|sc|dc)/g,
    tersely: 'fold, ',
  },
  // Along what is there already.
  {
    said: /(?<=\b(?:sl st|slip stitch|ss|sc|dc|hdc|htr|tr)\s+)(?:back\s+)?(?:along|down|across)\s+(?:it\b|(?:the\s+)?(?:whole\s+)?(?:ch|chain)\b)/g,
    tersely: 'in each ch',
  },
  {
    said: /\b(?:working|work|crochet(?:ing)?)\s+(?:back\s+)?(?:along|down|across|up)\s+(?:the\s+)?(?:ch|chain)\b(?!\s+(?:from|st))(?<!\bleg\b.*)\s*[:,]?/g,
    tersely: '',
  },
  // `..., ss (8). Carry on along the other side of the ch: ...`
  {
    said: /\s*\(\d{1,3}\)\s*[.,;]?\s+(?:(?:now|then)\s+)?(?:(?:carry|go|work)\s+on\s+|continue\s+)?(?=(?:working\s+|work\s+)?(?:a?long|on|in|over)\s+(?:the\s+)?(?:opposite|other|second|underside)\s+(?:side|edge)\b)/g,
    tersely: ', ',
  },
  {
    said: /\b(?:working\s+)?(?:a?long|on|in|over)\s+(?:the\s+)?(?:opposite|other|second|underside)\s+(?:side|edge)\s+of\s+(?:the\s+)?(?:starting\s+|foundation\s+)?(?:ch|chain)\b,?/g,
    tersely: 'other side:',
  },
  // `turn to other side: 4 sc`, `Turn the work, other side of the chain:`
  {
    said: /\b(?:turn|rotate)(?:\s+(?:the\s+)?(?:work|piece|it))?(?:\s+to|,|\s+and\s+work\s+(?:along|on)?)\s+(?:the\s+)?(?:other|opposite)\s+side(?:\s+of\s+(?:the\s+)?ch(?:ain)?)?\s*[:,]/g,
    tersely: 'other side:',
  },
  // `sl st back along from 2nd ch from hook`, `sl st in 2nd ch and back along`
  {
    said: /\bback\s+(?:along\s+|down\s+)?(?:it\s+)?(?:starting\s+)?from\s+(?:the\s+)?(\d)(nd|rd|th)\s+ch(?:ain)?(?:\s+from\s+(?:the\s+|your\s+)?hook)?/g,
    tersely: (n, th) => `in ${n}${th} ch, each ch`,
  },
  { said: /\bback\s+from\s+(?:the\s+)?2nd\s+ch(?:ain)?(?:\s+from\s+hook)?/g, tersely: 'in each ch' },
  {
    said: /(?<=\bin\s+(?:the\s+)?\d(?:nd|rd|th)\s+ch(?:ain)?(?:\s+from\s+hook)?\s+)and\s+back\s+along\b/g,
    tersely: 'and each ch',
  },
  {
    said: /\bwork(?:ing)?\s+back\s+in\s+(sl\s+st|ss|sc|dc|hdc|htr)\b/g,
    tersely: (stitch) => `${stitch} in each ch`,
  },
  // `chain 6, sl st back to start in each`
  {
    said: /\bback\s+to\s+(?:the\s+)?(?:start|beginning)(?:\s+in\s+each(?:\s+(?:ch|chain|one|st|stitch))?)?/g,
    tersely: 'in each ch',
  },
  // `ch 6, back along: 5 sl st`
  { said: /(?<=\bch\s?\d+,\s+)back\s+along(?:\s+(?:it|the\s+ch(?:ain)?))?\s*[:,]/g, tersely: '' },
  // `fold flat, close with 5 sc`
  {
    said: /\b(?:flatten|(?:fold|press|lay)\s+(?:(?:it|(?:the\s+)?[a-z]+(?:\s+edge)?)\s+)?(?:flat|in\s+half))(?:\s+(?:it|the\s+[a-z]+))?,?\s+(?:and\s+)?(?:then\s+)?(?:close|shut|join)\s+(?:it\s+)?with\s+(?=\d+\s*(?:sc|dc|sl\s?st|ss)\b)/g,
    tersely: 'fold, ',
  },
];
