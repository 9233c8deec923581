import { performance } from 'node:perf_hooks';
import { polarOf, surfaceDistance } from '../src/address';
import { buildFabric } from '../src/fabric';
import { formOf, looksOf, relax, solveRings } from '../src/form';
import { gaugeOf } from '../src/gauge';
import { markText, read } from '../src/notation';
import { modelToy, rill } from '../src/model';

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

const row = (what: string, ms: number, against: string, base: number): void =>
  console.log(
    `${what.padEnd(46)} ${ms.toFixed(2).padStart(8)} ms   ${(ms / base).toFixed(1).padStart(7)} x ${against}`,
  );

const ball = (rounds: number, most: number): string => {
  const up = Math.floor(rounds / 3);
  const counts = Array.from({ length: rounds }, (_, i) =>
    Math.max(6, Math.round(most * Math.min(1, (i + 1) / up, (rounds - i) / up))),
  );
  return counts
    .map((n, i) =>
      i === 0
        ? `R1: ${n} sc in ring`
        : `R${i + 1}: ${n > counts[i - 1] ? `${n - counts[i - 1]} inc, ${2 * counts[i - 1] - n} sc` : n < counts[i - 1] ? `${counts[i - 1] - n} dec, ${2 * n - counts[i - 1]} sc` : 'sc around'} (${n})`,
    )
    .join('\n');
};

for (const [rounds, most] of [
  [25, 26],
  [80, 84],
  [160, 170],
] as const) {
  const text = ball(rounds, most);
  const { marks } = markText(text, () => 'm');
  const part = read(text, { terms: 'us' }).parts[0];
  const fabric = buildFabric(part, marks);
  const json = JSON.stringify(Array.from(fabric.parentFrom));
  const parse = median(() => JSON.parse(json));
  const gauge = gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false });
  console.log(`\n${rounds} rounds, ${fabric.stitches} stitches`);
  let spaces = 0;
  // A space more in every line: nothing of it was read before.
  row(
    'read',
    median(() => read(text.replace(/: /g, `:${' '.repeat(++spaces + 1)}`), { terms: 'us' })),
    'JSON.parse of the parents',
    parse,
  );
  row(
    'build the fabric',
    median(() => buildFabric(part, marks)),
    'JSON.parse of the parents',
    parse,
  );
  const positions = Float64Array.from({ length: fabric.stitches * 3 }, (_, i) => i);
  const copy = median(() => positions.slice(), 99);
  row(
    'ring model and phases',
    median(() => formOf(fabric, gauge, { fill: 'firm' })),
    'a copy of the positions',
    copy,
  );
  const counts = fabric.rounds.map((r) => r.count);
  row(
    'ring model alone (goal 5 ms at 5,000)',
    median(() =>
      solveRings({
        counts,
        heightsMm: counts.map(() => 4),
        stitchMm: 4.35,
        roundMm: 4,
        startRadiusMm: 0,
        closed: true,
        stretch: 0.06,
      }),
    ),
    'a copy of the positions',
    copy,
  );
  const form = formOf(fabric, gauge, { fill: 'firm' });
  let turn = 0;
  const far = () =>
    surfaceDistance(
      form,
      polarOf(form, Math.floor(rounds / 4), ++turn, 'hole'),
      polarOf(form, Math.floor((rounds * 3) / 4), 3 * turn + 20, 'hole'),
    );
  far();
  row('distance along the fabric, across the part', median(far, 31), 'a copy of the positions', copy);
  row(
    'its triangles and their points, once a form',
    median(() =>
      surfaceDistance({ ...form }, polarOf(form, 2, 0, 'hole'), polarOf(form, rounds - 3, 0, 'hole')),
    ),
    'a copy of the positions',
    copy,
  );
}

/** A ball of so many rounds whose increases and decreases are spread evenly, as patterns do. */
const evenBall = (rounds: number, most: number): string => {
  const up = Math.floor(rounds / 3);
  const counts = Array.from({ length: rounds }, (_, i) =>
    Math.max(6, Math.round(most * Math.min(1, (i + 1) / up, (rounds - i) / up))),
  );
  const round = (below: number, n: number, i: number): string => {
    if (n === below) return 'sc around';
    const base = Math.min(below, n);
    const other = n > below ? 'inc' : 'dec';
    let share = (i * 0.37) % 1;
    const items = Array.from({ length: base }, (): string =>
      (share += Math.abs(n - below) / base) >= 1 ? ((share -= 1), other) : 'sc',
    );
    for (
      let k = base - 1, left = Math.abs(n - below) - items.filter((x) => x !== 'sc').length;
      left !== 0 && k >= 0;
      k--
    )
      if ((items[k] === 'sc') === left > 0)
        [items[k], left] = left > 0 ? [other, left - 1] : ['sc', left + 1];
    return items.join(', ');
  };
  return `${counts.map((n, i) => (i === 0 ? `R1: ${n} sc in ring` : `R${i + 1}: ${round(counts[i - 1], n, i)} (${n})`)).join('\n')}\nclose`;
};

