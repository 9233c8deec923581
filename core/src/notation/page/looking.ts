import { isPlainColour } from '../colours';
import { joinsPieces } from '../joinedLegs';
import { plainSigns } from '../lexer';
import { parseLine, type LineContext } from '../lines';
import { AS_ANOTHER, BEGINS_RING, CRAFT_COUNT, factsOf, ROUNDS_IN_LINE } from '../notes';
import { colourIn } from '../poseWords';
import type { LineNode, Span } from '../syntax';
import { headerIn, isColumnHead, isFurniture, PART_CELL, type Block } from './blocks';
import { breaksOf } from './breaks';
import { listsCopies, severalHeaded } from './copiesListed';
import { bareHeading } from '../headings';
import { nameSaid } from './headWords';
import { headIn, OF_MATERIALS, type Head } from './head';
import { HEADING_ENDS, SHORT_HEAD, WRAPPED } from './headSigns';
import {
  both,
  CHAINED,
  COUNTED,
  isTold,
  isWork,
  NO_HEADING,
  RING_ALONE,
  onlyWith,
  starts,
  startsPart,
} from './lineKinds';
import type { PageLine } from './pageLine';

/** What lines are read in: the terms of the page and the signs it uses. */
export type Terms = Pick<LineContext, 'terms' | 'symbols' | 'bare' | 'words'>;

/** What follows a line that may head a part: work that starts, work that goes on at a label, or none. */
type Follows =
  { what: 'starts' } | { what: 'goes on'; label: number; joins: boolean } | { what: 'none'; text: boolean };

/** So many lines without work may stand between a heading and its first round. */
const FAR = 12;

/** What names a part without looking like a heading is no longer, in letters. */
const LONGEST_NAME = 40;

/** A heading with work behind it in one line is no longer, in letters, and ends at one of the first signs. */
const LONGEST_INLINE = 600;
const MOST_INLINE = 3;

/** Looks at a line of a page and at those that follow it, from where the reader stands; changes nothing. */
export abstract class Looking {
  protected readonly page: PageLine[] = [];
  protected readonly plain: string[];
  private readonly parsed: LineNode[] = [];
  private readonly named: (Head | null)[] = [];
  private readonly contexts: LineContext[] = [];
  protected block: Block = 'front';
  /** parts that were begun */
  protected begun = 0;
  /** the part has no round yet */
  protected begins = true;
  /** nothing but blank lines since the start of the text or of what ended */
  protected fresh = true;
  protected blankBefore = true;
  /** the label that comes next in the part */
  protected next = 1;
  /** copies of the part */
  protected copies = 1;
  /** headings are written in capitals */
  protected capitals: boolean | null = null;

  constructor(
    protected readonly text: string,
    protected readonly lines: readonly Span[],
    protected readonly base: Terms,
  ) {
    this.plain = lines.map((l) => plainSigns(text.slice(l.from, l.to)).replace(/[\r\n]/g, ' '));
  }

  protected written = (i: number): string =>
    this.text.slice(this.lines[i].from, this.lines[i].to).replace(/[\r\n]/g, ' ');

  /** The heading of a part at a line, because of how it is written and what follows; null when it is none. */
  protected headAt(i: number): Head | null {
    const plain = this.plain[i];
    if (
      plain.length > 140 ||
      (/[.!?]\s*$/.test(plain.replace(/\betc\.$/, '')) && !this.isShortHead(i, this.blankBefore)) ||
      (/^\s*[-•●◦▪>]/.test(plain) && !WRAPPED.test(plain))
    )
      return null;
    if (NO_HEADING.test(plain) || [BEGINS_RING, ROUNDS_IN_LINE].some((work) => work.test(plain))) return null;
    const header = headerIn(plain);
    if (header && !header.inline && (header.block === 'legend' || header.block === 'materials')) return null;
    const legacy = this.parse(i, { fresh: this.fresh, begins: true });
    const terse = legacy.type === 'heading' && !OF_MATERIALS.test(legacy.name.toLowerCase()) ? legacy : null;
    const told = terse ? { node: terse, tells: isTold(terse) } : null;
    const said = this.namedAt(i);
    const head = said && told ? { ...said, node: both(said.node, told.node) } : (said ?? told);
    if (!head)
      return this.beginsAnother(i) ? { node: bareHeading(nameSaid(this.written(i))), tells: false } : null;
    if (this.decides(plain) || isColumnHead(plain)) return null;
    const several = severalHeaded(this.written(i)) !== null && !this.isBlank(i + 1);
    const worked = legacy.type === 'repeat' || (legacy.type === 'round' && (legacy.label || legacy.stated));
    if ((isFurniture(plain) && !head.tells) || ((worked || listsCopies(plain)) && !several)) return null;
    if (told?.node.option) return this.follows(i).what === 'none' ? null : told;
    const listed = this.block === 'materials' || this.block === 'legend';
    if (listed && !this.blankBefore && !head.tells) return null;
    const follows = this.follows(i);
    if (follows.what === 'starts') return head;
    if (follows.what === 'goes on')
      return !header && (follows.joins || this.goesOnAsPart(i, head, follows.label)) ? head : null;
    if (this.block === 'assembly' || listed) return null;
    // A first line with work far below it is the title of the toy, whatever stands in its brackets.
    const alone = this.page.every((l) => l.as === 'blank');
    if (alone && follows.text && head.node.make === 1 && !head.node.hook && !head.node.ringIs) return null;
    // `sand • hook 3.5 mm` is what it is made with; what is written as a heading and tells something is one.
    if (isPlainColour(head.node.name.toLowerCase())) return null;
    if (told && (isTold(told.node) || (!follows.text && this.begun > 0))) return head;
    return told && alone && this.plain.slice(i + 1).every((p) => p.trim() === '') ? told : null;
  }

