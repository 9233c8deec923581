import { polarOf } from '../address';
import { type PartForm, type Vec3 } from '../form';
import { type Placement } from '../join';
import { shade } from './colour';
import { type Rows } from './view';
import { at, turnedNormal } from './seenFrom';

export type Point = readonly [number, number];

/** Convex hull, anticlockwise (Andrew's monotone chain). */
export function hull(points: Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: Point[]): Point[] => {
    const out: Point[] = [];
    for (const p of list) {
      while (out.length > 1 && side(out[out.length - 2], out[out.length - 1], p) <= 0) out.pop();
      out.push(p);
    }
    out.pop();
    return out;
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

const side = (a: Point, b: Point, c: Point): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

export const n = (v: number): string => v.toFixed(2);

export const pathOf = (points: readonly Point[]): string =>
  points.length ? `M${points.map((p) => `${n(p[0])} ${n(p[1])}`).join('L')}Z` : '';

const LIGHT: Vec3 = [-0.46, 0.62, 0.64];

const SHADES = 14;

/** Each stitch as two lens-shaped legs from its base to its top, gathered by yarn and brightness. `yarns`: of each colour slot of the fabric. */
export function stitchPaths(
  form: PartForm,
  placement: Placement,
  from: Rows,
  yarns: readonly string[],
  rounds: number,
  seed: string,
): { d: string; fill: string }[] {
  const { fabric } = form;
  const buckets: string[][] = yarns.map(() => Array.from({ length: SHADES }, () => ''));
  const jitter = seeded(seed);
  for (let i = 0; i < Math.min(rounds, fabric.rounds.length); i++) {
    const { from: first, count } = fabric.rounds[i];
    for (let j = 0; j < count; j++) {
      const own = buckets[fabric.colour[first + j]] ?? buckets[0];
      const mid = polarOf(form, i, j + 0.5, 'middle');
      const half = Math.PI / count;
      const row = mid.row;
      const wobble = (jitter() - 0.5) * 0.1;
      const facing = turnedNormal(form, placement, from, { angleRad: mid.angleRad, row });
      if (facing[2] < 0.02) continue;
      const apex = at(form, placement, from, mid.angleRad, row - 0.42);
      const lit = Math.max(0, facing[0] * LIGHT[0] + facing[1] * LIGHT[1] + facing[2] * LIGHT[2]);
      for (const way of [-1, 1] as const) {
        const foot = at(form, placement, from, mid.angleRad + way * half * 0.94, row + 0.56);
        const legLight = 0.5 + 0.56 * lit + wobble + (foot[0] < apex[0] ? 0.045 : -0.045);
        const bucket = Math.max(0, Math.min(SHADES - 1, Math.floor(((legLight - 0.45) / 0.75) * SHADES)));
        own[bucket] += lens(apex, foot);
      }
    }
  }
  return buckets.flatMap((own, slot) =>
    own.flatMap((d, k) => (d ? [{ d, fill: shade(yarns[slot], 0.5 + (0.78 * (k + 0.5)) / SHADES) }] : [])),
  );
}

/** A lens between two points, as wide as it should be for its length. */
function lens(a: Point, b: Point): string {
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  const mx = (a[0] + b[0]) / 2;
  const my = (a[1] + b[1]) / 2;
  const k = 0.4;
  return `M${n(a[0])} ${n(a[1])}Q${n(mx - dy * k)} ${n(my + dx * k)} ${n(b[0])} ${n(b[1])}Q${n(mx + dy * k)} ${n(my - dx * k)} ${n(a[0])} ${n(a[1])}Z`;
}

/** Numbers from 0 to 1 that are the same for the same word, so that fabric never flickers. */
function seeded(word: string): () => number {
  let s = 2166136261;
  for (let i = 0; i < word.length; i++) s = Math.imul(s ^ word.charCodeAt(i), 16777619);
  return () => {
    s = Math.imul(s ^ (s >>> 15), 2246822519) + 374761393;
    return ((s >>> 0) % 1000) / 1000;
  };
}
