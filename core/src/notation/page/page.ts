import { bareHeading } from '../headings';
import { noteOf } from '../notes';
import { parseLine } from '../lines';
import { holdsFor } from '../partFacts';
import type { Fact, LineNode, Span } from '../syntax';
import { frontKind, headerIn, isColumnHead, isFurniture } from './blocks';
import { headIn, type Head } from './head';
import {
  factsOfNode,
  isWork,
  kindOf,
  namesToy,
  offersOf,
  titleOf,
  type LineKind,
  type LineMeaning,
} from './lineKinds';
import { Looking, type Page, type PageLine, type Section, type Terms } from './looking';
import { continuesOn, goesOnInWords, isBrokenWord } from './wrapped';

const MOST_WRAPPED = 40;

/** The lines before the first part; all of them where there is none. */
export function frontOf(lines: readonly PageLine[]): PageLine[] {
  const first = lines.findIndex((l) => l.part !== null);
  return lines.slice(0, first < 0 ? lines.length : first);
}

/** Reads a page line by line: what each is, and which part it belongs to. */
export class PageReader extends Looking {
  private readonly sections: Section[] = [];
  private title: string | null = null;

  constructor(
    text: string,
    lines: readonly Span[],
    base: Terms,
    private readonly said: Readonly<Record<number, LineMeaning>>,
  ) {
    super(text, lines, base);
  }

  read(): Page {
    for (let i = 0; i < this.lines.length; i++) i = this.line(i);
    const front = frontOf(this.page);
    if (this.sections.length === 0) this.withoutParts();
    return { title: this.title, sections: this.sections, lines: this.page, front };
  }

