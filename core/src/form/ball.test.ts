import { gaugeOf, type GaugeSettings } from '../gauge';
import { evenFabric } from './cases/evenFabric';
import { formOf, fromPart, giveSpread, sizeOf, type Firmness } from './index';

/** The craft's own recipe for a ball: k rounds of increases, k even, k - 1 of decreases. */
function ball(k: number) {
  const up = Array.from({ length: k }, (_, i) => 6 * (i + 1));
  return evenFabric([...up, ...Array.from({ length: k }, () => 6 * k), ...up.slice(0, k - 1).reverse()], {
    closed: true,
  });
}
const SWATCH: GaugeSettings = {
  hookMm: 3,
  stitchMm: 5,
  roundMm: 4.6,
  leanStitches: 0,
  hand: 'right',
  yarnUnder: false,
};
const aspect = (k: number, postGive: number, fill: Firmness): number => {
  const { heightMm, widthMm } = formOf(ball(k), gaugeOf({ ...SWATCH, postGive }), { fill });
  return heightMm / widthMm;
};

/** Height over width of k = 4, 6, 9 at h = 0.92 w. Source: the house's geometry, section 2, "Posts". */
const TABLE: [postGive: number, fill: Firmness, aspects: readonly [number, number, number]][] = [
  [1, 'firm', [0.75, 0.77, 0.78]],
  [1, 'medium', [0.71, 0.73, 0.75]],
  [0.45, 'firm', [0.88, 0.9, 0.91]],
  [0.45, 'medium', [0.8, 0.82, 0.83]],
  [0.45, 'soft', [0.71, 0.72, 0.74]],
  [0.3, 'firm', [0.98, 0.99, 1.0]],
  [0.3, 'medium', [0.86, 0.88, 0.89]],
];

describe('the craft’s ball', () => {
  const printed: string[] = [];
  afterAll(
    () =>
      void process.stdout.write(
        `the craft’s ball, height over width for k = 4, 6, 9\n${printed.join('\n')}\n`,
      ),
  );

  it.each(TABLE)('posts of %s, %s: within a hundredth of the table', (postGive, fill, wanted) => {
    const got = [4, 6, 9].map((k) => aspect(k, postGive, fill));
    printed.push(
      `  posts ${postGive.toFixed(2)} ${fill.padEnd(7)} ${got.map((g) => g.toFixed(3)).join(' ')}  table ${wanted.map((w) => w.toFixed(2)).join(' ')}`,
    );
    got.forEach((g, i) => expect(Math.abs(g - wanted[i])).toBeLessThanOrEqual(0.0101));
  });

  it('by default is a ball when it is filled firmly, 0.9 to 1.0, and an empty one keeps its swatch', () => {
    for (const k of [4, 6, 9]) {
      const given = formOf(ball(k), gaugeOf({ ...SWATCH }), { fill: 'firm' });
      expect(given.heightMm / given.widthMm).toBeGreaterThanOrEqual(0.895);
      expect(given.heightMm / given.widthMm).toBeLessThanOrEqual(1);
      expect(aspect(k, 0.4, 'empty')).toBe(aspect(k, 1, 'empty'));
      printed.push(
        `  default    k ${k}: ${(['empty', 'soft', 'medium', 'firm'] as const).map((f) => `${f} ${aspect(k, 0.4, f).toFixed(2)}`).join(', ')}`,
      );
    }
  });

  it('says how far the height may be off: what lies between the ends of the figure’s range is inside', () => {
    const form = formOf(ball(6), gaugeOf({ ...SWATCH }), { fill: 'firm' });
    const { height } = sizeOf(form);
    for (const postGive of [0.25, 0.4, 0.7]) {
      const h = formOf(ball(6), gaugeOf({ ...SWATCH, postGive }), { fill: 'firm' }).heightMm;
      expect(h).toBeGreaterThanOrEqual(height.low);
      expect(h).toBeLessThanOrEqual(height.high);
    }
    expect(giveSpread(formOf(ball(6), gaugeOf({ ...SWATCH }), { fill: 'empty' }))).toEqual({
      height: { low: 1, high: 1 },
      volume: { low: 1, high: 1 },
    });
  });
});

describe('a finished part’s width and height', () => {
  const bare: GaugeSettings = { hookMm: 3, hand: 'right', yarnUnder: false };
  it.each<[Firmness, number, number]>([
    ['firm', 5.2, 0.3],
    ['firm', 4, 0.65],
    ['medium', 4.8, 0.35],
    ['soft', 4.1, 0.55],
  ])(
    '%s, %s mm a stitch, posts of %s: both come back from the two lengths together',
    (fill, stitchMm, postGive) => {
      const form = formOf(ball(6), gaugeOf({ ...bare, stitchMm, postGive }), { fill });
      const found = fromPart(
        bare,
        ball(6),
        { fill },
        { what: 'width', mm: form.widthMm },
        { what: 'height', mm: form.heightMm },
      );
      expect(found.fault).toBeUndefined();
      if (found.fault !== undefined) return;
      expect(found.change.stitchMm).toBeCloseTo(stitchMm, 3);
      expect(found.change.postGive).toBeCloseTo(postGive, 3);
      const again = formOf(ball(6), gaugeOf({ ...bare, ...found.change }), { fill });
      expect([again.widthMm, again.heightMm]).toEqual([
        expect.closeTo(form.widthMm, 2),
        expect.closeTo(form.heightMm, 2),
      ]);
    },
  );

  it('of an empty part give stitch and round; a height that no posts explain is the round’s', () => {
    const empty = formOf(ball(6), gaugeOf({ ...bare, stitchMm: 4.5, roundMm: 4 }), { fill: 'empty' });
    expect(
      fromPart(
        bare,
        ball(6),
        { fill: 'empty' },
        { what: 'width', mm: empty.widthMm },
        { what: 'height', mm: empty.heightMm },
      ),
    ).toMatchObject({
      change: { stitchMm: expect.closeTo(4.5, 3), roundMm: expect.closeTo(4, 3) },
    });
    const tall = formOf(ball(6), gaugeOf({ ...bare, stitchMm: 4.35, roundMm: 5.6 }), { fill: 'firm' });
    const found = fromPart(
      { ...bare, stitchMm: 4.35 },
      ball(6),
      { fill: 'firm' },
      { what: 'height', mm: tall.heightMm },
    );
    expect(found).toMatchObject({ change: { roundMm: expect.closeTo(5.6, 2) } });
  });

  it('lengths that are none, and lengths that cannot be, change nothing', () => {
    for (const mm of [0, -3, NaN])
      expect(
        fromPart(bare, ball(4), { fill: 'firm' }, { what: 'width', mm }, { what: 'height', mm: 40 }),
      ).toEqual({ fault: 'not a length' });
    expect(
      fromPart(bare, ball(4), { fill: 'firm' }, { what: 'width', mm: 400 }, { what: 'height', mm: 40 }),
    ).toEqual({ fault: 'far off' });
  });
});
