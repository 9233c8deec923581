import {
  frameAt,
  holeName,
  level,
  nearestPlace,
  pointOf,
  polarOf,
  profileAt,
  straight,
  walkInPlane,
  type Directions,
  type HoleName,
  type Polar,
  type Walk,
} from '../address';
import { cross, dot, scale, sub, unit, type PartForm } from '../form';
import { isFlattened, type Edge } from './edge';
import { ownDirections, type Piece } from './piece';
import type { Pins } from './site';

/**
 * The four pins of a round edge of n guest stitches centred on a hole: half the edge's diameter along the fabric straight
 * up and down and level to both sides, whatever way the host's rounds run. A flattened edge lies along its round: its two
 * ends are left and right, or top and bottom where the round runs up.
 */
export function pinsOf(
  host: Piece,
  guest: PartForm,
  round: number,
  index: number,
  n: number,
  edge: Edge,
): Pins {
  const { form } = host;
  const own = ownDirections(host);
  const from = polarOf(form, round, index, 'hole');
  const none: Pins = { top: null, bottom: null, left: null, right: null };
  if (isFlattened(edge)) {
    const reach = (n * guest.gauge.stitchMm) / 2;
    const { count } = form.fabric.rounds[round];
    const stitch = ((2 * Math.PI) / count) * profileAt(form, from.row).radiusMm;
    const steps = Math.min(Math.round(reach / Math.max(stitch, 0.1)), Math.floor(count / 4));
    const [plus, minus] = [index + steps, index - steps];
    const at = (k: number) => pointOf(form, polarOf(form, round, k, 'hole'));
    const way = sub(at(plus), at(minus));
    const [name, other] = [holeName(form, round, plus), holeName(form, round, minus)];
    const [up, left] = [dot(way, own.up), dot(way, own.left)];
    if (Math.abs(up) > Math.abs(left))
      return { ...none, top: up > 0 ? name : other, bottom: up > 0 ? other : name };
    return { ...none, left: left >= 0 ? name : other, right: left >= 0 ? other : name };
  }
  const reach = (n * guest.gauge.stitchMm) / (2 * Math.PI);
  const hole = (walk: Walk): HoleName | null => {
    const near = walk.walkedMm < 0.5 * reach ? null : nearestPlace(form, walk.at, 'hole');
    return near ? holeName(form, near.round, near.index) : null;
  };
  return {
    top: hole(straight(form, own, from, 'up', reach)),
    bottom: hole(straight(form, own, from, 'down', reach)),
    left: hole(sideways(form, own, from, 'left', reach)),
    right: hole(sideways(form, own, from, 'right', reach)),
  };
}

/** Where the fabric lies nearly level, a level line is no line: there the side is the toy's own left or right, straight over the fabric. */
function sideways(form: PartForm, own: Directions, from: Polar, way: 'left' | 'right', mm: number): Walk {
  const { normal } = frameAt(form, from);
  if (Math.abs(dot(normal, own.up)) < LIES_LEVEL) return level(form, own, from, way, mm);
  const towards = scale(own.left, way === 'left' ? 1 : -1);
  return walkInPlane(form, from, unit(cross(normal, towards)), towards, mm);
}

/** Cosine of the fabric's slope from which on it lies nearly level: 45 degrees. */
const LIES_LEVEL = Math.SQRT1_2;
