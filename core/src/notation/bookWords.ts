import type { Phrase } from './joinedEdges';
import { NUMBER_PATTERN as N } from './numberWords';

const STITCH = String.raw`(?:sc|hdc|dc|htr|tr|sl\s?st|ss)`;

/** What printed books and kits say at length, put tersely. */
export const BOOK_WORDS: readonly Phrase[] = [
  // `1 dec over every 2 sts`
  {
    said: /\b(?:1\s+|one\s+)?(dec|invdec|decrease)\s+(?:over|in|across)\s+(?:every|each)\s+(?:2|two)\s+(?:sts|stitches)\b/g,
    tersely: (dec) => `${dec} around`,
  },
  // `make 2ch and work first 2 rounds as given for head`: the chain belongs to the first of them
  {
    said: /(?<=[a-z]),?\s+(?:make\s+)?(?:2\s*ch|ch\s*2)\.?\s+(?:and\s+)?(?=work\s+(?:as\s+(?:given|for)|(?:the\s+)?first\s+\d))/g,
    tersely: '. ',
  },
  // `1 sc in back loop of each st`
  {
    said: /\bin\s+(?:the\s+)?(back|front)\s+(?:loops?|lps?)\s+(?:only\s+)?of\s+(?:each|every)\s+(?:st|stitch|sc|dc)\b/g,
    tersely: (loops) => `in each st ${loops === 'back' ? 'blo' : 'flo'}`,
  },
  {
    said: new RegExp(
      String.raw`\b(?:work|do|make|crochet)\s+(${N})\s+(?:more\s+)?(?:rounds?|rnds?|rows?)\s+(?:(?:in|of)\s+)?(sc|dc|hdc|htr|tr)\s+without\s+(?:shaping|increasing|decreasing)\b`,
      'g',
    ),
    tersely: (count, stitch) => `${count} rounds of ${stitch} around`,
  },
  { said: /\bworked\s+(?=through\s+both\b)/g, tersely: '' },
  // `sc 6 on leg 2, ch 2, sc 11 around leg 1, sc 2 along the ch, sc 5 on leg 2, sc 2 along the ch`: the chain is worked along in the same round
  {
    said: /\bch\s+\d+\s*,\s*(?=(?:sc\s*\d+|\d+\s*sc)\s+(?:a?round|on)\s+(?:the\s+)?(?:[a-z]+\s+[12]|(?:first|second|other)\s+[a-z]+)\b.*\balong\s+the\s+ch.*\balong\s+the\s+(?:other\s+side\s+of\s+the\s+)?ch)/g,
    tersely: '',
  },
  // `ch 2, sc around first leg (10), sc in the 2 ch, sc around second leg (10), sc in the 2 ch`
  {
    said: /\bch\s+(\d+)\s*,\s*(?=(?:\d+\s*)?(?:sc|dc)\s+a?round\s+(?:the\s+)?(?:first|second|other|one)\s+[a-z]+\b.*\b(?:in|on|over|along)\s+(?:each\s+of\s+)?(?:the|those|these)\s+\1\s+ch\b.*\b(?:in|on|over|along)\s+(?:each\s+of\s+)?(?:the|those|these)\s+\1\s+ch\b)/g,
    tersely: '',
  },
  // `10 sc on leg 1, 2 sc on ch`
  {
    said: /\b(\d+)\s*(sc|dc)\s+on\s+(?:the\s+)?(?:other\s+side\s+of\s+(?:the\s+)?)?ch(?:ain)?(?=\s*(?:$|[,;.(\[]))/g,
    tersely: (count, stitch) => `${count} ${stitch}`,
  },
  // `r7-13 plain = 36`
  {
    said: /^(\s{0,9}(?:r|rnds?|rounds?)\s?\d{1,3}(?:\s?-\s?r?\d{1,3})?\s?[:.)]?\s{0,3}(?:[bf]lo\s)?)plain(?=\s*(?:$|=|[([,.;]))/g,
    tersely: (label) => `${label}even`,
  },
  // `Turn. 6 sc.`: the count of a row
  {
    said: /(?<=\bturn\.)\s+(\d+)\s+(?:sc|dc|hdc|htr|tr|sts?|stitches)(?=\s*\.?\s*$)/g,
    tersely: (count) => ` = ${count}`,
  },
  // `crochet two together six times`
  {
    said: new RegExp(
      String.raw`(?<!(?:single|double)\s)\b(?:crochet|work)\s+(?:2|two)\s+(?:sts\s+|stitches\s+)?together\s+(?=(?:${N})\s+times\b)`,
      'g',
    ),
    tersely: 'dec ',
  },
  // `ch 12, close to a ring with sl st`
  {
    said: /\bclose\s+(?:it\s+)?(?:in)?to\s+(?:a|the)\s+(?:ring|circle)(?:\s+with\s+(?:an?\s+)?(?:sl\s?st|ss|slip\s+stitch))?(?=\s*(?:$|[.,;]))/g,
    tersely: 'join',
  },
  // `commence with 4 ch, join in a ring`
  { said: /\b(?:commence|begin|start)\s+with\s+(?=\d+\s*ch\b|ch\s*\d)/g, tersely: '' },
  // `sc through both layers with 3 sc`
  {
    said: /\b(sc|dc)\s+through\s+both\s+(?:layers|sides)\s+with\s+(\d+)\s+(?:sc|dc)\b/g,
    tersely: (stitch, count) => `${count} ${stitch} through both`,
  },
  // `working in unused lps of foundation ch`: once around a flat piece
  {
    said: new RegExp(
      String.raw`(?<=^\s{0,9}(?:(?:rounds?|rnds?|r)\s{0,3}\d{1,3}\s{0,3}[:.-])?\s{0,9})(?:ch\s*1\s*[;,]?\s*)?(?=.*\b(?:unused|free|remaining)\s+(?:lps|loops)\s+of\s+(?:the\s+)?(?:foundation|starting|beginning)\s+ch)`,
      'g',
    ),
    tersely: 'edge:',
  },
  {
    said: /\bworking\s+(?:in|into|along|across)\s+(?:the\s+)?(?:unused|free|remaining)\s+(?:lps|loops)\s+of\s+(?:the\s+)?(?:foundation|starting|beginning)\s+ch(?:ain)?\s*[,:]/g,
    tersely: '',
  },
  {
    said: new RegExp(
      String.raw`\b(?:work\s+)?(\d+)\s+(?:sc|dc)\s+evenly\s+(?:along|down|up|across|over)\s+(?:the\s+)?(?:other\s+)?(?:side|edge|top|bottom)\b`,
      'g',
    ),
    tersely: (count) => `${count} up side`,
  },
  // `sc evenly along the side: 11 sc, 3 sc in corner, 11 sc up the other side`
  {
    said: new RegExp(
      String.raw`\b${STITCH}\s+evenly\s+(?:along|down|up|across)\s+(?:the\s+)?(?:first\s+)?(?:side|edge|top|bottom)\s*:`,
      'g',
    ),
    tersely: 'edge:',
  },
  {
    said: /\bin\s+(?:the\s+)?(?:last|first|next|second|third|fourth|each|every|other)\s+corner\b/g,
    tersely: 'in corner',
  },
  // `ch 10, sl st back in the first 3 ch, leave the others`
  {
    said: /\bch\s?(\d+),\s+(sl\s?st|sc|ss)\s+(?:back\s+)?in\s+(?:the\s+)?first\s+(\d+)\s+(?:ch|chains),\s+(?:and\s+)?leave\s+the\s+(?:others|rest|remaining\s+(?:ones|chains))(?:\s+(?:free|unworked))?/g,
    tersely: (chain, stitch, count) =>
      `ch ${chain}, ${count} ${stitch} from 2nd ch, skip ${Math.max(0, Number(chain) - 1 - Number(count))}`,
  },
  // `SL 4, FO`, `5 X SL FO`: a slip stitch by two letters
  { said: /\bsl\s+(?=\d)/g, tersely: 'ss ' },
  { said: /\bsl\s+(?=(?:fo|fasten|off)\b)/g, tersely: '' },
  // `ch 20 with sand, 19 sl st back`
  {
    said: /\bch\s?(\d+)\s+(?:with|in)\s+([a-z]{3,12})\s*,/g,
    tersely: (chain, colour) => `in ${colour}: ch ${chain},`,
  },
  // `ch 20 ss to the first`
  {
    said: /(?<=\bch\s?\d+,?\s+)(?:sl|ss|sl\s?st)\s+to\s+(?:the\s+)?first(?:\s+(?:ch|chain|one))?(?=\s*(?:$|[,.;]))/g,
    tersely: 'join',
  },
  // `3 sc starting from 2nd ch`
  {
    said: /(?<=\d\s*(?:sc|hdc|dc|sl\s?st)\s+)starting\s+(?=(?:from|in)\s+(?:the\s+)?(?:2nd|second|3rd|third)\s+ch)/g,
    tersely: '',
  },
  { said: /\bon\s+(?:the\s+)?(?:other|opposite)\s+side\s+(?=\d+\s*[a-z])/g, tersely: 'other side: ' },
  // `working on leg 2: ch 4, join to leg 1 with a sc, sc in next 9 st of leg 1`
  {
    said: /\b(?:working|work|continue|continuing)\s+(?:on|with|from)\s+(?!(?:r|rnd|round|row)\s)[a-z]+\s+[12]\s*[:,]/g,
    tersely: '',
  },
  {
    said: /(?<=\d\s+(?:sts?|sc|dc|stitches)\s+)(?:of|on)\s+(?:the\s+)?(?!(?:r|rnd|round|row)\s)(?:[a-z]+\s+[12]|(?:first|second|other)\s+[a-z]+)(?=\s*[,;(\[])/g,
    tersely: '',
  },
];
