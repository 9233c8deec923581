import { coordOf, pointOf, polarOf } from '../address';
import { add, distance, dot, scale, sub, type PartForm, type Vec3 } from '../form';
import type { Ground } from './footprint';

/** Holes so far from the line of a seam may be sewn into, stitch widths. Source: the house's geometry, section 7. */
const MAY_BE_SEWN = 2.2;

/** The middle of points. */
export const middleOfPoints = (points: readonly Vec3[]): Vec3 =>
  scale(points.reduce(add, [0, 0, 0]), 1 / Math.max(1, points.length));

/** A hole of the host near the line of the seam. */
export interface Candidate {
  round: number;
  index: number;
  point: Vec3;
  /** its order along the seam */
  order: number;
}

/** The holes of a host within reach of a seam, in order along it. */
export function candidatesFor(
  host: PartForm,
  ground: Ground,
  wanted: readonly { point: Vec3 }[],
  round: boolean,
): Candidate[] {
  const reach = MAY_BE_SEWN * host.gauge.stitchMm;
  const points = wanted.map((w) => w.point);
  const place = pointOf(host, ground.polar);
  const turn = turnOf(place, ground, points);
  const first = turn.of(points[0]);
  const found: Candidate[] = [];
  const centre = middleOfPoints(points);
  const furthest = Math.max(...points.map((p) => distance(p, centre))) + reach;
  for (let i = 1; i < host.fabric.rounds.length; i++)
    for (let j = 0; j < host.fabric.rounds[i].count; j++) {
      const polar = polarOf(host, i, coordOf('hole', j), 'hole');
      const point = pointOf(host, polar);
      if (distance(point, centre) > furthest) continue;
      const near = nearestOn(points, point, round);
      if (near.mm > reach) continue;
      const angle = turn.way * (turn.of(point) - first);
      const order = round ? angle - 2 * Math.PI * Math.floor(angle / (2 * Math.PI)) : near.along;
      found.push({ round: i, index: j, point, order });
    }
  return found.sort((a, b) => a.order - b.order);
}

/** The direction of a point about a place, and which way a ring of points runs round it. */
function turnOf(
  place: Vec3,
  { right, up }: Ground,
  points: readonly Vec3[],
): { of: (p: Vec3) => number; way: 1 | -1 } {
  const of = (p: Vec3): number => Math.atan2(dot(sub(p, place), up), dot(sub(p, place), right));
  let sum = 0;
  for (let k = 0; k < points.length; k++) {
    const by = of(points[(k + 1) % points.length]) - of(points[k]);
    sum += by - 2 * Math.PI * Math.round(by / (2 * Math.PI));
  }
  return { of, way: sum < 0 ? -1 : 1 };
}

/** How near a line of points passes a point, mm, and where: points from its first. */
export function nearestOn(
  points: readonly Vec3[],
  [x, y, z]: Vec3,
  round: boolean,
): { mm: number; along: number } {
  let [least, along] = [Infinity, 0];
  const sides = round ? points.length : points.length - 1;
  if (sides < 1) return { mm: distance(points[0], [x, y, z]), along: 0 };
  for (let k = 0; k < sides; k++) {
    const a = points[k];
    const b = points[k + 1 < points.length ? k + 1 : 0];
    const [wx, wy, wz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const [fx, fy, fz] = [x - a[0], y - a[1], z - a[2]];
    const long = wx * wx + wy * wy + wz * wz;
    const exact = long > 0 ? (fx * wx + fy * wy + fz * wz) / long : 0;
    // Beyond both ends of a line its order goes on.
    const open = !round && ((k === 0 && exact < 0) || (k === sides - 1 && exact > 1));
    const t = Math.max(0, Math.min(1, exact));
    const [dx, dy, dz] = [fx - t * wx, fy - t * wy, fz - t * wz];
    const off = dx * dx + dy * dy + dz * dz;
    if (off < least) [least, along] = [off, k + (open ? exact : t)];
  }
  return { mm: Math.sqrt(least), along };
}

/**
 * The holes that points take one to one and in order, with the least total squared distance: a dynamic programme over the
 * candidates as they lie along the seam; a ring is tried from every first hole near its first point. Null when there are too few.
 */
export function inOrder(
  points: readonly Vec3[],
  all: readonly Candidate[],
  round: boolean,
  firstNearMm: number,
  mostStarts: number,
): Candidate[] | null {
  if (points.length > all.length) return null;
  const squares = squaresOf(points, all);
  const chosenOf = (found: Found | null) => found && found.chosen.map((c) => all[c]);
  if (!round) return chosenOf(bestFrom(squares, points.length, { first: 0, fixed: 0, under: Infinity }));
  const starts = all
    .map((c, at) => ({ at, mm: distance(c.point, points[0]) }))
    .filter((c) => c.mm <= firstNearMm)
    .sort((a, b) => a.mm - b.mm)
    .slice(0, mostStarts);
  let best = null as Found | null;
  for (const { at } of starts)
    best = bestFrom(squares, points.length, { first: at, fixed: 1, under: best?.cost ?? Infinity }) ?? best;
  return chosenOf(best);
}

/** The squared distance of every point to every candidate, mm²: a point's one after the other. */
function squaresOf(points: readonly Vec3[], all: readonly Candidate[]): Float64Array {
  const m = all.length;
  const squares = new Float64Array(points.length * m);
  points.forEach(([x, y, z], i) => {
    for (let c = 0; c < m; c++) {
      const [px, py, pz] = all[c].point;
      squares[i * m + c] = (px - x) ** 2 + (py - y) ** 2 + (pz - z) ** 2;
    }
  });
  return squares;
}

/** A choice of candidates, by their number, and its total, mm². */
interface Found {
  cost: number;
  chosen: number[];
}

/** The cheapest increasing choice from candidate `first` on, once round; the first `fixed` points take the first candidates. Null where none costs less than `under`. */
function bestFrom(
  squares: Float64Array,
  n: number,
  { first, fixed, under }: { first: number; fixed: 0 | 1; under: number },
): Found | null {
  const m = squares.length / n;
  const from = new Int32Array(n * m);
  let before = new Float64Array(m).fill(Infinity);
  let now = new Float64Array(m);
  for (let i = 0; i < n; i++) {
    now.fill(Infinity);
    let least = i === 0 ? 0 : Infinity;
    let leastAt = -1;
    let leastNow = Infinity;
    // As many candidates stay before and behind as there are points.
    const last = i === 0 && fixed === 1 ? 0 : m - n + i;
    for (let c = i, at = i * m + ((first + i) % m); c <= last; c++) {
      if (i > 0 && before[c - 1] < least) {
        least = before[c - 1];
        leastAt = c - 1;
      }
      const cost = least + squares[at];
      now[c] = cost;
      if (cost < leastNow) leastNow = cost;
      from[i * m + c] = leastAt;
      at = at + 1 === (i + 1) * m ? i * m : at + 1;
    }
    // What follows only adds to it.
    if (leastNow >= under) return null;
    [before, now] = [now, before];
  }
  let at = before.reduce((best, cost, c) => (cost < before[best] ? c : best), 0);
  const cost = before[at];
  if (cost === Infinity) return null;
  const chosen = new Array<number>(n);
  for (let i = n - 1; i >= 0; i--) {
    chosen[i] = (at + first) % m;
    at = from[i * m + at];
  }
  return { cost, chosen };
}
