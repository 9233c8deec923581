import { bareHeading } from '../headings';
import { headsNothing, noteOf } from '../notes';
import { parseLine } from '../lines';
import { holdsFor } from '../partFacts';
import type { Fact, LineNode } from '../syntax';
import { frontKind, isColumnHead, isFurniture } from './blocks';
import { headIn, type Head } from './head';
import {
  factsOfNode,
  kindOf,
  namesToy,
  offersOf,
  titleOf,
  type LineKind,
  type LineMeaning,
} from './lineKinds';
import { GoingOn, MOST_WRAPPED } from './goingOn';
import type { Page, PageLine, Section } from './pageLine';

/** The lines before the first part; all of them where there is none. */
export function frontOf(lines: readonly PageLine[]): PageLine[] {
  const first = lines.findIndex((l) => l.part !== null);
  return lines.slice(0, first < 0 ? lines.length : first);
}

/** Reads a page line by line: what each is, and which part it belongs to. */
export class PageReader extends GoingOn {
  private readonly sections: Section[] = [];
  private title: string | null = null;
  /** the first part began in a list of what is needed */
  private inList = false;

  read(): Page {
    for (let i = 0; i < this.lines.length; i++) i = this.line(i);
    const front = frontOf(this.page);
    // The only part of a page that began in its list of what is needed may have its heading above that.
    if (this.sections.length === 0 || (this.sections.length === 1 && this.inList)) this.withoutParts();
    return { title: this.title, sections: this.sections, lines: this.page, front };
  }

  /** Reads the line at `i` and those that it goes on in; gives the last of them. */
  private line(i: number): number {
    const plain = this.plain[i];
    if (plain.trim() === '') {
      // `| | |`: a row of a table with nothing in it
      this.add(i, i, { type: 'blank' }, this.written(i).trim() === '' ? 'blank' : 'remark');
      this.blankBefore = true;
      // Space inside a part does not end it; behind an ending it does.
      this.fresh = true;
      return i;
    }
    const last = this.taken(i);
    this.blankBefore = false;
    return last;
  }

  /** A line that the maker has given a meaning. */
  private given(i: number, meaning: LineMeaning): number {
    switch (meaning) {
      case 'heading': {
        const named = headIn(this.written(i), this.plain[i], this.base.terms, true);
        return this.startPart(i, named ?? { node: bareHeading(titleOf(this.written(i))), tells: false });
      }
      case 'assembly':
        this.block = 'assembly';
        return this.aside(i, 'assembly');
      case 'round':
        if (this.block !== 'part') this.open('');
        return this.inPart(i);
      default: {
        const note = { ...noteOf(this.written(i).trim(), this.plain[i]), aside: meaning === 'remark' };
        if (this.block !== 'part') return this.aside(i, 'remark');
        this.add(i, i, { ...note, facts: meaning === 'note' ? note.facts : [] }, meaning);
        return i;
      }
    }
  }

  private taken(i: number): number {
    const meaning = this.said[i + 1];
    if (meaning) return this.given(i, meaning);
    const copies = this.copiesAt(i);
    if (copies) return this.madeSoOften(i, copies);
    const told = this.toldAt(i);
    if (told) return this.toldOf(i, told);
    const wrapped = this.wrappedHead(i);
    if (wrapped) return this.startPart(i, wrapped, i + 1);
    const inline = this.cellAt(i, this.sections.at(-1)?.name ?? null) ?? this.inlineAt(i);
    if (inline) return this.startWithWork(i, inline.head, inline.cut);
    const head = this.headAt(i);
    if (head) return this.startPart(i, head);
    if (this.block === 'front' && this.title === null && namesToy(this.plain[i])) return this.asTitle(i);
    const header = this.headerAt(i);
    if (header) {
      this.block = header.block;
      return this.aside(i, header.block === 'remarks' ? 'remark' : header.block);
    }
    if (this.block === 'part') return this.inPart(i);
    // In a list of what is needed only a first round with its label is one.
    const listed = this.block === 'materials' || this.block === 'legend';
    if (listed ? this.begun === 0 && this.isFirstRound(i) : this.startsWork(i)) {
      // Below a title and a blank line the list has ended.
      this.inList = listed && !(this.title !== null && this.blankBefore);
      this.open('');
      return this.inPart(i);
    }
    const first = this.block === 'front' && this.page.every((l) => l.as === 'blank');
    const titled = first && this.title === null && !isColumnHead(this.plain[i]);
    if (titled && !this.plain[i].includes('hook') && !this.isCountedWork(i)) return this.asTitle(i);
    if (isFurniture(this.plain[i])) return this.aside(i, 'remark');
    return this.aside(i, this.block === 'assembly' ? 'assembly' : frontKind(this.plain[i], this.block));
  }

