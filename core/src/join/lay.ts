import { add, cross, dot, scale, sub, type Vec3 } from '../form';
import type { EdgeLine } from './edgeLine';

/**
 * How a piece gives where it is sewn: its edge lies on the host, and further back it is more and more as it was made. mm,
 * the piece's own frame.
 */
export interface Laid {
  centre: Vec3;
  /** past the edge, and two axes across it; unit vectors */
  out: Vec3;
  wide: Vec3;
  thin: Vec3;
  /** the edge runs round; else it lies along `wide` */
  closed: boolean;
  radiusMm: number;
  /** so far behind the edge nothing gives any more */
  reachMm: number;
  /** the shift of the edge at equal turns round it, or at equal steps along it: three numbers each */
  shift: Float64Array;
}

const STEPS = 48;
/** A part that leans bends over a length that grows with its lean, up to so much. Judged. */
const MOST_BENT = Math.tan((70 * Math.PI) / 180);

/** Behind its edge, a part of a radius that leans by so much bends over this length, mm: where a straight one would be cut off by its host. */
export const bendOver = (radiusMm: number, tiltRad: number): number =>
  radiusMm * Math.max(1.3, Math.min(MOST_BENT, Math.tan(Math.min(tiltRad, 1.5))));

/** A piece gives over so many radii of its edge, and at least over so many stitch widths. Judged. */
/** It gives so much further than it must, or its inner side would still lie in its host. */
const BENDS_OVER = 1.4;
const GIVES = { radii: 1.6, stitches: 2.5 };

/** How a piece gives when the points of its edge are to lie on `targets`, both in its own frame. */
export function laidOn(
  line: EdgeLine,
  targets: readonly Vec3[],
  pieceMm: number,
  stitchMm: number,
  tiltRad: number,
): Laid {
  const { centre, out, wide, thin, closed, radiusMm, points } = line;
  const shifts = points.map((p, k) => sub(targets[k], p));
  const where = points.map((p) => placeIn({ centre, wide, thin, closed, radiusMm }, p));
  const shift = new Float64Array(3 * STEPS);
  for (let s = 0; s < STEPS; s++) {
    const at = closed ? s / STEPS : s / (STEPS - 1);
    const [x, y, z] = interpolated(where, shifts, at, closed);
    shift.set([x, y, z], 3 * s);
  }
  const bends = BENDS_OVER * bendOver(radiusMm, tiltRad);
  const wanted = Math.max(GIVES.radii * radiusMm, GIVES.stitches * stitchMm, bends);
  return { centre, out, wide, thin, closed, radiusMm, reachMm: Math.min(wanted, 0.9 * pieceMm), shift };
}

type Across = Pick<Laid, 'centre' | 'wide' | 'thin' | 'closed' | 'radiusMm'>;

/** Where round or along the edge a point lies, 0 to 1. */
function placeIn({ centre, wide, thin, closed, radiusMm }: Across, p: Vec3): number {
  const from = sub(p, centre);
  const w = dot(from, wide);
  if (!closed) return Math.max(0, Math.min(1, (w / Math.max(radiusMm, 1e-9) + 1) / 2));
  const turn = Math.atan2(dot(from, thin), w) / (2 * Math.PI);
  return turn - Math.floor(turn);
}

/** The value between the two known ones nearest to a place round or along the edge. */
function interpolated(where: readonly number[], values: readonly Vec3[], at: number, closed: boolean): Vec3 {
  let [before, after] = [-1, -1];
  let [least, most] = [Infinity, Infinity];
  where.forEach((w, k) => {
    const back = closed ? at - w - Math.floor(at - w) : at - w;
    const on = closed ? w - at - Math.floor(w - at) : w - at;
    if (back >= 0 && back < least) [least, before] = [back, k];
    if (on >= 0 && on < most) [most, after] = [on, k];
  });
  if (before < 0) return values[after];
  if (after < 0) return values[before];
  const room = least + most;
  return room < 1e-12
    ? values[before]
    : add(scale(values[before], most / room), scale(values[after], least / room));
}

/** Where a point of a piece has gone, mm. */
export function laidPoint(laid: Laid, p: Vec3): Vec3 {
  const { centre, out, wide, thin, closed, radiusMm, reachMm, shift } = laid;
  const from = sub(p, centre);
  const behind = -dot(from, out);
  if (behind >= reachMm || reachMm <= 0) return p;
  const t = Math.min(1, 1 - behind / reachMm);
  const gives = t * t * (3 - 2 * t);
  const at = placeIn(laid, p) * (closed ? STEPS : STEPS - 1);
  const i = Math.floor(at) % STEPS;
  const j = closed ? (i + 1) % STEPS : Math.min(STEPS - 1, i + 1);
  const f = at - Math.floor(at);
  // Near the axis of a ring there is no direction: what lies inside goes with the middle of it.
  const out2 = closed
    ? Math.min(1, Math.hypot(dot(from, wide), dot(from, thin)) / Math.max(radiusMm, 1e-9))
    : 1;
  const k = gives * out2;
  return [
    p[0] + k * (shift[3 * i] * (1 - f) + shift[3 * j] * f),
    p[1] + k * (shift[3 * i + 1] * (1 - f) + shift[3 * j + 1] * f),
    p[2] + k * (shift[3 * i + 2] * (1 - f) + shift[3 * j + 2] * f),
  ];
}

/** The way out of the fabric at a point of a piece after it has given. Source: normals turn with the inverse transpose of the slope; taken by differences. */
export function laidNormal(laid: Laid, p: Vec3, normal: Vec3): Vec3 {
  const side: Vec3 = Math.abs(normal[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0];
  const a = cross(normal, side);
  const b = cross(normal, a);
  const step = 0.3;
  const at = laidPoint(laid, p);
  const [da, db] = [a, b].map((v) => sub(laidPoint(laid, add(p, scale(v, step))), at));
  const turned = cross(da, db);
  const long = Math.hypot(...turned);
  if (long < 1e-9) return normal;
  return scale(turned, (dot(turned, normal) < 0 ? -1 : 1) / long);
}
