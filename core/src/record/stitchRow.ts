import { HIDDEN, KINDS, type Fabric } from '../fabric';
import type { StitchKind } from '../notation';

/** One stitch of a round in working order: what it is, and how much of the round below is used up once it is worked. */
export interface RowStitch {
  kind: StitchKind;
  /** of the round below: into how many it is worked, and whether it shares its first with the stitch before it */
  into: number;
  shares: boolean;
  invisible: boolean;
  /** the only loop it is worked through; null for both, and for none: a post, a third loop, an earlier round */
  loop: 'front' | 'back' | null;
  /** index into the fabric's colours */
  colour: number;
  /** stitches of the round below that are still to be worked into once this one is made; null where nothing lies below */
  left: number | null;
}

/** The stitches that a round is worked into, from the first on: indices of the fabric; empty at a start. */
function below(fabric: Fabric, round: number): Set<number> {
  const { from, count } = fabric.rounds[round];
  const parents = new Set<number>();
  for (let s = from; s < from + count; s++)
    for (let p = fabric.parentFrom[s]; p < fabric.parentTo[s]; p++) parents.add(p);
  return parents;
}

/** Through which loop alone of a stitch a round is worked, the round as the ledger names it. */
function onlyLoop({ front, back }: Fabric, stitch: number, by: number): RowStitch['loop'] {
  const [inFront, behind] = [front[stitch] === by, back[stitch] === by];
  if (inFront === behind) return null;
  // An invisible decrease covers the loop behind, and is no choice of the maker's.
  if (inFront && back[stitch] === HIDDEN) return null;
  return inFront ? 'front' : 'back';
}

/**
 * A round stitch by stitch as it is worked. `left` counts stitches of the round below that the rest of this round is worked into: what a maker sees
 * between the hook and the marker, less what the round leaves unworked.
 */
export function stitchRow(fabric: Fabric, round: number): RowStitch[] {
  const { from, count } = fabric.rounds[round];
  const all = below(fabric, round);
  const used = new Set<number>();
  return Array.from({ length: count }, (_, k) => {
    const s = from + k;
    const [first, end] = [fabric.parentFrom[s], fabric.parentTo[s]];
    const shares = end > first && used.has(first);
    for (let p = first; p < end; p++) used.add(p);
    return {
      kind: KINDS[fabric.kind[s]],
      into: end - first,
      shares,
      loop: end > first ? onlyLoop(fabric, first, fabric.rounds[round].reading + 1) : null,
      invisible: end - first > 1 && fabric.back[first] === HIDDEN,
      colour: fabric.colour[s],
      left: all.size === 0 ? null : all.size - used.size,
    };
  });
}
