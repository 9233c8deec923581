import { coordAt, pointOf, polarOf, postName, type HoleName } from '../address';
import { distance, dot, sub, type PartForm, type Vec3 } from '../form';
import type { EdgeLine } from './edgeLine';
import { candidatesFor, inOrder, middleOfPoints, nearestOn, type Candidate } from './order';
import { lengthOf, pointAlong, type Footprint, type Ground } from './footprint';

/** One stitch of a seam: which stitch of the edge (and which one under it, pressed flat) goes to which place of the host. */
export interface SeamStitch {
  /** number of the edge's stitch in its round, from 1 */
  edge: number;
  /** the stitch that lies on it in the second layer */
  under: number | null;
  /** place on the host: its round (an index), and how far along it, stitches from the round's start */
  round: number;
  coord: number;
  at: 'hole' | 'middle';
  name: HoleName;
  /** where the edge lies there, and the host's stitch: mm, host's frame */
  edgePoint: Vec3;
  hostPoint: Vec3;
}

/** What is sewn at one place of the edge before it has its stitch of the host. */
export interface Wanted {
  edge: number;
  under: number | null;
  point: Vec3;
}

/** A host has stitches enough for a seam where as many lie so near to its line, stitch widths. Source: the house's geometry, section 7. */
const SAME = 1.1;
/** A first stitch is looked for among the holes so near, stitch widths. */
const FIRST_NEAR = 1.7;
/** At most so many stitches of the edge share one of the host. Source: the house's geometry, section 7. */
const MOST_SHARING = 2;

/** The stitches of an edge in sewing order, each with its point on the host; pressed flat, two lie on one another. */
export function wantedStitches(line: EdgeLine, { points }: Footprint, flat: boolean): Wanted[] {
  const { stitches, closed, count } = line;
  const whole = lengthOf(points, closed);
  const upTo = partLengths(points, closed);
  const shareOf = (along: number): number => {
    const k = along * (closed ? points.length : points.length - 1);
    const i = Math.min(upTo.length - 2, Math.floor(k));
    return whole > 0 ? (upTo[i] + (k - i) * (upTo[i + 1] - upTo[i])) / whole : 0;
  };
  if (!flat || !closed) {
    const step = stitches.length > 1 && closed ? evenStep(stitches, count) : 0;
    const first = stitches.length > 0 ? shareOf(stitches[0].along) : 0;
    return stitches.map((s, k) => ({
      edge: s.number,
      under: null,
      point: pointAlong(points, closed, step !== 0 ? first + k * step : shareOf(s.along)),
    }));
  }
  return foldedStitches(line, points);
}

/** The same step from stitch to stitch all round, in the way they are worked; a share of the whole edge. */
function evenStep(stitches: EdgeLine['stitches'], count: number): number {
  const turn = stitches[1].along - stitches[0].along;
  return (Math.sign(turn - Math.round(turn)) || 1) / Math.max(1, count);
}

const partLengths = (points: readonly Vec3[], closed: boolean): number[] => {
  const sides = closed ? points.length : points.length - 1;
  const out = [0];
  for (let k = 0; k < sides; k++) out.push(out[k] + distance(points[k], points[(k + 1) % points.length]));
  return out;
};

/** Stitches pressed flat: the fold at one end, then pair by pair to the other; an odd one keeps its own place at the far fold. */
function foldedStitches(
  { stitches, points: own, centre, wide }: EdgeLine,
  points: readonly Vec3[],
): Wanted[] {
  const ends = own.map((p) => dot(sub(p, centre), wide));
  const start = ends.indexOf(Math.max(...ends)) / own.length;
  const from = stitches
    .map((s) => ({ number: s.number, turn: s.along - start - Math.floor(s.along - start) }))
    .sort((a, b) => a.turn - b.turn);
  const pairs = Math.ceil(from.length / 2);
  return Array.from({ length: pairs }, (_, k): Wanted => {
    const [upper, lower] = [from[k], from[from.length - 1 - k]];
    const at = (k + 0.5) / pairs / 2;
    const [a, b] = [pointAlong(points, true, start + at), pointAlong(points, true, start - at)];
    return {
      edge: upper.number,
      under: lower === upper ? null : lower.number,
      point: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2],
    };
  });
}

