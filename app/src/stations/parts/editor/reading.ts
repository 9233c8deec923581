import { Facet, StateField, type EditorState } from '@codemirror/state';
import { read, type LineReading, type PartReading, type Terms } from '@hoppla/core/notation';

/** What the reader must know besides the text. */
export interface ReadingContext {
  terms: Terms;
  /** names of the other parts */
  parts: readonly string[];
}

export const readingContext = Facet.define<ReadingContext, ReadingContext>({
  combine: (given) => given[0] ?? { terms: 'us', parts: [] },
});

/** The text as read, with its lines by number. */
export interface Live {
  part: PartReading | null;
  /** index is the line number; wrapped lines and lines of other parts are empty */
  lines: (LineReading | undefined)[];
  most: number;
}

/** The reading of the text in the editor, worked out with every change before it is painted. */
export const liveReading = StateField.define<Live>({
  create: (state) => readNow(state),
  update: (value, tr) =>
    tr.docChanged || tr.startState.facet(readingContext) !== tr.state.facet(readingContext)
      ? readNow(tr.state)
      : value,
});

function readNow(state: EditorState): Live {
  const part = read(state.doc.toString(), state.facet(readingContext)).parts[0] ?? null;
  const lines: (LineReading | undefined)[] = [];
  let most = 1;
  for (const line of part?.lines ?? []) lines[line.line] = line;
  for (const round of part?.rounds ?? []) most = Math.max(most, round.made ?? round.carried);
  return { part, lines, most };
}

/** What a line makes, what it says it makes, and the worst that is wrong with it. */
export function countOf(
  live: Live,
  n: number,
): { made: number | null; stated: number | null; severity: 'error' | 'warning' | 'note' | null } | null {
  const line = live.lines[n];
  if (!line) return null;
  const last = line.rounds[1] > line.rounds[0] ? live.part!.rounds[line.rounds[1] - 1] : null;
  const worst =
    line.problems.find((p) => p.severity === 'error') ??
    line.problems.find((p) => p.severity === 'warning') ??
    line.problems[0];
  if (!last && !worst) return null;
  return {
    made: last ? (last.unworked > 0 && last.made !== null ? last.made + last.unworked : last.made) : null,
    stated: last ? last.stated : null,
    severity: worst?.severity ?? null,
  };
}
