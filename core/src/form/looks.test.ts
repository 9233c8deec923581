import { buildFabric } from '../fabric';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { formOf, looksOf, STITCH, type FormOptions, type Looks } from './index';

const looks = (
  text: string,
  {
    hand = 'right' as 'right' | 'left',
    at = 'relaxed' as 'once' | 'relaxed',
    ...options
  }: { hand?: 'right' | 'left'; at?: 'once' | 'relaxed' } & Partial<FormOptions> = {},
): Looks => {
  const fabric = buildFabric(
    read(text, { terms: 'us' }).parts[0],
    text.split('\n').map((_, i) => `m${i}`),
  );
  return looksOf(
    formOf(
      fabric,
      gaugeOf({ hookMm: 3, stitchMm: 5, roundMm: 4.5, leanStitches: -0.25, hand, yarnUnder: false }),
      { fill: 'medium', ...options },
    ),
    'medium',
    at,
  );
};
const BALL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4-6: sc around\nR7: (sc, dec) x6\nR8: dec x6\nclose';
const legsOf = (l: Looks, round: number) =>
  Array.from(l.legOf).filter((s) => l.stitches[STITCH * s + 1] === round).length;

describe('looks', () => {
  it('every stitch of a closed ball has two legs, round by round; every matrix is proper and as tall as a stitch', () => {
    const ball = looks(BALL);
    const counts = [6, 12, 18, 18, 18, 18, 12, 6];
    expect(ball.middles.length / 3).toBe(108);
    expect(counts.map((_, i) => legsOf(ball, i))).toEqual(counts.map((n) => 2 * n));
    expect(Array.from(ball.legsTo)).toEqual(
      counts.reduce((sums, n) => [...sums, sums[sums.length - 1] + 2 * n], [0]),
    );
    for (let k = 0; k < ball.legs.length; k += 16) {
      const [a, b, c] = [0, 4, 8].map((j) => Array.from(ball.legs.subarray(k + j, k + j + 3)));
      const volume =
        a[0] * (b[1] * c[2] - b[2] * c[1]) -
        a[1] * (b[0] * c[2] - b[2] * c[0]) +
        a[2] * (b[0] * c[1] - b[1] * c[0]);
      expect(volume).toBeGreaterThan(0);
      expect(Math.hypot(...a)).toBeLessThan(2.5 * 5);
    }
  });

  it('left-handed work is the mirror image, and so is work turned inside out', () => {
    for (const mirrored of [looks(BALL, { hand: 'left' }), looks(BALL, { wrongSideOut: true })]) {
      const plain = looks(BALL);
      plain.middles.forEach((v, k) =>
        expect(Math.abs(mirrored.middles[k] - (k % 3 === 1 ? -v : v))).toBeLessThan(1e-4),
      );
      // The way out is still out.
      const along = (l: Looks, s: number) =>
        l.points[3 * s] * l.normals[3 * s] + l.points[3 * s + 1] * l.normals[3 * s + 1];
      for (let s = 36; s < 72; s++) expect(along(mirrored, s)).toBeGreaterThan(0);
    }
  });

  it('free loops stand as a rim: a ridge of one round, both loops of an open edge, none where all is taken', () => {
    const open = looks('R1: 6 sc in ring\nR2: inc x6\nR3: BLO: 12 sc\nR4: 12 sc', { at: 'once' });
    expect([0, 1, 2, 3].map((round) => legsOf(open, round))).toEqual([12, 24 + 12, 24, 24 + 24]);
  });

  it('taller stitches show their wraps, brothers of an increase share a foot, a decrease stands on two', () => {
    const tall = looks('R1: 8 sc in ring\nR2: 8 dc\nR3: 8 sc\nR4: dec x4\nclose', { at: 'once' });
    expect([1, 2].map((round) => legsOf(tall, round))).toEqual([8 * 3, 8 * 2]);
    const grown = looks('R1: 6 sc in ring\nR2: inc x6\nR3: 12 sc', { at: 'once' });
    expect(Array.from(grown.feet.subarray(18, 21))).toEqual(Array.from(grown.feet.subarray(21, 24)));
    expect(Array.from(grown.feet.subarray(18, 21))).not.toEqual(Array.from(grown.feet.subarray(24, 27)));
  });

  it('layers, rows, cords, flattened and folded parts have finite looks as their models lie, and keep their place', () => {
    const frill = looks(
      'R1: 6 sc in ring\nR2: inc x6\nR3: FLO: sc around\nR4-5: sc around\nin the free back loops of R2: (sc, 3 dc in next) x6 (24)',
    );
    expect(frill.stitches.length / STITCH).toBe(6 + 12 * 4 + 24);
    expect(frill.stitches[STITCH * 60]).toBe(1);
    for (const made of [
      frill,
      looks('ch 7, sc in 2nd ch from hook and each ch (6), turn\nR2: ch 1, 6 sc, turn\nR3: ch 1, 6 sc'),
      looks('ch 30'),
      looks(BALL, { shaping: { how: 'flattened' } }),
      looks('R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6', { shaping: { how: 'folded' } }),
    ]) {
      expect(
        made.legs.every(Number.isFinite) &&
          made.points.every(Number.isFinite) &&
          made.normals.every(Number.isFinite),
      ).toBe(true);
      expect(made.legs.length).toBeGreaterThan(0);
    }
  });
});
