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
    clamps: r.clamps,
    fill: fillOf(reading.items),
    front: ((coord % r.count) + r.count) % r.count,
    growsLeft: senseOf(piece.form, ownDirections(piece)).growsLeft,
  };
}

/** The one plain stitch of a round beside its clamps; null where there are others, or repeats. */
function fillOf(items: readonly Item[]): JoinRound['fill'] {
  const stitches = items.filter((i) => i.type !== 'clamp');
  // `sc around` fills a round of its own; beside others nobody knows how many it is.
  const alone = items.length === 1;
  const plain = (i: Item): i is StitchItem =>
    i.type === 'stitch' && i.eats === 1 && i.makes === 1 && !i.skipped && (i.times !== 'around' || alone);
  if (!stitches.every(plain)) return null;
  const [first] = stitches as StitchItem[];
  if (!first) return { kind: 'sc' };
  const alike = (stitches as StitchItem[]).every(
    (i) => i.kind === first.kind && i.loops === first.loops && !i.post && !i.spike && !i.edge,
  );
  return alike ? { kind: first.kind, loops: first.loops } : null;
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

/** How a join round is from being its own mirror image: gaps that differ, altogether; null where what is clamped does not mirror. */
export function asymmetryOf({ slots, clamps }: JoinRound): number | null {
  const n = clamps.length;
  const [before, ...rest] = gapsOf({ slots, clamps });
  // Round the start the last gap goes on into the first.
  const gaps = rest.map((g, k) => (k === n - 1 ? g + before : g));
  const alike = (a: Clamp, b: Clamp) => a.name === b.name && a.over === b.over;
  let best: number | null = null;
  for (let axis = 0; axis < n; axis++) {
    const twin = (k: number) => (((axis - k) % n) + n) % n;
    if (!clamps.every((c, k) => alike(c, clamps[twin(k)]))) continue;
    // Gap k stands behind clamp k: mirrored, it stands before its twin.
    const differs = gaps.reduce((sum, g, k) => sum + Math.abs(g - gaps[twin(k + 1)]), 0) / 2;
    best = best === null ? differs : Math.min(best, differs);
  }
  return best;
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
      { type: 'clamp', name: c.name, over: c.over, span },
    ]),
    ...fill(gaps[sorted.length]),
  ];
  const { body } = line.node;
  return { from: line.from + body.from, to: line.from + body.to, insert: printItems(items, part.terms) };
}
