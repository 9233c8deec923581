import type { Item, RoundReading } from '../notation';
import type { PartModel } from '../model';
import { CORD_FROM_WIDTHS, CORD_UP_TO_MM } from './profiles';

/** Something long and thin on a part, in mm at the gauge as it is: a chain in a round, strands that come back, a part thin as a cord, a ring of chain. */
export interface Cord {
  what: 'chain' | 'strand' | 'thin part' | 'loop';
  lengthMm: number;
  /** how many of them on one copy */
  times: number;
  line: number | null;
}

/** Every cord and loop of a part. A chain that other stitches are worked along is no cord of its own. */
export function cordsOf(part: PartModel): Cord[] {
  const w = part.gauge.stitchMm;
  const { rounds } = part.reading;
  const whole = wholePart(part);
  const inRounds = part.fabric.shape === 'cord' ? [] : rounds.flatMap((round) => cordsIn(round, w));
  return [...whole, ...inRounds].filter((c) => c.lengthMm > 0);
}

/** The part itself, where it is no wider than a cord, or a ring of chain no taller than one. */
function wholePart({ form, fabric, gauge, reading }: PartModel): Cord[] {
  if (form.rounds.length === 0) return [];
  const line = reading.rounds[0]?.line ?? null;
  const long = (lengthMm: number): Cord[] => [{ what: 'thin part', lengthMm, times: 1, line }];
  if (fabric.shape === 'cord') return long(form.heightMm);
  if (fabric.shape === 'rows') {
    const [across, tall] = [Math.max(...form.rounds.map((r) => r.count)) * gauge.stitchMm, form.heightMm];
    return Math.min(across, tall) <= CORD_UP_TO_MM ? long(Math.max(across, tall)) : [];
  }
  const widest = Math.max(...form.rounds.map((r) => r.ringMm));
  if (fabric.start.how === 'tube' && form.heightMm <= CORD_UP_TO_MM && form.heightMm < widest)
    return [
      {
        what: 'loop',
        lengthMm: Math.max(...form.rounds.map((r) => r.count)) * gauge.stitchMm,
        times: 1,
        line,
      },
    ];
  return widest <= CORD_UP_TO_MM && form.heightMm >= CORD_FROM_WIDTHS * widest ? long(form.heightMm) : [];
}

function cordsIn(round: RoundReading, w: number): Cord[] {
  const { line } = round;
  const strands = new Map<number, number>();
  gatherStrands(round.items, 1, strands);
  const run =
    round.items.some((i) => i.type === 'start' && i.start !== 'ring') && round.base < 0
      ? 0
      : longestRun(round.items).best;
  return [
    ...[...strands].map(([stitches, times]): Cord => ({
      what: 'strand',
      lengthMm: stitches * w,
      times,
      line,
    })),
    ...(run > 1 ? [{ what: 'chain' as const, lengthMm: run * w, times: 1, line }] : []),
  ];
}

/** Strands of chain that come back, by their length in stitches: the chain less its turning. Picots are none. */
function gatherStrands(items: readonly Item[], times: number, found: Map<number, number>): void {
  for (const item of items) {
    if (item.type === 'return' && !item.picot) {
      const stitches = Math.max(0, item.chain - item.first + 1);
      found.set(stitches, (found.get(stitches) ?? 0) + times * item.times);
    } else if (item.type === 'group' || item.type === 'fan')
      gatherStrands(item.items, times * (typeof item.times === 'number' ? item.times : 1), found);
  }
}

/** Neighbouring chains of some items: the longest run, those at both ends, and all of them when there is nothing else. */
interface Run {
  best: number;
  first: number;
  last: number;
  whole: number | null;
}

const EMPTY: Run = { best: 0, first: 0, last: 0, whole: 0 };

function longestRun(items: readonly Item[]): Run {
  return items.reduce<Run>((so, item) => joined(so, runOf(item)), EMPTY);
}

function runOf(item: Item): Run {
  if (item.type === 'sign')
    return item.sign === 'turning-chain' || item.sign === 'join'
      ? { best: 0, first: 0, last: 0, whole: null }
      : EMPTY;
  if (item.type === 'stitch' && item.kind === 'ch') {
    const n = typeof item.times === 'number' ? item.times : 1;
    return { best: n, first: n, last: n, whole: n };
  }
  if (item.type === 'group') {
    const one = longestRun(item.items);
    const times = typeof item.times === 'number' ? item.times : 2;
    if (one.whole !== null)
      return {
        best: one.whole * times,
        first: one.whole * times,
        last: one.whole * times,
        whole: one.whole * times,
      };
    return times > 1 ? { ...one, best: Math.max(one.best, one.last + one.first) } : one;
  }
  if (item.type === 'fan') return { ...longestRun(item.items), whole: null };
  return { best: 0, first: 0, last: 0, whole: null };
}

const joined = (a: Run, b: Run): Run => ({
  best: Math.max(a.best, b.best, a.last + b.first),
  first: a.whole !== null ? a.whole + b.first : a.first,
  last: b.whole !== null ? b.whole + a.last : b.last,
  whole: a.whole !== null && b.whole !== null ? a.whole + b.whole : null,
});
