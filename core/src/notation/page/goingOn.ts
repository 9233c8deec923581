import { factsIn } from '../facts';
import { plainSigns } from '../lexer';
import type { Fact, LineNode, Span } from '../syntax';
import { headerIn, isFurniture, PART_CELL } from './blocks';
import { headsNothing } from '../notes';
import { headIn, toldBelow, type Head } from './head';
import { isWork, starts, type LineMeaning } from './lineKinds';
import { Looking, type Terms } from './looking';
import { continuesOn, goesOnInWords, isBrokenCount, isBrokenWord } from './wrapped';

/** No line goes on in more than so many. */
export const MOST_WRAPPED = 40;

/** What such a line says, before it is read. */
const COPIES = /\b(?:make|work|crochet|need|again|same|alike|of (?:these|them|those|each))\b/;

/** `Now we start decreasing.`, `Decrease rounds:`, `Time to decrease!` */
const ANNOUNCES =
  /^\s*(?:(?:now|next|then|here|time|we|let's|lets|you|will|can|to|and|start|begin)\s+){0,6}(?:the\s+)?(?:decreas(?:e|es|ing)|increas(?:e|es|ing))(?:\s+(?:now|rounds?|rows?|again|part|section))?\s*[:.!]?\s*$/;

/** Whether a line of a page goes on in the one below it, heads the words there, or says how often it is made; and how far the part has come. */
export abstract class GoingOn extends Looking {
  constructor(
    text: string,
    lines: readonly Span[],
    base: Terms,
    protected readonly said: Readonly<Record<number, LineMeaning>>,
  ) {
    super(text, lines, base);
  }

  protected wordsGoOn(last: number): boolean {
    const next = this.plain[last + 1] ?? '';
    if (next.trim() === '' || this.said[last + 2] || isFurniture(next) || headerIn(next)) return false;
    return goesOnInWords(this.written(last), this.written(last + 1));
  }

  protected goesOn(node: LineNode, last: number): boolean {
    if (this.said[last + 2] || this.plain[last + 1].trim() === '' || isFurniture(this.plain[last + 1]))
      return false;
    if (node.type === 'round')
      return (
        isBrokenCount(this.plain[last], this.plain[last + 1]) ||
        continuesOn(this.text, this.lines, last, node, this.context({ fresh: false, begins: this.begins })) ||
        isBrokenWord(this.plain[last], this.plain[last + 1])
      );
    if (node.type === 'repeat') return goesOnInWords(this.written(last), this.written(last + 1));
    if (node.type !== 'note' || /^\s*(?:--|#|\/\/)/.test(this.plain[last])) return false;
    const next = this.parse(last + 1, { fresh: false, begins: false });
    if (next.type === 'round' && isWork(next) && !next.items.some((i) => i.type === 'unknown')) return false;
    return goesOnInWords(this.written(last), this.written(last + 1)) && next.type !== 'repeat';
  }

  /** `BODY (worked in one piece from the tail` and `up), MC` below it: a heading whose bracket is closed in the next line; null when it is none. */
  protected wrappedHead(i: number): Head | null {
    const next = this.plain[i + 1] ?? '';
    const open = this.plain[i].lastIndexOf('(') > this.plain[i].lastIndexOf(')');
    if (!open || !/^[^()]*\)/.test(next)) return null;
    const both = `${this.written(i).trimEnd()} ${this.written(i + 1).trimStart()}`;
    const head = headIn(both, plainSigns(both), this.base.terms);
    return head && this.follows(i + 1).what === 'starts' ? head : null;
  }

  /** A line of a page without parts: only its first one can be a heading. */
  protected alone(i: number, first: number): LineNode {
    const plain = this.plain[i];
    if (plain.trim() === '') return { type: 'blank' };
    const node = this.parse(i, { fresh: i === first, begins: true });
    return node.type === 'heading' && i > first ? headsNothing(this.written(i).trim(), plain) : node;
  }

  protected headsWords(i: number, node: LineNode): boolean {
    if (
      !this.blankBefore ||
      this.begins ||
      (node.type !== 'heading' && !(node.type === 'note' && node.prose))
    )
      return false;
    const plain = this.plain[i].trim();
    if (plain.length > 40 || /[.!?,;]$/.test(plain) || this.decides(plain)) return false;
    const follows = this.follows(i);
    return follows.what === 'none' && follows.text && !this.isBlank(i + 1);
  }

  /** `Rnd 1: 6 sc in ring`: the first round of a part, by its label and its work. */
  protected isFirstRound(i: number): boolean {
    const node = this.parse(i, { fresh: false, begins: true });
    return (
      node.type === 'round' &&
      node.label?.first === 1 &&
      (!node.label.bare || this.blankBefore) &&
      starts(node)
    );
  }

  /** The part that a row of a sheet names, and where its work begins; null where it is the one that is begun. */
  protected cellAt(i: number, begun: string | null): { head: Head; cut: number } | null {
    const cell = PART_CELL.exec(this.written(i));
    if (!cell || cell[1].trim() === begun) return null;
    const head = headIn(cell[1], cell[1].toLowerCase(), this.base.terms);
    return head && { head, cut: this.lines[i].from + cell[0].length };
  }

  /** A line that says nothing but how often a part is made, where a part is begun or begins. */
  protected copiesAt(i: number): Extract<Fact, { fact: 'make' }> | null {
    if (!COPIES.test(this.plain[i])) return null;
    const [only, ...others] = factsIn(this.plain[i]);
    if (only?.fact !== 'make' || others.length > 0) return null;
    const here = this.block === 'part' && this.begins;
    return here || (this.blankBefore && this.follows(i).what === 'starts') ? only : null;
  }

  /** What the line right below the heading of a part tells of it, where it says how often it is made. */
  protected toldAt(i: number): Fact[] | null {
    return this.block === 'part' && this.begins ? toldBelow(this.plain[i]) : null;
  }

  /** A header that begins another stretch of the page; inside a part only what is done at the end does, or what stands by itself. */
  protected headerAt(i: number): ReturnType<typeof headerIn> {
    const found = headerIn(this.plain[i]);
    if (!found) return null;
    if (this.block !== 'part') return found;
    if (found.block === 'assembly') return found.inline && !this.blankBefore ? null : found;
    return this.blankBefore && !found.inline && !this.begins ? found : null;
  }

  /** A round with its label, wherever it stands: where it belongs to no part it is not read, and never only words. */
  protected isLabelledWork(i: number): boolean {
    const node = this.parse(i, { fresh: false, begins: true });
    return node.type === 'round' && node.label !== null && !node.label.bare && isWork(node);
  }

  /** What tells only what the labelled rounds below it do. */
  protected announces(i: number): boolean {
    if (!ANNOUNCES.test(this.plain[i])) return false;
    let next = i + 1;
    while (next < this.lines.length && this.isBlank(next)) next++;
    return next < this.lines.length && this.isLabelledWork(next);
  }

  /** Work that was read: the part has begun, and so many labels are used. */
  protected counts(node: LineNode): void {
    if (node.type === 'round' && isWork(node)) {
      this.begins = false;
      this.next = (node.label?.last ?? this.next + (node.many ?? 1) - 1) + 1;
    }
    if (node.type !== 'repeat') return;
    const again = node.first === null ? 1 : ((node.last ?? 0) - node.first + 1) * node.times;
    this.next = (node.label?.last ?? this.next - 1 + again) + 1;
  }
}
