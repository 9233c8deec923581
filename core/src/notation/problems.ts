import type { Span, TextChange } from './syntax';

/** Stable codes of what can be wrong with a line. One fault has one primary code. */
export type ProblemCode =
  | 'count-mismatch'
  | 'too-few'
  | 'too-many'
  | 'does-not-divide'
  | 'loop-missing'
  | 'loop-used-twice'
  | 'unknown-word'
  | 'unknown-part'
  | 'not-finished'
  | 'label-gap'
  | 'label-repeat'
  | 'terms-suspect'
  | 'ruffle'
  | 'cup'
  | 'stacked'
  | 'assumed';

export type Severity = 'error' | 'warning' | 'note';

export const SEVERITY: Record<ProblemCode, Severity> = {
  'count-mismatch': 'error',
  'too-few': 'error',
  'too-many': 'error',
  'does-not-divide': 'error',
  'loop-missing': 'error',
  'loop-used-twice': 'error',
  'unknown-word': 'error',
  'unknown-part': 'error',
  'not-finished': 'error',
  'label-gap': 'warning',
  'label-repeat': 'warning',
  'terms-suspect': 'warning',
  ruffle: 'warning',
  cup: 'warning',
  stacked: 'note',
  assumed: 'note',
};

/** A way out of a problem: text changes, all against the text as given. */
export interface Mend {
  title: string;
  changes: TextChange[];
  /** what the round makes then; null when the mend does not change a count */
  makes: number | null;
}

/** Something about a line, as a value: where, what, and how it could be mended (best mend first). */
export interface Problem {
  code: ProblemCode;
  severity: Severity;
  message: string;
  span: Span;
  mends: Mend[];
  /** of what was taken as likely: the counts of the round leave no other reading */
  proven?: boolean;
}

/** Makes a problem with the severity that its code has. */
export function problem(code: ProblemCode, span: Span, message: string, mends: Mend[] = []): Problem {
  return { code, severity: SEVERITY[code], message, span, mends };
}

/** The same problem with all its offsets moved, from a line to the text. */
export function moved(p: Problem, by: number): Problem {
  if (by === 0) return p;
  const shift = (s: Span) => ({ ...s, from: s.from + by, to: s.to + by });
  return {
    ...p,
    span: shift(p.span),
    mends: p.mends.map((m) => ({ ...m, changes: m.changes.map((c) => ({ ...shift(c), insert: c.insert })) })),
  };
}

/** A text with changes applied that all refer to it as it is. */
export function applied(text: string, changes: readonly TextChange[]): string {
  return [...changes]
    .sort((a, b) => b.from - a.from || b.to - a.to)
    .reduce((t, c) => t.slice(0, c.from) + c.insert + t.slice(c.to), text);
}
