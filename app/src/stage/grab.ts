import type { Projection } from '@hoppla/core/picture';
import type { Placed } from '@hoppla/core/join';
import type { GestureAnswers } from './gestures';
import type { Pick, Picker } from './picker';
import type { Shown } from './shown';

/** What can be taken hold of on the toy and drawn along: where it is now, px, and where it goes. */
export interface Grab {
  at: (projection: Projection) => { x: number; y: number; near: boolean } | null;
  to: (pick: Pick, piece: Placed) => void;
}

/** A finger takes hold of what is so near, px. */
const REACH_PX = 22;

/** The answers of a stage to a press that takes hold of something, and to its being drawn along. */
export const grabbed = (
  grab: Grab | undefined,
  projection: Projection,
  picker: Picker | null,
  pieces: readonly Shown[],
): Omit<GestureAnswers, 'setHold' | 'middle' | 'over' | 'tap'> => ({
  grabs: (p) => {
    const held = grab?.at(projection) ?? null;
    return held !== null && held.near && Math.hypot(held.x - p.x, held.y - p.y) <= REACH_PX;
  },
  drag: (p) => {
    const pick = picker?.at(p.x, p.y);
    if (pick) grab?.to(pick, pieces[pick.piece].placed);
  },
});
