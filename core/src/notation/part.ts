import { notationWords as say } from '../words';
import { dropBreakingMends } from './breaking';
import { countItems, fromEdges, MOST_COUNTED, sumOf, type AlongChain, type Count } from './count';
import { blame, growthOf, rufflesIn, shapeProblems, workedSpan, type Growth, type Judged } from './faults';
import type { HookSaid } from './hooks';
import { Ledger } from './ledger';
import { decide, endOf, takeHook } from './partFacts';
import { applied, moved, problem, type Mend, type Problem } from './problems';
import { emptyPart, type PartReading, type RoundKind, type RoundReading } from './reading';
import {
  settleAround,
  settleGiven,
  settleJoin,
  settleOtherSide,
  settleRepeats,
  settleTallStart,
  shrunk,
  untilRounds,
} from './repeats';
import type {
  HeadingNode,
  Item,
  LayerBase,
  LineNode,
  RepeatNode,
  RoundNode,
  Span,
  StartItem,
  Terms,
} from './syntax';

/** Where the hook is: which round the next one is worked into, and what it is offered. */
interface Work {
  base: number;
  carried: number | null;
  certain: boolean;
  /** the next label */
  next: number | null;
  joined: boolean;
  turned: boolean;
  increases: number;
  /** a bare foundation chain that waits for its first row */
  chain: number;
  layer: boolean;
}

/** A round as it was written, and the colour that began with it on a line of its own. */
interface Written {
  node: RoundNode;
  colour: string | null;
}

export interface PartContext {
  terms: Terms;
  /** whether a part named in a join round is there, and made by then */
  knows(name: string): 'finished' | 'later' | 'unknown';
  reread(line: string): RoundNode | null;
  /** a round of an earlier part; undefined where there is none */
  roundOf(part: string, number: number): Written | undefined;
  /** text of a line, for mends that change another line */
  lineText(line: number): { text: string; from: number };
}

const MOST_ROUNDS = 20_000;
/** No repeat works so many rounds to reach its count. */
const MOST_UNTIL = 400;
const begin = (): Work => ({
  base: -1,
  carried: null,
  certain: true,
  next: null,
  joined: false,
  turned: false,
  increases: 0,
  chain: 0,
  layer: false,
});

const ON_LEGS =
  /\b(?:around|along|onto|over)\s+(?:the\s+)?(?:first|second|left|right|other)?\s*(?:leg|foot)\b/i;

/** Sums up one part, line by line. */
export class PartCounter {
  readonly part: PartReading;
  private work = begin();
  /** the part itself, while a layer is worked */
  private main: Work | null = null;
  /** `join yarn in free front loop of R13`, waiting for its stitches */
  private opened: { layer: LayerBase; line: number } | null = null;
  /** a line before changed to it; it begins with the next round */
  private nextColour: string | null = null;
  /** rounds that stand before a star, and before the one that closes it */
  private stars: { opens: number | null; closes: number | null } = { opens: null, closes: null };
  /** rounds that the same line has made before: a line may hold several */
  private nthFrom = 0;
  /** the node that was counted last */
  private lastCounted: RoundNode | null = null;
  /** a line of bare chain, or of a chain closed to a ring, that may be what the next line is worked into */
  private chain: { line: number; count: number; first: number | null; ring: boolean } | null = null;
  private readonly seen = new Set<number>();
  private readonly ledger = new Ledger();
  private readonly numbered = new Map<number, number>();
  private readonly nodes: (RoundNode | undefined)[] = [];

  private readonly growths: Growth[] = [];
  /** how many rounds stood before the line that is being read */
  private begunAt = 0;

