import type { Place } from '../address';

/** Which way a sewn-on part points: tilted from the straight-out direction by `tiltDeg`, towards up (0), the toy's own side (90), down (180). */
export interface Aim {
  tiltDeg: number;
  towardDeg: number;
}

/**
 * An edge of a guest sewn on a host. The guest's edge is centred on `at`; an `edge` place means the end of the host: edge to edge when
 * it is open, centred on it when it is gathered shut. The twin
 * is another copy of the guest, mirrored in space about the host's face plane; its place is computed, never stored.
 */
export interface SewnJoin {
  kind: 'sewn';
  id: string;
  guest: { part: string; copy: string };
  at: Place;
  edge: 'open' | 'flattened';
  aim: Aim;
  twin: { copy: string } | null;
}

export type Join = SewnJoin;