  /** A short line by itself behind a part that has rounds, with a first round below it: another part begins there, whatever it is called. */
  private beginsAnother(i: number): boolean {
    const plain = this.plain[i].trim();
    const stands = this.block === 'part' && this.blankBefore && !this.begins;
    if (!stands || plain.length > LONGEST_NAME || !/[a-z]{3}/.test(plain) || /[.,;?]$/.test(plain))
      return false;
    if (isFurniture(plain) || this.decides(plain) || CRAFT_COUNT.test(plain)) return false;
    // `Instructions for the ears` heads them.
    if (headerIn(plain) && !/\sfor\s/.test(plain)) return false;
    const next = this.isBlank(i + 1) ? i + 2 : i + 1;
    if (next >= this.lines.length || this.isBlank(next)) return false;
    const node = this.parse(next, { fresh: false, begins: true });
    return node.type === 'round' && node.label?.first === 1 && starts(node);
  }

  /** `Crown in gold.`, `Legs - 4 alike.`: a heading with a full stop, which must tell more than a name. */
  private isShortHead(i: number, blankBefore: boolean): boolean {
    const short = blankBefore && SHORT_HEAD.test(this.written(i));
    return short && this.namedAt(i)?.tells === true;
  }

  /** `Antenna (black, make 2): ch 9, sl st back along the ch`: a heading with the first work behind it, and where that begins in the line; null when it is none. */
  protected inlineAt(i: number, blankBefore = this.blankBefore): { head: Head; cut: number } | null {
    const plain = this.plain[i];
    const written = this.written(i);
    const between = this.block === 'front' || this.block === 'assembly' || this.fresh;
    if (plain.length !== written.length || !(between || blankBefore)) return null;
    const breaks = this.breaksIn(i).map((at) => at - this.lines[i].from);
    if ((breaks[0] ?? plain.length) > LONGEST_INLINE) return null;
    const whole = this.parse(i, { fresh: false, begins: true });
    // Right below a heading stands what is said of its part.
    if ((whole.type === 'round' && whole.label) || (this.block === 'part' && this.begins)) return null;
    for (const found of [...written.matchAll(HEADING_ENDS)].slice(0, MOST_INLINE)) {
      const cut = found.index + found[0].length;
      const head = headIn(written.slice(0, found.index), plain.slice(0, found.index), this.base.terms);
      if (!head || !(head.tells || (blankBefore && /^\s*\p{Lu}/u.test(written)))) continue;
      const [end, next] = breaks.filter((at) => at > cut);
      const piece = (from: number, to?: number) =>
        parseLine(written.slice(from, to), this.context({ fresh: false, begins: true }));
      const work = piece(cut, end);
      // `BODY. With yellow wool. Rnd 1, 6 dc into a ring.`
      const ring = RING_ALONE.test(plain.slice(cut)) && this.follows(i).what === 'starts';
      if (ring || startsPart(work) || (end !== undefined && onlyWith(work) && startsPart(piece(end, next))))
        return { head, cut: this.lines[i].from + cut };
    }
    return null;
  }

  /** Work that goes on under a heading of its own is more of the same part, unless the heading is written as those of parts are. */
  protected goesOnAsPart(i: number, head: Head, label: number): boolean {
    // Rounds that go on behind copies are those of another part.
    if (this.block !== 'part' || this.begins || this.copies > 1) return true;
    if (label !== this.next) return this.blankBefore && (head.tells || this.isCapital(i) === this.capitals);
    return this.blankBefore && isTold(head.node) && this.isCapital(i) === this.capitals;
  }

