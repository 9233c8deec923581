import { attackFiles } from './files.fuzz';
import { fuzz } from './read.fuzz';

test('1,500 random and mutated texts: read without an exception, marks stay one a line (npm run fuzz tries 200,000, and their speed)', () =>
  expect(fuzz(1500, Number.POSITIVE_INFINITY)).toEqual([]));

test('1,000 damaged toy files of all versions: refused in a sentence, or opened, and then everything can be done with them (npm run fuzz tries 100,000)', () => {
  const { tried, refused, opened, worked, faults } = attackFiles(1000, { seed: 20261128, every: 25 });
  expect(faults).toEqual([]);
  expect([tried, refused > 300, opened > 100, worked > 4]).toEqual([1000, true, true, true]);
});
