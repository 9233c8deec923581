import { frameAt, holeName, lies, pointOf, polarOf, type Place, type Polar } from '../address';
import { add, cross, dot, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { kept } from '../kept';
import { edgeCount, edgeRound, isFlattened, wholeEdge, type Edge } from './edge';
import { edgeLine, type EdgeLine } from './edgeLine';
import { lengthOf, type Footprint } from './footprint';
import { middleOfRing } from './exits';
import { ringFootprint } from './ground';
import type { JoinKind } from './kinds';
import { ownDirections, placedKey, toyDirections, type OfPiece, type Piece, type Placed } from './piece';
import type { CaughtSite } from './site';
import { across, rotation } from './space';
import { placedOn } from './standing';

/**
 * A finished part caught in a round of its host: its edge, flat, is held against the round and each stitch goes through both.
 * It is written in the text alone (decision 28); this is what the text says, found again in every reading.
 */
export interface CaughtJoin {
  kind: 'caught';
  /** the host's round by its mark, and which of the round's clamps */
  id: string;
  guest: OfPiece;
  /** the hole in the middle of what it is caught over */
  at: Place;
  hang: null;
  /** index of the host's round, the first stitch that catches (from 0), and how many do */
  round: number;
  first: number;
  over: number;
  /** the whole round catches it, rim to rim */
  whole: boolean;
}

/** What is caught lies flat, two layers; rows, one; a chain by its end. A whole round takes it as a ring. */
export function caughtEdge({ section }: PartForm, whole: boolean): Edge {
  if (section === 'cord') return wholeEdge('open', 'chain end');
  return whole || section !== 'ring' ? wholeEdge('open') : wholeEdge('flattened');
}

export const caught: JoinKind<CaughtJoin, CaughtSite> = {
  guests: ({ guest }) => [guest],
  fault: (join, host, guest) => {
    if (!edgeRound(guest.form, caughtEdge(guest.form, join.whole))) return 'no such edge';
    return host.form.section === 'cord' ? 'host is a cord' : null;
  },
  sites: (join, host, guest) => sitesOf(join, host, guest),
  reach: ({ over }, { form }) => ({
    upMm: form.gauge.stitchMm / 2,
    alongMm: (over * form.gauge.stitchMm) / 2,
  }),
  other: () => null,
  // Its place follows from the text.
  onPlaces: (join) => join,
};

/** A place along the edge of the round that catches, at so many of its stitches. */
const along = (form: PartForm, round: number, coord: number): Polar => polarOf(form, round, coord, 'hole');

const sitesOf = kept(
  (join: CaughtJoin, host: Placed, guest: Piece): CaughtSite[] => {
    const edge = caughtEdge(guest.form, join.whole);
    const line = edgeLine(guest, edge);
    if (!line) return [];
    const { form } = host;
    const { round, first, over } = join;
    const middle = along(form, round, first + over / 2);
    const lie = lieOf(join, host, guest, line, middle);
    const footprint = join.whole
      ? ringFootprint(form, Math.min(round, form.r.length - 1), line, lie.rows)
      : footprintAlong(join, form, line, lie.wide);
    const centre = scale(footprint.points.reduce(add, [0, 0, 0]), 1 / footprint.points.length);
    return [
      {
        join,
        how: 'caught',
        copy: join.guest.copy,
        round,
        index: join.at.index,
        name: holeName(form, round, join.at.index),
        polar: middle,
        footprint,
        guestEdge: edgeCount(guest.form, edge),
        layers: isFlattened(edge) ? 2 : 1,
        direction: lie.direction,
        placement: placedOn(host, guest, line, lie.rows, centre, footprint, 0),
      },
    ];
  },
  (_, host, guest) => [...placedKey(host), guest.form, guest.ringIs, guest.frontRad],
);

/** How a caught guest lies: the way it points, its rotation, and the host's direction along which it is wide. */
function lieOf(join: CaughtJoin, host: Placed, guest: Piece, line: EdgeLine, middle: Polar) {
  const { form } = host;
  const toy = toyDirections(host);
  const direction = join.whole ? pastEnd(form, join.round) : frameAt(form, middle).normal;
  const wide = across(alongRound(join, form), direction);
  const side = cross(wide, direction);
  // Its front looks up where it lies level, else forward; of a whole round forward as its host.
  const wanted = !join.whole && Math.abs(dot(side, toy.up)) > LEVEL ? toy.up : toy.front;
  const front = join.whole ? across(wanted, direction) : scale(side, dot(side, wanted) >= 0 ? 1 : -1);
  const directions = ownDirections(guest);
  const own = across(lies(directions) ? directions.up : directions.front, line.out);
  return { direction, wide, rows: rotation(own, line.out, front, scale(direction, -1)) };
}

/** From this share of straight up on, a side looks up. */
const LEVEL = 0.3;

/** Along the round that catches, as it is worked, at the middle of what it catches. */
function alongRound({ first, over, round }: CaughtJoin, form: PartForm): Vec3 {
  const [a, b] = [-0.25, 0.25].map((by) => pointOf(form, along(form, round, first + over / 2 + by)));
  return sub(b, a);
}

/** Past the end of a piece in which a round is worked, along its axis. */
function pastEnd(form: PartForm, round: number): Vec3 {
  const ring = Math.min(round, form.r.length - 1);
  return unit(sub(middleOfRing(form, ring), middleOfRing(form, Math.max(0, ring - 1))), [0, 0, 1]);
}

/** The edge along the round that catches it, both layers on one another. */
function footprintAlong(join: CaughtJoin, form: PartForm, line: EdgeLine, wide: Vec3): Footprint {
  const { round, first, over } = join;
  const sign = dot(alongRound(join, form), wide) >= 0 ? 1 : -1;
  const polars = line.points.map((p, k): Polar => {
    const share = line.closed ? pressedShare(line, p) : k / (line.points.length - 1);
    return along(form, round, first + over * (0.5 + sign * (share - 0.5)));
  });
  const points = polars.map((p) => pointOf(form, p));
  const lengthMm = lengthOf(points, line.closed);
  return { points, polars, lengthMm, reachMm: (over * form.gauge.stitchMm) / 2, cut: false };
}

/** Where a point of a ring lies when the ring is pressed flat along its wide way, 0 to 1. */
function pressedShare({ centre, wide, thin }: EdgeLine, p: Vec3): number {
  const from = sub(p, centre);
  const turn = Math.atan2(dot(from, thin), dot(from, wide)) / Math.PI;
  return 1 - Math.abs(turn);
}
