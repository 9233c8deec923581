import { pageWords } from '@hoppla/core/words';
import {
  factsWords,
  featuresIn,
  read,
  splitLines,
  type LineKind,
  type LineReading,
  type PartReading,
  type Problem,
  type Reading,
} from '@hoppla/core/notation';
import type { Draft } from '../../../documents';

/** One line of a page as the desk shows it. */
export interface DeskLine {
  line: number;
  text: string;
  as: LineKind;
  kind: string;
  /** what it decides or offers, or what is wrong with it */
  says: string;
  fault: boolean;
  /** what was taken as likely in reading it, and what may be wrong: `spread evenly, as (sc, inc) x6` */
  doubts: string;
  /** stitches of its rounds: `12`, `42 × 6` */
  made: string;
  byYou: boolean;
  /** of the heading of a part: its name */
  name: string | null;
}

/** A page as the desk shows it: what it holds, and every line that says something. */
export interface DeskReading {
  reading: Reading;
  lines: DeskLine[];
  parts: number;
  rounds: number;
  faults: number;
  kept: number;
  unread: number;
  /** lines with doubts */
  doubted: number;
  /** it names eyes with their place */
  eyes: boolean;
}

const NOTES: readonly LineKind[] = ['note', 'placement', 'colour', 'pause', 'ending', 'assembly'];

/** Sentences behind a round that sound like work and were not read. */
function behindRound({ node }: LineReading): number {
  if (node.type === 'note') return node.unread && node.behind ? 1 : 0;
  return node.type === 'round' ? (node.unread?.length ?? 0) : 0;
}

/** `12`, `42 × 6` for equal rounds, `6, 12` for others; `?` where nothing can be told. */
function madeOf(made: readonly (number | null)[]): string {
  const counts = [...new Set(made)].map((n) => n ?? '?');
  return counts.length === 1 && made.length > 1 ? `${counts[0]} × ${made.length}` : counts.join(', ');
}

/** What was taken as likely and nothing proves, and warnings; where increases stand above each other only those who write a round are told. */
const doubtsOf = (problems: readonly Problem[]): string =>
  [
    ...new Set(
      problems.flatMap((p) =>
        p.severity === 'error' || p.code === 'stacked' || p.proven ? [] : [p.message],
      ),
    ),
  ].join(' ');

const nameAt = (here: readonly { part: PartReading; line: LineReading }[]): string | null =>
  here.find((h) => h.line.node.type === 'heading')?.part.name ?? null;

/** Lines that are still what they were keep the meaning that the maker gave them. */
export function keptMeanings({ text, as }: Draft, now: string): Draft['as'] {
  const [before, after] = [text.split('\n'), now.split('\n')];
  return Object.fromEntries(
    Object.entries(as).flatMap(([line, is]) => {
      const words = before[Number(line) - 1];
      const shift = [0, after.length - before.length].find((by) => after[Number(line) - 1 + by] === words);
      return shift === undefined ? [] : [[Number(line) + shift, is]];
    }),
  );
}

/** A page behind what is on the desk already: nothing typed is lost to a file. */
export const withPage = ({ text, as }: Draft, page: string): Draft =>
  text.trim() === '' ? { text: page, as: {} } : { text: `${text.trimEnd()}\n\n${page}`, as };

/** A part with another name: the words of its heading change, and it stays one whatever it is called. */
export function renamed({ text, as }: Draft, line: number, from: string, to: string): Draft {
  if (to.trim() === '') return { text, as };
  const { from: start, to: end } = splitLines(text)[line - 1];
  const heading = text.slice(start, end);
  const at = heading.indexOf(from);
  const now = from && at >= 0 ? heading.slice(0, at) + to + heading.slice(at + from.length) : to;
  return { text: text.slice(0, start) + now + text.slice(end), as: { ...as, [line]: 'heading' } };
}

/** A page for the desk, from its reading. */
export function deskReading({ text, as }: Draft, reading: Reading = read(text, { as })): DeskReading {
  const written = splitLines(text);
  const own = new Map<number, { part: PartReading; line: LineReading }[]>();
  for (const part of reading.parts)
    for (const line of part.lines) own.set(line.line, [...(own.get(line.line) ?? []), { part, line }]);
  const lines = reading.page
    .filter((l) => l.as !== 'blank')
    .map(({ line, as: is, facts, goesOn }): DeskLine => {
      // A line may hold several rounds.
      const here = own.get(line) ?? [];
      const problems = here.flatMap((h) => h.line.problems);
      const wrong = problems.find((p) => p.severity === 'error');
      const rounds = here.flatMap((h) => h.part.rounds.slice(...h.line.rounds));
      const made = madeOf(rounds.map((r) => r.made));
      const lost = is === 'unread' || here.some((h) => behindRound(h.line) > 0);
      const unread = lost ? pageWords.unread : '';
      return {
        line,
        text: text.slice(written[line - 1].from, written[line - 1].to).trim(),
        as: is,
        kind: goesOn ? '' : pageWords.kinds[is],
        says: wrong?.message ?? (unread || factsWords(facts)),
        fault: wrong !== undefined || lost,
        doubts: wrong || lost ? '' : doubtsOf(problems),
        made: (is === 'round' || is === 'heading') && !goesOn ? made : '',
        byYou: as[line] !== undefined,
        name: is === 'heading' ? nameAt(here) : null,
      };
    });
  return {
    reading,
    lines,
    doubted: lines.filter((l) => l.doubts).length,
    parts: reading.parts.length,
    rounds: reading.parts.reduce((n, p) => n + p.rounds.length, 0),
    faults: reading.parts.reduce(
      (n, p) => n + p.lines.filter((l) => l.problems.some((x) => x.severity === 'error')).length,
      0,
    ),
    kept: reading.page.filter((l) => NOTES.includes(l.as) && !l.goesOn).length,
    eyes: reading.parts.some((p) =>
      p.lines.some(({ node }) =>
        featuresIn(node).some((f) => f.what === 'eyes' && (f.rounds !== null || f.onRound !== null)),
      ),
    ),
    unread:
      reading.page.filter((l) => l.as === 'unread').length +
      reading.parts.reduce((n, p) => n + p.lines.reduce((m, l) => m + behindRound(l), 0), 0),
  };
}