  /** `Make two.`, `2 the same:`: of the part whose heading stands above it, or of one that has none. */
  private madeSoOften(i: number, copies: Extract<Fact, { fact: 'make' }>): number {
    if (this.block !== 'part' || !this.begins)
      return this.startPart(i, {
        node: { ...bareHeading(''), make: copies.make, mirrored: copies.mirrored },
        tells: true,
      });
    return this.toldOf(i, [copies]);
  }

  /** What a line below the heading of a part tells of it. */
  private toldOf(i: number, facts: readonly Fact[]): number {
    const note = { ...noteOf(this.written(i).trim(), this.plain[i], facts), feature: null };
    this.add(i, i, note, kindOf(note, this.plain[i]));
    for (const fact of facts) if (fact.fact === 'make') this.copies = fact.make;
    return i;
  }

  private asTitle(i: number): number {
    this.title = titleOf(this.written(i));
    return this.aside(i, 'title');
  }

  private startPart(i: number, head: Head, last = i): number {
    this.open(head.node.name);
    this.copies = head.node.make;
    this.capitals ??= this.isCapital(i);
    this.add(i, last, head.node, 'heading');
    return last;
  }

  /** A heading and the first work of its part in one line. */
  private startWithWork(i: number, head: Head, cut: number): number {
    this.open(head.node.name);
    this.sections.at(-1)!.lines.push({ line: i + 1, from: this.lines[i].from, to: cut, node: head.node });
    return this.worked(i, 'heading', cut);
  }

  private open(name: string): void {
    this.sections.push({ name, lines: [] });
    this.begun = this.sections.length;
    this.copies = 1;
    this.block = 'part';
    this.begins = true;
    this.next = 1;
  }

  /** A line that belongs to no part, and those in which it goes on. */
  private aside(i: number, said: LineKind): number {
    const lost =
      this.isLabelledWork(i) || ((said === 'remark' || said === 'assembly') && this.isCountedWork(i));
    const as = said !== 'title' && !this.said[i + 1] && lost ? 'unread' : said;
    let last = i;
    while (last + 1 < this.lines.length && last - i < MOST_WRAPPED && this.wordsGoOn(last)) last++;
    const section = this.block === 'assembly' ? this.sections.at(-1) : undefined;
    const words = this.plain.slice(i, last + 1).join(' ');
    for (let k = i; k <= last; k++) {
      const { from, to } = this.lines[k];
      this.tell(k, as, { goesOn: k > i, facts: k === i ? offersOf(words, as) : [] });
      // What is done at the end stays in the text of the part above it.
      const node: LineNode =
        k === i
          ? { type: 'note', text: this.written(i).trim(), feature: null, facts: [], aside: true }
          : { type: 'continued', of: i + 1 };
      section?.lines.push({ line: k + 1, from, to, node });
    }
    return last;
  }

  private inPart(i: number): number {
    const plain = this.plain[i];
    // A number alone is that of a page, or a round where numbers count stitches.
    const counted = this.base.bare && !this.begins && /^\s*\d{1,3}\s*$/.test(plain);
    if ((isFurniture(plain) && !counted) || isColumnHead(plain) || this.announces(i)) {
      const last = this.wordsGoOn(i) ? i + 1 : i;
      this.add(i, last, { ...noteOf(this.written(i).trim(), ''), aside: true }, 'remark');
      return last;
    }
    if (this.breaksIn(i).length > 0) return this.worked(i, 'round', this.lines[i].from);
    let node = this.parse(i, { fresh: false, begins: this.begins });
    let last = i;
    while (last + 1 < this.lines.length && last - i < MOST_WRAPPED && this.goesOn(node, last)) {
      last++;
      node = this.parse(i, { fresh: false, begins: this.begins }, last);
    }
    // A short line by itself that heads nothing worked is a heading of words: they belong to the end of the toy.
    if (this.headsWords(i, node)) {
      this.block = 'assembly';
      return this.aside(i, 'assembly');
    }
    if (node.type === 'heading') node = headsNothing(this.written(i).trim(), plain);
    this.counts(node);
    this.add(i, last, node, kindOf(node, plain));
    this.fresh =
      node.type === 'note' && (this.fresh || node.facts.some((f) => f.fact === 'off' || f.fact === 'shut'));
    return last;
  }

