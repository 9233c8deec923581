import { pointOf, polarOf, reachAlong, type Place } from '../address';
import { trunkOf, UNKNOWN_PLACE, usualPlaceOf, type UsualPlace } from '../figures';
import { distance, type Vec3 } from '../form';
import { endPlace, holeAt } from './hole';
import { STRAIGHT_OUT } from './aim';
import { edgeReach, edgesOf, wholeEdge, type Edge } from './edge';
import { exitsOf, longAxis } from './exits';
import { isOpenEnd } from './ground';
import type { SewnEnd } from './sewnEnds';
import type { Join, StoredJoin } from './kinds';
import { guestsOf } from './kinds';
import { ownDirections, pieceKey, type Piece } from './piece';
import type { SewnJoin } from './sewn';

/** Those of a part's copies that no join has taken yet. */
export function freeCopies<C extends { id: string }>(joins: readonly Join[], copies: readonly C[]): C[] {
  const taken = new Set(joins.flatMap((j) => guestsOf(j).map((g) => g.copy)));
  return copies.filter((c) => !taken.has(c.id));
}

/** A join as it is begun: the whole last edge, straight out, alone, sewn once with the guest's own yarn. */
export const newJoin = (
  join: Pick<SewnJoin, 'id' | 'guest' | 'at'> & Partial<Omit<SewnJoin, 'kind'>>,
): SewnJoin => ({
  kind: 'sewn',
  edge: wholeEdge('open'),
  aim: STRAIGHT_OUT,
  twin: null,
  hang: null,
  seam: { twice: false, yarn: 'guest', startAt: null },
  ...join,
});

/** A piece that is to be joined, with what it is called. */
export interface Named {
  piece: Piece;
  name: string;
}

/** What stands on a host already: in the host's frame, mm. */
export interface Taken {
  point: Vec3;
  reachMm: number;
}

/**
 * The usual place of a part on a host, by what it is called and by its shape: two free copies on both sides, one alone in the
 * middle, on no other join. A head and a body meet at the head's underside: what is open there is the edge that is sewn.
 */
export function usualJoin(
  host: Named,
  guest: Named,
  free: readonly { id: string }[],
  { taken, ends }: { taken: readonly Taken[]; ends: readonly SewnEnd[] },
  id: string,
): StoredJoin {
  const necks = neckJoin(host, guest, ends, id);
  if (necks) return necks;
  const known = usualPlaceOf(guest.name);
  const strip = known && free.length === 1 ? stripThrough(host.piece, guest.piece, known, id) : null;
  if (strip) return strip;
  const pair = free.length > 1;
  const usual = known ?? { ...UNKNOWN_PLACE, turnDeg: pair ? UNKNOWN_PLACE.turnDeg : 0 };
  const edge = usualEdge(guest.piece, usual);
  const reachMm = edgeReach(guest.piece.form, edge);
  const at = freeHole(
    host.piece,
    { ...usual, height: restingHeight(host.piece, guest.piece, usual) },
    reachMm,
    taken,
  );
  return newJoin({
    id,
    guest: { part: guest.piece.part, copy: free[0]?.id ?? guest.piece.copy },
    at,
    edge,
    aim: { ...STRAIGHT_OUT, way: usual.way },
    twin: pair && usual.turnDeg > 0 && usual.turnDeg < 180 ? { copy: free[1].id, at: null } : null,
  });
}

/** So many times as long as its host is wide, one piece that belongs on both sides is a strip for both. Judged. */
const STRIP = 1.6;

/** One closed strip that is both arms goes right through; null for anything else. */
function stripThrough(
  host: Piece,
  guest: Piece,
  { turnDeg, height }: UsualPlace,
  id: string,
): StoredJoin | null {
  const bothSides = turnDeg > 45 && turnDeg < 135;
  const shut = ['last', 'start'] as const;
  if (host.form.section !== 'ring') return null;
  if (!bothSides || guest.form.section !== 'ring' || shut.some((end) => isOpenEnd(guest.form, end)))
    return null;
  const at = holeAt(host, { turnDeg: 90, height });
  const exits = exitsOf(host, at, null);
  if (!exits || longAxis(guest).lengthMm < STRIP * exits.widthMm) return null;
  const { part, copy } = guest;
  return { kind: 'through', id, guest: { part, copy }, at, out: null, hang: null, shiftMm: 0 };
}

/** What points forward or back from low down lies on the ground that its host stands on: its own half thickness above it. */
function restingHeight(host: Piece, { form }: Piece, { way, height }: UsualPlace): number {
  if (height > LOW || (way !== 'forward' && way !== 'back')) return height;
  const { low, high } = reachAlong(host.form, ownDirections(host).up);
  const thick = form.r.reduce((most, r) => Math.max(most, r), 0);
  return Math.min(2 * LOW, Math.max(height, thick / Math.max(high - low, 1)));
}

