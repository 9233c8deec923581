import {
  courseOf,
  directionsOf,
  frameAt,
  holeName,
  mirrored,
  nearestPlace,
  pointOf,
  polarOf,
  profileAt,
  resolvePlace,
  coordAt,
  type Directions,
  type HoleName,
  type Polar,
  type RingIs,
} from '../address';
import { add, cross, scale, unit, type PartForm, type Vec3 } from '../form';
import type { Aim, SewnJoin } from './join';
import { across, move, rotation, turn, type Placement } from './space';

/** A part as the assembly sees it. `frontRad` is the direction of its face in the working direction. */
export interface Piece {
  part: string;
  copy: string;
  form: PartForm;
  ringIs: RingIs;
  frontRad: number;
}

/** A sewn join worked out: where the guest's edge goes, its pins, and where its twin goes. */
export interface JoinSite {
  join: SewnJoin;
  copy: string;
  state: 'at' | 'moved';
  /** index of the host's round; the last round for edge to edge */
  round: number;
  name: HoleName | null;
  index: number;
  polar: Polar;
  pins: Pins | null;
  /** how far the nearest hole misses the place asked for (twins), mm */
  missMm: number;
  hostEdge: number;
  guestEdge: number;
}

/** Holes of the host under the top, bottom, left and right of the guest's edge. Left and right are the toy's own. */
export interface Pins {
  top: HoleName | null;
  bottom: HoleName | null;
  left: HoleName;
  right: HoleName;
}

export interface Placed extends Piece {
  placement: Placement;
}

const UP: Vec3 = [0, 1, 0];
const FRONT: Vec3 = [0, 0, 1];

/** A piece's own up, front and left, in its own frame. */
export const ownDirections = (piece: Piece): Directions =>
  directionsOf(piece.form, piece.ringIs, piece.frontRad);

/** The count of the guest's edge: its last round, halved when flattened; a closed end is sewn on by its last round. */
export function edgeCount(form: PartForm, edge: SewnJoin['edge']): number {
  const last = form.fabric.rounds[form.fabric.rounds.length - 1]?.count ?? 0;
  return edge === 'flattened' ? Math.floor(last / 2) : last;
}

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

/** Where a join stands on its host, for the guest and, if there is one, its twin. Empty when the place is homeless. */
export function sitesOf(join: SewnJoin, host: Piece, guest: PartForm): JoinSite[] {
  const found = resolvePlace(host.form.fabric, join.at);
  if (found.state === 'homeless' || found.state === 'not-yet') return [];
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

/**
 * The four pins of a round edge of n guest stitches centred on a hole, on the ring model: half the edge's diameter
 * along the fabric up and down, and to both sides along the round. A flattened edge lies along its round.
 */
function pinsOf(
  host: Piece,
  guest: PartForm,
  round: number,
  index: number,
  n: number,
  edge: SewnJoin['edge'],
): Pins {
  const { form } = host;
  const reach =
    edge === 'flattened' ? (n * guest.gauge.stitchMm) / 2 : (n * guest.gauge.stitchMm) / (2 * Math.PI);
  const { count } = form.fabric.rounds[round];
  const polar = polarOf(form, round, index, 'hole');
  const sideways = reach / Math.max(((2 * Math.PI) / count) * profileAt(form, polar.row).radiusMm, 0.1);
  const steps = Math.min(Math.round(sideways), Math.floor(count / 4));
  const up = ownDirections(host).up[2];
  const plus = holeName(form, round, index + steps);
  const minus = holeName(form, round, index - steps);
  // Seen from the front with up above, numbers grow towards the toy's own left when the ring is up.
  const growsLeft = up < 0 === form.direction < 0;
  const walk = (towards: 1 | -1): HoleName | null => {
    if (edge === 'flattened') return null;
    let row = round;
    let left = reach;
    while (
      left > 0.25 * form.gauge.roundMm &&
      row + towards >= 1 &&
      row + towards < form.fabric.rounds.length
    ) {
      row += towards;
      left -= Math.hypot(form.r[row] - form.r[row - towards], form.z[row] - form.z[row - towards]);
    }
    return holeName(form, row, Math.round(coordAt(form, row, polar.angleRad, 'hole')));
  };
  return {
    top: walk(up >= 0 ? 1 : -1),
    bottom: walk(up >= 0 ? -1 : 1),
    left: growsLeft ? plus : minus,
    right: growsLeft ? minus : plus,
  };
}

/** Puts a guest on its host's placement. A twin gets the mirrored target frame, never a mirrored body (decision 8). */
export function attach(host: Placed, guest: Piece, site: JoinSite, twin: boolean): Placed {
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
  const direction = aimed(normal, up, side, site.join.aim, twin, hostOwn, pointOf(host.form, site.polar));
  const toZ = turn(host.placement, scale(direction, -1));
  const toX = across(turn(host.placement, up), toZ);
  const rows = rotation(across(own.up[2] === 0 ? own.up : own.front, [0, 0, 1]), [0, 0, 1], toX, toZ);
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

/** Stands a part on its own: its up is up, its face looks at the viewer. */
export function stand(piece: Piece): Placed {
  const { up, front } = ownDirections(piece);
  return { ...piece, placement: { rows: rotation(across(front, up), up, FRONT, UP), shift: [0, 0, 0] } };
}

/**
 * The whole toy: every piece placed by the tree of joins. Pieces that no join reaches stand on their own; a join that
 * would close a loop is left out and listed as a gap.
 */
export function assemble(
  pieces: readonly Piece[],
  joins: readonly SewnJoin[],
): { placed: Placed[]; loose: Piece[]; gaps: SewnJoin[] } {
  const key = (p: { part: string; copy: string }) => `${p.part}/${p.copy}`;
  const byKey = new Map(pieces.map((p) => [key(p), p]));
  const guests = new Set(
    joins.flatMap((j) => [key(j.guest), ...(j.twin ? [key({ part: j.guest.part, copy: j.twin.copy })] : [])]),
  );
  const hosts = new Set(joins.map((j) => key(j.at)));
  const roots = pieces.filter((p) => hosts.has(key(p)) && !guests.has(key(p)));
  const placed = new Map<string, Placed>(roots.slice(0, 1).map((p) => [key(p), stand(p)]));
  const gaps: SewnJoin[] = [];
  let waiting = [...joins];
  for (let before = -1; waiting.length !== before;) {
    before = waiting.length;
    waiting = waiting.filter((join) => {
      const host = placed.get(key(join.at));
      const guest = byKey.get(key(join.guest));
      if (!host || !guest) return true;
      sitesOf(join, host, guest.form).forEach((site, i) => {
        const k = key({ part: join.guest.part, copy: site.copy });
        const piece = byKey.get(k);
        if (!piece || placed.has(k)) gaps.push(join);
        else placed.set(k, attach(host, piece, site, i === 1));
      });
      return false;
    });
  }
  return { placed: [...placed.values()], loose: pieces.filter((p) => !placed.has(key(p))), gaps };
}

/** The place of a hole of a round, ready to be stored. */
export function holePlace(piece: Pick<Piece, 'part' | 'copy' | 'form'>, round: number, index: number) {
  const of = piece.form.fabric.rounds[round].count;
  return {
    part: piece.part,
    copy: piece.copy,
    course: courseOf(piece.form.fabric, round),
    at: 'hole' as const,
    index: ((index % of) + of) % of,
    of,
  };
}
