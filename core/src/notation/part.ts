import { notationWords as say } from '../words';
import { dropBreakingMends } from './breaking';
import { rufflesIn, workedSpan } from './faults';
import type { HookSaid } from './hooks';
import { decide, endOf, takeHook } from './partFacts';
import { moved, problem, type Problem } from './problems';
import { isWork } from './statedCount';
import type { PartReading } from './reading';
import type { HeadingNode, Item, LineNode, RoundNode, StartItem } from './syntax';
import { begin, type PartContext } from './work';
import { WorkedLines } from './worked';

const ON_LEGS =
  /\b(?:around|along|onto|over)\s+(?:the\s+)?(?:first|second|left|right|other)?\s*(?:leg|foot)\b/i;

/** Sums up one part, line by line. */
export class PartCounter extends WorkedLines {
  /** a line of bare chain, or of a chain closed to a ring, that may be what the next line is worked into */
  private chain: { line: number; signs: Item[]; count: number; first: number | null; ring: boolean } | null =
    null;
  /** how many rounds stood before the line that is being read */
  private begunAt = 0;

  constructor(heading: HeadingNode | null, firstLine: number, context: PartContext) {
    super(firstLine, context);
    if (heading) {
      const { name, make, mirrored, colour, yarn, ringIs, option, colours: copyColours } = heading;
      Object.assign(this.part, { name, make, mirrored, colour, yarn, ringIs, option, copyColours });
      if (colour) this.part.colours.push(colour);
    }
    if (heading?.hook) takeHook(this.part, heading.hook);
  }

  line(line: number, from: number, to: number, node: LineNode): void {
    const first = (this.begunAt = this.part.rounds.length);
    this.nthFrom = first - this.part.rounds.findLastIndex((r) => r.line !== line) - 1;
    if ((node.type === 'round' || node.type === 'repeat') && node.before)
      this.colour(decide(this.part, node.before));
    const star = 'star' in node ? node.star : undefined;
    if (star === 'opens') this.stars = { opens: first, closes: null };
    const problems =
      node.type === 'round' ? this.round(line, node) : node.type === 'repeat' ? this.repeat(line, node) : [];
    if (node.type === 'round')
      for (const span of node.unread ?? []) problems.push(problem('assumed', span, say.soundsLikeWork));
    if (node.type === 'note' && node.unread && node.behind)
      problems.push(problem('assumed', { from: 0, to: to - from }, say.soundsLikeWork));
    if (star === 'closes') this.stars.closes = this.part.rounds.length;
    if (node.type === 'round' && node.hook) takeHook(this.part, node.hook);
    if ((node.type === 'round' || node.type === 'repeat' || node.type === 'note') && node.facts) {
      // What a note names outside its sentences, as `Hook: 5 mm`, is its own.
      if (node.type === 'note' && node.hook && !node.facts.some((f) => f.fact === 'hook'))
        takeHook(this.part, node.hook);
      this.colour(decide(this.part, node.facts));
      // How the rounds of one yarn end says nothing of those of the next.
      if (node.facts.some((f) => f.fact === 'off')) this.work.joined = false;
    }
    this.part.lines.push({
      line,
      from,
      to,
      node,
      rounds: [this.begunAt, this.part.rounds.length],
      problems: problems.length ? problems.map((p) => moved(p, from)) : problems,
    });
    this.part.lastLine = line;
  }

  /** A colour before the first round is the part's own; later it begins with the next round. */
  private colour(name: string | null): void {
    if (name === null) return;
    if (!this.part.colours.includes(name)) this.part.colours.push(name);
    if (this.part.rounds.length > 0) this.nextColour = name;
    else this.part.colour ??= name;
  }

  /** What the page above says holds for a part that says nothing itself. */
  finish(page: Pick<HookSaid, 'mm' | 'said'> | null): PartReading {
    if (page && this.part.hookMm === null && this.part.hookNotKnown === null) takeHook(this.part, page);
    const { part } = this;
    this.rowsAlone();
    endOf(part, this.context.words);
    const [first] = part.rounds;
    // What begins round the legs begins at the bottom.
    if (first && part.ringIs === null && ON_LEGS.test(this.context.lineText(first.line).text))
      part.ringIs = 'sole';
    const lastMain = part.rounds.findLastIndex((r) => r.kind !== 'layer');
    for (const { round, problem: found } of rufflesIn(this.growths, lastMain)) {
      const line = part.lines.find((l) => l.rounds[0] <= round && round < l.rounds[1]);
      line?.problems.push(moved(found, line.from));
    }
    dropBreakingMends(part);
    for (const l of part.lines) if (l.problems.length) part.problems.push(...l.problems);
    part.stitches = part.rounds.reduce((sum, r) => sum + (r.made ?? 0), 0);
    const worked = new Uint8Array(part.rounds.length);
    for (const round of part.rounds) if (round.base >= 0) worked[round.base] = 1;
    for (let i = 0; i < worked.length; i++) {
      if (worked[i] === 0) continue;
      for (const loop of ['front', 'back'] as const) {
        const free = this.ledger.free(i, loop);
        if (free > 0) part.freeLoops.push({ round: i, loop, free, of: part.rounds[i].carried });
      }
    }
    return part;
  }

