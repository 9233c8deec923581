import { knownByText } from '../../kept';
import { plainSigns } from '../lexer';
import { nameKey } from '../nameKey';
import { craftWord } from '../stitches';
import type { PageLine, Section } from './pageLine';

const PIECE =
  /^(?:(?:make|work|crochet)\s+)?(?:(\d{1,2})\s*x?\s+)?([a-z][a-z ]{1,24}?)(?:\s*[x×*]\s*(\d{1,2})|\s*\(\s*x?\s*(\d{1,2})\s*x?\s*\)|\s+(\d{1,2})\s*x)?$/;
const LONGEST = 200;
const BETWEEN = /\s*[,;+&/]\s*|\s+and\s+/i;
const ASIDE: readonly PageLine['as'][] = ['remark', 'assembly', 'note', 'placement', 'materials', 'legend'];

/** `2 sc, BPdc (3)` is a round, not two parts of which one is made thrice. */
const isStitch = (name: string): boolean =>
  !/^(?:st|tr|chain)$/.test(name) && (craftWord(name, 'us') ?? craftWord(name, 'uk')) !== null;

/** How often each part of a list is made: `Body x1, eyes x2 and wings x2`; null for any other line. `plain` in lower case. */
function listed(plain: string): { name: string; make: number }[] | null {
  if (plain.length > LONGEST) return null;
  const pieces = plain
    .trim()
    .replace(/[.:]$/, '')
    .split(BETWEEN)
    .map((piece) => PIECE.exec(piece.trim()));
  if (pieces.length < 2 || pieces.some((p) => p === null || isStitch(p[2]))) return null;
  return pieces.map((p) => ({ name: nameKey(p![2]), make: Number(p![1] ?? p![3] ?? p![4] ?? p![5] ?? 1) }));
}

/**
 * `Arms (2x) and legs (2x)`, `LEGS (2) / ARMS (2)`: names that each say how often they are made, as the heading of rounds that are
 * those of all of them; null for any other. `written` is the line in its own letters.
 */
export const severalHeaded = knownByText((written: string): { name: string; make: number } | null => {
  const pieces = listed(written.toLowerCase()) ?? [];
  const names = written.trim().replace(/[.:]$/, '').split(BETWEEN);
  if (pieces.length < 2 || !names.every((piece) => /\d/.test(piece))) return null;
  // `Make 2 for the front and 2 for the back` names nothing.
  if (pieces.some(({ name }) => /^(?:for|in|of|with|on|from)\b/.test(name))) return null;
  const bare = names.map((n) =>
    n
      .replace(/^\s*(?:make|work|crochet)\s+/i, '')
      .replace(/\s*[([]?\s*[x×*]?\s*\d{1,2}\s*x?\s*[)\]]?\s*/gi, ''),
  );
  return { name: bare.join(' and '), make: pieces.reduce((sum, { make }) => sum + make, 0) };
});

/** A line with two names or more that each say how often they are made. */
export const listsCopies = (plain: string): boolean =>
  /\d/.test(plain) &&
  (listed(plain)?.length ?? 0) > 1 &&
  (plain.match(/[x×*]\s*\d|\d\s*[x×*]/g)?.length ?? 0) > 1;

/** A list of the parts and how often each is made is not read: it is marked where a part's own heading says another number. */
export function copiesListed(
  lines: readonly PageLine[],
  sections: readonly Section[],
  text: string,
): PageLine[] {
  const made = new Map(
    sections.flatMap(({ name, lines: [first] }) =>
      first?.node.type === 'heading' ? [[nameKey(name), first.node.make] as const] : [],
    ),
  );
  const differs = ({ from, to }: PageLine): boolean => {
    const parts = listed(plainSigns(text.slice(from, to)));
    return (
      parts !== null &&
      parts.every(({ name }) => made.has(name)) &&
      parts.some(({ name, make }) => make !== made.get(name))
    );
  };
  return lines.map((l) => (ASIDE.includes(l.as) && differs(l) ? { ...l, as: 'unread' } : l));
}
