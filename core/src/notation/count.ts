import { firstUnknown } from './firstUnknown';
import type { Item, Loops, SignItem, Span, StitchItem } from './syntax';

/** What some items use and leave. `front` and `back` are the loops of the round below that they take; `hidden` back loops lie under an invisible decrease. */
export interface Use {
  eats: number;
  makes: number;
  front: number;
  back: number;
  hidden: number;
}

/** What one round's items use and leave, against the stitches on offer. */
export interface Count extends Omit<Use, 'makes' | 'eats'> {
  eaten: number;
  /** null when nothing can be told */
  made: number | null;
  /** how often the one "around" goes, if there is one */
  around: number | null;
  fault: CountFault | null;
}

export type CountFault =
  /** a ring, and all around what it has made: a round of its own */
  | { type: 'on-the-ring'; item: Item }
  /** what goes all around leaves nothing for another that does */
  | { type: 'around-again'; item: Item }
  | { type: 'does-not-divide'; item: Item; eats: number; fits: number; left: number; offered: number }
  | { type: 'eats-nothing'; item: Item }
  | { type: 'chain'; item: Item; chain: number; offered: number; eaten: number }
  | { type: 'unknown'; word: string; span: Span };

export const MOST_COUNTED = 1e9;
const NOTHING: Use = { eats: 0, makes: 0, front: 0, back: 0, hidden: 0 };

const isAround = (item: Item): boolean =>
  (item.type === 'stitch' || item.type === 'group' || item.type === 'fan') && item.times === 'around';

/** The foundation chain that a round is worked along: of a chain start on its line, or of a bare chain before it. */
export interface AlongChain {
  chain: number;
  first: number;
}

/**
 * Counts one round. `offered` is 0 at a start. Linear in the items, whatever the numbers written.
 * A round along a foundation chain is counted against the chain: n - first + 1 on the first side, one or two fewer
 * on the other, or as many where nothing is turned round in the last chain stitch.
 */
export function countItems(items: readonly Item[], offered: number, along: AlongChain | null = null): Count {
  const unknown = firstUnknown(items);
  if (unknown)
    return {
      eaten: 0,
      made: null,
      around: null,
      front: 0,
      back: 0,
      hidden: 0,
      fault: { type: 'unknown', word: unknown.word, span: unknown.span },
    };
  const strand = chainFault(items);
  const start = items.find((i) => i.type === 'start');
  const chain = start?.type === 'start' && start.start === 'chain' ? start : along;
  const rest = items.filter((i) => i !== start);
  let count: Count;
  if (chain) count = alongChain(rest, chain);
  else if (start?.type === 'start') {
    const goesOn = start.start !== 'tube' && rest.find(isAround);
    count = {
      ...inRound(rest, 0),
      eaten: 0,
      fault: goesOn ? { type: 'on-the-ring', item: goesOn } : null,
      made: start.count + sumOf(rest).makes,
    };
  } else if (rest.some((i) => i.type === 'sign' && i.sign === 'fold')) count = folded(rest, offered);
  else if (rest.some((i) => i.type === 'sign' && i.sign === 'edging')) count = edging(rest);
  else count = inRound(rest, offered);
  if (count.made !== null && count.made > MOST_COUNTED) count = { ...count, made: null };
  return strand && !count.fault ? { ...count, fault: strand } : count;
}

/** `no increase, sc around`: the same said twice. */
const bothPlain = (a: Item, b: Item): boolean =>
  a.type === 'stitch' && b.type === 'stitch' && a.makes === a.eats && b.makes === b.eats;

function inRound(items: readonly Item[], offered: number): Count {
  const [free, second] = items.filter(isAround);
  const fixed = sumOf(free ? items.filter((i) => i !== free) : items);
  const { front, back, hidden } = fixed;
  const count: Count = {
    eaten: fixed.eats,
    made: fixed.makes,
    around: null,
    front,
    back,
    hidden,
    fault: null,
  };
  if (!free) return count;
  const one = onceOf(free);
  const left = offered - fixed.eats - notLeft(items, free);
  if (one.eats === 0) return { ...count, made: null, fault: { type: 'eats-nothing', item: free } };
  if (second && !bothPlain(free, second))
    return { ...count, made: null, fault: { type: 'around-again', item: second } };
  const fits = Math.max(0, Math.floor(left / one.eats));
  const over = left - fits * one.eats;
  return {
    eaten: fixed.eats + fits * one.eats,
    made: over === 0 ? fixed.makes + fits * one.makes : null,
    around: fits,
    front: front + fits * one.front,
    back: back + fits * one.back,
    hidden: hidden + fits * one.hidden,
    fault:
      over === 0 ? null : { type: 'does-not-divide', item: free, eats: one.eats, fits, left: over, offered },
  };
}

/** `sc to last 3 sts, dec`: how many more are left than what stands behind works into. */
function notLeft(items: readonly Item[], free: Item): number {
  const left = free.type === 'stitch' || free.type === 'group' ? free.toLast : undefined;
  return left === undefined ? 0 : left - sumOf(items.slice(items.indexOf(free) + 1)).eats;
}

