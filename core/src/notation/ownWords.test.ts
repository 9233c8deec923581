import { modelToy } from '../model';
import { addParts, newToy } from '../toy';
import { read } from './index';

/** The parts of a page: counts of their rounds, and the codes of their errors. */
const told = (...lines: string[]) =>
  read(lines.join('\n')).parts.map((p) => ({
    made: p.rounds.map((r) => r.made),
    errors: p.problems.filter((x) => x.severity === 'error').map((x) => x.code),
  }));

describe('a page that numbers its rounds by a word of its own', () => {
  const page = (word: string) => [
    'A toy',
    '',
    'mee = increase, min = 2 stitches together',
    '',
    'Head:',
    `${word}1: 6 sc in a ring`,
    `${word}2: 6x mee (12)`,
    `${word}3 t/m 5: 12 sc`,
    `${word}6: 6x min (6)`,
    'close',
  ];
  it.each(['tr', 'tour', 'rg', 'omg '])('%s', (word) =>
    expect(told(...page(word))).toEqual([{ made: [6, 12, 12, 12, 12, 6], errors: [] }]),
  );

  it('is read the same in the parts that it becomes', () => {
    const text = page('tr').join('\n');
    let n = 0;
    const toy = addParts(
      newToy('T', () => `id${++n}`),
      text,
      () => `id${++n}`,
    );
    const { reading } = modelToy(toy).parts[0];
    expect(reading.rounds.map((r) => r.made)).toEqual([6, 12, 12, 12, 12, 6]);
    expect(toy.parts[0].text).toContain('R6: 6x dec (6)');
  });

  it('steps, legs and pages that are counted are no rounds', () => {
    const labelOf = (...words: string[]) =>
      read(`${words.map((w, i) => `${w} ${i + 1}: 6 sc in ring (6)`).join('\n')}\n\nR1: 6 sc in ring (6)`)
        .label;
    expect(labelOf('Leg', 'Leg', 'Leg')).toBeNull();
    expect(labelOf('Horn', 'Horn', 'Horn')).toBeNull();
    expect(
      read('Note 1: eyes first\nNote 2: see photo\nNote 3: stuff it\n\nR1: 6 sc in ring').label,
    ).toBeNull();
  });

  it.each(['foo one: 6 sc in a ring', 'and then 6x sc, inc (18)'])(
    'work before the first part that nobody can place is marked: %s',
    (line) => {
      const { page: lines } = read(`A toy\n\nsome words\n${line}\n\nEar\nR1: 6 sc in ring (6)`);
      expect(lines.find((l) => l.line === 4)!.as).not.toBe('remark');
    },
  );
});

describe('the same in British terms', () => {
  it.each([
    ['Round three: double every second stitch. 18 stitches.', 18],
    ['every 2nd + 3rd st together = 8', 8],
    ['Round three: just go round. 12 stitches.', 12],
  ])('%s', (line, made) => {
    const [part] = told('R1: 6 dc in ring', 'R2: 2 dc in each dc (12)', line);
    expect(part).toEqual({ made: [6, 12, made], errors: [] });
  });
});
