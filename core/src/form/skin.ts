import { kept } from '../kept';
import type { PartForm } from './form';
import { ringPoint } from './shape';
import { add, cross, dot, scale, sub, unit, type Vec3 } from './vectors';

/** A place on a skin: angle in the working direction, radians, and the row coordinate in rings (0 = the start). */
export interface SkinPolar {
  angleRad: number;
  row: number;
}

/** A part's surface as triangles, each with its neighbours, mm: what is laid on a part is traced over it. */
export interface Skin {
  /** three numbers a vertex */
  points: Float64Array;
  /** angle and row of each vertex; the angle is NaN where a ring is one point */
  polar: Float64Array;
  /** three vertices a triangle */
  triangles: Int32Array;
  /** the triangle behind each of its sides (from corner k to k + 1); -1 at an edge of the fabric */
  neighbours: Int32Array;
  /** the two triangles of each field between two rings and two angles; -1 where a ring is one point */
  fields: Int32Array;
  around: number;
  rings: number;
}

/** Triangles round each ring. A chord of so many lies less than 0.1 mm inside a ring of 70 mm. */
const AROUND = 64;
/** Rings smaller than this are one point, mm. */
const POINT_MM = 1e-6;

/** The skin of a part; none of a cord, which has no surface. */
export const skinOf = kept((form: PartForm): Skin | null => {
  const rings = form.r.length;
  if (form.section === 'cord' || rings < 2) return null;
  const sheet = form.section === 'sheet';
  const columns = sheet ? AROUND + 1 : AROUND;
  const vertex = new Int32Array(rings * (AROUND + 1));
  const points: number[] = [];
  const polar: number[] = [];
  for (let i = 0; i < rings; i++) {
    const one = Math.abs(form.r[i]) < POINT_MM && form.straight[i] < POINT_MM;
    for (let k = 0; k < columns; k++) {
      const at = i * (AROUND + 1) + k;
      if (one && k > 0) {
        vertex[at] = vertex[at - 1];
        continue;
      }
      const angleRad = (2 * Math.PI * k) / AROUND;
      vertex[at] = polar.length / 2;
      // The very end of a sheet's row is where its angle would begin again.
      points.push(...ringPoint(form, i, sheet && k === AROUND ? angleRad - 1e-9 : angleRad));
      polar.push(one ? NaN : angleRad, i);
    }
    if (!sheet) vertex[i * (AROUND + 1) + AROUND] = vertex[i * (AROUND + 1)];
  }
  const triangles: number[] = [];
  const fields = new Int32Array(2 * rings * AROUND).fill(-1);
  for (let i = 0; i + 1 < rings; i++)
    for (let k = 0; k < AROUND; k++) {
      const [a, b] = [vertex[i * (AROUND + 1) + k], vertex[i * (AROUND + 1) + k + 1]];
      const [d, c] = [vertex[(i + 1) * (AROUND + 1) + k], vertex[(i + 1) * (AROUND + 1) + k + 1]];
      const field = 2 * (i * AROUND + k);
      if (a !== b) {
        fields[field] = triangles.length / 3;
        triangles.push(a, b, c);
      }
      if (c !== d) {
        fields[field + 1] = triangles.length / 3;
        triangles.push(a, c, d);
      }
    }
  return {
    points: Float64Array.from(points),
    polar: Float64Array.from(polar),
    triangles: Int32Array.from(triangles),
    neighbours: neighboursOf(triangles, polar.length / 2),
    fields,
    around: AROUND,
    rings,
  };
});

/** The triangle behind each side of each triangle. */
function neighboursOf(triangles: readonly number[], vertices: number): Int32Array {
  const sides = new Map<number, number>();
  const out = new Int32Array(triangles.length).fill(-1);
  for (let side = 0; side < triangles.length; side++) {
    const t = side - (side % 3);
    const [a, b] = [triangles[side], triangles[t + ((side + 1) % 3)]];
    const key = Math.min(a, b) * vertices + Math.max(a, b);
    const other = sides.get(key);
    if (other === undefined) sides.set(key, side);
    else {
      out[side] = Math.floor(other / 3);
      out[other] = Math.floor(side / 3);
    }
  }
  return out;
}

const vertexAt = ({ points }: Skin, v: number): Vec3 => [points[3 * v], points[3 * v + 1], points[3 * v + 2]];

/** A way that begins on a side of a triangle has no triangle to begin in: so much of a field beside it, it has. */
const BESIDE = 1e-4;
const inside = (share: number): number => Math.max(2 * BESIDE, Math.min(1 - 2 * BESIDE, share));

