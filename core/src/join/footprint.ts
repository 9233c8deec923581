import {
  add,
  alongWay,
  cross,
  distance,
  dot,
  onSkin,
  scale,
  skinOf,
  sub,
  unit,
  wayOver,
  type PartForm,
  type Skin,
  type SkinWay,
  type Vec3,
} from '../form';
import type { Polar } from '../address';
import type { EdgeLine } from './edgeLine';
import type { EdgeLies } from './edge';

/** A place of a host with its directions, unit vectors in the host's frame: out of the fabric, and up and right along it. */
export interface Ground {
  polar: Polar;
  normal: Vec3;
  up: Vec3;
  right: Vec3;
}

/** Where a guest's edge lies on its host: a point of the host for each point of the edge's line. mm, host's frame. */
export interface Footprint {
  points: readonly Vec3[];
  polars: readonly Polar[];
  lengthMm: number;
  /** from the place to its furthest point along the fabric, mm */
  reachMm: number;
  /** the fabric ends within it, or it reaches round to the far side */
  cut: boolean;
}

/** An edge leans over by so much at most: further out the limb bends. Source: the house's geometry, section 7, "tilted to 50 degrees". */
const MOST_LEAN = Math.cos((50 * Math.PI) / 180);
/** Half the thickness of what lies flat, in stitch widths: two layers of fabric. */
const HALF_LAYERS = 0.3;
/** What a pinch bends an edge to: degrees of a circle. Judged. */
const PINCH_RAD = (120 * Math.PI) / 180;
/** An edge that reaches this many radii of its host from its middle meets itself on the far side. */
const HALF_ROUND = Math.PI / 2;
const SCALINGS = 6;
/** A way is traced so much further than a flat fabric would ask: a round one closes in on itself. */
const FURTHER = 1.8;

/**
 * The points of an edge as they would lie on a flat host: x to the right and y up, mm. `towards` are the guest's axes as
 * directions on the host: along which it points, is wide and is thin.
 */
function flatOutline(
  line: EdgeLine,
  lies: EdgeLies,
  ground: Ground,
  towards: { away: Vec3; wide: Vec3; thin: Vec3 },
  stitchMm: number,
): [number, number][] {
  const cosLean = Math.max(MOST_LEAN, dot(towards.away, ground.normal));
  // Seen along the guest, an edge that leans reaches further on the host.
  const shadow = (v: Vec3): [number, number] => {
    const flat = sub(v, scale(towards.away, dot(v, ground.normal) / cosLean));
    return [dot(flat, ground.right), dot(flat, ground.up)];
  };
  const half = line.closed ? line.lengthMm / 4 : line.lengthMm / 2;
  const laid = line.points.map((p, k): Vec3 => {
    const [w, t] = [dot(sub(p, line.centre), line.wide), dot(sub(p, line.centre), line.thin)];
    if (lies === 'open' || !line.closed) return add(scale(towards.wide, w), scale(towards.thin, t));
    return flattened(line, k, half, stitchMm, lies, towards);
  });
  return laid.map(shadow);
}

/** Where point k of a ring lies when the ring is pressed flat along its wide way, or bent to a bow. */
function flattened(
  line: EdgeLine,
  k: number,
  half: number,
  stitchMm: number,
  lies: EdgeLies,
  { wide, thin }: { wide: Vec3; thin: Vec3 },
): Vec3 {
  const from = sub(line.points[k], line.centre);
  const turn = Math.atan2(dot(from, line.thin), dot(from, line.wide)) / Math.PI;
  const x = half * (1 - 2 * Math.abs(turn));
  const y =
    HALF_LAYERS * stitchMm * Math.sign(turn) * Math.min(1, 8 * Math.min(Math.abs(turn), 1 - Math.abs(turn)));
  if (lies !== 'pinched') return add(scale(wide, x), scale(thin, y));
  const radius = (2 * half) / PINCH_RAD;
  const [a, r] = [x / radius, radius + y];
  return add(scale(wide, r * Math.sin(a)), scale(thin, r * Math.cos(a) - radius * Math.cos(PINCH_RAD / 3)));
}

