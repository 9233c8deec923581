import { patchWords, type UnitWords } from '../words';
import type { Patch } from './patch';

/** Width and height as it lies unturned, mm; a circle is as high as it is wide. */
export const patchSize = ({ shape, widthMm, heightMm }: Pick<Patch, 'shape' | 'widthMm' | 'heightMm'>) => ({
  widthMm,
  heightMm: shape === 'circle' ? widthMm : heightMm,
});

/** How many pieces it is on one copy of its part. */
export const piecesOf = ({ ends, twin }: Pick<Patch, 'ends' | 'twin'>): number =>
  ends.length * (twin === 'none' ? 1 : 2);

/** Such as `12 × 16 mm`, or `12 mm` for a circle. */
export const sizeSaid = (f: Pick<Patch, 'shape' | 'widthMm' | 'heightMm'>, units: UnitWords): string =>
  f.shape === 'circle' ? units.length(f.widthMm) : `${units.bare(f.widthMm)} × ${units.length(f.heightMm)}`;

/** Such as `2 ovals of felt, 12 × 16 mm`. */
export const piecesSaid = (f: Patch, units: UnitWords, n = piecesOf(f)): string =>
  patchWords.pieces(n, patchWords.shapes[f.shape], patchWords.of[f.of], sizeSaid(f, units));
