import { knownByText } from '../kept';
import { BOOK_WORDS } from './bookWords';
import { EVERY_NTH } from './everyNth';
import { EVERYDAY_WORDS } from './everydayWords';
import { FOLDING } from './foldingWords';
import { FOREIGN_WORDS } from './foreignWords';
import { TUTORIAL_WORDS } from './tutorialWords';
import { JOINED_EDGES, type Phrase } from './joinedEdges';
import { ofJoinedPieces } from './joinedLegs';
import { countSaid, NUMBER_PATTERN as N } from './numberWords';
import { SHORT_WORDS } from './shortWords';

const RING = String.raw`(?:(?:double|doubled)\s+)?(?:magic|adjustable|adj\.?|starting|sliding|slip|amigurumi|yarn)\s+(?:ring|circle|loop)|mr\b`;
/** `you should have 12`, `which gives you 30`, `that leaves 15`, `so there are 24 again`. */
const THAT_MAKES = String.raw`(?:(?:so|and|now|then)\s+)*(?:(?:you|we)'ve\s+got(?:\s+now)?|(?:you|we|i)(?:'ll)?\s+(?:(?:should|will|still|now|then|also|again)\s+)*(?:have|get|end up with|end with|count|be at|are at)(?:\s+(?:now|a total of|still))?|(?:which|that|this|it)\s+(?:will\s+)?(?:gives?|makes?|leaves?|brings?)(?:\s+(?:you|us|it|them))?(?:\s+(?:to|with|a total of))?|there\s+(?:are|will be|should be)(?:\s+(?:still|now))?|so\s+that|that(?:'s| is)|for\s+a\s+total\s+of|a\s+total\s+of|in\s+total|total(?:\s+of)?:?|always|still)`;
const BEHIND_COUNT = String.raw`(?:\s+(?:st|sts|stitch|stitches|sc|dc|are left|again|now|in all|in total|total|altogether|left|remaining|remain|on the hook|in the round|each time|all the time|after each of them|in each of them|around|on your hook))*`;

/** The ring is said again behind its stitches. */
const INTO_IT = String.raw`(?=.*\b(?:in|into|inside)\s+(?:it|(?:the|your)\s+(?:ring|circle|loop)))`;

