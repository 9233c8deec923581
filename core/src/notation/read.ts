import { notationWords as say } from '../words';
import { countItems } from './count';
import { plainSigns } from './lexer';
import { parseLine } from './lines';
import { mendsOf, writeCount } from './mends';
import { printItems } from './printer';
import { problem, type Problem } from './problems';
import { guessTerms, nearestWord } from './stitches';
import type { Item, LineNode, Span, Terms } from './syntax';

/** One round as read. `line` counts from 1; `nth` counts the rounds of that line from 0. */
export interface RoundReading {
  label: string | null;
  /** the number of the round in its part, counted on from the first label */
  number: number;
  line: number;
  nth: number;
  offered: number;
  eaten: number;
  /** what the line as written makes; null where nothing can be told */
  made: number | null;
  stated: number | null;
  /** what the next round is offered */
  carried: number;
  joined: boolean;
  turned: boolean;
  items: readonly Item[];
}

/** One line as read: what it is, which rounds it makes, what is wrong with it. */
export interface LineReading {
  line: number;
  from: number;
  to: number;
  node: LineNode;
  /** indices into the part's rounds, end exclusive */
  rounds: [number, number];
  problems: Problem[];
}

export interface PartReading {
  name: string;
  make: number;
  mirrored: boolean;
  colour: string | null;
  hookMm: number | null;
  ringIs: string | null;
  /** lines of the text, counted from 1, end inclusive */
  firstLine: number;
  lastLine: number;
  lines: LineReading[];
  rounds: RoundReading[];
  problems: Problem[];
  /** the last round is gathered shut */
  closed: boolean;
  /** stuffing is asked for after this many rounds; empty when the part says nothing */
  stuffedAfter: number[];
  firmness: 'soft' | 'medium' | 'firm' | null;
  /** sum of `made` */
  stitches: number;
}

export interface Reading {
  terms: Terms;
  parts: PartReading[];
}

export interface ReadOptions {
  /** when left out, the terms are guessed from the text */
  terms?: Terms;
}

/**
 * Reads written rounds: splits a text into parts and lines, counts every round against the one before, and says what
 * does not add up. Never throws; every character of the text stays where it is.
 */
export function read(text: string, options: ReadOptions = {}): Reading {
  const guess = guessTerms(plainSigns(text));
  const terms = options.terms ?? guess.terms;
  const parts: PartReading[] = [];
  let part: PartCounter | null = null;
  let fresh = true;
  const lines = splitLines(text);
  for (let i = 0; i < lines.length; i++) {
    const from = lines[i].from;
    const context = { from, terms, fresh, continues: false };
    let node = parseLine(text.slice(from, lines[i].to), context);
    let last = i;
    while (node.type === 'round' && last + 1 < lines.length && continuesOn(text, lines, last, node, terms)) {
      last++;
      node = parseLine(text.slice(from, lines[last].to), context);
    }
    if (node.type === 'heading' || (!part && node.type !== 'blank')) {
      if (part) parts.push(part.finish());
      part = new PartCounter(node.type === 'heading' ? node : null, i + 1, terms);
    }
    part?.line(i + 1, from, lines[last].to, node);
    for (let k = i + 1; k <= last; k++) part?.line(k + 1, lines[k].from, lines[k].to, { type: 'continued', of: i + 1 });
    fresh = node.type === 'blank' || node.type === 'close' || node.type === 'end' || (fresh && node.type === 'note');
    i = last;
  }
  if (part) parts.push(part.finish());
  if (options.terms && guess.sure && guess.terms !== options.terms && parts[0]) {
    const where = parts[0].lines.find((l) => l.node.type === 'round') ?? parts[0].lines[0];
    const looks = guess.terms.toUpperCase();
    where.problems.push(problem('terms-suspect', { from: where.from, to: where.to }, say.termsSuspect(looks, options.terms.toUpperCase())));
    parts[0].problems = parts[0].lines.flatMap((l) => l.problems);
  }
  return { terms, parts };
}

type LineSpan = Span;

/** Lines without their line ends; offsets in the text. */
export function splitLines(text: string): LineSpan[] {
  const lines: LineSpan[] = [];
  let from = 0;
  for (let i = 0; i <= text.length; i++) {
    if (i === text.length || text[i] === '\n') {
      lines.push({ from, to: i > from && text[i - 1] === '\r' ? i - 1 : i });
      from = i + 1;
    }
  }
  return lines;
}

/** Decision 26: an open bracket, a trailing comma, or a labelled line without end count goes on in an unlabelled line. */
function continuesOn(text: string, lines: LineSpan[], last: number, node: Extract<LineNode, { type: 'round' }>, terms: Terms): boolean {
  const next = lines[last + 1];
  const nextText = text.slice(next.from, next.to);
  const after = parseLine(nextText, { from: next.from, terms, fresh: false, continues: false });
  if (after.type !== 'round' || after.label) return false;
  const written = plainSigns(text.slice(lines[last].from, lines[last].to)).trimEnd();
  return node.unclosed !== null || written.endsWith(',') || (node.label !== null && node.stated === null && node.items.length > 0);
}

