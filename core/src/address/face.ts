import type { PartForm } from '../form';
import { coordAt } from './position';

/**
 * The stitch coordinate on a round that lies in the direction of the face, rounded so that a pair `on` stitches from post to
 * post stands in holes, or through middles: for holes on a stitch when `on` is odd and on a hole when it is even, for middles the other way round.
 */
export function centreCoord(
  form: PartForm,
  round: number,
  angleRad: number,
  on: number,
  at: 'hole' | 'middle' = 'hole',
): number {
  const exact = coordAt(form, round, angleRad, at);
  const half = ((at === 'hole' ? on : on + 1) % 2) / 2;
  return Math.round(exact - half) + half;
}

/** A post's address for print: `R13·14 | 18·19` for a hole, `R13 | 18` for the middle of a stitch, whose two rounds and two stitches are the same. */
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
  return postName(form, round, coord, 'hole');
}

/** Names a post in a hole, or through the middle of a stitch, given by a continuous stitch coordinate. */
export function postName(form: PartForm, round: number, coord: number, at: 'hole' | 'middle'): HoleName {
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
  if (at === 'middle')
    return {
      round: [rounds[i].number, rounds[i].number],
      stitch: [Math.floor(j) + 1, Math.floor(j) + 1],
      of: n,
    };
  return { round: [rounds[i].number - 1, rounds[i].number], stitch: [j === 0 ? n : j, j + 1], of: n };
}

/** Prints a post as on its tag. */
export function holeTag({ round, stitch }: HoleName): { rounds: string; stitches: string } {
  const one = round[0] === round[1];
  return {
    rounds: one ? `R${round[0]}` : `R${round[0]}·${round[1]}`,
    stitches: one ? `${stitch[0]}` : `${stitch[0]}·${stitch[1]}`,
  };
}
