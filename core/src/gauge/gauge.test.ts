import { hookMm, hookName } from '../figures';
import { lengthMm, unitWords } from '../words';
import {
  fromLabel,
  fromTenRounds,
  fromTenStitches,
  fromUnravelled,
  fromWander,
  gaugeOf,
  ranged,
  wanderOf,
  type GaugeSettings,
} from './index';

describe('gauge', () => {
  it('by hand: a 3 mm hook gives 1.45 x 3 = 4.35 mm a stitch and 0.92 of that a round, to 12 percent', () => {
    const gauge = gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false });
    expect(gauge.stitchMm).toBeCloseTo(4.35, 9);
    expect(gauge.roundMm).toBeCloseTo(4.002, 9);
    expect(gauge).toMatchObject({
      leanStitches: -0.25,
      holeStretch: 1.6,
      source: 'assumed',
      rangePercent: 12,
      stitchRangePercent: 12,
      roundRangePercent: 12,
    });
  });
  it('yarn under is 0.94 as wide and leans less', () => {
    const gauge = gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: true });
    expect(gauge.stitchMm).toBeCloseTo(4.089, 9);
    expect(gauge.leanStitches).toBe(-0.1);
  });
  it('is measured only when both lengths are; then it is good to 3 percent', () => {
    expect(gaugeOf({ hookMm: 3, stitchMm: 5, hand: 'right', yarnUnder: false }).source).toBe('assumed');
    expect(gaugeOf({ hookMm: 3, stitchMm: 5, roundMm: 4.5, hand: 'right', yarnUnder: false })).toMatchObject({
      source: 'measured',
      rangePercent: 3,
    });
  });
  it('gives lengths, areas and volumes their range', () => {
    const gauge = { rangePercent: 10, source: 'assumed' } as const;
    expect(ranged(100, gauge)).toMatchObject({ low: expect.closeTo(90, 9), high: expect.closeTo(110, 9) });
    expect(ranged(100, gauge, 3)).toMatchObject({
      low: expect.closeTo(72.9, 9),
      high: expect.closeTo(133.1, 9),
    });
  });
  it.each([
    ['3', 3],
    ['3.5 mm', 3.5],
    ['3,5', 3.5],
    ['E', 3.5],
    ['g', 4],
    ['E-4', 3.5],
    ['#4', 3.5],
    ['no. 10.5', 6.5],
    ['99', null],
    ['', null],
    ['hook', null],
    ['A', null],
    ['M', 9],
    ['N', 10],
    ['P', 11.5],
    ['Q', 15],
  ])('the hook “%s” is %s mm', (said, mm) => expect(hookMm(said)).toBe(mm));
  it('names a hook in the maker’s system, always with its mm', () =>
    expect([
      hookName(3.5, 'mm'),
      hookName(3.5, 'letter'),
      hookName(3.5, 'number'),
      hookName(3, 'letter'),
    ]).toEqual(['3.5 mm', 'E (3.5 mm)', '#4 (3.5 mm)', '3 mm']));
});

