import { climbAt, cross, distance, sub, surfacePoint, unit, type PartForm, type Vec3 } from '../form';
import { coordOf } from './place';

/** Angle about the axis in the working direction, radians, and the row coordinate in rings (0 = the start). */
export interface Polar {
  angleRad: number;
  row: number;
}

/**
 * Where stitch coordinate `coord` of a round lies. `at` says whether it is the base of the round (holes) or its middle.
 * `coord` may run below 0 or beyond the count: the number goes on into the neighbouring turn of a spiral.
 */
export function polarOf(form: PartForm, round: number, coord: number, at: 'hole' | 'middle'): Polar {
  const { count, direction, turned } = form.fabric.rounds[round];
  if (form.section === 'cord') return { angleRad: 0, row: round + coord / count };
  // Rows are level, and every other one runs back.
  if (form.section === 'sheet')
    return {
      angleRad: (2 * Math.PI * (direction === 1 ? coord : count - coord)) / count,
      row: round + (at === 'hole' ? 0 : 0.5),
    };
  const lean = turned ? 0 : (form.gauge.leanStitches * 2 * Math.PI) / count;
  const back = at === 'hole' ? lean : lean / 2;
  return {
    angleRad: form.phase[round] - back + (2 * Math.PI * coord) / count,
    row: round + (at === 'hole' ? 0 : 0.5) + climbAt(form, round, coord / count),
  };
}

/** The stitch coordinate (not rounded, in 0..count) at which a round meets a direction. */
export function coordAt(form: PartForm, round: number, angleRad: number, at: 'hole' | 'middle'): number {
  const { count } = form.fabric.rounds[round];
  if (form.section === 'cord') return 0;
  if (form.section === 'sheet')
    return (
      (form.fabric.rounds[round].direction === 1 ? angleRad / (2 * Math.PI) : 1 - angleRad / (2 * Math.PI)) *
      count
    );
  const zero = polarOf(form, round, 0, at).angleRad;
  const turns = (angleRad - zero) / (2 * Math.PI);
  return (turns - Math.floor(turns)) * count;
}

/** Radius and height above the start ring at a row coordinate; straight between rings, held at both ends. */
export function profileAt(form: PartForm, row: number): { radiusMm: number; heightMm: number } {
  const last = form.r.length - 1;
  const x = Math.max(0, Math.min(last, row));
  const i = Math.min(last - 1, Math.floor(x));
  const f = x - i;
  if (last < 1) return { radiusMm: form.r[0] ?? 0, heightMm: 0 };
  return {
    radiusMm: form.r[i] * (1 - f) + form.r[i + 1] * f,
    heightMm: form.z[i] * (1 - f) + form.z[i + 1] * f,
  };
}

/** The point of a polar place, mm. */
export const pointOf = (form: PartForm, polar: Polar): Vec3 => surfacePoint(form, polar.angleRad, polar.row);

/** The point of a hole or middle of a round, mm. */
export function positionOf(form: PartForm, round: number, at: 'hole' | 'middle', index: number): Vec3 {
  return pointOf(form, polarOf(form, round, coordOf(at, index), at));
}

/** Rows to each side over which a slope is taken: it smooths the corners of the rings. */
const SLOPE_ROWS = 0.75;
const SLOPE_RAD = 0.02;

/** Unit vectors at a polar place: out of the fabric, and along the fabric towards the ring. Out is where the hand holds the work right side out. */
export function frameAt(form: PartForm, polar: Polar): { normal: Vec3; toRing: Vec3 } {
  const a = pointOf(form, { ...polar, row: polar.row - SLOPE_ROWS });
  const b = pointOf(form, { ...polar, row: polar.row + SLOPE_ROWS });
  if (form.section === 'cord') return { normal: [1, 0, 0], toRing: [0, 0, -1] };
  // At the very ring the way round has no length: it is taken a little further down.
  const row = Math.max(0.25, Math.min(form.r.length - 1.25, polar.row));
  const back = pointOf(form, { angleRad: polar.angleRad - SLOPE_RAD, row });
  const on = pointOf(form, { angleRad: polar.angleRad + SLOPE_RAD, row });
  const down = unit(sub(b, a));
  const around = sub(on, back);
  const out = unit(cross(down, around));
  const side = -form.direction;
  return { normal: [side * out[0], side * out[1], side * out[2]], toRing: [-down[0], -down[1], -down[2]] };
}

/** A hole or middle found near a point, with how far it misses. */
export interface Near {
  round: number;
  index: number;
  missMm: number;
}

/** The hole or middle nearest to a polar place, by straight distance, over all rounds. */
export function nearestPlace(form: PartForm, target: Polar, at: 'hole' | 'middle'): Near | null {
  const wanted = pointOf(form, target);
  let best: Near | null = null;
  for (let round = at === 'hole' ? 1 : 0; round < form.fabric.rounds.length; round++) {
    const { count } = form.fabric.rounds[round];
    const exact = coordAt(form, round, target.angleRad, at);
    for (const index of at === 'hole'
      ? [Math.floor(exact), Math.floor(exact) + 1]
      : [Math.floor(exact) + 1]) {
      const wrapped = at === 'hole' ? ((index % count) + count) % count : ((index - 1 + count) % count) + 1;
      const missMm = distance(positionOf(form, round, at, wrapped), wanted);
      if (!best || missMm < best.missMm - 1e-9) best = { round, index: wrapped, missMm };
    }
  }
  return best;
}
