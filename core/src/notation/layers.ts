import { notationWords as say } from '../words';
import { countItems, sumOf } from './count';
import { Counting } from './counting';
import { applied, problem, type Mend, type Problem } from './problems';
import type { RoundReading } from './reading';
import type { LayerBase, RoundNode, Span } from './syntax';
import { begin } from './work';

/** Rounds worked on loops that were left: layers, and the way back to the part itself. */
export abstract class Layers extends Counting {
  /** `join yarn in free front loop of R13`, waiting for its stitches */
  protected opened: { layer: LayerBase; from: number } | null = null;

  /** The rounds that one line makes. */
  protected abstract rounds(line: number, node: RoundNode, into?: 'front' | 'back' | null): Problem[];

  /** The layer that an earlier line opened, its spans counted from the start of this line. */
  protected openedSeenFrom(line: number): LayerBase | null {
    if (!this.opened) return null;
    const { layer, from } = this.opened;
    const by = from - this.context.lineText(line).from;
    const shift = (s: Span): Span => ({ from: s.from + by, to: s.to + by });
    return { ...layer, span: shift(layer.span), roundSpan: shift(layer.roundSpan) };
  }

  /** An unlabelled layer is left when a label goes on with the part itself, or the part is folded or edged. */
  protected backToMain(node: RoundNode): void {
    const whole = node.items.some((i) => i.type === 'sign' && (i.sign === 'fold' || i.sign === 'edging'));
    if (
      this.main &&
      (whole || (node.label && (node.label.first === this.main.next || this.main.next === null)))
    ) {
      this.work = this.main;
      this.main = null;
    }
  }

  protected layerRound(line: number, node: RoundNode, layer: LayerBase): Problem[] {
    const base = this.numbered.get(layer.round) ?? -1;
    // `Rim: join at any front loop of rd 12` begins on the loops of another part.
    if (base < 0 && this.part.rounds.length === 0)
      return [problem('assumed', layer.span, say.loopsOfOther(layer.round)), ...this.rounds(line, node)];
    const wanted =
      layer.loops !== 'either'
        ? layer.loops
        : this.ledger.free(base, 'front') >= this.ledger.free(base, 'back')
          ? 'front'
          : 'back';
    const free = base < 0 ? 0 : this.ledger.free(base, wanted);
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
    this.pushLayer(line, node, next, wanted);
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

  /** A round of a layer that has no loops to go in: it is kept as it is stated, and nothing of it is certain. */
  private pushLayer(line: number, node: RoundNode, number: number, into: 'front' | 'back'): void {
    const { base, joined } = this.work;
    const stated = node.stated?.count ?? null;
    const round: RoundReading = {
      label: null,
      number,
      line,
      nth: 0,
      kind: 'layer',
      base,
      into,
      offered: 0,
      eaten: 0,
      made: null,
      stated,
      carried: stated ?? 0,
      joined,
      turned: false,
      unworked: 0,
      items: node.items,
      colour: null,
    };
    this.push(round, node);
    const last = this.part.rounds.length - 1;
    this.work = { ...this.work, carried: stated ?? 0, certain: false, next: number + 1, base: last };
  }

  /** The round that took both loops, worked into the others, leaves these free. */
  protected freeThem(
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
  protected otherFree(layer: LayerBase, loop: 'front' | 'back', node: RoundNode) {
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
}