/** Both sides of a foundation chain. Eaten is 0: a start uses nothing of a round below. */
function alongChain(items: readonly Item[], { chain, first }: AlongChain): Count {
  const split = items.findIndex((i) => i.type === 'sign' && i.sign === 'other-side');
  const near = split < 0 ? items : items.slice(0, split);
  const offered = Math.max(0, chain - first + 1);
  const one = inRound(near, offered);
  const fault = (count: Count, of: number, part: readonly Item[]): CountFault | null =>
    count.fault ??
    (count.eaten === of
      ? null
      : {
          type: 'chain',
          item: part.find((i) => i.type !== 'sign') ?? {
            type: 'unknown',
            word: '',
            span: { from: 0, to: 0 },
          },
          chain,
          offered: of,
          eaten: count.eaten,
        });
  const nearFault = fault(one, offered, near);
  if (split < 0) return { ...one, eaten: 0, front: 0, back: 0, hidden: 0, fault: nearFault };
  const far = items.slice(split + 1);
  // The last chain stitch is turned round on the first side, the first one may be worked again or not; where nothing is turned round
  // there, the other side has as many.
  const last = near.findLast((i) => i.type !== 'sign');
  const turned = last !== undefined && onceOf(last).makes > onceOf(last).eats;
  const ways = [offered - 1, offered - 2, ...(turned ? [] : [offered])];
  const fitting = ways.find((of) => fault(inRound(far, of), of, far) === null);
  const two = inRound(far, fitting ?? offered - 1);
  const fits = fitting === undefined ? fault(two, offered - 1, far) : null;
  return {
    eaten: 0,
    made: one.made === null || two.made === null ? null : one.made + two.made,
    around: null,
    front: 0,
    back: 0,
    hidden: 0,
    fault: nearFault ?? two.fault ?? fits,
  };
}

/** Flattened or folded: every stitch goes through the two that lie on each other; an odd one stands in the fold. */
function folded(items: readonly Item[], offered: number): Count {
  const pairs = Math.floor(offered / 2);
  const one = inRound(items, pairs);
  const odd = offered % 2 === 1 && !one.fault && one.eaten === pairs + 1;
  const eaten = odd || (one.eaten === pairs && !one.fault) ? offered : one.eaten * 2;
  return { ...one, eaten, front: 2 * one.front, back: 2 * one.back };
}

/** Round the edge of a flat piece: what is written is what there is. */
function edging(items: readonly Item[]): Count {
  const use = sumOf(items);
  return {
    eaten: use.eats,
    made: use.makes > 0 ? use.makes : null,
    around: null,
    front: 0,
    back: 0,
    hidden: 0,
    fault: null,
  };
}

/** Worked from the edges of finished parts: what is written is what there is. */
export function fromEdges(items: readonly Item[]): Count {
  const counted = countItems(items, 0);
  const use = sumOf(items);
  return counted.fault?.type === 'unknown'
    ? counted
    : { eaten: 0, made: use.makes, around: null, front: 0, back: 0, hidden: 0, fault: null };
}

/** What one working of an item uses and leaves, its repeat count left aside. */
export function onceOf(item: Item): Use {
  switch (item.type) {
    case 'stitch':
      return stitchUse(item);
    case 'group':
      return sumOf(item.items);
    case 'fan': {
      const inner = sumOf(item.items);
      const loops = item.items.find((i): i is StitchItem => i.type === 'stitch')?.loops;
      return {
        eats: 1,
        makes: inner.makes,
        ...loopsTaken(loops, 1),
        hidden: 0,
      };
    }
    case 'clamp':
      return { eats: item.over, makes: item.over, ...loopsTaken(item.loops, item.over), hidden: 0 };
    case 'start':
      return { ...NOTHING, makes: item.count };
    case 'sign':
      return signUse(item);
    default:
      return NOTHING;
  }
}

/** A turning chain that counts stands for the first stitch. */
function signUse(sign: SignItem): Use {
  return sign.counts ? { eats: 1, makes: 1, front: 1, back: 1, hidden: 0 } : NOTHING;
}

/** Loops that one working takes: posts and spikes pass the loops by, an invisible decrease hides the back ones. Source: decision 21. */
function stitchUse(item: StitchItem): Use {
  const { eats, makes } = item;
  if (item.skipped || item.post || item.spike || item.loops === 'third')
    return { eats, makes, front: 0, back: 0, hidden: 0 };
  if (item.invisible) return { eats, makes, front: eats, back: 0, hidden: eats };
  return { eats, makes, ...loopsTaken(item.loops, eats), hidden: 0 };
}

/** Front and back loops that so many stitches take, worked into the loops they name or into both. */
const loopsTaken = (loops: Loops | undefined, eats: number): Pick<Use, 'front' | 'back'> => ({
  front: loops === 'back' || loops === 'third' ? 0 : eats,
  back: loops === 'front' || loops === 'third' ? 0 : eats,
});

/** An "around" inside a group goes once. */
export function sumOf(items: readonly Item[]): Use {
  const sum: Use = { eats: 0, makes: 0, front: 0, back: 0, hidden: 0 };
  for (const item of items) {
    const once = onceOf(item);
    const n =
      (item.type === 'stitch' || item.type === 'group' || item.type === 'fan') &&
      typeof item.times === 'number'
        ? item.times
        : 1;
    sum.eats += once.eats * n;
    sum.makes += once.makes * n;
    sum.front += once.front * n;
    sum.back += once.back * n;
    sum.hidden += once.hidden * n;
  }
  return sum;
}

/** A strand whose stitches do not use its chain. */
function chainFault(items: readonly Item[]): CountFault | null {
  for (const item of items) {
    if (item.type === 'return' && !item.picot) {
      const offered = Math.max(0, item.chain - item.first + 1);
      const count = inRound(item.items, offered);
      if (count.fault) return count.fault;
      if (count.eaten !== offered)
        return { type: 'chain', item, chain: item.chain, offered, eaten: count.eaten };
    }
    if (item.type === 'group' || item.type === 'fan') {
      const inner = chainFault(item.items);
      if (inner) return inner;
    }
  }
  return null;
}

/** A stitch that takes one and leaves one, as most of a repeat does. */
export const isPlain = (item: Item): item is StitchItem =>
  item.type === 'stitch' && item.eats === 1 && item.makes === 1;
