import { notationWords as say } from '../words';
import { countItems, sumOf, type Use } from './count';
import type { GroupItem, Item, RoundNode, Span, StitchItem, StitchKind } from './syntax';

/** The items with every doubtful repeat settled, and what is to be said about it. */
export interface Settled {
  items: Item[];
  /** `proven`: the counts of the round leave no other reading */
  said: { span: Span; sentence: string; proven?: boolean } | null;
}

/** `repeat 5 times` may mean five in all or five more: the reading that meets offered and stated counts is taken and said; if both or neither do, both are shown (decision 25). */
export function settleRepeats(
  items: readonly Item[],
  offered: number,
  stated: number | null,
  isStart: boolean,
): Settled {
  const at = items.findIndex((i) => i.type === 'group' && i.orTimes !== undefined);
  if (at < 0) return { items: [...items], said: null };
  const group = items[at] as GroupItem;
  const readings = [group.times as number, group.orTimes!].map((times) =>
    items.map((i, k) => (k === at ? { ...group, times, orTimes: undefined } : i)),
  );
  const fits = readings.map((items) => meets(items, offered, stated, isStart));
  const chosen = fits[1] && !fits[0] ? 1 : 0;
  const sure = fits[0] !== fits[1];
  return {
    items: readings[chosen],
    said: {
      span: group.span,
      sentence: sure
        ? say.repeatRead(group.times as number, chosen === 1)
        : say.repeatDoubt(group.times as number),
      proven: sure,
    },
  };
}

/** One round of `until`: what it uses and leaves, and how many stitches of the round below stay in the edge. */
export interface UntilRound extends Use {
  eaten: number;
  made: number;
  unworked: number;
  items: Item[];
}

const MOST_ROUNDS = 2000;

/**
 * Works a repeat round after round until `until` stitches are left on the edge. In a spiral a repeat may go over the
 * round's end: what it takes of the next round is worked as far as the round's end and goes on behind it. Empty when
 * the repeat never gets there.
 */
export function untilRounds(item: Item, offered: number): UntilRound[] {
  if (item.type !== 'group' || item.until === undefined) return [];
  const one = sumOf(item.items);
  const less = one.eats - one.makes;
  if (
    one.eats === 0 ||
    less === 0 ||
    (offered - item.until) / less < 0 ||
    !Number.isInteger((offered - item.until) / less)
  )
    return [];
  const steps = flatten(item.items);
  const total = (offered - item.until) / less;
  if (steps.length === 0 || total * steps.length > 1e6) return [];
  const rounds: UntilRound[] = [];
  let open = emptyRound();
  let below = offered;
  let edge = offered;
  for (let t = 0; t < total; t++) {
    for (const step of steps) {
      // A stitch that would reach over the round's end begins the next round with what is left.
      if (open.eaten + step.eats > below) {
        if (rounds.length >= MOST_ROUNDS) return [];
        const left = below - open.eaten;
        rounds.push({ ...open, unworked: left });
        below = open.made + left;
        open = emptyRound();
      }
      take(open, step);
      edge += step.makes - step.eats;
    }
  }
  if (edge !== item.until) return [];
  if (open.items.length > 0) rounds.push({ ...open, unworked: below - open.eaten });
  return rounds;
}

const emptyRound = (): UntilRound => ({
  eats: 0,
  makes: 0,
  eaten: 0,
  made: 0,
  front: 0,
  back: 0,
  hidden: 0,
  unworked: 0,
  items: [],
});

function take(round: UntilRound, step: StitchItem): void {
  const use = sumOf([step]);
  round.eaten += use.eats;
  round.made += use.makes;
  round.front += use.front;
  round.back += use.back;
  round.hidden += use.hidden;
  const last = round.items[round.items.length - 1];
  if (
    last?.type === 'stitch' &&
    last.kind === step.kind &&
    last.eats === step.eats &&
    last.makes === step.makes &&
    last.loops === step.loops &&
    last.invisible === step.invisible &&
    last.skipped === step.skipped
  )
    last.times = (last.times as number) + 1;
  else round.items.push({ ...step });
}

