import type { Token } from './lexer';
import type { Item, Span, StartItem, StitchItem, Terms, Times } from './syntax';
import { craftWord } from './stitches';

/** What a parse of one round gives: its items and, if a bracket stays open, where. */
export interface ParsedItems {
  items: Item[];
  unclosed: Span | null;
}

const DEEPEST = 40;
const SEPARATORS = new Set([',', ';', '.', ':', '+', '&']);
const FILLER = new Set(['and', 'then', 'of', 'the', 'a', 'an', 'to', 'end', 'st', 'sts', 'stitch', 'stitches', 'work', 'now']);

/**
 * Reads the items of one round. `tokens` have offsets in the line; `base` is added to give offsets in the text.
 * Never throws: what it does not know becomes an `unknown` item.
 */
export function parseItems(tokens: Token[], terms: Terms, base: number): ParsedItems {
  return new ItemParser(tokens, terms, base).whole();
}

class ItemParser {
  private at = 0;
  private unclosed: Span | null = null;

  constructor(
    private readonly tokens: Token[],
    private readonly terms: Terms,
    private readonly base: number,
  ) {}

  whole(): ParsedItems {
    const items = this.list(null, 0);
    return { items, unclosed: this.unclosed };
  }

  private peek(ahead = 0): Token | undefined {
    return this.tokens[this.at + ahead];
  }

  private is(text: string, ahead = 0): boolean {
    return this.peek(ahead)?.text === text;
  }

  private takeWords(...words: string[]): boolean {
    if (!words.every((w, i) => this.is(w, i))) return false;
    this.at += words.length;
    return true;
  }

  private takeAny(words: readonly string[]): boolean {
    if (!this.peek() || !words.includes(this.peek()!.text)) return false;
    this.at++;
    return true;
  }

  private number(): { value: number; span: Span } | null {
    const token = this.peek();
    if (token?.type !== 'number') return null;
    this.at++;
    return { value: Math.min(Number(token.text), 1e9), span: this.span(token) };
  }

  private span(token: Token): Span {
    return { from: this.base + token.from, to: this.base + token.to };
  }

  private since(start: number): Span {
    const first = this.tokens[start];
    const last = this.tokens[Math.max(start, this.at - 1)];
    return { from: this.base + first.from, to: this.base + last.to };
  }

  private list(close: string | null, depth: number): Item[] {
    const items: Item[] = [];
    while (this.peek()) {
      if (close && this.is(close)) break;
      if (close === '*' && this.is('rep')) break;
      if (SEPARATORS.has(this.peek()!.text)) {
        this.at++;
        continue;
      }
      if (this.wrapRepeat(items)) continue;
      const start = this.at;
      const item = this.item(depth);
      if (item) items.push(item);
      if (this.at === start) this.at++;
    }
    return items;
  }

  /** `..., repeat around` takes what was written so far as its group. */
  private wrapRepeat(items: Item[]): boolean {
    if (!this.is('repeat') && !this.is('rep')) return false;
    const start = this.at;
    this.at++;
    if (this.is('from') || items.length === 0) {
      this.at = start;
      return false;
    }
    const times = this.times(false);
    if (!times) {
      this.at = start;
      return false;
    }
    const group = items.splice(0, items.length);
    items.push({ type: 'group', items: group, times: times.value, timesSpan: times.span, timesSign: times.sign, span: { from: group[0].span.from, to: this.since(start).to } });
    return true;
  }

  private item(depth: number): Item | null {
    const token = this.peek()!;
    if (token.text === '(' || token.text === '[' || token.text === '*') return this.bracket(depth);
    if (token.type === 'number' || token.type === 'word') return this.start() ?? this.sign() ?? this.stitches() ?? this.unknown();
    return this.unknown();
  }

  private bracket(depth: number): Item {
    const start = this.at;
    const open = this.peek()!.text;
    const close = open === '(' ? ')' : open === '[' ? ']' : '*';
    this.at++;
    if (depth >= DEEPEST) {
      this.at = this.tokens.length;
      return { type: 'unknown', word: open, span: this.since(start) };
    }
    const items = this.list(close, depth + 1);
    if (this.is(close)) this.at++;
    else if (!(close === '*' && this.is('rep'))) this.unclosed ??= this.span(this.tokens[start]);
    while (close === '*' && this.takeAny([';', ',']));
    let more = 0;
    if (close === '*' && this.takeWords('rep')) {
      this.takeAny(['from']);
      this.takeAny(['*']);
      more = 1;
    }
    const inOne = this.inOne();
    const times = this.times(true);
    const value = times ? (typeof times.value === 'number' && times.more ? times.value + more : times.value) : 1;
    const span = this.since(start);
    if (inOne) return { type: 'fan', items, times: inOne === 'each' ? 'around' : value, span };
    return { type: 'group', items, times: value, timesSpan: times?.span, timesSign: times?.sign, span };
  }

