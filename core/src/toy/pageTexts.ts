import {
  nameKey,
  ofFirstSize,
  printItems,
  read,
  sizesSaid,
  withColon,
  withEquals,
  type LineMeaning,
  type LineNode,
  type Reading,
} from '../notation';
import { namedStitches } from './namedStitches';

/** Behind a line that is only heard by people. */
const note = (line: string): string => `-- ${line}`;

/**
 * The text of each part of a page, and what belongs to none. What is done at the end becomes a note at the first part that it
 * names; where it names none it stays with the rest.
 */
export function textsOfPage(
  reading: Reading,
  text: string,
  as: Readonly<Record<number, LineMeaning>> = {},
): { parts: string[]; rest: string } {
  const own = reading.parts.map((): string[] => []);
  const ends = reading.parts.map((): string[] => []);
  const rest: string[] = [];
  const names = reading.parts.map((p) => nameKey(p.name));
  const named = namedStitches(reading, text);
  let [last, whose] = [-1, -1];
  reading.page.forEach(({ line: number, from, to, as: kind, part, goesOn, breaks }) => {
    // Words that the maker takes out of the work are marked, so that the part reads the same by itself.
    const heard = ['note', 'remark'].includes(as[number] ?? '');
    const words = (a: number, b: number) =>
      part === null ? text.slice(a, b) : inHouseWords(named(a, b), reading, kind === 'round');
    const line = heard && part !== null ? note(words(from, to).trim()) : words(from, to);
    if (part !== null) {
      if (kind === 'round') rest.push(...withSizes(reading, text.slice(from, to)));
      last = part;
      // Several rounds in one line are a line each, where each has its own mark.
      const pieces = () =>
        [from, ...breaks].map((a, k) => endedLine(words(a, breaks[k] ?? to).trim(), k < breaks.length));
      const copied = goesOn ? null : copiedRounds(reading, part, number, pieces);
      if (goesOn) {
        const [first, ...more] = pieces();
        own[part].push(mended(own[part].pop() ?? '', first), ...more);
      } else if (copied) own[part].push(...copied);
      else if (breaks.length === 0)
        own[part].push(...(kind === 'heading' ? headed(line, reading.parts[part].name) : [line]));
      else own[part].push(...pieces());
    } else if (kind === 'blank') {
      // Space belongs to what stands above it.
      (last >= 0 ? own[last] : rest).push(line);
      whose = -1;
    } else {
      last = -1;
      if (!goesOn) whose = kind === 'assembly' ? firstNamed(line, names) : -1;
      if (whose < 0) rest.push(line);
      else if (goesOn) ends[whose].push(mended(ends[whose].pop() ?? '', line.trim()));
      else ends[whose].push(note(line.trim()));
    }
  });
  if (reading.sizes > 1 && own.length > 0) ends[0].push(note(sizesSaid(reading.sizes, text.toLowerCase())));
  return {
    parts: own.map((lines, i) => [lines.join('\n').replace(/\s+$/, ''), ...ends[i]].join('\n')),
    rest: withoutGaps(rest),
  };
}

/** A heading that names its part only because of what stands above it on its page: the name stands first in the part's own text, and the line as a note. */
function headed(line: string, name: string): string[] {
  const alone = (...lines: string[]) => read([...lines, 'R1: 6 sc in ring'].join('\n')).parts[0];
  const both = [name, note(`“${line.trim()}”`)];
  const lost = name !== '' && !alone(line)?.name;
  return lost && alone(...both)?.rounds.length === 1 ? both : [line];
}

/** A line that says its numbers for several sizes: those of the others are in no part, so it stays with the rest as it was written. */
const withSizes = ({ sizes }: Reading, line: string): string[] =>
  sizes > 1 && ofFirstSize(line) !== line ? [line.trim()] : [];

const withoutGaps = (lines: readonly string[]): string =>
  lines
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();