/** Sums up one part, line by line. */
class PartCounter {
  private readonly part: PartReading;
  private carried: number | null = null;
  private certain = true;
  private next: number | null = null;
  private joined = false;
  private previousIncreases = 0;
  private readonly seen = new Set<number>();

  constructor(
    heading: Extract<LineNode, { type: 'heading' }> | null,
    firstLine: number,
    private readonly terms: Terms,
  ) {
    this.part = {
      name: heading?.name ?? '', make: heading?.make ?? 1, mirrored: heading?.mirrored ?? false, colour: heading?.colour ?? null,
      hookMm: heading?.hookMm ?? null, ringIs: heading?.ringIs ?? null, firstLine, lastLine: firstLine, lines: [], rounds: [], problems: [],
      closed: false, stuffedAfter: [], firmness: null, stitches: 0,
    };
  }

  line(line: number, from: number, to: number, node: LineNode): void {
    const first = this.part.rounds.length;
    const problems = node.type === 'round' ? this.round(line, node) : [];
    if (node.type === 'close') this.part.closed = true;
    if (node.type === 'stuff') {
      this.part.stuffedAfter.push(this.part.rounds.length);
      this.part.firmness = node.firmness ?? this.part.firmness;
    }
    this.part.lines.push({ line, from, to, node, rounds: [first, this.part.rounds.length], problems });
    this.part.lastLine = line;
  }

  finish(): PartReading {
    this.part.problems = this.part.lines.flatMap((l) => l.problems);
    this.part.stitches = this.part.rounds.reduce((sum, r) => sum + (r.made ?? 0), 0);
    return this.part;
  }

  private round(line: number, node: Extract<LineNode, { type: 'round' }>): Problem[] {
    const problems = this.labels(node);
    if (node.items.length === 0 && !node.stated) {
      if (!node.label) return problems;
      return problems;
    }
    const repeats = node.label ? node.label.last - node.label.first + 1 : 1;
    const number = node.label?.first ?? this.next ?? 1;
    const labelled = node.label !== null;
    if (node.items.some((i) => i.type === 'sign' && i.sign === 'join')) this.joined = true;
    for (let nth = 0; nth < repeats; nth++) {
      const found = this.count(line, nth, number + nth, labelled, node);
      // A range says its count once; the same fault in each of its rounds is one fault.
      if (nth === 0) problems.push(...found);
    }
    this.next = number + repeats;
    return problems;
  }

  private labels(node: Extract<LineNode, { type: 'round' }>): Problem[] {
    if (!node.label) return [];
    const { first, last, span } = node.label;
    const expected = this.next;
    const repeat = this.seen.has(first);
    for (let n = first; n <= last; n++) this.seen.add(n);
    if (repeat) return [problem('label-repeat', span, say.labelRepeat(first))];
    if (expected !== null && first !== expected) return [problem('label-gap', span, say.labelGap(expected, first))];
    return [];
  }

  private count(line: number, nth: number, number: number, labelled: boolean, node: Extract<LineNode, { type: 'round' }>): Problem[] {
    const before = this.part.rounds[this.part.rounds.length - 1];
    // Further rounds of a range that are offered the same come out the same.
    if (nth >= 2 && before.offered === this.carried) {
      this.part.rounds.push({ ...before, label: labelled ? `R${number}` : null, number, nth });
      this.carried = before.carried;
      return [];
    }
    const given = this.carried === null;
    const isStart = given || node.items.some((i) => i.type === 'start');
    const offered = isStart ? 0 : this.carried!;
    const stated = node.stated?.count ?? null;
    const body = trimmed(node);
    const problems: Problem[] = [];
    const count = countItems(node.items, given && !node.items.some((i) => i.type === 'start') ? stated ?? 0 : offered);
    let made = count.made;
    let carried = stated ?? made;
    let trusted = true;
    const wasCertain = this.certain;
    if (count.fault?.type === 'unknown') {
      const near = nearestWord(count.fault.word, this.terms);
      const mends = near ? [{ title: say.mendWrite(near), changes: [{ ...count.fault.span, insert: near }] }] : [];
      problems.push(problem('unknown-word', count.fault.span, say.unknownWord(count.fault.word, near), mends));
    } else if (!isStart && count.fault?.type === 'does-not-divide') {
      const group = printItems([{ ...(count.fault.item as { type: 'group' } & Item), times: 1 } as Item], this.terms);
      problems.push(problem('does-not-divide', body, say.doesNotDivide(offered - (count.eaten - count.fault.fits * count.fault.eats), group, count.fault.eats, count.fault.fits, count.fault.left), mendsOf(node, offered, this.terms)));
    } else if (!isStart && count.fault?.type === 'eats-nothing') {
      problems.push(problem('does-not-divide', body, say.nothingEaten(printItems([count.fault.item], this.terms))));
    } else if (!isStart && count.eaten !== offered) {
      problems.push(this.wrongEaten(node, count.eaten, offered, body));
      // The stated count, if any, is carried; else what the best mend makes.
    } else if (made !== null && stated !== null && made !== stated) {
      const mends = isStart ? startMends(node, stated) : mendsOf(node, offered, this.terms).filter((m) => !m.changes.some((c) => node.stated && c.from === node.stated.span.from));
      mends.push({ title: say.mendCount(made), changes: [writeCount(node.stated!, made)] });
      problems.push(problem('count-mismatch', body, say.countMismatch(made, stated), mends));
    }
    if (isStart && given && made === null && stated !== null) made = null;
    if (problems.length > 0) {
      trusted = false;
      carried = stated ?? this.madeByMend(node, problems[0], offered) ?? made;
    }
    if (carried === null || carried < 0) carried = offered;
    if (!wasCertain) problems.push(problem('assumed', body, say.assumed(offered)));
    this.certain = trusted;
    if (problems.every((p) => p.severity === 'note') && made !== null && !isStart) problems.push(...this.shape(node, offered, made, body));
    this.part.rounds.push({
      label: labelled ? `R${number}` : null, number, line, nth, offered, eaten: isStart ? 0 : count.eaten, made, stated, carried,
      joined: this.joined, turned: node.items.some((i) => i.type === 'sign' && i.sign === 'turn'), items: node.items,
    });
    this.carried = carried;
    return problems;
  }

