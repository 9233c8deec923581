import { read } from './index';

/** The parts of a page: counts of their rounds, and the codes of their errors. */
const told = (...lines: string[]) =>
  read(lines.join('\n')).parts.map((p) => ({
    made: p.rounds.map((r) => r.made),
    errors: p.problems.filter((x) => x.severity === 'error').map((x) => x.code),
  }));
const after12 = (...lines: string[]) => told('R1: 6 sc in ring', 'R2: inc x6 (12)', ...lines)[0];
const fine = (...made: number[]) => ({ made, errors: [] });

describe('shorthand of makers who write for themselves', () => {
  const BALL = ['r1 mr6', 'r2 incs = 12', 'r3 1,inc = 18', 'r4 2,inc = 24', 'r5 3,inc = 30'];
  it('numbers alone are single crochets, plain rounds are plain', () =>
    expect(told('ball:', ...BALL, 'r6-8 plain = 30', 'r9 blo plain', 'r10 3,dec = 24, stuff')).toEqual([
      fine(6, 12, 18, 24, 30, 30, 30, 30, 30, 24),
    ]));

  it('a taller stitch that is named makes the page no British one', () => {
    const reading = read([...BALL, 'in front loops of r4: ch2, 2dc in each = 60'].join('\n'));
    expect(reading.terms).toBe('us');
    // Without the shorthand double crochets alone are British.
    expect(read('R1: 6 dc in ring\nR2: 2 dc in each (12)').terms).toBe('uk');
  });

  it('a number that does not add up is found', () =>
    expect(told(...BALL, 'r6 4,inc = 35')[0].errors).toHaveLength(1));

  it.each([
    ['plain is no stitch inside a sentence', 'R3: plain and simple'],
    ['nor is a word that only begins so', 'R3: plainly'],
  ])('%s', (_, line) => expect(after12(line).made).not.toEqual([6, 12, 12]));
});

describe('signs and pictures before a line', () => {
  it.each([
    ['▪️R3: sc around (12)', 12],
    ['🧶 R3: sc around (12)', 12],
    ['➡️ R3: sc around (12)', 12],
    ['Step 3. Sc around. (12 stitches)', 12],
    ['Last round: dec x6 (6)', 6],
    ['navy: R3: sc around (12)', 12],
  ])('%s', (line, made) => expect(after12(line)).toEqual(fine(6, 12, made)));

  it('a line of copyright stays one', () => {
    const { page } = read('R1: 6 sc in ring\n© Harbour workshop 2026\nR2: inc x6 (12)');
    expect(page.map((l) => l.as)).toEqual(['round', 'remark', 'round']);
  });

  it('👀 are eyes, and a rest for them', () => {
    const [part] = read(
      'R1: 6 sc in ring\nR2: inc x6\nR3-6: sc around\n👀 between R4 & R5, 4 st apart',
    ).parts;
    expect(part.pauses).toEqual([{ round: 6, stitch: null, what: 'eyes' }]);
  });

  it('the places of what is wrong stay those of the text, behind a picture, too', () => {
    const text = 'R1: 6 sc in ring\n👀 in, then\nR2: inc x6 (13)';
    const [problem] = read(text).parts[0].problems.filter((p) => p.severity === 'error');
    expect(text.slice(problem.span.from, problem.span.to)).toBe('inc x6');
  });

  it('steps are no labels: filling between them does not shift the rounds', () =>
    expect(
      told(
        'Step 1. 6 sc in a magic ring (6)',
        'Step 2. Inc around (12)',
        'Step 3. Stuff.',
        'Step 4. Dec x6 (6)',
      ),
    ).toEqual([fine(6, 12, 6)]));
});

