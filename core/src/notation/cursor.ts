import type { Token } from './lexer';
import type { Span, Terms } from './syntax';

const NUMBER_WORDS: Record<string, number> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
};
const MOST = 1e9;

/** A place in the tokens of one round, with the small steps that every form is read by. `take...` moves on only when it finds what it wants. */
export class Cursor {
  at = 0;
  /** the first bracket that is never closed */
  unclosed: Span | null = null;
  /** the part has no round yet: a chain here is a foundation */
  begins = false;
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
    const value =
      token?.type === 'number' ? Math.min(Number(token.text), MOST) : NUMBER_WORDS[token?.text ?? ''];
    if (value === undefined) return null;
    this.at++;
    return { value, span: { from: token.from, to: token.to } };
  }

  ordinal(): number | null {
    const token = this.tokens[this.at];
    const value =
      token?.type === 'ordinal'
        ? Number(token.text)
        : { first: 1, second: 2, third: 3, fourth: 4 }[token?.text ?? ''];
    if (value === undefined || value > 99) return null;
    this.at++;
    return value;
  }

  /** The span from token `start` to the last one taken. */
  since(start: number): Span {
    return { from: this.tokens[start].from, to: this.tokens[Math.max(start, this.at - 1)].to };
  }
}
