import type { PartForm } from '../form';
import { coordAt } from './position';

/**
 * The stitch coordinate on a round that lies in the direction of the face, rounded so that a pair with `between`
 * stitches between it stands in holes: on a stitch for odd numbers, on a hole for even ones.
 */
export function centreCoord(form: PartForm, round: number, angleRad: number, between: number): number {
  const exact = coordAt(form, round, angleRad, 'hole');
  const half = (between % 2) / 2;
  return Math.round(exact - half) + half;
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
