import type { Item, PartReading, ReturnItem, RoundReading, StitchItem } from '../notation';
import { branches } from './branches';
import {
  FREE,
  HIDDEN,
  MOST_STITCHES,
  type Clamp,
  type Fabric,
  type FabricRound,
  type Strand,
  type Worked,
} from './fabric';
import { codeOf } from './kinds';
import { allEats, clampsAsWritten, edgesJoined, fixedEats, lastColour } from './written';

const MOST_STEPS = 2 * MOST_STITCHES;
const MOST_STRANDS = 20_000;
const MOST_COLOURS = 255;

/** What a round is worked into: stitches in a row of indices, some of them in reverse, or those that still have a free loop. */
interface Base {
  from: number;
  count: number;
  reversed: boolean;
  /** indices with a free loop, for a layer */
  slots: Int32Array | null;
  into: 'front' | 'back' | null;
  folded: boolean;
}

/**
 * Builds the fabric of a part as read. `marks` are the marks of the part's text, one a line of the whole text.
 * A round that does not add up is built with the count it carries, spread evenly on the round below, so that the
 * part can be drawn while it is being written. Linear in the stitches.
 */
export function buildFabric(part: PartReading, marks: readonly string[]): Fabric {
  const wanted = part.rounds.reduce(
    (sum, r) => Math.min(MOST_STITCHES + 1, sum + Math.min(countOf(r), MOST_STITCHES)),
    0,
  );
  const built = new Builder(part, Math.min(wanted, MOST_STITCHES));
  for (let i = 0; i < part.rounds.length; i++) if (!built.add(i, marks[part.rounds[i].line - 1] ?? '')) break;
  return built.finish();
}

/** Stitches that a round is built with: what it makes; when that cannot be told, or is nothing, what it carries. */
const countOf = (round: RoundReading): number =>
  (round.made ?? 0) > 0 ? round.made! : Math.max(1, round.carried);

/** Works the rounds of a part stitch by stitch into arrays. */
class Builder {
  private readonly kind: Uint8Array;
  private readonly parentFrom: Int32Array;
  private readonly parentTo: Int32Array;
  private readonly offset: Float32Array;
  private readonly front: Int32Array;
  private readonly back: Int32Array;
  private readonly colour: Uint8Array;
  private readonly colours: string[];
  private readonly strands: Strand[] = [];
  private readonly rounds: FabricRound[] = [];
  private at = 0;
  /** stitches of the base used so far */
  private q = 0;
  private steps = 0;
  private slot = 0;
  private conflicts = 0;
  private user = 0;
  private base: Base | null = null;
  private clamps: Clamp[] = [];
  private worked: Worked[] = [];

  constructor(
    private readonly part: PartReading,
    private readonly size: number,
  ) {
    this.kind = new Uint8Array(size);
    this.parentFrom = new Int32Array(size);
    this.parentTo = new Int32Array(size);
    this.offset = new Float32Array(size);
    this.front = new Int32Array(size);
    this.back = new Int32Array(size);
    this.colour = new Uint8Array(size);
    // Yarn that no word names is none of those that come later.
    const first = part.colour ?? '';
    this.colours = [first, ...part.colours.filter((name) => name !== first)];
  }

  /** Adds the next round as read; false when there is no room for it. */
  add(index: number, mark: string): boolean {
    const round = this.part.rounds[index];
    const count = countOf(round);
    if (count > this.size - this.at || this.at + count > MOST_STITCHES) return false;
    this.base = this.baseOf(round);
    const direction =
      round.base >= 0 && this.base?.reversed
        ? (-this.rounds[round.base].direction as 1 | -1)
        : round.base >= 0
          ? (this.rounds[round.base]?.direction ?? 1)
          : 1;
    const entry: FabricRound = {
      mark,
      nth: round.nth,
      label: round.label ?? `R${round.number}`,
      number: round.number,
      kind: round.kind,
      reading: index,
      from: this.at,
      count,
      unworked: round.unworked,
      joined: round.joined,
      turned: round.turned,
      direction,
      worked: [],
      clamps: [],
    };
    this.clamps = [];
    this.user = index + 1;
    this.worked = [];
    const expected = this.base ? (this.base.slots?.length ?? this.base.count) : 0;
    const sound =
      round.made !== null &&
      round.made > 0 &&
      (round.base < 0 ||
        round.kind === 'edging' ||
        (round.offered === expected && round.eaten === expected - round.unworked));
    if (sound) this.work(round);
    if (!sound || this.at - entry.from !== count) this.spread(entry, round);
    entry.worked = this.worked;
    entry.clamps = this.clamps.map((c) => ({ ...c, at: c.at - entry.from }));
    this.rounds.push(entry);
    return true;
  }

