import type { Course } from '../address';

/** How a part is held in a join round; its place is the text's. */
export interface Clamped {
  /** turned over: the side that usually looks up, or forward, looks the other way */
  over: boolean;
  /** so many stitches further round its edge than usual, where the edge is pressed flat or caught whole */
  shift: number;
  /** its tip leans so far from straight out, towards the side that usually looks up or forward; degrees, up to 90 */
  tiltDeg: number;
  /** it points into its host */
  inside: boolean;
  /** where its ends of yarn go; null: nobody has said */
  tail: 'inside' | 'outside' | null;
}

/** Held as it usually is: straight out, its front up where it lies level, else forward. */
export const USUALLY_CLAMPED: Clamped = { over: false, shift: 0, tiltDeg: 0, inside: false, tail: null };

/**
 * What a maker says of one clamp of a join round (decision 28). The clamp itself stands in the text alone; it is found again by its
 * host's marked round, by what it catches, and by how many of that part the round has caught before it.
 */
export interface ClampSaid extends Clamped {
  part: string;
  course: Course;
  /** the part that is caught, by its id, and which of the round's clamps of it, from 0 */
  guest: string;
  nth: number;
  /** the copy that is caught here; null: the next one that is free */
  copy: string | null;
}

/** Which clamp something is said of. */
export type ClampKey = Pick<ClampSaid, 'part' | 'course' | 'guest' | 'nth'>;

export const sameClamp = (a: ClampKey, b: ClampKey): boolean =>
  a.part === b.part &&
  a.guest === b.guest &&
  a.nth === b.nth &&
  a.course.mark === b.course.mark &&
  a.course.nth === b.course.nth;

/** Only how it is held, of what is said of a clamp. */
export const clampedOf = ({ over, shift, tiltDeg, inside, tail }: Clamped): Clamped => ({
  over,
  shift,
  tiltDeg,
  inside,
  tail,
});
