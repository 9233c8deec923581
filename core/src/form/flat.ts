import { FABRIC, STITCHES } from '../figures';
import type { Fabric } from '../fabric';
import type { Gauge } from '../gauge';
import type { Rings } from './rings';

/** Rings with the straight length of each section. */
export type Sections = Rings & { straight: Float64Array };

/** A piece worked to and fro lies flat: half its width and its height, row by row. A bare chain is as long as its stitches and as wide as one. */
export function flatSheet(fabric: Fabric, heights: readonly number[], gauge: Gauge): Sections {
  const cord = fabric.shape === 'cord';
  // A foundation chain is as wide as the row that is worked into it.
  const half = fabric.rounds.map(
    (round, i) =>
      ((cord ? 1 : round.kind === 'chain' ? (fabric.rounds[i + 1]?.count ?? round.count) : round.count) *
        gauge.stitchMm) /
      2,
  );
  const tall = cord ? fabric.rounds.map((round) => round.count * gauge.stitchMm) : heights;
  const z = new Float64Array(half.length + 1);
  tall.forEach((h, i) => (z[i + 1] = z[i] + h));
  return {
    r: Float64Array.from([half[0] ?? 0, ...half]),
    z,
    straight: new Float64Array(half.length + 1),
    converged: true,
    iterations: 0,
  };
}

/**
 * The straight length of each round of a part begun along a chain, mm; all 0 otherwise. Round 1 of n stitches goes round
 * the chain with the six a ring would have at its two ends, so (n - 6) / 2 of them lie along each side. Rounds
 * after the widest keep its proportion. A simple model of the house; its range is in `figures`, MODEL_RANGE.
 */
export function ovalStraights(fabric: Fabric, heights: readonly number[], gauge: Gauge): Float64Array {
  const straight = new Float64Array(fabric.rounds.length);
  if (fabric.rounds.length === 0) return straight;
  if (fabric.start.how === 'edges') return joinedStraights(fabric, heights, gauge);
  if (fabric.start.how !== 'chain') return straight;
  const along = Math.max(0, (fabric.rounds[0].count - STITCHES.sc.flatGrowth) / 2) * gauge.stitchMm;
  const most = Math.max(...fabric.rounds.map((r) => r.count));
  const widest = fabric.rounds.map((r) => r.count).lastIndexOf(most);
  fabric.rounds.forEach(
    (round, i) =>
      (straight[i] =
        i <= widest ? Math.min(along, (round.count * gauge.stitchMm) / 2) : (along * round.count) / most),
  );
  return straight;
}

/**
 * The straights of a part that begins on two joined edges, such as a body on its legs: the first round goes round both rings side by
 * side, their middles a ring and the chain apart; over a height of a quarter of that round the part becomes round. A simple model of the house.
 */
function joinedStraights(fabric: Fabric, heights: readonly number[], gauge: Gauge): Float64Array {
  const { count } = fabric.rounds[0];
  const w = gauge.stitchMm;
  const apart = (Math.max(0, count - 2 * fabric.start.chain) * w) / (2 * Math.PI) + fabric.start.chain * w;
  let height = 0;
  return Float64Array.from(fabric.rounds, (round, i) => {
    height += i > 0 ? heights[i] : 0;
    return Math.min((round.count * w) / 2, apart * Math.max(0, 1 - height / Math.max((count * w) / 4, 1e-6)));
  });
}

/**
 * A part pressed flat: each round is a narrow oval of two layers, its half width a quarter of its stitches, as far as the
 * fabric can gather to it. The middle of a face keeps the full stitch height, its edge what the slant leaves: the rise is the mean.
 */
export function flattenedRings(fabric: Fabric, heights: readonly number[], gauge: Gauge): Sections {
  const n = fabric.rounds.length + 1 + (fabric.closed ? 1 : 0);
  const depth = FABRIC.thicknessPerStitch * gauge.stitchMm;
  const half = new Float64Array(n);
  const h = new Float64Array(n);
  fabric.rounds.forEach((round, i) => {
    half[i + 1] = Math.max(0, (round.count * gauge.stitchMm - Math.PI * depth) / 4 + depth / 2);
    h[i + 1] = heights[i];
  });
  const open = fabric.start.how === 'tube' || fabric.start.how === 'given' || fabric.start.how === 'edges';
  half[0] = open ? half[1] : 0;
  if (fabric.closed) h[n - 1] = h[n - 2] * FABRIC.gatheredHeight;
  for (let i = 1; i < n; i++) half[i] = Math.min(half[i], half[i - 1] + h[i]);
  for (let i = n - 2; i >= 0; i--) half[i] = Math.min(half[i], half[i + 1] + h[i + 1]);
  const z = new Float64Array(n);
  for (let i = 1; i < n; i++)
    z[i] = z[i - 1] + (h[i] + Math.sqrt(Math.max(0, h[i] ** 2 - (half[i] - half[i - 1]) ** 2))) / 2;
  const r = half.map((b) => Math.min(b, depth / 2));
  return { r, z, straight: half.map((b, i) => 2 * (b - r[i])), converged: true, iterations: 0 };
}

/** Heights along the axis when everything after ring `rim` is pushed back in. */
export function pushedIn(z: Float64Array, rim: number): Float64Array {
  const at = z[Math.max(0, Math.min(z.length - 1, rim))] ?? 0;
  return z.map((value, i) => (i > rim ? 2 * at - value : value));
}

/** Rounds (indices) along which the end of a part can be pushed in: what comes after must find room inside what comes before. */
export function rimsOf({ z, rounds }: { z: Float64Array; rounds: readonly unknown[] }): number[] {
  const rise = (from: number, to: number) =>
    Array.from(z.slice(from + 1, to + 1)).reduce((sum, value, i) => sum + Math.abs(value - z[from + i]), 0);
  return rounds
    .map((_, i) => i)
    .filter((i) => i > 0 && i < rounds.length - 1 && rise(i + 1, z.length - 1) <= rise(0, i + 1));
}
