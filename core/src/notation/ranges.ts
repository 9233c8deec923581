import { parseLine } from './lines';
import { printItems } from './printer';
import { read, type ReadOptions } from './read';
import type { TextChange } from './syntax';

/** A change of how rounds are written that leaves the fabric as it is. Round n of the old lines is round n of the new ones. */
export interface Rewriting {
  change: TextChange;
  /** lines of the text before, counted from 1 */
  firstLine: number;
  lines: number;
  /** how many lines stand there afterwards */
  becomes: number;
}

const MOST_LINES = 60;

/** Writes `R5-7: sc around (28)` as three lines; null when the line is no range. */
export function unfoldRange(text: string, line: number, options: ReadOptions = {}): Rewriting | null {
  const part = read(text, options).parts[0];
  const here = part?.lines.find((l) => l.line === line);
  if (here?.node.type !== 'round' || !here.node.label || here.node.label.toTaste) return null;
  const { label } = here.node;
  const many = label.last - label.first + 1;
  if (many < 2 || many > MOST_LINES || here.rounds[1] - here.rounds[0] !== many) return null;
  const rest = text.slice(here.from + label.span.to, here.to);
  const lines = Array.from(
    { length: many },
    (_, i) => `${label.row ? 'Row ' : 'R'}${label.first + i}: ${rest}`,
  );
  return {
    change: { from: here.from, to: here.to, insert: lines.join('\n') },
    firstLine: line,
    lines: 1,
    becomes: many,
  };
}

/** Writes equal neighbouring rounds around a line as one range; null when there are none. */
export function gatherRange(text: string, line: number, options: ReadOptions = {}): Rewriting | null {
  const part = read(text, options).parts[0];
  const body = (n: number): string | null => {
    const here = part?.lines.find((l) => l.line === n);
    if (
      here?.node.type !== 'round' ||
      !here.node.label ||
      here.node.label.toTaste ||
      here.node.layer ||
      here.problems.some((p) => p.severity === 'error')
    )
      return null;
    return `${printItems(here.node.items, 'us')}=${here.node.stated?.count ?? ''}`;
  };
  const own = body(line);
  if (!part || own === null) return null;
  let first = line;
  let last = line;
  while (body(first - 1) === own) first--;
  while (body(last + 1) === own) last++;
  if (first === last) return null;
  const [from, to] = [first, last].map((n) => part.lines.find((l) => l.line === n)!);
  if (from.node.type !== 'round' || to.node.type !== 'round') return null;
  const [a, b] = [from.node.label!, to.node.label!];
  const rest = text.slice(from.from + a.span.to, from.to);
  // A range must read as the rounds it stands for.
  const written = `${a.row ? 'Row ' : 'R'}${a.first}-${b.last}: ${rest}`;
  if (
    parseLine(written, { terms: options.terms ?? 'us', symbols: false, begins: false, fresh: false }).type !==
    'round'
  )
    return null;
  return {
    change: { from: from.from, to: to.to, insert: written },
    firstLine: first,
    lines: last - first + 1,
    becomes: 1,
  };
}