/** Up to this share of its host's height a part stands low. */
const LOW = 0.2;

function usualEdge({ form }: Piece, usual: UsualPlace): Edge {
  const first = edgesOf(form)[0] ?? wholeEdge('open');
  const flat = usual.flatWhenEmpty && form.fill === 'empty' && first.which === 'last' && !form.closed;
  return flat && form.section === 'ring' ? wholeEdge('flattened') : first;
}

/** A head and a body, or two open ends that match: end to end. Null where neither has an end that fits. */
function neckJoin(host: Named, guest: Named, sewn: readonly SewnEnd[], id: string): SewnJoin | null {
  const trunks = [trunkOf(host.name), trunkOf(guest.name)];
  const headAndBody = trunks.includes('head') && trunks.includes('body');
  if (!headAndBody) return usualPlaceOf(guest.name) ? null : matchingJoin(host.piece, guest.piece, sewn, id);
  // The open edge is what is sewn: a closed head is the host of an open body.
  const swap = !isOpenEnd(guest.piece.form, 'last') && isOpenEnd(host.piece.form, 'last');
  const [on, sewnOn] = swap ? [guest, host] : [host, guest];
  const { part, copy } = sewnOn.piece;
  const lowest = undersideOf(on.piece, trunkOf(on.name) === 'head');
  return newJoin({ id, guest: { part, copy }, at: lowest, aim: STRAIGHT_OUT });
}

/** The open ends of a piece that runs round, on which nothing is sewn yet, each with its stitches. */
const openEnds = (piece: Piece, sewn: readonly SewnEnd[]) =>
  (['last', 'start'] as const).flatMap((end) => {
    const round = piece.form.fabric.rounds.at(end === 'last' ? -1 : 0);
    const free = !sewn.some((s) => s.end === end && pieceKey(s.of) === pieceKey(piece));
    return round && free && piece.form.section === 'ring' && isOpenEnd(piece.form, end)
      ? [{ end, count: round.count }]
      : [];
  });

/** Two free open ends of the same number of stitches, rim to rim; last rounds first. Null where no two match. */
function matchingJoin(host: Piece, guest: Piece, sewn: readonly SewnEnd[], id: string): SewnJoin | null {
  const guests = openEnds(guest, sewn);
  for (const { end, count } of openEnds(host, sewn)) {
    const own = guests.find((g) => g.count === count);
    if (own)
      return newJoin({
        id,
        guest: { part: guest.part, copy: guest.copy },
        at: endPlace(host, end),
        edge: wholeEdge('open', own.end === 'last' ? 'last' : 'first'),
      });
  }
  return null;
}

/** The end of a piece that looks down (of a body: up), or the hole there when neither end does. */
function undersideOf(piece: Piece, down: boolean): Place {
  const own = ownDirections(piece);
  const wanted = down ? -own.up[2] : own.up[2];
  if (Math.abs(wanted) > 0.5) return endPlace(piece, wanted > 0 ? 'last' : 'start');
  return holeAt(piece, { turnDeg: 0, height: down ? 0 : 1 });
}

/** Ways out of a place that is taken: further round, lower or higher, in steps. */
const WAYS_OUT = [0, 1, -1, 2, -2, 3, -3].flatMap((turn) =>
  [0, -1, 1, -2, 2].map((height) => ({ turn, height })),
);
const STEP = { turnDeg: 14, height: 0.12 };

/** The usual hole, or the nearest one at which nothing else is sewn. */
function freeHole(host: Piece, usual: UsualPlace, reachMm: number, taken: readonly Taken[]): Place {
  const single = usual.turnDeg === 0 || usual.turnDeg === 180;
  const hole = (way: (typeof WAYS_OUT)[number]): Place =>
    holeAt(host, {
      turnDeg: usual.turnDeg + way.turn * STEP.turnDeg,
      height: Math.max(0.02, Math.min(0.98, usual.height + way.height * STEP.height)),
    });
  const isFree = (place: Place): boolean => {
    const round = host.form.fabric.rounds.findIndex(
      (r) => r.mark === place.course.mark && r.nth === place.course.nth,
    );
    const point = pointOf(host.form, polarOf(host.form, round, place.index, 'hole'));
    return taken.every((t) => distance(t.point, point) > t.reachMm + reachMm);
  };
  for (const way of WAYS_OUT) {
    const place = single && way.turn !== 0 ? null : hole(way);
    if (place && isFree(place)) return place;
  }
  return hole(WAYS_OUT[0]);
}