describe('books of long ago', () => {
  it.each([
    ['3rd round.--1 d.c. in each d.c. (12 d.c.)', 12],
    ['3rd round.—1 d.c. in each d.c.', 12],
    ['3rd round: * 1 d.c., 2 d.c. in next; repeat from * to end (18 d.c.)', 18],
    ['3rd round: * 1 d.c., miss 1 d.c.; repeat from * to last 2 d.c., 2 d.c. (7 d.c.)', 7],
  ])('%s', (line, made) =>
    expect(told('1st round.--6 d.c. in ring.', '2nd round.--2 d.c. in each d.c. (12 d.c.)', line)[0]).toEqual(
      fine(6, 12, made),
    ),
  );

  it('a part and its first work in one line', () =>
    expect(
      read(
        'A hen\n\nBody.--Commence with 4 ch., join in a ring.\n1st round.--8 d.c. in ring.\n\nComb.--Make 7 ch. 1st row: 1 d.c. in 2nd ch. from hook, 1 d.c. in each ch. (6 d.c.)',
      ).parts.map((p) => [p.name, p.rounds.map((r) => r.made)]),
    ).toEqual([
      ['Body', [8]],
      ['Comb', [6]],
    ]));

  it('a range that begins with a full stop is none of their rules', () =>
    expect(told('1. 6 sc in ring (6)', '2. inc in each st (12)', '3.-5. sc in each (12)')).toEqual([
      fine(6, 12, 12, 12, 12),
    ]));
});

describe('rounds that say little', () => {
  it.each([
    ['R3: Ch 1, sc in each. Turn. 12 sc.', [6, 12, 12]],
    ['R3: every 2nd st doubled = 18', [6, 12, 18]],
    ['R3: crochet two together six times. 6 stitches.', [6, 12, 6]],
    ['R3: single crochet two together six times. (6)', [6, 12, 6]],
    ['R3: ch 2, dc in each (12)', [6, 12, 12]],
    ['R3: sc, inc (18), change to white', [6, 12, 18]],
  ])('%s', (line, made) => expect(after12(line)).toEqual(fine(...made)));

  it.each([
    // A chain of five is no lift, and a count that fits neither way is a fault.
    ['R3: ch 5, dc in each (12)'],
    ['R3: ch 2, dc in each (13)'],
  ])('%s is a fault', (line) => expect(after12(line).errors).toHaveLength(1));

  it('the rounds of another part, by their labels', () => {
    const page = [
      'Muzzle',
      'R1: 6 sc in ring',
      'R2: inc x6 (12)',
      'R3: (sc, inc) x6 (18)',
      'fasten off',
      '',
      'Head',
    ];
    expect(told(...page, 'R1-3: As muzzle. (18)', 'R4: sc around (18)')[1]).toEqual(fine(6, 12, 18, 18));
    // A part that is nowhere is said to be so.
    expect(told(...page, 'R1-3: As snout. (18)')[1].errors).not.toEqual([]);
  });

  it('a colour of its own column is that of the round', () => {
    const [part] = read(
      'Round\tColour\tPattern\tStitches\n1\tsand\t6 sc in ring\t6\n2\tteal\tinc x6\t12',
    ).parts;
    expect(part.rounds.map((r) => r.made)).toEqual([6, 12]);
    expect(part.colours).toEqual(['sand', 'teal']);
  });

  it('X, V and A may be explained in a sentence', () => {
    const page =
      'X is a single crochet, V is an increase, A is a decrease.\n\nHead\n1. 6X in the ring (6)\n2. 6V (12)\n3. (X, V) x 6 (18)\n4. (X, A) x 6 (12)';
    expect(told(page)).toEqual([fine(6, 12, 18, 12)]);
  });

  it('rounds without a heading are a part, though a list of what is needed stands above and a part below', () =>
    expect(
      read(
        'A TOY\n\nYOU NEED\n4 mm hook\nWith A,\nRnd 1: 6 sc in ring. 6 sc.\nRnd 2: 2 sc in each sc around. 12 sc.\n\nFIN (make 2)\nRnd 1: 4 sc in ring. 4 sc.',
      ).parts.map((p) => [p.make, p.rounds.map((r) => r.made)]),
    ).toEqual([
      [1, [6, 12]],
      [2, [4]],
    ]));

  it('two legs joined on a chain without a space', () =>
    expect(
      told(
        'Body',
        'R1 ch2, join to 1st leg: 10sc on leg 1, 2sc on ch, 10sc on leg 2, 2sc on other side of ch [24]',
        'R2 24sc',
      ),
    ).toEqual([fine(24, 24)]));
});
