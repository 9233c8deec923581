import type { Head, ThreadRun } from '../feature';
import { OPENINGS } from '../figures';
import { windowOf, type WorkWindow } from '../form';
import type { PieceAtHand } from './task';

/**
 * After how many rounds needle work is done: while a hand can still tie the ends inside, and before the fill. Where the hole is too
 * small by then it is done through the fabric, and the task says so.
 */
export function needleRound(
  { part, goes }: PieceAtHand,
  { head, sides }: { head: Head; sides: readonly ThreadRun[] },
): { after: number; inside: boolean; window: WorkWindow } {
  const { fabric, form } = part;
  const first = Math.max(0, ...sides.flatMap((side) => side.places.map((p) => p.round)));
  const end = goes[0]?.at.after ?? fabric.rounds.length;
  const window = windowOf(form, fabric.rounds[first].number, {
    comfortableMm: head.ownSmallestMm ?? OPENINGS.embroider.comfortableMm,
    possibleMm: 0,
  });
  const last = fabric.rounds.findIndex((r) => r.number === window.lastComfortable) + 1;
  const after = Math.max(first + 1, Math.min(end, last > 0 ? last : end));
  return { after, inside: last > 0 && after <= last, window };
}
