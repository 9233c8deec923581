import { add, cross, dot, scale, sub, unit, type Vec3 } from '../form';
import { laidNormal, laidPoint, type Laid } from './lay';

/** A proper rotation (rows of the matrix) and a shift in mm: world = rows . local + shift; before that a sewn piece gives where it is sewn. */
export interface Placement {
  rows: readonly [Vec3, Vec3, Vec3];
  shift: Vec3;
  /** how it gives; null for a piece that stands as it was made */
  laid: Laid | null;
}

/** `a` without its part along the unit vector `n`, made unit. */
export function across(a: Vec3, n: Vec3): Vec3 {
  const flat = sub(a, scale(n, dot(a, n)));
  return unit(flat, unit(cross(n, Math.abs(n[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0])));
}

/** Turns a direction of the rigid piece. */
export function turn(p: Pick<Placement, 'rows'>, v: Vec3): Vec3 {
  return [dot(p.rows[0], v), dot(p.rows[1], v), dot(p.rows[2], v)];
}

/** Turns a direction of the whole back into the piece's own frame. */
export const turnBack = ({ rows: [a, b, c] }: Pick<Placement, 'rows'>, [x, y, z]: Vec3): Vec3 => [
  a[0] * x + b[0] * y + c[0] * z,
  a[1] * x + b[1] * y + c[1] * z,
  a[2] * x + b[2] * y + c[2] * z,
];

/** Moves a point of the piece to where it is in the whole. */
export function move(p: Placement, v: Vec3): Vec3 {
  return add(turn(p, p.laid ? laidPoint(p.laid, v) : v), p.shift);
}

/** Moves a point as if the piece did not give. */
export const moveRigid = (p: Placement, v: Vec3): Vec3 => add(turn(p, v), p.shift);

/** A point of the whole in the frame of a piece as it was made. */
export const moveBack = (p: Placement, v: Vec3): Vec3 => turnBack(p, sub(v, p.shift));

/** The way out of the fabric at a point of the piece, in the whole. */
export const turnNormal = (p: Placement, at: Vec3, normal: Vec3): Vec3 =>
  turn(p, p.laid ? laidNormal(p.laid, at, normal) : normal);

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

/** One rotation after another. */
export function turnedBy(outer: Placement['rows'], inner: Placement['rows']): Placement['rows'] {
  const columns = [0, 1, 2].map((k): Vec3 => [inner[0][k], inner[1][k], inner[2][k]]);
  const turned = columns.map((c) => turn({ rows: outer }, c));
  const row = (i: number): Vec3 => [turned[0][i], turned[1][i], turned[2][i]];
  return [row(0), row(1), row(2)];
}

/** A piece turned in the frame of its placed host by `rows`, its own point `own` at the host's point `at`. */
export function carried(host: Placement, rows: Placement['rows'], own: Vec3, at: Vec3): Placement {
  const whole = turnedBy(host.rows, rows);
  return { rows: whole, shift: sub(move(host, at), turn({ rows: whole }, own)), laid: null };
}
