import { ringPoint, sizeOf, type PartForm, type Vec3 } from '../form';
import type { Limits, Profile } from './profiles';

/** The small-parts cylinder: inside diameter, and its depth on either side of the slanted floor, mm. */
export interface Cylinder {
  diameterMm: number;
  deepMm: number;
  shallowMm: number;
}

export const cylinderOf = ({ cylinderShallowMm }: Profile, limits: Limits): Cylinder => ({
  diameterMm: limits.cylinderMm,
  deepMm: limits.cylinderDeepMm,
  shallowMm: Math.min(cylinderShallowMm, limits.cylinderDeepMm),
});

/** Corners of something stiff; what lies between them counts as filled. mm. */
export type Corners = readonly Vec3[];

const ROUND = 24;
/** Rings of a part that are looked at, at most; fewer rings can only make it seem smaller. */
const MOST_RINGS = 12;
/** Corners of a ring of a part; the ring bulges past them by less than two percent. */
const ROUND_PART = 16;
const FULL = 2 * Math.PI;

/** A box of three edges. */
export const box = (a: number, b: number, c: number): Corners =>
  [-a / 2, a / 2].flatMap((x) => [-b / 2, b / 2].flatMap((y) => [-c / 2, c / 2].map((z): Vec3 => [x, y, z])));

/** A drum: a disc so wide and so thick. */
export const drum = (widthMm: number, thickMm: number): Corners =>
  [-thickMm / 2, thickMm / 2].flatMap((z) =>
    Array.from({ length: ROUND }, (_, k): Vec3 => [
      (widthMm / 2) * Math.cos((FULL * k) / ROUND),
      (widthMm / 2) * Math.sin((FULL * k) / ROUND),
      z,
    ]),
  );

/** A ball. */
export const ball = (mm: number): Corners =>
  Array.from({ length: 9 }, (_, i) => -1 + i / 4).flatMap((t) => {
    const r = Math.sqrt(Math.max(0, 1 - t * t));
    return Array.from({ length: r === 0 ? 1 : ROUND }, (_, k): Vec3 => [
      (mm / 2) * r * Math.cos((FULL * k) / ROUND),
      (mm / 2) * r * Math.sin((FULL * k) / ROUND),
      (mm / 2) * t,
    ]);
  });

/** A part of a toy as its rings stand, at the small or the large end of its size. */
export function cornersOf(form: PartForm, end: 'low' | 'high'): Corners {
  const { width, depth, height } = sizeOf(form);
  const [x, y, z] = [width, depth, height].map((s) => s[end] / Math.max(s.value, 1e-9));
  const every = Math.ceil(form.rounds.length / MOST_RINGS);
  const rings = form.rounds.map((_, i) => i).filter((i) => i % every === 0 || i === form.rounds.length - 1);
  return rings.flatMap((i) =>
    Array.from({ length: ROUND_PART }, (__, k): Vec3 => {
      const [px, py, pz] = ringPoint(form, i, (FULL * k) / ROUND_PART);
      return [px * x, py * y, pz * z];
    }),
  );
}

/** How far the cylinder is widened, mm, so that what only just fits is not missed between two turns that are looked at. */
const SLACK_MM = 0.2;
const FIRST_TURNS = 120;
const ROLLS = 10;
const BEST = 8;
const WIDE_MM = 2;

/**
 * Whether something lies entirely in the small-parts cylinder in some position: turned every way, moved to the deep side as far as it goes.
 * Exact but for 0.2 mm, on the side of fitting. Soft things are judged as if they kept their shape. Source: the profile's diameter and depths.
 */
export function fitsCylinder(cylinder: Cylinder, corners: Corners): boolean {
  if (corners.length === 0) return true;
  const points = new Float64Array(corners.flat());
  if (isTooWide(cylinder, points)) return false;
  /** The best turns so far, the best first. */
  const seeds: Seed[] = [];
  for (let i = 0; i < FIRST_TURNS; i++) {
    const [lift, way] = firstWay(i);
    const worst = seeds.length < BEST ? Infinity : seeds[BEST - 1].miss;
    const seen = seenFrom(points, [lift, way], cylinder.diameterMm + worst);
    if (!seen) continue;
    // Seen so wide it is rolled in vain.
    const rolls = 2 * seen.radius - cylinder.diameterMm > WIDE_MM ? 1 : ROLLS;
    for (let k = 0; k < rolls; k++) {
      const roll = (FULL * k) / ROLLS;
      const miss = missOf(cylinder, seen, roll);
      if (miss <= SLACK_MM) return true;
      const before = seeds.findIndex((other) => other.miss > miss);
      seeds.splice(before < 0 ? seeds.length : before, 0, { turn: [lift, way, roll], seen, miss });
      seeds.length = Math.min(seeds.length, BEST);
    }
  }
  return seeds.some((seed) => settled(cylinder, points, seed) <= SLACK_MM);
}

