import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { share } from '../../../bench/share';
import { read, type Reading } from '..';

const pages = ['natural', 'pages'].flatMap((folder) => {
  const at = resolve(__dirname, '../cases', folder);
  return readdirSync(at)
    .filter((file) => file.endsWith('.txt'))
    .map((file) => ({ name: file.replace('.txt', ''), text: readFileSync(resolve(at, file), 'utf8') }));
});

/** A number among the stitches of a round: no label, no length, no ordinal, and not the chain that turns a row. */
const NUMBER = /(?<![\d.,½])\d+(?!\d|[\d.,]*\s*(?:mm|cm|g|"|inch|½|st\b|nd\b|rd\b|th\b))/g;
const LABEL = /^[^:.)]*?\d+[^:.)=]*[:.)]/;
const TURNS = /\b(?:ch(?:ain)?\s*$|ch\s*\d+(?:\s*sp)?$)/i;
/** Every so many numbers are made wrong: every thirteenth, of which `npm test` takes a share. */
const STEP = Math.round((13 / share(1000)) * 1000);

const errorsOf = (reading: Reading) =>
  reading.parts.flatMap((p) => p.problems.filter((x) => x.severity === 'error'));
/** All that a reading comes to. */
const told = (reading: Reading): string =>
  JSON.stringify(
    reading.parts.map((p) => [
      p.rounds.map((r) => r.made),
      p.end,
      p.tailMm,
      p.make,
      p.pauses,
      p.problems.map((x) => x.message),
      p.lines.map((l) =>
        l.node.type === 'note' || l.node.type === 'round'
          ? l.node.type === 'note'
            ? l.node.feature
            : l.node.facts
          : null,
      ),
    ]),
  );

interface Wrong {
  text: string;
  line: string;
}

/** A page with one of its numbers one higher, for every so many numbers of its rounds. */
function wrongNumbers(text: string, reading: Reading, nth: () => boolean): Wrong[] {
  const found: Wrong[] = [];
  reading.page.forEach(({ as, from, to }) => {
    if (as !== 'round') return;
    const line = text.slice(from, to);
    const label = LABEL.exec(line)?.[0].length ?? 0;
    for (const m of line.matchAll(NUMBER)) {
      if (m.index < label || TURNS.test(line.slice(0, m.index)) || !nth()) continue;
      const at = from + m.index;
      found.push({ text: `${text.slice(0, at)}${Number(m[0]) + 1}${text.slice(at + m[0].length)}`, line });
    }
  });
  return found;
}

it('a wrong number in the rounds of a page in any hand is found, or changes what is read', () => {
  let n = 0;
  let tried = 0;
  let found = 0;
  const silent: string[] = [];
  for (const { name, text } of pages) {
    const right = read(text);
    const [errors, all] = [errorsOf(right).length, told(right)];
    for (const wrong of wrongNumbers(text, right, () => n++ % STEP === 0)) {
      const reading = read(wrong.text);
      tried++;
      if (errorsOf(reading).length > errors) found++;
      else if (told(reading) === all) silent.push(`${name}: ${wrong.line.trim()}`);
    }
  }
  expect(tried).toBeGreaterThan(share(600));
  expect(found / tried).toBeGreaterThan(0.9);
  // A stitch that is named by the round it stands in, a colour that goes on, a chain that is joined: no count hangs on them.
  expect(silent.length / tried).toBeLessThan(0.02);
});
