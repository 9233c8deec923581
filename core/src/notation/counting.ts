import { notationWords as say } from '../words';
import { countItems, fromEdges, sumOf, type AlongChain, type Count } from './count';
import { blame, growthOf, shapeProblems, workedSpan, type Growth } from './faults';
import { Ledger } from './ledger';
import { applied, problem, type Problem } from './problems';
import { settleAlone } from './countsAlone';
import { emptyPart, type PartReading, type RoundKind, type RoundReading } from './reading';
import {
  settleGiven,
  settleJoin,
  settleOtherSide,
  settleRepeats,
  settleTallStart,
  type Settled,
} from './repeats';
import { ABOUT_PARTS, unknownParts } from './partsNamed';
import { settleAlong, settleAround } from './settleAround';
import { ofAll, ofTwoEdges, severalRounds, starAround } from './settling';
import type { Item, RoundNode, Span } from './syntax';
import {
  begin,
  carriedOn,
  isBareChain,
  kindOf,
  loopsUsed,
  onlyRound,
  partNamed,
  usesOf,
  type PartContext,
  type Work,
} from './work';

interface Counted {
  line: number;
  nth: number;
  number: number;
  node: RoundNode;
  count: Count;
  kind: RoundKind;
  into: 'front' | 'back' | null;
  carried: number;
  unworked?: number;
}

/** Counts the rounds of one part, one after the other: what each uses and leaves, and what is wrong with it. */
export abstract class Counting {
  readonly part: PartReading;
  protected work = begin();
  /** the part itself, while a layer is worked */
  protected main: Work | null = null;
  /** a line before changed to it; it begins with the next round */
  protected nextColour: string | null = null;
  /** the node that was counted last */
  protected lastCounted: RoundNode | null = null;
  protected readonly seen = new Set<number>();
  protected readonly ledger = new Ledger();
  protected readonly numbered = new Map<number, number>();
  protected readonly nodes: (RoundNode | undefined)[] = [];
  protected readonly growths: Growth[] = [];
  /** rounds that the same line has made before: a line may hold several */
  protected nthFrom = 0;

  constructor(
    firstLine: number,
    protected readonly context: PartContext,
  ) {
    this.part = emptyPart(firstLine);
  }

  protected labels(node: Pick<RoundNode, 'label'>): Problem[] {
    if (!node.label) return [];
    const { first, last, span } = node.label;
    const work = this.main && (first === this.main.next || this.main.next === null) ? this.main : this.work;
    const layered = work.layer && this.main !== null;
    if (first === 1 && this.seen.size === 0) this.startIsNone();
    const repeat = !layered && this.seen.has(first);
    if (!layered) for (let n = first; n <= last; n++) this.seen.add(n);
    if (repeat) return [problem('label-repeat', span, say.labelRepeat(first))];
    if (work.next !== null && first !== work.next && !layered)
      return [problem('label-gap', span, say.labelGap(work.next, first))];
    return [];
  }

  /** `Begin by 6 dc into ring.` and `Rnd 1` below it: where the rounds are counted from the one behind the start, the start is none of them. */
  private startIsNone(): void {
    const [start] = this.part.rounds;
    const unlabelled = this.part.rounds.length === 1 && this.nodes[0]?.label === null;
    if (!unlabelled || !start.items.some((i) => i.type === 'start')) return;
    Object.assign(start, { number: 0, label: 'R0' });
    this.numbered.clear();
    this.work.next = 1;
  }

  protected count(
    line: number,
    nth: number,
    number: number,
    node: RoundNode,
    into: 'front' | 'back' | null,
  ): Problem[] {
    if (nth >= 2 && this.sameAgain(line, nth, number, node)) return [];
    this.lastCounted = node;
    const { work } = this;
    const written = () => this.context.lineText(line).text;
    const starts = node.items.some((i) => i.type === 'start');
    const along = this.alongChain(node);
    const onto = node.items.some((i) => i.type === 'sign' && i.sign === 'onto');
    const isStart = work.carried === null || starts || along !== null || onto;
    const two = isStart ? null : ofTwoEdges(written(), node, work.carried!);
    const offered = isStart ? 0 : (two ?? work.carried!);
    const stated = node.stated?.count ?? null;
    const closed = starAround(node, offered, written);
    const { items, said } = this.settled(closed ?? node, { offered, stated, starts, isStart });
    const count = onto
      ? fromEdges(items)
      : countItems(items, isStart && !starts ? (stated ?? 0) : offered, along);
    const kind = kindOf(items, into, work, isStart);
    const own = items === node.items ? node : onlyRound({ ...(closed ?? node), items });
    const problems = blame({
      node: own,
      count,
      offered,
      stated,
      isStart,
      given: work.carried === null && !starts && !along,
      terms: this.context.terms,
      line: written,
      reread: this.context.reread,
    });
    if (this.part.caught.length) problems.push(...unknownParts(items, this.context));
    const trusted = !problems.some((p) => p.severity === 'error' && !ABOUT_PARTS.has(p.code));
    const carried = carriedOn({ count, offered, stated, kind, mend: trusted ? null : problems[0].mends[0] });
    problems.push(...this.assumed(node, said, two !== null, offered));
    if (trusted && count.made !== null && !isStart && kind === 'round')
      problems.push(...this.shape(own, offered, count.made));
    const used = isStart ? { ...count, eaten: 0 } : count;
    const conflict = this.pushCounted({ line, nth, number, node: own, count: used, kind, into, carried });
    if (conflict) problems.push(this.loopConflict(conflict, workedSpan(node), node));
    this.work.certain = trusted;
    this.work.chain = isBareChain(items) && isStart ? (count.made ?? 0) : 0;
    return problems;
  }

