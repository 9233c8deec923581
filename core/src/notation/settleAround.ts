import { meets } from './repeats';
import type { Item, StitchItem } from './syntax';

const LONGEST_WORD = 6;
const PLAIN_AROUND: StitchItem = {
  type: 'stitch',
  kind: 'sc',
  eats: 1,
  makes: 1,
  times: 'around',
  span: { from: 0, to: 0 },
};

/** `sc in back loops only (16)`, `inc (12)`: the one thing that a round says, without a number, goes all around where the counts ask for it. */
export function settleAround(
  items: readonly Item[],
  offered: number,
  stated: number | null,
  several: boolean,
): readonly Item[] {
  const worked = items.filter((i) => i.type !== 'sign');
  const [only] = worked;
  // `R5-9 (24)` on 24: a count alone, and it stays as it was
  if (items.length === 0 && stated === offered && offered > 0) return [PLAIN_AROUND];
  if (worked.length > 1) return allAround(items, offered, stated);
  if (worked.length !== 1 || (only.type !== 'stitch' && only.type !== 'group')) return items;
  if (
    only.times !== 1 ||
    only.timesSpan ||
    (only.type === 'group' && only.orTimes !== undefined) ||
    (only.type === 'stitch' ? only.fromHook : only.until) !== undefined
  )
    return items;
  if (meets(items, offered, stated, false)) return items;
  const around = items.map((i): Item => (i === only ? { ...only, times: 'around' } : i));
  // `R5-9: sc`: the word alone, for several rounds
  const alone = several && only.type === 'stitch' && only.span.to - only.span.from <= LONGEST_WORD;
  const sure = stated !== null || alone || (only.type === 'stitch' && only.loops !== undefined);
  return sure && meets(around, offered, stated, false) ? around : items;
}

/** `Ch 9, 8 sc in 2nd ch from hook`: as many as the chain has from there on go one into each, not all into that one. */
export function settleAlong(items: readonly Item[]): readonly Item[] {
  const start = items.find((i) => i.type === 'start');
  const [first, ...more] = items.filter((i) => i.type !== 'sign' && i !== start);
  if (start?.type !== 'start' || start.start !== 'chain') return items;
  if (first?.type !== 'stitch' || first.fromHook === undefined || more.length > 0) return items;
  const { makes, eats, times, fromHook } = first;
  if (eats !== 1 || times !== 1 || makes < 2 || makes !== start.chain - fromHook + 1) return items;
  return items.map((i): Item => (i === first ? { ...first, makes: 1, times: makes } : i));
}

/** `2 sc, inc (24)` on 18: what is written once and fits so often is worked all around, where the count asks for it. */
function allAround(items: readonly Item[], offered: number, stated: number | null): readonly Item[] {
  const from = items.findIndex((i) => i.type !== 'sign');
  // Behind them a colour, a turn or what is done by hand.
  const to = items.findLastIndex((i) => i.type !== 'sign') + 1;
  const [worked, after] = [items.slice(from, to), items.slice(to)];
  const last = worked[worked.length - 1] as StitchItem;
  if (stated === null || worked.some((i) => i.type !== 'stitch' || (i !== last && i.times === 'around')))
    return items;
  if (meets(items, offered, stated, false)) return items;
  const span = { from: worked[0].span.from, to: last.span.to };
  // `2 sc, inc around (24)`: all of it goes around, not the last stitch alone.
  const each = last.times === 'around' ? [...worked.slice(0, -1), { ...last, times: 1 }] : worked;
  const around: Item[] = [
    ...items.slice(0, from),
    { type: 'group', items: each, times: 'around', span },
    ...after,
  ];
  if (meets(around, offered, stated, false)) return around;
  // `1, inc x2 (6)` on 4
  const once = [...worked.slice(0, -1), { ...last, times: 1, timesSpan: undefined, timesSign: undefined }];
  const often: Item[] = [
    ...items.slice(0, from),
    { type: 'group', items: once, times: last.times, timesSpan: last.timesSpan, span },
    ...after,
  ];
  return Number(last.times) > 1 && meets(often, offered, stated, false) ? often : items;
}
