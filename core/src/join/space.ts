import { add, cross, dot, scale, sub, unit, type Vec3 } from '../form';

/** A proper rotation (rows of the matrix) and a shift in mm: world = rows . local + shift. */
export interface Placement {
  rows: readonly [Vec3, Vec3, Vec3];
  shift: Vec3;
}

/** `a` without its part along the unit vector `n`, made unit. */
export function across(a: Vec3, n: Vec3): Vec3 {
  const flat = sub(a, scale(n, dot(a, n)));
  return unit(flat, unit(cross(n, Math.abs(n[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0])));
}

/** Turns a direction. */
export function turn(p: Placement, v: Vec3): Vec3 {
  return [dot(p.rows[0], v), dot(p.rows[1], v), dot(p.rows[2], v)];
}

/** Moves a point. */
export function move(p: Placement, v: Vec3): Vec3 {
  return add(turn(p, v), p.shift);
}

/**
 * The rotation that takes local axes `x`, `z` (unit, square to each other) to `toX`, `toZ`. Always proper: the third
 * axis follows by the right-hand rule, so a part is never turned into its mirror image (decision 8).
 */
export function rotation(x: Vec3, z: Vec3, toX: Vec3, toZ: Vec3): Placement['rows'] {
  const y = cross(z, x);
  const toY = cross(toZ, toX);
  const row = (i: number): Vec3 =>
    [0, 1, 2].map((k) => toX[i] * x[k] + toY[i] * y[k] + toZ[i] * z[k]) as unknown as Vec3;
  return [row(0), row(1), row(2)];
}