/** Whether it is wider than the cylinder whichever way it is measured: seen so, the others need not be looked at. A twentieth is given away, as not every way is measured. */
function isTooWide({ diameterMm }: Cylinder, points: Float64Array): boolean {
  for (let k = 0; k < FIRST_TURNS; k++) {
    const [lift, way] = firstWay(k);
    const [x, y, z] = [Math.sin(lift) * Math.cos(way), Math.sin(lift) * Math.sin(way), Math.cos(lift)];
    let [low, high] = [Infinity, -Infinity];
    for (let i = 0; i < points.length; i += 3) {
      const along = x * points[i] + y * points[i + 1] + z * points[i + 2];
      if (along < low) low = along;
      if (along > high) high = along;
    }
    if ((high - low) * 0.95 <= diameterMm) return false;
  }
  return true;
}

/** Three angles, rad: the way that points up, and the roll about it. */
type Turn = readonly [lift: number, way: number, roll: number];

/** One of the ways that are spread evenly over the sphere by the golden angle. */
const firstWay = (i: number): readonly [lift: number, way: number] => [
  Math.acos(1 - (2 * (i + 0.5)) / FIRST_TURNS),
  i * Math.PI * (3 - Math.sqrt(5)),
];

/** A turn, how it looks, and how much it misses, mm. */
interface Seed {
  turn: Turn;
  seen: Seen;
  miss: number;
}

/** The least miss near a turn: steps in each angle, halved where none helps. */
function settled(cylinder: Cylinder, points: Float64Array, seed: Seed): number {
  let best = seed;
  for (let step = 0.15; step > 0.002 && best.miss > SLACK_MM;) {
    const [lift, way, roll] = best.turn;
    let next = best;
    for (const [l, w, r] of [
      [-step, 0, 0],
      [step, 0, 0],
      [0, -step, 0],
      [0, step, 0],
      [0, 0, -step],
      [0, 0, step],
    ]) {
      const turn = [lift + l, way + w, roll + r] as const;
      // Rolled only, it looks as before; seen wider than the best allows, it cannot be better.
      const seen = r ? best.seen : seenFrom(points, turn, cylinder.diameterMm + next.miss);
      const miss = seen ? missOf(cylinder, seen, turn[2]) : Infinity;
      if (seen && miss < next.miss) next = { turn, seen, miss };
    }
    if (next.miss < best.miss - 1e-6) best = next;
    else step /= 2;
  }
  return best.miss;
}

/** Corners with one way of them pointing up: about the middle of the smallest circle round them, measured down from the top. */
interface Seen {
  xs: Float64Array;
  ys: Float64Array;
  down: Float64Array;
  radius: number;
}

/** Corners (x, y, z one after the other) as they look when `lift`, `way` points up; null when they are surely at least `widestMm` wide. */
function seenFrom(
  points: Float64Array,
  [lift, way]: readonly [lift: number, way: number, roll?: number],
  widestMm: number,
): Seen | null {
  const [cw, sw, cl, sl] = [Math.cos(way), Math.sin(way), Math.cos(lift), Math.sin(lift)];
  const n = points.length / 3;
  const [xs, ys, down] = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  let top = -Infinity;
  // Their width across and along is one that the circle round them has at least.
  let [left, right, front, back] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < n; i++) {
    const [px, py, pz] = [points[3 * i], points[3 * i + 1], points[3 * i + 2]];
    const across = cw * px + sw * py;
    const x = cl * across - sl * pz;
    const y = cw * py - sw * px;
    const up = sl * across + cl * pz;
    xs[i] = x;
    ys[i] = y;
    down[i] = up;
    if (up > top) top = up;
    if (x < left) left = x;
    if (x > right) right = x;
    if (y < front) front = y;
    if (y > back) back = y;
  }
  if (Math.max(right - left, back - front) >= widestMm) return null;
  const { x, y, r } = roundAbout(xs, ys);
  for (let i = 0; i < n; i++) {
    xs[i] -= x;
    ys[i] -= y;
    down[i] = top - down[i];
  }
  return { xs, ys, down, radius: r };
}

