import fc from 'fast-check';
import { read } from '.';

const errorsOf = (text: string): string[] =>
  read(text).parts.flatMap((p) =>
    p.problems
      .filter((x) => x.severity === 'error')
      .map((x) => `${text.slice(0, x.span.from).split('\n').length}:${x.code}`),
  );
const madeOf = (text: string): (number | null)[][] =>
  read(text).parts.map((p) => p.rounds.map((r) => r.made));
const said = (text: string): string[] => read(text).parts.flatMap((p) => p.problems.map((x) => x.message));

/** Counts of rounds, each at most twice the one before it and at least half of it. */
const counts = fc
  .tuple(
    fc.integer({ min: 4, max: 12 }),
    fc.array(fc.double({ min: 0.5, max: 2, noNaN: true }), { minLength: 2, maxLength: 12 }),
  )
  .map(([first, steps]) =>
    steps.reduce((all, by) => [...all, Math.min(400, Math.max(3, Math.round(all.at(-1)! * by)))], [first]),
  )
  .filter((all) => all.every((n, i) => i === 0 || (n <= 2 * all[i - 1] && 2 * n >= all[i - 1])));

describe('rounds that say their counts alone', () => {
  it.each([
    'R1: 6 in ring\nR2: 12\nR3: 18',
    '1\t6\n2\t12\n3\t18',
    '1 6\n2 12\n3 18',
    'Rnd 1 6\nRnd 2 12\nRnd 3 18',
  ])('are read, and it is said that nobody wrote where they grow: %j', (rounds) => {
    expect(errorsOf(`Body\n${rounds}`)).toEqual([]);
    expect(madeOf(`Body\n${rounds}`)).toEqual([[6, 12, 18]]);
    expect(said(`Body\n${rounds}`)).toEqual([
      expect.stringMatching(/Only the count is written.*inc x6/),
      expect.stringMatching(/Only the count is written.*\(sc, inc\) x6/),
    ]);
  });

  it('hold what they say of the change against the count', () => {
    expect(errorsOf('Body\nR1 6 sc in ring\nR2 12 (+6)\nR3 18 (+6)\nR4 18 (even)')).toEqual([]);
    expect(errorsOf('Body\nR1 6 sc in ring\nR2 12 (+6)\nR3 18 (+5)')).toEqual(['4:count-mismatch']);
    expect(errorsOf('Body\nR1 6 sc in ring\nR2 12 (+6)\nR3 14 (even)')).toEqual(['4:count-mismatch']);
  });

  it('are no licence on a page that says how: a wrong count there is a fault', () => {
    const page = 'Body\nR1: 6 sc in ring\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: 20';
    expect(errorsOf(page)).toEqual(['5:too-many']);
    expect(errorsOf(page.replace('R4: 20', 'R4: (20)'))).toHaveLength(1);
  });

  it('say so where no round of single crochets grows so much', () => {
    expect(errorsOf('Body\nR1: 6\nR2: 12\nR3: 30')).toHaveLength(1);
    expect(errorsOf('Body\nR1: 6\nR2: 12\nR3: 5')).toHaveLength(1);
  });

  it('make what they say, whatever grows and shrinks', () => {
    fc.assert(
      fc.property(counts, (all) => {
        const text = `Body\n${all.map((n, i) => `R${i + 1}: ${n}`).join('\n')}`;
        expect(errorsOf(text)).toEqual([]);
        expect(madeOf(text)).toEqual([all]);
      }),
      { seed: 20261129, numRuns: 200 },
    );
  });

  it('make what they say of the change, in brackets too', () => {
    fc.assert(
      fc.property(counts, fc.boolean(), (all, brackets) => {
        const change = (n: number, i: number) => {
          const by = i === 0 ? n : n - all[i - 1];
          const words = by < 0 ? `-${-by}` : `+${by}`;
          return brackets ? `(${words})` : words;
        };
        const text = `Body\n${all.map((n, i) => `R${i + 1} ${n} ${i === 0 ? 'ring' : change(n, i)}`).join('\n')}`;
        expect(errorsOf(text)).toEqual([]);
        expect(madeOf(text)).toEqual([all]);
      }),
      { seed: 20261129, numRuns: 100 },
    );
  });
});

describe('the count first, and in a bracket how it comes about', () => {
  it.each([
    ['12 (inc all)', [6, 12]],
    ['12 sc (2 in each)', [6, 12]],
    ['9 sc (1 sc, 2 in next)', [6, 9]],
    ['3 (dec all)', [6, 3]],
    ['8 sc (2 sc, inc)', [6, 8]],
  ])('%s', (work, made) => {
    expect(errorsOf(`Body\nR1: 6 sc in ring\nR2: ${work}`)).toEqual([]);
    expect(madeOf(`Body\nR1: 6 sc in ring\nR2: ${work}`)).toEqual([made]);
  });

  it('must agree with each other', () => {
    expect(errorsOf('Body\nR1: 6 sc in ring\nR2: 11 (inc all)')).toHaveLength(1);
    expect(errorsOf('Body\nR1: 6 sc in ring\nR2: 10 sc (1 sc, 2 in next)')).toHaveLength(1);
  });
});

describe('pages for several sizes', () => {
  const page = [
    'Sizes: small (medium, large)',
    '',
    'BODY',
    'Rnd 1: 6 (7, 8) sc in magic ring.',
    'Rnd 2: inc around. 12 (14, 16)',
    'Rnds 3-5 (3-6, 3-7): sc around. 12 (14, 16)',
    'Rnd 6 (7, 8): dec around. 6 (7, 8)',
  ].join('\n');

  it('are read for the first, and that is said with its name', () => {
    expect(errorsOf(page)).toEqual([]);
    expect(madeOf(page)).toEqual([[6, 12, 12, 12, 12, 6]]);
    expect(said(page)[0]).toMatch(/3 sizes.*first.*small/);
  });

  it('find a wrong number of that size', () => {
    expect(errorsOf(page.replace('around. 6 (7', 'around. 7 (7'))).toEqual(['7:count-mismatch']);
  });

  it('are not seen where a bracket holds something else', () => {
    const one =
      'BODY\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: 2 (sc, inc), 14 sc (20)';
    expect(read(one).sizes).toBe(1);
    expect(madeOf(one)[0].slice(0, 3)).toEqual([6, 12, 18]);
  });
});