  finish(): Fabric {
    const { body, layers } = branches(this.rounds, this.part.rounds);
    const first = this.part.rounds[0];
    const start = first?.items.find((i) => i.type === 'start');
    const cut = this.rounds.length < this.part.rounds.length;
    const upTo = <T extends { subarray(from: number, to: number): T }>(list: T): T =>
      this.at === this.size ? list : list.subarray(0, this.at);
    return {
      rounds: body,
      layers,
      strands: this.strands,
      stitches: this.at,
      kind: upTo(this.kind),
      parentFrom: upTo(this.parentFrom),
      parentTo: upTo(this.parentTo),
      offset: upTo(this.offset),
      front: upTo(this.front),
      back: upTo(this.back),
      colour: upTo(this.colour),
      colours: this.colours,
      start:
        start?.type === 'start'
          ? { how: start.start, chain: start.chain }
          : first?.kind === 'chain'
            ? { how: 'chain', chain: first.made ?? 0 }
            : edgesJoined(first?.items ?? []),
      shape:
        body.length > 0 && body.every((r) => r.kind === 'chain')
          ? 'cord'
          : body.some((r) => r.kind === 'row')
            ? 'rows'
            : 'rounds',
      closed: this.part.closed,
      cut,
      conflicts: this.conflicts,
    };
  }

  private baseOf(round: RoundReading): Base | null {
    const below = this.rounds[round.base];
    if (!below || round.kind === 'edging') return null;
    // What an "until" left unworked stands in the edge before the stitches of its last round.
    const rest =
      below.unworked > 0 &&
      round.base > 0 &&
      this.rounds[round.base - 1].from + this.rounds[round.base - 1].count === below.from
        ? below.unworked
        : 0;
    const base: Base = {
      from: below.from - rest,
      count: below.count + rest,
      reversed: round.kind === 'row' && below.turned,
      slots: null,
      into: round.into,
      folded: round.kind === 'fold',
    };
    if (!round.into) return base;
    const loops = round.into === 'front' ? this.front : this.back;
    let free = 0;
    for (let s = base.from; s < base.from + base.count; s++) if (loops[s] === FREE) free++;
    const slots = new Int32Array(free);
    for (let s = base.from, k = 0; s < base.from + base.count; s++) if (loops[s] === FREE) slots[k++] = s;
    return { ...base, slots, reversed: false };
  }

  private work(round: RoundReading): void {
    this.q = 0;
    const pairs = this.base?.folded ? 2 : 1;
    const fixed = round.items.reduce((sum, i) => sum + fixedEats(i), 0);
    const chain = round.items.find((i) => i.type === 'start' && i.start === 'chain');
    const along = chain?.type === 'start' ? chain.chain - chain.first + 1 : null;
    if (round.colour !== null) this.changeColour(round.colour);
    this.items(
      round.items,
      along === null
        ? Math.max(0, Math.ceil(round.offered / pairs) - round.unworked - fixed)
        : Math.max(0, along - fixed),
    );
  }

