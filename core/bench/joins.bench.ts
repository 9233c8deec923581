import { performance } from 'node:perf_hooks';
import { movedJoin, pieceKey } from '../src/join';
import { joinedUsually, meetingsOf, modelToy } from '../src/model';
import { addParts, newToy, setJoin, type Toy } from '../src/toy';

/** Median and 95th of a hundred of some runs, ms. */
function timesOf(run: () => unknown, runs = 40): { median: number; p95: number } {
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return { median: times[Math.floor(runs / 2)], p95: times[Math.floor(runs * 0.95)] };
}

let n = 0;
const newId = () => `b${++n}`;

/** A ball of more than 5,000 stitches with eight parts sewn on. */
function largeToy(): Toy {
  const up = 20;
  const rounds = ['R1: 6 sc in ring', 'R2: inc x6'];
  for (let k = 3; k <= up; k++) rounds.push(`R${k}: (${k - 2} sc, inc) x6`);
  rounds.push(`R${up + 1}-${up + 24}: sc around`);
  for (let k = 1; k < up; k++)
    rounds.push(`R${up + 24 + k}: (${up - k - 1} sc, dec) x6`.replace('(0 sc, ', '('));
  const limb = 'R1: 6 sc in ring\nR2: inc x6\nR3-12: sc around\nstuff softly\nleave open';
  const parts = ['Arm (2x', 'Leg (2x', 'Wing (2x', 'Tail (1x', 'Shell (1x'].map(
    (part) => `${part}, 3.0 mm hook, ring = tip)\n${limb}`,
  );
  const body = `Body (3.0 mm hook, ring = sole)\n${rounds.join('\n')}\nstuff\nclose`;
  return joinedUsually(addParts(newToy('T', newId), [body, ...parts].join('\n\n'), newId), newId);
}

const toy = largeToy();
const model = modelToy(toy);
const anew = () => ({ ...toy, joins: toy.joins.map((j) => ({ ...j })) });
const all = timesOf(() => meetingsOf(modelToy(anew())));
let now = model;
const step = timesOf(() => {
  const [{ join, sites }] = now.sites;
  const host = now.placed.find((p) => pieceKey(p) === pieceKey(join.at))!;
  const moved = movedJoin(host, join, sites[0], 'closer');
  if (moved) now = modelToy(setJoin(now.toy, moved.join));
  meetingsOf(now);
});
const row = (what: string, { median, p95 }: typeof all, goalMs: number) =>
  console.log(
    `${what.padEnd(46)} median ${median.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms: ${(p95 / goalMs).toFixed(2)} x goal of ${goalMs} ms`,
  );
console.log(`\n${model.parts[0].fabric.stitches} stitches, ${model.placed.length - 1} parts sewn on`);
row('all places, maps and overlaps anew', all, 100);
row('one step of a pair, with every number', step, 50);
