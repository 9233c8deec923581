import type { HoleName, Polar } from '../address';
import type { Join } from './kinds';

/** A join worked out for one of its guests: where the guest's edge goes on the host, and its pins. */
export interface JoinSite {
  join: Join;
  copy: string;
  state: 'at' | 'moved';
  /** index of the host's round; the last round for edge to edge */
  round: number;
  name: HoleName | null;
  index: number;
  polar: Polar;
  pins: Pins | null;
  /** how far the nearest hole misses the place asked for (twins), mm */
  missMm: number;
  hostEdge: number;
  guestEdge: number;
}

/** Holes of the host under the top, bottom, left and right of the guest's edge, as far as there is fabric. Left and right are the toy's own. */
export interface Pins {
  top: HoleName | null;
  bottom: HoleName | null;
  left: HoleName | null;
  right: HoleName | null;
}