  private round(line: number, node: RoundNode): Problem[] {
    const two = tubeAndRound(node);
    if (two) return two.flatMap((one) => this.round(line, one));
    const chain = this.chain;
    this.chain = null;
    const along = chain ? this.workedInto(chain, node) : null;
    if (chain && along) this.takeBack(chain.line);
    const problems = this.labels(node);
    if (node.layer && node.items.every((i) => i.type === 'sign')) {
      this.opened = { layer: node.layer, from: this.context.lineText(line).from };
      return problems;
    }
    if (node.items.length === 0 && (!node.stated || !node.label)) return problems;
    if (this.turnsOnly(node)) return problems;
    if (this.part.rounds.length === 0) this.part.colour ??= beginsIn(node.items);
    for (const item of node.items) this.gather(item);
    if (along) {
      const items = [...chain!.signs, along, ...alongItems(node.items, along)];
      return [...problems, ...this.rounds(line, { ...node, items })];
    }
    const bare = this.work.carried === null && !node.layer ? bareChain(node) : null;
    if (bare) {
      const { count, ring } = bare;
      const signs = node.items.filter((i) => i.type === 'sign' && i.sign === 'colour');
      this.chain = { line, signs, ...bare };
      const items: Item[] = ring
        ? node.items
        : [...signs, { type: 'stitch', kind: 'ch', eats: 0, makes: 1, times: count, span: workedSpan(node) }];
      return [...problems, ...this.rounds(line, { ...node, items })];
    }
    const layer = node.layer ?? this.openedSeenFrom(line);
    this.opened = null;
    if (layer) return [...problems, ...this.layerRound(line, node, layer)];
    this.backToMain(node);
    return [...problems, ...this.rounds(line, node)];
  }

  /** The start that a round makes with the line of chain above it; null when it is no start along it or into it. */
  private workedInto(
    { count, first, ring }: { count: number; first: number | null; ring: boolean },
    node: RoundNode,
  ): StartItem | null {
    if (node.layer) return null;
    const span = { from: 0, to: 0 };
    const start = node.items.find((i) => i.type === 'start');
    if (ring)
      return start?.type === 'start' && (start.start === 'loop' || start.start === 'ring')
        ? { ...start, start: 'loop', chain: count }
        : null;
    // `Ch 2.` and `6 dc in 2nd ch from hook` below it are a ring.
    if (start?.type === 'start' && start.start === 'ring' && count <= 2) return start;
    const { fromHook } = start?.type === 'start' ? start : {};
    if (
      fromHook !== undefined &&
      (node.items.filter(isWork).length > 1 || start?.count === count - fromHook + 1)
    )
      return { type: 'start', start: 'chain', chain: count, first: fromHook, kind: 'ch', count: 0, span };
    if (start) return null;
    const stitch = node.items.find((i) => i.type === 'stitch');
    const from = stitch?.type === 'stitch' ? stitch.fromHook : undefined;
    const stated = node.stated?.count ?? null;
    // Without a word of where it begins, the count says how many chain stitches are left out.
    const left = stated === null ? null : count - stated;
    const nth = from ?? first ?? (left !== null && left >= 1 && left <= 3 ? left + 1 : null);
    return nth === null
      ? null
      : { type: 'start', start: 'chain', chain: count, first: nth, kind: 'ch', count: 0, span };
  }

  /** Takes back the round of a line of chain that turns out to be a foundation. */
  private takeBack(line: number): void {
    this.part.rounds.pop();
    this.begunAt = this.part.rounds.length;
    this.ledger.drop();
    this.nodes.length = this.part.rounds.length;
    for (const [number, index] of this.numbered)
      if (index >= this.part.rounds.length) this.numbered.delete(number);
    const reading = this.part.lines.find((l) => l.line === line);
    if (reading) reading.rounds = [this.part.rounds.length, this.part.rounds.length];
    this.work = { ...begin(), joined: this.work.joined };
  }

