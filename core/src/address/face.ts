import type { PartForm } from '../form';
import { coordAt, pointOf, type Polar } from './position';

/** What a part's ring is on the toy; up, front, left and level follow from it (decision 8). */
export type RingIs = 'crown' | 'chin' | 'nose' | 'sole' | 'back' | 'tip' | 'mouth';

/**
 * The direction of the face: opposite the marker as it stands at the pause after round `pause` (an index), as an angle
 * in the working direction (decision 24).
 */
export function frontAngle(form: PartForm, pause: number): number {
  return form.phase[pause] + Math.PI;
}

/**
 * The stitch coordinate on a round that lies in the direction of the face, rounded so that a pair with `between`
 * stitches between it stands in holes: on a stitch for odd numbers, on a hole for even ones.
 */
export function centreCoord(form: PartForm, round: number, angleRad: number, between: number): number {
  const exact = coordAt(form, round, angleRad, 'hole');
  const half = (between % 2) / 2;
  return Math.round(exact - half) + half;
}

/** The same place seen in the mirror of the face plane, the plane through the axis and the face's direction. */
export function mirrored(polar: Polar, frontRad: number): Polar {
  return { angleRad: 2 * frontRad - polar.angleRad, row: polar.row };
}

/** How much higher (towards the ring) place a lies than place b, in mm along the axis; 0 is level. */
export function levelDifference(form: PartForm, a: Polar, b: Polar): number {
  return pointOf(form, b)[2] - pointOf(form, a)[2];
}

/** A post's address for print: `R13·14 | 18·19`. Rounds below 0 (into the ring) print as the ring. */
export interface HoleName {
  round: [number, number];
  stitch: [number, number];
  of: number;
}

/**
 * Names a hole given by a continuous stitch coordinate: one that runs past the start of a round is named by the
 * neighbouring round it lies on.
 */
export function holeName(form: PartForm, round: number, coord: number): HoleName {
  const rounds = form.fabric.rounds;
  let i = round;
  let c = coord;
  if (!rounds[i].joined) {
    while (c < 0 && i > 0) {
      i--;
      c += rounds[i].count;
    }
    while (c >= rounds[i].count && i + 1 < rounds.length) {
      c -= rounds[i].count;
      i++;
    }
  }
  const n = rounds[i].count;
  const j = ((c % n) + n) % n;
  return { round: [rounds[i].number - 1, rounds[i].number], stitch: [j === 0 ? n : j, j + 1], of: n };
}

/** Prints a hole as on its tag. */
export function holeTag(name: HoleName): { rounds: string; stitches: string } {
  return { rounds: `R${name.round[0]}·${name.round[1]}`, stitches: `${name.stitch[0]}·${name.stitch[1]}` };
}