  /** `in next`, `in same st`, `in each st`: several worked into one. */
  private inOne(): 'one' | 'each' | null {
    const before = this.at;
    if (this.takeAny(['in', 'into'])) {
      this.takeAny(['the']);
      if (this.takeAny(['next', 'same', 'one'])) {
        this.takeAny(['st', 'stitch']);
        return 'one';
      }
      if (this.takeWords('each')) {
        this.takeAny(['st', 'stitch']);
        this.takeAny(['around']);
        return 'each';
      }
    }
    this.at = before;
    return null;
  }

  /** `x6`, `* 6`, `6 times`, `twice`, `around`, `5 more times`. */
  private times(repeats: boolean): { value: Times; span?: Span; sign?: string; more: boolean } | null {
    const before = this.at;
    if (repeats) this.takeAny(['repeat', 'rep']);
    const sign = this.peek();
    if (sign && this.takeAny(['x', '*'])) {
      const n = this.number();
      if (n) {
        this.takeAny(['times']);
        const close = this.base + sign.to === n.span.from;
        return { value: n.value, span: close ? { from: this.base + sign.from, to: n.span.to } : n.span, sign: close ? sign.text : '', more: false };
      }
      this.at = before;
      return null;
    }
    if (this.takeWords('twice')) return { value: 2, more: false };
    if (this.takeWords('around') || this.takeWords('all', 'around') || this.takeWords('to', 'end')) return { value: 'around', more: false };
    const n = this.number();
    if (n) {
      const more = this.takeWords('more');
      if (this.takeAny(['times', 'x', 'time'])) return { value: n.value, span: n.span, more };
    }
    this.at = before;
    return null;
  }

  /** `6 sc in (magic) ring`, `MR 6`, `ring, 6 sc`, `9 sc in loop`, `6 sc in 2nd ch from hook`, `ch 12, join`. */
  private start(): StartItem | null {
    const start = this.at;
    const made = (kind: StartItem['kind'], count: { value: number; span: Span }, how: StartItem['start'], chain: number): StartItem => ({
      type: 'start', start: how, chain, kind, count: count.value, span: this.since(start), countSpan: count.span,
    });
    if (this.takeWords('magic', 'ring') || this.takeWords('magic', 'circle') || this.takeAny(['mr', 'mc', 'ring'])) {
      this.takeAny([',', ':']);
      const n = this.number();
      if (n) {
        const word = this.peek() && craftWord(this.peek()!.text, this.terms);
        if (word) this.at++;
        return made(word ? word.kind : 'sc', n, 'ring', 0);
      }
      this.at = start;
      return null;
    }
    const chain = this.chainThen();
    const n = this.number();
    const word = n && this.peek() ? craftWord(this.peek()!.text, this.terms) : null;
    if (n && word && word.eats === 1 && word.makes === 1) {
      this.at++;
      const into = this.startsInto();
      if (into) return made(word.kind, n, into === 'ring' || chain <= 2 ? 'ring' : 'loop', into === 'ring' ? 0 : chain);
    }
    if (chain > 2 && !n) {
      const token = this.tokens[start + 1];
      return { ...made('ch', { value: chain, span: this.span(token) }, 'tube', chain), countSpan: undefined };
    }
    this.at = start;
    return null;
  }

  /** `ch 5, join,` before the stitches of a loop; `ch 2,` before `6 sc in 2nd ch`. Gives the chain count, 0 when there is none. */
  private chainThen(): number {
    const start = this.at;
    if (!this.takeWords('ch')) return 0;
    const n = this.number();
    while (this.takeAny([',', ';']));
    const joined = this.takeWords('join');
    const toRing = joined && (this.takeWords('to', 'form', 'a', 'ring') || this.takeWords('in', 'a', 'ring') || this.takeWords('to', 'ring'));
    while ((joined || toRing) && this.takeAny([',', ';']));
    const next = this.peek();
    if (n && (joined || (n.value <= 2 && next?.type === 'number'))) return n.value;
    this.at = start;
    return 0;
  }

  private startsInto(): 'ring' | 'loop' | null {
    const before = this.at;
    if (this.takeAny(['in', 'into'])) {
      this.takeAny(['a', 'the']);
      if (this.takeWords('magic', 'ring') || this.takeWords('magic', 'circle') || this.takeAny(['ring', 'mr'])) return 'ring';
      if (this.takeAny(['loop'])) return 'loop';
      if (this.takeAny(['first', '2', '1'])) {
        if (this.takeWords('ch') || this.takeWords('chain')) {
          this.takeWords('from', 'hook');
          return 'ring';
        }
      }
    }
    this.at = before;
    return null;
  }

