import type { PartForm } from '../form';
import { centreCoord } from './face';
import { angleFromAbove, type Directions, type RingIs } from './pose';
import { coordAt, pointOf, polarOf } from './position';
import { lies } from './sense';

/** What words mean on a part: one place, or a pair of posts about the face line. Rounds are indices. */
export type Said = SaidPlace | SaidPair;

export interface SaidPlace {
  what: 'place';
  round: number;
  at: 'hole' | 'middle';
  /** hole j lies between stitches j and j + 1 of the round, 0 = the start; a middle is that of stitch 1 to n */
  index: number;
}

export interface SaidPair {
  what: 'pair';
  round: number;
  at: 'hole' | 'middle';
  /** holes or stitches from post to post */
  on: number;
  /** stitches from the round's start of the lower- and the higher-numbered post */
  low: number;
  high: number;
}

/** What the words rest on beside the part itself. */
export interface PlaceContext {
  form: PartForm;
  ringIs: RingIs;
  /** the face of posts on a round (an index); worked out for the round that is said, never borrowed from another (decision 40) */
  faceAt: (round: number) => FaceAt;
  /** other things on the part that places are measured from, by name in lower case */
  features: readonly { name: string; round: number }[];
}

/** The face as posts on one round have it. */
export interface FaceAt {
  /** direction of the face, radians in the working direction */
  frontRad: number;
  own: Directions;
  /** index of the round after which posts on this round go in: "from the edge" may mean that edge */
  pause: number;
}

/** Counting schools for the round of a place. */
export type RoundSchool =
  | 'between-rounds'
  | 'from-ring'
  | 'from-finished-edge'
  | 'from-pause-edge'
  | 'after-ridge'
  | 'after-colour-step'
  | 'by-feature'
  | 'tag';
/** Counting schools along a round, for one place or for a pair. */
export type AlongSchool =
  | 'from-start'
  | 'from-end'
  | 'from-middle'
  | 'stitches-between'
  | 'stitches-on'
  | 'holes-on'
  | 'holes-showing'
  | 'holes-counting-both'
  | 'each-side'
  | 'mm-straight'
  | 'mm-along'
  | 'degrees'
  | 'tag';

/** Rounds that begin on a ridge (worked into back or front loops only) or with another colour, as indices; the mark lies at their base. */
export function marksOf(form: PartForm, mark: 'ridge' | 'colour step'): number[] {
  const { fabric } = form;
  const found: number[] = [];
  for (let i = 1; i < fabric.rounds.length; i++) {
    const { from, count } = fabric.rounds[i];
    const below = fabric.rounds[i - 1];
    if (count === 0 || below.count === 0) continue;
    if (mark === 'colour step') {
      if (fabric.colour[from] !== fabric.colour[below.from]) found.push(i);
      continue;
    }
    // A ridge stands where the round took one loop of most stitches and left the other.
    // A decrease takes one loop of each of its stitches and hides the other: it makes no ridge.
    let free = 0;
    for (let s = from; s < from + count; s++) {
      const parent = fabric.parentFrom[s];
      if (fabric.parentTo[s] - parent === 1 && fabric.front[parent] !== fabric.back[parent]) free++;
    }
    if (free > count / 2) found.push(i);
  }
  return found;
}

/** A pair centred on the face line: `on` holes (or stitches, in middles) from post to post. */
export function centredPair(
  context: PlaceContext,
  round: number,
  at: 'hole' | 'middle',
  on: number,
): SaidPair {
  const { form } = context;
  const centre = centreCoord(form, round, context.faceAt(round).frontRad, on, at);
  return { what: 'pair', round, at, on, low: centre - on / 2, high: centre + on / 2 };
}

/**
 * How many degrees apart a centred pair stands as seen from above. About an upright axis that is its share of the round; on a part that lies, such as a head
 * begun at its nose, it is seen in space.
 */
export function degreesApart(context: PlaceContext, { round, at, on, low, high }: SaidPair): number {
  const { form } = context;
  const { own } = context.faceAt(round);
  if (!lies(own)) return (360 * on) / form.fabric.rounds[round].count;
  return angleFromAbove(form, own, [
    pointOf(form, polarOf(form, round, low, at)),
    pointOf(form, polarOf(form, round, high, at)),
  ]);
}

/** The hole or the stitch on the face line of a round, as an index. */
export function middlePlace(context: PlaceContext, round: number, at: 'hole' | 'middle'): number {
  const exact = coordAt(context.form, round, context.faceAt(round).frontRad, at);
  return at === 'hole' ? Math.round(exact) : Math.floor(exact) + 1;
}

/** An index brought into the round: holes 0 to n - 1, middles 1 to n. */
export function wrapped(at: 'hole' | 'middle', index: number, count: number): number {
  const k = at === 'hole' ? index : index - 1;
  return (((k % count) + count) % count) + (at === 'hole' ? 0 : 1);
}