/**
 * Lays an edge on a host: every point of its outline is carried from the place straight over the fabric, and the whole is made
 * larger or smaller until it is as long as its stitches. Source: the house's geometry, section 7. Null on what has no surface.
 */
export function footprintOf(
  host: PartForm,
  ground: Ground,
  line: EdgeLine,
  lies: EdgeLies,
  towards: { away: Vec3; wide: Vec3; thin: Vec3 },
  stitchMm: number,
): Footprint | null {
  const on = skinOf(host);
  if (!on) return null;
  const outline = flatOutline(line, lies, ground, towards, stitchMm);
  const ways = waysTo(on, ground, outline);
  const reaches = outline.map(([x, y]) => Math.hypot(x, y));
  let size = 1;
  let found = ways.map((way, k) => alongWay(way, reaches[k]));
  const wanted = flatLength(outline, line.closed) > 0 ? line.lengthMm : 0;
  for (let pass = 0; pass < SCALINGS && wanted > 0; pass++) {
    const now = lengthOf(
      found.map((f) => f.point),
      line.closed,
    );
    if (now < 1e-6) break;
    size = Math.min(FURTHER, size * (wanted / now));
    found = ways.map((way, k) => alongWay(way, size * reaches[k]));
  }
  return {
    points: found.map((f) => f.point),
    polars: found.map((f) => f.polar),
    lengthMm: lengthOf(
      found.map((f) => f.point),
      line.closed,
    ),
    reachMm: size * Math.max(...reaches),
    cut:
      ways.some((way, k) => way.ended && way.lengths.at(-1)! < size * reaches[k] - 1e-6) ||
      size * Math.max(...reaches) > HALF_ROUND * host.r.reduce((a, b) => Math.max(a, b), 0),
  };
}

function waysTo(on: Skin, ground: Ground, outline: readonly [number, number][]): SkinWay[] {
  const start = onSkin(on, ground.polar);
  return outline.map(([x, y]) => {
    const reach = Math.hypot(x, y);
    const way =
      reach < 1e-9 ? ground.right : add(scale(ground.right, x / reach), scale(ground.up, y / reach));
    return wayOver(on, start, ground.polar, ground.normal, way, FURTHER * reach);
  });
}

const flatLength = (outline: readonly [number, number][], closed: boolean): number =>
  lengthOf(
    outline.map(([x, y]): Vec3 => [x, y, 0]),
    closed,
  );

/** Length of a line of points, mm; a closed one comes back to its first. */
export function lengthOf(points: readonly Vec3[], closed: boolean): number {
  let sum = closed ? distance(points.at(-1)!, points[0]) : 0;
  for (let k = 1; k < points.length; k++) sum += distance(points[k - 1], points[k]);
  return sum;
}

/** The point of a line so far along it, 0 to 1 of its length from its first point; a closed one goes on past its end. */
export function pointAlong(points: readonly Vec3[], closed: boolean, share: number): Vec3 {
  const whole = lengthOf(points, closed);
  let left = (closed ? share - Math.floor(share) : Math.max(0, Math.min(1, share))) * whole;
  const sides = closed ? points.length : points.length - 1;
  for (let k = 0; k < sides; k++) {
    const [a, b] = [points[k], points[(k + 1) % points.length]];
    const step = distance(a, b);
    if (left <= step || k === sides - 1)
      return add(a, scale(sub(b, a), step > 0 ? Math.min(1, left / step) : 0));
    left -= step;
  }
  return points[0];
}

/** Up and right along the fabric as one looks at it from outside. Source: the house's geometry, section 7: right = up x normal. */
export function groundAt(polar: Polar, normal: Vec3, upWanted: Vec3, fallback: Vec3): Ground {
  const flat = sub(upWanted, scale(normal, dot(upWanted, normal)));
  const level = Math.hypot(...flat) < 1e-3;
  const up = level ? unit(sub(fallback, scale(normal, dot(fallback, normal)))) : unit(flat);
  return { polar, normal, up, right: cross(up, normal) };
}
