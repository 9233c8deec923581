import fc from 'fast-check';
import { buildFabric } from '../fabric';
import { printRound, read, type PartReading, type Terms } from './index';

const part = (text: string, terms: Terms = 'us'): PartReading => read(text, { terms }).parts[0];
const last = (text: string, terms: Terms = 'us') => {
  const { rounds } = part(text, terms);
  const { offered, eaten, made, carried } = rounds[rounds.length - 1];
  return { offered, eaten, made, carried };
};
/** Works a form into a round of so many. */
const into = (n: number, form: string, terms: Terms = 'us') => last(`R1: ${n} ${terms === 'uk' ? 'dc' : 'sc'} in ring\nR2: ${form}`, terms);

describe('every form of the thin reader: what it uses and leaves', () => {
  it.each<[form: string, offered: number, eaten: number, made: number]>([
    ['3 sc, 3 sc', 6, 6, 6], ['sc 6', 6, 6, 6], ['sc in next 6', 6, 6, 6], ['sc x6', 6, 6, 6], ['6sc', 6, 6, 6], ['1 sc in each of the next 6', 6, 6, 6],
    ['sc around', 6, 6, 6], ['sc in each st', 6, 6, 6], ['sc in each st around', 6, 6, 6], ['even', 6, 6, 6], ['6 sl st', 6, 6, 6], ['6 SC.', 6, 6, 6],
    ['6 hdc', 6, 6, 6], ['2 hdc, 2 dc, 2 tr', 6, 6, 6], ['inc x6', 6, 6, 12], ['6 inc', 6, 6, 12], ['inc 6', 6, 6, 12], ['2 sc in each st', 6, 6, 12],
    ['2 sc in next 6', 6, 6, 12], ['3 sc in next, 5 sc', 6, 6, 8], ['inc3, 5 sc', 6, 6, 8], ['3 inc, 3 sc', 6, 6, 9], ['2 hdc in next, 5 sc', 6, 6, 7],
    ['dec x3', 6, 6, 3], ['sc2tog x3', 6, 6, 3], ['invdec x3', 6, 6, 3], ['inv dec x3', 6, 6, 3], ['sc3tog x2', 6, 6, 2], ['hdc2tog x3', 6, 6, 3],
    ['(sc, inc) x3', 6, 6, 9], ['[sc, inc] * 3', 6, 6, 9], ['(sc, inc) 3 times', 6, 6, 9], ['(2 sc, inc) twice', 6, 6, 8], ['*sc, inc; rep from * 2 more times', 6, 6, 9],
    ['*sc, inc* around', 6, 6, 9], ['sc, inc, repeat around', 6, 6, 9], ['*sc, inc; rep from * around', 6, 6, 9], ['(sc, inc) around', 6, 6, 9], ['((sc, inc) x2, 2 sc) x2', 12, 12, 16],
    ['skip 2, 4 sc', 6, 6, 4], ['(hdc, dc, hdc) in next, 5 sc', 6, 6, 8], ['BLO: sc around', 6, 6, 6], ['sc around, change to cream', 6, 6, 6], ['ch 1, sc around, sl st to join', 6, 6, 6],
    ['3 sc, ch 2, 3 sc', 6, 6, 8], ['5 sc', 6, 5, 5], ['7 sc', 6, 7, 7], ['(sc, dec) around', 9, 9, 6],
  ])('%s', (form, offered, eaten, made) => expect(into(offered, form)).toMatchObject({ offered, eaten, made }));

  it.each<[form: string, count: string]>([['R3: sc around (6)', '6'], ['R3: sc around [6]', '6'], ['R3: sc around = 6', '6'], ['R3: sc around - 6 stitches', '6'], ['R3: sc around 6 sts', '6'], ['R3: sc around (6 sts)', '6']])('the count of “%s” is stated', (line, count) =>
    expect(part(`R1: 6 sc in ring\nR2: sc around\n${line}`).rounds[2]).toMatchObject({ stated: Number(count), made: 6 }));

  it.each<[line: string, labels: string[]]>([
    ['R2: sc around', ['R2']], ['Rnd 2: sc around', ['R2']], ['Round 2: sc around', ['R2']], ['2. sc around', ['R2']], ['2) sc around', ['R2']], ['Row 2: sc around', ['R2']], ['R2-4: sc around', ['R2', 'R3', 'R4']],
    ['Rounds 2 to 4: sc around', ['R2', 'R3', 'R4']], ['R2 and 3: sc around', ['R2', 'R3']], ['R2-R4 (3 rounds): sc around', ['R2', 'R3', 'R4']], ['R2 – sc around', ['R2']], ['• R2 – sc around', ['R2']],
  ])('the label of “%s”', (line, labels) => expect(part(`R1: 6 sc in ring\n${line}`).rounds.slice(1).map((r) => r.label)).toEqual(labels));

  it.each<[form: string, made: number, start: string]>([
    ['6 sc in ring', 6, 'ring'], ['6 sc in magic ring', 6, 'ring'], ['MR 6', 6, 'ring'], ['ring, 6 sc', 6, 'ring'], ['ch 2, 6 sc in 2nd ch from hook', 6, 'ring'], ['ch 2, 6 sc in first ch', 6, 'ring'],
    ['ch 5, join, 9 sc in loop', 9, 'loop'], ['ch 10, join', 10, 'tube'], ['40 sc', 40, 'given'],
  ])('the start “%s”', (form, made, start) => {
    const reading = part(`R1: ${form}\nR2: sc around`);
    expect(reading.rounds.map((r) => r.made)).toEqual([made, made]);
    expect(buildFabric(reading, ['a', 'b']).start.how).toBe(start);
  });

  it('reads UK words with UK meanings and warns when the text looks like the other', () => {
    expect(into(6, '(dc, inc) x3', 'uk')).toMatchObject({ eaten: 6, made: 9 });
    expect(buildFabric(part('R1: 6 dc in ring\nR2: 3 htr, 3 tr', 'uk'), ['a', 'b']).rounds[1].worked.map((w) => w.kind)).toEqual(['hdc', 'dc']);
    expect(part('R1: 6 sc in ring', 'uk').problems.map((p) => p.code)).toContain('terms-suspect');
    expect(read('R1: 6 dc in ring\nR2: dc around').terms).toBe('uk');
  });

  it('carries the stated count on, then the mend’s, then what was made, and says when it was not certain', () => {
    const { rounds, problems } = part('R1: 6 sc in ring\nR2: icn x6 (12)\nR3: sc around\nR4: sc around');
    expect(rounds.map((r) => [r.made, r.carried])).toEqual([[6, 6], [null, 12], [12, 12], [12, 12]]);
    expect(problems.map((p) => p.code)).toEqual(['unknown-word', 'assumed']);
    expect(last('R1: 6 sc in ring\nR2: inc x6\nR3: (2 sc, inc) x3')).toMatchObject({ made: 12, carried: 16 });
  });

  it('goes on in an unlabelled line after a bracket, a comma or a label without count', () => {
    for (const broken of ['R2: (sc,\ninc) x3 (9)', 'R2: sc, inc,\nsc, inc, sc, inc (9)', 'R2: (sc, inc) x2\n(sc, inc) (9)'])
      expect(part(`R1: 6 sc in ring (6)\n${broken}\nR3: sc around (9)`).rounds.map((r) => r.made)).toEqual([6, 9, 9]);
  });
});

