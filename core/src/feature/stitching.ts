import {
  coordAt,
  lies,
  middleOf,
  mirrorPoint,
  onBody,
  pointOf,
  resolve,
  type Directions,
  type Polar,
} from '../address';
import { add, distance, dot, sub, type Vec3 } from '../form';
import { spotOf } from './onFace';
import type { EyesAt } from './eyes';
import {
  beside,
  canvasOf,
  half,
  offsetTo,
  placeAt,
  rowOfPlace,
  type Canvas,
  type FaceMarks,
  type ThreadPlace,
} from './faceCanvas';
import type { OnFace, ThreadEnd } from './feature';
import type { Head } from './head';

/** Why embroidery has no place now. */
export type StitchFault = 'no eyes' | 'no nose' | 'homeless';

/** One side of embroidery. */
export interface ThreadRun {
  side: 'own' | 'twin';
  places: readonly ThreadPlace[];
}

export type StitchState =
  { state: 'at'; runs: readonly ThreadRun[] } | { state: 'homeless'; why: StitchFault };

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

type Places = Pick<OnFace, 'ends' | 'twin'>;

/** Places of the other side. */
function twinOf(
  canvas: Canvas,
  { ends, twin }: Places,
  own: readonly (ThreadPlace | StitchFault)[],
): (ThreadPlace | StitchFault)[] {
  if (twin === 'none') return [];
  if (twin !== 'mirrored') return twin.map((end) => placeOf(canvas, end));
  return own.map((place, i) => (typeof place === 'string' ? place : mirroredPlace(canvas, ends[i], place)));
}

/** Places of what is on a face in the fabric as it is now: its own, and those of its other side. Never writes back. */
export function resolveStitching(head: Head, f: Places, marks: FaceMarks): StitchState {
  if (f.ends.length === 0) return { state: 'homeless', why: 'homeless' };
  const canvas = canvasOf(head, marks);
  const own = f.ends.map((end) => placeOf(canvas, end));
  const twin = twinOf(canvas, f, own);
  const fault = [...own, ...twin].find((p) => typeof p === 'string');
  if (fault) return { state: 'homeless', why: fault as StitchFault };
  const runs: ThreadRun[] = [{ side: 'own', places: own as ThreadPlace[] }];
  if (twin.length > 0) runs.push({ side: 'twin', places: twin as ThreadPlace[] });
  return { state: 'at', runs };
}

/** How much a mm that an end is moved counts against a mm that it is uneven. Judged: evenness is what one sees. */
const PER_MM_MOVED = 0.2;
const ABOUT = [0, -0.5, 0.5];

/**
 * What lies over the middle of the face made even: of two ends that are each other's mirror image both go to the
 * pair of half-places about them that is most so, and an end on the middle to the one nearest to it.
 */
export function evened<F extends OnFace>(head: Head, f: F, marks: FaceMarks): F {
  const canvas = canvasOf(head, marks);
  const ends = [...f.ends];
  const alike = (a: ThreadEnd, b: ThreadEnd) =>
    a.from === b.from && a.across === b.across && a.down === b.down;
  f.ends.forEach((end, i) => {
    const twin = f.ends.findIndex((other, j) => j >= i && alike(other, mirroredEnd(end)));
    if (twin < 0) return;
    const start = placeOf(canvas, end);
    if (typeof start === 'string') return;
    let least = Infinity;
    for (const a of ABOUT)
      for (const d of ABOUT) {
        const tried = { ...end, across: end.across + a, down: end.down + d };
        const place = placeOf(canvas, tried);
        if (typeof place === 'string') continue;
        const other = twin === i ? place : mirroredPlace(canvas, tried, place);
        if (typeof other === 'string') continue;
        const image = mirrorPoint(canvas.form, canvas.own, place.point);
        const cost = distance(image, other.point) + PER_MM_MOVED * distance(place.point, start.point);
        if (cost >= least - 1e-9) continue;
        least = cost;
        ends[i] = tried;
        if (twin !== i) ends[twin] = endNear(canvas, mirroredEnd(tried), other.polar);
      }
  });
  return { ...f, ends };
}

/** The ends of the other side as places of their own, where they stand now: what they become when they are no longer mirrored. */
export function ownTwin(head: Head, f: Places, marks: FaceMarks): readonly ThreadEnd[] {
  const state = resolveStitching(head, f, marks);
  const canvas = canvasOf(head, marks);
  const run = state.state === 'at' ? state.runs.find((r) => r.side === 'twin') : undefined;
  return f.ends.map((end, i) => {
    const counted = mirroredEnd(end);
    const place = run?.places[i];
    return place ? endNear(canvas, counted, place.polar) : counted;
  });
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
  const { own, form } = canvasOf(head, marks);
  return dot(sub(point, middleOf(form, head.rounds)), own.left);
}

/** How far a place lies from the mirror image of another about the plane of the face, mm. */
export function mirrorMissMm(head: Head, marks: FaceMarks, a: Vec3, b: Vec3): number {
  const { own, form } = canvasOf(head, marks);
  return distance(mirrorPoint(form, own, a), b);
}

/** Up along the fabric, out of it and to the toy's left at a place, from the head's own directions. */
export const upOfFace = (head: Head, marks: FaceMarks): Directions => canvasOf(head, marks).own;
