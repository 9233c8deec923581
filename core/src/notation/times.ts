import { Cursor } from './cursor';
import { takeToLast } from './rest';
import type { Span, Times } from './syntax';

export interface TakenTimes {
  value: Times;
  span?: Span;
  sign?: string;
  more: boolean;
  /** `x6`, `6 times`: how often in all, without a doubt */
  plain: boolean;
  until?: number;
  /** until so many stitches are left for what is written behind */
  toLast?: number;
}

/** `x6`, `* 6`. */
function signedTimes(c: Cursor, before: number): TakenTimes | null {
  const sign = c.peek()!;
  c.at++;
  const n = c.number();
  if (!n) {
    c.at = before;
    return null;
  }
  c.takeAny('times');
  const close = sign.to === n.span.from;
  return {
    value: n.value,
    span: close ? { from: sign.from, to: n.span.to } : n.span,
    sign: close ? sign.text : '',
    more: false,
    plain: true,
  };
}

/** `x6`, `* 6`, `6 times`, `twice`, `around`, `5 more times`, `until 10 remain`. */
export function takeTimes(c: Cursor, repeats: boolean): TakenTimes | null {
  const before = c.at;
  if (repeats) c.takeAny('repeat', 'rep');
  if (c.is('x') || c.is('*')) return signedTimes(c, before);
  for (const [word, value] of [
    ['once', 1],
    ['twice', 2],
    ['thrice', 3],
  ] as const)
    if (c.takeAny(word)) return { value, more: c.takeAny('more'), plain: true };
  if (
    c.takeAny('around', 'across', 'evenly') ||
    c.takeWords('all', 'around') ||
    c.takePhrase('to end', 'to the end', 'until end', 'until the end', 'all the way around')
  ) {
    c.takeAny('around');
    const left: Pick<TakenTimes, 'toLast'> = {};
    takeToLast(c, left);
    return { value: 'around', more: false, plain: true, ...left };
  }
  const last: Pick<TakenTimes, 'toLast'> = {};
  if (takeToLast(c, last)) return { value: 'around', more: false, plain: true, ...last };
  if (c.takeAny('until')) {
    while (c.takeAny('there', 'only', 'you', 'have', 'are', 'just'));
    const n = c.number();
    if (n) {
      c.takeAny('st', 'sts', 'stitches');
      c.takeAny('remain', 'remains', 'left', 'are');
      c.takeAny('remain', 'left');
      return { value: 1, until: n.value, more: false, plain: true };
    }
  }
  c.takeAny('for');
  const n = c.number();
  if (n) {
    const more = c.takeAny('more');
    // Where X is a stitch, `2X` is two of them.
    if (c.takeAny('times', 'time') || (!c.symbols && c.takeAny('x')))
      return { value: n.value, span: n.span, more: c.takeAny('more') || more, plain: !more };
  }
  c.at = before;
  return null;
}
