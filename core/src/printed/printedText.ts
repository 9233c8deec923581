/** One run of letters on a printed page: where its baseline begins, points from the left and from the bottom, how wide and how tall it is. */
export interface PrintedRun {
  text: string;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Runs on one baseline, from left to right. */
interface PrintedLine {
  runs: PrintedRun[];
  y: number;
  height: number;
}

/** Two runs stand on one baseline when these are no farther apart, of a letter's height. */
const SAME_BASELINE = 0.45;
/** A gap from so many letters' heights on is a space, from so many on a column of a table. */
const SPACE = 0.14;
const TAB = 1.8;
/** Lines farther apart than so many times what is usual on their page have an empty one between them. */
const EMPTY_LINE = 1.55;
/** A gutter between two columns is so wide, of a letter's height, and stands in this stretch of the page's width. */
const GUTTER = 0.9;
const GUTTER_FROM = 0.2;
const GUTTER_TO = 0.9;
/** So few lines may cross it, of all, such as a title over both columns. */
const CROSSING = 0.3;
const FEWEST_LINES = 3;

/**
 * The words of printed pages, line by line, as a reader's eyes go: columns one after the other, cells of a table with tabs
 * between them, an empty line where the page leaves room.
 */
export function printedText(pages: readonly (readonly PrintedRun[])[]): string {
  return pages
    .map((runs) => flow(linesOf(runs.filter((r) => r.text.trim() !== ''))).join('\n'))
    .filter((page) => page !== '')
    .join('\n\n');
}

function linesOf(runs: readonly PrintedRun[]): PrintedLine[] {
  const lines: PrintedLine[] = [];
  for (const run of [...runs].sort((a, b) => b.y - a.y || a.x - b.x)) {
    const line = lines.at(-1);
    if (line && Math.abs(line.y - run.y) <= SAME_BASELINE * Math.max(line.height, run.height)) {
      line.runs.push(run);
      line.height = Math.max(line.height, run.height);
    } else lines.push({ runs: [run], y: run.y, height: run.height });
  }
  for (const line of lines) line.runs.sort((a, b) => a.x - b.x);
  return lines;
}

/** Lines as text; where a gutter parts them, what stands above it, its left column, its right one, what stands below. */
function flow(lines: readonly PrintedLine[]): string[] {
  const gutter = gutterOf(lines);
  if (gutter === null) return spaced(lines);
  const out: string[] = [];
  let band: PrintedLine[] = [];
  const flush = (): void => {
    const sides = [(r: PrintedRun) => r.x < gutter, (r: PrintedRun) => r.x >= gutter];
    for (const side of sides) {
      const runs = band.flatMap((l) => l.runs.filter(side));
      if (runs.length > 0) out.push(...(out.length > 0 ? [''] : []), ...flow(linesOf(runs)));
    }
    band = [];
  };
  for (const line of lines) {
    if (!crosses(line, gutter)) {
      band.push(line);
      continue;
    }
    flush();
    out.push(...(out.length > 0 ? [''] : []), textOf(line));
  }
  flush();
  return out;
}

const crosses = (line: PrintedLine, x: number): boolean =>
  line.runs.some((r) => r.x < x && r.x + r.width > x);

/** Where a gutter parts two columns of words, points from the left; null when the page has one column, or a table. */
function gutterOf(lines: readonly PrintedLine[]): number | null {
  const runs = lines.flatMap((l) => l.runs);
  if (runs.length < 2 * FEWEST_LINES) return null;
  const left = Math.min(...runs.map((r) => r.x));
  const width = Math.max(...runs.map((r) => r.x + r.width)) - left;
  const height = median(runs.map((r) => r.height));
  // A gutter ends where the right column begins: only these places need to be tried.
  const starts = [...new Set(runs.map((r) => Math.round(r.x)))].filter(
    (x) => x > left + GUTTER_FROM * width && x < left + GUTTER_TO * width,
  );
  let best: { x: number; lines: number } | null = null;
  for (const start of starts) {
    const x = start - 0.5;
    const column = lines.filter((l) => l.runs.some((r) => Math.abs(r.x - start) <= 2));
    if (column.length < FEWEST_LINES || (best && column.length <= best.lines)) continue;
    const room = (l: PrintedLine) => l.runs.every((r) => r.x >= x || r.x + r.width <= x - GUTTER * height);
    const open = lines.filter(room);
    if (open.length < (1 - CROSSING) * lines.length) continue;
    if (wordsBeside(open, x) && sideBySide(open, x)) best = { x, lines: column.length };
  }
  return best?.x ?? null;
}

/** Both sides hold sentences: a label or a count of stitches beside the work is a cell of a table. */
function wordsBeside(lines: readonly PrintedLine[], x: number): boolean {
  const words = (side: (r: PrintedRun) => boolean): number =>
    median(
      lines.flatMap((l) => {
        const runs = l.runs.filter(side);
        return runs.length === 0
          ? []
          : [
              runs
                .map((r) => r.text)
                .join(' ')
                .trim()
                .split(/\s+/).length,
            ];
      }),
    );
  return words((r) => r.x < x) >= 3 && words((r) => r.x >= x) >= 3;
}

/** The columns stand beside each other, not one below the other. */
function sideBySide(lines: readonly PrintedLine[], x: number): boolean {
  const reach = (side: (r: PrintedRun) => boolean): [number, number] => {
    const ys = lines.flatMap((l) => l.runs.filter(side).map((r) => r.y));
    return [Math.min(...ys), Math.max(...ys)];
  };
  const [a, b] = [reach((r) => r.x < x), reach((r) => r.x >= x)];
  const shared = Math.min(a[1], b[1]) - Math.max(a[0], b[0]);
  return shared >= 0.5 * Math.min(a[1] - a[0], b[1] - b[0]);
}

function spaced(lines: readonly PrintedLine[]): string[] {
  const steps = lines.slice(1).map((l, i) => lines[i].y - l.y);
  const usual = median(steps);
  return lines.flatMap((l, i) =>
    i > 0 && steps[i - 1] > EMPTY_LINE * usual ? ['', textOf(l)] : [textOf(l)],
  );
}

function textOf({ runs }: PrintedLine): string {
  let text = '';
  let end = 0;
  runs.forEach((run, i) => {
    const gap = run.x - end;
    if (i > 0 && gap > TAB * run.height) text = `${text.trimEnd()}\t`;
    else if (i > 0 && gap > SPACE * run.height && !/\s$/.test(text) && !/^\s/.test(run.text)) text += ' ';
    text += run.text;
    end = run.x + run.width;
  });
  return text.replace(/[^\S\t]+/g, ' ').trim();
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}
