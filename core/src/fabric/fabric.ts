import type { Item, PartReading, RoundReading, StitchKind } from '../notation';

export const KINDS: readonly StitchKind[] = ['sc', 'hdc', 'dc', 'tr', 'slst', 'ch'];

/** One round of the fabric. `from` is the index of its first stitch in the fabric's arrays. */
export interface FabricRound {
  mark: string;
  nth: number;
  label: string;
  number: number;
  from: number;
  count: number;
  joined: boolean;
  turned: boolean;
  /** stitches of this round, by how they are worked; for yarn and time */
  worked: { kind: StitchKind; eats: number; makes: number; invisible: boolean; times: number }[];
}

/**
 * The fabric of one part: stitches in working order in typed arrays.
 * `parentFrom[s]..parentTo[s]` (end exclusive) are indices of stitches of the round before; empty at a start.
 * `offset[s]` is the place among the children of one parent, k - (m-1)/2.
 */
export interface Fabric {
  rounds: readonly FabricRound[];
  stitches: number;
  kind: Uint8Array;
  parentFrom: Int32Array;
  parentTo: Int32Array;
  offset: Float32Array;
  /** how the part begins */
  start: { how: 'ring' | 'loop' | 'tube' | 'given'; chain: number };
  closed: boolean;
  /** true when the part has more stitches than are built; the counts are still right */
  cut: boolean;
}

export const MOST_STITCHES = 200_000;

/**
 * Builds the fabric of a part as read. `marks` are the marks of the part's text, one a line of the whole text.
 * A round that does not add up is built with the count it carries, spread evenly on the round below, so that the
 * part can be drawn while it is being written. Linear in the stitches.
 */
export function buildFabric(part: PartReading, marks: readonly string[]): Fabric {
  const built = new Builder(part.rounds.reduce((sum, r) => Math.min(MOST_STITCHES + 1, sum + Math.min(countOf(r), MOST_STITCHES)), 0));
  const first = part.rounds[0];
  const startItem = first?.items.find((i) => i.type === 'start');
  for (const round of part.rounds) {
    if (!built.add(round, marks[round.line - 1] ?? '')) break;
  }
  const start = startItem?.type === 'start' ? { how: startItem.start, chain: startItem.chain } : { how: 'given' as const, chain: 0 };
  return built.finish(start, part.closed, part.rounds.length);
}

const countOf = (round: RoundReading): number => round.made ?? round.carried;

class Builder {
  private readonly kind: Uint8Array;
  private readonly parentFrom: Int32Array;
  private readonly parentTo: Int32Array;
  private readonly offset: Float32Array;
  private readonly rounds: FabricRound[] = [];
  private at = 0;
  private q = 0;

  constructor(size: number) {
    this.kind = new Uint8Array(size);
    this.parentFrom = new Int32Array(size);
    this.parentTo = new Int32Array(size);
    this.offset = new Float32Array(size);
  }

  add(round: RoundReading, mark: string): boolean {
    const count = countOf(round);
    if (count > this.kind.length - this.at || this.at + count > MOST_STITCHES) return false;
    const below = this.rounds[this.rounds.length - 1];
    const entry: FabricRound = {
      mark, nth: round.nth, label: `R${round.number}`, number: round.number, from: this.at, count, joined: round.joined, turned: round.turned, worked: [],
    };
    const sound = round.made !== null && (!below || round.offered === 0 || round.eaten === below.count);
    if (sound) this.work(round, entry, below);
    if (!sound || this.at - entry.from !== count) this.spread(entry, below, count);
    this.rounds.push(entry);
    return true;
  }

  finish(start: Fabric['start'], closed: boolean, wanted: number): Fabric {
    return {
      rounds: this.rounds, stitches: this.at, kind: this.kind.subarray(0, this.at), parentFrom: this.parentFrom.subarray(0, this.at),
      parentTo: this.parentTo.subarray(0, this.at), offset: this.offset.subarray(0, this.at), start, closed, cut: this.rounds.length < wanted,
    };
  }

