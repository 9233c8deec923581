import type { Use } from './count';

/** Loops of one round: how many of each kind are worked into by a later round, and by which. */
interface Entry {
  count: number;
  front: number;
  back: number;
  hidden: number;
  /** the round that first worked into them, -1 for none: it takes what it wants, another one may not */
  frontBy: number;
  backBy: number;
}

/** What one round would do to loops that others hold. */
export interface Conflict {
  loop: 'front' | 'back';
  /** index of the round that holds them */
  by: number;
}

/**
 * The ledger of loops by counts: which round or layer works into how many front and back loops of which round.
 * The fabric keeps the same ledger stitch by stitch. Source: decision 21.
 */
export class Ledger {
  private readonly entries: Entry[] = [];

  /** Opens the account of the next round. */
  open(count: number): void {
    this.entries.push({ count, front: 0, back: 0, hidden: 0, frontBy: -1, backBy: -1 });
  }

  /** Takes back the account that was opened last. */
  drop(): void {
    this.entries.pop();
  }

  /** Loops of a round that nobody has worked into. Hidden back loops are not free. */
  free(round: number, loop: 'front' | 'back'): number {
    const entry = this.entries[round];
    return entry ? Math.max(0, entry.count - entry[loop] - (loop === 'back' ? entry.hidden : 0)) : 0;
  }

  /** The round that holds the loops of a round. */
  holder(round: number, loop: 'front' | 'back'): number | null {
    const by = this.entries[round]?.[loop === 'front' ? 'frontBy' : 'backBy'] ?? -1;
    return by < 0 ? null : by;
  }

  /** Books what a round uses of the one it stands on. Gives a conflict when another round or layer has the loops. */
  use(base: number, by: number, use: Pick<Use, 'front' | 'back' | 'hidden'>): Conflict | null {
    const entry = this.entries[base];
    if (!entry) return null;
    let conflict: Conflict | null = null;
    if (use.front > 0) {
      if (entry.frontBy >= 0 && entry.frontBy !== by && use.front > this.free(base, 'front'))
        conflict = { loop: 'front', by: entry.frontBy };
      if (entry.frontBy < 0) entry.frontBy = by;
      entry.front = Math.min(entry.count, entry.front + use.front);
    }
    if (use.back > 0) {
      if (entry.backBy >= 0 && entry.backBy !== by && use.back > this.free(base, 'back'))
        conflict ??= { loop: 'back', by: entry.backBy };
      if (entry.backBy < 0) entry.backBy = by;
      entry.back = Math.min(entry.count, entry.back + use.back);
    }
    entry.hidden = Math.min(entry.count, entry.hidden + use.hidden);
    return conflict;
  }
}
