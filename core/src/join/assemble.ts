import {
  courseOf,
  directionsOf,
  frameAt,
  holeName,
  level,
  mirrored,
  nearestPlace,
  pointOf,
  polarOf,
  profileAt,
  resolvePlace,
  straight,
  walkInPlane,
  type Directions,
  type HoleName,
  type Polar,
  type RingIs,
  type Walk,
} from '../address';
import { add, cross, dot, scale, sub, surfacePoint, unit, type PartForm, type Vec3 } from '../form';
import type { JoinFault } from '../words';
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

/** Holes of the host under the top, bottom, left and right of the guest's edge, as far as there is fabric. Left and right are the toy's own. */
export interface Pins {
  top: HoleName | null;
  bottom: HoleName | null;
  left: HoleName | null;
  right: HoleName | null;
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
 * The four pins of a round edge of n guest stitches centred on a hole: half the edge's diameter along the fabric straight
 * up and down and level to both sides, whatever way the host's rounds run. A flattened edge lies along its round: its two
 * ends are left and right, or top and bottom where the round runs up.
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
  const own = ownDirections(host);
  const from = polarOf(form, round, index, 'hole');
  const none: Pins = { top: null, bottom: null, left: null, right: null };
  if (edge === 'flattened') {
    const reach = (n * guest.gauge.stitchMm) / 2;
    const { count } = form.fabric.rounds[round];
    const stitch = ((2 * Math.PI) / count) * profileAt(form, from.row).radiusMm;
    const steps = Math.min(Math.round(reach / Math.max(stitch, 0.1)), Math.floor(count / 4));
    const [plus, minus] = [index + steps, index - steps];
    const at = (k: number) => pointOf(form, polarOf(form, round, k, 'hole'));
    const way = sub(at(plus), at(minus));
    const [name, other] = [holeName(form, round, plus), holeName(form, round, minus)];
    const [up, left] = [dot(way, own.up), dot(way, own.left)];
    if (Math.abs(up) > Math.abs(left))
      return { ...none, top: up > 0 ? name : other, bottom: up > 0 ? other : name };
    return { ...none, left: left >= 0 ? name : other, right: left >= 0 ? other : name };
  }
  const reach = (n * guest.gauge.stitchMm) / (2 * Math.PI);
  const hole = (walk: Walk): HoleName | null => {
    const near = walk.walkedMm < 0.5 * reach ? null : nearestPlace(form, walk.at, 'hole');
    return near ? holeName(form, near.round, near.index) : null;
  };
  return {
    top: hole(straight(form, own, from, 'up', reach)),
    bottom: hole(straight(form, own, from, 'down', reach)),
    left: hole(sideways(form, own, from, 'left', reach)),
    right: hole(sideways(form, own, from, 'right', reach)),
  };
}

/** Where the fabric lies nearly level, a level line is no line: there the side is the toy's own left or right, straight over the fabric. */
function sideways(form: PartForm, own: Directions, from: Polar, way: 'left' | 'right', mm: number): Walk {
  const { normal } = frameAt(form, from);
  if (Math.abs(dot(normal, own.up)) < LIES_LEVEL) return level(form, own, from, way, mm);
  const towards = scale(own.left, way === 'left' ? 1 : -1);
  return walkInPlane(form, from, unit(cross(normal, towards)), towards, mm);
}

/** Cosine of the fabric's slope from which on it lies nearly level: 45 degrees. */
const LIES_LEVEL = Math.SQRT1_2;

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

/** A join that cannot be made as it is written. */
export interface FaultyJoin {
  join: SewnJoin;
  fault: JoinFault;
}

type Of = { part: string; copy: string };
const keyOf = (p: Of) => `${p.part}/${p.copy}`;
const guestsOf = (join: SewnJoin): Of[] => [
  join.guest,
  ...(join.twin ? [{ part: join.guest.part, copy: join.twin.copy }] : []),
];

