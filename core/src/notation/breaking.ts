import { countItems } from './count';
import type { PartReading } from './reading';

/** Takes away mends after which a later round would no longer add up: a mend leaves no new problem. */
export function dropBreakingMends(part: PartReading): void {
  if (part.lines.every((l) => l.problems.every((p) => p.mends.length === 0))) return;
  const next = new Map<number, number[]>();
  part.rounds.forEach((r, i) => {
    const above = next.get(r.base);
    if (above) above.push(i);
    else next.set(r.base, [i]);
  });
  const breaks = (index: number, carried: number, depth: number): boolean => {
    if (carried === part.rounds[index].carried || depth > 400) return false;
    return (next.get(index) ?? []).some((i) => {
      const round = part.rounds[i];
      if (round.kind === 'layer' || round.kind === 'edging') return true;
      const count = countItems(round.items, carried);
      if (count.fault || count.eaten !== carried || count.made === null) return true;
      if (round.stated !== null && round.stated !== count.made) return true;
      return breaks(i, round.stated ?? count.made, depth + 1);
    });
  };
  for (const line of part.lines) {
    const last = line.rounds[1] - 1;
    if (last < line.rounds[0]) continue;
    for (const p of line.problems) {
      // Of a range the first round is mended, and the others with it.
      if (p.mends.length) p.mends = p.mends.filter((m) => m.makes === null || !breaks(last, m.makes, 0));
    }
  }
}
