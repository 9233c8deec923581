import { isPlainColour } from './colours';
import type { Phrase } from './joinedEdges';

const STITCH = String.raw`(?:sc|dc|hdc|htr|tr|single crochet|double crochet|half double crochet|half treble|treble)`;
const BACK = String.raw`\s*(?:x\s?\d|\d+\s*(?:x|times)|(?:twice|thrice)\b|[a-z]+\s+times\b|(?:all\s+)?a?round\b|(?:to|until)\s+(?:the\s+)?end\b)`;

/** What is said every day in more words, or in another order, than the terse form has. */
export const EVERYDAY_WORDS: readonly Phrase[] = [
  // `repeat (sc, inc) 6 times`: nothing was said that is done again
  {
    said: new RegExp(
      String.raw`(?<=^\s*|[:.)]\s{1,9})(?:repeat|rep)\s+(?=\([^()]{1,80}\)${BACK}|\[[^[\]]{1,80}\]${BACK}|\*[^*]{1,80}\*${BACK})`,
      'g',
    ),
    tersely: '',
  },
  // `sc twice in next st`, `sc 2x in the same st`, `sc 2 times in one st`, `sc 2 in 1 st`
  {
    said: new RegExp(
      String.raw`(?<=(?<!\d\s?|[a-z])${STITCH}\s+)(twice|2x|3x|2\s?times|3\s?times|2|3|two|three)\s+(in|into)\s+(?:the\s+)?(next|same|1|one)\s+(?:st|stitch|sc|dc)(?![a-z])`,
      'g',
    ),
    tersely: (times, into, which) =>
      `${/^(?:3|three)/.test(times) ? 3 : 2} ${into} ${which === 'same' ? 'same' : 'next'}`,
  },
  // `put 2 sc in next st`
  {
    said: new RegExp(
      String.raw`(?<=^|[\s,;:(*[{])(?:place|put)\s+(?=(?:\d|two|three|four|five|six)\s?${STITCH}(?![a-z]))`,
      'g',
    ),
    tersely: '',
  },
  // `*work 2 sc, inc*`
  {
    said: new RegExp(
      String.raw`(?<=[([{*]\s?|,\s)(?:work|make|crochet)\s+(?=(?:\d{1,3}\s?${STITCH}|(?:an?|1)\s+(?:bobble|popcorn|puff|inc|dec))(?![a-z]))`,
      'g',
    ),
    tersely: '',
  },
  // `front post dc around`
  {
    said: /\b(front|back)\s+post\s+(sc|dc|hdc|tr)(?![a-z])/g,
    tersely: (side, stitch) => `${side === 'front' ? 'fp' : 'bp'}${stitch}`,
  },
  // `2 sc in next 3 sts each`
  {
    said: new RegExp(
      String.raw`\b(2|3)\s?(${STITCH})\s+in\s+(?:the\s+)?next\s+(\d{1,3})\s+(?:sts|stitches)\s+each(?![a-z])`,
      'g',
    ),
    tersely: (makes, stitch, count) => `${makes} ${stitch} in each of ${count}`,
  },
  // `2 sc, inc (repeat 6 times)`
  { said: /\((?:rep|repeat)\s+(\d{1,3}\s?(?:x|times))\)/g, tersely: (times) => `(${times})` },
  // `2 sc, 1 inc - 6x`
  {
    said: /(?<=^\s*|[:.)\d]\s)([a-z\d][^()[\]*:;=-]{2,60}?(?:inc|dec|invdec))\s-\s(\d{1,3})\s?(?:x|times)(?=\s*(?:$|[.(=[]))/g,
    tersely: (worked, times) => `(${worked})${times}x`,
  },
  // `repeat 2 sc, inc around`
  {
    said: /(?<=^\s*|[:.)]\s{1,9})(?:repeat|rep)\s+((?:\d{1,3}\s?)?(?:sc|dc|inc|dec)[^()[\]*:;=]{2,60}?)\s+(?:all\s+)?around(?=\s*(?:$|[.(=[]))/g,
    tersely: (worked) => `(${worked}) around`,
  },
  // `increase 6 times evenly spaced`, `sc around, decreasing 6 sts evenly`
  {
    said: /(?:\bsc\s+a?round,?\s+)?\b(inc|dec)(?:reas(?:e|ing))?\s+(\d{1,3})\s*(?:times\s+|sts\s+|stitches\s+)?evenly(?:\s+spaced)?(?:\s+a?round)?(?=\s*(?:$|[.,;(=[]))/g,
    tersely: (what, count) => `${what} ${count} evenly`,
  },
  {
    said: /\b(\d{1,3})\s*(inc|dec)(?:reas(?:e|es))?\s+evenly\s+spaced(?:\s+a?round)?(?=\s*(?:$|[.,;(=[]))/g,
    tersely: (count, what) => `${what} ${count} evenly`,
  },
  // `6 sc inside magic ring`, `make a magic circle, crochet 6 sc inside`
  {
    said: /(?<=\d\s?(?:sc|dc|hdc|htr|tr)\s+)inside\s+(?=(?:an?\s+|the\s+)?(?:magic|adjustable|sliding|ring|circle|loop|mr)\b)/g,
    tersely: 'in ',
  },
  { said: /(?<=\d\s?(?:sc|dc|hdc|htr|tr)\s+)inside(?=\s*(?:$|[.,;([=:-]))/g, tersely: 'in it' },
  // `sc 6 times in a magic ring`, `cast on 6 sc`
  {
    said: /(?<=(?<!\d\s?)\b(?:sc|dc|hdc|htr|tr)\s+\d{1,2}\s+)times\s+(?=in(?:to)?\s+(?:an?\s+|the\s+)?(?:magic|adjustable|sliding|ring|circle|loop|mr)\b)/g,
    tersely: '',
  },
  { said: /\bcast\s+on\s+(?=\d{1,2}\s?(?:sc|dc|hdc|htr|tr|sts)\b)/g, tersely: '' },
  // `sc for the whole round`, `sc all sts`, `plain sc`
  {
    said: new RegExp(
      String.raw`(?<=(?<!\d\s?|[a-z])${STITCH}\s+)(?:(?:for\s+)?(?:the\s+)?(?:whole|entire|full)\s+(?:round|rnd|row)|all\s+(?:of\s+)?(?:the\s+)?(?:sts|stitches))(?![a-z])`,
      'g',
    ),
    tersely: 'around',
  },
  {
    said: new RegExp(
      String.raw`(?<=^\s*|[:.)]\s{1,9})(?:plain|straight)\s+(${STITCH})(?=\s*(?:$|[.,;([=]))`,
      'g',
    ),
    tersely: (stitch) => `${stitch} ea st`,
  },
  // `inc (6x)`, `inc all`, `sc twice in each st`, `dec each 2 sts around`
  {
    said: /(?<=(?:^\s*|[:.)]\s{1,9})(?:inc|dec|invdec))\s\((\d{1,3})\s?(?:x|times)\)/g,
    tersely: (times) => ` x${times}`,
  },
  {
    said: /(?<=(?:^\s*|[:.)]\s{1,9})(?:inc|dec|invdec)\s)(?:each\s+2\s+(?:sts|stitches)(?:\s+a?round)?)(?=\s*(?:$|[.,;([=]))/g,
    tersely: 'around',
  },
  {
    said: new RegExp(
      String.raw`(?<=(?<!\d\s?|[a-z])${STITCH}\s+)(twice|2x|2\s?times)\s+(in|into)\s+(each|every|all)(?![a-z])`,
      'g',
    ),
    tersely: (_, into, which) => `2 ${into} ${which}`,
  },
  { said: /(?<=\d\s?(?:sc|dc|hdc|htr|tr)\s)per(?=\s+(?:st|stitch)\b)/g, tersely: 'ea' },
  // `2 tog around`
  { said: /(?<=^\s*|[:.)]\s{1,9})2\s?tog(?=\s+(?:all\s+)?a?round\b)/g, tersely: 'dec' },
  // `sc 10 starting in 2nd ch from hook`
  {
    said: /\b(sc|dc|hdc|htr|tr)\s(\d{1,3})\s+(?:starting|beginning)\s+(?:in|from|with|at)\s+(?:the\s+)?(?=2nd|second|3rd|third)/g,
    tersely: (stitch, count) => `${count} ${stitch} from `,
  },
  // `ch 10 + 1`
  {
    said: /\bch\s?(\d{1,3})\s?\+\s?(\d)(?=\s*(?:$|[,.;]))/g,
    tersely: (count, more) => `ch ${Number(count) + Number(more)}`,
  },
  // `sc around (BLO)`, `(in the back loops only) 12 sc`
  {
    said: /[([]\s*((?:(?:in|work(?:ing)?\s+in|through)\s+)?(?:the\s+)?(?:[bf]lo?|(?:back|front)\s+loops?)(?:\s+only)?)\s*[)\]]/g,
    tersely: (loops) => ` ${loops} `,
  },
  // `12 hdc in the 3rd loop only`, `third loops:`; behind half double crochet it is the bar at the back
  {
    said: /\b(?:(?:in|into|through|work(?:ing)?\s+in)\s+)?(?:the\s+)?(?:3rd|third)\s+(?:loops?|lps?)(?:\s+only)?(?![a-z]|\s+from\b)/g,
    tersely: 'in tlo',
  },
  {
    said: /(?<=\b(?:hdc|htr)\s+)(?:in|into|through)\s+(?:the\s+)?back\s+(?:bumps?|bars?)(?:\s+only)?(?=\s*(?:$|[.,;:([=])|\s+(?:a?round|of\s+(?:each|every)\s+(?:st|hdc|htr))\b)/g,
    tersely: 'in tlo',
  },
  // `leave 2 unworked`, `leave the last st unworked`
  {
    said: /\bleave\s+(?:the\s+)?(?:last\s+|final\s+)?(\d{1,3})\s*(?:sts?|stitch(?:es)?)?\s+unworked(?![a-z])/g,
    tersely: (count) => `skip ${count}`,
  },
  {
    said: /\bleave\s+(?:the\s+)?(?:last|final)\s+(?:st|stitch|sc|dc|hdc)\s+unworked(?![a-z])/g,
    tersely: 'skip 1',
  },
  // `12 sc through the back loops`
  {
    said: /(?<=\d\s?(?:sc|dc|hdc|htr|tr)\s)through\s+(?=(?:the\s+)?(?:back|front)\s+loops?\b)/g,
    tersely: 'in ',
  },
  // `sc around (change to white)`
  {
    said: /\(((?:change|changing|switch)\s+(?:to|colou?r\s+to)\s+[a-z ]{3,40})\)/g,
    tersely: (change) => `, ${change}`,
  },
  // `white - sc around`, `white. sc around`
  {
    said: /(?<=^\s*|[:.)]\s{1,9})([a-z]{3,12}(?:\s[a-z]{3,12})?)((?:\s-|\.)\s+)(?=(?:\d{1,3}\s?)?(?:sc|dc|hdc|inc|dec)\b)/g,
    tersely: (colour, sign) => (isPlainColour(colour) ? `${colour}: ` : `${colour}${sign}`),
  },
  // `3 sc; inc; 4 sc; inc; 3 sc`: two semicolons or more part a list as commas do
  {
    said: /(?<=(?:sc|dc|hdc|inc|dec|invdec)(?:\s?\d{1,3})?);(?=\s+(?:\d{1,3}\s?)?(?:sc|dc|hdc|inc|dec|invdec)(?:\s\d{1,3})?\s*(?:;|[(=]|$))(?:(?=.+;)|(?<=;.+;))/g,
    tersely: ',',
  },
  // `(sc, inc) x 5; 2 sc`: fewer than the repeats are no count
  {
    said: /(x\s?|\*\s?)(\d{1,3})(\s?times)?\s?;\s+(\d{1,3})(?=\s?(?:sc|dc|hdc)\s*(?:$|[(=]))/g,
    tersely: (sign, times, word = '', more) =>
      `${sign}${times}${word}${Number(more) < Number(times) ? ',' : ';'} ${more}`,
  },
  // `3 sc inc 4 sc inc 3 sc`
  { said: /(?<=\d\s?(?:sc|dc|st)[\s,]+(?:inc|dec|invdec))\s+(?=\d{1,3}\s?(?:sc|dc|st)\b)/g, tersely: ',' },
  // `inc, sc the rest`
  {
    said: /(?<=(?<!\d\s?)\b(?:sc|dc|hdc)\s)(?:the\s+)?rest(?:\s+of\s+(?:the\s+)?(?:round|rnd|row))?(?=\s*(?:$|[.,;([=]))/g,
    tersely: 'around',
  },
  // `join in first sc with sl st`, `close with sl st`, `sl st to join round`
  {
    said: /(?<=[,.;]\s{1,3})(?:(?:close|end|finish)\s+with\s+(?:an?\s+)?(?:sl\s?st|ss|slip\s?stitch)|join\s+(?:in|to)\s+(?:the\s+)?(?:first|1st)\s+(?:sc|dc|hdc|st|stitch|ch|chain)\s+with\s+(?:an?\s+)?(?:sl\s?st|ss|slip\s?stitch)|(?:sl\s?st|ss|slip\s?stitch)\s+to\s+join\s+(?:the\s+)?(?:round|rnd))(?=\s*(?:$|[.,;(=[]))/g,
    tersely: 'join',
  },
  { said: /(?<=[,.;]\s{1,3})(?:end|finish)\s+with\s+(?=\d{1,3}\s?(?:sc|dc|hdc)\b)/g, tersely: '' },
  // `continue in sc for 3 rounds`
  {
    said: new RegExp(
      String.raw`\b(?:continue|carry\s+on|go\s+on|keep\s+going)\s+in\s+(?=${STITCH}(?![a-z]))`,
      'g',
    ),
    tersely: '',
  },
  // `sc around (12) pm`
  { said: /(?<=[)\]]\s*)pm(?=\s*$)/g, tersely: '' },
  // `inc once`
  { said: /(?<=\b(?:inc|dec|invdec|sc2tog|dc2tog|increase|decrease)\s)once\b/g, tersely: '' },
  // `crochet 2 together`, `dec 2 sts together`
  {
    said: /(?<=^|[\s,;:(*[{])(?<!\b(?:single|double|half|treble)\s{1,4})(?:(?:work|crochet)\s+(?:the\s+)?(?:next\s+)?(?:2|two)\s+(?:sts\s+|stitches\s+)?together|dec(?:rease)?\s+(?:the\s+)?(?:next\s+)?(?:2|two)\s+(?:sts|stitches)(?:\s+together)?)(?=\s*(?:$|[*,;.)(\]}=]|x\s?\d))/g,
    tersely: 'dec',
  },
  // `sc the next 2 sts`
  {
    said: new RegExp(
      String.raw`(?<=(?<![a-z\d])${STITCH}\s+)the\s+next\s+(\d{1,3}|two|three|four|five|six)\s+(?:sts?|stitch(?:es)?)(?!\s+together)(?![a-z])`,
      'g',
    ),
    tersely: (count) => `next ${count}`,
  },
];