/** The joins of which host and guests are there, in order, each guest once; and what is wrong with the others. */
function sound(
  pieces: readonly Piece[],
  joins: readonly SewnJoin[],
): { good: SewnJoin[]; faults: FaultyJoin[] } {
  const there = new Set(pieces.map(keyOf));
  const parts = new Set(pieces.map((p) => p.part));
  const held = new Set<string>();
  const faults: FaultyJoin[] = [];
  const good = joins.filter((join) => {
    const all = [join.at as Of, ...guestsOf(join)];
    const gone = all.find((p) => !there.has(keyOf(p)));
    const fault: JoinFault | null = gone
      ? parts.has(gone.part)
        ? 'copy gone'
        : 'no rounds'
      : guestsOf(join).some((g) => held.has(keyOf(g)))
        ? 'sewn twice'
        : null;
    if (fault) faults.push({ join, fault });
    else for (const g of guestsOf(join)) held.add(keyOf(g));
    return (
      fault === null || (fault === 'copy gone' && there.has(keyOf(join.at)) && there.has(keyOf(join.guest)))
    );
  });
  return { good, faults };
}

/**
 * The whole toy: every piece placed by the trees of joins, each tree beside the one before. Pieces that no join reaches
 * are loose; what cannot be joined as it is written is left out and told. A circle of joins is opened at its first.
 */
export function assemble(
  pieces: readonly Piece[],
  joins: readonly SewnJoin[],
): { placed: Placed[]; loose: Piece[]; faults: FaultyJoin[] } {
  const byKey = new Map(pieces.map((p) => [keyOf(p), p]));
  const { good, faults } = sound(pieces, joins);
  const held = new Set(good.flatMap((j) => guestsOf(j).map(keyOf)));
  const placed = new Map<string, Placed>();
  let waiting = [...good];
  const grow = (root: Piece): Placed[] => {
    const tree = [stand(root)];
    placed.set(keyOf(root), tree[0]);
    for (let before = -1; waiting.length !== before;) {
      before = waiting.length;
      waiting = waiting.filter((join) => {
        const host = tree.find((p) => keyOf(p) === keyOf(join.at));
        if (!host) return true;
        const sites = sitesOf(join, host, byKey.get(keyOf(join.guest))!.form);
        if (sites.length === 0) faults.push({ join, fault: 'homeless' });
        sites.forEach((site, i) => {
          const piece = byKey.get(keyOf({ part: join.guest.part, copy: site.copy }));
          if (!piece) return;
          if (placed.has(keyOf(piece))) return void faults.push({ join, fault: 'circle' });
          const put = attach(host, piece, site, i === 1);
          placed.set(keyOf(piece), put);
          tree.push(put);
        });
        return false;
      });
    }
    return tree;
  };
  const hosts = new Set(good.map((j) => keyOf(j.at)));
  const trees = pieces.filter((p) => hosts.has(keyOf(p)) && !held.has(keyOf(p))).map(grow);
  while (waiting.length > 0) trees.push(grow(byKey.get(keyOf(waiting[0].at))!));
  const beside = sideBySide(trees.filter((t) => t.length > 1));
  const shown = new Set(beside.map(keyOf));
  return { placed: beside, loose: pieces.filter((p) => !shown.has(keyOf(p))), faults };
}

/** Room between trees of joins that hold nothing of each other, mm. */
const APART_MM = 12;
const AROUND = 12;

/** Trees in a row, the first where it stands. */
function sideBySide(trees: readonly Placed[][]): Placed[] {
  if (trees.length < 2) return trees.flat();
  let right = -Infinity;
  return trees.flatMap((tree) => {
    const xs = tree.flatMap((p) =>
      Array.from(
        { length: p.form.r.length * AROUND },
        (_, k) =>
          move(
            p.placement,
            surfacePoint(p.form, (2 * Math.PI * (k % AROUND)) / AROUND, Math.floor(k / AROUND)),
          )[0],
      ),
    );
    const by = right === -Infinity ? 0 : right + APART_MM - Math.min(...xs);
    right = Math.max(...xs) + by;
    return by === 0
      ? tree
      : tree.map((p) => ({ ...p, placement: { ...p.placement, shift: add(p.placement.shift, [by, 0, 0]) } }));
  });
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
