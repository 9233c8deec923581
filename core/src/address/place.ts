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
export function find(fabric: Fabric, course: Course): { layer: number; round: number } | null {
  const body = roundOf(fabric, course);
  if (body >= 0) return { layer: 0, round: body };
  for (let k = 0; k < fabric.layers.length; k++) {
    const round = fabric.layers[k].rounds.findIndex((r) => r.mark === course.mark && r.nth === course.nth);
    if (round >= 0) return { layer: k + 1, round };
  }
  return null;
}

/**
 * Where a place lies along its round, in stitches from the round's start: a hole j at j, the middle of stitch or link k
 * at k - 1/2.
 */
export function coordOf(at: 'hole' | 'middle', index: number): number {
  return at === 'hole' ? index : index - 0.5;
}
