import cases from './cases/read.json';
import { printRound, read, type Terms } from './index';

const lineOf = (text: string, offset: number) => text.slice(0, offset).split('\n').length;
const apply = (text: string, changes: readonly { from: number; to: number; insert: string }[]) =>
  [...changes]
    .sort((a, b) => b.from - a.from)
    .reduce((t, c) => t.slice(0, c.from) + c.insert + t.slice(c.to), text);
const problems = (text: string, terms: Terms = 'us') =>
  read(text, { terms }).parts.flatMap((p) => p.problems);

describe('reading', () => {
  it.each(cases.map((c) => [c.name, c] as const))('%s', (_, c) => {
    const parts = read(c.text, { terms: c.terms.toLowerCase() as Terms }).parts;
    const counts = parts.flatMap((p) => p.rounds.map((r) => r.made));
    c.counts.forEach((n, i) => n !== null && expect(counts[i]).toBe(n));
    expect(counts).toHaveLength(c.counts.length);
    const found = parts
      .flatMap((p) => p.problems)
      .map((p) => ({ line: lineOf(c.text, p.span.from), code: p.code, severity: p.severity }));
    for (const wanted of c.problems) expect(found).toContainEqual(expect.objectContaining(wanted));
    for (const error of found.filter((p) => p.severity === 'error'))
      expect(c.problems).toContainEqual({ line: error.line, code: error.code });
  });

  const BASE = 'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\n';
  it.each([
    // 18 on offer, (2 sc, inc) eats 3: six times, and six times makes the stated 24
    [`${BASE}R4: (2 sc, inc) x5 (24)`, 'too-few', 'Repeat 6 times', 'R4: (2 sc, inc) x6 (24)'],
    // 12 on offer, eats 3: four times; 20 cannot be reached, so the count follows
    [
      'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (2 sc, inc) x5 (20)',
      'too-many',
      'Repeat 4 times',
      'R3: (2 sc, inc) x4 (16)',
    ],
    // 12 on offer must give 16: four increases, each after two plain
    [
      'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (16)',
      'count-mismatch',
      'Write (2 sc, inc) x4',
      'R3: (2 sc, inc) x4 (16)',
    ],
    // 18 on offer, 10 + 1 = 11 used: ten plain become seventeen
    [`${BASE}R4: 10 sc, inc (19)`, 'too-few', 'Write 17 sc', 'R4: 17 sc, inc (19)'],
    [`${BASE}R4: sx around`, 'unknown-word', 'Write sc', 'R4: sc around'],
  ])('mends %j', (text, code, title, mended) => {
    const found = problems(text).find((p) => p.severity === 'error')!;
    expect(found.code).toBe(code);
    expect(found.mends[0].title).toBe(title);
    const after = apply(text, found.mends[0].changes);
    expect(after.split('\n').pop()).toBe(mended);
    expect(problems(after).filter((p) => p.severity === 'error')).toEqual([]);
  });

  it('offers no mend that leaves an error', () => {
    for (let offered = 6; offered <= 48; offered += 6) {
      for (const line of [
        '(2 sc, inc) x5 (24)',
        '(3 sc, dec) x6 (20)',
        '(sc, inc) around',
        '7 sc, inc, 3 sc, dec (14)',
        'inc x5',
      ]) {
        const text = `R1: ${offered} sc\nR2: ${line}`;
        for (const mend of problems(text).flatMap((p) => p.mends))
          expect([
            text,
            mend.title,
            problems(apply(text, mend.changes)).filter((p) => p.severity === 'error'),
          ]).toEqual([text, mend.title, []]);
      }
    }
  });

  it('tells heading, notes, stuffing and closing apart', () => {
    const [part] = read(
      'Head (2x, rust, 3.5 mm hook, ring = crown)\nR1: 6 sc in ring (6)\n-- eyes here --\nstuff firmly\nclose',
    ).parts;
    expect(part).toMatchObject({
      name: 'Head',
      make: 2,
      colour: 'rust',
      hookMm: 3.5,
      ringIs: 'crown',
      closed: true,
      firmness: 'firm',
      stuffedAfter: [1],
    });
  });

  it('splits a page into parts and keeps each count', () => {
    const { parts } = read('Ear (2x)\nR1: 6 sc in ring (6)\n\nTail\n1. MR 5\n2. sc in each st = 5');
    expect(parts.map((p) => [p.name, p.make, p.rounds.map((r) => r.made)])).toEqual([
      ['Ear', 2, [6]],
      ['Tail', 1, [5, 5]],
    ]);
  });

  it('prints a clean form that reads the same', () => {
    const [part] = read(
      'rnd 1 - 6 sc in magic ring = 6\nrnd 2 - 2 sc in each st [12]\nrnd 3 - *1 sc, 2 sc in next* around (18)\n4. sc, invdec, [sc, sc2tog] x 5 = 12',
    ).parts;
    const printed = part.lines.flatMap((l) => (l.node.type === 'round' ? [printRound(l.node, 'us')] : []));
    expect(printed).toEqual([
      'R1: 6 sc in ring (6)',
      'R2: inc around (12)',
      'R3: (sc, inc) around (18)',
      'R4: sc, invdec, (sc, dec) x5 (12)',
    ]);
    expect(read(printed.join('\n')).parts[0].rounds.map((r) => r.made)).toEqual(
      part.rounds.map((r) => r.made),
    );
  });

  it('answers absurd numbers and deep brackets at once', () => {
    const began = Date.now();
    expect(read('R1: 6 sc in ring\nR2: (sc, inc) x999999999').parts[0].problems[0].code).toBe('too-many');
    expect(() => read(`R1: 6 sc in ring\nR2: ${'('.repeat(5000)}sc${')'.repeat(5000)}`)).not.toThrow();
    expect(Date.now() - began).toBeLessThan(2000);
  });
});
