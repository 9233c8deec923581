import type { Ranged } from '../gauge';
import type { PartModel, ToyModel } from '../model';
import type { SafetyPoint } from '../safety';
import type { UnitWords } from '../words';
import type { YarnEnds } from './ends';
import type { FillGo } from './fill';
import type { Use } from './uses';
import type { Trouble } from './trouble';

/** The part and copy that a task is about; both empty where it is the whole toy. */
export interface OfPiece {
  part: string;
  copy: string;
}

/** What every task carries; its words are printed by its kind, when it is shown. */
export interface TaskBase extends OfPiece {
  /** stable: the kind, the copy, and what it is about (decision 31) */
  key: string;
  /** the mark, feature or join it is about; the same for every copy */
  about: string;
  minutes: number;
  /** what it is like now, as data: a tick keeps it and is compared with it */
  content: string;
  /** safety points that stand under it, and what is heeded while it is done */
  points: readonly SafetyPoint[];
}

/** A task of a piece on its way to its place in the order: after so many rounds, and so many stitches of the next where work rests inside it. */
export interface Due<T> {
  after: number;
  stitches?: number;
  task: T;
}

/** One piece while its tasks are made. Kinds are asked in the order of the table, and may move the fill and tell trouble. */
export interface PieceAtHand {
  model: ToyModel;
  part: PartModel;
  of: OfPiece;
  /** when it is filled */
  goes: FillGo[];
  /** what kinds further up in the table have asked for */
  due: readonly Due<TaskBase & { kind: string }>[];
  trouble: Trouble[];
}

/** Why one thing comes before another: physical reasons, which no wish moves. */
export type Why =
  /** a round goes through it, or is begun on it */
  | 'caught'
  /** sewn, drawn through, worked on or hung on: both are finished by then */
  | 'finished'
  /** a line that runs over a seam */
  | 'over a seam'
  /** no end is in the way, and none comes later */
  | 'ends last'
  | 'looked over last';

/** A block that must be done before. */
export interface Need {
  key: string;
  why: Why;
}

/** A task in words. */
export interface TaskWords {
  title: string;
  /** in two or three words, for a mark on the mat */
  short: string;
  detail: string;
  /** safety points and what the text says otherwise, under the task */
  notes: readonly string[];
  /** why it stands here in the order */
  reason: string;
}

/** What the words of a task are printed with. */
export interface Telling {
  model: ToyModel;
  units: UnitWords;
  part: PartModel;
  /** "Ear", "Ear 2", or "Ear × 2" where copies are told together */
  name: string;
  /** the same inside a sentence: "the head", "ear 2" */
  inside: string;
}

/** The drawn sign of a task. */
export type Sign = 'ring' | 'pause' | 'washer' | 'needle' | 'stuff' | 'close' | 'end' | 'look' | 'sew';

/** All that is asked of a kind of task. A kind without a maker of its own is made by the order itself (rounds). */
export interface TaskKind<T extends TaskBase> {
  sign: Sign;
  /** work on the rounds rests while it is done */
  rests: boolean;
  /** a move of the hand between rounds: on the lanes it stands in its rounds' own row */
  small?: true;
  ofPiece?: (piece: PieceAtHand) => Due<T>[];
  ofToy?: (model: ToyModel, before: readonly YarnEnds[]) => T[];
  /** blocks that must be done before a step of the whole toy */
  needs?: (task: T) => Need[];
  /** comes after all others, the very last or the last but one */
  last?: 'very' | 'but one';
  ends?: (task: T) => readonly YarnEnds[];
  /** what it uses up, beside the part's own yarn */
  uses?: (task: T) => readonly Use[];
  fillG?: (task: T) => Ranged;
  words: (task: T, telling: Telling) => TaskWords;
  /** what the hand does within it, a line each: on the lanes it stands with the moves between rounds */
  along?: (task: T, telling: Telling) => readonly string[];
}

/** The key of the block in which everything is done to one piece by itself. */
export const pieceBlock = (copy: string): string => `piece:${copy}`;

/** Pieces that are finished before they are put together. */
export const finished = (...pieces: readonly Pick<OfPiece, 'copy'>[]): Need[] =>
  [...new Set(pieces.map((p) => p.copy))].map((copy) => ({ key: pieceBlock(copy), why: 'finished' }));

/** The stable key of a task; never a label (decision 31). */
export const taskKey = (kind: string, copy: string, about: string): string => `${kind}:${copy}:${about}`;
