import type { Fabric } from '../fabric';
import type { PartForm } from '../form';

/** A round's identity: the mark of its line, which round of that line, and the layer (0 = the part itself). Labels are display only. */
export interface Course {
  mark: string;
  nth: number;
  layer: number;
}

/**
 * A place on a part, as stored (decision 4). `hole` index j is the gap at the base of the named (later) round between
 * its stitches j and j+1; `middle` index k is the middle of stitch k; `link` is a chain stitch; `edge` the whole open
 * edge. `of` is the count of the round when the place was chosen.
 */
export interface Place extends Spot {
  part: string;
  copy: string;
}

/** A place without the piece it is on: what is on a part is on all its copies (decision 37). */
export interface Spot {
  course: Course;
  at: 'hole' | 'middle' | 'link' | 'edge';
  index: number;
  of: number;
}

/** A place found again in the fabric as it is now. `layer` is 0 for the part itself, k for `fabric.layers[k - 1]`; `round` counts within it. */
export type Resolved =
  | { state: 'at' | 'moved'; layer: number; round: number; index: number; was: number; now: number }
  | { state: 'homeless' }
  | { state: 'not-yet' };

/** The index of a course's round in the part itself, -1 when it is gone or belongs to a layer. */
export function roundOf(fabric: Fabric, course: Course): number {
  return fabric.rounds.findIndex((r) => r.mark === course.mark && r.nth === course.nth);
}

/** The course of a round of the fabric, or of its layer k. */
export function courseOf(fabric: Fabric, round: number, layer = 0): Course {
  const { mark, nth } = (layer > 0 ? fabric.layers[layer - 1] : fabric).rounds[round];
  return { mark, nth, layer };
}

/** The form that a layer's places lie on: the part itself for 0. */
export const formOfLayer = (form: PartForm, layer: number): PartForm =>
  layer > 0 ? (form.layers[layer - 1] ?? form) : form;

/** A course's layer and its round in it: text may have turned a layer into the part itself or back, its mark still finds it. */
function find(fabric: Fabric, course: Course): { layer: number; round: number } | null {
  const body = roundOf(fabric, course);
  if (body >= 0) return { layer: 0, round: body };
  for (let k = 0; k < fabric.layers.length; k++) {
    const round = fabric.layers[k].rounds.findIndex((r) => r.mark === course.mark && r.nth === course.nth);
    if (round >= 0) return { layer: k + 1, round };
  }
  return null;
}

/**
 * Finds a stored place again. When the count of its round has changed, a single place keeps its proportion and is
 * reported as moved; when the round is gone it is homeless (decision 5). Links are those of chain rounds; a link of any
 * other round is not worked out yet. Nothing is written back.
 */
export function resolvePlace(fabric: Fabric, place: Spot): Resolved {
  const found = find(fabric, place.course);
  const at = found && (found.layer > 0 ? fabric.layers[found.layer - 1] : fabric).rounds[found.round];
  if (!found || !at || at.count === 0) return { state: 'homeless' };
  if (place.at === 'link' && at.kind !== 'chain') return { state: 'not-yet' };
  const now = at.count;
  if (now === place.of || place.at === 'edge')
    return { state: 'at', ...found, index: place.index, was: place.of, now };
  const coord = place.at === 'hole' ? place.index : place.index - 0.5;
  const scaled = (coord * now) / place.of;
  const index =
    place.at === 'hole' ? Math.round(scaled) % now : Math.min(now, Math.max(1, Math.floor(scaled) + 1));
  return { state: 'moved', ...found, index, was: place.of, now };
}

/**
 * Where a place lies along its round, in stitches from the round's start: a hole j at j, the middle of stitch or link k
 * at k - 1/2.
 */
export function coordOf(at: 'hole' | 'middle', index: number): number {
  return at === 'hole' ? index : index - 0.5;
}