/** Stitches of the edge brought together where the host has fewer: groups of one or two, spread evenly. Source: the house's geometry, section 7. */
function grouped(wanted: readonly Wanted[], places: number): Wanted[][] {
  const groups = Math.max(Math.ceil(wanted.length / MOST_SHARING), Math.min(places, wanted.length));
  const out: Wanted[][] = Array.from({ length: groups }, () => []);
  wanted.forEach((w, k) => out[Math.floor((k * groups) / wanted.length)].push(w));
  return out;
}

const middle = (group: readonly Wanted[]): Vec3 => middleOfPoints(group.map((w) => w.point));

/** The seam of an edge on a host's surface: every stitch with its hole of the host, in sewing order. Empty when the host has too few holes there. */
export function surfaceSeam(
  host: PartForm,
  ground: Ground,
  wanted: readonly Wanted[],
  round: boolean,
  all: readonly Candidate[] = candidatesFor(host, ground, wanted, round),
  mostStarts = Infinity,
): SeamStitch[] {
  if (wanted.length === 0) return [];
  const w = host.gauge.stitchMm;
  const points = wanted.map((x) => x.point);
  const close = all.filter((c) => nearestOn(points, c.point, round).mm <= SAME * w).length;
  const along = Math.round((lengthOf(points, round) + (round ? 0 : w)) / w);
  const groups = close < wanted.length ? grouped(wanted, along) : wanted.map((x) => [x]);
  const chosen =
    inOrder(groups.map(middle), all, round, FIRST_NEAR * w, mostStarts) ??
    inOrder(groups.map(middle), all, round, 2 * FIRST_NEAR * w, mostStarts) ??
    inOrder(grouped(wanted, 0).map(middle), all, round, 2 * FIRST_NEAR * w, mostStarts);
  if (!chosen) return [];
  const sewn = chosen.length === groups.length ? groups : grouped(wanted, 0);
  return chosen.flatMap((c, k) =>
    sewn[k].map((x): SeamStitch => ({
      edge: x.edge,
      under: x.under,
      round: c.round,
      coord: c.index,
      at: 'hole',
      name: postName(host, c.round, c.index, 'hole'),
      edgePoint: x.point,
      hostPoint: c.point,
    })),
  );
}

/**
 * The seam of an edge to the stitches of one round of its host, its rim or the round round a closed end: stitch to stitch, and where one has
 * more, two of it share one of the other, as evenly as can be. It begins at the guest's first stitch. `ring` is where they are met. Of an edge that is not sewn as a `whole` each stitch goes to the one before it.
 */
export function roundSeam(
  host: PartForm,
  round: number,
  ring: number,
  wanted: readonly Wanted[],
  whole = true,
): SeamStitch[] {
  const { count } = host.fabric.rounds[round];
  const n = wanted.length;
  if (n === 0 || count === 0) return [];
  const coordFrom = (p: Vec3) => coordAt(host, round, host.direction * Math.atan2(p[1], p[0]), 'middle');
  const start = Math.floor(coordFrom(wanted[0].point));
  const by = n > 1 ? coordFrom(wanted[1].point) - coordFrom(wanted[0].point) : 1;
  const way = Math.sign(by - count * Math.round(by / count)) || 1;
  const pairs = whole ? Math.max(n, count) : n;
  return Array.from({ length: pairs }, (_, k): SeamStitch => {
    const x = wanted[Math.floor((k * n) / pairs)];
    const on = whole ? start + way * Math.floor((k * count) / pairs) : Math.floor(coordFrom(x.point));
    const j = ((on % count) + count) % count;
    const coord = j + 0.5;
    return {
      edge: x.edge,
      under: x.under,
      round,
      coord,
      at: 'middle',
      name: postName(host, round, coord, 'middle'),
      edgePoint: x.point,
      hostPoint: pointOf(host, { ...polarOf(host, round, coord, 'middle'), row: ring }),
    };
  });
}

/** How many stitches of a seam share their place with the one before. */
export const sharedIn = (seam: readonly SeamStitch[]): number =>
  seam.filter((s, k) => k > 0 && (same(s, seam[k - 1]) || s.edge === seam[k - 1].edge)).length;

const same = (a: SeamStitch, b: SeamStitch): boolean => a.round === b.round && a.coord === b.coord;

/** A seam begun at another stitch of its edge: it goes on from there all round. A stitch that is not sewn begins nothing. */
export function begunAt(seam: SeamStitch[], edge: number | null): SeamStitch[] {
  const at = edge === null ? 0 : seam.findIndex((s) => s.edge === edge || s.under === edge);
  return at <= 0 ? seam : [...seam.slice(at), ...seam.slice(0, at)];
}