  private work(round: RoundReading, entry: FabricRound, below: FabricRound | undefined): void {
    this.q = 0;
    const fixed = round.items.reduce((sum, i) => sum + fixedEats(i), 0);
    this.items(round.items, Math.max(0, round.offered - fixed), entry, below);
  }

  private items(items: readonly Item[], free: number, entry: FabricRound, below: FabricRound | undefined): void {
    for (const item of items) {
      if (item.type === 'start') this.stitch(entry, below, item.kind, 0, 1, item.count, false);
      if (item.type === 'stitch') {
        const times = item.times === 'around' ? (item.eats > 0 ? Math.floor(free / item.eats) : 0) : item.times;
        if (item.skipped) this.q += times;
        else this.stitch(entry, below, item.kind, item.eats, item.makes, times, item.invisible ?? false);
      }
      if (item.type === 'group') {
        const eats = item.items.reduce((sum, i) => sum + allEats(i), 0);
        const times = item.times === 'around' ? (eats > 0 ? Math.floor(free / eats) : 0) : item.times;
        for (let t = 0; t < times && this.at < this.kind.length; t++) this.items(item.items, 1, entry, below);
      }
      if (item.type === 'fan') {
        const times = item.times === 'around' ? free : item.times;
        for (let t = 0; t < times && this.at < this.kind.length; t++) this.fan(item.items, entry, below);
      }
    }
  }

  private fan(items: readonly Item[], entry: FabricRound, below: FabricRound | undefined): void {
    const from = this.at;
    for (const item of items) if (item.type === 'stitch') this.stitch(entry, below, item.kind, 0, 1, Number(item.times) * item.makes || 1, false);
    const p = below ? below.from + Math.min(this.q, below.count - 1) : 0;
    for (let s = from; s < this.at; s++) {
      this.parentFrom[s] = p;
      this.parentTo[s] = below ? p + 1 : p;
      this.offset[s] = s - from - (this.at - from - 1) / 2;
    }
    this.q++;
  }

  private stitch(entry: FabricRound, below: FabricRound | undefined, kind: StitchKind, eats: number, makes: number, times: number, invisible: boolean): void {
    const code = KINDS.indexOf(kind);
    for (let t = 0; t < times; t++) {
      const from = below ? below.from + Math.min(this.q, below.count - 1) : 0;
      const to = below ? Math.max(from + (eats > 0 ? 1 : 0), below.from + Math.min(this.q + eats, below.count)) : 0;
      for (let m = 0; m < makes && this.at < this.kind.length; m++, this.at++) {
        this.kind[this.at] = code;
        this.parentFrom[this.at] = from;
        this.parentTo[this.at] = to;
        this.offset[this.at] = m - (makes - 1) / 2;
      }
      this.q += eats;
    }
    entry.worked.push({ kind, eats, makes, invisible, times });
  }

  /** Even stitches on the round below, for rounds that do not add up. */
  private spread(entry: FabricRound, below: FabricRound | undefined, count: number): void {
    this.at = entry.from;
    for (let s = 0; s < count; s++, this.at++) {
      const p = below ? below.from + Math.min(below.count - 1, Math.floor((s * below.count) / count)) : 0;
      this.kind[this.at] = 0;
      this.parentFrom[this.at] = p;
      this.parentTo[this.at] = below ? p + 1 : p;
      this.offset[this.at] = 0;
    }
    entry.worked = [{ kind: 'sc', eats: 1, makes: 1, invisible: false, times: count }];
  }
}

function fixedEats(item: Item): number {
  if (!('times' in item) || item.times === 'around') return 0;
  return allEats(item) * item.times;
}

/** What one working of an item uses; repeats inside it counted. */
function allEats(item: Item): number {
  if (item.type === 'stitch') return item.eats;
  if (item.type === 'fan') return 1;
  if (item.type === 'group') return item.items.reduce((sum, i) => sum + allEats(i) * ('times' in i && typeof i.times === 'number' ? i.times : 1), 0);
  return 0;
}