  constructor(
    heading: HeadingNode | null,
    firstLine: number,
    private readonly context: PartContext,
  ) {
    this.part = emptyPart(firstLine);
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
    if (star === 'closes') this.stars.closes = this.part.rounds.length;
    if (node.type === 'round' && node.hook) takeHook(this.part, node.hook);
    if ((node.type === 'round' || node.type === 'repeat' || node.type === 'note') && node.facts) {
      // What a note names outside its sentences, as `Hook: 5 mm`, is its own.
      if (node.type === 'note' && node.hook && !node.facts.some((f) => f.fact === 'hook'))
        takeHook(this.part, node.hook);
      this.colour(decide(this.part, node.facts));
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
    endOf(part, (line) => this.context.lineText(line).text);
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
    const chain = this.chain;
    this.chain = null;
    const along = chain ? this.workedInto(chain, node) : null;
    if (chain && along) this.takeBack(chain.line);
    const problems = this.labels(node);
    if (node.layer && node.items.every((i) => i.type === 'sign')) {
      this.opened = { layer: node.layer, line };
      return problems;
    }
    if (node.items.length === 0 && (!node.stated || !node.label)) return problems;
    if (this.turnsOnly(node)) return problems;
    for (const item of node.items) this.gather(item);
    if (along)
      return [
        ...problems,
        ...this.rounds(line, { ...node, items: [along, ...node.items.filter((i) => i.type !== 'start')] }),
      ];
    const bare = this.work.carried === null && !node.layer ? bareChain(node) : null;
    if (bare) {
      this.chain = { line, ...bare };
      const { count, ring } = bare;
      const items: Item[] = ring
        ? node.items
        : [{ type: 'stitch', kind: 'ch', eats: 0, makes: 1, times: count, span: workedSpan(node) }];
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

  /** The layer that an earlier line opened, its spans counted from the start of this line. */
  private openedSeenFrom(line: number): LayerBase | null {
    if (!this.opened) return null;
    const { layer } = this.opened;
    const by = this.context.lineText(this.opened.line).from - this.context.lineText(line).from;
    const shift = (s: Span): Span => ({ from: s.from + by, to: s.to + by });
    return { ...layer, span: shift(layer.span), roundSpan: shift(layer.roundSpan) };
  }

  /** An unlabelled layer is left when a label goes on with the part itself, or the part is folded or edged. */
  private backToMain(node: RoundNode): void {
    const whole = node.items.some((i) => i.type === 'sign' && (i.sign === 'fold' || i.sign === 'edging'));
    if (
      this.main &&
      (whole || (node.label && (node.label.first === this.main.next || this.main.next === null)))
    ) {
      this.work = this.main;
      this.main = null;
    }
  }

  private layerRound(line: number, node: RoundNode, layer: LayerBase): Problem[] {
    const base = this.numbered.get(layer.round) ?? -1;
    const wanted =
      layer.loops !== 'either'
        ? layer.loops
        : this.ledger.free(base, 'front') >= this.ledger.free(base, 'back')
          ? 'front'
          : 'back';
    const free =
      base < 0
        ? 0
        : this.part.rounds.some((r) => r.base === base) || this.ledger.free(base, wanted) > 0
          ? this.ledger.free(base, wanted)
          : 0;
    if (!this.main && !node.label) this.main = this.work;
    const next = node.label ? node.label.first : 1;
    this.work = {
      ...begin(),
      base,
      carried: free,
      next,
      joined: this.work.joined,
      layer: true,
      certain: true,
    };
    if (free > 0) return this.rounds(line, node, wanted);
    const holder = this.ledger.holder(base, wanted);
    const taken = holder !== null && this.part.rounds[holder].kind === 'layer';
    const stated = node.stated?.count ?? null;
    this.push(
      {
        label: null,
        number: next,
        line,
        nth: 0,
        kind: 'layer',
        base,
        into: wanted,
        offered: 0,
        eaten: 0,
        made: null,
        stated,
        carried: stated ?? 0,
        joined: this.work.joined,
        turned: false,
        unworked: 0,
        items: node.items,
        colour: null,
      },
      node,
    );
    this.work = {
      ...this.work,
      carried: stated ?? 0,
      certain: false,
      next: next + 1,
      base: this.part.rounds.length - 1,
    };
    if (base < 0) return [problem('loop-missing', layer.span, say.noSuchRound(layer.round))];
    if (taken)
      return [
        problem(
          'loop-used-twice',
          layer.span,
          say.loopsTaken(wanted, layer.round, this.labelOf(holder)),
          this.otherFree(layer, wanted, node),
        ),
      ];
    return [
      problem(
        'loop-missing',
        layer.span,
        say.loopsGone(wanted, layer.round, holder === null ? null : this.labelOf(holder)),
        [...this.freeThem(holder, base, wanted, node, line), ...this.otherFree(layer, wanted, node)],
      ),
    ];
  }

  /** The round that took both loops, worked into the others, leaves these free. */
  private freeThem(
    holder: number | null,
    base: number,
    loop: 'front' | 'back',
    node: RoundNode,
    line: number,
  ): Mend[] {
    const round = holder === null ? undefined : this.part.rounds[holder];
    const own = holder === null ? undefined : this.nodes[holder];
    const offered = this.part.rounds[base]?.carried ?? 0;
    const count = countItems(node.items, offered);
    if (
      !round ||
      !own ||
      round.line === line ||
      round.kind !== 'round' ||
      own.items.some((i) => i.type === 'start') ||
      count.fault ||
      count.eaten !== offered ||
      (node.stated !== null && node.stated.count !== count.made)
    )
      return [];
    const others = loop === 'front' ? 'BLO' : 'FLO';
    const text = this.context.lineText(round.line);
    const at = own.items.find((i) => i.type !== 'sign')?.span.from ?? 0;
    const again = this.context.reread(applied(text.text, [{ from: at, to: at, insert: `${others}: ` }]));
    if (!again || sumOf(again.items)[loop] > 0) return [];
    const insertAt = text.from + at - this.context.lineText(line).from;
    return [
      {
        title: say.mendFree(round.label ?? '', others),
        changes: [{ from: insertAt, to: insertAt, insert: `${others}: ` }],
        makes: null,
      },
    ];
  }

  /** Another round whose loops of that kind are free and take the layer as it is written. */
  private otherFree(layer: LayerBase, loop: 'front' | 'back', node: RoundNode) {
    const fits = [...this.numbered].filter(([n, i]) => {
      const free = this.ledger.free(i, loop);
      if (n === layer.round || free === 0 || !this.part.rounds.some((r) => r.base === i)) return false;
      const count = countItems(node.items, free);
      return (
        count.fault === null &&
        count.eaten === free &&
        (node.stated === null || node.stated.count === count.made)
      );
    });
    return fits.slice(0, 2).map(([n]) => ({
      title: say.mendLayer(n),
      changes: [{ ...layer.roundSpan, insert: String(n) }],
      makes: null,
    }));
  }

  private rounds(line: number, node: RoundNode, into: 'front' | 'back' | null = null): Problem[] {
    const labelled = node.label ? node.label.last - node.label.first + 1 : 1;
    const repeats = Math.max(labelled, node.many ?? 1);
    const number = node.label?.first ?? this.work.next ?? 1;
    const signs = (sign: string) => node.items.some((i) => i.type === 'sign' && i.sign === sign);
    // A slip stitch that closes an edging joins no rounds.
    if (signs('join') && !signs('edging')) this.work.joined = true;
    const problems = labelled > 1 ? miscounted(node, labelled) : [];
    const until = node.items.find((i) => i.type === 'group' && i.until !== undefined);
    if (until?.type === 'group' && this.work.carried !== null) return this.until(line, node, number);
    for (let nth = 0; nth < repeats && this.part.rounds.length < MOST_ROUNDS; nth++) {
      const found = this.count(line, nth, number + nth, node, nth === 0 ? into : null);
      // A range says its count once; the same fault in each of its rounds is one fault.
      if (nth === 0) problems.push(...found);
    }
    this.work.next = number + repeats;
    return problems;
  }

  /**
   * `repeat R3-R4 twice`: the same rounds again, each a copy of its own; twice more, unless the label counts otherwise
   * (decision 25). `until 6 remain` ends when so many are left on the edge.
   */
  private repeat(line: number, node: RepeatNode): Problem[] {
    this.opened = null;
    const problems = node.label ? this.labels({ label: node.label }) : [];
    const copied = node.stars ? this.betweenStars() : this.copiedRounds(node);
    if (copied === null)
      return [
        ...problems,
        problem(
          'unknown-word',
          node.span,
          node.stars ? say.noStar : say.noSuchRound(node.first ?? 0, node.of),
        ),
      ];
    const labelled = node.label ? node.label.last - node.label.first + 1 : null;
    const times = labelled !== null && labelled % copied.length === 0 ? labelled / copied.length : node.times;
    const most = node.until === null ? times * copied.length : MOST_UNTIL;
    let number = node.label?.first ?? this.work.next ?? 1;
    let reached = node.until === null;
    for (let nth = 0; nth < most && this.part.rounds.length < MOST_ROUNDS; nth++) {
      if (node.until !== null && (this.work.carried ?? 0) <= node.until) {
        reached = this.work.carried === node.until;
        break;
      }
      const written = copied[nth % copied.length];
      const from = node.shrinking ? shrunk(copied[0].node, nth + 1) : written.node;
      if (!from) break;
      // A copy begins with the colour with which the written round begins.
      this.nextColour ??= written.colour;
      // The count belongs to the last round that the line makes.
      const last = node.until === null && nth === most - 1;
      const stated = last ? node.stated : null;
      const found = this.count(
        line,
        nth,
        number++,
        {
          ...from,
          label: null,
          stated: stated ?? (node.until === null && !node.stated ? from.stated : null),
        },
        null,
      ).filter((p) => p.severity === 'error');
      if (found.length && problems.every((p) => p.severity !== 'error'))
        problems.push({ ...found[0], span: node.span, mends: [] });
      this.work.next = number;
    }
    if (!reached && this.work.carried !== node.until)
      problems.push(
        problem('does-not-divide', node.span, say.untilNever(this.work.carried ?? 0, node.until ?? 0)),
      );
    return problems;
  }

  /** The round of a number as it was written; undefined where there is none. */
  written(number: number): Written | undefined {
    const index = this.numbered.get(number) ?? -1;
    const node = this.nodes[index];
    return node && { node, colour: this.part.rounds[index].colour };
  }

  /** The rounds that a line works again, in their order; null when one of them is not there. */
  private copiedRounds({ of, first, last }: RepeatNode): Written[] | null {
    if (first !== null) {
      const found: Written[] = [];
      for (let n = first; n <= (last ?? first); n++) {
        const written = of === null ? this.written(n) : this.context.roundOf(of, n);
        if (!written) return null;
        found.push(written);
      }
      return found;
    }
    return this.writtenFrom(this.nodes.length - (last ?? 1), this.nodes.length);
  }

  /** `repeat from * to *`: the rounds between two stars that stand in lines of their own; null where none do. */
  private betweenStars(): Written[] | null {
    const { opens, closes } = this.stars;
    return opens === null ? null : this.writtenFrom(opens, closes ?? this.nodes.length);
  }

  private writtenFrom(from: number, to: number): Written[] | null {
    const found = this.nodes.flatMap((node, i): Written[] =>
      i < from || i >= to || !node ? [] : [{ node, colour: this.part.rounds[i].colour }],
    );
    return found.length > 0 ? found : null;
  }

  /** Works round after round until so many stitches are left on the edge; the last one may end in the middle. */
  private until(line: number, node: RoundNode, number: number): Problem[] {
    const offered = this.work.carried!;
    const group = node.items.find((i) => i.type === 'group' && i.until !== undefined)!;
    const found = untilRounds(group, offered);
    if (found.length === 0) {
      const left = (group as { until?: number }).until!;
      this.pushCounted(
        line,
        0,
        number,
        node,
        { ...countItems(node.items, offered), made: null },
        'round',
        null,
        node.stated?.count ?? left,
      );
      this.work.next = number + 1;
      return [problem('does-not-divide', group.span, say.untilNever(offered, left))];
    }
    found.forEach((r, nth) => {
      this.pushCounted(
        line,
        nth,
        number + nth,
        { ...node, items: r.items },
        {
          eaten: r.eaten,
          made: r.made,
          around: null,
          front: r.front,
          back: r.back,
          hidden: r.hidden,
          fault: null,
        },
        'round',
        null,
        r.made + r.unworked,
        r.unworked,
      );
    });
    this.work.next = number + found.length;
    const last = found[found.length - 1];
    const stated = node.stated?.count ?? null;
    const left = last.made + last.unworked;
    return stated === null || stated === left
      ? []
      : [
          problem('count-mismatch', group.span, say.countMismatch(left, stated), [
            {
              title: say.mendCount(left),
              changes: [{ ...node.stated!.span, insert: String(left) }],
              makes: left,
            },
          ]),
        ];
  }

  private labels(node: Pick<RoundNode, 'label'>): Problem[] {
    if (!node.label) return [];
    const { first, last, span } = node.label;
    const work = this.main && (first === this.main.next || this.main.next === null) ? this.main : this.work;
    const layered = work.layer && this.main !== null;
    const repeat = !layered && this.seen.has(first);
    if (!layered) for (let n = first; n <= last; n++) this.seen.add(n);
    if (repeat) return [problem('label-repeat', span, say.labelRepeat(first))];
    if (work.next !== null && first !== work.next && !layered)
      return [problem('label-gap', span, say.labelGap(work.next, first))];
    return [];
  }

  private count(
    line: number,
    nth: number,
    number: number,
    node: RoundNode,
    into: 'front' | 'back' | null,
  ): Problem[] {
    const before = this.part.rounds[this.part.rounds.length - 1];
    // Further rounds of a range that are offered the same come out the same.
    if (
      nth >= 2 &&
      this.lastCounted === node &&
      before.offered === this.work.carried &&
      before.line === line &&
      before.kind === 'round'
    ) {
      this.push(
        { ...before, label: `R${number}`, number, nth, base: this.work.base },
        node,
        loopsUsed(before),
      );
      this.work.carried = before.carried;
      this.work.base = this.part.rounds.length - 1;
      return [];
    }
    this.lastCounted = node;
    const { work } = this;
    const given = work.carried === null;
    const starts = node.items.some((i) => i.type === 'start');
    const along = this.alongChain(node);
    const onto = node.items.findIndex((i) => i.type === 'sign' && i.sign === 'onto');
    const isStart = given || starts || along !== null || onto >= 0;
    const offered = isStart ? 0 : work.carried!;
    const stated = node.stated?.count ?? null;
    const joined = settleJoin(node.items, offered, stated, { isStart, joined: work.joined });
    if (joined !== node.items) work.joined = true;
    const whole = isStart ? joined : settleAround(joined, offered, stated);
    const settled = settleRepeats(whole, offered, stated, isStart);
    const items =
      given && !starts
        ? settleGiven(settled.items, stated)
        : settleOtherSide(settleTallStart(settled.items, offered, stated), stated);
    const count =
      onto >= 0 ? fromEdges(items) : countItems(items, isStart && !starts ? (stated ?? 0) : offered, along);
    const kind = kindOf(items, into, work, isStart);
    const own: RoundNode =
      items === node.items
        ? node
        : {
            type: 'round',
            label: node.label,
            items,
            stated: node.stated,
            layer: node.layer,
            body: node.body,
            unclosed: node.unclosed,
          };
    const judged: Judged = {
      node: own,
      count,
      offered,
      stated,
      isStart,
      given: given && !starts && !along,
      terms: this.context.terms,
      line: () => this.context.lineText(line).text,
      reread: this.context.reread,
    };
    const problems = this.part.caught.length
      ? [...blame(judged), ...this.unknownParts(items)]
      : blame(judged);
    const trusted = !problems.some(
      (p) => p.severity === 'error' && p.code !== 'unknown-part' && p.code !== 'not-finished',
    );
    let carried = trusted ? (stated ?? count.made) : (stated ?? problems[0].mends[0]?.makes ?? count.made);
    if (carried === null || carried < 0) carried = kind === 'edging' ? count.eaten : offered;
    // A round that makes nothing is a fault; the next one stands on the round before.
    if (carried === 0) carried = Math.max(1, offered);
    if (settled.said) problems.push(problem('assumed', settled.said.span, settled.said.sentence));
    if (!work.certain) problems.push(problem('assumed', workedSpan(node), say.assumed(offered)));
    if (trusted && count.made !== null && !isStart && kind === 'round')
      problems.push(...this.shape(own, offered, count.made));
    const conflict = this.pushCounted(
      line,
      nth,
      number,
      own,
      isStart ? { ...count, eaten: 0 } : count,
      kind,
      into,
      Math.min(carried, MOST_COUNTED),
    );
    if (conflict) problems.push(this.loopConflict(conflict, workedSpan(node), node));
    this.work.certain = trusted;
    this.work.chain = isBareChain(items) && isStart ? (count.made ?? 0) : 0;
    return problems;
  }

  /** A chain start on this line is counted by itself; `in 2nd ch from hook` after a line of bare chain goes back along it. */
  private alongChain(node: RoundNode): AlongChain | null {
    const first = node.items.find((i) => i.type === 'stitch' && i.fromHook !== undefined);
    if (this.work.chain === 0 || first?.type !== 'stitch') return null;
    return { chain: this.work.chain, first: first.fromHook! };
  }

  private pushCounted(
    line: number,
    nth: number,
    number: number,
    node: RoundNode,
    count: Count,
    kind: RoundKind,
    into: 'front' | 'back' | null,
    carried: number,
    unworked = 0,
  ) {
    const { work } = this;
    const start = node.items.some((i) => i.type === 'start') || work.carried === null;
    const base = start && !into ? -1 : work.base;
    const uses = into
      ? { front: into === 'front' ? count.eaten : 0, back: into === 'back' ? count.eaten : 0, hidden: 0 }
      : sound(count, work.carried ?? 0)
        ? count
        : all(count, work.carried ?? 0);
    const conflict = this.push(
      {
        label:
          kind === 'layer' || kind === 'fold'
            ? node.label && kind === 'layer'
              ? `R${number}`
              : null
            : work.layer && this.main
              ? null
              : `R${number}`,
        number,
        line,
        nth,
        kind,
        base,
        into,
        offered: base < 0 ? 0 : (work.carried ?? 0),
        eaten: base < 0 ? 0 : count.eaten,
        made: count.made,
        stated: node.stated?.count ?? null,
        carried,
        joined: work.joined,
        turned: node.items.some((i) => i.type === 'sign' && i.sign === 'turn'),
        unworked,
        items: node.items,
        colour: null,
      },
      node,
      kind === 'edging' ? undefined : uses,
    );
    this.work.base = this.part.rounds.length - 1;
    this.work.carried = carried;
    this.work.turned = this.part.rounds[this.work.base].turned;
    return conflict;
  }

  private push(round: RoundReading, node: RoundNode, use?: Pick<Count, 'front' | 'back' | 'hidden'>) {
    const index = this.part.rounds.length;
    this.part.rounds.push({ ...round, nth: round.nth + this.nthFrom, colour: this.nextColour });
    this.nextColour = null;
    this.ledger.open(round.carried);
    if (!(this.work.layer && this.main)) {
      this.numbered.set(round.number, index);
      this.nodes[index] = node;
    }
    return round.base >= 0 && use ? this.ledger.use(round.base, index, use) : null;
  }

  private loopConflict(
    conflict: { loop: 'front' | 'back'; by: number },
    span: Span,
    node: RoundNode,
  ): Problem {
    const other = conflict.loop === 'front' ? 'BLO' : 'FLO';
    const from = node.items.find((i) => i.type !== 'sign')?.span.from ?? span.from;
    const line = this.context.lineText(this.part.rounds[this.part.rounds.length - 1].line).text;
    const mend = {
      title: say.mendLoops(other),
      changes: [{ from, to: from, insert: `${other}: ` }],
      makes: null,
    };
    const again = this.context.reread(applied(line, mend.changes));
    const fits =
      again && sumOf(again.items)[conflict.loop] === 0 && again.items.some((i) => i.type !== 'sign');
    return problem(
      'loop-used-twice',
      span,
      say.loopHeld(conflict.loop, this.labelOf(conflict.by)),
      fits ? [mend] : [],
    );
  }

  private unknownParts(items: readonly Item[]): Problem[] {
    return items.flatMap((item): Problem[] => {
      const name =
        item.type === 'clamp' ? item.name : item.type === 'sign' && item.sign === 'onto' ? item.name! : null;
      if (item.type === 'group') return this.unknownParts(item.items);
      if (name === null) return [];
      const known = this.context.knows(name);
      return known === 'finished'
        ? []
        : known === 'later'
          ? [problem('not-finished', item.span, say.notFinished(name))]
          : [problem('unknown-part', item.span, say.unknownPart(name))];
    });
  }

  /** Colours and caught parts, in the order in which they are named. */
  private gather(item: Item): void {
    if (item.type === 'sign' && item.sign === 'colour' && !this.part.colours.includes(item.colour!))
      this.part.colours.push(item.colour!);
    const name =
      item.type === 'clamp' ? item.name : item.type === 'sign' && item.sign === 'onto' ? item.name! : null;
    if (name !== null && !this.part.caught.includes(name)) this.part.caught.push(name);
    if (item.type === 'group' || item.type === 'fan') for (const inner of item.items) this.gather(inner);
  }

  private shape(node: RoundNode, offered: number, made: number): Problem[] {
    this.growths.push(growthOf(this.part.rounds.length, node, offered, made));
    const { problems, increases } = shapeProblems(
      node,
      offered,
      made,
      this.work.increases,
      this.context.terms,
    );
    this.work.increases = increases;
    return problems;
  }

  private labelOf(round: number): string {
    return this.part.rounds[round].label ?? say.theLayer(this.part.rounds[round].line);
  }
}

/** `R5-9 (4 rounds)`: a range that is not as many rounds as the line says, in its label or behind its work. */
function miscounted({ label, many }: RoundNode, labelled: number): Problem[] {
  const said = label?.rounds ?? many ?? labelled;
  if (said === labelled || !label) return [];
  return [
    {
      ...problem('label-gap', label.span, say.otherRounds(label.first, label.last, said)),
      severity: 'error',
    },
  ];
}

/** `ch 15`, `ch 17, starting in the 2nd ch`, `ch 9, join`: a line of nothing but chain, without a label; null for any other. */
function bareChain(node: RoundNode): { count: number; first: number | null; ring: boolean } | null {
  const worked = node.items.filter((i) => i.type !== 'sign');
  const [only] = worked;
  if (worked.length !== 1 || node.label) return null;
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

const isBareChain = (items: readonly Item[]): boolean =>
  items.length > 0 && items.every((i) => i.type === 'sign' || (i.type === 'stitch' && i.kind === 'ch'));
const sound = (count: Count, offered: number): boolean => count.fault === null && count.eaten === offered;

/** A round that does not add up is taken to use all that is there, through the loops it names. */
function all(count: Count, offered: number) {
  return {
    front: count.back > 0 && count.front === 0 ? 0 : offered,
    back: count.front > 0 && count.back === 0 ? 0 : offered,
    hidden: 0,
  };
}

const loopsUsed = (round: RoundReading) => {
  const count = countItems(round.items, round.offered);
  return sound(count, round.offered) ? count : all(count, round.offered);
};

function kindOf(
  items: readonly Item[],
  into: 'front' | 'back' | null,
  work: Work,
  isStart: boolean,
): RoundKind {
  const has = (sign: string) => items.some((i) => i.type === 'sign' && i.sign === sign);
  if (into) return 'layer';
  if (has('fold')) return 'fold';
  if (has('edging')) return 'edging';
  if (isStart && isBareChain(items)) return 'chain';
  return (has('turn') || work.turned) && !work.joined ? 'row' : 'round';
}
