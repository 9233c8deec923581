import { holeName, levelDifference, middleOf, pointOf, polarOf, type Directions, type HoleName, type Polar } from '../address';
import { dot, sub, type PartForm } from '../form';

/** How uneven a pair stands, mm: one post higher than the other in the pose, and one post from the mirror image of the other about the face plane. */
export interface Unevenness {
  levelMm: number;
  mirrorMm: number;
}

/** A hole for one post that makes a pair more even. */
export interface BetterHole {
  post: 0 | 1;
  round: number;
  /** stitches from that round's start */
  coord: number;
  name: HoleName;
  before: Unevenness;
  after: Unevenness;
}

/** How far two posts are from level and from being mirror images. */
export function unevennessOf(form: PartForm, own: Directions, a: Polar, b: Polar): Unevenness {
  const [p, q, c] = [pointOf(form, a), pointOf(form, b), middleOf(form)];
  const off = dot(sub(p, c), own.left) + dot(sub(q, c), own.left);
  return { levelMm: Math.abs(levelDifference(form, own, a, b)), mirrorMm: Math.hypot(off, dot(sub(p, q), own.up), dot(sub(p, q), own.front)) };
}

/** Rounds and holes to each side that are tried. */
const REACH = 2;
/** A hole that is better by less is not worth moving to, mm. */
const WORTH_MM = 0.1;

/**
 * The better hole for one post of a pair, by trying two rounds and two holes each way for either post while the other stays;
 * `null` when none is better. The pair of holes nearest to mirror images in space wins; of equal ones that which moves least.
 */
export function betterHole(form: PartForm, own: Directions, pair: { rounds: readonly [number, number]; coords: readonly [number, number] }): BetterHole | null {
  const polar = ([0, 1] as const).map((i) => polarOf(form, pair.rounds[i], pair.coords[i], 'hole'));
  const before = unevennessOf(form, own, polar[0], polar[1]);
  let best: BetterHole | null = null;
  let least = before.mirrorMm - WORTH_MM;
  for (const post of [1, 0] as const)
    for (let dr = -REACH; dr <= REACH; dr++) {
      const round = pair.rounds[post] + dr;
      if (round < 1 || round >= form.fabric.rounds.length) continue;
      const [was, now] = [form.fabric.rounds[pair.rounds[post]].count, form.fabric.rounds[round].count];
      // The hole that lies the same way, then those beside it.
      const here = dr === 0 ? pair.coords[post] : Math.round((pair.coords[post] * now) / was);
      for (let dk = -REACH; dk <= REACH; dk++) {
        const coord = here + dk;
        const moved = polarOf(form, round, coord, 'hole');
        const after = unevennessOf(form, own, post === 0 ? moved : polar[0], post === 0 ? polar[1] : moved);
        if (after.mirrorMm >= least - 1e-9) continue;
        least = after.mirrorMm;
        best = { post, round, coord, name: holeName(form, round, coord), before, after };
      }
    }
  return best;
}
