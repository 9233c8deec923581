import { mirrorPoint } from '../address';
import { add, distance, scale, sub, type Vec3 } from '../form';
import type { Ground } from './footprint';
import { candidatesFor, middleOfPoints } from './order';
import { ownDirections, type Placed } from './piece';
import { surfaceSeam, type SeamStitch, type Wanted } from './seam';
import type { JoinSite } from './site';

type Stitches = readonly Wanted[];

/** How far the seams of twins are from mirror images: between the middles of their stitches, mm. */
export function missOf(host: Placed, first: JoinSite, twin: JoinSite): number {
  const [a, b] = [first, twin].map((s) => middleOfSeam(s.seam));
  return a && b ? distance(mirrorPoint(host.form, ownDirections(host), a), b) : 0;
}

/** The mirror image of a seam's middle. */
export function imageOf(host: Placed, site: JoinSite): Vec3 | null {
  const middle = middleOfSeam(site.seam);
  return middle && mirrorPoint(host.form, ownDirections(host), middle);
}

function middleOfSeam(seam: readonly SeamStitch[]): Vec3 | null {
  return seam.length === 0 ? null : middleOfPoints(seam.map((x) => x.hostPoint));
}

/** A twin's stitches at the mirror images of the first's: each takes the place nearest to its own, in its own order. */
export function likeTwin(host: Placed, first: JoinSite, stitches: Stitches): Stitches {
  const mirror = first.seam.map((s) => mirrorPoint(host.form, ownDirections(host), s.hostPoint));
  if (mirror.length !== stitches.length || mirror.length < 2) return stitches;
  const n = mirror.length;
  const fit = (start: number, way: 1 | -1): number =>
    stitches.reduce(
      (sum, s, k) => sum + distance(s.point, mirror[(((start + way * k) % n) + n) % n]) ** 2,
      0,
    );
  let best = { start: 0, way: 1 as 1 | -1, miss: Infinity };
  for (const way of [1, -1] as const)
    for (let start = 0; start < n; start++) {
      const miss = fit(start, way);
      if (miss < best.miss) best = { start, way, miss };
    }
  return stitches.map((s, k) => ({ ...s, point: mirror[(((best.start + best.way * k) % n) + n) % n] }));
}

/** A try begins in one of so many holes nearest to a ring's first stitch. */
const MOST_STARTS = 8;

/** Where stitches are moved to settle on the holes that are there: against what they miss, and half a stitch each way. */
const SETTLES = {
  against: [1, 1.6],
  ways: 12,
  stitches: [0.5, 0.25, 0.8, 1.1],
  fineStitches: 0.3,
  enoughStitches: 0.45,
};

/**
 * A seam settled on the holes that are there: of some tries that move it against what it misses, the one whose middle is nearest
 * to where it is to be: that of its footprint, and of a twin the mirror image of the first's as well. Every try is one to one
 * and in order. Source: the house's geometry, section 7, "settle both together".
 */
export function settledSeam(
  host: Placed,
  ground: Ground,
  wanted: Stitches,
  round: boolean,
  { middle, image }: { middle: Vec3; image: Vec3 | null },
): SeamStitch[] {
  const w = host.form.gauge.stitchMm;
  // What lies near enough is found once: the tries are shifts of about half a stitch.
  const near = candidatesFor(host.form, ground, wanted, round);
  const own = surfaceSeam(host.form, ground, wanted, round, near);
  const at = middleOfSeam(own);
  if (!at) return own;
  const missed = (seam: SeamStitch[]): number => {
    const is = middleOfSeam(seam);
    if (!is || new Set(seam.map(placeOf)).size < new Set(own.map(placeOf)).size) return Infinity;
    // Both are to lie within the same share of what is asked for: half a stitch, and 0.6 between mirror images.
    return Math.max(distance(is, middle), image ? distance(is, image) / 1.2 : 0);
  };
  if (missed(own) < SETTLES.enoughStitches * w) return own;
  const miss = sub(image ?? middle, at);
  const around = SETTLES.stitches.flatMap((stitches) =>
    Array.from({ length: SETTLES.ways }, (_, k): Vec3 => {
      const turn = (2 * Math.PI * k) / SETTLES.ways;
      const way = add(scale(ground.right, Math.cos(turn)), scale(ground.up, Math.sin(turn)));
      return scale(way, stitches * w);
    }),
  );
  let best = { seam: own, miss: missed(own) };
  for (const by of [...SETTLES.against.map((share) => scale(miss, share)), ...around]) {
    const moved = wanted.map((x) => ({ ...x, point: add(x.point, by) }));
    const seam = surfaceSeam(host.form, ground, moved, round, near, MOST_STARTS);
    if (missed(seam) < best.miss - 1e-9) best = { seam, miss: missed(seam) };
    if (best.miss < SETTLES.fineStitches * w) break;
  }
  // The edge lies where it lies; only its stitches have moved.
  return best.seam.map((s, k) => ({ ...s, edgePoint: own[k]?.edgePoint ?? s.edgePoint }));
}

const placeOf = (s: SeamStitch): string => `${s.round}/${s.coord}`;