const PHRASES: readonly Phrase[] = [
  ...TUTORIAL_WORDS,
  ...EVERYDAY_WORDS,
  ...BOOK_WORDS,
  ...FOREIGN_WORDS,
  ...SHORT_WORDS,
  // What is said about a count.
  {
    said: new RegExp(
      String.raw`(?<=^|[\s,;.:(–-])(?:${THAT_MAKES})\s+(${N})(?![\w%])${BEHIND_COUNT}(?=\s*(?:$|[.,;!)(]))`,
      'g',
    ),
    tersely: (count) => `= ${countSaid(count)}`,
  },
  {
    said: new RegExp(
      String.raw`(?<=[\s,;])and\s+(${N})\s+(?:st|sts|stitches)\s+(?:are\s+left|remain|are\s+there)(?=\s*(?:$|[.,;!]))`,
      'g',
    ),
    tersely: (count) => `= ${countSaid(count)}`,
  },
  // The beginning.
  {
    said: new RegExp(
      String.raw`\b(?:(?:you|we|i)\s+)?(?:make|create|form|start\s+with|begin\s+with|start|begin|work|into|in)\s+(?:an?|the|your)?\s*(?:${RING})\s*(?:[,;]|(?<=\b(?:make|create|form)\s+(?:an?|the|your)\s+(?:${RING})\s{0,2})\.|and|then|with|,\s*then|,\s*and)?\s+(?:(?:1\s*ch|ch(?:ain)?\s*(?:1|one))(?:\s*\([^()]*\))?\s*[,.]?\s+)?(?:and\s+)?(?:then\s+)?(?:work|put|make|crochet|place|do)?\s*(?=${N}\s|\d+[a-z])${INTO_IT}`,
      'g',
    ),
    tersely: '',
  },
  {
    said: new RegExp(
      String.raw`\b(?:(?:you|we|i)\s+)?(?:make|create|form|start\s+with|begin\s+with|start|begin|work|into|in)\s+(?:an?|the|your)?\s*(?:${RING})\s*(?:[,;]|(?<=\b(?:make|create|form)\s+(?:an?|the|your)\s+(?:${RING})\s{0,2})\.|and|then|with|,\s*then|,\s*and)?\s+(?:(?:1\s*ch|ch(?:ain)?\s*(?:1|one))(?:\s*\([^()]*\))?\s*[,.]?\s+)?(?:and\s+)?(?:then\s+)?(?:work|put|make|crochet|place|do)?\s*(?=${N}\s|\d+[a-z])`,
      'g',
    ),
    tersely: 'mr ',
  },
  {
    said: /\b(?:into|inside|in)\s+(?:it|(?:the\s+)?(?:ring|circle|loop))(?=\s*(?:$|[.,;:(\[=!]))/g,
    tersely: 'in ring',
  },
  { said: /\bstarting\s+in\s+the\s+(?=\d)/g, tersely: 'starting in ' },
  {
    said: new RegExp(
      String.raw`\b(${N})\s+(?:sts|stitches)\s+(?=(?:into|in|inside)\s+(?:it|(?:the\s+|a\s+|an\s+)?(?:magic\s+)?(?:ring|circle|loop))(?=\s*(?:$|[.,;:(=])))`,
      'g',
    ),
    tersely: (count) => `${count} sc `,
  },
  {
    said: /\b(?:crochet|work|do|make)\s+(?:one|1|a|another)\s+(?:more\s+)?(?:round|rnd|row)\s+(?=in\s+(?:the\s+)?(?:back|front|blo|flo)\b)/g,
    tersely: 'sc around ',
  },
  // How often.
  {
    said: /(?:,\s*|\s+)(?:and\s+)?(?:then\s+)?(?:(?:you|we)\s+)?(?:do|repeat|work|keep\s+(?:doing|repeating|working)|continue|go\s+on\s+with)\s+(?:that|this|these|it|so|them)\s+(?:for\s+)?(?=(?:all\s+(?:the\s+way\s+)?|right\s+)?(?:around|across)\b|to\s+the\s+end)/g,
    tersely: ', repeat ',
  },
  {
    said: new RegExp(
      String.raw`(?:,\s*|\s+)(?:and\s+)?(?:then\s+)?(?:do|repeat|work)\s+(?:that|this|it|these|them|so)\s+(?=(?:${N})\s+(?:more\s+)?times|twice|once)`,
      'g',
    ),
    tersely: ', repeat ',
  },
  {
    said: new RegExp(String.raw`,?\s+and\s+again,?\s+(?=${N}\s+times)`, 'g'),
    tersely: ', ',
  },
  { said: /\b(?:but\s+)?this\s+time\s+only\s+/g, tersely: '' },
  { said: /\ball\s+(?:the\s+way\s+)?(?:a?round|across)\b/g, tersely: 'around' },
  // Small words that carry nothing.
  {
    said: new RegExp(
      String.raw`(?<=^|[\s,.;:(])(?:you|we|i)\s+(?:now\s+|then\s+|just\s+)?(?:work|make|crochet|do|put|place)\s+(?=(?:an?\s+|one\s+|the\s+)?(?:${N}\s+)?[a-z])`,
      'g',
    ),
    tersely: '',
  },
  {
    said: new RegExp(
      String.raw`(?<=^|[\s,.;:(])(?:work|crochet|make|knit)\s+(?=(?:${N}\s*)?(?:ch|chain|sc|dc|hdc|htr|tr|inc|dec|sl st|single|double|half|treble|slip|increases?|decreases?|an?\s+(?:increase|decrease|single|inc|dec))(?![a-z]))`,
      'g',
    ),
    tersely: '',
  },
  {
    said: new RegExp(
      String.raw`(?<=^|[\s,.;:(])(?:work|crochet|make)\s+(?=(?:in|into)\s+(?:the\s+)?(?:back|front|blo|flo)\b)`,
      'g',
    ),
    tersely: '',
  },
  {
    said: /(?<=^|[\s,.;:(])(?:just|simply|also|now|please|carefully)\s*,?\s+(?=(?:\d+\s*)?(?:sc|dc|hdc|htr|tr|inc|dec|sl st|work|single|double|slip)(?![a-z]))/g,
    tersely: '',
  },
  {
    said: /(?<![a-z])an?\s+(?=(?:increase|decrease|inc|dec|invdec|bobble|single|double(?!\s+magic)|half|slip|sc|dc|hdc|popcorn)(?![a-z]))/g,
    tersely: '1 ',
  },
  {
    said: /\b(?:work|continue|crochet|go on)(?:ing)?\s+(?:even(?:ly)?|straight|plain|without\s+(?:shaping|increasing|decreasing))\b/g,
    tersely: 'even',
  },
  // `Next round:`, `Final round -`: a label without a number.
  {
    said: /^\s*(?:then\s+|now\s+)?(?:the\s+)?(?:(?:next|final|last|following)\s+(?:round|rnd|row)\s*[:.-]|next\s*:)\s*(?=\S)/g,
    tersely: '',
  },
  { said: /(?<=[:.)]\s{0,2})(?:no\s+change|no\s+shaping|unchanged)\b/g, tersely: 'even' },
  {
    said: new RegExp(
      String.raw`\b(?:work|do|crochet|make)\s+(?:another\s+)?(${N})\s+(?:more\s+)?(?:rounds?|rnds?|rows?)\s+(?:straight|even|plain)\b`,
      'g',
    ),
    tersely: (count) => `${count} rounds even`,
  },
  {
    said: new RegExp(
      String.raw`\b(?:work|do|crochet|make)\s+(?:another\s+)?(?=${N}\s+(?:more\s+)?(?:rounds?|rnds?|rows?)\s+(?:of|in)\s+(?:sc|dc|hdc|htr|tr|single|double|half)\b)`,
      'g',
    ),
    tersely: '',
  },
  {
    said: /\b(?:no|without|with\s+no)\s+(?:more\s+|any\s+)?(?:increas(?:es|ing)|decreas(?:es|ing)|change|shaping)\b,?/g,
    tersely: '',
  },
  { said: /,\s*one\s+after\s+(?:the\s+other|another)\b/g, tersely: '' },
  { said: /\bkeeping\s+(?:the\s+)?colou?rs?\s+as\s+(?:set|before|established),?\s*/g, tersely: '' },
  { said: /\bin\s+(?:the\s+)?same\s+way(?:\s+as\s+before)?,?\s*/g, tersely: '' },
  {
    said: /\b(?:to|until)\s+(?:the\s+)?end\s+of\s+(?:the\s+)?(?:round|rnd|row)\b(?!\s*\d)/g,
    tersely: 'to end',
  },
  { said: /\bfrom\s+(?:the|your)\s+hook\b/g, tersely: 'from hook' },
  { said: /\bevery\s+single\s+(?=st|stitch)/g, tersely: 'each ' },
  {
    said: /\bworking\s+(?:(?:only\s+)?in|into|through)\s+(?=(?:the\s+)?(?:back|front|free)\b)/g,
    tersely: 'in ',
  },
  { said: /\bbehind\s+the\s+(?:sl\s*st|slip\s*stitch|ss)(?:s|es)?\b/g, tersely: 'blo' },
  { said: /\bwith\s+the\s+same\s+yarn\b,?/g, tersely: '' },
  { said: /\bwork\s+in\s+(?=(?:sc|dc|hdc|htr)\b)/g, tersely: '' },
  // Said shortly because it was just said.
  {
    said: /(?<!(?<!\d\s?)\b(?:sc|single crochets?)\s{1,4})\b(two|three|2|3)\s+in\s+(?:the\s+)?(next|same)(?:\s+(?:st|stitch|one))?(?=\s*(?:$|[*,;)(\]]))(?<=\b(?:sc|single crochets?)\b[^.;]*)/g,
    tersely: (count, where) => `${countSaid(count)} sc in ${where}`,
  },
  {
    said: /(?<!(?<!\d\s?)\b(?:dc|double crochets?)\s{1,4})\b(two|three|2|3)\s+in\s+(?:the\s+)?(next|same)(?:\s+(?:st|stitch|one))?(?=\s*(?:$|[*,;)(\]]))(?<=\b(?:dc|double crochets?)\b[^.;]*)/g,
    tersely: (count, where) => `${countSaid(count)} dc in ${where}`,
  },
  {
    said: /(?<=\b(?:sc|dc|hdc|htr|tr)\s+)round\s+(?:it|the\s+ring|the\s+(?:ch|chain))\b/g,
    tersely: 'in ring',
  },
  { said: /\b(?:single crochet|sc)\s+(?:two|2)\s+(?:sts\s+|stitches\s+)?together\b/g, tersely: 'sc2tog' },
  { said: /\b(?:double crochet|dc)\s+(?:two|2)\s+(?:sts\s+|stitches\s+)?together\b/g, tersely: 'dc2tog' },
  { said: /\b(?:between|from)\s+(?:the\s+)?(?:asterisks|stars)(?=\s)/g, tersely: '' },
  { said: /(?<=\d\s*(?:sc|hdc|dc)),\s+(?=from\s+(?:the\s+)?(?:2nd|second|3rd|third)\s+ch)/g, tersely: ' ' },
  ...EVERY_NTH,
  // How many.
  {
    said: /(?<=^|[\s,;:([])(\d+)\s*x\s+(?=(?:sc|hdc|dc|htr|tr|inc|dec|invdec|ch|sl\s?st|ss)(?![a-z]))/g,
    tersely: (count) => `${count} `,
  },
  { said: /\b(\d(?:nd|rd|th)|second|third)\s+from\s+(?:the\s+)?hook\b/g, tersely: (nth) => `${nth} ch` },
  // `sl st shut over 10`
  {
    said: /\b(sl\s?st|slip stitch|ss|sc|dc)\s+(?:it\s+|(?:the\s+)?(?:edges?|sides?|layers?)\s+)?(?:shut|closed|together)\s+(?:over|across|with|in)\s+(\d+)(?:\s+(?:sts?|stitches))?(?=\s*(?:$|[,.;(]))/g,
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
  // `sl st shut across`
  {
    said: /\b(sl\s?st|slip stitch|ss|sc|dc)\s+(?:it\s+)?(?:shut|closed|together)\s+(?:all\s+)?across(?:\s+the\s+(?:top|opening|edge))?(?=\s*(?:$|[,.;(=]))/g,
    tersely: (stitch) => `${stitch} across both`,
  },
  // `knit the first handle together with the body 4 sc`
  {
    said: /\b(?:work|crochet|join|attach|catch|knit)\s+(?:the\s+)?(?:first|second|third|fourth|next|other|1st|2nd|3rd|4th)?\s*([a-z]{2,20})\s+together\s+with\s+(?:the\s+)?(?:body|head|edge|main\s+part)\s*[,:]?\s+(?:(?:over|with|for|in)\s+)?(\d+)\s+(?:sc|sts|stitches)\b/g,
    tersely: (guest, count) => `${guest} over ${count}`,
  },
  {
    said: /,?\s+(?:and\s+)?join(?:\s+it)?\s+(?:in)?to\s+(?:a|the)\s+(?:ring|circle|round)(?:\s+with\s+(?:an?\s+)?(?:sl\s?st|ss|slip\s?stitch))?(?=\s*(?:$|[.,;]))/g,
    tersely: ', join',
  },
  // `(ch 3, 2 hdc in 2nd ch, sl st in ring) x3`: anchored where it began
  {
    said: /(?<=(?<!\d\s*)\b(?:sl\s?st|ss|slip stitch))\s+in(?:to)?\s+(?:the\s+)?(?:ring|loop)(?=\s*[*)\],;])/g,
    tersely: '',
  },
  // `flatten and sc 3 together`
  {
    said: /(?<=\b(?:flatten|fold|pinch)\b[^.;]*)\b(sc|dc)\s+(\d+)\s+together(?=\s*(?:$|[,.;(]))/g,
    tersely: (stitch, count) => `${stitch} ${count}`,
  },
  // `ch 6, 5 sl st back.`
  {
    said: /(?<=\d\s*(?:sl\s?st|ss|sc|hdc|htr|dc)\s+)back(?:\s+again)?(?=\s*(?:$|[.,;(]))/g,
    tersely: '',
  },
  { said: /→\s*(\d+)(?=\s*(?:(?:sts?|stitches)(?:\s+each)?)?\s*$)/g, tersely: (count) => `= ${count}` },
  {
    said: /\bin\s+(?:the\s+)?(?:other|opposite|second)\s+side\s+of\s+(?:the\s+)?(\d+)\s+(?:ch|chain)s?\b/g,
    tersely: (count) => `in next ${count} ch`,
  },
  {
    said: /\b(sc|dc|hdc|htr|tr)\s+(?:back\s+)?a?long\s+(?:the\s+)?(?:other|opposite|second)\s+side\s+of\s+(?:the|those|these)\s+(\d+)\s+(?:ch|chain)s?\b/g,
    tersely: (stitch, count) => `other side: ${count} ${stitch}`,
  },
  {
    said: /\b(sc|dc|hdc|htr|tr)\s+(?:along|across|over)\s+(?:the\s+|those\s+|these\s+)?(\d+)\s+(?:ch|chain)s?\b/g,
    tersely: (stitch, count) => `${count} ${stitch}`,
  },
  ...JOINED_EDGES,
  // Two as one.
  {
    said: /\b(?:work(?:ing)?|crochet(?:ing)?|take)\s+(?:off\s+)?(?:the\s+)?(?:next\s+)?(?:2|two)\s+(?:sc|dc|sts|stitches)\s+(?:off\s+)?(?:together\s+)?as\s+(?:one|1)(?:\s+(?:sc|dc|st|stitch))?(?![a-z])/g,
    tersely: 'dec',
  },
  // `one dc, then two together`
  {
    said: /(?<=[,;(:]\s{0,3}|^\s{0,3})(?:then\s+|and\s+)?(?:the\s+next\s+)?(?:2|two)\s+(?:sts\s+|stitches\s+)?together(?=\s*(?:$|[,;)(]))/g,
    tersely: 'dec',
  },
  { said: /(?<=\beach)\s+of\s+(?:the\s+)?first(?=\s)/g, tersely: ' next' },
  {
    said: /(?<=\b(?:each|every)\s+(?:st|stitch|sc|dc))\s+and\s+(?:each\s+|every\s+)?(?:ch|chain)(?![a-z])/g,
    tersely: '',
  },
  ...FOLDING,
];

/** Blanks out what a phrase says at length and puts its terse form first; the text stays as long as it was, so that places in it stay. */
function shortened(text: string, { said, tersely }: Phrase): string {
  said.lastIndex = 0;
  if (!said.test(text)) return text;
  said.lastIndex = 0;
  return text.replace(said, (...found) => {
    const whole = found[0] as string;
    const terse = typeof tersely === 'string' ? tersely : tersely(...(found.slice(1) as string[]));
    // A number keeps its place: a mend must find it where it was written.
    const digits = /\d+/.exec(terse)?.[0];
    const at = digits ? whole.search(new RegExp(String.raw`(?<!\d)${digits}(?!\d)`)) : -1;
    if (digits && at >= 0) {
      const lead = terse.slice(0, terse.indexOf(digits));
      const rest = terse.slice(terse.indexOf(digits) + digits.length);
      if (lead.length <= at && at + digits.length + rest.length <= whole.length)
        return (lead.padStart(at) + digits + rest).padEnd(whole.length).slice(0, whole.length);
    }
    return terse.length <= whole.length ? terse.padEnd(whole.length) : whole;
  });
}

const LONGEST = 2000;

/**
 * A line of written rounds in lower case, its long ways of saying things put tersely: `you should have 12` is `= 12`,
 * `make a magic ring and put six single crochet into it` is `six single crochet in ring`. As long as it was.
 */
export const tersely = knownByText((text: string): string => {
  if (
    text.length > LONGEST ||
    !/[a-z]\s+[a-z\d]|→|\d\+|, (?:close|gather)|\bplain\b|\d ?(?:mr|tog)\b|\bmr[([]|[)\]]\s+\d+$|[(-] ?\d+ ?(?:x|times)|\brep(?:eat)? ?[([*]|[([][bf]lo?[)\]]|[;.] \d/.test(
      text,
    )
  )
    return text;
  return [...ofJoinedPieces(text), ...PHRASES].reduce(shortened, text);
});
