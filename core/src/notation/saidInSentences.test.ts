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