  /**
   * `R1: 6 sc in ring (6). R2: inc x6 (12).`: several rounds in one line from an offset in the text on, each read by itself. The
   * last of them may go on in the lines below, as it does where it has its own line, and others may begin there.
   */
  private worked(i: number, as: LineKind, first: number): number {
    let last = i;
    let starts = this.startsIn(i, last, first);
    const piece = (at: number, end: number, begins: boolean) =>
      parseLine(this.text.slice(at, end).replace(/\s\/\s*$/, ''), this.context({ fresh: false, begins }));
    const goesOn = () =>
      last + 1 < this.lines.length &&
      last - i < MOST_WRAPPED &&
      this.goesOn(piece(starts.at(-1)!, this.lines[last].to, this.begins && starts.length === 1), last);
    while (goesOn()) starts = this.startsIn(i, ++last, first);
    const facts: Fact[] = [];
    const { lines } = this.sections.at(-1)!;
    starts.forEach((at, k) => {
      const end = starts[k + 1] ?? this.lines[last].to;
      const node = piece(at, end, this.begins);
      this.counts(node);
      facts.push(...factsOfNode(node));
      const told = node.type === 'note' && k > 0 ? { ...node, behind: true } : node;
      lines.push({ line: i + 1, from: at, to: end, node: told });
    });
    for (let k = i; k <= last; k++) {
      const { from, to } = this.lines[k];
      const breaks = starts.filter((at) => at > from && at < to);
      const part = this.sections.length - 1;
      this.tell(k, k === i ? as : 'round', { part, goesOn: k > i, facts: k === i ? facts : [], breaks });
      if (k > i) lines.push({ line: k + 1, from, to, node: { type: 'continued', of: i + 1 } });
    }
    return last;
  }

  private startsIn = (i: number, last: number, first: number): number[] => [
    first,
    ...this.breaksIn(i, last).filter((at) => at > first),
  ];

  private add(i: number, last: number, node: LineNode, as: LineKind): void {
    const part = this.sections.length - 1;
    const section = this.block === 'part' || this.block === 'assembly' ? this.sections[part] : undefined;
    const inPart = section !== undefined && this.block === 'part';
    for (let k = i; k <= last; k++) {
      const { from, to } = this.lines[k];
      const facts = k === i ? factsOfNode(node).filter((f) => holdsFor(f, section?.name ?? '')) : [];
      this.tell(k, as, { part: inPart && as !== 'blank' ? part : null, goesOn: k > i, facts });
      section?.lines.push({
        line: k + 1,
        from,
        to: k === i ? this.lines[last].to : to,
        node: k === i ? node : { type: 'continued', of: i + 1 },
      });
    }
  }

  /** What the line at `k` of the page is. */
  private tell(k: number, as: LineKind, more: Partial<PageLine>): void {
    const { from, to } = this.lines[k];
    this.page.push({
      line: k + 1,
      from,
      to,
      as,
      part: null,
      goesOn: false,
      facts: [],
      breaks: [],
      ...more,
    });
  }

  /** A text without any work or heading: one part without a name, whose lines are read one by one. */
  private withoutParts(): void {
    const first = this.plain.findIndex((p) => p.trim() !== '');
    if (first < 0) return;
    this.page.length = 0;
    this.sections.length = 0;
    this.title = null;
    this.open('');
    for (let i = 0; i < this.lines.length; i++) {
      const node = this.alone(i, first);
      if (i >= first || node.type !== 'blank') this.add(i, i, node, kindOf(node, this.plain[i]));
    }
  }
}
