import { attackFiles } from './files.fuzz';
import { fuzz } from './read.fuzz';

test('400 random and mutated texts: read without an exception, marks stay one a line (npm run fuzz tries 400,000, and their speed)', () =>
  expect(fuzz(400, Number.POSITIVE_INFINITY)).toEqual([]));

test('300 damaged toy files of all versions: refused in a sentence, or opened, and then everything can be done with them (npm run fuzz tries 100,000)', () => {
  const { tried, refused, opened, worked, faults } = attackFiles(300, { seed: 20261128, every: 25 });
  expect(faults).toEqual([]);
  expect([tried, refused > 90, opened > 30, worked > 1]).toEqual([300, true, true, true]);
});