  private items(items: readonly Item[], free: number): void {
    for (const item of items) {
      if (this.at >= this.size && item.type !== 'sign' && item.type !== 'return') return;
      if (++this.steps > MOST_STEPS) return;
      switch (item.type) {
        case 'start':
          if (item.start !== 'chain') this.run(item.kind, 0, 1, item.count, null);
          // The chain itself is worked too: it takes yarn and time and leaves no top.
          if (item.start === 'chain' || item.start === 'loop') this.note('ch', 0, 1, false, item.chain);
          break;
        case 'stitch':
          this.stitchItem(item, free);
          break;
        case 'group': {
          const eats = allEats(item);
          const times = item.times === 'around' ? (eats > 0 ? Math.floor(free / eats) : 0) : item.times;
          for (let t = 0; t < times && this.at < this.size && this.steps <= MOST_STEPS; t++)
            this.items(item.items, 1);
          break;
        }
        case 'fan': {
          const times = item.times === 'around' ? free : item.times;
          for (let t = 0; t < times && this.at < this.size; t++) this.fan(item.items);
          break;
        }
        case 'clamp':
          this.clamps.push({ name: item.name, at: this.at, over: item.over });
          this.run('sc', 1, 1, item.over, {
            type: 'stitch',
            kind: 'sc',
            eats: 1,
            makes: 1,
            times: item.over,
            loops: item.loops,
            span: item.span,
          });
          break;
        case 'return':
          this.strand(item);
          break;
        case 'sign':
          if (item.sign === 'colour') this.changeColour(item.colour!);
          if (item.counts) this.run('ch', 1, 1, 1, null);
          else if (item.sign === 'join') this.note('slst', 0, 1, false, 1);
          else if (item.sign === 'turning-chain') this.note('ch', 0, 1, false, item.chain ?? 1);
      }
    }
  }

  private stitchItem(item: StitchItem, free: number): void {
    const times = item.times === 'around' ? (item.eats > 0 ? Math.floor(free / item.eats) : 0) : item.times;
    if (item.skipped) this.q += times;
    else this.run(item.kind, item.eats, item.makes, times, item);
  }

  private strand({ chain, first, items, picot, anchored, times }: ReturnItem): void {
    const worked = picot ? 1 : chain - first + 1;
    for (let t = 0; t < times && this.strands.length < MOST_STRANDS; t++)
      this.strands.push({ at: this.at - 1, chain, worked });
    this.note('ch', 0, 1, false, chain * times);
    if (anchored) this.note('slst', 0, 1, false, times);
    const counted = items.reduce((sum, i) => sum + (i.times === 'around' ? 0 : i.times), 0);
    if (items.length === 0) this.note('slst', 0, 1, false, worked * times);
    for (const item of items)
      this.note(
        item.kind,
        0,
        1,
        false,
        (item.times === 'around' ? Math.max(0, worked - counted) : item.times) * times,
      );
  }

  private changeColour(name: string): void {
    let slot = this.colours.indexOf(name);
    if (slot < 0 && this.colours.length < MOST_COLOURS) slot = this.colours.push(name) - 1;
    this.slot = Math.max(0, slot);
  }

  private fan(items: readonly Item[]): void {
    const from = this.at;
    const parent = this.parent(this.q);
    for (const item of items) {
      if (item.type === 'stitch') this.run(item.kind, 0, 1, (Number(item.times) || 1) * item.makes, null);
      else if (item.type === 'return') this.strand(item);
    }
    for (let s = from; s < this.at; s++) {
      this.parentFrom[s] = parent;
      this.parentTo[s] = this.base ? parent + 1 : parent;
      this.offset[s] = s - from - (this.at - from - 1) / 2;
    }
    const loops = items.find((i): i is StitchItem => i.type === 'stitch') ?? null;
    this.book(this.q, 1, loops);
    this.q++;
  }

  /** The stitch of the base that is used as number q. */
  private parent(q: number): number {
    const { base } = this;
    if (!base || base.count === 0) return 0;
    if (base.slots) return base.slots[Math.min(q, base.slots.length - 1)] ?? base.from;
    const k = Math.min(q, base.count - 1);
    return base.from + (base.reversed ? base.count - 1 - k : k);
  }

  private run(
    kind: StitchItem['kind'],
    eats: number,
    makes: number,
    times: number,
    item: StitchItem | null,
  ): void {
    const code = codeOf(kind);
    const { base, slot } = this;
    let t = 0;
    if (
      eats === 1 &&
      makes === 1 &&
      base &&
      !base.slots &&
      !base.folded &&
      item &&
      !item.post &&
      !item.spike &&
      item.loops !== 'third'
    )
      t = this.plainRun(code, times, base, item.loops !== 'back', item.loops !== 'front');
    for (; t < times; t++) {
      if (makes > 0 && this.at >= this.size) break;
      if (makes === 0 && ++this.steps > MOST_STEPS) break;
      const a = this.parent(this.q);
      const b = eats > 1 ? this.parent(this.q + eats - 1) : a;
      const from = a < b ? a : b;
      const to = base ? (a < b ? b : a) + (eats > 0 || base.into ? 1 : 0) : 0;
      for (let m = 0; m < makes && this.at < this.size; m++) {
        const s = this.at++;
        this.kind[s] = code;
        this.parentFrom[s] = base ? from : 0;
        this.parentTo[s] = to;
        this.offset[s] = m - (makes - 1) / 2;
        this.colour[s] = slot;
      }
      if (eats > 0 && base) this.book(this.q, eats, item);
      this.q += eats;
    }
    this.note(kind, eats, makes, item?.invisible ?? false, t);
  }

