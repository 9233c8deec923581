import { attackFiles } from './files.fuzz';
import { fuzz } from './read.fuzz';

test('800 random and mutated texts: read without an exception, marks stay one a line (npm run fuzz tries 400,000, and their speed)', () =>
  expect(fuzz(800, Number.POSITIVE_INFINITY)).toEqual([]));

test('600 damaged toy files of all versions: refused in a sentence, or opened, and then everything can be done with them (npm run fuzz tries 100,000)', () => {
  const { tried, refused, opened, worked, faults } = attackFiles(600, { seed: 20261128, every: 25 });
  expect(faults).toEqual([]);
  expect([tried, refused > 180, opened > 60, worked > 2]).toEqual([600, true, true, true]);
});
