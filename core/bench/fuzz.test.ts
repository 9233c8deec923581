import { fuzz } from './read.fuzz';

test('5,000 random and mutated texts: read without an exception, marks stay one a line (npm run fuzz tries 200,000, and their speed)', () =>
  expect(fuzz(5000, Number.POSITIVE_INFINITY)).toEqual([]));
