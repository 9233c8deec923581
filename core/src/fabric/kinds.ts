import { STITCH_KINDS, STITCHES, type StitchKind } from '../figures';

/** Kinds of stitches by their code in a fabric's arrays. A kind is one row of `figures/stitches.ts`; its code follows. */
export const KINDS: readonly StitchKind[] = STITCH_KINDS;

const CODES = Object.fromEntries(KINDS.map((kind, code) => [kind, code])) as Record<StitchKind, number>;

/** The code of a kind; every kind has one. */
export const codeOf = (kind: StitchKind): number => CODES[kind];

/** Round height of the stitch with this code, in single crochets. */
export const heightOf = (code: number): number => STITCHES[KINDS[code]].height;
