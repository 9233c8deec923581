import { frameAt, holeName, lies, pointOf, polarOf, type Place, type Polar } from '../address';
import { add, cross, dot, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { kept } from '../kept';
import type { Clamped, ClampKey } from './clamped';
import { edgeCount, edgeRound, isFlattened, wholeEdge, type Edge } from './edge';
import { edgeLine, type EdgeLine } from './edgeLine';
import { lengthOf, type Footprint } from './footprint';
import { middleOfRing } from './exits';
import { ringFootprint } from './ground';
import type { JoinKind } from './kinds';
import { ownDirections, placedKey, toyDirections, type OfPiece, type Piece, type Placed } from './piece';
import type { CaughtSite } from './site';
import { across, rotation, turn, turnBack, type Placement } from './space';
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
  /** its whole edge is taken as a ring: rim to rim by the whole round, or `onto` it the part is begun, as a body on its legs */
  whole: boolean;
  onto: boolean;
  /** which clamp it is, for what is said of it, and how it is held */
  clamp: ClampKey;
  held: Clamped;
}

/** What is caught lies flat, two layers; rows, one; a chain by its end. A whole round takes it as a ring. */
export function caughtEdge({ section, folded }: PartForm, whole: boolean): Edge {
  if (section === 'cord') return wholeEdge('open', 'chain end');
  if (folded) return wholeEdge('open', 'fold');
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
    const footprint = footprintOf(join, form, line, lie);
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
        layers: isFlattened(edge) || guest.form.folded ? 2 : 1,
        looks: lie.looks,
        direction: lie.direction,
        placement: placedOn(host, guest, line, lie.rows, centre, footprint, 0),
      },
    ];
  },
  (_, host, guest) => [...placedKey(host), guest.form, guest.ringIs, guest.frontRad],
);

/** Where the guest's edge lies: round the end that the host is begun on, along the whole round, or flat over some of its stitches. */
function footprintOf(join: CaughtJoin, form: PartForm, line: EdgeLine, lie: Lie): Footprint {
  if (join.onto) return ontoFootprint(join, form, line, lie);
  if (!join.whole) return footprintAlong(join, form, line, lie);
  return ringFootprint(form, Math.min(join.round, form.r.length - 1), line, lie.rows);
}

/** How a caught guest lies: where its usual side looks, the way it points, and its rotation. */
interface Lie {
  looks: CaughtSite['looks'];
  direction: Vec3;
  rows: Placement['rows'];
}

function lieOf(join: CaughtJoin, host: Placed, guest: Piece, line: EdgeLine, middle: Polar): Lie {
  const { form } = host;
  const { held } = join;
  const toy = toyDirections(host);
  const past = pastOf(join, form, middle);
  const outward = scale(past, held.inside ? -1 : 1);
  const wide = across(alongRound(join, form), outward);
  const side = cross(wide, outward);
  // Its front looks up where it lies level, else forward; of a whole round forward as its host.
  const level = !join.whole && Math.abs(dot(side, toy.up)) > LEVEL;
  const wanted = level ? toy.up : toy.front;
  const usual = join.whole ? across(wanted, outward) : scale(side, dot(side, wanted) >= 0 ? 1 : -1);
  const tilt = (held.tiltDeg * Math.PI) / 180;
  const direction = add(scale(outward, Math.cos(tilt)), scale(usual, Math.sin(tilt)));
  const front = add(scale(usual, Math.cos(tilt)), scale(outward, -Math.sin(tilt)));
  const directions = ownDirections(guest);
  const own = across(lies(directions) ? directions.up : directions.front, line.out);
  const turnRad = (held.over ? Math.PI : 0) + (line.closed ? (2 * Math.PI * held.shift) / line.count : 0);
  const turned = add(scale(own, Math.cos(turnRad)), scale(cross(line.out, own), Math.sin(turnRad)));
  const looks = level ? 'up' : 'forward';
  return { looks, direction, rows: rotation(turned, line.out, front, scale(direction, -1)) };
}

/** From this share of straight up on, a side looks up. */
const LEVEL = 0.3;

/** The way out of the host where something is caught: past its end for a whole edge, behind its start for one that it is begun on, else out of the fabric. */
function pastOf({ whole, onto, round }: CaughtJoin, form: PartForm, middle: Polar): Vec3 {
  if (onto) return [0, 0, -1];
  return whole ? pastEnd(form, round) : frameAt(form, middle).normal;
}

/** An edge on which its host is begun keeps its own ring, in the middle of that end of the host's oval. */
function ontoFootprint(join: CaughtJoin, form: PartForm, line: EdgeLine, { rows }: Lie): Footprint {
  const { angleRad } = along(form, 0, join.first + join.over / 2);
  const side = Math.cos(angleRad - form.longRad) >= 0 ? 1 : -1;
  const [c, s] = [Math.cos(form.longRad), form.direction * Math.sin(form.longRad)];
  const centre: Vec3 = [(side * c * form.straight[0]) / 2, (side * s * form.straight[0]) / 2, form.z[0]];
  const points = line.points.map((p) => add(centre, turn({ rows }, sub(p, line.centre))));
  const polars = points.map(([x, y]): Polar => ({ angleRad: form.direction * Math.atan2(y, x), row: 0 }));
  return { points, polars, lengthMm: lengthOf(points, true), reachMm: line.radiusMm, cut: false };
}

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
function footprintAlong(join: CaughtJoin, form: PartForm, line: EdgeLine, { rows }: Lie): Footprint {
  const { round, first, over } = join;
  const way = alongRound(join, form);
  // The way along which the edge is wide, as the guest is turned, in the guest's own frame.
  const pressed = across(turnBack({ rows }, way), line.out);
  const polars = line.points.map((p): Polar => {
    const share = line.closed ? pressedShare(line, pressed, p) : straightShare(line, pressed, p);
    return along(form, round, first + over * share);
  });
  const points = polars.map((p) => pointOf(form, p));
  const lengthMm = lengthOf(points, line.closed);
  return { points, polars, lengthMm, reachMm: (over * form.gauge.stitchMm) / 2, cut: false };
}

/** Where a point of a ring lies when the ring is pressed flat along a way across it, 0 to 1. */
function pressedShare({ centre, out }: EdgeLine, wide: Vec3, p: Vec3): number {
  const from = sub(p, centre);
  const turn = Math.atan2(dot(from, cross(out, wide)), dot(from, wide)) / Math.PI;
  return 1 - Math.abs(turn);
}

/** Where a point of an edge with two ends lies along a way, 0 to 1. */
const straightShare = ({ centre, radiusMm }: EdgeLine, wide: Vec3, p: Vec3): number =>
  0.5 + dot(sub(p, centre), wide) / (2 * Math.max(radiusMm, 1e-9));
