import type { Phrase } from './joinedEdges';

/** What is written as shortly as it goes, for oneself or between friends, put as everybody writes it. */
export const SHORT_WORDS: readonly Phrase[] = [
  // `(2 sc inc) x6`: the comma between them
  {
    said: /(?<=\d\s?(?:sc|dc|st))\s+(?=(?:inc|dec|invdec)(?![a-z]))/g,
    tersely: ',',
  },
  // `1 sc, 1 inc (6x)`: the bracket tells how often all before it goes
  {
    said: /(?<=^|[:.)\d])(\s)((?:\d+\s+)?(?:sc|dc|hdc|inc|dec|invdec)\b[^()[\]*:;=]*?[a-z\d])\s{1,12}\((\d{1,3})\s?(?:x|times)\)/g,
    tersely: (_, worked, times) => `(${worked})x${times}`,
  },
  // `ch 8, F/O.`
  { said: /\bf\/o\b/g, tersely: 'fo' },
  // `(sl st, ch 3) in each of the 24 loops`
  { said: /\bin(?:to)?\s+each\s+of\s+(?:the|these|those)\s+(?=\d+\s+(?:lps|loops)\b)/g, tersely: ' x ' },
  { said: /(?<=\bx\s+\d+)\s+(?:lps|loops)\b/g, tersely: '' },
  // `2 together six times (6)`
  {
    said: /(?<=^\s*|[:.]\s{1,3}|\d\s{1,3})(?:2|two)\s+together(?=\s+(?:[a-z]+\s+times|\d+\s*(?:x|times)|x\s*\d|all|a?round)\b)/g,
    tersely: 'dec',
  },
  // `dec rep 6`
  { said: /(?<=\b(?:inc|dec|invdec))\s+rep(?:eat)?\s+(?=\d+(?!\d|\s*(?:times|x)\b))/g, tersely: ' x ' },
  // `sl st loosely all round`
  {
    said: /(?<=\b(?:sc|dc|hdc|st|ss|stitch|crochet)\s+)(?:loosely|tightly|firmly|snugly|carefully|neatly)\s+(?=(?:all\s+)?(?:a?round|across|along|in)\b)/g,
    tersely: '',
  },
  // `5 rounds straight`
  {
    said: /(?<=\b(?:rounds?|rnds?|rows?)\s)(?:straight|plain|without\s+(?:any\s+)?(?:shaping|increas(?:es?|ing)|chang(?:es?|ing)))(?=\s*(?:$|[.,;(=]))/g,
    tersely: 'even',
  },
  // `Work [1 sc, inc] 7 times`
  { said: /(?<=^|[\s:.])work\s+(?=[([*]\s?\d*\s?[a-z])/g, tersely: '' },
  // `Begin: magic loop, ch 1, 7 sc into the loop`
  {
    said: /^\s*(?:to\s+)?(?:begin|start|beginning)\s*[:,]\s*(?=(?:an?\s+)?(?:magic|adjustable|ring|mr|ch)\b)/g,
    tersely: '',
  },
  // `magic loop, ch 1, 7 sc into the loop, pull closed`
  {
    said: /(?<=^\s{0,20}|[:.)]\s{1,9})(?:magic|adjustable|sliding)\s+(?:ring|loop|circle)\s?[,.;]?\s+(?:and\s+)?(?:1\s?ch|ch(?:ain)?\s?(?:1|one))\s?[,.;]?\s+(?:and\s+|then\s+)?(?=\d{1,3}\s?[a-z]+\s+(?:in|into)\s+(?:the\s+)?(?:ring|loop|circle|it)\b)/g,
    tersely: '',
  },
  {
    said: /(?<=\b(?:ring|loop|circle)\s?),?\s+(?:and\s+)?(?:then\s+)?(?:pull|draw)\s+(?:(?:it|the\s+(?:ring|loop|circle|tail|end))\s+)?(?:closed|shut|tight(?:ly)?|together)(?=\s*(?:$|[.,;(=[]))/g,
    tersely: '',
  },
  // `1 sc in FLO of each sc`, `2 hdc in FLO of next st`
  {
    said: /\bin\s+(?:the\s+)?(flo|blo|(?:front|back)\s+loops?(?:\s+only)?)\s+of\s+(each|(?:the\s+)?next)\s+(sc|dc|hdc|tr|st|stitch)\b/g,
    tersely: (loops, which, stitch) =>
      `in ${which === 'each' ? 'each' : 'next'} ${stitch} ${loops.startsWith('f') ? 'flo' : 'blo'}`,
  },
  // `Close with 4 sc through both layers.`
  {
    said: /(?:^\s*|(?<=[.;]\s))(?:(?:flatten|fold|press)(?:\s+(?:it|flat|in\s+half))?\s?[.,]\s+)?close\s+with\s+(?=\d+\s*(?:sc|dc|sl\s?st|ss)\s+(?:through|across|in)\s+(?:both|all)\b)/g,
    tersely: 'fold, ',
  },
  // `sc in the 13 skipped sts`
  {
    said: /(?<![a-z])(sc|dc|hdc|htr|tr)\s+(?:in|into)\s+(?:each\s+of\s+)?(?:the|all)\s+(\d{1,3})\s+(?:skipped|missed|unworked|free)\s+(?:sts?|stitches|ch|chains|loops?)(?![a-z])/g,
    tersely: (stitch, count) => `${count} ${stitch}`,
  },
  // `1 dc in each of next 5 ch on the other side`
  {
    said: /(?<![a-z])((?:\d\s?)?(?:sc|dc|hdc|htr|tr)\s+(?:in|into)\s+(?:each\s+of\s+)?(?:the\s+)?(?:next|last)\s+\d{1,3}\s?(?:ch|sts?)?)\s+(?:on|along|down|up)\s+the\s+(?:other|opposite|second)\s+side(?:\s+of\s+(?:the\s+)?ch(?:ain)?)?/g,
    tersely: (worked) => `other side: ${worked}`,
  },
  // `sc evenly around the other three sides, 4 down the side`
  {
    said: /(?<!\bedging\b.*)\bevenly\s+(?:a?round|along|down)(?:\s+(?:the\s+)?(?:(?:other|remaining|outer)\s+)?(?:(?:three|3|two|2|four|4)\s+)?(?:sides|edges?|piece))?\s*[,:]\s*(?=\d{1,3}\s+(?:down|along|up|across)\b)/g,
    tersely: 'around edge: ',
  },
  {
    said: /^\s*(?:do\s+not\s+turn|don't\s+turn|without\s+turning)\s*[.,;]\s*(?=sc\b|dc\b|work\b)/g,
    tersely: '',
  },
  // `6 sc, magic ring`
  {
    said: /(?<=\d\s?(?:sc|dc|hdc|htr|tr)\s?),\s(?:magic|adjustable)\s(?:ring|circle|loop)(?=\s*(?:$|[=([]))/g,
    tersely: ' in ring',
  },
  // `[2 sc, 2 tog] x6`
  {
    said: /(?<=^\s*|[,([*:)]\s{0,3}|\d\s?sc,\s)2\s?tog(?=\s*(?:x\s?\d|[)\]*;]|[.,]\s*rep))/g,
    tersely: 'dec',
  },
  // `Start with an adjustable loop with 6 sts`
  {
    said: /^\s*(?:start|begin)\s+with\s+an?\s+(?:magic|adjustable|sliding)\s+(?:ring|circle|loop)\s+(?:with|of)\s+(\d{1,2})\s+(?:sts?|stitches|sc)\s*\.?\s*$/g,
    tersely: (count) => `mr ${count}`,
  },
  {
    said: /\bby\s+the\s+(back|front)\s+loops?(?:\s+only)?/g,
    tersely: (loop) => (loop === 'back' ? 'blo' : 'flo'),
  },
  // `r3 1 and inc`
  {
    said: /(?<=^\s{0,30}r\d{1,3}[:.]?\s)(\d{1,3})\s+and\s+(?=(?:inc|dec)(?![a-z]))/g,
    tersely: (count) => `${count} st,`,
  },
  // `mr(6)`
  {
    said: /(?<!\b(?:in|into)\s{1,3}(?:an?\s|the\s)?)\bmr[([](\d{1,3})[)\]]/g,
    tersely: (count) => `mr${count}`,
  },
  // `1. ring 6`
  { said: /(?<=^\s{0,9}1[.):]\s{1,20})ring\s(\d{1,3})(?=\s*$)/g, tersely: (count) => `mr ${count}` },
  // `6 mr`
  {
    said: /(?<=^\s{0,9}(?:(?:r|rnds?|rounds?)?\s?\d{1,3}\s?[:.)]\s{0,5})?)(\d{1,3})\s*mr(?=\s*(?:$|[([=]))/g,
    tersely: (count) => `mr${count}`,
  },
  // `6inc 12`, `6(1 sc, inc) 18`: the count behind what said how often already
  {
    said: /(?<=(?:^|[\s,:])\d{1,3}\s?(?:inc|dec|[([][^()[\]]{1,60}[)\]]))\s+(\d{1,4})(?=\s*$)/g,
    tersely: (count) => `=${count}`,
  },
  // `with a 3 mm hook and rust yarn make a magic ring`
  { said: /(?<=\bhook)\s+and\s+(?=[a-z ]{2,20}\byarn\b)/g, tersely: ' in ' },
  // `foundation: 6 ch + 1 ch to turn`
  {
    said: /^\s*(?:(?:foundation|base|starting|set-?up)(?:\s+(?:ch|chain|row))?\s*[:.-]\s*)?(\d{1,3})\s*(?:ch|chains?)\s*\+\s*(\d)\s*(?:ch\s*)?(?:(?:to|for)\s+(?:the\s+)?turn(?:ing)?)(?:\s+ch)?/g,
    tersely: (count, turning) => `ch ${Number(count) + Number(turning)}`,
  },
  { said: /^\s*(?:foundation|base)(?:\s+(?:ch|chain|row))?\s*[:.-]\s*(?=\d{0,3}\s*ch)/g, tersely: '' },
  // `2 hdc in same st and in each st around`
  {
    said: /\bin\s+(?:the\s+)?(?:same|first)\s+(?:st|stitch)\s+and\s+(?:in\s+)?(?:each|every)\s+(?:(?:remaining|other|next)\s+)?(?:st|stitch)\b/g,
    tersely: 'in each st',
  },
];