  protected isCapital = (i: number): boolean => {
    const name = this.written(i).split(/[([\t]/)[0];
    return /\p{Lu}{2}/u.test(name) && !/\p{Ll}{2}/u.test(name.replace(/\bx\d+\b/g, ''));
  };

  /** Whether a line that is short enough for a heading says what to do instead. */
  protected decides(plain: string): boolean {
    const text = plain.trim().replace(/[:.]$/, '');
    // `Rose` is a part where one has ended, and a colour where one begins or a colon stands behind it.
    const named = this.blankBefore && !this.begins && !/:\s*$/.test(plain) && /^[a-z]+$/.test(text);
    if (colourIn(text) !== null && !/[([]/.test(text) && !named) return true;
    return factsOf(text).some((f) =>
      ['stuff', 'off', 'shut', 'unstuffed', 'zone', 'open', 'tail', 'stop', 'star'].includes(f.fact),
    );
  }

  /** What follows a line: the first work below it, before another heading. */
  protected follows(i: number): Follows {
    let text = false;
    for (let j = i + 1, seen = 0; j < this.lines.length && seen < FAR; j++) {
      const plain = this.plain[j];
      if (plain.trim() === '' || isFurniture(plain) || isColumnHead(plain)) continue;
      seen++;
      const node = this.firstOf(j);
      if ((this.isBlank(j - 1) && this.inlineAt(j, true)) || PART_CELL.test(this.written(j)))
        return { what: 'none', text: true };
      if (node.type === 'round' && isWork(node)) {
        if (starts(node) || (node.label?.first === 1 && !node.label.bare)) return { what: 'starts' };
        if (node.label) return { what: 'goes on', label: node.label.first, joins: joinsPieces(plain) };
        // Work among words that nobody knows is told, not worked.
        if (
          !node.items.some(
            (item) => item.type === 'unknown' || (item.type === 'sign' && item.sign === 'note'),
          )
        )
          return { what: 'none', text: true };
      }
      if ((node.type === 'round' && node.layer) || (node.type === 'repeat' && node.of !== null))
        return { what: 'starts' };
      if (headerIn(plain) || (node.type === 'heading' && this.namesPart(j)))
        return { what: 'none', text: true };
      if (this.isShortHead(j, this.isBlank(j - 1))) return { what: 'none', text: true };
      const short = plain.trim().length <= 60 && !/[.!?:,;]\s*$/.test(plain);
      const headed = this.begun === 0 && /:\s*$/.test(plain);
      // `1) Head` below a title
      const numbered = this.begun === 0 && /^\s*\d{1,2}[.)]\s+[a-z]{3}/.test(plain) && node.type !== 'round';
      if (
        (numbered || ((this.isBlank(j - 1) || isColumnHead(this.plain[j - 1])) && (short || headed))) &&
        this.namesPart(j)
      )
        return { what: 'none', text: true };
      text = true;
    }
    return { what: 'none', text };
  }

  protected namesPart = (i: number): boolean => !this.decides(this.plain[i]) && this.namedAt(i) !== null;

  protected isBlank = (i: number): boolean => (this.plain[i] ?? '').trim() === '';

  /** Whether work starts in a line that has no heading above it. */
  protected startsWork(i: number): boolean {
    const node = this.firstOf(i);
    if (node.type !== 'round' || !isWork(node)) return false;
    if (this.block === 'assembly') return node.label?.first === 1 && starts(node);
    // `A toy` is no decrease, whatever the sign for one is, and `X is a single crochet` no round.
    if (node.label === null && /^\s*(?:A\s+\p{Ll}{2}|[XVA]\s+(?:is|means|stands)\b)/u.test(this.written(i)))
      return false;
    return node.label !== null || starts(node) || this.page.every((l) => l.as === 'blank');
  }

  /** `tr2: 6x inc (12)`: stitches and their count, or a ring, at the end of a line, however it is numbered; a chain that begins something. */
  protected isCountedWork = (i: number): boolean =>
    [CHAINED, BEGINS_RING, AS_ANOTHER, ROUNDS_IN_LINE].some((begins) => begins.test(this.plain[i])) ||
    (COUNTED.test(this.plain[i]) && CRAFT_COUNT.test(this.plain[i]));

  /** Every line is asked for several times: there are four contexts, each made once. */
  protected context({ fresh, begins }: Pick<LineContext, 'fresh' | 'begins'>): LineContext {
    return (this.contexts[(fresh ? 2 : 0) + (begins ? 1 : 0)] ??= { ...this.base, fresh, begins });
  }

  /** Offsets at which further rounds of a line begin, of one that goes on up to `last`. */
  protected breaksIn(i: number, last = i): number[] {
    const { from } = this.lines[i];
    const { to } = this.lines[last];
    const plain = last === i ? this.plain[i] : plainSigns(this.text.slice(from, to)).replace(/[\r\n]/g, ' ');
    // Where a sign stands for two letters offsets are not those of the line.
    if (plain.length !== to - from) return [];
    return breaksOf(plain).map((at) => this.lines[i].from + at);
  }

  protected parse(i: number, more: Pick<LineContext, 'fresh' | 'begins'>, last = i): LineNode {
    // Every line is looked at from several above it.
    const often = more.begins && !more.fresh && last === i;
    const found = often ? this.parsed[i] : undefined;
    if (found) return found;
    const node = parseLine(this.text.slice(this.lines[i].from, this.lines[last].to), this.context(more));
    if (often) this.parsed[i] = node;
    return node;
  }

  /** What a line begins with, where several rounds stand in it. */
  private firstOf(i: number): LineNode {
    const [end] = this.breaksIn(i);
    const how = { fresh: false, begins: true };
    if (end === undefined) return this.parse(i, how);
    return parseLine(this.text.slice(this.lines[i].from, end), this.context(how));
  }

  /** A line as a heading, by its words alone. */
  private namedAt(i: number): Head | null {
    if (this.named[i] === undefined) this.named[i] = headIn(this.written(i), this.plain[i], this.base.terms);
    return this.named[i];
  }
}
