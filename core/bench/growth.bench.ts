import { performance } from 'node:perf_hooks';
import { backupOf } from '../src/files';
import { modelToy, joinedUsually } from '../src/model';
import { planOf } from '../src/plan';
import { progressOf, tick, ticksOf } from '../src/record';
import { checkToy } from '../src/safety';
import { addParts, newFile, newToy, type LogEvent, type Toy } from '../src/toy';

/** How what is done with a toy grows, up to ten times what people have: the power of the size, from the smallest to the largest. */
let n = 0;
const newId = () => `g${++n}`;
const LIMB = 'R1: 6 sc in ring\nR2: inc x6\nR3-12: sc around\nleave open';
const BALL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-12: sc around\nR13: (2 sc, dec) x6\nR14: (sc, dec) x6\nR15: dec x6\nclose';

/** A body with so many limbs sewn on. */
const bear = (limbs: number): Toy =>
  joinedUsually(
    addParts(
      newToy('Bear', newId),
      [
        `Body (3 mm hook)\n${BALL}`,
        ...Array.from({ length: limbs }, (_, k) => `Limb ${k + 1} (3 mm hook)\n${LIMB}`),
      ].join('\n\n'),
      newId,
    ),
    newId,
  );

/** Milliseconds, the least of some runs, each over something new. */
const least = (make: () => () => unknown): number =>
  Math.min(
    ...Array.from({ length: 3 }, () => {
      const run = make();
      const began = performance.now();
      run();
      return performance.now() - began;
    }),
  );

function growth(what: string, sizes: readonly number[], make: (size: number) => () => unknown): void {
  // What is run for the first time is still being compiled.
  for (let k = 0; k < 5; k++) make(sizes[0])();
  const ms = sizes.map((size) => least(() => make(size)));
  const last = sizes.length - 1;
  const power = Math.log(ms[last] / ms[0]) / Math.log(sizes[last] / sizes[0]);
  console.log(
    `${what.padEnd(44)} ${sizes.map((s, k) => `${s}: ${ms[k].toFixed(1)} ms`).join(', ')}; to the power of ${power.toFixed(2)}`,
  );
}

console.log('\nhow it grows');
growth('parts sewn on: model, checks and plan', [6, 12, 24, 60], (limbs) => {
  const toy = bear(limbs);
  return () => {
    const model = modelToy({ ...toy, parts: toy.parts.map((p) => ({ ...p })) });
    checkToy(model);
    planOf(model);
  };
});
const ticks = ticksOf(planOf(modelToy(bear(6))));
growth('deeds in the log: folded', [1000, 3000, 10_000, 30_000], (deeds) => {
  const log = Array.from({ length: deeds }, (_, k): LogEvent => ({
    ...tick(ticks[k % ticks.length]),
    at: new Date(k * 60_000).toISOString(),
  }));
  return () => progressOf(log);
});
growth('toys on the Bench: saved as one file', [12, 50, 200, 600], (toys) => {
  const file = newFile(bear(6));
  const text = JSON.stringify(file);
  const all = Array.from({ length: toys }, (_, k) => ({
    id: `t${k}`,
    name: file.toy.name,
    file,
    raw: text,
    schema: file.schema,
    changed: null,
  }));
  return () => backupOf(all, '2026-11-28T10:00:00.000Z');
});