  /** The same for what most stitches are: one in one. Gives how many were worked. */
  private plainRun(code: number, times: number, base: Base, takesFront: boolean, takesBack: boolean): number {
    const { user, slot, front, back } = this;
    const step = base.reversed ? -1 : 1;
    const n = Math.max(0, Math.min(times, this.size - this.at, base.count - this.q));
    let p = this.parent(this.q);
    let s = this.at;
    for (let t = 0; t < n; t++, s++, p += step) {
      this.kind[s] = code;
      this.parentFrom[s] = p;
      this.parentTo[s] = p + 1;
      this.colour[s] = slot;
      if (takesFront) {
        if (front[p] > 0 && front[p] !== user) this.conflicts++;
        front[p] = user;
      }
      if (takesBack) {
        if (back[p] > 0 && back[p] !== user) this.conflicts++;
        back[p] = user;
      }
    }
    this.at = s;
    this.q += n;
    return n;
  }

  /** Adds to the ledger of loops that `eats` stitches of the base, from number q on, are worked into. */
  private book(q: number, eats: number, item: StitchItem | null): void {
    const { base, user } = this;
    if (!base || item?.post || item?.spike || item?.loops === 'third') return;
    const front = base.into ? base.into === 'front' : item?.loops !== 'back';
    const back = base.into ? base.into === 'back' : item?.loops !== 'front' && !item?.invisible;
    for (let k = 0; k < eats; k++) {
      const s = this.parent(q + k);
      if (front) this.take(this.front, s, user);
      if (back) this.take(this.back, s, user);
      if (item?.invisible && this.back[s] === FREE) this.back[s] = HIDDEN;
      if (base.folded) {
        const other = base.from + base.count - 1 - (s - base.from);
        if (front) this.take(this.front, other, user);
        if (back) this.take(this.back, other, user);
      }
    }
  }

  private take(loops: Int32Array, s: number, user: number): void {
    if (loops[s] > 0 && loops[s] !== user) this.conflicts++;
    loops[s] = user;
  }

  private note(
    kind: StitchItem['kind'],
    eats: number,
    makes: number,
    invisible: boolean,
    times: number,
  ): void {
    const same = this.worked.find(
      (w) => w.kind === kind && w.eats === eats && w.makes === makes && w.invisible === invisible,
    );
    if (same) same.times += times;
    else this.worked.push({ kind, eats, makes, invisible, times });
  }

  /** Even stitches on the round below, for rounds that do not add up. */
  private spread(entry: FabricRound, round: RoundReading): void {
    if (round.colour !== null) this.changeColour(round.colour);
    this.spreadOut(entry, entry.count);
    this.clamps = clampsAsWritten(round.items, entry.from);
    // What follows goes on in the yarn that it ends in.
    const last = lastColour(round.items);
    if (last !== null) this.changeColour(last);
  }

  private spreadOut(entry: FabricRound, count: number): void {
    const { base } = this;
    const below = base?.slots?.length ?? base?.count ?? 0;
    this.at = entry.from;
    for (let s = 0; s < count; s++, this.at++) {
      const p = below > 0 ? this.parent(Math.min(below - 1, Math.floor((s * below) / count))) : 0;
      this.kind[this.at] = 0;
      this.parentFrom[this.at] = p;
      this.parentTo[this.at] = below > 0 ? p + 1 : p;
      this.offset[this.at] = 0;
      this.colour[this.at] = this.slot;
      if (below > 0 && !base?.into) {
        this.front[p] = this.user;
        this.back[p] = this.user;
      }
    }
    this.worked = [{ kind: 'sc', eats: 1, makes: 1, invisible: false, times: count }];
  }
}
