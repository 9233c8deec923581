import { fixed, type Ranged } from '../gauge';
import type { PatchSeam, SculptWay } from '../feature';
import { ENDS, FELT, SATIN_MM, SCULPT, STITCHES, TIME } from '../figures';
import type { Fabric, FabricRound } from '../fabric';
import { roundUpEnd } from '../join';
import { kept } from '../kept';
import type { Toy } from '../toy';

/** Yarn end to gather n stitches shut, mm: 1.6 n w + 150; gathered twice doubles the first term. */
export function gatherTail(n: number, stitchMm: number, twice = false): number {
  return roundUpEnd(ENDS.gather.perStitch * n * stitchMm * (twice ? 2 : 1) + ENDS.gather.plusMm);
}

/** What embroidery along a path of so many mm needs, not rounded; the path is the fabric's own, so its range is not told apart. */
export const threadNeed = (pathMm: number): Ranged =>
  fixed(ENDS.embroidery.perPath * pathMm + ENDS.embroidery.plusMm);

/** Thread for embroidery along a path of so many mm, mm: 2.2 x path + 200. */
export function threadLength(pathMm: number): number {
  return roundUpEnd(ENDS.embroidery.perPath * pathMm + ENDS.embroidery.plusMm);
}

/** Thread that sews an edge of so many mm down, mm. Source: `figures`, FELT. */
export function edgeThread(edgeMm: number, seam: PatchSeam): number {
  const { perEdge, plusMm } = FELT.seams[seam];
  return roundUpEnd(perEdge * edgeMm + plusMm);
}

/** Thread for needle sculpting, mm: 8 x eye distance, or its own way where that is longer, + 300. Source: `figures`, SCULPT. */
export const sculptThread = ({ mm, eyesMm }: Pick<SculptWay, 'mm' | 'eyesMm'>): number =>
  roundUpEnd(Math.max(SCULPT.cut.perEyes * (eyesMm ?? 0), mm) + SCULPT.cut.plusMm);

/** Thread that fills an outline, mm: strands side by side over its area. Source: `figures`, SATIN_MM, and the yarn-end rule for embroidery. */
export const satinThreadMm = (widthMm: number, heightMm: number): number =>
  threadLength((Math.PI * widthMm * heightMm) / 4 / SATIN_MM);

/** Work of a round in single crochets, by its movements: chains, slip stitches and tall stitches, strands that come back. */
export const movementsOf = (round: FabricRound): number =>
  round.worked.reduce((sum, w) => sum + STITCHES[w.kind].movements * Math.max(1, w.makes) * w.times, 0);

/** Stitches in a minute: as the maker says, else as usual; in small rounds slower by as much as is usual. */
const paceOf = ({ settings }: Pick<Toy, 'settings'>): Record<'plain' | 'small', number> => {
  const plain = settings.stitchesAMinute ?? TIME.stitchesAMinute.value;
  return { plain, small: (plain * TIME.stitchesAMinuteSmall.value) / TIME.stitchesAMinute.value };
};

/** Minutes of so many movements that go as slowly as in a small round. */
export const fiddlyMinutes = (movements: number, toy: Pick<Toy, 'settings'>): number =>
  movements / paceOf(toy).small;

/** Minutes to work some rounds of a toy: slower in small ones. */
export function roundMinutes(rounds: readonly FabricRound[], toy: Pick<Toy, 'settings'>): number {
  const pace = paceOf(toy);
  let minutes = 0;
  for (const round of rounds)
    minutes += movementsOf(round) / (round.count < TIME.smallRound ? pace.small : pace.plain);
  return minutes;
}

/** Minutes for the first so many stitches of a round: their share of it. */
export const begunMinutes = (round: FabricRound, stitches: number, toy: Pick<Toy, 'settings'>): number =>
  roundMinutes([round], toy) * (stitches / Math.max(1, round.count));

/** Stitches before which a new colour of yarn is joined: one that lies in reach, used within the last round, is only taken up again. */
export const colourJoins = kept((fabric: Fabric): ReadonlySet<number> => {
  const joins = new Set<number>();
  const lastAt = new Map<number, number>();
  for (const round of [...fabric.rounds, ...fabric.layers.flatMap((l) => l.rounds)])
    for (let s = round.from; s < round.from + round.count; s++) {
      const colour = fabric.colour[s];
      const before = lastAt.get(colour);
      if (lastAt.size > 0 && (before === undefined || s - before > round.count + 1)) joins.add(s);
      lastAt.set(colour, s);
    }
  return joins;
});

/** Minutes to stuff so many grams. */
export function stuffMinutes(g: number): number {
  return (g / 10) * TIME.stuffPer10g.value + TIME.stuffPlus.value;
}