/** Single stitches, one after the other. */
function flatten(items: readonly Item[]): StitchItem[] {
  const steps: StitchItem[] = [];
  for (const item of items) {
    if (item.type === 'stitch')
      for (let i = 0; i < Math.min(Number(item.times) || 1, 1000); i++)
        steps.push({ ...item, times: 1, timesSpan: undefined });
    if (item.type === 'group')
      for (let i = 0; i < Math.min(Number(item.times) || 1, 1000) && steps.length < 10_000; i++)
        steps.push(...flatten(item.items));
  }
  return steps;
}

/** A text that begins in the middle: `(6 sc, dec) around (35)` goes as often as its count says. */
export function settleGiven(items: readonly Item[], stated: number | null): Item[] {
  if (stated === null) return [...items];
  const repeated = (i: Item): i is Extract<Item, { type: 'group' | 'fan' | 'stitch' }> =>
    i.type === 'group' || i.type === 'fan' || i.type === 'stitch';
  const free = items.findIndex((i) => repeated(i) && i.times === 'around');
  const item = items[free];
  if (!item || !repeated(item)) return [...items];
  const one = item.type === 'stitch' ? item.makes : sumOf(item.items).makes;
  const rest = stated - sumOf(items.filter((_, i) => i !== free)).makes;
  if (one === 0 || rest <= 0 || rest % one !== 0) return [...items];
  return items.map((i, k) => (k === free ? { ...item, times: rest / one } : i));
}

/** `(4 sc, dec) x6` with so many plain stitches fewer between the decreases, as a round that goes on in the same way; null when none are left to take away. */
export function shrunk(node: RoundNode, by: number): RoundNode | null {
  const at = node.items.findIndex((i) => i.type === 'group');
  const group = node.items[at];
  if (group?.type !== 'group') return null;
  let left = by;
  const items = group.items.flatMap((item): Item[] => {
    const plain =
      item.type === 'stitch' && item.eats === 1 && item.makes === 1 && typeof item.times === 'number';
    if (!plain || left === 0) return [item];
    const taken = Math.min(left, item.times as number);
    left -= taken;
    return (item.times as number) > taken ? [{ ...item, times: (item.times as number) - taken }] : [];
  });
  if (left > 0 || items.length === 0) return null;
  return { ...node, items: [{ ...group, items }], stated: null };
}

/**
 * `36 SC, 1 SS (36)`: where every round ends with a slip stitch that is not counted, it joins the round. It is read so
 * where the counts ask for it, or where the round before was joined so.
 */
export function settleJoin(
  items: readonly Item[],
  offered: number,
  stated: number | null,
  { isStart, joined }: { isStart: boolean; joined: boolean },
): readonly Item[] {
  const at = items.findLastIndex((i) => i.type !== 'sign');
  const last = items[at];
  if (at < 1 || last?.type !== 'stitch' || last.kind !== 'slst' || last.times !== 1 || last.fromHook)
    return items;
  if (!items.slice(0, at).some((i) => i.type !== 'sign')) return items;
  // The last slip stitch along a chain is one of its stitches, unless the counts say otherwise.
  if (items.some((i) => i.type === 'start' && i.start === 'chain') && meets(items, offered, stated, isStart))
    return items;
  const without: Item[] = items.map((i, k) =>
    k === at ? { type: 'sign', sign: 'join', span: last.span } : i,
  );
  return meets(without, offered, stated, isStart) || (joined && !meets(items, offered, stated, isStart))
    ? without
    : items;
}

/** Chain stitches that stand for the first stitch of a row of tall ones. Source: the chain that is as tall as the stitch. */
const STANDS_FOR: Partial<Record<StitchKind, number>> = { hdc: 2, dc: 3, tr: 4 };

/** `ch 4, 6 dc in 4th ch from hook (7)`: all in one chain stitch, and the chain before it stands for one more, as the count says. */
const inOneChain = (start: Item | undefined, stated: number | null): boolean =>
  start?.type === 'start' &&
  STANDS_FOR[start.kind] === (start.fromHook ?? 0) - 1 &&
  start.count + 1 === stated;

/** Chains at the beginning of a round that are no stitches are no more than so many: the height of a treble. */
const TALLEST = 4;

