import { coordAt } from '../address';
import { wholeEdge } from './edge';
import type { Join } from './kinds';
import { guestsOf } from './kinds';
import { holePlace, type Piece } from './piece';

/** Where a pair usually stands: this far round from the face, degrees. Judged. */
const PAIR_DEG = 65;

/** Those of a part's copies that no join has taken yet. */
export function freeCopies<C extends { id: string }>(joins: readonly Join[], copies: readonly C[]): C[] {
  const taken = new Set(joins.flatMap((j) => guestsOf(j).map((g) => g.copy)));
  return copies.filter((c) => !taken.has(c.id));
}

/** The usual place of a part on a host: two free copies or more on both sides of its widest round, a single one in front of it. */
export function usualJoin(
  host: Piece,
  guest: { part: string; free: readonly { id: string }[] },
  id: string,
): Join {
  const pair = guest.free.length > 1;
  const counts = host.form.rounds.map((r) => r.count);
  const most = Math.max(...counts);
  const middle = Math.round((counts.indexOf(most) + counts.lastIndexOf(most)) / 2);
  const round = Math.min(Math.max(1, middle), counts.length - 1);
  const angle = host.frontRad + (pair ? (PAIR_DEG * Math.PI) / 180 : 0);
  return {
    kind: 'sewn',
    id,
    guest: { part: guest.part, copy: guest.free[0].id },
    at: holePlace(host, round, Math.round(coordAt(host.form, round, angle, 'hole'))),
    edge: wholeEdge('open'),
    aim: { tiltDeg: 0, towardDeg: 0 },
    twin: pair ? { copy: guest.free[1].id } : null,
  };
}