/** A round that went on in its line ends where its own line does. */
const endedLine = (line: string, broken: boolean): string =>
  broken ? line.replace(/(?:[,;]\s?|\s(?=and|then))(?:and\s)?(?:then)?$/i, '.') : line;

/** A part has its own text, and the legend of its page is not in it: the words that were explained there, and its labels, are those of the house here. */
function inHouseWords(
  asWritten: string,
  { legend, label, numbered, behind, sizes }: Reading,
  worked: boolean,
): string {
  const line = behind && worked ? withEquals(asWritten).replace(/=(?=\d+\s*$)/, ' = ') : asWritten;
  const sized =
    sizes > 1 && worked
      ? ofFirstSize(line)
          .trimEnd()
          .replace(/(\S) {2,}/g, '$1 ')
      : line;
  const ruled = numbered && worked ? withColon(sized) : sized;
  const labelled = label
    ? ruled.replace(new RegExp(String.raw`(?<![\p{L}])${label}\.?\s?(?=\d)`, 'giu'), 'R')
    : ruled;
  if (!worked) return labelled;
  return Object.entries(legend).reduce(
    (text, [word, ours]) => text.replace(new RegExp(String.raw`(?<![\p{L}])${word}(?![\p{L}])`, 'giu'), ours),
    labelled,
  );
}

/**
 * `Repeat rnds 1-6 of the shell top.`, `Lid: R1-2 as for head. FO.`: the rounds themselves, as a part's own text has no other part
 * beside it, and what was written as a note below them; null where a line works no rounds of another part.
 */
function copiedRounds(reading: Reading, part: number, line: number, pieces: () => string[]): string[] | null {
  const { lines, rounds } = reading.parts[part];
  const here = lines.filter((l) => l.line === line);
  const ofOther = (node?: LineNode): boolean => node?.type === 'repeat' && node.of !== null;
  if (!here.some((l) => ofOther(l.node))) return null;
  return pieces().flatMap((piece, k) =>
    ofOther(here[k]?.node)
      ? [
          ...inColour(here[k].node),
          ...rounds
            .slice(...here[k].rounds)
            .map((r) => `R${r.number}: ${printItems(r.items, reading.terms)} (${r.made ?? r.carried})`),
          ...saidOnce(piece.trim()),
        ]
      : [piece],
  );
}

/** The colour that is said with the rounds of another part, as a line of its own before them. */
const inColour = (node: LineNode): string[] =>
  node.type === 'repeat'
    ? (node.before ?? []).flatMap((f) => (f.fact === 'colour' ? [`With ${f.colour}:`] : []))
    : [];

/** What is done behind the rounds of another part is a line of its own; that they are those of another is only told. */
function saidOnce(piece: string): string[] {
  const at = DONE_BEHIND.exec(piece)?.index ?? piece.length;
  const done = piece.slice(at).replace(/^[.,;\s]+(?:(?:and|then)\s+)*/i, '');
  return [note(piece.slice(0, at)), ...(done ? [done] : [])];
}
const DONE_BEHIND =
  /[.,]\s+(?:(?:and|then)\s+)*(?=(?:fo|fasten|cut|leave|stuff|stuffing|close|break|do not|don['’]t)\b)/i;

/** Two lines of a wrapped one; a word that was broken between them is whole again. */
const mended = (above: string, below: string): string =>
  /[a-z]-$/.test(above) ? above.slice(0, -1) + below : `${above.trimEnd()} ${below}`;

/** The part that a line names first; -1 when it names none. */
function firstNamed(line: string, names: readonly string[]): number {
  const plain = line.toLowerCase();
  let found = -1;
  let first = Infinity;
  names.forEach((name, i) => {
    if (name.length < 2) return;
    const at = plain.search(new RegExp(String.raw`\b${name.replace(/[^a-z0-9 ]/g, '.')}(?:s|es)?\b`));
    if (at >= 0 && at < first) [found, first] = [i, at];
  });
  return found;
}
