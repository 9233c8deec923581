import { cross, distance, dot, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { levelOut, mirrorPoint, oppositePoint, type Directions } from './pose';
import { frameAt, pointOf, type Polar } from './position';

/** Length of a step on the surface, mm; each is put back on its plane, so the error does not add up. */
const STEP_MM = 0.5;
const TINY = { row: 1e-3, rad: 1e-3 };

/** A walk over the surface: where it ended, how far it went, and whether the fabric ended first. */
export interface Walk {
  at: Polar;
  walkedMm: number;
  ended: boolean;
}

/** The slopes of the surface at a polar place: by radian and by row. Rows are taken towards `ahead`, so that a corner between rings counts as the side one walks to. */
function slopes(form: PartForm, at: Polar, ahead: 1 | -1): { here: Vec3; byRad: Vec3; byRow: Vec3 } {
  const here = pointOf(form, at);
  const last = form.r.length - 1;
  const way = at.row + ahead * TINY.row > last ? -1 : at.row + ahead * TINY.row < 0 ? 1 : ahead;
  return {
    here,
    byRad: scale(
      sub(
        pointOf(form, { ...at, angleRad: at.angleRad + TINY.rad }),
        pointOf(form, { ...at, angleRad: at.angleRad - TINY.rad }),
      ),
      1 / (2 * TINY.rad),
    ),
    byRow: scale(sub(pointOf(form, { ...at, row: at.row + way * TINY.row }), here), way / TINY.row),
  };
}

/** The change of a polar place that comes nearest to a small shift in space (least squares). */
function towards(byRad: Vec3, byRow: Vec3, shift: Vec3): { rad: number; row: number } {
  const [a, b, c] = [dot(byRad, byRad), dot(byRad, byRow), dot(byRow, byRow)];
  const [p, q] = [dot(byRad, shift), dot(byRow, shift)];
  const det = a * c - b * b;
  if (det < 1e-9 * Math.max(1e-9, a * c))
    return c > a ? { rad: 0, row: c > 0 ? q / c : 0 } : { rad: a > 0 ? p / a : 0, row: 0 };
  return { rad: (p * c - q * b) / det, row: (q * a - p * b) / det };
}

/**
 * Walks along the surface inside the plane through `from` with the normal `side`, first towards `way`, for so many mm.
 * It ends early at an edge of the fabric or where the surface no longer goes on.
 */
export function walkInPlane(form: PartForm, from: Polar, side: Vec3, way: Vec3, lengthMm: number): Walk {
  const origin = pointOf(form, from);
  const last = form.r.length - 1;
  let at = from;
  let walkedMm = 0;
  let heading = way;
  while (lengthMm - walkedMm > 1e-6) {
    let ahead: 1 | -1 = 1;
    let s = slopes(form, at, ahead);
    const tangent = (n: Vec3): Vec3 => {
      const t = unit(cross(n, side), heading);
      return dot(t, heading) < 0 ? scale(t, -1) : t;
    };
    let t = tangent(unit(cross(s.byRad, s.byRow)));
    if (towards(s.byRad, s.byRow, t).row < 0) {
      ahead = -1;
      s = slopes(form, at, ahead);
      t = tangent(unit(cross(s.byRad, s.byRow)));
    }
    const step = Math.min(STEP_MM, lengthMm - walkedMm);
    const move = towards(s.byRad, s.byRow, scale(t, step));
    let next: Polar = { angleRad: at.angleRad + move.rad, row: at.row + move.row };
    const off = next.row < 0 || next.row > last;
    next = { ...next, row: Math.max(0, Math.min(last, next.row)) };
    for (let k = 0; k < 3; k++) {
      const miss = dot(sub(pointOf(form, next), origin), side);
      if (Math.abs(miss) < 1e-4) break;
      const n = slopes(form, next, ahead);
      const fix = towards(n.byRad, n.byRow, scale(side, -miss));
      next = { angleRad: next.angleRad + fix.rad, row: Math.max(0, Math.min(last, next.row + fix.row)) };
    }
    const went = distance(s.here, pointOf(form, next));
    if (went < step * 0.02) return { at: next, walkedMm, ended: true };
    heading = unit(sub(pointOf(form, next), s.here), heading);
    at = next;
    walkedMm += went;
    if (off) return { at, walkedMm, ended: true };
  }
  return { at, walkedMm, ended: false };
}

/** Straight up (or down) from a place along the surface, in its upright plane: up and what of the fabric's outside is level. */
export function straight(
  form: PartForm,
  own: Directions,
  from: Polar,
  way: 'up' | 'down',
  lengthMm: number,
): Walk {
  const out = levelOut(frameAt(form, from).normal, own.up, own.front);
  return walkInPlane(form, from, unit(cross(own.up, out)), scale(own.up, way === 'up' ? 1 : -1), lengthMm);
}

/** Level along the surface towards the toy's own left or right as seen from in front of the place. */
export function level(
  form: PartForm,
  own: Directions,
  from: Polar,
  way: 'left' | 'right',
  lengthMm: number,
): Walk {
  const { normal } = frameAt(form, from);
  // Facing the place from outside, up above: its left hand side is the toy's left where the place looks to the front.
  const left = unit(cross(own.up, levelOut(normal, own.up, own.front)), own.left);
  return walkInPlane(form, from, own.up, scale(left, way === 'left' ? 1 : -1), lengthMm);
}

/** The place opposite: half round the part's upright middle line, at the same height. */
export const opposite = (form: PartForm, own: Directions, from: Polar): Polar =>
  nearestPolar(form, oppositePoint(form, own, pointOf(form, from)), from.row);

/** The same place seen in the mirror of the face plane. */
export const mirrored = (form: PartForm, own: Directions, from: Polar): Polar =>
  nearestPolar(form, mirrorPoint(form, own, pointOf(form, from)), from.row);

const AROUND = 48;

/** The place of the surface that is nearest to a point; of two equally near ones, that nearest to row `near`. */
export function nearestPolar(form: PartForm, point: Vec3, near?: number): Polar {
  const last = form.r.length - 1;
  let best: Polar = { angleRad: 0, row: 0 };
  let least = Infinity;
  const meet = (at: Polar) => {
    const miss =
      distance(pointOf(form, at), point) + (near === undefined ? 0 : 1e-7 * Math.abs(at.row - near));
    if (miss < least) [best, least] = [at, miss];
  };
  if (isRound(form)) {
    const angleRad = form.direction * Math.atan2(point[1], point[0]);
    const rho = Math.hypot(point[0], point[1]);
    for (let i = 0; i < last; i++) {
      const [dr, dz] = [form.r[i + 1] - form.r[i], form.z[i + 1] - form.z[i]];
      const f = ((rho - form.r[i]) * dr + (point[2] - form.z[i]) * dz) / Math.max(dr * dr + dz * dz, 1e-12);
      meet({ angleRad, row: i + Math.max(0, Math.min(1, f)) });
    }
    return best;
  }
  for (let i = 0; i <= last; i++)
    for (let k = 0; k < AROUND; k++) meet({ angleRad: (2 * Math.PI * k) / AROUND, row: i });
  for (let k = 0; k < 40 && least > 1e-6; k++) {
    const before = least;
    for (const ahead of [1, -1] as const) {
      const s = slopes(form, best, ahead);
      const fix = towards(s.byRad, s.byRow, sub(point, s.here));
      for (const part of [1, 0.5, 0.1])
        meet({
          angleRad: best.angleRad + part * fix.rad,
          row: Math.max(0, Math.min(last, best.row + part * fix.row)),
        });
    }
    if (before - least < 1e-9) break;
  }
  return best;
}

/** A surface of revolution about a straight axis. */
const isRound = (form: PartForm): boolean =>
  form.section === 'ring' && !form.axis && !form.folded && form.straight.every((l) => l === 0);
