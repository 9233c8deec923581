import type { PartForm } from '../form';
import { stand, type Piece, type Placed } from '../join';

/** How a part by itself is shown: as on the toy, or in the hand while it is worked, with the open edge up. */
export type Held = 'toy' | 'hand';

/** A part by itself, as it lies in front of one: soles and chins below, every other ring up, its face or its wide side to the viewer. */
export function standAlone(piece: Piece, held: Held = 'toy'): Placed {
  const ringUp = held === 'toy' && piece.ringIs !== 'sole' && piece.ringIs !== 'chin';
  return stand({
    ...piece,
    ringIs: ringUp ? 'crown' : 'sole',
    frontRad: wideSide(piece.form) ?? (held === 'hand' ? piece.frontRad + Math.PI : piece.frontRad),
  });
}

/** The direction from which an oval, flat or bent part shows its wide side; null for a round one. */
function wideSide(form: PartForm): number | null {
  // A sheet's right side lies square to its rows.
  if (form.section === 'sheet') return (-form.direction * Math.PI) / 2;
  if (form.axis) {
    const last = form.axis.centre.length - 3;
    return form.direction * Math.atan2(form.axis.centre[last + 1], form.axis.centre[last]) + Math.PI / 2;
  }
  return form.folded || form.straight.some((l) => l > 0) ? form.longRad + Math.PI / 2 : null;
}
