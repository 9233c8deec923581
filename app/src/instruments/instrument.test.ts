import fc from 'fast-check';
import { timesOf } from './instrument';

test('readings that come in one piece are one after the other, the newest now; in pieces of one each is when it came', () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 0, max: 300 })), { minLength: 1 }),
      (pieces) => {
        let [last, now] = [0, 0];
        const all: number[] = [];
        for (const [count, ms] of pieces) {
          now += ms / 1000;
          const times = timesOf(count, last, now);
          expect(times).toHaveLength(count);
          if (now - last > 0.001 * count) expect(times.at(-1)).toBeCloseTo(now, 9);
          all.push(...times);
          last = times.at(-1)!;
        }
        expect(all.every((t, i) => i === 0 || t > all[i - 1])).toBe(true);
      },
    ),
    { numRuns: 300, seed: 6 },
  ));
