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
  /** the batch that it is made in, and in which of its colours; null and empty for a piece by itself */
  batch: string | null;
  way: string;
  /** stages of a batch that are done, and when, ISO 8601 */
  stages: Readonly<Record<string, string>>;
  /** which making of the toy it is, from 1: its stages follow what is ticked there; null where they are ticked by themselves */
  making: number | null;
  /** why it was put aside, so that another is made in its place; null while it was not */
  rejected: string | null;
  /** pulled to its limit: it is a test piece for ever, and not for a child */
  spent: boolean;
  signedOff: { at: string; by: string } | null;
}

/** A picture taken while a toy was made. */
export interface PhotoTaken {
  id: string;
  /** ISO 8601 */
  at: string;
  /** which making of the toy it shows, from 1 */
  making: number;
  /** the key of the step that was made then; null where none was */
  key: string | null;
  /** scaled down, as a data URL */
  picture: string;
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

/** Colours in which some pieces of a batch are made: which yarn is taken instead of which, by the name of the toy's own. */
export interface ColourWay {
  name: string;
  count: number;
  yarns: Readonly<Record<string, string>>;
}

/** Pieces of one toy that are made in one go. Days as `YYYY-MM-DD`, without a time or a zone. */
export interface Batch {
  id: string;
  name: string;
  ways: readonly ColourWay[];
  /** the first day of work */
  from: string;
  /** hours of work a day, Monday first */
  hours: readonly number[];
  /** days on which nothing is made */
  off: readonly string[];
  /** when all must be done; null where no day is set */
  due: string | null;
}
