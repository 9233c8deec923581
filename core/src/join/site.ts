import type { HoleName, Polar } from '../address';
import type { Vec3 } from '../form';
import type { Footprint } from './footprint';
import type { CaughtJoin } from './caught';
import type { Exits } from './exits';
import type { SewnJoin } from './sewn';
import type { ThreadedJoin } from './threaded';
import type { ThroughJoin } from './through';
import type { SeamStitch } from './seam';
import type { Placement } from './space';

/** A seam worked out for one of its guests: where the guest's edge goes on the host, stitch by stitch, and how the guest stands. */
export interface JoinSite {
  join: SewnJoin;
  copy: string;
  state: 'at' | 'moved';
  /** on the host's surface, over its closed end, or rim to rim */
  how: 'surface' | 'end' | 'rim';
  /** index of the host's round; at an end the round along which the seam runs */
  round: number;
  /** the hole that it is centred on; null at an end */
  name: HoleName | null;
  index: number;
  polar: Polar;
  pins: readonly Pin[];
  /** how far the seams of twins are from being mirror images: between their middles, mm; 0 for a first */
  missMm: number;
  hostEdge: number;
  guestEdge: number;
  /** where the edge lies on the host; null on what has no surface */
  footprint: Footprint | null;
  /** stitch to stitch, in sewing order; empty when the host has too few stitches there */
  seam: readonly SeamStitch[];
  /** the guest on its host: turned and shifted in the host's frame, and how it gives where it is sewn */
  placement: Placement;
  /** the way it points, a unit vector in the host's frame, and as tilt from straight out and towards which way: degrees */
  direction: Vec3;
  tiltDeg: number;
  towardDeg: number;
  /** so much less tilted than was asked for, as its host is in the way: degrees */
  heldOffDeg: number;
  /** worked out when it is asked */
  burial: () => Burial;
}

/** The widest gap along a seam, and how deep the guest lies in its host beside it, mm. */
export interface Burial {
  gapMm: number;
  buriedMm: number;
}

/** Which side of a seam a pin holds. Left and right are the toy's own; a place on its side has a front and a back instead. */
export type PinAt = 'top' | 'bottom' | 'left' | 'right' | 'front' | 'back';

/** A pin: it holds a stitch of the seam. */
export interface Pin {
  at: PinAt;
  name: HoleName;
  edge: number;
}

/** What runs through its host from hole to hole, worked out. */
interface Drawn {
  copy: string;
  exits: Exits;
  /** so much higher on the toy is the other exit, mm */
  risesMm: number;
  placement: Placement;
}

/** A piece drawn through: how much of it is free at either exit, mm. */
export interface ThroughSite extends Drawn {
  how: 'through';
  join: ThroughJoin;
  freeMm: readonly [number, number];
}

/** A limb on a yarn: the label of the round at which it is pierced. */
export interface ThreadedSite extends Drawn {
  how: 'threaded';
  join: ThreadedJoin;
  pierced: string;
}

export type DrawnSite = ThroughSite | ThreadedSite;

/** A part caught in a round of its host, worked out: where its edge lies along the round, and how it stands. */
export interface CaughtSite {
  how: 'caught';
  join: CaughtJoin;
  copy: string;
  round: number;
  /** the hole in the middle of what it is caught over */
  index: number;
  name: HoleName;
  polar: Polar;
  footprint: Footprint;
  /** stitches of its edge that are caught, layer on layer, and how many layers */
  guestEdge: number;
  layers: 1 | 2;
  /** where the side that usually does looks: up where it lies level, else forward; of what is turned over, the other side looks there */
  looks: 'up' | 'forward';
  direction: Vec3;
  placement: Placement;
}

export type AnySite = JoinSite | DrawnSite | CaughtSite;
