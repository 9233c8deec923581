import type { Fact, LineNode } from '../syntax';
import type { LineKind } from './lineKinds';

/** A line of the page: what it is, and the part it belongs to, counted from 0; null before the first and in what is done at the end. */
export interface PageLine {
  line: number;
  from: number;
  to: number;
  as: LineKind;
  part: number | null;
  /** it belongs to the line above it */
  goesOn: boolean;
  /** what it decides or offers */
  facts: readonly Fact[];
  /** where further rounds begin in it, offsets in the text: `R1: ... R2: ...` in one line */
  breaks: readonly number[];
}

/** One line of the text with its node; wrapped lines are gathered in their first one. */
export interface Gathered {
  line: number;
  from: number;
  to: number;
  node: LineNode;
}

/** Lines of one part. */
export interface Section {
  name: string;
  lines: Gathered[];
}

export interface Page {
  title: string | null;
  sections: Section[];
  lines: PageLine[];
  /** the lines that stand before the first part, or all of a page that has none */
  front: PageLine[];
}