/** How much the cylinder would have to be wider or deeper for this turn, mm; less than nothing where there is room. */
function missOf({ diameterMm, deepMm, shallowMm }: Cylinder, seen: Seen, roll: number): number {
  const { xs, ys, down, radius } = seen;
  const half = diameterMm / 2;
  const slope = (deepMm - shallowMm) / diameterMm;
  const [c, s] = [Math.cos(roll), Math.sin(roll)];
  // As far to the deep side as every corner lets it; the floor falls from the shallow side, at -half.
  const wall = Math.max(half, radius) ** 2;
  let room = Infinity;
  for (let i = 0; i < xs.length; i++) {
    const across = s * xs[i] + c * ys[i];
    room = Math.min(room, Math.sqrt(Math.max(0, wall - across * across)) - (c * xs[i] - s * ys[i]));
  }
  const shift = Math.max(0, room) + half;
  let miss = 2 * radius - diameterMm;
  for (let i = 0; i < xs.length; i++) {
    const low = down[i] - shallowMm - slope * (c * xs[i] - s * ys[i] + shift);
    if (low > miss) miss = low;
  }
  return miss;
}

interface Circle {
  x: number;
  y: number;
  r: number;
}

/** How far a point may lie out of a circle that holds it, mm. */
const HELD_MM = 1e-7;

/** The smallest circle about points seen from above: the point that lies farthest out joins the two or three that hold the circle, until none lies out. Source: Gärtner 1999, pivoting. */
function roundAbout(xs: Float64Array, ys: Float64Array): Circle {
  let circle: Circle = { x: xs[0], y: ys[0], r: 0 };
  let holding: readonly number[] = [0];
  // Each circle is larger than the one before; rounding may end that early, and never without an end.
  for (;;) {
    const out = farthestFrom(xs, ys, circle);
    if (Math.hypot(xs[out] - circle.x, ys[out] - circle.y) <= circle.r + HELD_MM) return circle;
    const next = heldBy(xs, ys, holding, out);
    if (next.circle.r <= circle.r) return circle;
    ({ circle, holding } = next);
  }
}

function farthestFrom(xs: Float64Array, ys: Float64Array, { x, y }: Circle): number {
  let [far, most] = [0, -1];
  for (let i = 0; i < xs.length; i++) {
    const d = (xs[i] - x) ** 2 + (ys[i] - y) ** 2;
    if (d > most) [far, most] = [i, d];
  }
  return far;
}

/** The smallest circle about up to three points and a new one that lies on it, and which of them hold it. */
function heldBy(
  xs: Float64Array,
  ys: Float64Array,
  old: readonly number[],
  out: number,
): { circle: Circle; holding: readonly number[] } {
  let circle: Circle = { x: xs[out], y: ys[out], r: Infinity };
  let holding: readonly number[] = [out];
  const offer = (next: Circle | null, points: readonly number[]) => {
    if (!next || next.r >= circle.r) return;
    if (old.every((i) => Math.hypot(xs[i] - next.x, ys[i] - next.y) <= next.r + HELD_MM))
      [circle, holding] = [next, points];
  };
  old.forEach((a, i) => {
    offer(onTwo(xs, ys, a, out), [a, out]);
    for (const b of old.slice(i + 1)) offer(onThree(xs, ys, [a, b, out]), [a, b, out]);
  });
  return { circle, holding };
}

const onTwo = (xs: Float64Array, ys: Float64Array, a: number, b: number): Circle => ({
  x: (xs[a] + xs[b]) / 2,
  y: (ys[a] + ys[b]) / 2,
  r: Math.hypot(xs[a] - xs[b], ys[a] - ys[b]) / 2,
});

/** The circle through three points; null where they lie in a line. */
function onThree(
  xs: Float64Array,
  ys: Float64Array,
  [a, b, c]: readonly [number, number, number],
): Circle | null {
  const [bx, by, cx, cy] = [xs[b] - xs[a], ys[b] - ys[a], xs[c] - xs[a], ys[c] - ys[a]];
  const d = 2 * (bx * cy - by * cx);
  if (Math.abs(d) < 1e-9) return null;
  const [b2, c2] = [bx * bx + by * by, cx * cx + cy * cy];
  const [x, y] = [(cy * b2 - by * c2) / d, (bx * c2 - cx * b2) / d];
  return { x: xs[a] + x, y: ys[a] + y, r: Math.hypot(x, y) };
}
