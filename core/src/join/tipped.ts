import { middleOf, pointOf } from '../address';
import { add, dot, ringPoint, scale, sub, unit, type Vec3 } from '../form';
import { asTilt, MOST_TILT_DEG, sideOf, type Aim } from './aim';
import { middleOfRing } from './exits';
import { groundOf } from './ground';
import { ownDirections, type Piece, type Placed } from './piece';
import type { JoinSite } from './site';
import { move, turn, turnBack } from './space';

/** The middle of a seam and the furthest point of its guest the way it points, in the whole toy, mm. */
export function tipOf(host: Placed, guest: Piece, site: JoinSite): { base: Vec3; tip: Vec3 } {
  const points = site.footprint?.points ?? [];
  const base = move(host.placement, scale(points.reduce(add, [0, 0, 0]), 1 / Math.max(1, points.length)));
  const way = turn(host.placement, site.direction);
  const { form } = guest;
  let reach = 0;
  for (const ring of [0, form.r.length - 1]) {
    const middle = move(site.placement, middleOfRing(form, ring));
    reach = Math.max(reach, dot(sub(middle, base), way));
  }
  const side = move(site.placement, ringPoint(form, Math.floor(form.r.length / 2), 0));
  reach = Math.max(reach, dot(sub(side, base), way));
  return { base, tip: add(base, scale(way, reach)) };
}

/** A tilt or its direction springs to a multiple of `stepDeg` from so near, degrees. */
const CATCHES_DEG = 4;

const caught = (deg: number, stepDeg: number): number => {
  const near = Math.round(deg / stepDeg) * stepDeg;
  return Math.abs(near - deg) <= CATCHES_DEG ? near : Math.round(deg);
};

/** The aim of a guest whose tip is drawn in a direction of the whole toy; it springs to steps of `stepDeg`. */
export function aimedAt(host: Placed, site: JoinSite, aim: Aim, way: Vec3, stepDeg: number): Aim {
  const ground = groundOf(host, site.polar);
  const own = turnBack(host.placement, unit(way, [0, 0, 1]));
  const at = pointOf(host.form, site.polar);
  const side = sideOf(at, middleOf(host.form), ownDirections(host), site.copy !== site.join.guest.copy);
  const { tiltDeg, towardDeg } = asTilt(own, ground, side);
  const tilt = Math.min(MOST_TILT_DEG, caught(tiltDeg, stepDeg));
  return {
    ...aim,
    way: null,
    tiltDeg: tilt,
    towardDeg: tilt === 0 ? 0 : caught(towardDeg, stepDeg),
  };
}
