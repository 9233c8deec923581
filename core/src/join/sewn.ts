import {
  frameAt,
  holeName,
  lies,
  mirrored,
  nearestPlace,
  pointOf,
  polarOf,
  resolve,
  ResolvedPlace,
  type Directions,
  type Place,
} from '../address';
import { add, cross, scale, unit, type PartForm, type Vec3 } from '../form';
import { edgeCount, isWorkedOut, type Edge } from './edge';
import type { JoinKind } from './kinds';
import { ownDirections, type OfPiece, type Piece, type Placed } from './piece';
import { pinsOf } from './pins';
import type { JoinSite } from './site';
import { across, move, rotation, turn, type Placement } from './space';

/** Which way a sewn-on part points: tilted from the straight-out direction by `tiltDeg`, towards up (0), the toy's own side (90), down (180). */
export interface Aim {
  tiltDeg: number;
  towardDeg: number;
}

/**
 * An edge of a guest sewn on a host. The guest's edge is centred on `at`; an `edge` place means the end of the host: edge to edge when
 * it is open, centred on it when it is gathered shut. The twin
 * is another copy of the guest, mirrored in space about the host's face plane; its place is computed, never stored.
 */
export interface SewnJoin {
  kind: 'sewn';
  id: string;
  guest: OfPiece;
  at: Place;
  edge: Edge;
  aim: Aim;
  twin: { copy: string } | null;
}

export const sewn: JoinKind<SewnJoin> = {
  guests: ({ guest, twin }) => [guest, ...(twin ? [{ part: guest.part, copy: twin.copy }] : [])],
  fault: (join, host) => {
    if (!isWorkedOut(join.edge)) return 'edge not yet';
    return resolve(host.form, join.at) instanceof ResolvedPlace ? null : 'homeless';
  },
  sites: sitesOf,
  attach,
};

/** The round of the host along which an edge of so many mm lies when it is centred on the host's end: the last one of an open host. */
function endRound(form: PartForm, edgeMm: number): number {
  const last = form.fabric.rounds.length - 1;
  if (!form.closed) return last;
  let best = last;
  for (let i = last; i > last / 2; i--) {
    const miss = (k: number) => Math.abs(2 * Math.PI * form.r[k + 1] - edgeMm);
    if (miss(i) < miss(best)) best = i;
  }
  return best;
}

/** Where a seam stands on its host, for the guest and, if there is one, its twin. */
function sitesOf(join: SewnJoin, host: Piece, guest: PartForm): JoinSite[] {
  const found = resolve(host.form, join.at);
  if (!(found instanceof ResolvedPlace)) return [];
  const n = edgeCount(guest, join.edge);
  const hostEdge = host.form.fabric.rounds[found.round].count;
  if (join.at.at === 'edge') {
    const round = endRound(host.form, n * guest.gauge.stitchMm);
    return [
      {
        join,
        copy: join.guest.copy,
        state: 'at',
        round,
        name: null,
        index: 0,
        polar: { angleRad: host.frontRad, row: round + 1 },
        pins: null,
        missMm: 0,
        hostEdge: host.form.fabric.rounds[round].count,
        guestEdge: n,
      },
    ];
  }
  const site = (copy: string, round: number, index: number, missMm: number): JoinSite => {
    const polar = polarOf(host.form, round, index, 'hole');
    return {
      join,
      copy,
      state: found.state,
      round,
      index,
      name: holeName(host.form, round, index),
      polar,
      pins: pinsOf(host, guest, round, index, n, join.edge),
      missMm,
      hostEdge,
      guestEdge: n,
    };
  };
  const first = site(join.guest.copy, found.round, found.index, 0);
  if (!join.twin) return [first];
  const near = nearestPlace(host.form, mirrored(host.form, ownDirections(host), first.polar), 'hole');
  return near ? [first, site(join.twin.copy, near.round, near.index, near.missMm)] : [first];
}

/** Puts a guest on its host's placement. A twin gets the mirrored target frame, never a mirrored body (decision 8). */
function attach(host: Placed, guest: Piece, site: JoinSite, k: number): Placed {
  const last = guest.form.r.length - 1;
  const open = guest.form.closed ? last : guest.form.fabric.rounds.length;
  const edgeZ = guest.form.z[open] ?? 0;
  const own = ownDirections(guest);
  if (site.join.at.at === 'edge') {
    const hostAxes = ownDirections(host);
    const end = host.form.z[site.round + 1];
    const toZ = turn(host.placement, [0, 0, -1]);
    const front = across(turn(host.placement, hostAxes.front), toZ);
    const rows = rotation(across(own.front, [0, 0, 1]), [0, 0, 1], front, toZ);
    const target = move(host.placement, [0, 0, end]);
    return { ...guest, placement: shiftTo(rows, [0, 0, edgeZ], target) };
  }
  const { normal } = frameAt(host.form, site.polar);
  const hostOwn = ownDirections(host);
  const up = across(hostOwn.up, normal);
  const side = unit(cross(up, normal));
  const direction = aimed(
    normal,
    up,
    side,
    (site.join as SewnJoin).aim,
    k > 0,
    hostOwn,
    pointOf(host.form, site.polar),
  );
  const toZ = turn(host.placement, scale(direction, -1));
  const toX = across(turn(host.placement, up), toZ);
  const rows = rotation(across(lies(own) ? own.up : own.front, [0, 0, 1]), [0, 0, 1], toX, toZ);
  return {
    ...guest,
    placement: shiftTo(rows, [0, 0, edgeZ], move(host.placement, pointOf(host.form, site.polar))),
  };
}

/** The direction a guest points: the host's outside, tilted. Sideways is away from the face plane, so that twins match. */
function aimed(
  normal: Vec3,
  up: Vec3,
  side: Vec3,
  aim: Aim,
  twin: boolean,
  { left: toyLeft }: Directions,
  at: Vec3,
): Vec3 {
  const onLeft = at[0] * toyLeft[0] + at[1] * toyLeft[1] + at[2] * toyLeft[2];
  const towardsLeft = side[0] * toyLeft[0] + side[1] * toyLeft[1] + side[2] * toyLeft[2] >= 0;
  const outward = Math.abs(onLeft) < 1e-6 ? !twin : onLeft > 0;
  const away = scale(side, outward === towardsLeft ? 1 : -1);
  const tilt = (aim.tiltDeg * Math.PI) / 180;
  const toward = (aim.towardDeg * Math.PI) / 180;
  const lean = add(scale(up, Math.cos(toward)), scale(away, Math.sin(toward)));
  return unit(add(scale(normal, Math.cos(tilt)), scale(lean, Math.sin(tilt))));
}

function shiftTo(rows: Placement['rows'], local: Vec3, target: Vec3): Placement {
  const bare: Placement = { rows, shift: [0, 0, 0] };
  return { rows, shift: add(target, scale(turn(bare, local), -1)) };
}
