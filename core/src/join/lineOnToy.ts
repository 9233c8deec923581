import { frameAt, pointOf, type Polar } from '../address';
import {
  add,
  cross,
  depthInside,
  distance,
  dot,
  onSkin,
  polarBetween,
  scale,
  skinOf,
  sub,
  unit,
  type Skin,
  type Vec3,
} from '../form';
import type { LineOver } from '../feature';
import { kept } from '../kept';
import { pieceKey, type Placed } from './piece';
import { move, moveBack, turnNormal } from './space';

/** A place on a piece of the toy as it stands; `point` in the toy's frame, mm. */
export interface OnToy {
  piece: Placed;
  polar: Polar;
  point: Vec3;
}

/** A line over the toy: its places in order, each so many mm from its beginning, and where it goes over seams. */
export interface ToyLine {
  path: readonly (OnToy & { mm: number })[];
  lengthMm: number;
  /** a unit vector square to the plane that it lies in, and the way that is out along it */
  side: Vec3;
  out: Vec3;
  /** where it steps from piece to piece, mm along it */
  seams: readonly { mm: number; wideMm: number }[];
  /** so much of it lies inside another piece, mm */
  buriedMm: number;
}

/** The toy's own directions over which a line can go. */
const LINE_OVER: Record<Exclude<LineOver, 'outside'>, Vec3> = {
  top: [0, 1, 0],
  back: [0, 0, -1],
  front: [0, 0, 1],
  left: [1, 0, 0],
  right: [-1, 0, 0],
};

/** The corners of a piece's skin in the toy's frame. */
const standingSkin = kept((piece: Placed): { skin: Skin; at: Vec3[] } | null => {
  const skin = skinOf(piece.form);
  if (!skin) return null;
  const at = Array.from({ length: skin.points.length / 3 }, (_, v) =>
    move(piece.placement, [skin.points[3 * v], skin.points[3 * v + 1], skin.points[3 * v + 2]]),
  );
  return { skin, at };
});

/** The place on the toy of a place on one of its pieces. */
export const onToy = (piece: Placed, polar: Polar): OnToy => ({
  piece,
  polar,
  point: move(piece.placement, pointOf(piece.form, polar)),
});

/** The way out of the fabric at a place on the toy. */
export const outAt = ({ piece, polar }: Pick<OnToy, 'piece' | 'polar'>): Vec3 =>
  turnNormal(piece.placement, pointOf(piece.form, polar), frameAt(piece.form, polar).normal);

interface Node extends OnToy {
  buried: boolean;
  next: { to: number; mm: number; seam: boolean }[];
}

/** Deeper than this in another piece, a place is not on the outside of the toy, mm. */
const DEEP_MM = 0.8;
/** A line that goes inside, or round the far side, counts for so many times its length. */
const DEAR = { inside: 20, far: 3 };
/** A seam is no wider than so many stitches where a line can go across it. */
const SEAM_STITCHES = 1.6;
/** Ends that look away from each other do not say which way is out. */
const CLEAR = 0.25;

/** The way out along a line between two places: what both look at, or the direction it is said to go over; null where neither is square to it. */
function outOf(from: OnToy, to: OnToy, over: LineOver): Vec3 | null {
  const along = unit(sub(to.point, from.point));
  const wanted = over === 'outside' ? scale(add(outAt(from), outAt(to)), 0.5) : LINE_OVER[over];
  const square = sub(wanted, scale(along, dot(wanted, along)));
  return Math.hypot(...square) < CLEAR ? null : unit(square);
}

/**
 * The line over the toy from one place to another that looks straight as one looks at it from `over`: where the plane through both
 * places and that way meets the outside of the toy. It may go on from piece to piece where `joined` says that they are joined. Null where
 * the ends do not say which way is out, or no fabric leads from one to the other.
 */
