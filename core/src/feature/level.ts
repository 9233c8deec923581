import {
  coordAt,
  levelDifference,
  middleOf,
  pointOf,
  polarOf,
  postName,
  type Directions,
  type HoleName,
  type Polar,
} from '../address';
import { distance, dot, sub, type PartForm, type Vec3 } from '../form';

/** How uneven a pair stands, mm: one post higher than the other in the pose, and one post from the mirror image of the other about the face plane. */
export interface Unevenness {
  levelMm: number;
  mirrorMm: number;
}

/** Holes (or middles) that make a pair more even; a post that stays keeps its place. */
export interface BetterHoles {
  /** which posts move */
  moved: [boolean, boolean];
  rounds: [number, number];
  /** stitches from each round's start */
  coords: [number, number];
  names: [HoleName, HoleName];
  before: Unevenness;
  after: Unevenness;
}

/** Two posts by their rounds and stitch coordinates. */
export interface Posts {
  at: 'hole' | 'middle';
  rounds: readonly [number, number];
  coords: readonly [number, number];
}

/** How far two posts are from level and from being mirror images. */
export function unevennessOf(form: PartForm, own: Directions, a: Polar, b: Polar): Unevenness {
  return {
    levelMm: Math.abs(levelDifference(form, own, a, b)),
    mirrorMm: mirrorMiss(own, middleOf(form), pointOf(form, a), pointOf(form, b)),
  };
}

function mirrorMiss(own: Directions, middle: Vec3, p: Vec3, q: Vec3): number {
  const across = dot(sub(p, middle), own.left) + dot(sub(q, middle), own.left);
  return Math.hypot(across, dot(sub(p, q), own.up), dot(sub(p, q), own.front));
}

/** Rounds and holes to each side that are tried. */
const REACH = 2;
/** A hole that is better by less is not worth moving to, mm: nobody sees it. Judged. */
export const WORTH_MM = 1;
/** mm of unevenness that a maker would rather keep than move one post by one mm, or give up a mm of the distance that was chosen. */
const PER_MM_MOVED = 0.05;
const PER_MM_SPACING = 0.1;

interface Candidate {
  round: number;
  coord: number;
  point: Vec3;
  movedMm: number;
}

/**
 * The better holes for a pair, by trying two rounds and two holes each way for either post and for both; `null` only when no such pair is more even by
 * a millimetre, and the stitches between stay what was chosen. Of the better ones the most even wins, less what it moves the eyes from where they were wanted.
 */
export function betterHoles(form: PartForm, own: Directions, posts: Posts): BetterHoles | null {
  const middle = middleOf(form);
  const around = ([0, 1] as const).map((i) => candidates(form, posts, i));
  const here = around.map((list) => list[0]);
  const beforeMm = mirrorMiss(own, middle, here[0].point, here[1].point);
  const apartMm = distance(here[0].point, here[1].point);
  const wanted = betweenOf(form, posts.at, here[0], here[1]);
  let best: [Candidate, Candidate] | null = null;
  let least = Infinity;
  for (const a of around[0])
    for (const b of around[1]) {
      if (betweenOf(form, posts.at, a, b) !== wanted) continue;
      const mm = mirrorMiss(own, middle, a.point, b.point);
      if (mm >= beforeMm - WORTH_MM) continue;
      const cost =
        mm +
        PER_MM_MOVED * (a.movedMm + b.movedMm) +
        PER_MM_SPACING * Math.abs(distance(a.point, b.point) - apartMm);
      if (cost >= least - 1e-9) continue;
      least = cost;
      best = [a, b];
    }
  if (!best) return null;
  const polar = (c: Candidate) => polarOf(form, c.round, c.coord, posts.at);
  return {
    moved: [best[0] !== here[0], best[1] !== here[1]],
    rounds: [best[0].round, best[1].round],
    coords: [best[0].coord, best[1].coord],
    names: [
      postName(form, best[0].round, best[0].coord, posts.at),
      postName(form, best[1].round, best[1].coord, posts.at),
    ],
    before: unevennessOf(form, own, polar(here[0]), polar(here[1])),
    after: unevennessOf(form, own, polar(best[0]), polar(best[1])),
  };
}

/** Stitches from one post to the other, counted on the first one's round. */
function betweenOf(form: PartForm, at: Posts['at'], a: Candidate, b: Candidate): number {
  const { count } = form.fabric.rounds[a.round];
  const on =
    b.round === a.round ? b.coord : coordAt(form, a.round, polarOf(form, b.round, b.coord, at).angleRad, at);
  return Math.round((((on - a.coord) % count) + count) % count);
}

/** A post's own place first, then those about it. */
function candidates(form: PartForm, { at, rounds, coords }: Posts, post: 0 | 1): Candidate[] {
  const from = pointOf(form, polarOf(form, rounds[post], coords[post], at));
  const found: Candidate[] = [{ round: rounds[post], coord: coords[post], point: from, movedMm: 0 }];
  const was = form.fabric.rounds[rounds[post]].count;
  const half = at === 'hole' ? 0 : 0.5;
  for (
    let round = Math.max(1, rounds[post] - REACH);
    round <= Math.min(form.fabric.rounds.length - 1, rounds[post] + REACH);
    round++
  ) {
    // The hole that lies the same way, then those beside it.
    const same =
      round === rounds[post]
        ? coords[post]
        : Math.round((coords[post] * form.fabric.rounds[round].count) / was - half) + half;
    for (let step = -REACH; step <= REACH; step++) {
      if (round === rounds[post] && step === 0) continue;
      const point = pointOf(form, polarOf(form, round, same + step, at));
      found.push({ round, coord: same + step, point, movedMm: distance(point, from) });
    }
  }
  return found;
}
