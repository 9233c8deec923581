import { cross, dot, scale, sub, unit, type PartForm, type Vec3 } from '../form';
import { pointOf, polarOf, type Polar } from './position';

/** What a part's ring is on the toy; up, front, left and level follow from it (decision 8). */
export type RingIs = 'crown' | 'chin' | 'nose' | 'sole' | 'back' | 'tip' | 'mouth';

/** A part's own directions as unit vectors in its frame. Left is the toy's own. */
export interface Directions {
  up: Vec3;
  front: Vec3;
  left: Vec3;
}

/** What decides where a part's face looks: away from the marker as it stands at a pause, over the middle of a colour patch, or over one stitch. */
export type FaceBy =
  | { by: 'marker'; /** index of the round after which the pause is */ pause: number }
  | { by: 'patch'; colour: string }
  | { by: 'stitch'; round: number; index: number };

/**
 * The direction of the face: opposite the marker as it stands at the pause after round `pause` (an index), as an angle
 * in the working direction (decision 24).
 */
export function frontAngle(form: PartForm, pause: number): number {
  return form.phase[pause] + Math.PI;
}

/** The angle of the face in the working direction; `null` when there is no such patch or stitch. */
export function faceAngle(form: PartForm, face: FaceBy): number | null {
  switch (face.by) {
    case 'marker':
      return form.fabric.rounds[face.pause] ? frontAngle(form, face.pause) : null;
    case 'stitch': {
      const round = form.fabric.rounds[face.round];
      return round && face.index >= 1 && face.index <= round.count
        ? polarOf(form, face.round, face.index - 0.5, 'middle').angleRad
        : null;
    }
    case 'patch':
      return patchAngle(form, face.colour);
  }
}

/** The middle of all stitches of a colour as seen from the axis; `null` when there are none, or they go evenly round. */
function patchAngle(form: PartForm, colour: string): number | null {
  const slot = form.fabric.colours.indexOf(colour);
  let [x, y, n] = [0, 0, 0];
  form.fabric.rounds.forEach((round, i) => {
    for (let j = 0; j < round.count; j++) {
      if (form.fabric.colour[round.from + j] !== slot) continue;
      const { angleRad } = polarOf(form, i, j + 0.5, 'middle');
      x += Math.cos(angleRad);
      y += Math.sin(angleRad);
      n++;
    }
  });
  return slot >= 0 && n > 0 && Math.hypot(x, y) > 0.02 * n ? Math.atan2(y, x) : null;
}

/** A part's own up, front and left, from what its ring is and where its face looks (an angle in the working direction). */
export function directionsOf(
  form: Pick<PartForm, 'direction'>,
  ringIs: RingIs,
  frontRad: number,
): Directions {
  const theta = form.direction * frontRad;
  const face: Vec3 = [Math.cos(theta), Math.sin(theta), 0];
  const of = (up: Vec3, front: Vec3): Directions => ({ up, front, left: cross(up, front) });
  switch (ringIs) {
    case 'crown':
      return of([0, 0, -1], face);
    case 'chin':
    case 'sole':
      return of([0, 0, 1], face);
    case 'nose':
    case 'mouth':
    case 'tip':
      // The round start goes underneath: up is opposite the marker, as the face is elsewhere.
      return of(face, [0, 0, -1]);
    case 'back':
      return of(face, [0, 0, 1]);
  }
}

/** Rounds of a part, indices, both among them: a head on a part that is also a body. */
export interface RoundSpan {
  from: number;
  to: number;
}

/** The rings of some rounds: from the one that the first is worked on to the last's own; those of the whole part where nothing is said. */
const ringsOf = (form: PartForm, rounds?: RoundSpan): RoundSpan => {
  const last = form.r.length - 1;
  const whole = !rounds || (rounds.from === 0 && rounds.to >= form.fabric.rounds.length - 1);
  return whole ? { from: 0, to: last } : { from: rounds.from, to: Math.min(last, rounds.to + 1) };
};

/** The middle of a part or of some rounds of it: half way along the axis. mm */
export function middleOf(form: PartForm, rounds?: RoundSpan): Vec3 {
  const { from, to } = ringsOf(form, rounds);
  if (to < 0) return [0, 0, 0];
  const z = form.z.slice(from, to + 1);
  if (!form.axis) return [0, 0, (Math.min(...z) + Math.max(...z)) / 2];
  const c = form.axis.centre;
  const k = 3 * Math.round((from + to) / 2);
  return [c[k], c[k + 1], c[k + 2]];
}

const AROUND = 72;

/** The lowest and the highest point of a form, or of some rounds of it, along a direction, mm. */
export function reachAlong(form: PartForm, way: Vec3, rounds?: RoundSpan): { low: number; high: number } {
  const { from, to } = ringsOf(form, rounds);
  let low = Infinity;
  let high = -Infinity;
  for (let i = from; i <= to; i++)
    for (let k = 0; k < AROUND; k++) {
      const at = dot(pointOf(form, { angleRad: (2 * Math.PI * k) / AROUND, row: i }), way);
      low = Math.min(low, at);
      high = Math.max(high, at);
    }
  return { low, high };
}

/** How high a place lies in the part's pose: 0 at the lowest point of the part or of some rounds of it, 1 at the highest. */
export function heightFraction(form: PartForm, { up }: Directions, polar: Polar, rounds?: RoundSpan): number {
  const { low, high } = reachAlong(form, up, rounds);
  return high > low ? (dot(pointOf(form, polar), up) - low) / (high - low) : 0;
}

/** How much higher place a lies than place b in the part's pose, mm; 0 is level. */
export function levelDifference(form: PartForm, { up }: Directions, a: Polar, b: Polar): number {
  return dot(sub(pointOf(form, a), pointOf(form, b)), up);
}

/** The angle between two points as seen from above, about the upright line through the middle of the part or of some rounds of it, degrees. */
export function angleFromAbove(
  form: PartForm,
  { left, front }: Directions,
  [p, q]: readonly [Vec3, Vec3],
  rounds?: RoundSpan,
): number {
  const c = middleOf(form, rounds);
  const [a, b] = [p, q].map((x) => Math.atan2(dot(sub(x, c), left), dot(sub(x, c), front)));
  const turn = Math.abs(a - b);
  return (Math.min(turn, 2 * Math.PI - turn) * 180) / Math.PI;
}

/** A point in the mirror of the face plane: the plane through the part's middle, up and front. */
export function mirrorPoint(form: PartForm, { left }: Directions, p: Vec3): Vec3 {
  return sub(p, scale(left, 2 * dot(sub(p, middleOf(form)), left)));
}

/** A point turned half about the upright line through the part's middle. */
export function oppositePoint(form: PartForm, { up }: Directions, p: Vec3): Vec3 {
  const c = middleOf(form);
  const out = sub(p, c);
  const along = scale(up, dot(out, up));
  return [c[0] + 2 * along[0] - out[0], c[1] + 2 * along[1] - out[1], c[2] + 2 * along[2] - out[2]];
}

/** The direction across a place that lies level and out of the fabric: what its upright plane holds beside up. `fallback` where the fabric lies level. */
export function levelOut(normal: Vec3, up: Vec3, fallback: Vec3): Vec3 {
  const flat = sub(normal, scale(up, dot(normal, up)));
  return Math.hypot(...flat) > 1e-3 ? unit(flat) : fallback;
}