/** `join red, ch 2, 2 dc in each (60)` on 30: a chain that the round begins with only lifts the hook, where the count says so. */
function settleLift(items: Item[], offered: number, stated: number | null): Item[] {
  const lift = items.find((i) => i.type !== 'sign');
  if (lift?.type !== 'stitch' || lift.kind !== 'ch' || lift.eats > 0 || stated === null) return items;
  if (typeof lift.times !== 'number' || lift.times > TALLEST || meets(items, offered, stated, false))
    return items;
  const { span, times } = lift;
  // Short stitches are lifted by one chain.
  const tall = items.some(
    (i) => i.type === 'stitch' && (i.kind === 'hdc' || i.kind === 'dc' || i.kind === 'tr'),
  );
  if (times > 1 && !tall) return items;
  const lifts = (counts: boolean): Item[] =>
    items.map((i) => (i === lift ? { type: 'sign', sign: 'turning-chain', chain: times, counts, span } : i));
  return [lifts(false), lifts(true)].find((f) => meets(f, offered, stated, false)) ?? items;
}

/** `ch 13, dc in 4th ch from hook and each ch (11)`: the chain that is passed over stands for a stitch, where the count asks for it. */
export function settleTallStart(asWritten: Item[], offered: number, stated: number | null): Item[] {
  const items = settleLift(asWritten, offered, stated);
  const turning = items.find((i) => i.type === 'sign' && i.sign === 'turning-chain' && (i.chain ?? 0) > 1);
  if (turning?.type === 'sign' && stated !== null && !meets(items, offered, stated, false)) {
    const counts = (is: boolean, i: Item): Item => (i === turning ? { ...turning, counts: is } : i);
    // `ch 3, dc in same st`: the chain is the first of two in one stitch
    const inOne = items.map((i) =>
      i.type === 'stitch' && i.same && i.times === 1 ? { ...i, makes: i.makes + 1 } : counts(false, i),
    );
    const found = [items.map((i) => counts(true, i)), inOne].find((f) => meets(f, offered, stated, false));
    if (found) return found;
  }
  if (turning?.type === 'sign' && !turning.counts && stated !== null) return items;
  const at = items.findIndex((i) => i.type === 'start');
  const start = items[at];
  if (inOneChain(start, stated))
    return items.map((i) => (i === start && i.type === 'start' ? { ...i, count: stated! } : i));
  const stitch = items.slice(at + 1).find((i) => i.type === 'stitch');
  if (start?.type !== 'start' || start.start !== 'chain' || stitch?.type !== 'stitch' || stated === null)
    return items;
  if (STANDS_FOR[stitch.kind] !== start.first - 1 || countItems(items, 0).made !== stated - 1) return items;
  const chain: Item = {
    type: 'sign',
    sign: 'turning-chain',
    chain: start.first - 1,
    counts: true,
    span: start.span,
  };
  return items.flatMap((i) => (i === start ? [{ ...start, first: start.first - 1 }, chain] : [i]));
}

/** `ch 7, 5 sc from second ch, 3 sc in last ch, 4 sc, 2 sc in last`: where one side of a chain is full, what follows goes along the other. */
export function settleOtherSide(items: Item[], stated: number | null): Item[] {
  const start = items.find((i) => i.type === 'start');
  if (start?.type !== 'start' || start.start !== 'chain' || stated === null) return items;
  if (items.some((i) => i.type === 'sign' && i.sign === 'other-side') || countItems(items, 0).fault === null)
    return items;
  let eaten = 0;
  const full = items.findIndex((i) => {
    if (i.type === 'stitch' && typeof i.times === 'number') eaten += i.eats * i.times;
    return eaten >= start.chain - start.first + 1;
  });
  const turn: Item = { type: 'sign', sign: 'other-side', span: start.span };
  const around = [...items.slice(0, full + 1), turn, ...items.slice(full + 1)];
  const count = countItems(around, 0);
  return full > 0 && count.fault === null && count.made === stated ? around : items;
}

/** Whether items use what is offered and make what is stated. */
export function meets(
  items: readonly Item[],
  offered: number,
  stated: number | null,
  isStart: boolean,
): boolean {
  const count = countItems(items, offered);
  return (
    count.fault === null && (isStart || count.eaten === offered) && (stated === null || count.made === stated)
  );
}
