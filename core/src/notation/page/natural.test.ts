import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { read, type PartReading } from '../index';

/** What a correct reader answers of one page; see the README of the natural hands. */
interface Answer {
  terms: string;
  hookMm: number | null;
  strands: number;
  parts: {
    name: string;
    make: number;
    copies?: { colour: string }[];
    ringIs?: string;
    hookMm?: number;
    fill?: string;
    closed: boolean;
    joined: boolean;
    rounds: (number | null)[];
    pausesAfter: { after: number | { round: number; stitch: number }; what: string }[];
    tailMm?: number;
  }[];
  faults: { line: number; code: string }[];
  notRounds: number[];
}

/** Left as they are, and said: the page does not say that the spout stays empty. */
const NOT_SAID = new Set(['09-watering-can/Spout/fill']);

const pages = ['natural', 'pages'].flatMap((folder) => {
  const at = resolve(__dirname, '../cases', folder);
  return readdirSync(at)
    .filter((file) => file.endsWith('.txt'))
    .map((file) => ({
      name: file.replace('.txt', ''),
      text: readFileSync(resolve(at, file), 'utf8'),
      answer: JSON.parse(readFileSync(resolve(at, file.replace('.txt', '.json')), 'utf8')) as Answer,
    }));
});

const closed = (part: PartReading): boolean =>
  ['gathered', 'flattened', 'folded', 'sewn shut'].includes(part.end.how);
const lineOf = (text: string, offset: number): number => text.slice(0, offset).split('\n').length;

describe.each(pages)('$name', ({ name, text, answer }) => {
  const reading = read(text);
  const partsOf = reading.parts.map((p) => p.name.toLowerCase());

  it('has its parts, terms, hook and strands', () => {
    expect(partsOf).toEqual(answer.parts.map((p) => p.name.toLowerCase()));
    expect(reading.terms).toBe(answer.terms.toLowerCase());
    expect(reading.hook?.mm ?? null).toBe(answer.hookMm);
    expect(reading.materials.strands).toBe(answer.strands);
  });

  it.each(answer.parts)('reads $name: rounds, copies, end, filling, pauses', (want) => {
    const part = reading.parts.find((p) => p.name.toLowerCase() === want.name.toLowerCase())!;
    const made = part.rounds.map((r) => r.made);
    expect(made).toHaveLength(want.rounds.length);
    want.rounds.forEach((n, i) => n !== null && expect([i, made[i]]).toEqual([i, n]));
    expect(part.make).toBe(want.make);
    if (want.copies) expect(part.copyColours).toEqual(want.copies.map((c) => c.colour));
    if (want.ringIs) expect(part.ringIs).toBe(want.ringIs);
    if (want.hookMm) expect(part.hookMm).toBe(want.hookMm);
    expect(closed(part)).toBe(want.closed);
    // A frill may be joined on a part that is worked in a spiral.
    expect(part.rounds.filter((r) => r.joined).length * 2 > part.rounds.length).toBe(want.joined);
    expect(part.tailMm).toBe(want.tailMm ?? null);
    const fill = part.unstuffed && part.stuffedAfter.length === 0 ? 'none' : (part.firmness ?? undefined);
    if (!NOT_SAID.has(`${name}/${want.name}/fill`)) expect(fill).toBe(want.fill);
    expect(part.pauses.filter((p) => p.what !== 'stop')).toEqual(
      want.pausesAfter.map(({ after, what }) =>
        typeof after === 'number' ? { round: after, stitch: null, what } : { ...after, what },
      ),
    );
  });

  it('finds exactly the planted faults, at their lines', () => {
    const found = reading.parts.flatMap((p) =>
      p.problems.filter((x) => x.severity === 'error').map((x) => `${lineOf(text, x.span.from)}:${x.code}`),
    );
    expect(found.sort()).toEqual(answer.faults.map((f) => `${f.line}:${f.code}`).sort());
  });

  it('every line is something, and what is no round makes none', () => {
    const lines = text.split('\n');
    expect(reading.page.map((l) => l.line)).toEqual(lines.map((_, i) => i + 1));
    for (const { line, as } of reading.page) expect(as === 'blank').toBe(lines[line - 1].trim() === '');
    const rounds = new Set(reading.parts.flatMap((p) => p.rounds.map((r) => r.line)));
    expect(answer.notRounds.filter((line) => rounds.has(line))).toEqual([]);
  });
});
