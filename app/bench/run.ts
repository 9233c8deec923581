import { readFileSync, writeFileSync } from 'node:fs';
import { allCompared, type Compared } from './opponents';
import type { Spread } from './spread';

/**
 * `opponents.mjs OUT`: measures everything and writes it to a file as JSON. `opponents.mjs --guard KNOWN`: measures quickly and fails where a
 * ratio has fallen by more than half of what the file says. What a busy machine does only adds time, so the quick runs of both sides are set
 * beside each other, not their medians, and a row stands when one of five measurements lets it stand.
 */
const [first, second] = process.argv.slice(2);
const ms = (s: Spread) => `${s.median.toFixed(2)} ms (${s.low.toFixed(2)} to ${s.high.toFixed(2)})`;
const line = (c: Compared) =>
  `${c.what}: ${ms(c.ours)} beside ${ms(c.theirs)}, ${c.opponent}: ${c.ratio.toFixed(2)} x${c.note ? `; ${c.note}` : ''}`;

if (first === '--guard') {
  const known = JSON.parse(readFileSync(second, 'utf8')) as Compared[];
  const quick = (c: Compared) => c.theirs.low / c.ours.low;
  const best = new Map<string, Compared>();
  const fallen = () =>
    known.filter((was) => best.has(was.what) && quick(best.get(was.what)!) < quick(was) / 2);
  for (let tries = 0; tries === 0 || (tries < 5 && fallen().length > 0); tries++)
    for (const c of allCompared(true)) {
      const before = best.get(c.what);
      if (!before || quick(c) > quick(before)) best.set(c.what, c);
    }
  const looked = known.filter((was) => best.has(was.what)).length;
  fallen().forEach((was) =>
    console.error(
      `${line(best.get(was.what)!)}; quick runs beside each other ${quick(best.get(was.what)!).toFixed(2)} x, they were ${quick(was).toFixed(2)} x`,
    ),
  );
  // One takes too long to be measured each time; any other that is not there has another name now and is held by nothing.
  const missing = looked < known.length - 1;
  if (missing) console.error(`only ${looked} of ${known.length} are measured: run npm run bench`);
  const stands = fallen().length === 0 && !missing;
  if (stands) console.log(`${looked} of ${known.length} ratios measured, all stand`);
  process.exitCode = stands ? 0 : 1;
} else {
  const found = allCompared(false);
  found.forEach((c) => console.log(line(c)));
  writeFileSync(first, `${JSON.stringify(found, null, 2)}\n`);
}
