import type { ToyModel } from '../model';
import type { Placed } from '../join';
import { boundsOf } from './scene';
import { standAlone } from './standAlone';

/** Room between pieces that lie side by side, mm. */
const GAP_MM = 6;

/** Loose pieces stand in rows about so wide as they are tall altogether. */
const SHELF_RATIO = 1.2;

/**
 * Everything of a toy: what is joined as it stands, the loose pieces beside it, in the order of the parts: in a row on the same
 * floor, or, where there are many and `rows` is asked for, in rows above one another.
 */
export function layOut(model: ToyModel, rows = false): Placed[] {
  if (model.loose.length === 0) return [...model.placed];
  const laid: Placed[] = [];
  const whole = boundsOf(model.placed);
  const start = model.placed.length ? whole.right + GAP_MM : 0;
  const alone = model.loose.map((piece) => {
    const single = standAlone(piece);
    return { piece: single, ...boundsOf([single]) };
  });
  const area = alone.reduce((sum, b) => sum + (b.right - b.left + GAP_MM) * (b.bottom - b.top + GAP_MM), 0);
  const most = rows ? Math.sqrt(area) * SHELF_RATIO : Infinity;
  let floor = model.placed.length ? whole.bottom : 0;
  let [x, tallest] = [start, 0];
  for (const { piece, left, right, top, bottom } of alone) {
    if (x > start && x + right - left - start > most)
      [x, floor, tallest] = [start, floor - tallest - GAP_MM, 0];
    // On the screen y grows down, in the toy it grows up.
    laid.push({ ...piece, placement: { ...piece.placement, shift: [x - left, bottom - floor, 0] } });
    x += right - left + GAP_MM;
    tallest = Math.max(tallest, bottom - top);
  }
  return [...model.placed, ...laid];
}
