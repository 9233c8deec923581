import type { ToyModel } from '@hoppla/core/model';
import type { Placed } from '@hoppla/core/join';
import { boundsOf } from './scene';
import { standAlone } from './standAlone';

/** Room between pieces that lie side by side, mm. */
const GAP_MM = 6;

/** Everything of a toy on one floor: what is joined as it stands, the loose pieces in a row beside it. The row is in the order of the parts. */
export function layOut(model: ToyModel): Placed[] {
  if (model.loose.length === 0) return [...model.placed];
  const row: Placed[] = [];
  const whole = boundsOf(model.placed);
  const floor = model.placed.length ? whole.bottom : 0;
  let x = model.placed.length ? whole.right + GAP_MM : 0;
  for (const piece of model.loose) {
    const alone = standAlone(piece);
    const { left, right, bottom } = boundsOf([alone]);
    // On the screen y grows down, in the toy it grows up.
    row.push({ ...alone, placement: { ...alone.placement, shift: [x - left, bottom - floor, 0] } });
    x += right - left + GAP_MM;
  }
  return [...model.placed, ...row];
}
