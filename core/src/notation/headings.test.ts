import { read } from './index';

const first = (title: string) => read(`${title}\nR1: 6 sc in ring (6)`).parts[0];

describe('how many to make', () => {
  it.each([
    ['Ear (2x)', 2],
    ['Bead (x12)', 12],
    ['Star (192x)', 192],
    ['Star x192', 192],
    ['Star, make 100', 100],
  ])('%s: %d', (title, make) => expect(first(title)).toMatchObject({ make }));
  it('never takes the last digits of a longer number', () => {
    for (const title of ['Star (1192x)', 'Star (make 1192)'])
      expect([192, 92, 119]).not.toContain(first(title).make);
  });
});

describe('a word that is one of the craft is not asked back as itself', () => {
  it.each(['R2: next 6 sc', 'R2: 3 sc, next, 2 sc'])('%s', (line) => {
    const problem = read(`Ear\nR1: 6 sc in ring\n${line}`).parts[0].problems.find(
      (p) => p.code === 'unknown-word',
    );
    expect(problem?.message ?? '').not.toMatch(/“(.+)” is not a word I know\. Did you mean “\1”/);
    expect(problem?.message).toMatch(/stands here without a stitch/);
  });
  it('one that is near another still is', () => {
    const [problem] = read('Ear\nR1: 6 sc in ring\nR2: incc x6').parts[0].problems;
    expect(problem.message).toMatch(/Did you mean “inc”/);
  });
});
