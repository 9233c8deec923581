import type { PartForm } from '../form';

/** A post's address for print: `R13·14 | 18·19` for a hole, `R13 | 18` for the middle of a stitch, whose two rounds and two stitches are the same; a needle also goes in at a stitch's foot, `R13·14 | 18`, and between two stitches, `R13 | 18·19`. */
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
  const told = ([a, b]: readonly [number, number]) => (a === b ? String(a) : `${a}·${b}`);
  return { rounds: `R${told(round)}`, stitches: told(stitch) };
}

/** A post on one tag: `R13·14 | 18·19`. */
export function postTag(name: HoleName): string {
  const { rounds, stitches } = holeTag(name);
  return `${rounds} | ${stitches}`;
}

/** Both posts of a pair: the rounds are told once where they are the same. */
export function pairTag(names: readonly [HoleName, HoleName]): string {
  const [a, b] = names.map(holeTag);
  return a.rounds === b.rounds
    ? `${a.rounds} | ${a.stitches} and ${b.stitches}`
    : `${a.rounds} | ${a.stitches} and ${b.rounds} | ${b.stitches}`;
}

/** A post as data that records keep; never printed, and never changed (decision 43): `13.14|18.19`. */
export const holeKey = ({ round, stitch }: HoleName): string => `${round.join('.')}|${stitch.join('.')}`;
