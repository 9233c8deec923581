import { coordAt, holeName, holeTag, polarOf, senseOf, type Place, type Polar } from '../address';
import type { Join } from './kinds';
import { holePlace, toyDirections, type Placed } from './piece';

export type JoinMove = 'up' | 'down' | 'left' | 'right' | 'closer' | 'further' | 'keep';

/** A join after a move, and how its new address reads. */
export interface MovedJoin<J extends Join = Join> {
  join: J;
  rounds: string;
  stitches: string;
}

/** Where a join is centred on its host. */
export interface Centre {
  round: number;
  index: number;
  polar: Polar;
}

/** How many holes a move goes along the round; `side` is the side of the face on which the join stands. */
function alongRound(host: Placed, site: Centre, move: JoinMove): number {
  const { growsLeft } = senseOf(host.form, toyDirections(host));
  const turn = site.polar.angleRad - host.frontRad;
  const side = Math.sign(turn - Math.round(turn / (2 * Math.PI)) * 2 * Math.PI) || 1;
  const by = { left: growsLeft, right: -growsLeft, further: side, closer: -side, up: 0, down: 0, keep: 0 };
  return by[move];
}

/** A hole of a piece one step on, with what its new address says; null where there is no such round. Up, left and so on are the toy's own. */
export function movedHole(
  host: Placed,
  site: Centre,
  move: JoinMove,
): { at: Place; rounds: string; stitches: string } | null {
  const { form } = host;
  const { roundsUp } = senseOf(form, toyDirections(host));
  const rise = { up: roundsUp, down: -roundsUp, left: 0, right: 0, closer: 0, further: 0, keep: 0 }[move];
  const round = site.round + rise;
  if (rise !== 0 && (round < 1 || round >= form.fabric.rounds.length)) return null;
  const straight =
    rise === 0
      ? site.index
      : Math.round(coordAt(form, round, polarOf(form, site.round, site.index, 'hole').angleRad, 'hole'));
  const at = holePlace(host, round, straight + alongRound(host, site, move));
  return { at, ...holeTag(holeName(form, round, at.index)) };
}

/** A join one step on on its host. */
export function movedJoin<J extends Join>(
  host: Placed,
  join: J,
  site: Centre,
  move: JoinMove,
): MovedJoin<J> | null {
  const moved = movedHole(host, site, move);
  // Moved by hand, it hangs on nothing any more.
  const hang = move === 'keep' ? join.hang : null;
  return moved && { ...moved, join: { ...join, at: moved.at, hang } };
}
