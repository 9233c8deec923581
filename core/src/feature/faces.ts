import { angleFromAbove, centreCoord, courseOf, middleOf, pointOf, polarOf, reachAlong } from '../address';
import type { Fabric } from '../fabric';
import { FACE_ADVICE, FACE_STEPS } from '../figures';
import { distance, dot, sub, type Vec3 } from '../form';
import { lineOf } from './advice';
import { resolveEyes, type EyesAt } from './eyes';
import type { EyePair } from './feature';
import { directionsOfHead, faceDirection, type Head } from './head';
import { reachOf } from './moves';
import { refusalOf } from './refusal';

export type FaceName = 'as it is' | 'higher' | 'lower' | 'wider' | 'closer' | 'lower and wider';

/** A face to choose from: a real pair of places on this head. */
export interface FaceChoice {
  name: FaceName;
  eyes: EyePair;
  at: EyesAt;
  /** eye line, 0 to 1 from the lowest point */
  line: number;
}

/**
 * The face as it is and a few beside it, each a real pair of places: a step higher or lower at the same angle, wider or closer on the same line, and both. Faces
 * that this head cannot have, or that would be the same places again, are left out.
 */
export function facesOf(head: Head, eyes: EyePair): FaceChoice[] {
  const now = resolveEyes(head, eyes);
  if (now.state === 'homeless') return [];
  const line = lineOf(head, eyes, now);
  const angle = now.spacing.angleDeg;
  const { line: step, angleRatio } = FACE_STEPS;
  const wanted: [FaceName, number, number][] = [
    ['higher', line + step, angle],
    ['lower', line - step, angle],
    ['closer', line, angle / angleRatio],
    ['wider', line, angle * angleRatio],
    ['lower and wider', line - step, angle * angleRatio],
  ];
  const seen = new Set([placesOf(now)]);
  const found: FaceChoice[] = [{ name: 'as it is', eyes, at: now, line }];
  for (const [name, toLine, toAngle] of wanted) {
    const next = pairFor(head, eyes, toLine, toAngle, now.round);
    const at = next && resolveEyes(head, next);
    if (!next || !at || at.state === 'homeless' || seen.has(placesOf(at)) || refusalOf(head, next, at))
      continue;
    seen.add(placesOf(at));
    found.push({ name, eyes: next, at, line: lineOf(head, next, at) });
  }
  return found;
}

const placesOf = (at: EyesAt): string => JSON.stringify([at.rounds, at.coords]);

/** How far off a face is, in what the advice spans. */
function inSpans(off: { line: number; deg: number }): number {
  const { lineFromLowest, angleDeg } = FACE_ADVICE;
  return Math.hypot(
    off.line / (lineFromLowest.high - lineFromLowest.low),
    off.deg / (angleDeg.high - angleDeg.low),
  );
}

/** The pair on another round, both eyes linked. */
const onRound = (eyes: EyePair, fabric: Fabric, round: number): EyePair => ({
  ...eyes,
  pair: {
    ...eyes.pair,
    course: courseOf(fabric, round),
    linked: true,
    offset: { left: [0, 0], right: [0, 0] },
  },
});

/** The linked pair whose line and angle come nearest to what is wanted. Lines and angles are compared as shares of what the advice spans. */
export function pairFor(
  head: Head,
  eyes: EyePair,
  line: number,
  angleDeg: number,
  near: number,
): EyePair | null {
  const { form } = head;
  const { at, centre } = eyes.pair;
  let best: EyePair | null = null;
  let least = Infinity;
  const middle = middleOf(form, head.rounds);
  let reach: { up: Vec3; low: number; high: number } | null = null;
  const { from, to } = head.rounds;
  const end = Math.min(to, form.fabric.rounds.length - (form.closed ? 2 : 1));
  for (let round = Math.max(1, from); round <= end; round++) {
    const base = onRound(eyes, form.fabric, round);
    const { least: few, most } = reachOf(head, base);
    const angle = faceDirection(head, centre.by, round, eyes.washerMm);
    const own = directionsOfHead(head, angle);
    // Up is the same for every round of a head that stands on its axis.
    if (!reach || distance(reach.up, own.up) > 1e-9)
      reach = { up: own.up, ...reachAlong(form, own.up, head.rounds) };
    const { low, high } = reach;
    for (let between = few; between <= most; between++) {
      const coord = centreCoord(form, round, angle, between, at);
      const points = [coord - between / 2, coord + between / 2].map((c) =>
        pointOf(form, polarOf(form, round, c, at)),
      ) as [Vec3, Vec3];
      // A face is on the front half of its head.
      if (points.some((p) => dot(sub(p, middle), own.front) < 0)) continue;
      const height = (dot(points[0], own.up) + dot(points[1], own.up)) / 2;
      const share = high > low ? (height - low) / (high - low) : 0;
      const off = { line: share - line, deg: angleFromAbove(form, own, points, head.rounds) - angleDeg };
      const miss = inSpans(off) + 1e-3 * Math.abs(round - near);
      if (miss >= least) continue;
      least = miss;
      best = {
        ...base,
        pair: {
          ...base.pair,
          between,
          centre: { coord, of: form.fabric.rounds[round].count, by: centre.by },
        },
      };
    }
  }
  return best;
}
