import { readFileSync, writeFileSync } from 'node:fs';
import { allCompared, type Compared, type Spread } from './opponents';

/**
 * `opponents.mjs OUT`: measures everything and writes it to a file as JSON. `opponents.mjs --guard KNOWN`: measures quickly and fails where a
 * ratio has fallen by more than half of what the file says; what fails is measured again, as a machine may have been busy.
 */
const [first, second] = process.argv.slice(2);
const ms = (s: Spread) => `${s.median.toFixed(2)} ms (${s.low.toFixed(2)} to ${s.high.toFixed(2)})`;
const line = (c: Compared) =>
  `${c.what}: ${ms(c.ours)} beside ${ms(c.theirs)}, ${c.opponent}: ${c.ratio.toFixed(2)} x${c.note ? `; ${c.note}` : ''}`;

if (first === '--guard') {
  const known = JSON.parse(readFileSync(second, 'utf8')) as Compared[];
  let looked = 0;
  const fallen = (): string[] => {
    const now = allCompared(true);
    looked = known.filter((was) => now.some((c) => c.what === was.what)).length;
    // One takes too long to be measured each time; any other that is not there has another name now and is held by nothing.
    if (looked < known.length - 1)
      return [`only ${looked} of ${known.length} are measured: run npm run bench`];
    return known.flatMap((was) => {
      const is = now.find((c) => c.what === was.what);
      return is && is.ratio < was.ratio / 2 ? [`${line(is)}; it was ${was.ratio.toFixed(2)} x`] : [];
    });
  };
  let wrong = fallen();
  for (let again = 0; wrong.length > 0 && again < 2; again++) wrong = fallen();
  wrong.forEach((w) => console.error(w));
  console.log(
    wrong.length === 0
      ? `${looked} of ${known.length} ratios measured, all stand`
      : 'a ratio has fallen by more than half, or is not measured',
  );
  process.exitCode = wrong.length === 0 ? 0 : 1;
} else {
  const found = allCompared(false);
  found.forEach((c) => console.log(line(c)));
  writeFileSync(first, `${JSON.stringify(found, null, 2)}\n`);
}
