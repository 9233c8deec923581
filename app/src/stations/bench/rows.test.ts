import fc from 'fast-check';
import { layRows } from './rows';

const anyToy = fc.option(
  fc.record({ wide: fc.integer({ min: 5, max: 500 }), tall: fc.integer({ min: 5, max: 500 }) }),
  { nil: null },
);
const anyMat = fc.record({
  width: fc.integer({ min: 320, max: 2000 }),
  height: fc.integer({ min: 180, max: 1400 }),
});

test('toys on the mat stand beside each other, never over each other, within its width, on floors that go down', () =>
  fc.assert(
    fc.property(fc.array(anyToy, { maxLength: 14 }), anyMat, (toys, mat) => {
      const { spots, pxPerMm, height } = layRows(toys, mat);
      expect(spots).toHaveLength(toys.length);
      expect(pxPerMm).toBeGreaterThan(0);
      const boxes = spots.map((s, i) => ({
        left: s.x - s.width / 2,
        right: s.x + s.width / 2,
        top: s.floor - (toys[i]?.tall ?? 90) * pxPerMm,
        // The name stands under the floor.
        bottom: s.floor + 90,
      }));
      boxes.forEach((a, i) => {
        expect(a.left).toBeGreaterThanOrEqual(33.9);
        expect(a.right).toBeLessThanOrEqual(mat.width - 11.9);
        expect(a.top).toBeGreaterThanOrEqual(-0.1);
        expect(a.bottom).toBeLessThanOrEqual(height + 0.1);
        for (const b of boxes.slice(i + 1)) {
          const apart = a.right <= b.left + 0.1 || b.right <= a.left + 0.1 || a.bottom <= b.top + 0.1;
          expect(apart).toBe(true);
        }
      });
    }),
    { numRuns: 500, seed: 4 },
  ));

test('one toy is as large as the mat takes it; twelve on a phone stand two in a row', () => {
  const one = layRows([{ wide: 98, tall: 138 }], { width: 390, height: 600 });
  expect(one.pxPerMm).toBeCloseTo((390 - 46 - 28) / 98, 6);
  const twelve = layRows(
    Array.from({ length: 12 }, () => ({ wide: 98, tall: 138 })),
    { width: 390, height: 600 },
  );
  expect(new Set(twelve.spots.map((s) => s.floor)).size).toBe(6);
  expect(twelve.height).toBeGreaterThan(600);
});
