import { cross, distance, dot, sub, unit, type PartForm, type Vec3 } from '../form';
import { walkInPlane } from './directions';
import { frameAt, nearestPlace, pointOf, type Near, type Polar } from './position';

/** A line along the fabric: places in order with their distance from its beginning, mm. */
export interface SurfaceLine {
  path: readonly { at: Polar; mm: number }[];
  lengthMm: number;
  /** false when the fabric ended before the line did */
  arrived: boolean;
}

/** A place each so many mm of the walk. */
const EVERY_MM = 2;

/**
 * The line from one place to another that looks straight from outside: where the surface meets the plane through both
 * places and the mean of what is out at them. Such a line is marked with a running thread before anything is worked along it.
 */
export function lineBetween(form: PartForm, from: Polar, to: Polar): SurfaceLine {
  const [a, b] = [pointOf(form, from), pointOf(form, to)];
  const along = sub(b, a);
  const out = unit(
    [0, 1, 2].map((k) => frameAt(form, from).normal[k] + frameAt(form, to).normal[k]) as unknown as Vec3,
    frameAt(form, from).normal,
  );
  const side = unit(cross(unit(along), out), cross(unit(along), frameAt(form, from).normal));
  const path: { at: Polar; mm: number }[] = [{ at: from, mm: 0 }];
  let at = from;
  let mm = 0;
  let way = unit(along);
  // Never further than half round a ball of that size and the way itself.
  const most = 2 * Math.PI * distance(a, b) + 1;
  while (mm < most) {
    const left = distance(pointOf(form, at), b);
    if (left <= EVERY_MM) {
      path.push({ at: to, mm: mm + left });
      return { path, lengthMm: mm + left, arrived: true };
    }
    const before = pointOf(form, at);
    const walk = walkInPlane(form, at, side, way, EVERY_MM);
    if (walk.walkedMm < 1e-3) break;
    mm += walk.walkedMm;
    at = walk.at;
    const went = sub(pointOf(form, at), before);
    way = dot(went, went) > 1e-9 ? unit(went) : way;
    path.push({ at, mm });
    if (walk.ended) break;
  }
  return { path, lengthMm: mm, arrived: false };
}

/** The place on a line at so many mm from its beginning. */
export function alongLine(line: SurfaceLine, mm: number): Polar {
  const k = line.path.findIndex((p) => p.mm >= mm);
  if (k <= 0) return line.path[k < 0 ? line.path.length - 1 : 0].at;
  const [a, b] = [line.path[k - 1], line.path[k]];
  const f = b.mm > a.mm ? (mm - a.mm) / (b.mm - a.mm) : 0;
  const turn = b.at.angleRad - a.at.angleRad;
  const short = turn - Math.round(turn / (2 * Math.PI)) * 2 * Math.PI;
  return { angleRad: a.at.angleRad + f * short, row: a.at.row + f * (b.at.row - a.at.row) };
}

/** A line that goes on from part to part: each leg on its own form, the seams between them bridged straight. */
export interface LineOver {
  legs: readonly {
    form: PartForm;
    line: SurfaceLine;
    /** mm of the whole line at which the leg begins */ startMm: number;
  }[];
  lengthMm: number;
}

/** Joins lines on several parts into one; `gapsMm` are the seams between them, one fewer than the legs. */
export function lineOver(
  legs: readonly { form: PartForm; line: SurfaceLine }[],
  gapsMm: readonly number[],
): LineOver {
  let at = 0;
  const placed = legs.map((leg, i) => {
    const startMm = at;
    at += leg.line.lengthMm + (gapsMm[i] ?? 0);
    return { ...leg, startMm };
  });
  return { legs: placed, lengthMm: at };
}

/**
 * `gaps` + 1 places in equal gaps along a line, each with the hole that is nearest to it; a place that falls on a seam
 * is that of the nearer leg's end.
 */
export function equalGaps(
  over: LineOver,
  gaps: number,
): { leg: number; mm: number; at: Polar; hole: Near | null }[] {
  return Array.from({ length: gaps + 1 }, (_, k) => {
    const mm = (over.lengthMm * k) / Math.max(1, gaps);
    const leg = over.legs.reduce((best, l, i) => {
      const miss = (x: (typeof over.legs)[number]) =>
        Math.max(x.startMm - mm, mm - x.startMm - x.line.lengthMm, 0);
      return miss(l) < miss(over.legs[best]) - 1e-9 ? i : best;
    }, 0);
    const { form, line, startMm } = over.legs[leg];
    const at = alongLine(line, Math.max(0, Math.min(line.lengthMm, mm - startMm)));
    return { leg, mm, at, hole: nearestPlace(form, at, 'hole') };
  });
}
