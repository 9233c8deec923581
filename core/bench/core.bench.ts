import { performance } from 'node:perf_hooks';
import { buildFabric } from '../src/fabric';
import { formOf, solveRings } from '../src/form';
import { gaugeOf } from '../src/gauge';
import { markText, read } from '../src/notation';
import { modelToy, rill } from '../src/toy';
import { planOf } from '../src/plan';

/** Median milliseconds of a function over some runs. */
function median(run: () => unknown, runs = 9): number {
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)];
}

const row = (what: string, ms: number, against: string, base: number): void => console.log(`${what.padEnd(46)} ${ms.toFixed(2).padStart(8)} ms   ${(ms / base).toFixed(1).padStart(7)} x ${against}`);

const ball = (rounds: number, most: number): string => {
  const up = Math.floor(rounds / 3);
  const counts = Array.from({ length: rounds }, (_, i) => Math.max(6, Math.round(most * Math.min(1, (i + 1) / up, (rounds - i) / up))));
  return counts.map((n, i) => (i === 0 ? `R1: ${n} sc in ring` : `R${i + 1}: ${n > counts[i - 1] ? `${n - counts[i - 1]} inc, ${2 * counts[i - 1] - n} sc` : n < counts[i - 1] ? `${counts[i - 1] - n} dec, ${2 * n - counts[i - 1]} sc` : 'sc around'} (${n})`)).join('\n');
};

for (const [rounds, most] of [[25, 26], [80, 84], [160, 170]] as const) {
  const text = ball(rounds, most);
  const { marks } = markText(text, () => 'm');
  const part = read(text, { terms: 'us' }).parts[0];
  const fabric = buildFabric(part, marks);
  const json = JSON.stringify(Array.from(fabric.parentFrom));
  const parse = median(() => JSON.parse(json));
  const gauge = gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false });
  console.log(`\n${rounds} rounds, ${fabric.stitches} stitches`);
  row('read', median(() => read(text, { terms: 'us' })), 'JSON.parse of the parents', parse);
  row('build the fabric', median(() => buildFabric(part, marks)), 'JSON.parse of the parents', parse);
  const copy = median(() => Float64Array.from({ length: fabric.stitches * 3 }, (_, i) => i));
  row('ring model and phases', median(() => formOf(fabric, gauge, { fill: 'firm' })), 'a copy of the positions', copy);
  const counts = fabric.rounds.map((r) => r.count);
  row('ring model alone', median(() => solveRings({ counts, heightsMm: counts.map(() => 4), stitchMm: 4.35, roundMm: 4, startRadiusMm: 0, closed: true, stretch: 0.06 })), 'a copy of the positions', copy);
}

let n = 0;
const toy = median(() => rill(() => `i${++n}`), 5);
const made = rill(() => `i${++n}`);
console.log('\nRill');
row('built by its edits', toy, 'itself', toy);
row('one part changed, whole toy anew', median(() => modelToy({ ...made, parts: made.parts.map((p, i) => (i === 2 ? { ...p } : p)) })), 'building it', toy);
row('the plan', median(() => planOf(modelToy({ ...made }))), 'building it', toy);