  /** What a round was read by that its words do not say. */
  private assumed(node: RoundNode, said: Settled['said'], two: boolean, offered: number): Problem[] {
    const span = workedSpan(node);
    return [
      ...(said ? [{ ...problem('assumed', said.span, said.sentence), proven: said.proven }] : []),
      ...(two ? [problem('assumed', span, say.twoEdges(this.work.carried!))] : []),
      ...(this.work.certain ? [] : [problem('assumed', span, say.assumed(offered))]),
    ];
  }

  /** Further rounds of a range that are offered the same come out the same; false where they must be counted. */
  protected sameAgain(line: number, nth: number, number: number, node: RoundNode): boolean {
    const before = this.part.rounds[this.part.rounds.length - 1];
    const same =
      this.lastCounted === node &&
      before.offered === this.work.carried &&
      before.line === line &&
      before.kind === 'round';
    if (!same) return false;
    const round = { ...before, label: `R${number}`, number, nth, base: this.work.base };
    this.push(round, node, loopsUsed(before));
    this.work.carried = before.carried;
    this.work.base = this.part.rounds.length - 1;
    return true;
  }

  /** The items of a round with everything doubtful settled by the counts, and what is to be said of it. */
  protected settled(
    node: RoundNode,
    {
      offered,
      stated,
      starts,
      isStart,
    }: { offered: number; stated: number | null; starts: boolean; isStart: boolean },
  ): Settled {
    const { work } = this;
    const alone = isStart ? null : settleAlone(node, offered, this.context.terms);
    if (alone) return alone;
    const joined = settleJoin(node.items, offered, stated, { isStart, joined: work.joined });
    if (joined !== node.items) work.joined = true;
    const whole = isStart ? settleAlong(joined) : settleAround(joined, offered, stated, severalRounds(node));
    const { items, said: ofRepeat } = settleRepeats(whole, offered, stated, isStart);
    const said = ofRepeat ?? (whole === joined ? null : ofAll(whole));
    if (work.carried === null && !starts) return { items: settleGiven(items, stated), said };
    return { items: settleOtherSide(settleTallStart(items, offered, stated), stated), said };
  }

  /** A chain start on this line is counted by itself; `in 2nd ch from hook` after a line of bare chain goes back along it. */
  protected alongChain(node: RoundNode): AlongChain | null {
    const first = node.items.find((i) => i.type === 'stitch' && i.fromHook !== undefined);
    if (this.work.chain === 0 || first?.type !== 'stitch') return null;
    return { chain: this.work.chain, first: first.fromHook! };
  }

  protected pushCounted(counted: Counted) {
    const { line, nth, number, node, count, kind, into, carried, unworked = 0 } = counted;
    const { work } = this;
    const start = node.items.some((i) => i.type === 'start') || work.carried === null;
    const base = start && !into ? -1 : work.base;
    const conflict = this.push(
      {
        label: this.labelled(kind, node) ? `R${number}` : null,
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
      kind === 'edging' ? undefined : usesOf(count, work.carried ?? 0, into),
    );
    work.base = this.part.rounds.length - 1;
    Object.assign(work, { carried, turned: this.part.rounds[work.base].turned });
    return conflict;
  }

  /** A fold has no label, nor has what is worked on a layer without one of its own. */
  private labelled(kind: RoundKind, node: RoundNode): boolean {
    if (kind === 'fold') return false;
    return kind === 'layer' ? node.label !== null : !(this.work.layer && this.main !== null);
  }

  protected push(round: RoundReading, node: RoundNode, use?: Pick<Count, 'front' | 'back' | 'hidden'>) {
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

  protected loopConflict(
    conflict: { loop: 'front' | 'back'; by: number },
    span: Span,
    node: RoundNode,
  ): Problem {
    const other = conflict.loop === 'front' ? 'BLO' : 'FLO';
    const from = node.items.find((i) => i.type !== 'sign')?.span.from ?? span.from;
    const line = this.context.lineText(this.part.rounds[this.part.rounds.length - 1].line).text;
    const changes = [{ from, to: from, insert: `${other}: ` }];
    const again = this.context.reread(applied(line, changes));
    const fits =
      again && sumOf(again.items)[conflict.loop] === 0 && again.items.some((i) => i.type !== 'sign');
    const mends = fits ? [{ title: say.mendLoops(other), changes, makes: null }] : [];
    return problem('loop-used-twice', span, say.loopHeld(conflict.loop, this.labelOf(conflict.by)), mends);
  }

  /** Colours and caught parts, in the order in which they are named. */
  protected gather(item: Item): void {
    if (item.type === 'sign' && item.sign === 'colour' && !this.part.colours.includes(item.colour!))
      this.part.colours.push(item.colour!);
    const name = partNamed(item);
    if (name !== null && !this.part.caught.includes(name)) this.part.caught.push(name);
    if (item.type === 'group' || item.type === 'fan') for (const inner of item.items) this.gather(inner);
  }

  protected shape(node: RoundNode, offered: number, made: number): Problem[] {
    this.growths.push(growthOf(this.part.rounds.length, node, offered, made));
    const found = shapeProblems(node, offered, made, this.work.increases, this.context.terms);
    this.work.increases = found.increases;
    return found.problems;
  }

  protected labelOf(round: number): string {
    return this.part.rounds[round].label ?? say.theLayer(this.part.rounds[round].line);
  }
}