export function lineOnToy(
  placed: readonly Placed[],
  joined: (a: Placed, b: Placed) => boolean,
  from: OnToy,
  to: OnToy,
  over: LineOver,
): ToyLine | null {
  const out = outOf(from, to, over);
  if (!out || distance(from.point, to.point) < 1e-6) return null;
  const side = unit(cross(out, unit(sub(to.point, from.point))));
  const nodes: Node[] = [];
  const ends = [from, to].map(({ piece, polar }) => ({ key: pieceKey(piece), polar }));
  const [first, last] = cutThrough(placed, from.point, side, ends, nodes);
  if (first === null || last === null) return null;
  bury(placed, nodes);
  bridge(joined, nodes);
  const way = shortest(nodes, first, last, out);
  return way && { ...measured(nodes, way), side, out };
}

const NONE: number[] = [];

/** Gives the places at which the plane crosses the sides of a triangle of a piece: two, or none. */
function cutterOf(
  piece: Placed,
  { skin, at }: { skin: Skin; at: readonly Vec3[] },
  origin: Vec3,
  side: Vec3,
  nodes: Node[],
): (triangle: number) => number[] {
  const off = at.map((p) => dot(sub(p, origin), side));
  const byEdge = new Map<number, number>();
  const crossing = (a: number, b: number): number => {
    const key = Math.min(a, b) * at.length + Math.max(a, b);
    const known = byEdge.get(key);
    if (known !== undefined) return known;
    const t = off[a] / (off[a] - off[b]);
    const point = add(at[a], scale(sub(at[b], at[a]), t));
    const polar = polarBetween(polarAt(skin, a), polarAt(skin, b), t);
    nodes.push({ piece, polar, point, buried: false, next: [] });
    byEdge.set(key, nodes.length - 1);
    return nodes.length - 1;
  };
  return (t: number): number[] => {
    const [a, b, c] = [skin.triangles[3 * t], skin.triangles[3 * t + 1], skin.triangles[3 * t + 2]];
    const [overA, overB, overC] = [off[a] >= 0, off[b] >= 0, off[c] >= 0];
    // Most triangles lie on one side.
    if (overA === overB && overB === overC) return NONE;
    return [
      ...(overA === overB ? [] : [crossing(a, b)]),
      ...(overB === overC ? [] : [crossing(b, c)]),
      ...(overC === overA ? [] : [crossing(c, a)]),
    ];
  };
}

/** Cuts every piece with the plane; gives the nodes of the two ends. */
function cutThrough(
  placed: readonly Placed[],
  origin: Vec3,
  side: Vec3,
  ends: readonly { key: string; polar: Polar }[],
  nodes: Node[],
): (number | null)[] {
  const found: (number | null)[] = [null, null];
  const link = (a: number, b: number, seam = false) => {
    const mm = distance(nodes[a].point, nodes[b].point);
    nodes[a].next.push({ to: b, mm, seam });
    nodes[b].next.push({ to: a, mm, seam });
  };
  for (const piece of placed) {
    const standing = standingSkin(piece);
    if (!standing) continue;
    const { skin } = standing;
    const cut = cutterOf(piece, standing, origin, side, nodes);
    for (let t = 0; t < skin.triangles.length / 3; t++) {
      const [a, b] = cut(t);
      if (b !== undefined) link(a, b);
    }
    ends.forEach(({ key, polar }, k) => {
      if (key !== pieceKey(piece)) return;
      const { triangle, point } = onSkin(skin, polar);
      nodes.push({ piece, polar, point: move(piece.placement, point), buried: false, next: [] });
      found[k] = nodes.length - 1;
      for (const n of cut(triangle)) link(found[k]!, n);
    });
  }
  const [a, b] = found;
  // Both ends in one triangle: nothing lies between them.
  if (a !== null && b !== null && nodes[a].next.some((x) => nodes[b].next.some((y) => y.to === x.to)))
    if (distance(nodes[a].point, nodes[b].point) < nodes[a].piece.form.gauge.stitchMm) link(a, b);
  return found;
}

const polarAt = ({ polar }: Skin, v: number): Polar => ({ angleRad: polar[2 * v], row: polar[2 * v + 1] });

/** Marks what lies inside another piece. */
function bury(placed: readonly Placed[], nodes: readonly Node[]): void {
  for (const node of nodes)
    node.buried = placed.some(
      (other) =>
        other !== node.piece && depthInside(other.form, moveBack(other.placement, node.point)) > DEEP_MM,
    );
}

