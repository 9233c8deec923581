import type { Use } from './count';

/** Loops of one round: how many of each kind are worked into by a later round, and by which. */
interface Entry {
  count: number;
  front: number;
  back: number;
  hidden: number;
  /** the rounds that work here; a first round or layer takes what it wants, a second one may not */
  users: { round: number; front: number; back: number }[];
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
    this.entries.push({ count, front: 0, back: 0, hidden: 0, users: [] });
  }

  /** Loops of a round that nobody has worked into. Hidden back loops are not free. */
  free(round: number, loop: 'front' | 'back'): number {
    const entry = this.entries[round];
    return entry ? Math.max(0, entry.count - entry[loop] - (loop === 'back' ? entry.hidden : 0)) : 0;
  }

  hidden(round: number): number {
    return this.entries[round]?.hidden ?? 0;
  }

  /** The round that holds the loops of a round. */
  holder(round: number, loop: 'front' | 'back'): number | null {
    return this.entries[round]?.users.find((u) => u[loop] > 0)?.round ?? null;
  }

  /** Books what a round uses of the one it stands on. Gives a conflict when another round or layer has the loops. */
  use(base: number, by: number, use: Pick<Use, 'front' | 'back' | 'hidden'>): Conflict | null {
    const entry = this.entries[base];
    if (!entry) return null;
    let conflict: Conflict | null = null;
    for (const loop of ['front', 'back'] as const) {
      const others = entry.users.length > 0 && use[loop] > this.free(base, loop) ? entry.users.find((u) => u.round !== by && u[loop] > 0) : undefined;
      if (others) conflict ??= { loop, by: others.round };
      entry[loop] = Math.min(entry.count, entry[loop] + use[loop]);
    }
    entry.hidden = Math.min(entry.count, entry.hidden + use.hidden);
    entry.users.push({ round: by, front: use.front, back: use.back });
    return conflict;
  }
}
