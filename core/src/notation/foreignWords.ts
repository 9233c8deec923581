import type { Phrase } from './joinedEdges';
import { NUMBER_PATTERN as N } from './numberWords';

/** English as it is written by people who learned the craft in another language, or by a machine that put their page into it, in plain words. */
export const FOREIGN_WORDS: readonly Phrase[] = [
  {
    said: /(?<=[:.)\]]\s{0,3})(?:without|no)\s+(?:any\s+)?(?:increase|decrease)s?(?:\s+(?:or|and|nor)\s+(?:increase|decrease)s?)?(?=\s*(?:$|[.,;(\[=]))/g,
    tersely: 'even',
  },
  {
    said: /\b(?:crochet|knit|take|work)\s+all\s+(?:sts\s+|stitches\s+)?(?:2\s+(?:by|and)\s+2|in\s+pairs)\s+together\b/g,
    tersely: 'dec around',
  },
  // `6 solid stitches`, `1 tight mesh`, `fixed stitch`, `low point`: what others call the plain stitch
  {
    said: /\b(?:solid|firm|fixed|tight|low)\s+(?:stitch(?:es)?|sts?|mesh(?:es)?|points?)\b/g,
    tersely: 'st',
  },
  { said: /\b(?:kettle|warp|chained?\s+slip)\s+(?:stitch(?:es)?|sts?|mesh(?:es)?)\b/g, tersely: 'sl st' },
  {
    said: new RegExp(String.raw`\b(${N})\s+air\s+(?:stitch(?:es)?|sts?|mesh(?:es)?)\b`, 'g'),
    tersely: (count) => `${count} ch`,
  },
  { said: /\b(?:thread|string|yarn|finger)\s+ring\b/g, tersely: 'magic ring' },
];
