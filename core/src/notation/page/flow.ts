import { withEquals } from '../countsBehind';
import { withColon } from '../numberedLines';
import type { Span } from '../syntax';
import { copiesListed } from './copiesListed';
import type { LineMeaning } from './lineKinds';
import type { Terms } from './looking';
import type { Gathered, Page, PageLine } from './pageLine';
import { frontOf, PageReader } from './page';

/** A line that was broken by the width of its page ends in the middle of something: a small word, a comma, an open bracket. */
const IN_THE_MIDDLE =
  /(?:[,;(+–]|\s[*&]|(?:^|\s)(?:and|in|into|of|the|to|with|each|next|then|or|from|through|both|a|an|at|on|for|is|are|until|(?<!\sin\s)between|around|your|every|per|than|rep|repeat|x|×|single|double|half|slip|magic|last|first|all|same|other|both|sl|leaving|leave|using|we|i|crochet|work|make|it|no|safety|about|after|before|above|below|always|have|you|should|will|\d+(?:st|nd|rd|th)))$/i;
/** Something new begins: the label of a round, a point of a list. */
const BEGINS_ANEW =
  /^\s*(?:[-•●◦▪>»→]\s|\*\s|\d+(?:\.?\s*[-/]\s*\d+)?[.):]\s|\d+[.):]$|(?:[([][a-z ]+[)\]]\s*)?(?:r|rnds?|rounds?|rows?|rds?)\.?\s*\d|\d+(?:\s*-\s*\d+)?\s*(?:rounds?|rnds?|rows?)\s*[:.)-]|\d+(?:st|nd|rd|th)(?:\s*(?:-|to|and)\s*\d+(?:st|nd|rd|th))?\s+(?:rounds?|rnds?|rows?))/i;
/** The label of a round with its colon: whatever the line before it ends with, such as `sc around`, it has ended. */
const LABELLED =
  /^\s*(?:r|rnds?|rounds?|rows?|rds?)\.?\s*\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:[([]\s*\d+[^)\]]{0,12}[)\]]\s*)?[:→|]/i;
/** The number of a label, and its last one: `R3.`, `4-5)`, `3R:`, `(4)`. */
const NUMBERED =
  /^\s*(?:(?:r|rnds?|rounds?|rows?|rds?)\.?\s*#?(\d{1,3})(?:\s*[-–]\s*r?(\d{1,3}))?(?=[\s.:)])|[([]?(\d{1,3})(?:\s*[-–]\s*(\d{1,3}))?\s*(?:r|rnd|rd)?[.:)\]]\s)/i;
/** `R3. *sc, inc; rep from * around` and `R4. ...` below it: the round has ended, whatever its last word. */
function isNextRound(line: string, next: string): boolean {
  const [here, there] = [NUMBERED.exec(line), NUMBERED.exec(next)];
  if (!here || !there || !/\baround$/i.test(line)) return false;
  return Number(there[1] ?? there[3]) === Number(here[2] ?? here[1] ?? here[4] ?? here[3]) + 1;
}
/** So many lines must end in the middle before a page is taken for one that was wrapped; one is enough where it is long. */
const FEWEST = 2;
const LONG = 55;
/** A line so long before one that begins with a small letter is broken, whatever it ends with. */
const VERY_LONG = 72;
/** Letters are not equally wide: a line is full from so much of the width on. */
const FULL = 0.88;
/** No page is wrapped at fewer letters. */
const NARROWEST = 24;

/** The count of a round ends it. */
const COUNTED =
  /(?:[([]\s*=?\s*\d+\s*[a-z]{0,8}\s*[)\]]|=\s*\d+|→\s*\d+\s*(?:sts?|stitches)(?:\s+each)?)\s*[.,]?\s*$/i;

/** Rounds behind slashes. */
const SLASHED = /\s\/\s+r\d.*\s\/\s+\S/;

/** `* Worked from the nose to the back *` */
const BETWEEN_STARS = /^\s*\*\s[^*]+\s\*$/;

const endsInTheMiddle = (line: string, next: string): boolean => {
  const text = line.trimEnd();
  // `r3 1+inc (18) /`: rounds behind slashes
  if (/\s\/$/.test(text) || /^\s*\/\s/.test(next) || (SLASHED.test(text) && / \/ /.test(next)))
    return text.length >= NARROWEST && !/^\p{Lu}{2}/u.test(next);
  if (text.length < NARROWEST || LABELLED.test(next) || BETWEEN_STARS.test(text)) return false;
  if (isNextRound(text, next)) return false;
  // `of rnd` and `13.` below it, but not `x4 rounds` above the label of the next one
  const numbered = /\d\s*(?:more\s+)?(?:rounds?|rnds?|rows?)$/i.test(text) && BEGINS_ANEW.test(next);
  if (!numbered && /\b(?:rounds?|rnds?|rows?)$/i.test(text) && /^\s*\d/.test(next)) return true;
  if (/\b(?:sc|dc|hdc|htr|tr|ss|st|inc|ch)$/i.test(text) && /^\s*(?:in|into|around|each|to)\b/.test(next))
    return true;
  return IN_THE_MIDDLE.test(text) || text.lastIndexOf('(') > text.lastIndexOf(')') || /\p{Ll}-$/u.test(text);
};

/** Whether a line was surely broken before the next one. */
const isBroken = (line: string, next: string): boolean =>
  next !== '' &&
  (endsInTheMiddle(line, next) ||
    (line.trim().length >= VERY_LONG &&
      /^\p{Ll}/u.test(next) &&
      !/[.!?:;)\]]\s*$/.test(line) &&
      !COUNTED.test(line)));

