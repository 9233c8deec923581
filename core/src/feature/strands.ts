import type { Spot } from '../address';
import type { OnPart } from './feature';
import type { FeatureKind } from './kinds';

/** How a strand is held: looped in with both its halves hanging, knotted as well, only pulled through with an end out on each side, sewn through and anchored inside, or knotted outside as a dot with both ends inside. */
export const STRAND_FIXES = [
  'looped in',
  'looped in and knotted',
  'pulled through',
  'sewn through',
  'knotted as a dot',
] as const;
export type StrandFix = (typeof STRAND_FIXES)[number];

/**
 * Hair, a mane, a fringe or tassels: strands of yarn drawn into the stitches of a patch, which goes from one round to another and round
 * the part from its middle so far to each side.
 */
export interface Strands extends OnPart {
  kind: 'strands';
  id: string;
  name: string;
  /** the middle of the patch: its round is the first or the last of the patch, whichever `rounds` says */
  place: Spot;
  /** rounds of the patch from the spot's round on, towards the part's end; less than nothing towards its start. At least one. */
  rounds: number;
  /** degrees round the part to each side of the middle; 180 is all the way round */
  halfDeg: number;
  /** a strand in each so-manieth stitch of each so-manieth round */
  everyStitch: number;
  everyRound: number;
  /** yarns in each place, and how long each is cut, mm */
  together: number;
  cutMm: number;
  fix: StrandFix;
  /** put in while the part is open, and held aside; else when it is closed */
  before: 'closing' | 'nothing';
  /** #rrggbb */
  colour: string;
}

export const strands: FeatureKind<Strands> = {
  onRounds: (f, of) => ({ ...f, place: { ...f.place, course: of(f.part)(f.place.course) } }),
  spots: (f) => [f.place],
  thing: () => null,
  grams: () => 0,
};
