import { polarOf } from '../address';
import { add, cross, distance, dot, ringPoint, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { edgeRange, edgeRound, runsRound, wholeCount, type Edge } from './edge';
import { ownDirections, type Piece } from './piece';

/** One stitch of an edge: its number in its round, and how far along the edge it stands, 0 to 1. */
export interface EdgeStitch {
  number: number;
  along: number;
}

/** An edge as it lies on its own piece, mm, in the piece's frame. */
export interface EdgeLine {
  /** it closes on itself */
  closed: boolean;
  /** points at equal steps from its beginning to its end, in the order it is worked; a closed one does not repeat its first */
  points: readonly Vec3[];
  /** the stitches that are sewn, in the order they are worked */
  stitches: readonly EdgeStitch[];
  centre: Vec3;
  /** unit vectors: past the edge out of the piece, the way it is wide when it lies flat, and across both */
  out: Vec3;
  wide: Vec3;
  thin: Vec3;
  /** how many stitches the whole edge has, sewn or not, and as long as they are, mm */
  count: number;
  lengthMm: number;
  /** from its middle to its furthest point, mm */
  radiusMm: number;
}

/** Points of an edge that runs round, and of one that has two ends. */
const SAMPLES = { round: 48, line: 17 };

/** The line of an edge of a piece; null when the piece has no such edge. */
export function edgeLine(piece: Piece, edge: Edge): EdgeLine | null {
  const form = edge.which === 'layer' ? piece.form.layers[edge.nth - 1] : piece.form;
  if (!form || !edgeRound(piece.form, edge)) return null;
  const points = runsRound(piece.form, edge) ? ringPoints(form, edge) : linePoints(form, edge);
  const closed = runsRound(piece.form, edge);
  const out = outOf(form, edge);
  const centre = scale(points.reduce(add, [0, 0, 0]), 1 / points.length);
  const own = closed ? ownDirections(piece).left : sub(points.at(-1)!, points[0]);
  const wide = unit(sub(own, scale(out, dot(own, out))), unit(cross(out, [0, 1, 0]), [1, 0, 0]));
  return {
    closed,
    points,
    stitches: stitchesAlong(form, edge, piece.form),
    centre,
    out,
    wide,
    thin: cross(out, wide),
    count: wholeCount(piece.form, edge),
    lengthMm: wholeCount(piece.form, edge) * form.gauge.stitchMm,
    radiusMm: Math.max(...points.map((p) => distance(p, centre))),
  };
}

/** The ring of an edge: of a closed end the last one that has stitches. */
function ringIndex(form: PartForm, { which }: Edge): number {
  if (which !== 'first') return Math.min(form.fabric.rounds.length, form.r.length - 1);
  return form.r[0] > 0 || form.straight[0] > 0 ? 0 : 1;
}

function ringPoints(form: PartForm, edge: Edge): Vec3[] {
  const ring = ringIndex(form, edge);
  return Array.from({ length: SAMPLES.round }, (_, k) =>
    ringPoint(form, ring, (2 * Math.PI * k) / SAMPLES.round),
  );
}

function linePoints(form: PartForm, edge: Edge): Vec3[] {
  const last = form.r.length - 1;
  const at = (t: number): Vec3 => {
    if (edge.which === 'side') {
      const row = t * last;
      const i = Math.min(last - 1, Math.floor(row));
      const [a, b] = [i, i + 1].map((ring) => ringPoint(form, ring, edge.nth === 1 ? 0 : END_RAD));
      return add(a, scale(sub(b, a), row - i));
    }
    if (edge.which === 'fold') {
      const [c, s] = [Math.cos(form.longRad), form.direction * Math.sin(form.longRad)];
      const along = (t - 0.5) * form.widthMm;
      return [c * along, s * along, 0];
    }
    if (edge.which === 'chain end') {
      const [x, y, z] = ringPoint(form, last, 0);
      return [x + (t - 0.5) * form.gauge.stitchMm, y, z];
    }
    return ringPoint(form, edge.which === 'first' ? 0 : last, t * END_RAD);
  };
  return Array.from({ length: SAMPLES.line }, (_, k) => at(k / (SAMPLES.line - 1)));
}

/** The angle at which a row of a flat piece ends, just before it would begin again. */
const END_RAD = 2 * Math.PI - 1e-9;

/** Past the edge, out of the piece. */
function outOf(form: PartForm, edge: Edge): Vec3 {
  if (edge.which === 'side') {
    const [x] = ringPoint(form, 0, edge.nth === 1 ? 0 : END_RAD);
    return [Math.sign(x) || 1, 0, 0];
  }
  const sign = edge.which === 'first' || edge.which === 'fold' ? -1 : 1;
  if (!form.axis) return [0, 0, sign];
  const k = 9 * Math.min(ringIndex(form, edge), form.axis.rotation.length / 9 - 1);
  const { rotation: m } = form.axis;
  return [sign * m[k + 2], sign * m[k + 5], sign * m[k + 8]];
}

function stitchesAlong(form: PartForm, edge: Edge, whole: PartForm): EdgeStitch[] {
  const { from, to } = edgeRange(whole, edge);
  const count = wholeCount(whole, edge);
  const { rounds } = form.fabric;
  const round = edge.which === 'first' ? 0 : rounds.length - 1;
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, k) => {
    const number = from + k;
    if (!runsRound(whole, edge) && edge.which !== 'last' && edge.which !== 'first')
      return { number, along: (number - 0.5) / count };
    const turns = polarOf(form, round, number - 0.5, 'middle').angleRad / (2 * Math.PI);
    return { number, along: turns - Math.floor(turns) };
  });
}