  /** `ch 1, turn` on a line of its own belongs to the row before it. */
  private turnsOnly(node: RoundNode): boolean {
    const signs = node.items.every(
      (i) => i.type === 'sign' && ['turn', 'turning-chain', 'join', 'note'].includes(i.sign),
    );
    if (!signs || node.label || node.stated || node.layer) return false;
    const before = this.part.rounds[this.work.base];
    if (before && node.items.some((i) => i.type === 'sign' && i.sign === 'turn')) {
      before.turned = true;
      this.work.turned = true;
    }
    return true;
  }

  /** A single line worked back along a foundation chain is a row, whether or not it says "turn". */
  private rowsAlone(): void {
    const [first] = this.part.rounds;
    if (
      !first ||
      first.kind !== 'round' ||
      !first.items.some((i) => i.type === 'start' && i.start === 'chain')
    )
      return;
    if (first.items.some((i) => i.type === 'sign' && i.sign === 'other-side')) return;
    const goesOn = this.part.rounds.slice(1).some((r) => r.kind === 'round' && r.base >= 0);
    if (!goesOn || this.rowLabel(first.line)) first.kind = 'row';
  }

  private rowLabel(line: number): boolean {
    const node = this.part.lines.find((l) => l.line === line)?.node;
    return node?.type === 'round' && node.label?.row === true;
  }
}

/** What is worked along a chain: `2 sc in 2nd ch from hook`, taken for a start, is its first stitch. */
const alongItems = (items: readonly Item[], along: StartItem): Item[] =>
  items.flatMap((i): Item[] => {
    if (i.type !== 'start') return [i];
    const { kind, count, fromHook, span } = i;
    return along.start === 'chain' && fromHook !== undefined
      ? [{ type: 'stitch', kind, eats: 1, makes: count, times: 1, fromHook, span }]
      : [];
  });

/** `ch 15`, `ch 17, starting in the 2nd ch`, `ch 9, join`: a line of nothing but chain, without a label; null for any other. */
function bareChain(node: RoundNode): { count: number; first: number | null; ring: boolean } | null {
  const worked = node.items.filter((i) => i.type !== 'sign');
  const [only] = worked;
  // `0 ⇥ ch 9`: the chain has no number of its own.
  if (worked.length !== 1 || (node.label && node.label.first !== 0)) return null;
  if (only.type === 'start' && (only.start === 'chain' || only.start === 'tube'))
    return {
      count: only.chain,
      first: only.start === 'chain' ? only.first : null,
      ring: only.start === 'tube',
    };
  return only.type === 'stitch' && only.kind === 'ch' && typeof only.times === 'number' && only.times > 1
    ? { count: only.times, first: null, ring: false }
    : null;
}

/** A longer chain is one to be worked on. */
const HIGHEST = 4;

/** `R1: ch 24, join, sc in each ch (24)`: the closed chain, and the round on it; null for every other line. */
function tubeAndRound(node: RoundNode): [RoundNode, RoundNode] | null {
  const at = node.items.findIndex((item) => item.type === 'start');
  const start = node.items[at];
  if (start?.type !== 'start' || start.start !== 'tube') return null;
  const chain = node.items.slice(0, at + 1);
  const items = node.items.slice(at + 1).map(climbing);
  if (!items.some((item) => item.type !== 'sign')) return null;
  // The round on it is the first one, whether or not it says so.
  const before = { first: 0, last: 0, toTaste: false, row: false, bare: false, span: start.span };
  return [
    { ...node, items: chain, stated: null, label: node.label ? null : before },
    { ...node, items },
  ];
}

/** A chain before the first stitch of a round only climbs. */
function climbing(item: Item, at: number): Item {
  if (at > 0 || item.type !== 'stitch' || item.kind !== 'ch') return item;
  const chain = Number(item.times);
  return chain <= HIGHEST
    ? { type: 'sign', sign: 'turning-chain', chain, counts: false, span: item.span }
    : item;
}

/** The yarn that a round says before its first stitch; null where it says none. */
function beginsIn(items: readonly Item[]): string | null {
  const first = items.findIndex((item) => item.type !== 'sign');
  const before = items.slice(0, first < 0 ? items.length : first);
  const named = before.flatMap((item) => (item.type === 'sign' && item.colour ? [item.colour] : []));
  return named.at(-1) ?? null;
}
