import { hookMm } from '../figures';
import { gaugeOf, ranged } from './index';

describe('gauge', () => {
  it('by hand: a 3 mm hook gives 1.45 x 3 = 4.35 mm a stitch and 0.92 of that a round, to 12 percent', () => {
    const gauge = gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false });
    expect(gauge.stitchMm).toBeCloseTo(4.35, 9);
    expect(gauge.roundMm).toBeCloseTo(4.002, 9);
    expect(gauge).toMatchObject({ leanStitches: -0.25, holeStretch: 1.6, source: 'assumed', rangePercent: 12, stitchRangePercent: 12, roundRangePercent: 12 });
  });
  it('yarn under is 0.94 as wide and leans less', () => {
    const gauge = gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: true });
    expect(gauge.stitchMm).toBeCloseTo(4.089, 9);
    expect(gauge.leanStitches).toBe(-0.1);
  });
  it('is measured only when both lengths are; then it is good to 3 percent', () => {
    expect(gaugeOf({ hookMm: 3, stitchMm: 5, hand: 'right', yarnUnder: false }).source).toBe('assumed');
    expect(gaugeOf({ hookMm: 3, stitchMm: 5, roundMm: 4.5, hand: 'right', yarnUnder: false })).toMatchObject({ source: 'measured', rangePercent: 3 });
  });
  it('gives lengths, areas and volumes their range', () => {
    const gauge = { rangePercent: 10, source: 'assumed' } as const;
    expect(ranged(100, gauge)).toMatchObject({ low: expect.closeTo(90, 9), high: expect.closeTo(110, 9) });
    expect(ranged(100, gauge, 3)).toMatchObject({ low: expect.closeTo(72.9, 9), high: expect.closeTo(133.1, 9) });
  });
  it.each([['3', 3], ['3.5 mm', 3.5], ['E', 3.5], ['g', 4], ['99', null], ['hook', null]])('the hook “%s” is %s mm', (said, mm) => expect(hookMm(said)).toBe(mm));
});
