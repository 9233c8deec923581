import type { RoundKind, StitchKind } from '../notation';

/** Stitches of a round that are worked alike; for yarn and time. */
export interface Worked {
  kind: StitchKind;
  eats: number;
  makes: number;
  invisible: boolean;
  times: number;
}

/** One round of the fabric. `from` is the index of its first stitch in the fabric's arrays. */
export interface FabricRound {
  mark: string;
  nth: number;
  label: string;
  number: number;
  kind: RoundKind;
  /** index into the rounds of the part as read */
  reading: number;
  from: number;
  count: number;
  /** stitches of the round below that stay in the edge beside these, when a repeat ends in the middle of a round */
  unworked: number;
  joined: boolean;
  turned: boolean;
  /** 1 as the part began, -1 for the rows that come back */
  direction: 1 | -1;
  worked: Worked[];
  /** parts caught in it, in the order they are worked */
  clamps: readonly Clamp[];
}

/** A part caught in a join round: over so many of the round's stitches, the first of them `at`, from 0. */
export interface Clamp {
  name: string;
  at: number;
  over: number;
}

/** Work that is not the part itself: a frill in free loops, an edging, a fold sewn shut. */
export interface FabricLayer {
  kind: 'layer' | 'fold' | 'edging';
  /** index into the body's rounds it stands on, -1 when it stands on another layer */
  on: number;
  loop: 'front' | 'back' | null;
  rounds: readonly FabricRound[];
}

/** A strand of chain that comes back to its round, or a picot. */
export interface Strand {
  /** index of the stitch before it, -1 at a start */
  at: number;
  chain: number;
  /** stitches worked back along the chain */
  worked: number;
}

/** In `front` and `back`: nobody works into the loop, or an invisible decrease covers it. */
export const FREE = 0;
export const HIDDEN = -1;

/**
 * The fabric of one part: stitches in working order in typed arrays, and the ledger of their loops.
 * `parentFrom[s]..parentTo[s]` (end exclusive) are indices of stitches that s is worked into; empty at a start.
 * `offset[s]` is the place among the children of one parent, k - (m-1)/2. `front[s]` and `back[s]` say who works into
 * the loops of s: `FREE`, `HIDDEN`, or 1 + the index of the round as read.
 */
export interface Fabric {
  /** the part itself, start to end */
  rounds: readonly FabricRound[];
  layers: readonly FabricLayer[];
  strands: readonly Strand[];
  stitches: number;
  kind: Uint8Array;
  parentFrom: Int32Array;
  parentTo: Int32Array;
  offset: Float32Array;
  front: Int32Array;
  back: Int32Array;
  /** index into `colours` */
  colour: Uint8Array;
  /** the first is the yarn it begins in, empty where no word names it */
  colours: readonly string[];
  /** how the part begins; `edges` are two finished edges joined, with `chain` stitches of chain between */
  start: {
    how: 'ring' | 'loop' | 'tube' | 'chain' | 'edges' | 'given';
    chain: number;
    /** of two edges joined: how many stitches the first one has */
    first?: number;
  };
  /** worked round and round, to and fro, or a bare chain */
  shape: 'rounds' | 'rows' | 'cord';
  closed: boolean;
  /** true when the part has more stitches than are built; the counts are still right */
  cut: boolean;
  /** loops that two rounds or layers both wanted; the reader has reported them */
  conflicts: number;
}

export const MOST_STITCHES = 200_000;
