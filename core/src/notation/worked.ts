import { notationWords as say } from '../words';
import { countItems } from './count';
import { Layers } from './layers';
import { problem, type Problem } from './problems';
import { shrunk, untilRounds } from './repeats';
import type { RoundReading } from './reading';
import type { GroupItem, RepeatNode, RoundNode } from './syntax';
import { miscounted, type Written } from './work';

export const MOST_ROUNDS = 20_000;
/** No repeat works so many rounds to reach its count. */
const MOST_UNTIL = 400;

const writtenAs = (node: RoundNode, { colour, offered }: RoundReading): Written => ({
  node,
  colour,
  offered,
});

/** The rounds that one line makes: a range, a repeat of others, as many as are needed, a layer on loops that were left. */
export abstract class WorkedLines extends Layers {
  /** rounds that stand before a star, and before the one that closes it */
  protected stars: { opens: number | null; closes: number | null } = { opens: null, closes: null };

  protected rounds(line: number, node: RoundNode, into: 'front' | 'back' | null = null): Problem[] {
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
  protected repeat(line: number, node: RepeatNode): Problem[] {
    this.opened = null;
    const problems = node.label ? this.labels({ label: node.label }) : [];
    const copied = node.stars ? this.betweenStars() : this.copiedRounds(node);
    if (copied === null) {
      const sentence = node.stars ? say.noStar : say.noSuchRound(node.first ?? 0, node.of);
      return [...problems, problem('unknown-word', node.span, sentence)];
    }
    problems.push(...otherChain(node, copied[0].node));
    const labelled = node.label ? node.label.last - node.label.first + 1 : null;
    const times = labelled !== null && labelled % copied.length === 0 ? labelled / copied.length : node.times;
    const upTo = node.upTo === undefined ? null : node.upTo - this.part.rounds.length;
    if (upTo !== null && upTo <= 0)
      return [...problems, problem('unknown-word', node.span, say.soManyThere(this.part.rounds.length))];
    const most = node.until === null ? (upTo ?? times * copied.length) : MOST_UNTIL;
    let number = node.label?.first ?? this.work.next ?? 1;
    let reached = node.until === null;
    let left = Infinity;
    for (let nth = 0; nth < most && this.part.rounds.length < MOST_ROUNDS; nth++) {
      if (node.until !== null && (this.work.carried ?? 0) <= node.until) {
        reached = this.work.carried === node.until;
        break;
      }
      // All of them once, and there are no fewer: nor will there ever be.
      if (node.until !== null && nth % copied.length === 0) {
        if ((this.work.carried ?? 0) >= left) break;
        left = this.work.carried ?? 0;
      }
      const written = copied[nth % copied.length];
      const from = node.shrinking ? shrunk(copied[0].node, nth + 1) : written.node;
      if (!from) break;
      // A copy begins with the colour with which the written round begins.
      this.nextColour ??= written.colour;
      // The count belongs to the last round that the line makes.
      const last = node.until === null && nth === most - 1;
      const holds = written.offered === null || written.offered === (this.work.carried ?? 0);
      const own = node.until === null && !node.stated && holds ? from.stated : null;
      const copy: RoundNode = { ...from, label: null, stated: (last ? node.stated : null) ?? own };
      const found = this.count(line, nth, number++, copy, null).filter((p) => p.severity === 'error');
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
    return node && writtenAs(node, this.part.rounds[index]);
  }

  /** The rounds that a line works again, in their order; null when one of them is not there. */
  protected copiedRounds({ of, first, last }: RepeatNode): Written[] | null {
    if (of !== null && last === null) return this.allOf(of);
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

  /** Every round of another part; null when it has none. */
  private allOf(of: string): Written[] | null {
    const found: Written[] = [];
    for (let next = this.context.roundOf(of, 1); next; next = this.context.roundOf(of, found.length + 1))
      if (found.push(next) >= MOST_ROUNDS) break;
    return found.length > 0 ? found : null;
  }

  /** `repeat from * to *`: the rounds between two stars that stand in lines of their own; null where none do. */
  protected betweenStars(): Written[] | null {
    const { opens, closes } = this.stars;
    return opens === null ? null : this.writtenFrom(opens, closes ?? this.nodes.length);
  }

  protected writtenFrom(from: number, to: number): Written[] | null {
    const found = this.nodes.flatMap((node, i): Written[] =>
      i < from || i >= to || !node ? [] : [writtenAs(node, this.part.rounds[i])],
    );
    return found.length > 0 ? found : null;
  }

  /** Works round after round until so many stitches are left on the edge; the last one may end in the middle. */
  protected until(line: number, node: RoundNode, number: number): Problem[] {
    const offered = this.work.carried!;
    const group = node.items.find((i): i is GroupItem => i.type === 'group' && i.until !== undefined)!;
    const found = untilRounds(group, offered);
    const of = { line, kind: 'round' as const, into: null };
    if (found.length === 0) {
      const left = group.until!;
      const count = { ...countItems(node.items, offered), made: null };
      this.pushCounted({ ...of, nth: 0, number, node, count, carried: node.stated?.count ?? left });
      this.work.next = number + 1;
      return [problem('does-not-divide', group.span, say.untilNever(offered, left))];
    }
    found.forEach(({ items, unworked, ...used }, nth) =>
      this.pushCounted({
        ...of,
        nth,
        number: number + nth,
        node: { ...node, items },
        count: { ...used, around: null, fault: null },
        carried: used.made + unworked,
        unworked,
      }),
    );
    this.work.next = number + found.length;
    const last = found[found.length - 1];
    const left = last.made + last.unworked;
    const { stated } = node;
    if (stated === null || stated.count === left) return [];
    const mend = {
      title: say.mendCount(left),
      changes: [{ ...stated.span, insert: String(left) }],
      makes: left,
    };
    return [problem('count-mismatch', group.span, say.countMismatch(left, stated.count), [mend])];
  }
}

/** `Ch 12 and work as hull`, whose rounds begin on another chain or on none. */
function otherChain({ chain, of, span }: RepeatNode, { items }: RoundNode): Problem[] {
  const start = items.find((i) => i.type === 'start');
  const there = start?.type === 'start' && start.start === 'chain' ? start.chain : null;
  if (chain === undefined || chain === there) return [];
  return [problem('count-mismatch', span, say.otherChain(chain, of ?? '', there))];
}