/** A generated round on n stitches that adds up: its words and what it leaves. */
const roundOn = (n: number): fc.Arbitrary<{ words: string; made: number }> =>
  fc.oneof(
    fc.constant({ words: 'sc around', made: n }),
    fc.constant({ words: `inc x${n}`, made: 2 * n }),
    fc.nat({ max: Math.max(0, n - 2) }).map((k) => ({ words: `${k + 1} sc, ${n - k - 1 > 0 ? `${n - k - 1} hdc` : 'ch 1'}`, made: n - k - 1 > 0 ? n : n + 1 })),
    ...[2, 3, 4, 6].filter((d) => n % d === 0 && n / d > 1).flatMap((d) => [
      fc.constant({ words: `(${n / d - 1} sc, inc) x${d}`, made: n + d }),
      fc.constant({ words: `[${n / d - 1} sc, inc] around`, made: n + d }),
      fc.constant(n / d > 2 ? { words: `(${n / d - 2} sc, dec) x${d}`, made: n - d } : { words: `dec x${d}`, made: n / 2 }),
      fc.constant(n / d > 2 ? { words: `(skip 1, ${n / d - 1} sc) x${d}`, made: n - d } : { words: `invdec x${d}`, made: n / 2 }),
    ]),
  );

const written = fc.integer({ min: 4, max: 8 }).chain((start) =>
  fc.array(fc.nat(), { minLength: 1, maxLength: 9 }).chain((picks) => {
    const grow = (lines: string[], n: number, left: number[]): fc.Arbitrary<string[]> =>
      left.length === 0 || n > 160 ? fc.constant(lines) : roundOn(n).chain(({ words, made }) => grow([...lines, `R${lines.length + 1}: ${words} (${made})`], made, left.slice(1)));
    return grow([`R1: ${start} sc in ring (${start})`], start, picks);
  }),
);

