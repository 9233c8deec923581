import { heightFraction, mirrorPoint, pointOf } from '../address';
import { FACE_ADVICE } from '../figures';
import { distance, type PartForm } from '../form';
import type { EyesAt } from './eyes';
import type { EyePair } from './feature';
import {
  besideFace,
  directionsOfHead,
  faceDirection,
  headWidthMm,
  isOfHead,
  type Head,
  type Thing,
} from './head';
import { roomOf } from './moves';
import { parentsOf, stitchesAt } from './retention';

/** Something worth a look about a pair, with the number that says so. Advice, never a rule; wording is `words/face.ts`. */
export type Advice =
  | { about: 'size'; verdict: 'small' | 'large'; percent: number; lowMm: number; highMm: number }
  | { about: 'angle'; verdict: 'close' | 'wide'; deg: number; low: number; high: number }
  | { about: 'line'; verdict: 'low' | 'high'; percent: number; low: number; high: number }
  | { about: 'colour step' | 'increase' | 'decrease'; post: 0 | 1 }
  | { about: 'off the head' }
  | { about: 'washers close'; gapMm: number }
  | { about: 'fill'; proudMm: number }
  | { about: 'turned'; stitches: number; from: 'marker' | 'patch' | 'part' }
  | { about: 'covers'; post: 0 | 1; thing: Thing; overlapMm: number };

/** All advice on a pair, most important first; an empty list where there is nothing to say. */
export function adviceOn(head: Head, eyes: EyePair, at: EyesAt): Advice[] {
  return [
    ...covered(head, eyes, at),
    ...ofTheFabric(head, at),
    ...ofTheWashers(head, eyes, at),
    ...ofTheFace(head, eyes, at),
  ];
}

function ofTheFace(head: Head, eyes: EyePair, at: EyesAt): Advice[] {
  const found: Advice[] = [];
  const by = eyes.pair.centre.by;
  const off = besideFace(head, by, at.round, at.centre, eyes.washerMm, at.at);
  if (Math.abs(off) > 1)
    found.push({
      about: 'turned',
      stitches: Math.abs(off),
      from: typeof by === 'string' ? 'marker' : 'patch' in by ? 'patch' : 'part',
    });
  // What stands on the body of a one-piece toy is measured against no face.
  if (!isOfHead(head, at.round)) return [...found, { about: 'off the head' }];
  const { low, high } = FACE_ADVICE.eyePerWidth;
  const widthMm = headWidthMm(head);
  // Judged as it is printed: what reads as the limit itself is within it.
  const percent = Math.round((100 * eyes.eyeMm) / Math.max(widthMm, 1));
  if (percent < 100 * low || percent > 100 * high)
    found.push({
      about: 'size',
      verdict: percent < 100 * low ? 'small' : 'large',
      percent,
      lowMm: low * widthMm,
      highMm: high * widthMm,
    });
  const deg = Math.round(at.spacing.angleDeg);
  const angle = FACE_ADVICE.angleDeg;
  // Heads begun at the nose, and eyes at the sides, are other animals than the advice is for.
  const usualFace = eyes.look === 'front' && !['nose', 'mouth', 'tip'].includes(head.ringIs);
  if (usualFace && (deg < angle.low || deg > angle.high))
    found.push({ about: 'angle', verdict: deg < angle.low ? 'close' : 'wide', deg, ...angle });
  const line = Math.round(100 * lineOf(head, eyes, at));
  const wanted = {
    low: Math.round(100 * FACE_ADVICE.lineFromLowest.low),
    high: Math.round(100 * FACE_ADVICE.lineFromLowest.high),
  };
  if (usualFace && (line < wanted.low || line > wanted.high))
    found.push({ about: 'line', verdict: line < wanted.low ? 'low' : 'high', percent: line, ...wanted });
  return found;
}

/** How high the eye line lies, 0 at the lowest point of the head in its pose, 1 at the highest: the mean of both posts. */
export function lineOf(head: Head, eyes: EyePair, at: EyesAt): number {
  const own = directionsOfHead(head, faceDirection(head, eyes.pair.centre.by, at.round, eyes.washerMm));
  const [a, b] = at.polar.map((p) => heightFraction(head.form, own, p, head.rounds));
  return (a + b) / 2;
}

function ofTheWashers({ form }: Head, eyes: EyePair, at: EyesAt): Advice[] {
  if (eyes.making === 'embroidered') return [];
  const found: Advice[] = [];
  const gapMm = at.spacing.straightMm.low - eyes.washerMm;
  if (gapMm < FACE_ADVICE.washersApartMm && at.spacing.straightMm.value >= roomOf(eyes))
    found.push({ about: 'washers close', gapMm: at.spacing.straightMm.value - eyes.washerMm });
  const radius = form.rounds[at.round].radiusMm;
  const half = Math.min(eyes.washerMm / 2, radius);
  const proudMm = radius - Math.sqrt(radius * radius - half * half);
  if (proudMm > FACE_ADVICE.washerProudMm) found.push({ about: 'fill', proudMm });
  return found;
}

function ofTheFabric({ form }: Head, at: EyesAt): Advice[] {
  return ([0, 1] as const).flatMap((post): Advice[] => {
    const sign = signAt(form, at, post);
    return sign ? [{ about: sign, post }] : [];
  });
}

/** What makes a post's place another one than its neighbours: a colour step, both stitches of an increase, or a decrease. */
function signAt(
  { fabric }: PartForm,
  at: EyesAt,
  post: 0 | 1,
): 'colour step' | 'increase' | 'decrease' | null {
  const beside = stitchesAt(fabric, { round: at.rounds[post], coord: at.coords[post], at: at.at });
  const below = at.rounds[post] > 0 ? beside.flatMap((s) => parentsOf(fabric, s)) : [];
  if (new Set([...beside, ...below].map((s) => fabric.colour[s])).size > 1) return 'colour step';
  const [a, b] = beside;
  if (b !== undefined && parentsOf(fabric, a).some((p) => parentsOf(fabric, b).includes(p)))
    return 'increase';
  return beside.some((s) => fabric.parentTo[s] - fabric.parentFrom[s] > 1) ? 'decrease' : null;
}

/** What lies over or under an eye: its rim reaches over the edge of something else on the part. */
function covered(head: Head, eyes: EyePair, at: EyesAt): Advice[] {
  const { form, things } = head;
  const own = directionsOfHead(head, faceDirection(head, eyes.pair.centre.by, at.round, eyes.washerMm));
  return things.flatMap((thing) =>
    ([0, 1] as const).flatMap((post): Advice[] => {
      const point = pointOf(form, thing.polar);
      const apart = Math.min(
        ...[point, ...(thing.twin ? [mirrorPoint(form, own, point)] : [])].map((p) =>
          distance(at.points[post], p),
        ),
      );
      const overlapMm = eyes.eyeMm / 2 + thing.reachMm - apart;
      return overlapMm > 0.5
        ? [{ about: 'covers', post, thing, overlapMm: Math.min(overlapMm, eyes.eyeMm) }]
        : [];
    }),
  );
}
