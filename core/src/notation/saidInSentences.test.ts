import { read } from './index';

/** Rounds made of a part that begins with `R1: 6 sc in ring (6)`, what it ends with, and what is said of it. */
function told(...lines: string[]) {
  const reading = read(['Body', 'R1: 6 sc in ring (6)', ...lines].join('\n'));
  const [part] = reading.parts;
  return {
    made: part.rounds.slice(1).map((r) => r.made),
    end: part.end.how,
    kinds: reading.page.slice(2).map((l) => l.as),
    errors: part.problems.flatMap((p) => (p.severity === 'error' ? [p.message] : [])),
  };
}

describe('rounds in sentences', () => {
  it.each([
    ['two in each stitch, twelve. Slip stitch, leave an end.', [12]],
    ['Two in each, twelve; six rounds even, then close.', [12, 12, 12, 12, 12, 12, 12]],
    ['Two in each, twelve. Six rounds even. Close.', [12, 12, 12, 12, 12, 12, 12]],
    ['work 3 rounds even and fasten off', [6, 6, 6]],
    ['two in each, twelve;', [12]],
    ['one sc, two sc into next, repeat all round, nine.', [9]],
    ['Increase every other stitch (9).', [9]],
    ['Decrease every other stitch (4).', [4]],
    ['5 rounds straight.', [6, 6, 6, 6, 6]],
    ['Work [1 sc, 2 sc in next st] 3 times. 9 sts', [9]],
    ['R2: 1sc in FLO of each sc. (6sc)', [6]],
    ['Flatten. Close with 3 sc through both layers. Leave a tail.', [3]],
    ['R2: sc in each st by the back loop', [6]],
    ['R2: sc in next 5, 2 sc in FLO of next st', [7]],
    ['R2: [1 sc, 2 tog] x2 (4)', [4]],
  ])('%s', (line, made) => expect(told(line)).toMatchObject({ made, errors: [] }));

  it('the end that stands in the sentence of rounds is kept', () =>
    expect(told('Two in each, twelve; six rounds even, then close.').end).toBe('gathered'));
});

describe('what goes around twice', () => {
  it.each([
    'R2: inc around, sc around',
    'R2: sc around. dec around',
    'R2: (sc, inc) around, (sc, dec) around',
  ])('is no round: %s', (line) =>
    expect(told(line)).toMatchObject({ made: [null], errors: [expect.stringMatching(/a second time/)] }),
  );
  it('is one where the same is said twice', () =>
    expect(told('R2: no increases, sc around')).toMatchObject({ made: [6], errors: [] }));
});

describe('work beside what a line decides is marked', () => {
  it.each([
    'Stuff. Keep going as you like.',
    'Fill it well. Continue decreasing as before.',
    'Change to red. Repeat all that.',
  ])('%s', (line) => expect(told(line).kinds).toEqual(['unread']));
  it('other words beside it are not', () =>
    expect(told('Stuff firmly. It will keep its form.').kinds).toEqual(['pause']));
});

describe('a ring that is pulled shut ends nothing', () => {
  it.each([
    'Begin: magic loop, ch 1, 7 sc into the loop, pull closed. 7 sts',
    'magic ring, 1 ch, 7 sc into it (7)',
    '7 sc in a magic ring, pull the ring tight (7)',
  ])('%s', (line) => {
    const [part] = read(`Body\n${line}\nR2: inc x7 (14)`).parts;
    expect(part.rounds.map((r) => r.made)).toEqual([7, 14]);
    expect(part.end.how).toBe('not known');
  });
});

it('a page that was spoken: headings, labels behind commas, counts in words', () => {
  const page = `BODY. With yellow wool and the 5 mm hook. Rnd 1, six dc into a magic circle. Rnd 2, two dc into each dc, twelve. Rnds 3 to 5, one dc into each dc. Fasten off.

WINGS, two. Orange. Rnd 1, five dc into a magic circle. Rnd 2, dc two together, dc three, four.`;
  const { terms, parts } = read(page);
  expect(terms).toBe('uk');
  expect(parts.map((p) => [p.name, p.make, p.colour, p.rounds.map((r) => r.made)])).toEqual([
    ['BODY', 1, 'yellow wool', [6, 12, 12, 12, 12]],
    ['WINGS', 2, 'orange', [5, 4]],
  ]);
});