/** Where a place lies on the skin: its triangle and its point, mm. */
export function onSkin(skin: Skin, { angleRad, row }: SkinPolar): { triangle: number; point: Vec3 } {
  const { fields, triangles, around, rings } = skin;
  const x = Math.max(0, Math.min(rings - 1 - 1e-9, row));
  const i = Math.floor(x);
  const v = inside(x - i);
  const turns = angleRad / (2 * Math.PI);
  const along = Math.min(around - 1e-9, (turns - Math.floor(turns)) * around);
  const k = Math.floor(along);
  const beside = inside(along - k);
  const u = Math.abs(beside - v) < BESIDE ? beside + BESIDE : beside;
  const field = 2 * (i * around + k);
  const [first, second] = [fields[field], fields[field + 1]];
  const lower = first >= 0 && (second < 0 || v <= u);
  const triangle = lower ? first : second;
  const [a, b, c] = [0, 1, 2].map((n) => vertexAt(skin, triangles[3 * triangle + n]));
  // A field with one ring of a single point is a fan from that point.
  if (second < 0) return { triangle, point: mix(mix(a, b, u), c, v) };
  if (first < 0) return { triangle, point: mix(a, mix(c, b, u), v) };
  const [p, q] = lower ? [u - v, v] : [u, v - u];
  return { triangle, point: add(a, add(scale(sub(b, a), p), scale(sub(c, a), q))) };
}

const mix = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + t * (b[0] - a[0]),
  a[1] + t * (b[1] - a[1]),
  a[2] + t * (b[2] - a[2]),
];

/** A straight way over the fabric: its corners, how far each lies from its start, mm, and whether it ended at an edge. */
export interface SkinWay {
  points: Vec3[];
  polars: SkinPolar[];
  lengths: number[];
  ended: boolean;
}

/**
 * The way over the skin from a point of a triangle, in the plane through the point that holds `normal` and `way`, for so
 * many mm or to the edge of the fabric. Triangle by triangle: the plane leaves each by the side on which its other two
 * corners lie on both sides of it.
 */
export function wayOver(
  skin: Skin,
  start: { triangle: number; point: Vec3 },
  from: SkinPolar,
  normal: Vec3,
  way: Vec3,
  lengthMm: number,
): SkinWay {
  const { triangles, neighbours } = skin;
  const side = unit(cross(normal, way));
  const off = (v: number): number => dot(sub(vertexAt(skin, v), start.point), side);
  const out: SkinWay = { points: [start.point], polars: [from], lengths: [0], ended: false };
  let { triangle } = start;
  let entered = -1;
  for (let guard = 0; guard < triangles.length; guard++) {
    let best: { by: number; ahead: number; cross: Crossing } | null = null;
    for (let k = 0; k < 3; k++) {
      const [a, b] = [triangles[3 * triangle + k], triangles[3 * triangle + ((k + 1) % 3)]];
      if (entered >= 0 && neighbours[3 * triangle + k] === entered) continue;
      const [da, db] = [off(a), off(b)];
      if (da >= 0 === db >= 0) continue;
      const crossing = crossingOf(skin, a, b, da / (da - db));
      const ahead = entered < 0 ? dot(sub(crossing.point, start.point), way) : 0;
      if (!best || ahead > best.ahead) best = { by: k, ahead, cross: crossing };
    }
    if (!best) return { ...out, ended: true };
    const before = out.points.at(-1)!;
    const step = Math.hypot(...sub(best.cross.point, before));
    const done = out.lengths.at(-1)!;
    out.points.push(best.cross.point);
    out.polars.push(best.cross.polar);
    out.lengths.push(done + step);
    if (done + step >= lengthMm) return out;
    const next = neighbours[3 * triangle + best.by];
    if (next < 0) return { ...out, ended: true };
    entered = triangle;
    triangle = next;
  }
  return { ...out, ended: true };
}

interface Crossing {
  point: Vec3;
  polar: SkinPolar;
}

function crossingOf(skin: Skin, a: number, b: number, t: number): Crossing {
  const { polar } = skin;
  return {
    point: mix(vertexAt(skin, a), vertexAt(skin, b), t),
    polar: polarBetween(
      { angleRad: polar[2 * a], row: polar[2 * a + 1] },
      { angleRad: polar[2 * b], row: polar[2 * b + 1] },
      t,
    ),
  };
}

/** A place between two, the short way round; a point that is a whole ring has every angle. */
export function polarBetween(a: SkinPolar, b: SkinPolar, t: number): SkinPolar {
  const row = a.row + t * (b.row - a.row);
  if (Number.isNaN(a.angleRad)) return { angleRad: b.angleRad, row };
  if (Number.isNaN(b.angleRad)) return { angleRad: a.angleRad, row };
  const turn = b.angleRad - a.angleRad;
  const short = turn - 2 * Math.PI * Math.round(turn / (2 * Math.PI));
  return { angleRad: a.angleRad + t * short, row };
}

/** The place so many mm along a way; its end when the way is shorter. */
export function alongWay(
  { points, polars, lengths }: SkinWay,
  mm: number,
): { point: Vec3; polar: SkinPolar } {
  let k = 1;
  while (k < lengths.length - 1 && lengths[k] < mm) k++;
  if (k >= lengths.length) return { point: points[0], polar: polars[0] };
  const room = lengths[k] - lengths[k - 1];
  const t = room > 0 ? Math.max(0, Math.min(1, (mm - lengths[k - 1]) / room)) : 1;
  return { point: mix(points[k - 1], points[k], t), polar: polarBetween(polars[k - 1], polars[k], t) };
}