/**
 * Which lines of a page go on in the next one because the page was wrapped at a width, as text copied out of a PDF is: the
 * next line's first word had no room, and nothing new begins there. Empty for a page that was not wrapped.
 */
function wrappedLines(lines: readonly string[]): ReadonlySet<number> {
  const flows = new Set<number>();
  const words = (i: number): string => (lines[i] ?? '').trim();
  const broken = lines.flatMap((line, i) => (isBroken(line, words(i + 1)) ? [words(i).length] : []));
  if (broken.length < FEWEST && !broken.some((length) => length >= LONG)) return flows;
  const width = Math.max(...broken);
  lines.forEach((_, i) => {
    const [line, next] = [words(i), words(i + 1)];
    if (line === '' || next === '' || line.includes('\t')) return;
    const room = line.length + 1 + next.split(/\s/)[0].length;
    if (room <= width * FULL) return;
    if (endsInTheMiddle(line, next) ? !/^(?:\p{Lu}{3}|\p{Lu}\p{Ll}+ ?\d+:)/u.test(next) : goesOn(line, next))
      flows.add(i);
  });
  return flows;
}

/** A full line that ends with whole words goes on where the next begins in the middle of a sentence. */
function goesOn(line: string, next: string): boolean {
  if (BEGINS_ANEW.test(next) || COUNTED.test(line)) return false;
  if (/[.!?:]["”')]?$/.test(line)) return /^[([=]/.test(next);
  return /^[\p{Ll}\d([*=+&,;]/u.test(next);
}

/** A line as it was meant, and which line of the text it begins at, from 0. */
interface WholeLine extends Span {
  first: number;
}

/** A line with the label of its round as most pages write it; as long as it was or a little shorter. */
function labelledAsUsual(
  asWritten: string,
  { label, numbered, behind }: NonNullable<Terms['words']>,
): string {
  const line = behind ? withEquals(asWritten) : asWritten;
  const ruled = numbered ? withColon(line).replace('\t', ': ') : line;
  return label ? ruled.replace(new RegExp(String.raw`^(\s*)${label}(?=\.?\s?\d)`, 'i'), '$1R') : ruled;
}

/** The lines of a page, those that its width has broken made whole; a line that the maker has given a meaning is one of its own. */
function unwrapped(
  text: string,
  lines: readonly Span[],
  said: Readonly<Record<number, LineMeaning>>,
  words: Terms['words'],
): WholeLine[] {
  const written = lines.map((l) => text.slice(l.from, l.to));
  const flows = wrappedLines(words ? written.map((l) => labelledAsUsual(l, words)) : written);
  const firsts = lines.flatMap((_, i) => (i > 0 && flows.has(i - 1) && !said[i + 1] ? [] : [i]));
  return firsts.map((first, k) => ({
    first,
    from: lines[first].from,
    to: lines[(firsts[k + 1] ?? lines.length) - 1].to,
  }));
}

/** A page that was read in whole lines, told in the lines in which it is written. */
function asWritten(page: Page, whole: readonly WholeLine[], lines: readonly Span[]): Page {
  const firstOf = (line: number): number => whole[line - 1].first;
  const lastOf = (line: number): number => (whole[line]?.first ?? lines.length) - 1;
  const later = (line: number): number[] =>
    Array.from({ length: lastOf(line) - firstOf(line) }, (_, k) => firstOf(line) + 1 + k);
  const inside = (l: PageLine, { from, to }: Span) => l.breaks.filter((at) => at >= from && at < to);
  const told = page.lines.flatMap((l): PageLine[] => {
    const own = lines[firstOf(l.line)];
    return [
      { ...l, ...own, line: firstOf(l.line) + 1, breaks: inside(l, own) },
      ...later(l.line).map((k): PageLine => ({
        ...l,
        ...lines[k],
        line: k + 1,
        goesOn: true,
        facts: [],
        breaks: inside(l, lines[k]),
      })),
    ];
  });
  const sections = page.sections.map(({ name, lines: own }) => ({
    name,
    lines: own.flatMap((g, i): Gathered[] => {
      const node = g.node.type === 'continued' ? { ...g.node, of: firstOf(g.node.of) + 1 } : g.node;
      const of = g.node.type === 'continued' ? firstOf(g.node.of) + 1 : firstOf(g.line) + 1;
      const rest = own[i + 1]?.line === g.line ? [] : later(g.line);
      return [
        { ...g, node, line: firstOf(g.line) + 1 },
        ...rest.map((k): Gathered => ({ line: k + 1, ...lines[k], node: { type: 'continued', of } })),
      ];
    }),
  }));
  return { ...page, lines: told, sections, front: frontOf(told) };
}

/**
 * Splits a page into what stands before the parts, the parts and what is done at the end, and says of every line what it is.
 * A heading is one because of what follows: work that starts anew makes a part, work that goes on is more of the same one.
 */
export function pageOf(
  text: string,
  lines: readonly Span[],
  base: Terms,
  said: Readonly<Record<number, LineMeaning>> = {},
): Page {
  const whole = unwrapped(text, lines, said, base.words);
  const saidOfWhole = Object.fromEntries(
    whole.flatMap(({ first }, k) => (said[first + 1] ? [[k + 1, said[first + 1]]] : [])),
  );
  const page = new PageReader(text, whole, base, saidOfWhole).read();
  const told = whole.length === lines.length ? page : asWritten(page, whole, lines);
  return { ...told, lines: copiesListed(told.lines, told.sections, text) };
}