  private sign(): Item | null {
    const start = this.at;
    const done = (rest: Omit<Extract<Item, { type: 'sign' }>, 'type' | 'span'>): Item => ({ type: 'sign', ...rest, span: this.since(start) });
    if (this.takeWords('sl', 'st') || this.takeAny(['slst', 'ss'])) {
      if (this.takeWords('to', 'join') || this.takeWords('to', 'first') || this.takeWords('in', 'first')) {
        this.takeAny(['st', 'stitch', 'sc', 'dc']);
        return done({ sign: 'join' });
      }
      this.at = start;
      return null;
    }
    if (this.takeAny(['join'])) {
      this.takeWords('in', 'first', 'st');
      return done({ sign: 'join' });
    }
    if (this.takeWords('turn')) return done({ sign: 'turn' });
    if (this.is('ch') && this.is('1', 1) && (start === 0 || this.is('turn', 2) || (this.is(',', 2) && this.is('turn', 3)))) {
      this.at += 2;
      return done({ sign: 'chain-1' });
    }
    for (const [word, loops] of [['blo', 'back'], ['flo', 'front']] as const) {
      if (this.takeWords(word) || this.takeWords('in', word) || this.takeWords('in', loops, 'loops', 'only') || this.takeWords(loops, 'loops', 'only'))
        return done({ sign: 'loops', loops });
    }
    if (this.takeWords('change', 'to') || this.takeAny(['with']) || (this.is('in') && this.is(':', 2) && this.takeAny(['in'])) || this.takeWords('last', 'pull', '-', 'through', 'in')) {
      const colour = this.peek();
      if (colour?.type === 'word') {
        this.at++;
        return done({ sign: 'colour', colour: colour.text });
      }
    }
    this.at = start;
    return null;
  }

  private stitches(): StitchItem | null {
    const start = this.at;
    const lead = this.number();
    if (this.takeAny(['even'])) return { type: 'stitch', kind: 'sc', eats: 1, makes: 1, times: 'around', span: this.since(start) };
    if (this.takeAny(['skip', 'sk'])) {
      const n = this.number();
      this.takeAny(['st', 'sts', 'next']);
      return { type: 'stitch', kind: 'sc', eats: 1, makes: 0, skipped: true, times: n?.value ?? lead?.value ?? 1, timesSpan: n?.span, span: this.since(start) };
    }
    const word = this.word();
    if (!word) {
      this.at = start;
      return null;
    }
    const item: StitchItem = { type: 'stitch', ...word, times: lead?.value ?? 1, timesSpan: lead?.span, span: this.since(start) };
    this.behind(item, lead !== null);
    item.span = this.since(start);
    return item;
  }

  private word(): Omit<StitchItem, 'type' | 'times' | 'span'> | null {
    const start = this.at;
    if (this.takeWords('sl', 'st')) return { kind: 'slst', eats: 1, makes: 1 };
    if (this.takeWords('inv', 'dec')) return { kind: 'sc', eats: 2, makes: 1, invisible: true };
    const token = this.peek();
    const word = token?.type === 'word' ? craftWord(token.text, this.terms) : null;
    if (word) this.at++;
    else this.at = start;
    if (word && this.is('inc') && word.eats === 1 && word.makes === 1) {
      this.at++;
      return { ...word, makes: 2 };
    }
    return word;
  }

  /** What may follow a stitch word: `x3`, `3`, `in next 3`, `in each st (around)`, `in same st`, `around`. */
  private behind(item: StitchItem, counted: boolean): void {
    this.takeAny(['sts', 'stitches']);
    if (this.takeAny(['in', 'into'])) {
      this.takeAny(['the']);
      const many = typeof item.times === 'number' ? item.times : 1;
      if (this.takeWords('each')) {
        this.takeWords('of', 'the');
        this.takeAny(['of']);
        this.takeAny(['next']);
        const n = this.number();
        this.takeAny(['st', 'sts', 'stitch', 'stitches']);
        this.takeAny(['around']);
        this.intoOne(item, counted && many > 1 ? many : 1);
        item.times = n ? n.value : 'around';
        item.timesSpan = n?.span;
        return;
      }
      if (this.takeAny(['next', 'same', 'one'])) {
        const n = this.number();
        this.takeAny(['st', 'sts', 'stitch', 'stitches']);
        this.intoOne(item, counted && many > 1 ? many : 1);
        item.times = n?.value ?? 1;
        item.timesSpan = n?.span ?? (counted ? undefined : item.timesSpan);
        return;
      }
      this.at--;
    }
    if (this.takeAny(['around']) || this.takeWords('all', 'around')) {
      item.times = 'around';
      return;
    }
    if (this.is('x') && this.peek(1)?.type === 'number') this.at++;
    else if (this.peek()?.type !== 'number' || counted) return;
    const n = this.number()!;
    item.times = (typeof item.times === 'number' ? item.times : 1) * n.value;
    item.timesSpan = n.span;
  }

  private intoOne(item: StitchItem, many: number): void {
    if (many > 1) item.makes *= many;
  }

  private unknown(): Item | null {
    const token = this.peek()!;
    this.at++;
    if (token.type === 'sign' || FILLER.has(token.text)) {
      // A sign that nobody needs is passed over; letters that nobody knows are not.
      if (token.type === 'sign' && /[\p{L}\p{N}]/u.test(token.text)) return { type: 'unknown', word: token.text, span: this.span(token) };
      return null;
    }
    while (token.type === 'number' && this.peek()?.type === 'word' && !craftWord(this.peek()!.text, this.terms)) {
      const word = this.peek()!;
      this.at++;
      return { type: 'unknown', word: word.text, span: this.span(word) };
    }
    return { type: 'unknown', word: token.text, span: this.span(token) };
  }
}
