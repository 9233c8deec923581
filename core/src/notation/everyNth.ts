import type { Phrase } from './joinedEdges';
import { NUMBER_PATTERN as N, numberSaid, ORDINALS, wordNumber } from './numberWords';

const TH = String.raw`\d(?:st|nd|rd|th)|other|${ORDINALS.slice(1).join('|')}`;
/** `every other stitch` is every second one. */
const before = (nth: string): number => (nth === 'other' ? 2 : numberSaid(nth)) - 1;

/** Rounds said by which of their stitches are doubled or worked together, and rounds that go on as they are, put tersely; `st` is the plain stitch in any terms. */
export const EVERY_NTH: readonly Phrase[] = [
  // `increase in every 2nd st`, `decrease in every 3rd and 4th st`
  {
    said: new RegExp(
      String.raw`\binc(?:rease)?\s+(?:in\s+|at\s+)?every\s+(${TH})\s+(?:st|stitch|sc|dc)\b`,
      'g',
    ),
    tersely: (nth) => `(${before(nth)} st,inc)around`,
  },
  {
    said: new RegExp(
      String.raw`\bdec(?:rease)?\s+(?:in\s+|over\s+)?every\s+(${TH})\s*(?:and|\+|&)\s*(?:${TH})\s+(?:sts?|stitch(?:es)?|sc|dc)\b`,
      'g',
    ),
    tersely: (nth) => `(${before(nth)} st,dec)around`,
  },
  // `decrease every 4th stitch`
  {
    said: new RegExp(String.raw`\bdec(?:rease)?\s+(?:in\s+|at\s+)?every\s+(${TH})\s+(?:st|stitch)\b`, 'g'),
    tersely: (nth) => `(${before(nth)} st,dec)around`,
  },
  { said: /\bdouble\s+(?:each|every)\s+(?:st|stitch)\b/g, tersely: 'inc around' },
  {
    said: new RegExp(String.raw`\bdouble\s+every\s+(${TH})\s+(?:st|stitch)\b`, 'g'),
    tersely: (nth) => `(${before(nth)} st,inc)around`,
  },
  // `2 sc into every second sc`
  {
    said: new RegExp(
      String.raw`\b(?:2|two)\s+(?:sc|dc)\s+(?:in|into)\s+every\s+(${TH})\s+(?:st|stitch|sc|dc)\b`,
      'g',
    ),
    tersely: (nth) => `(${before(nth)} st,inc)around`,
  },
  // `every 2nd st doubled`
  {
    said: new RegExp(String.raw`\bevery\s+(${TH})\s+(?:st|stitch)\s+doubled\b`, 'g'),
    tersely: (nth) => `(${before(nth)} st,inc)around`,
  },
  // `every 3rd + 4th st together`
  {
    said: new RegExp(
      String.raw`\b(?:(?:crochet|work)\s+)?every\s+(${TH})\s*(?:and|\+|&)\s*(?:${TH})\s+(?:sts?|stitch(?:es)?)\s+together\b`,
      'g',
    ),
    tersely: (nth) => `(${before(nth)} st,dec)around`,
  },
  {
    said: /\b(?:(?:(?:crochet|work|knit)\s+)?always|(?:always\s+)?(?:crochet|work))\s+(?:2|two)\s+(?:(?:sts?|stitches)\s+)?together(?:\s+(?:all\s+)?a?round)?(?=\s*(?:$|[=.,;([]))/g,
    tersely: 'dec around',
  },
  // `one sc, then two in the next, repeated round; eighteen`
  {
    said: /,?\s+repeat(?:ed|ing)?\s+(?:a?round|all\s+(?:the\s+way\s+)?a?round|to\s+(?:the\s+)?end)\b(?!\s+\d)/g,
    tersely: ', repeat around',
  },
  {
    said: new RegExp(String.raw`(?<=[a-z]\s{0,24}[;,]\s)(${N})(?=\s*(?:[.!]|$))(?<=[a-z-]{3})`, 'g'),
    tersely: (count) => (wordNumber(count) < 0 ? count : `=${wordNumber(count)}`),
  },
  // `inc all (12)`, `2+inc (24)`
  { said: /(?<=\b(?:inc|dec|increase|decrease)\s)all(?=\s*(?:$|[([.,;=]))/g, tersely: 'around' },
  { said: /(?<=\d)\s*\+\s*(?=(?:inc|dec|invdec)(?![a-z]))/g, tersely: ',' },
  // `8 ch, from the 2nd loop 7 sl st`
  { said: /(?<=\bfrom\s+(?:the\s+)?(?:2nd|second|3rd|third)\s+)loop\b(?=\s+\d)/g, tersely: 'ch' },
  // `6 dec (6), close`: a sentence of its own
  {
    said: /(?<=[)\]\dx]\s?),(?=\s+(?:and\s+)?(?:close|gather|draw\s+(?:up|shut)|pull\s+(?:shut|closed)|leave\s+open)\s*[.!]?\s*$)/g,
    tersely: '.',
  },
  // `(2 sc, dec) x6 (18) - stuff here`
  {
    said: /(?<=[([]\d{1,4}(?:\s?(?:sts?|sc|dc))?[)\]]\s?)-(?=\s+(?:now\s+)?(?:stuff|fill|insert|place|put|add|change|switch|fasten|cut|start\s+stuffing)\b)/g,
    tersely: '.',
  },
  // `as rnd 11 but without increases`, whose last words are blank already
  {
    said: /\b(?:as|like)\s+(?:rounds?|rnds?|rows?|r)\s*\d+,?\s+but\s+(?=$|[(\[,.;=])/g,
    tersely: 'even',
  },
];
