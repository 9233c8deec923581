import type { OnFace } from './feature';
import type { FeatureKind } from './kinds';
import { ON_FACE } from './onFace';

/** What a needle shapes when the fill is in: eyes drawn in and together, one dip, or the base drawn up to the top. */
export const SCULPT_WORKS = ['eyes', 'divot', 'tie'] as const;
export type SculptWork = (typeof SCULPT_WORKS)[number];

/** What a file may hold of needle sculpting. */
export const MOST_SCULPTED = { points: 24, passes: 12 } as const;

/**
 * Needle sculpting: the needle goes in at the first end, through the inside to the second, over the fabric to the third, and so on by
 * turns; from the last it comes back to the first, where both ends of thread are knotted.
 */
export interface Sculpt extends OnFace {
  kind: 'sculpt';
  work: SculptWork;
  twin: 'none';
  /** how often the whole way is gone */
  passes: number;
  /** on which side of an eye the thread lies where it goes from above to below it */
  loop: 'inner' | 'outer';
  colour: string;
}

export const sculpt: FeatureKind<Sculpt> = ON_FACE;