  private wrongEaten(node: Extract<LineNode, { type: 'round' }>, eaten: number, offered: number, body: Span): Problem {
    const mends = mendsOf(node, offered, this.terms);
    const few = eaten < offered;
    const only = node.items.filter((i) => i.type !== 'sign');
    const group = only.length === 1 && only[0].type === 'group' && typeof only[0].times === 'number' ? only[0] : null;
    if (group) {
      const words = printItems([{ ...group, times: 1 }], this.terms);
      const sentence = few ? say.tooFewRepeat : say.tooManyRepeat;
      return problem(few ? 'too-few' : 'too-many', group.span, sentence(group.times as number, words, eaten, offered), mends);
    }
    return problem(few ? 'too-few' : 'too-many', body, few ? say.tooFew(eaten, offered) : say.tooMany(eaten, offered), mends);
  }

  /** What the round makes once its first mend is applied. */
  private madeByMend(node: Extract<LineNode, { type: 'round' }>, fault: Problem, offered: number): number | null {
    const mend = fault.mends[0];
    if (!mend || fault.code === 'unknown-word') return null;
    const changes = mend.changes;
    const apply = (items: readonly Item[]): Item[] =>
      items.map((item) => {
        if (item.type === 'group') return { ...item, items: apply(item.items), times: changed(item.timesSpan, changes) ?? item.times };
        if (item.type !== 'stitch') return item;
        const inserted = changes.find((c) => c.from === c.to && c.from === item.span.from);
        return { ...item, times: changed(item.timesSpan, changes) ?? (inserted ? Number.parseInt(inserted.insert, 10) : item.times) };
      });
    return countItems(apply(node.items), offered).made;
  }

  /** Ruffles, puckers and stacked increases of a round that adds up. */
  private shape(node: Extract<LineNode, { type: 'round' }>, offered: number, made: number, body: Span): Problem[] {
    const found: Problem[] = [];
    if (made - offered > FLAT_GROWTH * RUFFLE) found.push(problem('ruffle', body, say.ruffle(made, offered)));
    if (made * 2 < offered) found.push(problem('cup', body, say.cup(made, offered)));
    const increases = made > offered && node.items.length === 1 && node.items[0].type === 'group' ? made - offered : 0;
    if (increases >= STACKED_FROM && increases === this.previousIncreases) found.push(problem('stacked', body, say.stacked(increases)));
    this.previousIncreases = increases;
    return found;
  }
}

/** Single crochets that lie flat grow by 6 a round; over 1.35 times that ruffles. Source: the house's notation, "ruffle". */
const FLAT_GROWTH = 6;
const RUFFLE = 1.35;
/** From this many on, increases in line are seen as corners. */
const STACKED_FROM = 5;

function changed(span: Span | undefined, changes: readonly { from: number; to: number; insert: string }[]): number | null {
  const change = span && changes.find((c) => c.from === span.from && c.to === span.to);
  return change ? Number.parseInt(change.insert.replace(/^\D+/, ''), 10) : null;
}

function startMends(node: Extract<LineNode, { type: 'round' }>, stated: number) {
  const start = node.items.find((i) => i.type === 'start');
  if (start?.type !== 'start' || !start.countSpan) return [];
  return [{ title: say.mendWrite(String(stated)), changes: [{ ...start.countSpan, insert: String(stated) }] }];
}

/** The span of what is written between label and count, without the spaces around it. */
function trimmed(node: Extract<LineNode, { type: 'round' }>): Span {
  const spans = node.items.map((i) => i.span);
  if (spans.length === 0) return node.body;
  return { from: Math.min(...spans.map((s) => s.from)), to: Math.max(...spans.map((s) => s.to)) };
}
