import { colourIn } from '../poseWords';
import { plainSigns } from '../lexer';
import { parseLine, type LineContext } from '../lines';
import { factsOf, noteOf, soundsLikeWork } from '../notes';
import type { Fact, FeatureNote, HeadingNode, LineNode, RoundNode, Span } from '../syntax';
import { frontKind, headerIn, isColumnHead, isFurniture, type Block } from './blocks';
import { bareHeading, headIn, OF_MATERIALS, type Head } from './head';
import { continuesOn, goesOnInWords } from './wrapped';

/** What a line of a page is. */
export type LineKind =
  | 'blank'
  | 'title'
  | 'materials'
  | 'legend'
  | 'heading'
  | 'round'
  | 'note'
  | 'placement'
  | 'colour'
  | 'pause'
  | 'ending'
  | 'assembly'
  | 'remark'
  | 'unread';

/** What a maker can say that a line is: the heading of a part, work, a note of its part, what is done at the end, only words. */
export const LINE_MEANINGS = ['heading', 'round', 'note', 'assembly', 'remark'] as const;
export type LineMeaning = (typeof LINE_MEANINGS)[number];

/** One line of the text with its node; wrapped lines are gathered in their first one. */
export interface Gathered {
  line: number;
  from: number;
  to: number;
  node: LineNode;
}

/** Lines of one part. */
export interface Section {
  name: string;
  lines: Gathered[];
}

/** A line of the page: what it is, and the part it belongs to, counted from 0; null before the first and in what is done at the end. */
export interface PageLine {
  line: number;
  from: number;
  to: number;
  as: LineKind;
  part: number | null;
  /** it belongs to the line above it */
  goesOn: boolean;
  /** what it decides or offers */
  facts: readonly Fact[];
}

export interface Page {
  title: string | null;
  sections: Section[];
  lines: PageLine[];
  /** the lines that stand before the first part, or all of a page that has none */
  front: PageLine[];
}

/** What follows a line that may head a part: work that starts, work that goes on at a label, or none. */
type Follows = { what: 'starts' } | { what: 'goes on'; label: number } | { what: 'none'; text: boolean };

/** So many lines without work may stand between a heading and its first round. */
const FAR = 12;
const MOST_WRAPPED = 40;

/**
 * Splits a page into what stands before the parts, the parts and what is done at the end, and says of every line what it is.
 * A heading is one because of what follows: work that starts anew makes a part, work that goes on is more of the same one.
 */
export function pageOf(
  text: string,
  lines: readonly Span[],
  base: Pick<LineContext, 'terms' | 'symbols' | 'bare'>,
  said: Readonly<Record<number, LineMeaning>> = {},
): Page {
  return new PageReader(text, lines, base, said).read();
}

class PageReader {
  private readonly sections: Section[] = [];
  private readonly page: PageLine[] = [];
  private readonly plain: string[];
  private title: string | null = null;
  private block: Block = 'front';
  /** the part has no round yet */
  private begins = true;
  /** nothing but blank lines since the start of the text or the end of a part */
  private fresh = true;
  private blankBefore = true;
  /** the label that comes next in the part */
  private next = 1;
  /** headings are written in capitals */
  private capitals: boolean | null = null;

  constructor(
    private readonly text: string,
    private readonly lines: readonly Span[],
    private readonly base: Pick<LineContext, 'terms' | 'symbols' | 'bare'>,
    private readonly said: Readonly<Record<number, LineMeaning>>,
  ) {
    this.plain = lines.map((l) => plainSigns(text.slice(l.from, l.to)));
  }

  read(): Page {
    for (let i = 0; i < this.lines.length; i++) i = this.line(i);
    const first = this.page.findIndex((l) => l.part !== null);
    const front = this.page.slice(0, first < 0 ? this.page.length : first);
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
        const named = headIn(this.written(i), this.plain[i], this.base.terms);
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
    const head = this.headAt(i);
    if (head) return this.startPart(i, head);
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
    if (
      this.block === 'front' &&
      !this.plain[i].includes('hook') &&
      this.title === null &&
      this.page.every((l) => l.as === 'blank')
    ) {
      this.title = titleOf(this.written(i));
      return this.aside(i, 'title');
    }
    if (this.block === 'assembly') return this.aside(i, isFurniture(this.plain[i]) ? 'remark' : 'assembly');
    const kind = isFurniture(this.plain[i]) ? 'remark' : frontKind(this.plain[i], this.block);
    return this.aside(i, kind);
  }

