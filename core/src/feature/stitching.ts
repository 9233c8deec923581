import {
  coordAt,
  lies,
  mirrorPoint,
  onBody,
  pointOf,
  polarOf,
  postName,
  resolve,
  senseOf,
  type Directions,
  type HoleName,
  type Polar,
} from '../address';
import { distance, dot, scale, add, sub, type PartForm, type Vec3 } from '../form';
import { spotOf } from './embroidery';
import type { EyesAt } from './eyes';
import type { Embroidery, ThreadEnd } from './feature';
import { directionsOfHead, faceDirection, type Head } from './head';
import type { NoseAt } from './nose';

/** What ends of thread can hang on, on one head: its eyes and its nose as they are now. */
export interface FaceMarks {
  eyes: EyesAt | null;
  nose: NoseAt | null;
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

/** Why embroidery has no place now. */
export type StitchFault = 'no eyes' | 'no nose' | 'homeless';

/** One side of embroidery. */
export interface ThreadRun {
  side: 'own' | 'twin';
  places: readonly ThreadPlace[];
}

export type StitchState =
  { state: 'at'; runs: readonly ThreadRun[] } | { state: 'homeless'; why: StitchFault };

const half = (x: number): number => Math.round(2 * x) / 2;

/** A head as embroidery sees it: its directions and which way its numbers run. */
interface Canvas {
  head: Head;
  form: PartForm;
  own: Directions;
  faceRad: number;
  marks: FaceMarks;
}

function canvasOf(head: Head, marks: FaceMarks): Canvas {
  const { eyes } = marks;
  const middle = Math.round((head.rounds.from + head.rounds.to) / 2);
  const faceRad = eyes
    ? polarOf(head.form, eyes.round, eyes.centre, eyes.at).angleRad
    : faceDirection(head, 'marker', Math.max(1, middle), NO_WASHER);
  return { head, form: head.form, own: directionsOfHead(head, faceRad), faceRad, marks };
}
/** Thread asks for no washer: the pause that decides where the front is, is the last one. */
const NO_WASHER = 0;

/** A place of the ring model from a round's coordinate; rows in halves. Null where there is no such round. */
function placeAt({ form }: Canvas, row: number, coord: number): ThreadPlace | null {
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
const rowOfPlace = ({ round, name }: ThreadPlace): number =>
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
function beside(canvas: Canvas, from: Polar | 'ring', left: number, down: number): ThreadPlace | null {
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

/** Which of the two posts is the eye on a side of the toy. */
const postOf = ({ sides }: EyesAt, side: 'left' | 'right'): 0 | 1 => (sides[0] === side ? 0 : 1);

const rowOf = (round: number, at: 'hole' | 'middle'): number => round + (at === 'middle' ? 0.5 : 0);

/** The place that an end hangs on, or why there is none. */
function anchorOf(canvas: Canvas, end: ThreadEnd): Polar | 'ring' | StitchFault {
  const { form, head, faceRad, own, marks } = canvas;
  const { eyes, nose } = marks;
  const spot = spotOf(end);
  if (spot) {
    const found = onBody(resolve(form, spot));
    return found
      ? { angleRad: found.polar.angleRad, row: rowOf(found.round, found.at === 'middle' ? 'middle' : 'hole') }
      : 'homeless';
  }
  switch (end.from) {
    case 'left eye':
    case 'right eye': {
      if (!eyes) return 'no eyes';
      const k = postOf(eyes, end.from === 'left eye' ? 'left' : 'right');
      return { angleRad: eyes.polar[k].angleRad, row: rowOf(eyes.rounds[k], eyes.at) };
    }
    case 'nose':
      return nose ? { angleRad: nose.polar.angleRad, row: half(nose.polar.row) } : 'no nose';
    default: {
      if (eyes) return { angleRad: faceRad, row: rowOf(eyes.round, eyes.at) };
      if (lies(own)) return 'ring';
      return { angleRad: faceRad, row: Math.round((head.rounds.from + head.rounds.to) / 2) };
    }
  }
}

/** Stitches to the toy's own left for an end: outwards of the right eye is to the right. */
const toTheLeft = ({ from, across }: ThreadEnd): number => (from === 'right eye' ? -across : across);

function placeOf(canvas: Canvas, end: ThreadEnd): ThreadPlace | StitchFault {
  const anchor = anchorOf(canvas, end);
  if (anchor === 'no eyes' || anchor === 'no nose' || anchor === 'homeless') return anchor;
  return beside(canvas, anchor, toTheLeft(end), end.down) ?? 'homeless';
}

/** The end on the other side that hangs on the other eye, or lies as far to the other side of the face. */
export function mirroredEnd(end: ThreadEnd): ThreadEnd {
  if (end.from === 'left eye') return { ...end, from: 'right eye' };
  if (end.from === 'right eye') return { ...end, from: 'left eye' };
  return { ...end, across: -end.across };
}

/** The place nearest to the mirror image of one, among the halves about it: counting alone leaves the lean in (decision 24). Beside an eye the other eye is its mirror image, wherever that is. */
function mirroredPlace(canvas: Canvas, end: ThreadEnd, place: ThreadPlace): ThreadPlace | StitchFault {
  const { form, own, marks, faceRad } = canvas;
  const { eyes } = marks;
  const image = mirrorPoint(form, own, place.point);
  let target = image;
  if (eyes && (end.from === 'left eye' || end.from === 'right eye')) {
    const k = postOf(eyes, end.from === 'left eye' ? 'left' : 'right');
    target = add(image, sub(eyes.points[1 - k], mirrorPoint(form, own, eyes.points[k])));
  }
  const counted = placeOf(canvas, mirroredEnd(end));
  const angleRad = 2 * faceRad - place.polar.angleRad;
  const row = rowOfPlace(place);
  let best = typeof counted === 'string' ? null : counted;
  for (const by of [0, -0.5, 0.5, -1, 1]) {
    const round = Math.floor(row + by);
    if (round < 0 || round >= form.fabric.rounds.length) continue;
    const straight = half(coordAt(form, round, angleRad, row + by === round ? 'hole' : 'middle'));
    for (const step of [0, -0.5, 0.5, -1, 1]) {
      const tried = placeAt(canvas, row + by, straight + step);
      if (tried && (!best || distance(tried.point, target) < distance(best.point, target) - 1e-6))
        best = tried;
    }
  }
  return best ?? (typeof counted === 'string' ? counted : 'homeless');
}

/** Places of embroidery in the fabric as it is now: its own, and those of its other side. Never writes back. */
export function resolveStitching(head: Head, f: Embroidery, marks: FaceMarks): StitchState {
  if (f.ends.length === 0) return { state: 'homeless', why: 'homeless' };
  const canvas = canvasOf(head, marks);
  const own = f.ends.map((end) => placeOf(canvas, end));
  const twin =
    f.twin === 'none'
      ? []
      : f.twin === 'mirrored'
        ? own.map((place, i) => (typeof place === 'string' ? place : mirroredPlace(canvas, f.ends[i], place)))
        : f.twin.map((end) => placeOf(canvas, end));
  const fault = [...own, ...twin].find((p) => typeof p === 'string');
  if (fault) return { state: 'homeless', why: fault as StitchFault };
  const runs: ThreadRun[] = [{ side: 'own', places: own as ThreadPlace[] }];
  if (twin.length > 0) runs.push({ side: 'twin', places: twin as ThreadPlace[] });
  return { state: 'at', runs };
}

/** The ends of the other side as places of their own, where they stand now: what they become when they are no longer mirrored. */
export function ownTwin(head: Head, f: Embroidery, marks: FaceMarks): readonly ThreadEnd[] {
  const state = resolveStitching(head, f, marks);
  const canvas = canvasOf(head, marks);
  const run = state.state === 'at' ? state.runs.find((r) => r.side === 'twin') : undefined;
  return f.ends.map((end, i) => {
    const counted = mirroredEnd(end);
    const place = run?.places[i];
    return place ? endNear(canvas, counted, place.polar) : counted;
  });
}

/** So many stitches to the toy's left and rounds down from what an end hangs on to a place, not rounded. */
function offsetTo(canvas: Canvas, anchor: Polar | 'ring', to: Polar): { left: number; down: number } {
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

/** The end, hanging on the same thing, whose place is nearest to a place. */
function endNear(canvas: Canvas, like: ThreadEnd, to: Polar): ThreadEnd {
  const anchor = anchorOf(canvas, like);
  if (anchor === 'no eyes' || anchor === 'no nose' || anchor === 'homeless') return like;
  const { left, down } = offsetTo(canvas, anchor, to);
  const guess = { ...like, across: half(like.from === 'right eye' ? -left : left), down: half(down) };
  const target = pointOf(canvas.form, to);
  let best = guess;
  let least = Infinity;
  for (const a of [0, -0.5, 0.5, -1, 1])
    for (const d of [0, -0.5, 0.5, -1, 1]) {
      const tried = { ...guess, across: guess.across + a, down: guess.down + d };
      const place = placeOf(canvas, tried);
      const off = typeof place === 'string' ? Infinity : distance(place.point, target);
      if (off < least - 1e-9) [best, least] = [tried, off];
    }
  return best;
}

/** An end moved to a place of the head, hanging on what it hung on. */
export const movedEnd = (head: Head, marks: FaceMarks, end: ThreadEnd, polar: Polar): ThreadEnd =>
  endNear(canvasOf(head, marks), end, polar);

/** How far a place lies to the toy's left of the face's middle, mm. */
export function leftOfFace(head: Head, marks: FaceMarks, point: Vec3): number {
  const { own } = canvasOf(head, marks);
  return dot(point, own.left);
}

/** Up along the fabric, out of it and to the toy's left at a place, from the head's own directions. */
export const upOfFace = (head: Head, marks: FaceMarks): Directions => canvasOf(head, marks).own;
