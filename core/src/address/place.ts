import type { Fabric } from '../fabric';

/** A round's identity: the mark of its line, which round of that line, and the layer (0 = the part itself). Labels are display only. */
export interface Course {
  mark: string;
  nth: number;
  layer: number;
}

/**
 * A place on a part, as stored (decision 4). `hole` index j is the gap at the base of the named (later) round between
 * its stitches j and j+1; `middle` index k is the middle of stitch k; `link` is a chain stitch; `edge` the whole open
 * edge. `of` is the count of the round when the place was chosen. Links and edges of rows and layers answer "not yet".
 */
export interface Place {
  part: string;
  copy: string;
  course: Course;
  at: 'hole' | 'middle' | 'link' | 'edge';
  index: number;
  of: number;
}

/** A place found again in the fabric as it is now. */
export type Resolved =
  | { state: 'at' | 'moved'; /** index of the round in the fabric */ round: number; index: number; was: number; now: number }
  | { state: 'homeless' }
  | { state: 'not-yet' };

/** The index of a course's round in the fabric, -1 when it is gone. */
export function roundOf(fabric: Fabric, course: Course): number {
  return fabric.rounds.findIndex((r) => r.mark === course.mark && r.nth === course.nth);
}

/** The course of a round of the fabric. */
export function courseOf(fabric: Fabric, round: number): Course {
  const { mark, nth } = fabric.rounds[round];
  return { mark, nth, layer: 0 };
}

/**
 * Finds a stored place again. When the count of its round has changed, a single place keeps its proportion and is
 * reported as moved; when the round is gone it is homeless (decision 5). Nothing is written back.
 */
export function resolvePlace(fabric: Fabric, place: Place): Resolved {
  if (place.at === 'link' || place.course.layer !== 0) return { state: 'not-yet' };
  const round = roundOf(fabric, place.course);
  if (round < 0 || fabric.rounds[round].count === 0) return { state: 'homeless' };
  const now = fabric.rounds[round].count;
  if (now === place.of || place.at === 'edge') return { state: 'at', round, index: place.index, was: place.of, now };
  const coord = place.at === 'hole' ? place.index : place.index - 0.5;
  const scaled = (coord * now) / place.of;
  const index = place.at === 'hole' ? Math.round(scaled) % now : Math.min(now, Math.max(1, Math.floor(scaled) + 1));
  return { state: 'moved', round, index, was: place.of, now };
}

/**
 * Where a place lies along its round, in stitches from the round's start: a hole j at j, the middle of stitch k at
 * k - 1/2.
 */
export function coordOf(at: 'hole' | 'middle', index: number): number {
  return at === 'hole' ? index : index - 0.5;
}
