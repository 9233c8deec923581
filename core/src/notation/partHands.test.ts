import { read } from './index';

const factsOf = (line: string) =>
  read(`Head\nR1: 6 sc in ring\n${line}`).page.find((l) => l.line === 3)!.facts;

describe('how a part ends and what it is made with', () => {
  it.each([
    ['R3: 6 dec (6), close.', 'gathered'],
    ['R3: 6 dec (6)\nDraw up and finish off.', 'gathered'],
    ['R3: 6 dec (6)\nFasten off, run the end through the tops of the stitches and pull up.', 'gathered'],
    ['R3: 6 dec (6)\nSlip stitch, leave an end.', 'open'],
    ['fold flat, close with 6 sc. do not stuff', 'folded'],
  ])('%s: %s', (line, how) => {
    const [part] = read(`R1: 6 sc in ring\nR2: inc x6\n${line}`).parts;
    expect(part.end.how).toBe(how);
    expect(part.rounds.at(-1)!.made).toBe(6);
  });

  it('the stuffing that stands behind a count is put in there', () =>
    expect(factsOf('R2: 6 sc (6) — stuff here')).toContainEqual(expect.objectContaining({ fact: 'stuff' })));

  it.each([
    ['3.5 mm, dk, cream & charcoal, 8mm eyes', 3.5, [8]],
    ['dk, cream, 8 mm eyes', null, [8]],
    // the millimetres of something else are no hook
    ['Yarn: dk cream. Felt, 2 mm thick', null, []],
  ])('%s: a hook of %p mm, eyes of %p mm', (line, hook, eyes) => {
    const { materials } = read(`A toy\n\n${line}\n\nHead\nR1: 6 sc in ring (6)`);
    expect([materials.hook?.mm ?? null, materials.eyesMm]).toEqual([hook, eyes]);
  });

  it.each([
    ['EARS - 2 parts grey + 2 parts rose', 4, ['grey', 'grey', 'rose', 'rose']],
    ['Ears (2 pieces rust and 1 piece cream)', 3, ['rust', 'rust', 'cream']],
  ])('%s', (heading, make, copies) => {
    const [part] = read(`${heading}\nR1: 6 sc in ring (6)`).parts;
    expect([part.make, part.copyColours]).toEqual([make, copies]);
  });

  it.each([
    ['Stitch guide. sc=X, inc=V, dec=A', [6, 12, 6]],
    ['Stitch guide: X = sc, V = inc, A = dec', [6, 12, 6]],
  ])('signs that are explained either way round: %s', (legend, made) => {
    const page = `A toy\n\n${legend}\n\nHead\nR1: 6X in MR\nR2: 6V (12)\nR3: 6A (6), close.`;
    expect(read(page).parts[0].rounds.map((r) => r.made)).toEqual(made);
  });

  it.each([
    ['Ears: 2x, yarn A: R1: 5 sc in MR, R2: inc x5 (10), R3: 10 sc', [5, 10, 10]],
    ['Cap: R1: 6 sc in MR R2: inc x6 (12) R3: 12 sc BLO\nR4: 12 sc', [6, 12, 12, 12]],
    ['Tail. Chain twenty-one, slip stitch back along the chain; twenty. Finish off.', [20]],
    ['Leaf: ch 8, start in 2nd ch: sc, hdc, 5 dc. Turn the work, other side of the chain: 6 sc', [13]],
    ['Stalk: ch 6, back along: 5 sl st', [5]],
  ])('a part in a line: %s', (line, made) => {
    const page = read(`A toy\n\nHead\nR1: 6 sc in ring (6)\nClose.\n\n${line}`);
    expect(page.parts[1].rounds.map((r) => r.made)).toEqual(made);
    expect(page.parts[1].problems.filter((p) => p.severity === 'error')).toEqual([]);
  });

  it('petals behind a ring in one line are said not to be read', () => {
    const { parts } = read(
      'A toy\n\nFEET x2: in mr 4 sc. *ch 3, 2 hdc in 2nd ch, sl st in ring* 3 times. FO.',
    );
    expect(parts[0].rounds.map((r) => r.made)).toEqual([4]);
    expect(parts[0].problems.some((p) => p.message.includes('not read'))).toBe(true);
  });
});