console.log(
  '\nrelaxed stitch by stitch, firm, to a plain step of 1e-4 stitches (goal 100 ms at 5,000, never above 250)',
);
const sizes: { n: number; ms: number }[] = [];
for (const [rounds, most] of [
  [25, 27],
  [52, 56],
  [82, 86],
  [165, 174],
] as const) {
  const text = evenBall(rounds, most);
  const form = formOf(
    buildFabric(read(text, { terms: 'us' }).parts[0], []),
    gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false }),
    { fill: 'firm' },
  );
  const full = relax(form, 0.06, { tolerance: 1e-7, mostIterations: 2000 });
  const quick = relax(form, 0.06);
  let square = 0;
  for (let k = 0; k < full.points.length; k++) square += (full.points[k] - quick.points[k]) ** 2;
  const ms = median(() => relax(form, 0.06), 5);
  sizes.push({ n: form.fabric.stitches, ms });
  console.log(
    `${String(form.fabric.stitches).padStart(6)} stitches: ${String(quick.iterations).padStart(3)} iterations, ${ms.toFixed(0).padStart(5)} ms, ${Math.sqrt(square / full.net.points).toFixed(3)} mm rms from fully relaxed (${full.iterations} iterations${full.converged ? '' : ', not converged'}); its looks laid ${median(() => looksOf(form, 'firm', 'once'), 5).toFixed(0)} ms`,
  );
}
console.log(
  `grows with the stitches to the power of ${(Math.log(sizes[3].ms / sizes[0].ms) / Math.log(sizes[3].n / sizes[0].n)).toFixed(2)}`,
);

const LONG = [
  'R1: 6 sc in ring (6)',
  'R2: inc x6 (12)',
  'R3: (sc, inc) x6 (18)',
  'R4: (2 sc, inc) x6 (24)',
  ...Array.from(
    { length: 996 },
    (_, i) => `R${i + 5}: ${['(11 sc, inc) x2', 'sc around', '(11 sc, dec) x2', 'BLO: 24 sc'][i % 4]}`,
  ),
].join('\n');
{
  const { marks } = markText(LONG, () => 'm');
  const whole = read(LONG, { terms: 'us' }).parts[0];
  const fabric = buildFabric(whole, marks);
  const json = JSON.stringify({
    ...fabric,
    kind: [...fabric.kind],
    parentFrom: [...fabric.parentFrom],
    parentTo: [...fabric.parentTo],
    offset: [...fabric.offset],
    front: [...fabric.front],
    back: [...fabric.back],
    colour: [...fabric.colour],
  });
  const parse = median(() => JSON.parse(json));
  console.log(
    `\n${LONG.split('\n').length} lines, ${fabric.stitches} stitches, ${whole.problems.filter((p) => p.severity === 'error').length} errors`,
  );
  let k = 0;
  // A space more in every line makes every line a new one.
  row(
    'read and build, every line new',
    median(() =>
      buildFabric(read(LONG.replace(/: /g, `:${' '.repeat(++k + 1)}`), { terms: 'us' }).parts[0], marks),
    ),
    'JSON.parse of the fabric (goal 10)',
    parse,
  );
  const at = LONG.indexOf('R500:') + 6;
  row(
    'one keystroke in its middle (goal 4 ms)',
    median(
      () =>
        buildFabric(
          read(`${LONG.slice(0, at)}${' '.repeat(++k)}${LONG.slice(at)}`, { terms: 'us' }).parts[0],
          marks,
        ),
      101,
    ),
    'JSON.parse of the fabric',
    parse,
  );
}

let n = 0;
const toy = median(() => rill(() => `i${++n}`), 5);
const made = rill(() => `i${++n}`);
console.log('\nRill');
row('built by its edits', toy, 'itself', toy);
row(
  'one part changed, whole toy anew',
  median(() => modelToy({ ...made, parts: made.parts.map((p, i) => (i === 2 ? { ...p } : p)) })),
  'building it',
  toy,
);
row(
  'the plan',
  median(() => planOf(modelToy({ ...made }))),
  'building it',
  toy,
);