/** Links each outer place beside a seam with the nearest one across it. */
function bridge(joined: (a: Placed, b: Placed) => boolean, nodes: readonly Node[]): void {
  const byPiece = new Map<Placed, number[]>();
  nodes.forEach((n, k) => byPiece.set(n.piece, [...(byPiece.get(n.piece) ?? []), k]));
  const pieces = [...byPiece.keys()];
  for (const a of pieces)
    for (const b of pieces) {
      if (a === b || !joined(a, b)) continue;
      const wide = SEAM_STITCHES * Math.max(a.form.gauge.stitchMm, b.form.gauge.stitchMm);
      for (const k of byPiece.get(a)!) {
        let [best, least] = [-1, wide];
        for (const j of byPiece.get(b)!) {
          if (Math.abs(nodes[k].point[1] - nodes[j].point[1]) > least) continue;
          const mm = distance(nodes[k].point, nodes[j].point);
          if (mm < least) [best, least] = [j, mm];
        }
        if (best < 0) continue;
        nodes[k].next.push({ to: best, mm: least, seam: true });
        nodes[best].next.push({ to: k, mm: least, seam: true });
      }
    }
}

/** The shortest way, what is inside or on the far side counted dear. Dijkstra; a plane cuts a toy in some hundred places. */
function shortest(nodes: readonly Node[], first: number, last: number, out: Vec3): number[] | null {
  const cost = new Float64Array(nodes.length).fill(Infinity);
  const before = new Int32Array(nodes.length).fill(-1);
  const done = new Uint8Array(nodes.length);
  const origin = nodes[first].point;
  const factor = (k: number): number => {
    if (nodes[k].buried) return DEAR.inside;
    return dot(sub(nodes[k].point, origin), out) < -1 ? DEAR.far : 1;
  };
  cost[first] = 0;
  for (;;) {
    let now = -1;
    for (let k = 0; k < nodes.length; k++)
      if (!done[k] && cost[k] < Infinity && (now < 0 || cost[k] < cost[now])) now = k;
    if (now < 0) return null;
    if (now === last) break;
    done[now] = 1;
    for (const { to, mm } of nodes[now].next) {
      const worth = cost[now] + (mm * (factor(now) + factor(to))) / 2;
      if (worth < cost[to]) [cost[to], before[to]] = [worth, now];
    }
  }
  const way: number[] = [];
  for (let k = last; k >= 0; k = before[k]) way.unshift(k);
  return way;
}

function measured(
  nodes: readonly Node[],
  way: readonly number[],
): Pick<ToyLine, 'path' | 'lengthMm' | 'seams' | 'buriedMm'> {
  let mm = 0;
  let buriedMm = 0;
  const seams: { mm: number; wideMm: number }[] = [];
  const path = way.map((k, i) => {
    const { piece, polar, point, buried } = nodes[k];
    const before = i > 0 ? nodes[way[i - 1]] : null;
    const step = before ? distance(before.point, point) : 0;
    if (before && before.piece !== piece) seams.push({ mm: mm + step / 2, wideMm: step });
    mm += step;
    if (before && buried && before.buried) buriedMm += step;
    return { piece, polar, point, mm };
  });
  return { path, lengthMm: mm, seams, buriedMm };
}

/** The place on a line so many mm from its beginning; on a seam, that of the nearer piece. */
export function placeOn({ path }: Pick<ToyLine, 'path'>, mm: number): OnToy & { way: Vec3 } {
  let k = 1;
  while (k < path.length - 1 && path[k].mm < mm) k++;
  const [a, b] = [path[k - 1], path[k]];
  const t = b.mm > a.mm ? Math.max(0, Math.min(1, (mm - a.mm) / (b.mm - a.mm))) : 0;
  const way = unit(sub(b.point, a.point));
  if (a.piece !== b.piece) return { ...(t < 0.5 ? a : b), way };
  return {
    piece: a.piece,
    polar: polarBetween(a.polar, b.polar, t),
    point: add(a.point, scale(sub(b.point, a.point), t)),
    way,
  };
}
