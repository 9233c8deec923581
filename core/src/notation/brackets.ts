import type { Cursor } from './cursor';
import { list, takeBetweenStars } from './items';
import { takeNoun } from './nouns';
import type { GroupItem, Item, Span } from './syntax';
import { type TakenTimes, takeTimes } from './times';

const DEEPEST = 40;

/** `6*(sc, inc)`, `6 x (sc, inc)`, `6(sc, inc)`: how often stands before the bracket. */
export function timesBefore(c: Cursor, depth: number): Item | null {
  const start = c.at;
  const n = c.number();
  const bracket = () => c.is('(') || c.is('[');
  // `6(sc, inc)`: right before it, and no count in it
  const glued = n !== null && bracket() && c.peek()!.from === n.span.to && !c.is(')', 2) && !c.is(']', 2);
  const sign = n && (c.takeAny('x', '*', 'times') || glued);
  if (!n || !sign || !bracket()) {
    c.at = start;
    return null;
  }
  const group = takeBracket(c, depth);
  if (group.type !== 'group' || group.times !== 1) {
    c.at = start;
    return null;
  }
  return { ...group, times: n.value, timesSpan: n.span, span: c.since(start) };
}

/** `rep from * 5 times` may mean five in all or five more (decision 25); `5 more times` and `x6` may not. */
export function repeated(items: Item[], times: TakenTimes, span: Span, afterwards: boolean): GroupItem {
  const n = times.value;
  const group: GroupItem = {
    type: 'group',
    items,
    times: n,
    span,
    timesSpan: times.span,
    timesSign: times.sign,
    ...(times.toLast === undefined ? {} : { toLast: times.toLast }),
  };
  if (times.until !== undefined) return { ...group, times: 1, until: times.until };
  if (typeof n !== 'number' || !afterwards) return group;
  if (times.more) return { ...group, times: n + 1, timesSpan: undefined };
  return { ...group, orTimes: n + 1 };
}

export function takeBracket(c: Cursor, depth: number): Item {
  const start = c.at;
  const open = c.peek()!.text;
  const close = open === '(' ? ')' : open === '[' ? ']' : '*';
  c.at++;
  if (depth >= DEEPEST) {
    c.at = c.tokens.length;
    return { type: 'unknown', word: open, span: c.since(start) };
  }
  const items = list(c, close, depth + 1);
  if (c.is(close)) c.at++;
  else if (!(close === '*' && (c.is('rep') || c.is('repeat'))))
    c.unclosed ??= { from: c.tokens[start].from, to: c.tokens[start].to };
  // `(BLO)` where nothing takes its loops: said, and not passed over
  if (items.length === 0 && close !== '*' && c.at > start + 2)
    return { type: 'unknown', word: c.tokens[start + 1].text, span: c.since(start) };
  while (close === '*' && c.takeAny(';', ','));
  let afterwards = false;
  if (c.takeAny('rep', 'repeat')) {
    afterwards = close === '*';
    takeBetweenStars(c);
  }
  const inOne = takeInOne(c);
  const times = takeTimes(c, true) ?? (close === '*' ? starredTimes(c) : countBehind(c));
  const span = c.since(start);
  if (inOne)
    return {
      type: 'fan',
      items,
      times:
        inOne === 'each'
          ? 'around'
          : times && typeof times.value === 'number'
            ? times.value
            : (inOne as number),
      span,
    };
  if (times) return repeated(items, times, span, afterwards);
  return { type: 'group', items, times: afterwards ? 'around' : 1, span };
}

/** `*2 sc, inc *6`: a number right behind the star that closes. */
function starredTimes(c: Cursor): TakenTimes | null {
  const before = c.peek(-1);
  const here = c.peek();
  if (before?.text !== '*' || here?.type !== 'number' || before.to !== here.from) return null;
  const behind = c.peek(1);
  if (behind && !['(', '[', '=', ',', ';', 'times'].includes(behind.text)) return null;
  const n = c.number()!;
  c.takeAny('times');
  return { value: n.value, span: n.span, more: false, plain: true };
}

/** `[2, inc] 6 (24)`: a number alone behind the bracket, before the count. */
function countBehind(c: Cursor): TakenTimes | null {
  const behind = c.peek(1);
  if (c.peek()?.type !== 'number' || (behind && !['(', '[', '='].includes(behind.text))) return null;
  const n = c.number()!;
  return { value: n.value, span: n.span, more: false, plain: true };
}

/** `in next`, `in same st`, `in next 3`, `in each st`: several worked into one. Gives how often, or `each`. */
function takeInOne(c: Cursor): number | 'each' | null {
  const before = c.at;
  if (c.takeAny('in', 'into', 'all')) {
    c.takeAny('in', 'into', 'the');
    if (c.takeAny('next', 'same', 'one', 'first', 'last')) {
      const n = c.number();
      takeNoun(c);
      return n?.value ?? 1;
    }
    if (c.takeAny('each', 'every')) {
      c.takeAny('of');
      c.takeAny('next');
      const n = c.number();
      takeNoun(c);
      c.takeAny('around');
      return n?.value ?? 'each';
    }
  }
  c.at = before;
  return null;
}

/** `sc around the first leg (10), sc in the 2 ch`: what stands behind a stitch in the middle of a round says how many of it. */
export function countsLast(c: Cursor, items: readonly Item[]): boolean {
  const last = items.findLast((i) => i.type !== 'sign' || i.sign !== 'note');
  const here = c.is('(') && c.peek(1)?.type === 'number' && c.is(')', 2) && c.is(',', 3);
  if (!here || last?.type !== 'stitch' || last.times !== 'around') return false;
  c.at++;
  const n = c.number()!;
  Object.assign(last, { times: n.value, timesSpan: n.span });
  c.at++;
  return true;
}

/** `dec around until 9 remain`, `dec until 9 remain`: worked over and over until so many are left; null where that is not said. */
export function workedUntil(c: Cursor, item: Item): GroupItem | null {
  if ((item.type !== 'stitch' && item.type !== 'group') || !c.is('until')) return null;
  const lessens = item.type === 'stitch' && item.eats > item.makes && item.times === 1;
  if (item.times !== 'around' && !lessens) return null;
  const until = takeTimes(c, false)?.until;
  if (until === undefined) return null;
  const items = item.type === 'group' ? item.items : [{ ...item, times: 1 }];
  return { type: 'group', items, times: 1, until, span: item.span };
}