  private written = (i: number): string => this.text.slice(this.lines[i].from, this.lines[i].to);

  /** The heading of a part at a line, because of how it is written and what follows; null when it is none. */
  private headAt(i: number): Head | null {
    const plain = this.plain[i];
    if (plain.length > 140 || /[.!?]\s*$/.test(plain.replace(/\betc\.$/, '')) || /^\s*[-•●◦▪>]/.test(plain))
      return null;
    if (/^\s*\*(?!.*\*\s*$)/.test(plain)) return null;
    const legacy = this.parse(i, { fresh: this.fresh, begins: true });
    const terse = legacy.type === 'heading' && !OF_MATERIALS.test(legacy.name.toLowerCase()) ? legacy : null;
    const told = terse ? { node: terse, tells: isTold(terse) } : null;
    const said = headIn(this.written(i), plain, this.base.terms);
    const head = said && told ? { ...said, node: both(said.node, told.node) } : (said ?? told);
    if (!head || this.decides(plain) || isColumnHead(plain)) return null;
    if (legacy.type === 'round' && (legacy.label || legacy.stated)) return null;
    if (legacy.type === 'repeat') return null;
    if (told?.node.option) return this.follows(i).what === 'none' ? null : told;
    const listed = this.block === 'materials' || this.block === 'legend';
    if (listed && !this.blankBefore && !head.tells) return null;
    const follows = this.follows(i);
    if (follows.what === 'starts') return head;
    if (follows.what === 'goes on') return this.goesOnAsPart(i, head, follows.label) ? head : null;
    if (this.block === 'assembly' || listed) return null;
    // Nothing is worked yet: what is written as a heading and tells something is one, and so is a first line.
    if (told && (isTold(told.node) || (!follows.text && this.sections.length > 0))) return head;
    return told && !follows.text && this.page.every((l) => l.as === 'blank') ? told : null;
  }

  /** Work that goes on under a heading of its own is more of the same part, unless the heading is written as those of parts are. */
  private goesOnAsPart(i: number, head: Head, label: number): boolean {
    if (this.block !== 'part' || this.begins) return true;
    if (label !== this.next) return this.blankBefore && (head.tells || this.isCapital(i) === this.capitals);
    return this.blankBefore && head.tells && this.isCapital(i) === this.capitals;
  }

