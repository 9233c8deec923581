import type { Fabric } from '../fabric';

/** Rounds one after the other in one yarn, end exclusive. `slot`: of the fabric's colours. */
export interface Band {
  from: number;
  to: number;
  slot: number;
}

/** The rounds of a fabric by their yarn; a round of several has that of most of its stitches, one without any goes on. */
export function bandsOf(fabric: Fabric): Band[] {
  const bands: Band[] = [];
  fabric.rounds.forEach((round, i) => {
    const last = bands.at(-1);
    const slot = slotOfMost(fabric, round.from, round.count) ?? last?.slot ?? 0;
    if (last?.slot === slot) last.to = i + 1;
    else bands.push({ from: i, to: i + 1, slot });
  });
  return bands;
}

/** The slot of most of some stitches, of as many the one that comes first; null where there are none. */
function slotOfMost({ colour }: Fabric, from: number, count: number): number | null {
  const stitches = new Map<number, number>();
  for (let s = from; s < from + count; s++) stitches.set(colour[s], (stitches.get(colour[s]) ?? 0) + 1);
  let most: number | null = null;
  for (const [slot, n] of stitches) if (most === null || n > stitches.get(most)!) most = slot;
  return most;
}
