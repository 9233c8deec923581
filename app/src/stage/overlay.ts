import { pointOf, type Polar } from '@hoppla/core/address';
import { move, type Placed } from '@hoppla/core/join';

/** Where a place of a placed part is seen from the front, mm, x right and y down; `near` is false on the far side. */
export function seenAt(piece: Placed, polar: Polar): { x: number; y: number; near: boolean } {
  const p = move(piece.placement, pointOf(piece.form, polar));
  const axis = move(piece.placement, [0, 0, pointOf(piece.form, polar)[2]]);
  return { x: p[0], y: -p[1], near: p[2] >= axis[2] - 0.2 };
}
