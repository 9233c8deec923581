import type { Directions } from '../address';
import { add, cross, dot, scale, sub, unit, type Vec3 } from '../form';
import type { Ground } from './footprint';

/** A direction of the toy that a part points; `side` is away from the face plane, so that twins match. */
export type Way = 'up' | 'down' | 'forward' | 'back' | 'side';

/**
 * Which way a sewn-on part points. With `way` it is that direction of the toy; without, it is tilted from straight out of the
 * fabric by `tiltDeg`, towards up (0), the toy's own side (90), down (180). `turnDeg` turns it about its own axis, anticlockwise
 * as one looks at it from outside; a twin turns the other way.
 */
export interface Aim {
  way: Way | null;
  tiltDeg: number;
  towardDeg: number;
  turnDeg: number;
}

export const STRAIGHT_OUT: Aim = { way: null, tiltDeg: 0, towardDeg: 0, turnDeg: 0 };

/** A part cannot lie flatter on its host than this: its own fabric is in between. Degrees from straight out. */
export const MOST_TILT_DEG = 85;

/** The toy's side on which a place lies, away from the face plane; straight on it, to the left for a first and to the right for a twin. */
export function sideOf(at: Vec3, middle: Vec3, { left }: Directions, twin: boolean): Vec3 {
  const off = dot(sub(at, middle), left);
  const onLeft = Math.abs(off) < 0.5 ? !twin : off > 0;
  return scale(left, onLeft ? 1 : -1);
}

/** The direction that an aim asks for, in the host's frame; never into the host. `side` is away from the face plane. */
export function wantedWay(aim: Aim, ground: Ground, toy: Directions, side: Vec3): Vec3 {
  const { normal, up } = ground;
  if (aim.way) {
    const ways: Record<Way, Vec3> = {
      up: toy.up,
      down: scale(toy.up, -1),
      forward: toy.front,
      back: scale(toy.front, -1),
      side,
    };
    return heldOff(ways[aim.way], normal);
  }
  // Sideways along the fabric, away from the face plane.
  const across = cross(up, normal);
  const away = scale(across, dot(across, side) >= 0 ? 1 : -1);
  const tilt = (aim.tiltDeg * Math.PI) / 180;
  const toward = (aim.towardDeg * Math.PI) / 180;
  const lean = add(scale(up, Math.cos(toward)), scale(away, Math.sin(toward)));
  return unit(add(scale(normal, Math.cos(tilt)), scale(lean, Math.sin(tilt))));
}

/** A direction no flatter on the fabric than its own thickness lets it lie. */
function heldOff(way: Vec3, normal: Vec3): Vec3 {
  const least = Math.cos((MOST_TILT_DEG * Math.PI) / 180);
  if (dot(way, normal) >= least) return way;
  const along = unit(sub(way, scale(normal, dot(way, normal))), normal);
  return unit(add(scale(normal, least), scale(along, Math.sqrt(1 - least * least))));
}

/** A direction as tilt from straight out, and towards which way along the fabric, degrees: 0 up, 90 away from the face plane, 180 down. */
export function asTilt(direction: Vec3, ground: Ground, side: Vec3): { tiltDeg: number; towardDeg: number } {
  const { normal, up } = ground;
  const tilt = Math.acos(Math.max(-1, Math.min(1, dot(direction, normal))));
  const across = cross(up, normal);
  const away = scale(across, dot(across, side) >= 0 ? 1 : -1);
  const toward = tilt < 1e-6 ? 0 : Math.atan2(dot(direction, away), dot(direction, up));
  return { tiltDeg: (tilt * 180) / Math.PI, towardDeg: (toward * 180) / Math.PI };
}
