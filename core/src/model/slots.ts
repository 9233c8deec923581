import { coordAt, senseOf } from '../address';
import type { Clamp } from '../fabric';
import { ownDirections, type Piece } from '../join';
import { printItems, type Item, type StitchItem, type TextChange } from '../notation';
import type { PartModel } from './part';

/** A join round: one slot a stitch of the round below, and what is clamped over some of them. */
export interface JoinRound {
  /** index of the round */
  round: number;
  label: string;
  slots: number;
  /** how many of them its words use: more or fewer than there are where it does not add up */
  written: number;
  clamps: readonly Clamp[];
  /** the stitch that fills the rest, with its loops; null where the round is written in repeats or of several stitches, and is changed as text */
  fill: Pick<StitchItem, 'kind' | 'loops'> | null;
  /** the slot, counted along the round from its start, that looks to the front */
  front: number;
  /** 1 when slots are counted towards the toy's left as one looks at its front, -1 towards its right */
  growsLeft: 1 | -1;
}

/** Every round of a part that catches something. */
export const joinRoundsOf = (part: PartModel, piece: Piece): JoinRound[] =>
  part.fabric.rounds.flatMap((r, round) => (r.clamps.length > 0 ? [slotsOf(part, piece, round)] : []));

/** Any round of a part as slots, whether it catches something or not. */
export function slotsOf(part: PartModel, piece: Piece, round: number): JoinRound {
  const r = part.fabric.rounds[round];
  const reading = part.reading.rounds[r.reading];
  const coord = coordAt(piece.form, round, piece.frontRad, 'hole');
  return {
    round,
    label: r.label,
    slots: reading.offered,
    written: reading.eaten,
    clamps: r.clamps,
    fill: fillOf(reading.items),
    front: ((coord % r.count) + r.count) % r.count,
    growsLeft: senseOf(piece.form, ownDirections(piece)).growsLeft,
  };
}

/** Changes of colour before the first stitch of a round: they stay where they are. */
const leading = (items: readonly Item[]): Item[] => {
  const first = items.findIndex((i) => i.type !== 'sign' || i.sign !== 'colour');
  return items.slice(0, first < 0 ? items.length : first);
};

/** The one plain stitch of a round beside its clamps, which go through the same loops; null where there are others, or repeats. */
function fillOf(all: readonly Item[]): JoinRound['fill'] {
  const items = all.slice(leading(all).length);
  // `sc around` fills a round of its own; beside others nobody knows how many it is.
  const alone = items.length === 1;
  const plain = (i: Item): i is StitchItem =>
    i.type === 'stitch' && i.eats === 1 && i.makes === 1 && !i.skipped && (i.times !== 'around' || alone);
  const stitches = items.filter((i) => i.type !== 'clamp');
  if (!stitches.every(plain)) return null;
  const clamps = items.filter((i) => i.type === 'clamp');
  const { kind, loops } = (stitches as StitchItem[])[0] ?? { kind: 'sc' as const, loops: clamps[0]?.loops };
  const alike = (stitches as StitchItem[]).every(
    (i) => i.kind === kind && i.loops === loops && !i.post && !i.spike && !i.edge,
  );
  return alike && clamps.every((clamp) => clamp.loops === loops) ? { kind, loops } : null;
}

/** Slots between the clamps: before the first, between each two, behind the last. */
export function gapsOf({ slots, clamps }: Pick<JoinRound, 'slots' | 'clamps'>): number[] {
  const ends = [0, ...clamps.map((c) => c.at + c.over)];
  return [...clamps.map((c) => c.at), slots].map((at, k) => at - ends[k]);
}

/** One clamp moved by so many slots, or made wider by so many; null where it would leave the round or meet another one. */
export function withClamp(
  round: JoinRound,
  k: number,
  { by, wider }: { by?: number; wider?: number },
): Clamp[] | null {
  const clamps = round.clamps.map((c, i) =>
    i === k ? { ...c, at: c.at + (by ?? 0), over: c.over + (wider ?? 0) } : c,
  );
  const fits = clamps[k].over >= 1 && gapsOf({ ...round, clamps }).every((gap) => gap >= 0);
  return fits ? clamps : null;
}

/** The clamps with gaps as equal as can be, the round's start in the middle of one. */
export function spreadEvenly({ slots, clamps }: JoinRound): Clamp[] {
  const free = slots - clamps.reduce((sum, c) => sum + c.over, 0);
  const upTo = (k: number) => Math.round(((k + 0.5) * free) / clamps.length);
  let held = 0;
  return clamps.map((c, k) => {
    const at = upTo(k) + held;
    held += c.over;
    return { ...c, at };
  });
}

/** One end of a clamp drawn by so many slots, the other held; null where it would leave the round, meet another one or hold nothing. */
export const withEnd = (round: JoinRound, k: number, end: 'from' | 'to', by: number): Clamp[] | null =>
  withClamp(round, k, end === 'from' ? { by, wider: -by } : { wider: by });

/** A mirror of a join round: which clamp mirrors which, and by how many slots its gaps differ from their mirror images, altogether. */
interface Mirror {
  twin: (k: number) => number;
  /** gaps behind each clamp, the last one going on over the round's start */
  gaps: readonly number[];
  differs: number;
}

