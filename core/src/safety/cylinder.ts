import { dot, ringPoint, sizeOf, type PartForm, type Vec3 } from '../form';
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
  if (isTooWide(cylinder, corners)) return false;
  const seeds: { turn: Turn; miss: number }[] = [];
  for (let i = 0; i < FIRST_TURNS; i++) {
    const [lift, way] = firstWay(i);
    const seen = seenFrom(corners, lift, way);
    // Seen so wide it is rolled in vain.
    const rolls = 2 * seen.radius - cylinder.diameterMm > WIDE_MM ? 1 : ROLLS;
    for (let k = 0; k < rolls; k++) {
      const roll = (FULL * k) / ROLLS;
      const miss = missOf(cylinder, seen, roll);
      if (miss <= SLACK_MM) return true;
      seeds.push({ turn: [lift, way, roll], miss });
    }
  }
  const miss = ([lift, way, roll]: Turn) => missOf(cylinder, seenFrom(corners, lift, way), roll);
  return seeds
    .sort((one, other) => one.miss - other.miss)
    .slice(0, BEST)
    .some((seed) => settled(seed, miss) <= SLACK_MM);
}

/** Whether it is wider than the cylinder whichever way it is measured: seen so, the others need not be looked at. A twentieth is given away, as not every way is measured. */
function isTooWide({ diameterMm }: Cylinder, corners: Corners): boolean {
  return Array.from({ length: FIRST_TURNS }, (_, i) => firstWay(i)).every(([lift, way]) => {
    const up: Vec3 = [Math.sin(lift) * Math.cos(way), Math.sin(lift) * Math.sin(way), Math.cos(lift)];
    const along = corners.map((p) => dot(p, up));
    return (Math.max(...along) - Math.min(...along)) * 0.95 > diameterMm;
  });
}

/** Three angles, rad: the way that points up, and the roll about it. */
type Turn = readonly [lift: number, way: number, roll: number];

/** One of the ways that are spread evenly over the sphere by the golden angle. */
const firstWay = (i: number): readonly [lift: number, way: number] => [
  Math.acos(1 - (2 * (i + 0.5)) / FIRST_TURNS),
  i * Math.PI * (3 - Math.sqrt(5)),
];

/** The least miss near a turn: steps in each angle, halved where none helps. */
function settled(seed: { turn: Turn; miss: number }, miss: (turn: Turn) => number): number {
  let { turn } = seed;
  let least = seed.miss;
  for (let step = 0.15; step > 0.002 && least > SLACK_MM;) {
    const near = [0, 1, 2].flatMap((a) =>
      [-step, step].map((d) => turn.map((v, i) => (i === a ? v + d : v))),
    );
    const next = near
      .map((t) => ({ turn: t as unknown as Turn, miss: miss(t as unknown as Turn) }))
      .reduce((a, b) => (b.miss < a.miss ? b : a));
    if (next.miss < least - 1e-6) [turn, least] = [next.turn, next.miss];
    else step /= 2;
  }
  return least;
}

/** Corners with one way of them pointing up: about the middle of the smallest circle round them, measured down from the top. */
interface Seen {
  xs: Float64Array;
  ys: Float64Array;
  down: Float64Array;
  radius: number;
}

function seenFrom(corners: Corners, lift: number, way: number): Seen {
  const [cw, sw, cl, sl] = [Math.cos(way), Math.sin(way), Math.cos(lift), Math.sin(lift)];
  const xs = new Float64Array(corners.length);
  const ys = new Float64Array(corners.length);
  const down = new Float64Array(corners.length);
  let top = -Infinity;
  corners.forEach(([x, y, z], i) => {
    const across = cw * x + sw * y;
    xs[i] = cl * across - sl * z;
    ys[i] = cw * y - sw * x;
    down[i] = sl * across + cl * z;
    top = Math.max(top, down[i]);
  });
  const { x, y, r } = roundAbout(xs, ys);
  for (let i = 0; i < xs.length; i++) {
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

/** The smallest circle about points seen from above. Source: Welzl 1991, incremental, over the points in a fixed mixed order. */
function roundAbout(xs: Float64Array, ys: Float64Array): Circle {
  const n = xs.length;
  const at = (i: number) => (i * STRIDE) % n;
  let circle: Circle = { x: xs[0], y: ys[0], r: 0 };
  const isIn = (i: number) => (xs[i] - circle.x) ** 2 + (ys[i] - circle.y) ** 2 <= (circle.r + 1e-7) ** 2;
  for (let i = 1; i < n; i++) {
    const a = at(i);
    if (isIn(a)) continue;
    circle = { x: xs[a], y: ys[a], r: 0 };
    for (let j = 0; j < i; j++) {
      const b = at(j);
      if (isIn(b)) continue;
      circle = onTwo(xs, ys, a, b);
      for (let k = 0; k < j; k++) if (!isIn(at(k))) circle = onThree(xs, ys, [a, b, at(k)]) ?? circle;
    }
  }
  return circle;
}

/** A prime far from what rings are divided into. */
const STRIDE = 7919;

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
