import fc from 'fast-check';
import { read } from '../notation';
import { HANDS, pageIn, type PlainPart } from '../notation/cases/hands';
import { plainToy } from '../notation/cases/plainToys';
import { buildFabric } from './index';

/** Which stitches of the round below each stitch is worked into, from the numbers alone: `[first, behind the last]`. */
function parentsOf({ start, rounds }: PlainPart): [number, number][] {
  const parents: [number, number][] = Array.from({ length: start }, () => [0, 0]);
  let below = 0;
  let size = start;
  for (const { plain, shape, times, makes } of rounds) {
    const first = parents.length;
    let at = below;
    const work = (eats: number, makesSoMany: number) => {
      for (let k = 0; k < makesSoMany; k++) parents.push([at, at + eats]);
      at += eats;
    };
    if (shape === null) for (let k = 0; k < size; k++) work(1, 1);
    else
      for (let k = 0; k < times; k++) {
        for (let p = 0; p < (plain ?? 0); p++) work(1, 1);
        if (shape === 'inc') work(1, 2);
        else work(2, 1);
      }
    below = first;
    size = makes;
  }
  return parents;
}

it('pages in many hands give one fabric: every stitch on the stitches below it that the numbers say', () => {
  fc.assert(
    fc.property(plainToy, ({ head, fin, name }) => {
      const parts = [head, fin];
      for (const [hand, write] of Object.entries(HANDS)) {
        const { parts: found } = read(pageIn(write, name, parts));
        parts.forEach((part, i) => {
          const { parentFrom, parentTo, stitches, kind } = buildFabric(found[i], []);
          const got = Array.from({ length: stitches }, (_, s) => [parentFrom[s], parentTo[s]]);
          const want = parentsOf(part);
          const wrong = want.findIndex(
            ([a, b], s) => s >= part.start && (got[s]?.[0] !== a || got[s]?.[1] !== b),
          );
          if (got.length !== want.length || wrong >= 0)
            throw new Error(
              `${hand}, stitch ${wrong} of ${part.name}: ${got[wrong]} instead of ${want[wrong]}`,
            );
          // All are single crochets, whatever the terms call them.
          expect(new Set(kind.subarray(0, stitches)).size).toBe(1);
        });
      }
    }),
    { numRuns: 40, seed: 20261127 },
  );
});
