import type { Fabric, FabricRound } from '../fabric';
import { ENDS, TIME } from '../figures';
import type { PartModel, ToyModel } from '../model';
import { slotOf } from '../toy';
import { planWords as say, type UnitWords } from '../words';

/** Another colour inside a round: made in the last pull-through of the stitch before. */
export interface ColourChange {
  /** stitches of the round before it */
  after: number;
  /** the slot as the text calls it */
  to: string;
  /** the yarn is new and leaves two ends; else it lies in reach and is only taken up */
  joined: boolean;
}

/** The changes of colour inside a round; the one at its start is a step of its own. `joins`: stitches before which yarn is new. */
export const changesInside = (
  { colour, colours }: Fabric,
  { from, count }: FabricRound,
  joins: ReadonlySet<number>,
): ColourChange[] =>
  Array.from({ length: Math.max(0, count - 1) }, (_, k) => from + k + 1).flatMap((s) =>
    colour[s] === colour[s - 1]
      ? []
      : [{ after: s - from, to: colours[colour[s]] ?? '', joined: joins.has(s) }],
  );

/** Minutes that new yarn takes; what lies in reach is only taken up. */
export const changeMinutes = (changes: readonly ColourChange[]): number =>
  changes.filter((c) => c.joined).length * TIME.colour.value;

/** The changes of one round; none where it has none. */
const changesOf = (label: string, changes: readonly ColourChange[], units: UnitWords): readonly string[] =>
  changes.length === 0
    ? []
    : [
        say.coloursInside(
          label,
          changes.map((c) => say.colourAfter(c.to, c.after)),
          changes.filter((c) => c.joined).length,
          units.end(ENDS.colourChange.mm),
        ),
      ];

/** The changes of colour in some rounds, a line each, and how they are made; nothing where there is none. */
export function changeWords(
  rounds: readonly { label: string; changes: readonly ColourChange[] }[],
  units: UnitWords,
): string[] {
  const lines = rounds.flatMap(({ label, changes }) => changesOf(label, changes, units));
  return lines.length > 0 ? [...lines, say.eachBefore] : [];
}

/** Rounds that are counted even where nothing changes: every so many; of yarn whose stitches are hard to see each one. Judged. */
const COUNT_EVERY = 4;

/** Whether the round is counted when it is done: it changes the count, it closes or opens a run of plain ones, or nobody sees the stitches. */
export function countsNow(
  { toy }: Pick<ToyModel, 'toy'>,
  { fabric, reading }: PartModel,
  round: number,
): boolean {
  const slot = slotOf(toy.palette, reading);
  const hardToSee = toy.palette.some((y) => y.slot === slot && y.hardToSee === true);
  if (hardToSee || round === 0) return true;
  const [before, now] = [fabric.rounds[round - 1], fabric.rounds[round]];
  if (before.count !== now.count) return true;
  const since = fabric.rounds.slice(0, round).findLastIndex((r) => r.count !== now.count);
  return (round - since - 1) % COUNT_EVERY === 0;
}

/** Whether a marker goes up with the round: a spiral shows its start by nothing else. */
export const movesMarker = ({ fabric }: PartModel, round: number): boolean =>
  fabric.shape === 'rounds' && !fabric.rounds[round].joined;
