import { frameAt, pointOf } from '../address';
import { dot, type PartForm, type Vec3 } from '../form';
import { move, turn, type Placement } from '../join';
import type { Point } from './paths';
import type { Rows } from './view';

/** Turns the world for the viewer. */
export const seen = (p: Vec3, rows: Rows): Vec3 => [dot(rows[0], p), dot(rows[1], p), dot(rows[2], p)];

/** A polar place of a piece as it is seen, mm, y down. */
export function at(form: PartForm, placement: Placement, from: Rows, angleRad: number, row: number): Point {
  const p = seen(move(placement, pointOf(form, { angleRad, row })), from);
  return [p[0], -p[1]];
}

/** The way out of the fabric at a place as it is seen. */
export function turnedNormal(
  form: PartForm,
  placement: Placement,
  from: Rows,
  polar: { angleRad: number; row: number },
): Vec3 {
  return seen(turn(placement, frameAt(form, polar).normal), from);
}
