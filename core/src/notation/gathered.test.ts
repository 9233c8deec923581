import fc from 'fast-check';
import { gatheredWords } from './index';

it('what repeats is gathered, and nothing is lost by it', () =>
  fc.assert(
    fc.property(fc.array(fc.constantFrom('sc', 'inc', 'dec', 'hdc'), { maxLength: 40 }), (words) => {
      const told = gatheredWords(words);
      // Unfolded again by hand.
      const unfold = (s: string): string[] =>
        [...s.matchAll(/\(([^)]*)\) x(\d+)|([^,()]+)/g)].flatMap((m) => {
          if (m[1] !== undefined) return Array(Number(m[2])).fill(unfold(m[1])).flat() as string[];
          const words_ = m[3].trim();
          if (words_ === '') return [];
          const many = /^(\d+) (\w+)$/.exec(words_) ?? null;
          const times = /^(\w+) x(\d+)$/.exec(words_);
          if (many) return Array<string>(Number(many[1])).fill(many[2]);
          if (times) return Array<string>(Number(times[2])).fill(times[1]);
          return [words_];
        });
      expect(unfold(told)).toEqual(words);
    }),
    { numRuns: 300, seed: 4 },
  ));

it('a gap is counted, and a yarn stands before what is made with it', () => {
  const words = ['with red:', 'sc', 'with white:', 'sc', 'sc'];
  expect(gatheredWords([...words, ...words])).toBe('(with red: sc, with white: 2 sc) x2');
  expect(gatheredWords(['sc', 'skip 1', 'skip 1', 'inc BLO', 'inc BLO'])).toBe('sc, skip 2, inc x2 BLO');
});
