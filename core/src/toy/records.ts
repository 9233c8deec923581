/** Something that was done to a piece, or that came back about it; `at` ISO 8601. */
export interface PieceNote {
  at: string;
  what: 'washed' | 'repaired' | 'complaint' | 'note';
  words: string;
}

/** One toy that was made: where its materials came from, what happened to it, and whether it was signed off. */
export interface PieceMade {
  id: string;
  /** the maker's own number, unique in the file */
  number: string;
  /** when it was begun, ISO 8601 */
  at: string;
  maker: string;
  /** lot of a material, by the material's key */
  lots: Readonly<Record<string, string>>;
  /** needles and pins taken out and counted back in */
  pinsOut: number;
  pinsIn: number;
  notes: readonly PieceNote[];
  /** pulled to its limit: it is a test piece for ever, and not for a child */
  spent: boolean;
  signedOff: { at: string; by: string } | null;
}

/** How a thing was tried. */
export type TestKind = 'torque' | 'pull' | 'seam';

/** What a curve showed; words come later. */
export type Verdict = 'held' | 'let go' | 'not judged';

/** One try of one attached thing on one piece. Forces in N (torque in N·m), times in s. */
export interface PullTest {
  id: string;
  piece: string;
  /** what was tried: the key of an attached thing (`feature:ID`, `join:ID:COPY`, `end:PART`) */
  thing: string;
  kind: TestKind;
  at: string;
  by: string;
  instrument: 'typed' | 'simulated' | 'serial';
  /** the limits as they were then */
  rule: { target: number; riseS: number; holdS: number; dipPercent: number; source: string };
  /** time and reading; empty where only a reading was typed */
  curve: readonly (readonly [number, number])[];
  peak: number;
  heldS: number;
  verdict: Verdict;
  /** why: a code of the judge, or `typed` */
  why: string;
  note: string;
}
