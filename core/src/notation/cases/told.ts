import { read } from '..';

/** What a page in these lines makes: the counts of each part, its errors, the lines that are marked as not read. */
export const told = (...lines: string[]) => {
  const { parts, page } = read(lines.join('\n'));
  return {
    made: parts.map((p) => p.rounds.map((r) => r.made)),
    errors: parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error').map((x) => x.code)),
    unread: page.filter((l) => l.as === 'unread').map((l) => l.line),
  };
};

/** The same of a page that is right and read whole. */
export const right = (made: (number | null)[][]) => ({ made, errors: [], unread: [] });
