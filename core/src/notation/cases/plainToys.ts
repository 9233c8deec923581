import fc from 'fast-check';
import type { PlainPart, PlainRound } from './hands';

/** A ball, egg or cup: grows, goes on, and shrinks or stays open. */
const part = (name: string): fc.Arbitrary<PlainPart> =>
  fc
    .record({
      start: fc.integer({ min: 5, max: 8 }),
      grown: fc.integer({ min: 1, max: 4 }),
      even: fc.integer({ min: 1, max: 6 }),
      shrunk: fc.integer({ min: 1, max: 4 }),
      closed: fc.boolean(),
      make: fc.integer({ min: 1, max: 3 }),
      tailCm: fc.constantFrom(15, 20, 25, 30, 40),
    })
    .map(({ start, grown, even, shrunk, closed, make, tailCm }) => {
      const rounds: PlainRound[] = [];
      let per = 1;
      for (; per <= grown; per++)
        rounds.push({ plain: per - 1, shape: 'inc', times: start, makes: start * (per + 1) });
      for (let i = 0; i < even; i++) rounds.push({ plain: null, shape: null, times: 0, makes: start * per });
      const down = closed ? per - 1 : Math.min(shrunk, per - 2);
      for (let i = 0; i < down; i++, per--)
        rounds.push({ plain: per - 2, shape: 'dec', times: start, makes: start * (per - 1) });
      return { name, make, start, rounds, closed, tailCm };
    });

/** Two parts and a name. */
export const plainToy = fc.record({
  head: part('Head'),
  fin: part('Fin'),
  name: fc.constantFrom('Sprat', 'Whelk', 'Plover'),
});
