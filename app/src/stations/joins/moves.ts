import { coordAt, holeName, holeTag, polarOf } from '@hoppla/core/address';
import { holePlace, ownDirections, type JoinSite, type SewnJoin } from '@hoppla/core/join';
import type { ToyModel } from '@hoppla/core/toy';

export type JoinMove = 'up' | 'down' | 'left' | 'right' | 'closer' | 'further' | 'keep';

/** A join after a move, and how its new address reads. */
export interface MovedJoin {
  join: SewnJoin;
  rounds: string;
  stitches: string;
}

/** A join one step on, with what its new address says; null where there is no such round. */
export function movedJoin(model: ToyModel, join: SewnJoin, site: JoinSite, move: JoinMove): MovedJoin | null {
  const host = model.pieces.find((p) => p.part === join.at.part && p.copy === join.at.copy);
  if (!host) return null;
  const { form } = host;
  const towardsRing = ownDirections(host).up[2] < 0 ? -1 : 1;
  let { round, index } = site;
  if (move === 'up' || move === 'down') {
    const next = round + (move === 'up' ? towardsRing : -towardsRing);
    if (next < 1 || next >= form.fabric.rounds.length) return null;
    index = Math.round(coordAt(form, next, polarOf(form, round, index, 'hole').angleRad, 'hole'));
    round = next;
  } else if (move !== 'keep') {
    const growsLeft = ownDirections(host).up[2] < 0 === form.direction < 0 ? 1 : -1;
    const turn = site.polar.angleRad - host.frontRad;
    const side = Math.sign(turn - Math.round(turn / (2 * Math.PI)) * 2 * Math.PI) || 1;
    index += move === 'left' ? growsLeft : move === 'right' ? -growsLeft : move === 'further' ? side : -side;
  }
  const at = holePlace(host, round, index);
  const tag = holeTag(holeName(form, round, at.index));
  return { join: { ...join, at }, ...tag };
}
