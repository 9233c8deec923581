import type { PartForm } from '../form';
import { coordAt } from './position';

/**
 * The stitch coordinate on a round that lies in the direction of the face, rounded so that a pair `on` stitches from post to
 * post stands in holes, or through middles: for holes on a stitch when `on` is odd and on a hole when it is even, for middles the other way round.
 */
export function centreCoord(
  form: PartForm,
  round: number,
  angleRad: number,
  on: number,
  at: 'hole' | 'middle' = 'hole',
): number {
  const exact = coordAt(form, round, angleRad, at);
  const half = ((at === 'hole' ? on : on + 1) % 2) / 2;
  return Math.round(exact - half) + half;
}
