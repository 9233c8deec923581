import { add, distance, ringPoint, scale, sub, type PartForm, type Vec3 } from '../form';
import { move, type Placement } from './space';

/** A mass at a point, g and mm. */
export interface PointMass {
  grams: number;
  at: Vec3;
}

/** How a toy stands: where its weight is, and what it stands on; mm, the whole toy's frame (y up). */
export interface Standing {
  massG: number;
  centre: Vec3;
  /** corners of what it stands on, as [x, z], in order round it */
  base: readonly (readonly [number, number])[];
  /** from the centre of mass to the nearest edge of the base as seen from above; negative outside it */
  marginMm: number;
}

const AROUND = 16;

/** Points of a placed piece's surface, ring by ring. */
export const pointsOf = (form: PartForm, placement: Placement): Vec3[] =>
  Array.from({ length: form.r.length * AROUND }, (_, k) =>
    move(placement, ringPoint(form, Math.floor(k / AROUND), (2 * Math.PI * (k % AROUND)) / AROUND)),
  );

/** The masses of a piece slice by slice: fill by the room inside, yarn by the fabric. Source: house figures, "Balance". */
export function massesOf(
  form: PartForm,
  placement: Placement,
  { yarnG, fillG }: { yarnG: number; fillG: number },
): PointMass[] {
  const rings = form.r.length;
  const centres = Array.from({ length: rings }, (_, i) =>
    move(
      placement,
      scale([0, 1, 2, 3].map((k) => ringPoint(form, i, (k * Math.PI) / 2)).reduce(add, [0, 0, 0]), 1 / 4),
    ),
  );
  const slices = Array.from({ length: Math.max(0, rings - 1) }, (_, i) => {
    const [a, b] = [form.r[i], form.r[i + 1]];
    const high = distance(centres[i], centres[i + 1]);
    return {
      at: scale(add(centres[i], centres[i + 1]), 0.5),
      room: high * (a * a + a * b + b * b) + high * (form.straight[i] + form.straight[i + 1]) * (a + b),
      fabric: (a + b + form.straight[i]) * Math.hypot(high, a - b),
    };
  });
  const [room, fabric] = [slices.reduce((s, x) => s + x.room, 0), slices.reduce((s, x) => s + x.fabric, 0)];
  return slices.map(({ at, ...slice }) => ({
    at,
    grams: (room > 0 ? (fillG * slice.room) / room : 0) + (fabric > 0 ? (yarnG * slice.fabric) / fabric : 0),
  }));
}

/** How masses stand on the points of a toy that are lowest. Null where there is nothing. */
export function standingOf(
  masses: readonly PointMass[],
  points: readonly Vec3[],
  carriesMm: number,
): Standing | null {
  const massG = masses.reduce((sum, m) => sum + m.grams, 0);
  if (massG <= 0 || points.length === 0) return null;
  const centre = scale(
    masses.reduce((sum: Vec3, m) => add(sum, scale(m.at, m.grams)), [0, 0, 0]),
    1 / massG,
  );
  const lowest = points.reduce((low, p) => Math.min(low, p[1]), Infinity);
  const base = hullOf(
    points.filter((p) => p[1] <= lowest + carriesMm).map((p): [number, number] => [p[0], p[2]]),
  );
  return { massG, centre, base, marginMm: marginIn(base, [centre[0], centre[2]]) };
}

/** A point of a toy that tips by so much about its upright middle, towards a level direction (x, z; unit). */
function tipped([x, y, z]: Vec3, [dx, dz]: readonly [number, number], rad: number): Vec3 {
  const [out, c, s] = [x * dx + z * dz, Math.cos(rad), Math.sin(rad)];
  const by = out * c + y * s - out;
  return [x + by * dx, y * c - out * s, z + by * dz];
}

/**
 * How a toy stands that first leans over towards its weight until more of it carries: the smallest lean of whole degrees, up to
 * `mostDeg`, with which its weight lies `leastMm` inside. Null where no such lean is enough: it falls.
 */
export function leaningOf(
  masses: readonly PointMass[],
  points: readonly Vec3[],
  carriesMm: number,
  leastMm: number,
  mostDeg: number,
): (Standing & { leansDeg: number }) | null {
  const level = standingOf(masses, points, carriesMm);
  if (!level || level.base.length === 0) return null;
  const foot = [0, 1].map((i) => level.base.reduce((sum, p) => sum + p[i], 0) / level.base.length);
  const way = [level.centre[0] - foot[0], level.centre[2] - foot[1]];
  const long = Math.hypot(...way);
  if (long < 1e-6) return null;
  const towards = [way[0] / long, way[1] / long] as const;
  for (let deg = 1; deg <= mostDeg; deg++) {
    const turn = (p: Vec3) => tipped(p, towards, (deg * Math.PI) / 180);
    const found = standingOf(
      masses.map((m) => ({ ...m, at: turn(m.at) })),
      points.map(turn),
      carriesMm,
    );
    if (found && found.marginMm >= leastMm) return { ...found, leansDeg: deg };
  }
  return null;
}

/** The convex hull of points, anticlockwise. Source: the monotone chain of Andrew. */
export function hullOf(points: readonly (readonly [number, number])[]): [number, number][] {
  const sorted = [...points]
    .map(([x, y]): [number, number] => [x, y])
    .sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: [number, number][]): [number, number][] => {
    const out: [number, number][] = [];
    for (const p of list) {
      while (out.length > 1 && turnOf(out[out.length - 2], out[out.length - 1], p) <= 1e-12) out.pop();
      out.push(p);
    }
    return out.slice(0, -1);
  };
  return sorted.length < 3 ? sorted : [...half(sorted), ...half(sorted.reverse())];
}

const turnOf = (a: readonly number[], b: readonly number[], c: readonly number[]): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

/** How far a point lies inside a convex outline, mm: to its nearest edge; negative outside. */
export function marginIn(hull: readonly (readonly [number, number])[], p: readonly [number, number]): number {
  let inside = hull.length > 2;
  let least = Infinity;
  hull.forEach((a, k) => {
    const b = hull[(k + 1) % hull.length];
    if (turnOf(a, b, p) < 0) inside = false;
    const way = sub([b[0], b[1], 0], [a[0], a[1], 0]);
    const long = way[0] * way[0] + way[1] * way[1];
    const t =
      long > 0 ? Math.max(0, Math.min(1, ((p[0] - a[0]) * way[0] + (p[1] - a[1]) * way[1]) / long)) : 0;
    least = Math.min(least, Math.hypot(p[0] - a[0] - t * way[0], p[1] - a[1] - t * way[1]));
  });
  return inside ? least : -least;
}