/** The best mirror of a join round; null where what is clamped does not mirror. */
function mirrorOf({ slots, clamps }: Pick<JoinRound, 'slots' | 'clamps'>): Mirror | null {
  const n = clamps.length;
  const [before, ...rest] = gapsOf({ slots, clamps });
  const gaps = rest.map((g, k) => (k === n - 1 ? g + before : g));
  const alike = (a: Clamp, b: Clamp) => a.name === b.name && a.over === b.over;
  let best: Mirror | null = null;
  for (let axis = 0; axis < n; axis++) {
    const twin = (k: number) => (((axis - k) % n) + n) % n;
    if (!clamps.every((c, k) => alike(c, clamps[twin(k)]))) continue;
    // Gap k stands behind clamp k: mirrored, it stands before its twin.
    const differs = gaps.reduce((sum, g, k) => sum + Math.abs(g - gaps[twin(k + 1)]), 0) / 2;
    if (!best || differs < best.differs) best = { twin, gaps, differs };
  }
  return best;
}

/** How far a join round is from being its own mirror image: gaps that differ, altogether; null where what is clamped does not mirror. */
export const asymmetryOf = (round: Pick<JoinRound, 'slots' | 'clamps'>): number | null =>
  mirrorOf(round)?.differs ?? null;

/**
 * By how many slots the middle of what is clamped lies beside the front, or beside the back where that is nearer, along the round; null
 * where it has no middle. Half a slot is the grid's own.
 */
export function besideFront({ slots, clamps, front }: JoinRound): number | null {
  const mirror = mirrorOf({ slots, clamps });
  if (!mirror) return null;
  const middle = (k: number) => clamps[k].at + clamps[k].over / 2;
  // Any clamp and its twin lie alike on both sides of the mirror's two ends, half a round apart.
  const axis = (middle(0) + middle(mirror.twin(0))) / 2;
  const half = slots / 2;
  const off = axis - front;
  return off - half * Math.round(off / half);
}

/**
 * The clamps moved so that the gaps on both sides of their mirror are alike, and the mirror lies in front as near as slots allow; null
 * where they do not mirror, or the round's start would fall into a clamp.
 */
export function mirroredClamps(round: JoinRound): Clamp[] | null {
  const { slots, clamps } = round;
  const mirror = mirrorOf(round);
  if (!mirror) return null;
  const { gaps, twin } = mirror;
  const n = clamps.length;
  const even = gaps.map((g, k) => {
    const other = twin(k + 1);
    const sum = g + gaps[other];
    if (k === other || sum % 2 === 0) return sum / 2;
    return k < other ? Math.floor(sum / 2) : Math.ceil(sum / 2);
  });
  let at = clamps[0].at;
  const placed = clamps.map((c, k) => {
    const here = { ...c, at };
    at += c.over + even[k];
    return here;
  });
  const off = besideFront({ ...round, clamps: placed });
  if (off === null || n === 0) return null;
  const turned = placed.map((c) => ({ ...c, at: (((c.at - Math.trunc(off)) % slots) + slots) % slots }));
  return turned.some((c) => c.at + c.over > slots) ? null : turned.sort((a, b) => a.at - b.at);
}

/**
 * The clamps of a round that does not add up, with stitches taken out of the gaps, or put into them, one by one until it does: each where
 * the sides differ least then, of several where the gap is widest, or narrowest. Null where it adds up, or what is clamped alone is too much.
 */
export function fitted(round: JoinRound): Clamp[] | null {
  const { slots, written, clamps } = round;
  const over = written - slots;
  if (over === 0 || clamps.reduce((sum, c) => sum + c.over, 0) > slots) return null;
  const step = over > 0 ? -1 : 1;
  let gaps = gapsOf({ slots: written, clamps });
  for (let k = 0; k < Math.abs(over); k++) {
    const tries = gaps.flatMap((gap, at) => (gap + step >= 0 ? [at] : []));
    const worth = (at: number): number => {
      const next = gaps.map((g, i) => (i === at ? g + step : g));
      const differs = asymmetryOf({ slots: written, clamps: placedIn(clamps, next) }) ?? 0;
      return differs + (step * gaps[at]) / (slots + written + 1);
    };
    const best = tries.reduce((a, b) => (worth(b) < worth(a) ? b : a));
    gaps = gaps.map((g, i) => (i === best ? g + step : g));
  }
  return placedIn(clamps, gaps);
}

/** Clamps with so many slots before each. */
function placedIn(clamps: readonly Clamp[], gaps: readonly number[]): Clamp[] {
  let at = 0;
  return clamps.map((c, k) => {
    at += gaps[k];
    const here = { ...c, at };
    at += c.over;
    return here;
  });
}

/** The change of a part's text that writes a join round with these clamps; null where the round is not of one plain stitch. */
export function writtenRound(part: PartModel, round: JoinRound, clamps: readonly Clamp[]): TextChange | null {
  const reading = part.reading.rounds[part.fabric.rounds[round.round].reading];
  const line = part.reading.lines.find((l) => l.line === reading.line);
  if (!round.fill || line?.node.type !== 'round') return null;
  const sorted = [...clamps].sort((a, b) => a.at - b.at);
  const gaps = gapsOf({ slots: round.slots, clamps: sorted });
  const span = { from: 0, to: 0 };
  const fill = (times: number): Item[] =>
    times > 0 ? [{ type: 'stitch', eats: 1, makes: 1, times, span, ...round.fill! }] : [];
  const items = [
    ...sorted.flatMap((c, k): Item[] => [
      ...fill(gaps[k]),
      { type: 'clamp', name: c.name, over: c.over, loops: round.fill!.loops, span },
    ]),
    ...fill(gaps[sorted.length]),
  ];
  const { body, items: before } = line.node;
  const first = before[leading(before).length] ?? { span: body };
  return {
    from: line.from + first.span.from,
    to: line.from + body.to,
    insert: printItems(items, part.terms),
  };
}
