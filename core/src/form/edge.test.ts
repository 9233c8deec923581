import fc from 'fast-check';
import { soundToy } from '../plan/cases/soundToys';
import { modelToy } from '../model';
import { buildFabric } from '../fabric';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { washerWindow } from '../feature/head';
import { bareHead } from '../feature';
import { edgeWith, formOf, type PartForm } from './index';

/** The edge counted stitch by stitch, from the start of the round each time. */
function counted({ fabric }: PartForm, index: number, stitches: number): number {
  const round = fabric.rounds[index];
  const taken = new Set<number>();
  for (let s = round.from; s < round.from + stitches; s++)
    for (let p = fabric.parentFrom[s]; p < fabric.parentTo[s]; p++) taken.add(p);
  return (index > 0 ? fabric.rounds[index - 1].count : 0) + stitches - taken.size;
}

test('the open edge with so many stitches of a round worked: what is worked, and what is left of the round below', () => {
  let tried = 0;
  fc.assert(
    fc.property(soundToy, fc.nat(), (toy, k) => {
      for (const { form } of modelToy(toy).parts) {
        if (form.section !== 'ring') continue;
        form.fabric.rounds.forEach((round, i) => {
          if (i === 0) return;
          for (const stitches of [0, 1, k % (round.count + 1), round.count]) {
            if (stitches > round.count) continue;
            expect(edgeWith(form, i, stitches)).toBe(counted(form, i, stitches));
            tried++;
          }
        });
      }
    }),
    { numRuns: 12, seed: 20261128 },
  );
  expect(tried).toBeGreaterThan(500);
});

test('a round of two thousand stitches has its window in a blink: the edge is not counted anew for each', () => {
  const text = 'Head\nR1: 6 sc in ring\nR2: (330 sc in next) x6\nR3-6: sc around'.replace(
    '(330 sc in next) x6',
    Array.from({ length: 6 }, () => '330 sc in next').join(', '),
  );
  const part = read(text, { terms: 'us' }).parts[0];
  const form = formOf(buildFabric(part, []), gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false }), {
    fill: 'medium',
  });
  expect(form.fabric.rounds[1].count).toBe(1980);
  const began = performance.now();
  for (let k = 0; k < 100; k++) washerWindow(bareHead(form, 'crown'), { round: 2 }, 11 + k / 100);
  expect(performance.now() - began).toBeLessThan(2000);
});
