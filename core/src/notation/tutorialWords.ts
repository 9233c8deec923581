import type { Phrase } from './joinedEdges';
import { countSaid, NUMBER_PATTERN as N, NUMBERS, numberSaid, ORDINALS } from './numberWords';

const TH = ORDINALS.slice(1).join('|');
const WORD = NUMBERS.slice(1).reverse().join('|');
const STITCH = String.raw`(?:sc|hdc|dc|htr|tr|single|half|double|treble|inc|dec|increase|decrease)`;

/** Rounds told as one tells them to somebody who has never held a hook, put tersely. */
export const TUTORIAL_WORDS: readonly Phrase[] = [
  // `Round two:`, `Rounds seven to ten:`
  {
    said: new RegExp(
      String.raw`^(\s*)(rounds?|rnds?|rows?)\s+(${WORD})(?:\s+(to|and|through|-)\s+(${WORD}))?(?=\s*[:.,-])`,
      'g',
    ),
    tersely: (lead, word, first, to, last) =>
      `${lead}${word} ${numberSaid(first)}${last ? ` ${to} ${numberSaid(last)}` : ''}`,
  },
  // `For round two we put two single crochets in every stitch`
  {
    said: new RegExp(
      String.raw`^\s*(?:(?:okay|ok|and|now|then|so|next)[,\s]+)*(?:for|in|on)\s+(rounds?|rnds?|rows?)\s+(${WORD})(?:\s+(to|and|through|-)\s+(${WORD}))?(?=,?\s+(?:you|we|i)\b)`,
      'g',
    ),
    tersely: (word, first, to, last) =>
      `${word} ${numberSaid(first)}${last ? ` ${to} ${numberSaid(last)}` : ''}`,
  },
  // `Round three is one single crochet, then an increase`
  {
    said: new RegExp(
      String.raw`^\s*(?:(?:okay|ok|and|now|then|so|next)[,\s]+)*(rounds?|rnds?|rows?)\s+(${WORD}|\d{1,3})(?:\s+(to|and|through|-)\s+(${WORD}|\d{1,3}))?\s+(?:is|are|will\s+be)(?:\s+just)?(?=\s+(?:an?\s+|${N}\s+)?${STITCH})`,
      'g',
    ),
    tersely: (word, first, to, last) => {
      const said = (n: string) => (/\d/.test(n) ? n : String(numberSaid(n)));
      return `${word} ${said(first)}${last ? ` ${to} ${said(last)}` : ''}:`;
    },
  },
  {
    said: /\b(?:you|we|i)\s+(?:don't|do\s+not)\s+(?:increase|decrease)(?:\s+(?:at\s+all|any\s*more|here))?,?/g,
    tersely: '',
  },
  // `In the second round you make two single crochet ...`
  {
    said: new RegExp(
      String.raw`^\s*(?:(?:and|now|then)\s+)?(?:in|for|on)\s+the\s+(${TH})\s+(round|rnd|row),?\s+(?:(?:you|we)\s+)?(?:now\s+)?(?:make|work|crochet|do)\b`,
      'g',
    ),
    tersely: (nth, word) => `${word} ${numberSaid(nth)}:`,
  },
  // `The fourth round is special: ...`
  {
    said: new RegExp(
      String.raw`^\s*(?:the\s+)?(${TH})\s+(round|rnd|row)(?=\s+(?:is|makes|goes)\s[a-z ,']{1,60}:)`,
      'g',
    ),
    tersely: (nth, word) => `${word} ${numberSaid(nth)}`,
  },
  // `one in the first stitch, two in the second, and so on, all the way`
  {
    said: /(?<=\bin\s+(?:the\s+)?first(?:\s+(?:st|stitch|one))?,?\s+(?:and\s+|then\s+)?(?:two|2)\s+in\s+the\s+)second\b/g,
    tersely: 'next',
  },
  {
    said: /,?\s+and\s+so\s+on(?:,?\s+(?:all\s+the\s+way(?:\s+a?round)?|to\s+the\s+end|a?round))?(?=\s*(?:$|[.,;(=]))/g,
    tersely: ', repeat around',
  },
  // `crochet only into the back loops. One single crochet in each.`
  {
    said: new RegExp(
      String.raw`\b(?:crochet|work)\s+(?:only\s+)?(?:in|into|through)\s+the\s+(back|front)\s+loops?(?:\s+only)?[.:]\s+(?=(?:(?:${N})\s+)?${STITCH}\b)`,
      'g',
    ),
    tersely: (loops) => `in ${loops} loops only, `,
  },
  {
    said: new RegExp(
      String.raw`(?:\b(?:now|then)\s+)?(?:\b(?:you|we)\s+)?\b(?:work|do|crochet|make)\s+(?:another\s+)?(${N})\s+(?:more\s+)?(?:rounds?|rnds?|rows?)\s+with\s+(?=(?:(?:one|1)\s+)?${STITCH}\b)`,
      'g',
    ),
    tersely: (count) => `${countSaid(count)} rounds of `,
  },
  {
    said: /^\s*(?:(?:then|now|next)[,\s]+)*(?:comes\s+)?(?:a|one)\s+(?:round|rnd|row)\s+(?:in\s+which\s+(?:you|we)|where\s+(?:you|we)|of|with)\s+/g,
    tersely: '',
  },
  {
    said: new RegExp(String.raw`\b(?:(?:you|we|i)\s+)?just\s+go\s+a?round(?:,?\s+(?:${N})\s+times)?`, 'g'),
    tersely: 'even',
  },
];
