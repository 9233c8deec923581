import type { Net } from './net';

/** How sharp a row turns at a stitch: twice the way from it to the middle of its neighbours, mm. */
export function cornerAt(x: Float64Array, a: number, s: number, b: number): number {
  return Math.hypot(
    x[a] + x[b] - 2 * x[s],
    x[a + 1] + x[b + 1] - 2 * x[s + 1],
    x[a + 2] + x[b + 2] - 2 * x[s + 2],
  );
}

/** How far a stitch of the ring model stands along its row from its parents, mm. */
export function slantAt({ start: x, before, after, parentFrom, parentTo }: Net, s: number): number {
  const [low, high] = [parentFrom[s], parentTo[s]];
  const t = [0, 1, 2].map(
    (k) => x[3 * after[s] + k] - x[3 * before[s] + k] + x[3 * after[high - 1] + k] - x[3 * before[low] + k],
  );
  const long = Math.hypot(...t) + 1e-9;
  let along = 0;
  for (let k = 0; k < 3; k++) {
    let parent = 0;
    for (let p = low; p < high; p++) parent += x[3 * p + k] / (high - low);
    along += ((x[3 * s + k] - parent) * t[k]) / long;
  }
  return along;
}
