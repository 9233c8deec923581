import { performance } from 'node:perf_hooks';
import { read } from '../src/notation';
import { doubling, fuzz } from './read.fuzz';

const TEXTS = Number(process.argv[2] ?? 200_000);
const wrong = fuzz(TEXTS, 50);
console.log(`${TEXTS} texts, ${wrong.length} faults`);
wrong.slice(0, 20).forEach((w) => console.log(w));
const grown = doubling();
for (const { what, ms, fault } of grown)
  console.log(
    `${what.padEnd(22)} 0.5 MB ${ms[0].toFixed(0).padStart(6)} ms   1 MB ${ms[1].toFixed(0).padStart(6)} ms   ${(ms[1] / ms[0]).toFixed(2)} x${fault ? '   TOO MUCH' : ''}`,
  );
const began = performance.now();
read('R1: 6 sc in ring\nR2: (sc, inc) x999999999\nR3: ch 999999999, inc x999999999\nR4-999999999: sc around');
console.log(`x999999999: ${(performance.now() - began).toFixed(1)} ms`);
process.exitCode = wrong.length || grown.some((g) => g.fault) ? 1 : 0;