describe('generated rounds', () => {
  it('add up; print and read again give the same fabric; every stitch below is used once', () => {
    fc.assert(
      fc.property(written, (lines) => {
        const first = part(lines.join('\n'));
        expect(first.problems.filter((p) => p.severity === 'error')).toEqual([]);
        const printed = first.lines.flatMap((l) => (l.node.type === 'round' ? [printRound(l.node, 'us')] : [])).join('\n');
        const marks = lines.map((_, i) => String(i));
        const a = buildFabric(first, marks);
        const b = buildFabric(part(printed), marks);
        expect([Array.from(b.kind), Array.from(b.parentFrom), Array.from(b.parentTo)]).toEqual([Array.from(a.kind), Array.from(a.parentFrom), Array.from(a.parentTo)]);
        for (let i = 1; i < a.rounds.length; i++) {
          const { from, count } = a.rounds[i];
          const below = a.rounds[i - 1];
          const used = new Set<number>();
          for (let s = from; s < from + count; s++) {
            // Parents lie in the round below and never go backwards.
            expect(a.parentFrom[s]).toBeGreaterThanOrEqual(s > from ? a.parentFrom[s - 1] : below.from);
            expect(a.parentTo[s]).toBeLessThanOrEqual(below.from + below.count);
            for (let p = a.parentFrom[s]; p < a.parentTo[s]; p++) used.add(p);
          }
          const skipped = /skip/.test(lines[i]) ? below.count - used.size : 0;
          expect(used.size + skipped).toBe(below.count);
        }
      }),
      { numRuns: 1500, seed: 7 },
    );
  });

  it('with one wrong repeat are mended to the stated count by the first mend', () => {
    fc.assert(
      fc.property(fc.constantFrom(2, 3, 4, 6), fc.integer({ min: 2, max: 7 }), fc.constantFrom(-2, -1, 1, 2), (d, run, off) => {
        fc.pre(d + off > 0);
        const n = d * (run + 1);
        const text = `R1: ${n} sc\nR2: (${run} sc, inc) x${d + off} (${n + d})`;
        const [fault] = part(text).problems.filter((p) => p.severity === 'error');
        expect(fault.code).toBe(off < 0 ? 'too-few' : 'too-many');
        const mended = [...fault.mends[0].changes].sort((a, b) => b.from - a.from).reduce((t, c) => t.slice(0, c.from) + c.insert + t.slice(c.to), text);
        expect(part(mended).rounds[1]).toMatchObject({ made: n + d, stated: n + d, eaten: n });
      }),
      { numRuns: 300, seed: 7 },
    );
  });
});
