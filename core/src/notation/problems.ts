import type { Span, TextChange } from './syntax';

/** Stable codes of what can be wrong with a line. One fault has one primary code. */
export type ProblemCode =
  | 'count-mismatch'
  | 'too-few'
  | 'too-many'
  | 'does-not-divide'
  | 'unknown-word'
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
  'unknown-word': 'error',
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
}

/** Something about a line, as a value: where, what, and how it could be mended (best mend first). */
export interface Problem {
  code: ProblemCode;
  severity: Severity;
  message: string;
  span: Span;
  mends: Mend[];
}

/** Makes a problem with the severity that its code has. */
export function problem(code: ProblemCode, span: Span, message: string, mends: Mend[] = []): Problem {
  return { code, severity: SEVERITY[code], message, span, mends };
}
