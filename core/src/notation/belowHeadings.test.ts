import { read } from '.';

/** The part with a heading, a line below it, and two rounds. */
function below(line: string) {
  const reading = read(`LEGS\n${line}\nR1: 5 sc in ring\nR2: sc around`);
  const [{ name, make, colour, copyColours, hookMm, rounds }] = reading.parts;
  return { name, make, colour, copies: copyColours, hookMm, rounds: rounds.length, as: reading.page[1].as };
}

describe('what a line below a heading tells of its part', () => {
  it.each([
    ['make 2 • orange • hook 2.5', 2, 'orange'],
    ['Make 2 in brown', 2, 'brown'],
    ['(make 2, brown)', 2, 'brown'],
    ['work two, grey', 2, 'grey'],
    ['2x, orange', 2, 'orange'],
    ['x4 orange', 4, 'orange'],
    ['2 pieces, orange', 2, 'orange'],
    ['Qty 2', 2, null],
    ['quantity: 3', 3, null],
    ['orange, make 2', 2, 'orange'],
    ['In orange, make two:', 2, 'orange'],
    ['make 2 in main colour', 2, null],
    ['Make 4, mirrored', 4, null],
  ])('%s', (line, make, colour) =>
    expect(below(line)).toMatchObject({ name: 'LEGS', make, colour, copies: null, rounds: 2 }),
  );

  it('takes the hook with it', () => expect(below('make 2 • orange • hook 2.5').hookMm).toBe(2.5));

  it.each(['Make two in pink and two in grey', '2 pink, 2 grey', 'make 4: 2 pink, 2 grey'])(
    'the colour of each copy: %s',
    (line) =>
      expect(below(line)).toMatchObject({ make: 4, copies: ['pink', 'pink', 'grey', 'grey'], rounds: 2 }),
  );

  it.each(['Make 2 of each colour', 'Make 2 for the front and 2 for the back'])(
    'what is not understood is marked: %s',
    (line) => expect(below(line)).toMatchObject({ make: 1, as: 'unread', rounds: 2 }),
  );

  it('stitches and rounds are none of it', () => {
    const { parts } = read('LEGS\nR1: 5 sc in ring\nmake 2 rounds of sc\n2 in brown');
    expect(parts[0].make).toBe(1);
  });
});

describe('a list of what is needed', () => {
  it.each([
    ['- crochet hook, 3.25 mm', 3.25],
    ['crochet hook, 3 mm, 8 mm eyes', 3],
    ['3.5 mm hook, 8 mm eyes', 3.5],
    ['hook, 8 mm eyes', null],
    ['3.25mm hook, and a 2.5mm hook for the nose', 3.25],
    ['3.5 mm hook for the body, 3 mm hook for the rest', null],
  ])('%s', (line, mm) => expect(read(`Toy\n\n${line}\n\nBODY\nR1: 6 sc in ring`).hook?.mm ?? null).toBe(mm));
});

it('who made a page is no part of it', () => {
  const page =
    'TUGBOAT\n\nby the harbour circle (free for its members)\n\nHull\nR1: 6 sc in ring\nR2: inc x6 (12)';
  expect(read(page).parts.map((p) => p.name)).toEqual(['Hull']);
});

it('eyes behind a nose in one sentence are put in there too', () => {
  const put = 'Put the nose between R1 and R2, and the eyes between R2 and R3, 8 sts apart.';
  const { parts } = read(`HEAD\nR1: 6 sc in ring\nR2: inc x6 (12)\nR3: sc around\n${put}\nR4: sc around`);
  expect(parts[0].pauses).toEqual([{ round: 3, stitch: null, what: 'eyes' }]);
});

describe('the yarn below a heading', () => {
  it.each([
    ['Orange yarn, 3mm hook', 'orange'],
    ['Green yarn', 'green'],
    ['dark blue cotton', 'dark blue'],
    ['Scrap yarn', null],
    ['Worsted yarn', null],
  ])('%s', (line, colour) =>
    expect(read(['Carrot', line, 'R1: 6 sc in ring (6)'].join('\n')).parts[0].colour).toBe(colour),
  );
});

describe('what is made next', () => {
  const page = (...lines: string[]) => read(['Head', 'R1: 6 sc in ring (6)', ...lines].join('\n'));
  it.each(['Continue with the tentacles.', 'Start with the ears'])('is no colour: %s', (line) =>
    expect(page(line).page[2].facts.filter((f) => f.fact === 'colour')).toEqual([]),
  );
  it.each(['Continue with the white.', 'Continue with the fluff yarn.', 'Continue with biscuit.'])(
    'a yarn is one: %s',
    (line) => expect(page(line).page[2].facts).toMatchObject([{ fact: 'colour' }]),
  );
  it('along a chain it is marked where nothing reads it', () =>
    expect(
      page('', 'TENTACLES', 'In each stitch: ch 50, 2 sc in each ch from the 2nd ch from hook.').page[4].as,
    ).toBe('unread'));
});
