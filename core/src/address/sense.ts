import type { PartForm } from '../form';
import { directionsOf, type Directions, type RingIs } from './pose';

/** How a part's own up and left run to the way it is worked, at its face. */
export interface Sense {
  /** +1: a later round lies higher; -1: lower */
  roundsUp: 1 | -1;
  /** +1: stitch numbers grow to the toy's own left, which is right as one looks at its face; -1: to its right */
  growsLeft: 1 | -1;
}

/** Whether the part lies: its axis points forward or back, not up. */
export const lies = (own: Directions): boolean => Math.abs(own.up[2]) < 0.5;

/** Whether numbers grow to the right as one looks at a part from outside, +1, or to the left, -1: to the right with the ring end up for right-handed work right side out, and mirrored by each other. Source: decision 16. */
export const growsRight = (form: Pick<PartForm, 'direction'>, ringUp: boolean): 1 | -1 =>
  form.direction < 0 === ringUp ? 1 : -1;

/** THE function of direction (decision 16): everything that asks which way rounds or numbers run asks it. */
export function senseOf(form: Pick<PartForm, 'direction'>, own: Directions): Sense {
  // Of a part that lies, the face is its upper side: towards the viewer where it begins behind, away where it begins in front.
  const ringUp = lies(own) ? own.front[2] > 0 : own.up[2] < 0;
  return { roundsUp: ringUp ? -1 : 1, growsLeft: growsRight(form, ringUp) };
}

/** The same by what the ring is on the toy. */
export const senseOfRing = (form: Pick<PartForm, 'direction'>, ringIs: RingIs): Sense =>
  senseOf(form, directionsOf(form, ringIs, 0));

/** How a part stands by itself: soles and chins below, every other ring up. */
export const standingAlone = (ringIs: RingIs): 'crown' | 'sole' =>
  ringIs === 'sole' || ringIs === 'chin' ? 'sole' : 'crown';