it('the title stands above the first numbered part', () => {
  const { title, parts } = read(
    'Whisper Cat\n1) Head\nMagic ring of 6.\nIncrease every stitch (12).\n\n2) Ears – two of them\nMagic ring of 4.',
  );
  expect(title).toBe('Whisper Cat');
  expect(parts.map((p) => p.make)).toEqual([1, 2]);
});

describe('numbers alone count stitches', () => {
  const page =
    'Moose\n\nhead\n6 in mr\n2 in each - 12\n1, inc - 18\n2, inc - 24\nclose\n\near x2\n6 in mr\n6\ndec - 3\ntail';
  it('a line that is a number is a round, and a tail is left behind the last', () => {
    const [head, ear] = read(page).parts;
    expect(head.rounds.map((r) => r.made)).toEqual([6, 12, 18, 24]);
    expect(ear.rounds.map((r) => r.made)).toEqual([6, 6, 3]);
    expect(ear.end.how).toBe('open');
  });
  it('elsewhere it is that of a page', () =>
    expect(read('Body\nR1: 6 sc in ring\n12\nR2: inc x6 (12)').page[2].as).toBe('remark'));
});

it('a lesson: who greets is no part, the eyes are put in where they are named, a colour is taken up again', () => {
  const { title, parts } = read(
    [
      'Welcome to the fifth lesson: "Pim the Pear"',
      '',
      'Take the green yarn and your 3.5 mm hook.',
      '',
      'ROUND 1 – Make a magic ring and crochet 6 sc into it. You have 6 stitches.',
      'ROUND 2 – Crochet 2 sc into every stitch. You have 12 stitches.',
      'Now is the time for the eyes! Place them between rounds 1 and 2, with 5 stitches between them.',
      'Stuffing, then close.',
      '',
      'LEAF',
      'Take the green again. Chain 5. Starting in the second chain: 1 sc, 2 dc, 1 sc.',
    ].join('\n'),
  );
  expect(title).toMatch(/Pim the Pear/);
  expect(parts.map((p) => [p.name, p.rounds.map((r) => r.made)])).toEqual([
    ['', [6, 12]],
    ['LEAF', [4]],
  ]);
  expect(parts[0].pauses.map((p) => p.what)).toEqual(['eyes', 'stuff']);
  expect(parts[1].colours).toEqual(['green']);
});

it('stitches that were left free are counted, and the far side of a chain wherever it is named', () => {
  const made = (...lines: string[]) => read(['Head', ...lines].join('\n')).parts[0].rounds.map((r) => r.made);
  expect(
    made(
      '7ch.',
      'Row 1: 1sc in 2nd ch from hook, 1sc in each of next 4ch, 3sc in last ch, 1sc in each of next 5ch on the other side. [13]',
    ),
  ).toEqual([13]);
  expect(made('1st round: Sc in the 13 skipped sts, sc in the 14 ch. (27)')).toEqual([27]);
});

describe('a chain, its stitches, their count and the end in one line', () => {
  it.each([
    'With red, ch 32. Sl st in 2nd ch from hook and in each ch. (31) Fasten off, sew on.',
    'Ch 32. Sl st in 2nd ch from hook and in each ch (31). Fasten off.',
  ])('%s', (line) => {
    const [part] = read(`Band\n${line}`).parts;
    expect([part.rounds.map((r) => r.made), part.end.how]).toEqual([[31], 'open']);
  });
});

it('how a ring begins in words of its own', () => {
  const made = (...lines: string[]) => read(['Egg', ...lines].join('\n')).parts[0].rounds.map((r) => r.made);
  expect(made('Start with an adjustable loop with 6 sts', '1 row: (inc) x 6 = 12')).toEqual([6, 12]);
  expect(made('Rnd 1) 6 sc, magic ring = 6', 'Rnd 2) 2 sc each st = 12')).toEqual([6, 12]);
});

it('a part that is told in one line of words is marked, a chain that counts for nothing is not', () => {
  const kinds = (line: string) => read(`Hat\nR1: 6 sc in ring\nFO\n\n${line}`).page.at(-1)!.as;
  expect(kinds('Arms: make 2, same as hat to Rd 5, then sc in each for 6 rds. FO.')).toBe('unread');
  expect(kinds('Worked in joined rounds. Ch 1 does not count.')).not.toBe('unread');
});
