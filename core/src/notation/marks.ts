import { plainSigns } from './lexer';
import { splitLines } from './read';
import type { TextChange } from './syntax';

/**
 * The identity of written lines. A text of n lines has n marks, one a line, in order. Marks are random, persistent and
 * mean nothing; they follow their line through changes of the text.
 */
export interface MarkedText {
  text: string;
  marks: readonly string[];
}

/** Gives a new random mark. */
export type NewMark = () => string;

/** Marks a text for the first time. */
export function markText(text: string, newMark: NewMark): MarkedText {
  return { text, marks: splitLines(text).map(newMark) };
}

/**
 * Applies one change and carries the marks over. A line keeps its mark where its first surviving written character
 * goes; of two lines that are merged the upper one wins; a line whose words are all replaced keeps its mark at the
 * place where the change begins.
 * @throws RangeError when the change lies outside the text
 */
export function changeText(before: MarkedText, change: TextChange, newMark: NewMark): MarkedText {
  const { text, marks } = before;
  if (change.from < 0 || change.to < change.from || change.to > text.length)
    throw new RangeError(`change ${change.from}..${change.to} outside a text of ${text.length}`);
  const lines = rawLines(text);
  const a = lineAt(lines, change.from);
  const b = lineAt(lines, change.to);
  const head = text.slice(lines[a], change.from);
  const tail = text.slice(change.to, b + 1 < lines.length ? lines[b + 1] - 1 : text.length);
  const added = change.insert.split('\n').length;
  const fresh: (string | null)[] = Array.from({ length: added }, () => null);
  const headLives = head.trim() !== '';
  const tailLives = tail.trim() !== '';
  if (headLives) fresh[0] = marks[a];
  if (tailLives && !(a === b && headLives) && fresh[added - 1] === null) fresh[added - 1] = marks[b];
  if (fresh[0] === null && !fresh.includes(marks[a])) fresh[0] = marks[a];
  return {
    text: text.slice(0, change.from) + change.insert + text.slice(change.to),
    marks: [...marks.slice(0, a), ...fresh.map((m) => m ?? newMark()), ...marks.slice(b + 1)],
  };
}

/**
 * Turns "the text is now this" into the change that was made. With the caret's place after typing, the change ends
 * there, which tells equal lines apart.
 */
export function changeBetween(before: string, after: string, caret = after.length): TextChange {
  const longestTail = Math.min(before.length, after.length - Math.min(caret, after.length));
  let tail = 0;
  while (tail < longestTail && before[before.length - 1 - tail] === after[after.length - 1 - tail]) tail++;
  const longestHead = Math.min(before.length - tail, after.length - tail);
  let head = 0;
  while (head < longestHead && before[head] === after[head]) head++;
  while (
    tail < Math.min(before.length, after.length) - head &&
    before[before.length - 1 - tail] === after[after.length - 1 - tail]
  )
    tail++;
  return { from: head, to: before.length - tail, insert: after.slice(head, after.length - tail) };
}

/**
 * Replaces a whole text (a paste, an import) by comparing lines: equal lines at both ends keep their marks; in between
 * a line that stands once in both texts keeps its mark wherever it moved, then a line with the same round label; then
 * lines between the same two neighbours, where there are as many as before: they are written anew.
 */
export function replaceText(before: MarkedText, after: string, newMark: NewMark): MarkedText {
  const old = before.text.split('\n');
  const now = after.split('\n');
  const marks: (string | null)[] = now.map(() => null);
  let top = 0;
  while (top < old.length && top < now.length && old[top] === now[top]) {
    marks[top] = before.marks[top];
    top++;
  }
  let end = 0;
  while (
    end < old.length - top &&
    end < now.length - top &&
    old[old.length - 1 - end] === now[now.length - 1 - end]
  ) {
    marks[now.length - 1 - end] = before.marks[old.length - 1 - end];
    end++;
  }
  const oldLeft = range(top, old.length - end);
  const nowLeft = range(top, now.length - end);
  for (const key of [(line: string) => line.trim(), labelKey]) {
    const from = uniqueBy(
      oldLeft.filter((i) => !marks.includes(before.marks[i])),
      (i) => key(old[i]),
    );
    const to = uniqueBy(
      nowLeft.filter((i) => marks[i] === null),
      (i) => key(now[i]),
    );
    for (const [k, i] of to) if (k !== '' && from.has(k)) marks[i] = before.marks[from.get(k)!];
  }
  writtenAnew(before.marks, old, marks, now);
  return { text: after, marks: marks.map((m) => m ?? newMark()) };
}

/** Gives lines without a mark those of the lines that stood between the same neighbours. A round that has another label is another one. */
function writtenAnew(
  oldMarks: readonly string[],
  old: readonly string[],
  marks: (string | null)[],
  now: readonly string[],
): void {
  const kept = new Set(marks);
  for (let from = 0; from < now.length; from++) {
    if (marks[from] !== null) continue;
    let to = from;
    while (to < now.length && marks[to] === null) to++;
    const above = from === 0 ? 0 : oldMarks.indexOf(marks[from - 1]!) + 1;
    const below = to === now.length ? old.length : oldMarks.indexOf(marks[to]!);
    const free = below - above === to - from && range(above, below).every((i) => !kept.has(oldMarks[i]));
    if (free)
      for (let k = 0; k < to - from; k++)
        if (labelKey(old[above + k]) === '' || labelKey(now[from + k]) === '')
          marks[from + k] = oldMarks[above + k];
    from = to;
  }
}

/** "R5", "Rnd 5:" and "5." are one label; a line without label has none. */
function labelKey(line: string): string {
  const found = /^\s*(?:(?:rounds?|rnds?|rows?|r|line)\s*\.?\s*)?(\d+)(?:\s*-\s*r?(\d+))?\s*[.:)]/.exec(
    plainSigns(line),
  );
  return found ? `${found[1]}-${found[2] ?? found[1]}` : '';
}

function uniqueBy(indices: number[], key: (i: number) => string): Map<string, number> {
  const found = new Map<string, number>();
  const twice = new Set<string>();
  for (const i of indices) {
    const k = key(i);
    if (found.has(k)) twice.add(k);
    found.set(k, i);
  }
  for (const k of twice) found.delete(k);
  return found;
}

const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i);

/** Offsets at which lines start. */
function rawLines(text: string): number[] {
  const starts = [0];
  for (let i = 0; i < text.length; i++) if (text[i] === '\n') starts.push(i + 1);
  return starts;
}

function lineAt(starts: number[], offset: number): number {
  let low = 0;
  let high = starts.length - 1;
  while (low < high) {
    const mid = (low + high + 1) >> 1;
    if (starts[mid] <= offset) low = mid;
    else high = mid - 1;
  }
  return low;
}
