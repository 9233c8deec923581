import {
  coordAt,
  frontAngle,
  lies,
  pointOf,
  polarOf,
  postName,
  senseOf,
  type Directions,
  type HoleName,
  type Polar,
} from '../address';
import { add, dot, scale, sub, type PartForm, type Vec3 } from '../form';
import type { EyesAt } from './eyes';
import { directionsOfHead, type Head } from './head';
import type { NoseAt } from './nose';

/** What ends of thread can hang on, on one head: its eyes and its nose as they are now. */
export interface FaceMarks {
  eyes: EyesAt | null;
  nose: NoseAt | null;
  /** which way a part that lies has up in the toy, an angle in the working direction; where it is not said, as it stands alone */
  upRad?: number | null;
}

/** Where a needle goes in. */
export interface ThreadPlace {
  /** index of the round, and the coordinate in stitches from its start, a multiple of a half */
  round: number;
  coord: number;
  polar: Polar;
  point: Vec3;
  name: HoleName;
  /** a hole between stitches, where a knot slips through, or the fibres of a stitch */
  in: 'hole' | 'fibres';
}

export const half = (x: number): number => Math.round(2 * x) / 2;

/** A head as embroidery sees it: its directions and which way its numbers run. */
export interface Canvas {
  head: Head;
  form: PartForm;
  own: Directions;
  faceRad: number;
  marks: FaceMarks;
}

/** The face looks the way its eyes do; without eyes opposite the marker where the part ends, and on a part that lies as it is turned in the toy. */
export function canvasOf(head: Head, marks: FaceMarks): Canvas {
  const { form } = head;
  const { eyes } = marks;
  const faceRad = eyes
    ? polarOf(form, eyes.round, eyes.centre, eyes.at).angleRad
    : (marks.upRad ?? frontAngle(form, form.fabric.rounds.length - 1));
  return { head, form, own: directionsOfHead(head, faceRad), faceRad, marks };
}

/** A place of the ring model from a round's coordinate; rows in halves. Null where there is no such round. */
export function placeAt({ form }: Canvas, row: number, coord: number): ThreadPlace | null {
  const round = Math.floor(row);
  if (round < 0 || round >= form.fabric.rounds.length) return null;
  const middle = row !== round;
  const polar = polarOf(form, round, coord, middle ? 'middle' : 'hole');
  const between = coord === Math.round(coord);
  const name = postName(form, round, coord, between ? 'hole' : 'middle');
  const at = name.round[1];
  return {
    round,
    coord,
    polar,
    point: pointOf(form, polar),
    name: { ...name, round: middle ? [at, at] : [at - 1, at] },
    in: between && !middle ? 'hole' : 'fibres',
  };
}

/** The row of a place in halves, without what its spiral climbs. */
export const rowOfPlace = ({ round, name }: ThreadPlace): number =>
  round + (name.round[0] === name.round[1] ? 0.5 : 0);

/** Length along the profile from the ring to each ring, mm. */
function arcs({ r, z }: PartForm): Float64Array {
  const s = new Float64Array(r.length);
  for (let i = 1; i < r.length; i++) s[i] = s[i - 1] + Math.hypot(r[i] - r[i - 1], z[i] - z[i - 1]);
  return s;
}

const rowAtArc = (s: Float64Array, mm: number): number => {
  let i = 1;
  while (i < s.length - 1 && s[i] < mm) i++;
  return i - 1 + (mm - s[i - 1]) / Math.max(s[i] - s[i - 1], 1e-9);
};
const arcAtRow = (s: Float64Array, row: number): number => {
  const i = Math.max(0, Math.min(s.length - 2, Math.floor(row)));
  return s[i] + (row - i) * (s[i + 1] - s[i]);
};

/** So many stitches to the toy's left and rounds down from a place; null where there is no such round. */
export function beside(canvas: Canvas, from: Polar | 'ring', left: number, down: number): ThreadPlace | null {
  const { form, own } = canvas;
  if (lies(own)) return besideOnRing(canvas, from, left, down);
  if (from === 'ring') return null;
  const { roundsUp, growsLeft } = senseOf(form, own);
  // A row of the spiral climbs as it goes round: the round that it is of counts.
  const row = half(from.row - roundsUp * down);
  const round = Math.floor(row);
  if (round < 0 || round >= form.fabric.rounds.length) return null;
  const straight = half(coordAt(form, round, from.angleRad, row === round ? 'hole' : 'middle'));
  return placeAt(canvas, row, straight + growsLeft * left);
}

/** A place of a part that lies, spread out about its ring: mm over the fabric, in the directions of the part. */
function spread(form: PartForm, s: Float64Array, from: Polar | 'ring'): Vec3 {
  if (from === 'ring') return [0, 0, 0];
  const theta = form.direction * from.angleRad;
  return scale([Math.cos(theta), Math.sin(theta), 0], arcAtRow(s, from.row));
}

/** The same on a part that lies: its ring looks forward or back, and down and to the side are measured over the fabric from there. */
function besideOnRing(canvas: Canvas, from: Polar | 'ring', left: number, down: number): ThreadPlace | null {
  const { form, own } = canvas;
  const { gauge } = form;
  const s = arcs(form);
  const at = spread(form, s, from);
  const to = add(add(at, scale(own.left, left * gauge.stitchMm)), scale(own.up, -down * gauge.roundMm));
  const far = Math.hypot(to[0], to[1]);
  if (far > s[s.length - 1]) return null;
  const angleRad = far < 1e-6 ? canvas.faceRad : form.direction * Math.atan2(to[1], to[0]);
  const row = Math.min(form.fabric.rounds.length - 0.5, half(rowAtArc(s, far)));
  const round = Math.floor(row);
  return placeAt(canvas, row, half(coordAt(form, round, angleRad, row === round ? 'hole' : 'middle')));
}

/** So many stitches to the toy's left and rounds down from what an end hangs on to a place, not rounded. */
export function offsetTo(canvas: Canvas, anchor: Polar | 'ring', to: Polar): { left: number; down: number } {
  const { form, own } = canvas;
  if (lies(own) || anchor === 'ring') {
    const s = arcs(form);
    const way = sub(spread(form, s, to), spread(form, s, anchor));
    return { left: dot(way, own.left) / form.gauge.stitchMm, down: -dot(way, own.up) / form.gauge.roundMm };
  }
  const { roundsUp, growsLeft } = senseOf(form, own);
  const round = Math.max(0, Math.min(form.fabric.rounds.length - 1, Math.floor(to.row)));
  const { count } = form.fabric.rounds[round];
  const [a, b] = [anchor.angleRad, to.angleRad].map((rad) => coordAt(form, round, rad, 'hole'));
  const on = b - a - Math.round((b - a) / count) * count;
  return { left: growsLeft * on, down: roundsUp * (anchor.row - to.row) };
}
