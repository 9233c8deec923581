import type { Token } from './lexer';
import { ORDINALS, wordNumber } from './numberWords';
import type { Span, Terms } from './syntax';

const MOST = 1e9;

const split = new Map<string, readonly string[]>();

/** The words of a phrase; every phrase is split once. */
function wordsOf(phrase: string): readonly string[] {
  const known = split.get(phrase) ?? phrase.split(' ');
  split.set(phrase, known);
  return known;
}

/** A place in the tokens of one round, with the small steps that every form is read by. `take...` moves on only when it finds what it wants. */
export class Cursor {
  at = 0;
  /** the first bracket that is never closed */
  unclosed: Span | null = null;
  /** the part has no round yet: a chain here is a foundation */
  begins = false;
  /** a number without a stitch counts single crochets */
  bare = false;
  /** a number before a colour counts single crochets */
  coloured = false;
  /** round the edge of a flat piece: what is counted is named by where it goes */
  edging = false;
  /** X, V and A are stitches here */
  symbols = false;

  constructor(
    readonly tokens: readonly Token[],
    readonly terms: Terms,
  ) {}

  peek(ahead = 0): Token | undefined {
    return this.tokens[this.at + ahead];
  }

  is(text: string, ahead = 0): boolean {
    return this.tokens[this.at + ahead]?.text === text;
  }

  takeWords(...words: string[]): boolean {
    for (let i = 0; i < words.length; i++) if (this.tokens[this.at + i]?.text !== words[i]) return false;
    this.at += words.length;
    return true;
  }

  /** Takes one of some whole phrases, the first that stands here. */
  takePhrase(...phrases: string[]): boolean {
    for (const phrase of phrases) {
      const words = wordsOf(phrase);
      // Most phrases do not even begin here.
      if (this.tokens[this.at]?.text === words[0] && this.takeWords(...words)) return true;
    }
    return false;
  }

  takeAny(...words: string[]): boolean {
    const token = this.tokens[this.at];
    if (!token || !words.includes(token.text)) return false;
    this.at++;
    return true;
  }

  skipSeparators(): boolean {
    const start = this.at;
    while (this.takeAny(',', ';', ':', '+', '&'));
    return this.at > start;
  }

  number(): { value: number; span: Span } | null {
    const token = this.tokens[this.at];
    if (token?.type === 'number') {
      this.at++;
      return { value: Math.min(Number(token.text), MOST), span: { from: token.from, to: token.to } };
    }
    if (token?.type !== 'word') return null;
    const start = this.at;
    // `twenty-four`: with its dash it is three tokens.
    const ones = this.is('-', 1) ? 2 : 1;
    const both = wordNumber(`${token.text}-${this.tokens[this.at + ones]?.text ?? ''}`);
    const value = both > 0 ? both : wordNumber(token.text);
    if (value < 1) return null;
    this.at += both > 0 ? ones + 1 : 1;
    return { value, span: this.since(start) };
  }

  ordinal(): number | null {
    const token = this.tokens[this.at];
    const value = token?.type === 'ordinal' ? Number(token.text) : ORDINALS.indexOf(token?.text ?? '');
    if (value < 1 || value > 99) return null;
    this.at++;
    return value;
  }

  /** The span from token `start` to the last one taken. */
  since(start: number): Span {
    return { from: this.tokens[start].from, to: this.tokens[Math.max(start, this.at - 1)].to };
  }
}
