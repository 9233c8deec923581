import { performance } from 'node:perf_hooks';
import { read } from '../src/notation';
import { attackFiles } from './files.fuzz';
import { doubling, fuzz, overAndOver } from './read.fuzz';

/** `fuzz.mjs texts N SEED`, `fuzz.mjs files N SEED`, `fuzz.mjs repeats`, `fuzz.mjs doubling`: prints what was tried and every fault; exit 1 on one. */
const [what, count, seed] = [process.argv[2], Number(process.argv[3]), Number(process.argv[4])];
let faults: string[] = [];
const began = performance.now();
if (what === 'texts') {
  faults = fuzz(count, 50, seed);
  console.log(`${count} hostile texts read, marked, changed (seed ${seed}): ${faults.length} faults`);
} else if (what === 'files') {
  const { tried, refused, opened, worked, slowestMs, ...found } = attackFiles(count, { seed });
  faults = found.faults;
  console.log(
    `${tried} damaged toy files (seed ${seed}): ${refused} refused in a sentence, ${opened} opened, with ${worked} of them everything done (the slowest ${slowestMs.toFixed(0)} ms): ${faults.length} faults`,
  );
} else if (what === 'repeats') {
  faults = overAndOver();
  console.log(`one thing over and over, in every place: ${faults.length} faults`);
} else {
  for (const { what: shape, ms, fault } of doubling()) {
    console.log(
      `${shape.padEnd(22)} 0.5 MB ${ms[0].toFixed(0).padStart(6)} ms   1 MB ${ms[1].toFixed(0).padStart(6)} ms   ${(ms[1] / ms[0]).toFixed(2)} x${fault ? '   TOO MUCH' : ''}`,
    );
    if (fault) faults.push(`${shape} grows too fast`);
  }
  const before = performance.now();
  read(
    'R1: 6 sc in ring\nR2: (sc, inc) x999999999\nR3: ch 999999999, inc x999999999\nR4-999999999: sc around',
  );
  console.log(`x999999999: ${(performance.now() - before).toFixed(1)} ms`);
}
faults.slice(0, 20).forEach((f) => console.log(f));
console.log(`${what}: ${((performance.now() - began) / 60_000).toFixed(1)} min`);
process.exitCode = faults.length ? 1 : 0;