describe('calibration, by hand', () => {
  const settings: GaugeSettings = { hookMm: 3, hand: 'right', yarnUnder: false };
  it('ten stitches over 46 mm are 4.6 mm each; a ruler’s millimetre on 46 and 2 percent of hand make 2.96 percent', () => {
    expect(fromTenStitches(settings, 46)).toEqual({
      change: { stitchMm: 4.6, stitchRangePercent: expect.closeTo(Math.hypot(2, 100 / 46), 9) },
    });
    expect(fromTenRounds(settings, 41)).toEqual({
      change: { roundMm: 4.1, roundRangePercent: expect.closeTo(Math.hypot(2, 100 / 41), 9) },
    });
    // The stitch alone narrows what goes across; the round is still a ratio of it, which lies between 0.82 and 0.96.
    const half = gaugeOf({ ...settings, stitchMm: 4.6, stitchRangePercent: 3 });
    expect(half).toMatchObject({
      source: 'assumed',
      stitchSource: 'measured',
      stitchRangePercent: 3,
      roundRangePercent: expect.closeTo(Math.hypot(3, (100 * 0.1) / 0.92), 6),
    });
    expect(half.roundMm).toBeCloseTo(4.232, 9);
  });
  it('is asked again about what cannot be', () => {
    expect(fromTenStitches(settings, 0)).toEqual({ fault: 'not a length' });
    expect(fromTenStitches(settings, 200)).toEqual({ fault: 'far off' });
    expect(fromTenRounds(settings, 4)).toEqual({ fault: 'far off' });
    expect(fromUnravelled(settings, 40)).toEqual({ fault: 'far off' });
  });
  it('the marker: right-handed, to the right is against the working direction; left hands and the wrong side each turn it round', () => {
    const lean = (hand: 'right' | 'left', side: 'left' | 'right', inside: boolean) =>
      (fromWander({ ...settings, hand }, 2.5, side, 10, inside) as { change: GaugeSettings }).change
        .leanStitches;
    expect([
      lean('right', 'right', false),
      lean('right', 'left', false),
      lean('left', 'right', false),
      lean('left', 'left', false),
      lean('right', 'right', true),
      lean('left', 'right', true),
    ]).toEqual([-0.25, 0.25, 0.25, -0.25, 0.25, -0.25]);
    for (const hand of ['right', 'left'] as const)
      for (const inside of [true, false])
        for (const side of ['left', 'right'] as const)
          expect(wanderOf(lean(hand, side, inside)!, hand, inside)).toEqual({ stitches: 2.5, side });
    // Three stitches in twelve rounds of a running marker are a quarter a round too.
    expect(fromWander(settings, 3, 'right', 12)).toEqual({ change: { leanStitches: -0.25 } });
    expect(fromWander(settings, -1, 'right')).toEqual({ fault: 'not a length' });
  });
  it('twenty unravelled stitches of 600 mm give 30 mm each, 6.9 widths of 4.35 mm; a label of 50 g on 125 m 0.4 g a metre', () => {
    const { change } = fromUnravelled(settings, 600) as { change: GaugeSettings };
    expect(change).toEqual({ yarnPerStitchMm: 30 });
    expect(gaugeOf({ ...settings, ...change })).toMatchObject({
      yarnWidths: expect.closeTo(30 / 4.35, 6),
      yarnSource: 'measured',
    });
    expect(fromLabel(50, 125)).toEqual({ change: { gramsPerMetre: 0.4 } });
  });
});

describe('units', () => {
  it.each([
    ['44', 'mm', 44],
    ['4.4 cm', 'mm', 44],
    ['4,4cm', 'mm', 44],
    ['1 3/4 in', 'mm', 44.45],
    ['1.75', 'inch', 44.45],
    ['3/4"', 'mm', 19.05],
    ['44 mm', 'inch', 44],
    ['1 2', 'mm', null],
    ['wide', 'mm', null],
    ['1/0', 'mm', null],
  ] as const)('“%s” in %s is %s mm', (said, units, mm) =>
    mm === null ? expect(lengthMm(said, units)).toBeNull() : expect(lengthMm(said, units)).toBeCloseTo(mm, 6),
  );
  it('prints each in its own units', () => {
    const [metric, imperial] = [unitWords('mm'), unitWords('inch')];
    expect([
      metric.length(63.6),
      metric.fine(4.35),
      metric.end(450),
      metric.weight(12.4),
      metric.yarn(12340),
    ]).toEqual(['64 mm', '4.4 mm', '45 cm', '12 g', '12.3 m']);
    expect([
      imperial.length(63.5),
      imperial.fine(4.35),
      imperial.end(450),
      imperial.weight(12.4),
      imperial.weight(56.7),
      imperial.yarn(9144),
    ]).toEqual(['2.50 in', '0.17 in', '18 in', '0.44 oz', '2.0 oz', '10.0 yd']);
  });
});

it('a yarn that only the language knows by name is a yarn that nobody knows', () => {
  const nobody = gaugeOf({ hookMm: 4, hand: 'right', yarnUnder: false, yarn: 'spun sugar' });
  for (const yarn of ['constructor', 'toString', '__proto__'])
    expect(gaugeOf({ hookMm: 4, hand: 'right', yarnUnder: false, yarn })).toEqual(nobody);
  expect(nobody.rangePercent).toBeGreaterThan(0);
});