  /** Reads the line at `i` and those that it goes on in; gives the last of them. */
  private line(i: number): number {
    const plain = this.plain[i];
    if (plain.trim() === '') {
      this.add(i, i, { type: 'blank' }, 'blank');
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
    const wrapped = this.wrappedHead(i);
    if (wrapped) return this.startPart(i, wrapped, i + 1);
    const inline = this.inlineAt(i);
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
    if (this.block !== 'materials' && this.block !== 'legend' && this.startsWork(i)) {
      this.open('');
      return this.inPart(i);
    }
    const first = this.block === 'front' && this.page.every((l) => l.as === 'blank');
    if (first && this.title === null && !this.plain[i].includes('hook')) return this.asTitle(i);
    if (isFurniture(this.plain[i])) return this.aside(i, 'remark');
    return this.aside(i, this.block === 'assembly' ? 'assembly' : frontKind(this.plain[i], this.block));
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
    const starts = [cut, ...this.breaksIn(i).filter((at) => at > cut)];
    return this.worked(i, 'heading', starts, starts);
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
    const as = said !== 'title' && !this.said[i + 1] && this.isLabelledWork(i) ? 'unread' : said;
    let last = i;
    while (last + 1 < this.lines.length && last - i < MOST_WRAPPED && this.wordsGoOn(last)) last++;
    const section = this.block === 'assembly' ? this.sections.at(-1) : undefined;
    const words = this.plain.slice(i, last + 1).join(' ');
    for (let k = i; k <= last; k++) {
      const { from, to } = this.lines[k];
      const facts = k === i ? offersOf(words, as) : [];
      this.page.push({ line: k + 1, from, to, as, part: null, goesOn: k > i, facts, breaks: [] });
      // What is done at the end stays in the text of the part above it.
      const node: LineNode =
        k === i
          ? { type: 'note', text: this.written(i).trim(), feature: null, facts: [], aside: true }
          : { type: 'continued', of: i + 1 };
      section?.lines.push({ line: k + 1, from, to, node });
    }
    return last;
  }

  private wordsGoOn(last: number): boolean {
    const next = this.plain[last + 1] ?? '';
    if (next.trim() === '' || this.said[last + 2] || isFurniture(next) || headerIn(next)) return false;
    return goesOnInWords(this.written(last), this.written(last + 1));
  }

  private inPart(i: number): number {
    const plain = this.plain[i];
    if (isFurniture(plain) || isColumnHead(plain)) {
      const last = this.wordsGoOn(i) ? i + 1 : i;
      this.add(i, last, { ...noteOf(this.written(i).trim(), ''), aside: true }, 'remark');
      return last;
    }
    const breaks = this.breaksIn(i);
    if (breaks.length > 0) return this.several(i, breaks);
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
    if (node.type === 'heading') node = noteOf(this.written(i).trim(), plain);
    this.counts(node);
    this.add(i, last, node, kindOf(node, plain));
    this.fresh =
      node.type === 'note' && (this.fresh || node.facts.some((f) => f.fact === 'off' || f.fact === 'shut'));
    return last;
  }

  /** Work that was read: the part has begun, and so many labels are used. */
  private counts(node: LineNode): void {
    if (node.type === 'round' && isWork(node)) {
      this.begins = false;
      this.next = (node.label?.last ?? this.next + (node.many ?? 1) - 1) + 1;
    }
    if (node.type !== 'repeat') return;
    const again = node.first === null ? 1 : (node.last! - node.first + 1) * node.times;
    this.next = (node.label?.last ?? this.next - 1 + again) + 1;
  }

  /** `R1: 6 sc in ring (6). R2: inc x6 (12).`: several rounds in one line, each read by itself. */
  private several(i: number, breaks: readonly number[]): number {
    return this.worked(i, 'round', [this.lines[i].from, ...breaks], breaks);
  }

  /** The rounds of one line, which begin at some offsets in the text. */
  private worked(i: number, as: LineKind, starts: readonly number[], breaks: readonly number[]): number {
    const { from, to } = this.lines[i];
    const facts: Fact[] = [];
    starts.forEach((at, k) => {
      const end = starts[k + 1] ?? to;
      const node = parseLine(this.text.slice(at, end), this.context({ fresh: false, begins: this.begins }));
      this.counts(node);
      facts.push(...factsOfNode(node));
      const told = node.type === 'note' && k > 0 ? { ...node, behind: true } : node;
      this.sections.at(-1)!.lines.push({ line: i + 1, from: at, to: end, node: told });
    });
    const part = this.sections.length - 1;
    this.page.push({ line: i + 1, from, to, as, part, goesOn: false, facts, breaks });
    return i;
  }

  private goesOn(node: LineNode, last: number): boolean {
    if (this.said[last + 2] || this.plain[last + 1].trim() === '' || isFurniture(this.plain[last + 1]))
      return false;
    if (node.type === 'round')
      return (
        continuesOn(this.text, this.lines, last, node, this.context({ fresh: false, begins: this.begins })) ||
        isBrokenWord(this.plain[last], this.plain[last + 1])
      );
    if (node.type === 'repeat') return goesOnInWords(this.written(last), this.written(last + 1));
    if (node.type !== 'note' || /^\s*(?:--|#|\/\/)/.test(this.plain[last])) return false;
    const next = this.parse(last + 1, { fresh: false, begins: false });
    if (next.type === 'round' && isWork(next) && !next.items.some((i) => i.type === 'unknown')) return false;
    return goesOnInWords(this.written(last), this.written(last + 1)) && next.type !== 'repeat';
  }

  private headsWords(i: number, node: LineNode): boolean {
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

  private add(i: number, last: number, node: LineNode, as: LineKind): void {
    const part = this.sections.length - 1;
    const section = this.block === 'part' || this.block === 'assembly' ? this.sections[part] : undefined;
    const inPart = section !== undefined && this.block === 'part';
    for (let k = i; k <= last; k++) {
      const { from, to } = this.lines[k];
      const facts = k === i ? factsOfNode(node).filter((f) => holdsFor(f, section?.name ?? '')) : [];
      this.page.push({
        line: k + 1,
        from,
        to,
        as,
        part: inPart && as !== 'blank' ? part : null,
        goesOn: k > i,
        facts,
        breaks: [],
      });
      section?.lines.push({
        line: k + 1,
        from,
        to: k === i ? this.lines[last].to : to,
        node: k === i ? node : { type: 'continued', of: i + 1 },
      });
    }
  }

  /** A text without any work or heading: one part without a name, whose lines are read one by one. */
  private withoutParts(): void {
    const first = this.plain.findIndex((p) => p.trim() !== '');
    if (first < 0) return;
    this.page.length = 0;
    this.title = null;
    this.open('');
    for (let i = 0; i < this.lines.length; i++) {
      const node =
        this.plain[i].trim() === ''
          ? ({ type: 'blank' } as const)
          : this.parse(i, { fresh: i === first, begins: true });
      if (i >= first || node.type !== 'blank') this.add(i, i, node, kindOf(node, this.plain[i]));
    }
  }
}
