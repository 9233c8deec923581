import { read, type Reading } from '../src/notation';
import { someOf } from './share';

/* Every way in which the table of words says one thing, crossed with the ways of what stands around it: all of them must be read alike. `npm test` reads a share of them. */

/** Rounds up to so many stitches, and the number of the next. */
export const UP_TO = {
  6: ['R1: 6 sc in mr (6)'],
  12: ['R1: 6 sc in mr (6)', 'R2: inc x6 (12)'],
  18: ['R1: 6 sc in mr (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)'],
  24: ['R1: 6 sc in mr (6)', 'R2: inc x6 (12)', 'R3: (sc, inc) x6 (18)', 'R4: (2 sc, inc) x6 (24)'],
} as const;

/** What is wrong with a page that must have one part with these rounds, no error and no line unread; null when nothing is. */
function wrongIn(reading: Reading, want: readonly number[]): string | null {
  const [part, ...others] = reading.parts;
  if (!part || others.length > 0) return `parts ${reading.parts.map((p) => p.name).join()}`;
  const error = part.problems.find((p) => p.severity === 'error')?.message;
  const made = part.rounds.map((r) => r.made).join(' ');
  const unread = reading.page.some((l) => l.as === 'unread') ? 'a line is not read' : null;
  return error ?? (made === want.join(' ') ? unread : `makes ${made}`);
}

export type Page = readonly [lines: readonly string[], want: readonly number[]];
/** Pages that are read otherwise, with what is wrong. */
export const otherwise = (pages: readonly Page[], also: (reading: Reading) => string | null = () => null) =>
  someOf(pages).flatMap(([lines, want]) => {
    const reading = read(['Body', ...lines].join('\n'));
    const wrong = wrongIn(reading, want) ?? also(reading);
    return wrong ? [`${lines.at(-1)}: ${wrong}`] : [];
  });

/** A round behind those before it, with its count and without. */
export const round = (offered: keyof typeof UP_TO, words: string, makes: number): Page[] => {
  const before = UP_TO[offered];
  const made = before.map((_, k) => 6 * (k + 1));
  return ['', ` (${makes})`].map((count) => [
    [...before, `R${before.length + 1}: ${words}${count}`],
    [...made, makes],
  ]);
};
