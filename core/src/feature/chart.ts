import { frameAt, nearestPolar, pointOf, walkInPlane, type Directions, type Polar } from '../address';
import { add, cross, distance, dot, scale, sub, unit, type PartForm, type Vec3 } from '../form';

/** A place on a flat piece, mm to the toy's left and up from its middle. */
export type Flat = readonly [left: number, up: number];

/** A flat piece of cloth laid on the fabric about a place. */
export interface Chart {
  /** where a place of the flat piece comes to lie */
  lay: (flat: Flat) => Polar;
  /** where a place of the fabric near by would be on the flat piece */
  flat: (to: Polar) => Flat;
  /** how far from the middle the fabric ends, mm, in the direction of a place of the flat piece; beyond it the piece hangs over */
  endsAt: (flat: Flat) => number;
}

/** Directions and steps of a chart: cloth between two of them is laid straight. */
const WAYS = 32;
const STEP_MM = 1.5;

/** Up along the fabric and to the toy's left at a place, as one looks at it there. */
function alongFabric(form: PartForm, own: Directions, at: Polar): { up: Vec3; left: Vec3; normal: Vec3 } {
  const { normal } = frameAt(form, at);
  // Where the fabric looks straight up, up is away from the front.
  const upright = sub(own.up, scale(normal, dot(own.up, normal)));
  const flat = Math.hypot(...upright) < 0.05;
  const back = sub(scale(own.front, -1), scale(normal, -dot(own.front, normal)));
  const up = unit(flat ? back : upright, own.front);
  return { up, left: cross(up, normal), normal };
}

interface Way {
  /** where each step comes to, the middle first */
  points: readonly Vec3[];
  mm: number;
}

/** A chart of so many mm about a place: walks straight out from it in all directions, so that cloth keeps its lengths from its middle. */
export function chartAt(form: PartForm, own: Directions, middle: Polar, radiusMm: number): Chart {
  const { up, left, normal } = alongFabric(form, own, middle);
  const steps = Math.max(1, Math.ceil(radiusMm / STEP_MM));
  const step = radiusMm / steps;
  const start = pointOf(form, middle);
  const ways = Array.from({ length: WAYS }, (_, k): Way => {
    const a = (2 * Math.PI * k) / WAYS;
    const out = add(scale(left, Math.cos(a)), scale(up, Math.sin(a)));
    const side = unit(cross(normal, out));
    const points = [start];
    let at = middle;
    let heading = out;
    let mm = 0;
    for (let i = 0; i < steps; i++) {
      const walk = walkInPlane(form, at, side, heading, step);
      const p = pointOf(form, walk.at);
      heading = unit(sub(p, points[i]), heading);
      points.push(p);
      at = walk.at;
      mm += walk.walkedMm;
      if (walk.ended) break;
    }
    return { points, mm };
  });
  const along = ({ points }: Way, mm: number): Vec3 => {
    const t = Math.min(points.length - 1, mm / step);
    const i = Math.min(points.length - 2, Math.floor(t));
    return i < 0 ? points[0] : add(points[i], scale(sub(points[i + 1], points[i]), t - i));
  };
  const between = ([x, y]: Flat): { a: Way; b: Way; t: number } => {
    const turn = ((Math.atan2(y, x) / (2 * Math.PI)) * WAYS + WAYS) % WAYS;
    const k = Math.floor(turn);
    return { a: ways[k % WAYS], b: ways[(k + 1) % WAYS], t: turn - k };
  };
  const space = (flat: Flat): Vec3 => {
    const mm = Math.hypot(...flat);
    const { a, b, t } = between(flat);
    return add(scale(along(a, mm), 1 - t), scale(along(b, mm), t));
  };
  return {
    lay: (flat) => (Math.hypot(...flat) < 1e-9 ? middle : nearestPolar(form, space(flat), middle.row)),
    flat: (to) => flatOf(pointOf(form, to), start, left, up, space),
    endsAt: (flat) => {
      const { a, b } = between(flat);
      return Math.min(a.mm, b.mm);
    },
  };
}

/** The place of the flat piece that comes to lie on a point: tried, and put right by what it misses. */
function flatOf(to: Vec3, start: Vec3, left: Vec3, up: Vec3, space: (flat: Flat) => Vec3): Flat {
  const onFlat = (v: Vec3): Flat => [dot(v, left), dot(v, up)];
  let [x, y] = onFlat(sub(to, start));
  for (let k = 0; k < 12; k++) {
    const here = space([x, y]);
    if (distance(here, to) < 0.01) break;
    const [dx, dy] = onFlat(sub(to, here));
    [x, y] = [x + dx, y + dy];
  }
  return [x, y];
}
