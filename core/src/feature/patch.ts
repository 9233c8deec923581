import { FELT } from '../figures';
import type { OnFace } from './feature';
import type { FeatureKind } from './kinds';
import { ON_FACE } from './onFace';

/** Outlines that are known by name; `own` is drawn by its maker as an SVG path. */
export const PATCH_SHAPES = ['circle', 'oval', 'half', 'drop', 'triangle', 'strip', 'own'] as const;
export type PatchShape = (typeof PATCH_SHAPES)[number];

/** How its edge is sewn down. */
export const PATCH_SEAMS = ['whip', 'blanket', 'back'] as const;
export type PatchSeam = (typeof PATCH_SEAMS)[number];

/** What a file may hold of patches. */
export const MOST_PATCHED = { mm: 500, pieces: 60, path: 4000 } as const;

/** A piece of felt or crochet laid on the fabric; with several ends there is one at each. */
export interface Patch extends OnFace {
  kind: 'patch';
  of: 'felt' | 'crochet';
  shape: PatchShape;
  widthMm: number;
  heightMm: number;
  /** the maker's own outline as an SVG path, y down, scaled to width and height; null for the shapes with a name */
  path: string | null;
  /** turned clockwise as one looks at it, degrees; on the other side the other way */
  turnDeg: number;
  /** under the eyes that stand on it, so that their posts go through it, or over their upper part as a lid does */
  eyes: 'under' | 'over';
  seam: PatchSeam;
  colour: string;
}

export const patch: FeatureKind<Patch> = {
  ...ON_FACE,
  grams: (f) => FELT.gramsPerMm2.value * f.widthMm * f.heightMm * f.ends.length * (f.twin === 'none' ? 1 : 2),
};