  private isCapital = (i: number): boolean => {
    const name = this.written(i).split(/[([\t]/)[0];
    return /\p{Lu}{2}/u.test(name) && !/\p{Ll}{2}/u.test(name.replace(/\bx\d+\b/g, ''));
  };

  /** Whether a line that is short enough for a heading says what to do instead. */
  private decides(plain: string): boolean {
    const text = plain.trim().replace(/[:.]$/, '');
    // `Rose` is a part where one has ended, and a colour where one begins or a colon stands behind it.
    const named = this.blankBefore && !this.begins && !/:\s*$/.test(plain) && /^[a-z]+$/.test(text);
    if (colourIn(text) !== null && !/[([]/.test(text) && !named) return true;
    return factsOf(text).some((f) =>
      ['stuff', 'off', 'shut', 'unstuffed', 'open', 'tail', 'stop'].includes(f.fact),
    );
  }

  /** What follows a line: the first work below it, before another heading. */
  private follows(i: number): Follows {
    let text = false;
    for (let j = i + 1, seen = 0; j < this.lines.length && seen < FAR; j++) {
      const plain = this.plain[j];
      if (plain.trim() === '' || isFurniture(plain) || isColumnHead(plain)) continue;
      seen++;
      const node = this.parse(j, { fresh: false, begins: true });
      if (node.type === 'round' && isWork(node)) {
        if (starts(node) || (node.label?.first === 1 && !node.label.bare)) return { what: 'starts' };
        return node.label ? { what: 'goes on', label: node.label.first } : { what: 'none', text: true };
      }
      if (node.type === 'round' && node.layer) return { what: 'starts' };
      if (headerIn(plain) || (node.type === 'heading' && this.namesPart(j)))
        return { what: 'none', text: true };
      const short = plain.trim().length <= 60 && !/[.!?:,;]\s*$/.test(plain) && this.isBlank(j - 1);
      if (short && this.namesPart(j)) return { what: 'none', text: true };
      text = true;
    }
    return { what: 'none', text };
  }

  private namesPart = (i: number): boolean =>
    !this.decides(this.plain[i]) && headIn(this.written(i), this.plain[i], this.base.terms) !== null;

  private isBlank = (i: number): boolean => (this.plain[i] ?? '').trim() === '';

  /** A header that begins another stretch of the page; inside a part only what is done at the end does, or what stands by itself. */
  private headerAt(i: number): ReturnType<typeof headerIn> {
    const found = headerIn(this.plain[i]);
    if (!found) return null;
    if (this.block !== 'part') return found;
    if (found.block === 'assembly') return found.inline && !this.blankBefore ? null : found;
    return this.blankBefore && !found.inline && !this.begins ? found : null;
  }

  /** Whether work starts in a line that has no heading above it. */
  private startsWork(i: number): boolean {
    const node = this.parse(i, { fresh: false, begins: true });
    if (node.type !== 'round' || !isWork(node)) return false;
    if (this.block === 'assembly') return node.label?.first === 1 && starts(node);
    return node.label !== null || starts(node) || this.page.every((l) => l.as === 'blank');
  }

  private startPart(i: number, head: Head): number {
    this.open(head.node.name);
    this.capitals ??= this.isCapital(i);
    this.add(i, i, head.node, 'heading');
    return i;
  }

  private open(name: string): void {
    this.sections.push({ name, lines: [] });
    this.block = 'part';
    this.begins = true;
    this.next = 1;
  }

  private context = (more: Pick<LineContext, 'fresh' | 'begins'>): LineContext => ({ ...this.base, ...more });

  private parse(i: number, more: Pick<LineContext, 'fresh' | 'begins'>, last = i): LineNode {
    return parseLine(this.text.slice(this.lines[i].from, this.lines[last].to), this.context(more));
  }

  /** A line that belongs to no part, and those in which it goes on. */
  private aside(i: number, as: LineKind): number {
    let last = i;
    while (last + 1 < this.lines.length && last - i < MOST_WRAPPED && this.wordsGoOn(last)) last++;
    const section = this.block === 'assembly' ? this.sections.at(-1) : undefined;
    const words = this.plain.slice(i, last + 1).join(' ');
    for (let k = i; k <= last; k++) {
      const { from, to } = this.lines[k];
      const facts = k === i ? offersOf(words, as) : [];
      this.page.push({ line: k + 1, from, to, as, part: null, goesOn: k > i, facts });
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
    return goesOnInWords(this.plain[last], next);
  }

  private inPart(i: number): number {
    const plain = this.plain[i];
    if (isFurniture(plain) || isColumnHead(plain)) {
      const last = this.wordsGoOn(i) ? i + 1 : i;
      this.add(i, last, { ...noteOf(this.written(i).trim(), ''), aside: true }, 'remark');
      return last;
    }
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
    if (node.type === 'round' && isWork(node)) {
      this.begins = false;
      this.next = (node.label?.last ?? this.next + (node.many ?? 1) - 1) + 1;
    }
    if (node.type === 'repeat')
      this.next =
        (node.label?.last ??
          this.next - 1 + (node.first === null ? 1 : (node.last! - node.first + 1) * node.times)) + 1;
    this.add(i, last, node, kindOf(node, plain));
    this.fresh =
      node.type === 'note' && (this.fresh || node.facts.some((f) => f.fact === 'off' || f.fact === 'shut'));
    return last;
  }

  private goesOn(node: LineNode, last: number): boolean {
    if (this.said[last + 2] || this.plain[last + 1].trim() === '' || isFurniture(this.plain[last + 1]))
      return false;
    if (node.type === 'round')
      return (
        continuesOn(this.text, this.lines, last, node, this.context({ fresh: false, begins: this.begins })) ||
        this.broken(last)
      );
    if (node.type !== 'note' || /^\s*(?:--|#|\/\/)/.test(this.plain[last])) return false;
    const next = this.parse(last + 1, { fresh: false, begins: false });
    if (next.type === 'round' && isWork(next) && !next.items.some((i) => i.type === 'unknown')) return false;
    return goesOnInWords(this.plain[last], this.plain[last + 1]) && next.type !== 'repeat';
  }

  /** A word is broken at the end of the line. */
  private broken = (last: number): boolean =>
    /[a-z]-\s*$/.test(this.plain[last]) && /^\s*[a-z]/.test(this.plain[last + 1]);

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
      const facts = k === i ? factsOfNode(node) : [];
      this.page.push({
        line: k + 1,
        from,
        to,
        as,
        part: inPart && as !== 'blank' ? part : null,
        goesOn: k > i,
        facts,
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

/** What both ways of reading a heading say: the terse form of the house tells a hook and a colour of any name. */
function both(said: HeadingNode, told: HeadingNode): HeadingNode {
  const named = told.colour !== null && !/\b(?:piece|rounds?|rows?|spiral|worked)\b/.test(told.colour);
  const colour = said.colour ?? (named && said.colours === null ? told.colour : null);
  return { ...said, hook: told.hook ?? said.hook, colour };
}

/** What a line outside the parts offers: lists of what is needed name a hook, and sizes of eyes that are read with the materials. */
function offersOf(words: string, as: LineKind): Fact[] {
  const kinds = as === 'assembly' ? ['feature'] : ['hook', 'ring'];
  return factsOf(words).filter((f) => kinds.includes(f.fact));
}

/** What a line decides besides its rounds. */
export function factsOfNode(node: LineNode): readonly Fact[] {
  if (node.type === 'note') return node.facts;
  return node.type === 'round' || node.type === 'repeat'
    ? [...(node.before ?? []), ...(node.facts ?? [])]
    : [];
}

/** The features that a line speaks of, in a note or beside a round. */
export const featuresIn = (node: LineNode): FeatureNote[] => {
  // A note is read as a whole: where the eyes go may stand in its second sentence.
  if (node.type === 'note') return node.feature ? [node.feature] : [];
  return factsOfNode(node).flatMap((f) => (f.fact === 'feature' ? [f.feature] : []));
};

/** A heading that tells more than a name: how many, a hook, which end. */
const isTold = (node: Extract<LineNode, { type: 'heading' }>): boolean =>
  node.make > 1 ||
  node.hook !== null ||
  node.ringIs !== null ||
  node.mirrored ||
  node.colour !== null ||
  node.yarn !== null;

const isWork = (node: RoundNode): boolean =>
  node.items.some((i) => i.type !== 'sign' && i.type !== 'unknown') || node.stated !== null;

/** Work that begins from nothing: a ring, a loop, a chain; a sentence about chains is none. */
const starts = (node: RoundNode): boolean =>
  node.items.some((i) => i.type === 'start') ||
  (node.label === null &&
    node.items.length > 0 &&
    node.items.every((i) => i.type === 'sign' || (i.type === 'stitch' && i.kind === 'ch')) &&
    node.items.some((i) => i.type === 'stitch' && i.times !== 1));

/** `Tansy, a very squashy garden snail`: the line without what stands around it. */
const titleOf = (line: string): string =>
  line
    .trim()
    .replace(/^[#*=_~\s]+|[#*=_~\s]+$/g, '')
    .split('\t')[0]
    .trim();

function kindOf(node: LineNode, plain: string): LineKind {
  switch (node.type) {
    case 'blank':
      return 'blank';
    case 'heading':
      return 'heading';
    case 'round':
    case 'repeat':
      return 'round';
    case 'continued':
      return 'note';
    case 'note': {
      if (node.aside) return 'remark';
      const has = (fact: string) => node.facts.some((f) => f.fact === fact);
      if (has('shut') || has('off') || has('open')) return 'ending';
      if (node.feature?.what === 'eyes' || node.feature?.what === 'nose') return 'placement';
      if (has('stuff') || has('stop')) return 'pause';
      if (has('colour')) return 'colour';
      if (/^\s*(?:sew|pin|attach)\b|\bjoin(?:ed|ing)?\b.*\b(?:leg|arm|wing|ear|body|head)s?\b/.test(plain))
        return 'assembly';
      if (node.unread && node.facts.length === 0) return 'unread';
      return node.facts.length > 0 || node.hook || soundsLikeWork(plain) ? 'note' : 'remark';
    }
  }
}
