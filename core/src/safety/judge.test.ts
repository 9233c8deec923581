import { judge, type Curve, type PullRule } from './judge';
import { readingIn } from './readings';

const RULE: PullRule = { target: 90, riseS: 5, holdS: 10, dipPercent: 5, source: 'test' };

/** A run drawn by hand: corners of time and load, read twenty times a second, with a noise that repeats. */
function run(corners: readonly (readonly [number, number])[], noise = 0.4): Curve {
  const end = corners[corners.length - 1][0];
  return Array.from({ length: Math.round(end * 20) + 1 }, (_, i) => {
    const t = i / 20;
    const k = Math.max(
      1,
      corners.findIndex(([at]) => at >= t),
    );
    const [[t0, n0], [t1, n1]] = [corners[k - 1], corners[k]];
    const load = t1 === t0 ? n1 : n0 + ((n1 - n0) * (t - t0)) / (t1 - t0);
    return [t, load + noise * Math.sin(i * 2.399)] as const;
  });
}
const REST = [
  [0, 0],
  [0.5, 0],
] as const;
const good = run([...REST, [5.5, 92], [16, 92], [17, 0], [17.5, 0]]);

describe('sixteen curves, judged by hand', () => {
  it.each<[string, Curve, string, string, boolean?]>([
    ['raised over 5 s, held 10.5 s, let down', good, 'held', 'held'],
    [
      'the same with the noise of a cheap gauge',
      run([...REST, [5.5, 93], [16.2, 93], [17, 0], [17.5, 0]], 1.5),
      'held',
      'held',
    ],
    [
      'noise right at the limit: within five percent of it',
      run([...REST, [5.5, 90.5], [16.5, 90.5], [17.5, 0], [18, 0]], 2),
      'held',
      'held',
    ],
    [
      'a single spike above the limit is no load',
      run([...REST, [5.5, 70], [16, 70], [17, 0], [17.5, 0]]).map(
        ([t, n], i) => [t, i === 200 ? 120 : n] as const,
      ),
      'not judged',
      'not reached',
    ],
    [
      'raised in two seconds',
      run([...REST, [2.5, 92], [13.5, 92], [14.5, 0], [15, 0]]),
      'not judged',
      'too fast',
    ],
    ['lets go at 62 N while it rises', run([...REST, [3.9, 62], [3.95, 2], [6, 0]]), 'let go', 'let go'],
    [
      'lets go at 62 N, raised too fast as well',
      run([...REST, [1.5, 62], [1.55, 1], [4, 0]]),
      'let go',
      'let go',
    ],
    [
      'lets go after six seconds of holding',
      run([...REST, [5.5, 92], [11.5, 92], [11.55, 3], [14, 0]]),
      'let go',
      'let go',
    ],
    [
      'the hand lets down after six seconds',
      run([...REST, [5.5, 92], [11.5, 92], [13, 0], [13.5, 0]]),
      'not judged',
      'released early',
    ],
    [
      'a slow dip to 70 N and up again',
      run([...REST, [5.5, 92], [9, 92], [10, 70], [11, 92], [18, 92], [19, 0], [19.5, 0]]),
      'not judged',
      'dip',
    ],
    [
      'a stitch slips: at once 92 to 72, and up again',
      run([...REST, [5.5, 92], [9, 92], [9.05, 72], [10.5, 92], [18, 92], [19, 0], [19.5, 0]]),
      'not judged',
      'slip',
    ],
    [
      'two pulls of five seconds each',
      run([...REST, [5.5, 92], [10, 92], [11, 0], [12, 0], [17, 92], [22, 92], [23, 0], [23.5, 0]]),
      'not judged',
      'two pulls',
    ],
    ['a cut-out of a second while it is held', good.filter(([t]) => t < 8 || t > 9), 'not judged', 'cut out'],
    ['a connection that broke', good.filter(([t]) => t < 9), 'not judged', 'cut out', true],
    [
      'a gauge left in kilograms: 9.2 held for ten seconds',
      run([...REST, [5.5, 9.2], [16, 9.2], [17, 0], [17.5, 0]], 0.04),
      'not judged',
      'wrong unit',
    ],
    [
      'a gauge that was not tared: 8 N with nothing on it',
      run([
        [0, 8],
        [0.5, 8],
        [5.5, 95],
        [16, 95],
        [17, 8],
        [17.5, 8],
      ]),
      'not judged',
      'not at rest',
    ],
    [
      'a drift: back at 9 N with nothing on it',
      run([...REST, [5.5, 92], [16, 94], [17, 9], [18, 9]]),
      'not judged',
      'drift',
    ],
    ['nothing but rest', run([...REST, [10, 0]]), 'not judged', 'not reached'],
    ['three readings', good.slice(0, 3), 'not judged', 'no readings'],
    [
      'time that runs back',
      good.map(([t, n], i) => [i === 50 ? t - 1 : t, n] as const),
      'not judged',
      'bad reading',
    ],
  ])('%s', (_, curve, verdict, why, ...broken) => {
    expect(judge(curve, RULE, broken[0] === true)).toMatchObject({ verdict, why });
  });

  it('peak and time are those of the run', () => {
    const { peak, heldS, riseS } = judge(good, RULE);
    expect(peak).toBeCloseTo(92.2, 0);
    expect(heldS).toBeGreaterThan(10.4);
    expect(heldS).toBeLessThan(11);
    expect(riseS).toBeGreaterThan(4.5);
  });

  it('what lets go on a steep rise has the load at which it went, and a spike is none', () => {
    const steep = run([...REST, [1.2, 62], [1.24, 2], [3, 0]]);
    expect(judge(steep, RULE).peak).toBeGreaterThan(60);
    expect(judge(steep, RULE).peak).toBeLessThan(64);
    const spiked = good.map(([t, n], i) => [t, i === 150 ? 200 : n] as const);
    expect(judge(spiked, RULE).peak).toBeLessThan(95);
  });

  it('a torque in newton metres is judged alike', () => {
    const torque = { ...RULE, target: 0.34 };
    const turn = run([...REST, [5.5, 0.35], [16, 0.35], [17, 0], [17.5, 0]], 0.002);
    expect(judge(turn, torque).verdict).toBe('held');
    expect(judge(run([...REST, [3, 0.2], [3.05, 0.01], [5, 0]], 0.002), torque).verdict).toBe('let go');
  });
});

describe('a line of a gauge’s cable', () => {
  it.each<[string, number | null]>([
    ['12.3 N', 12.3],
    ['+0012.3,N', 12.3],
    ['-0.4 N', -0.4],
    ['  7,5 ', 7.5],
    ['1.25 kgf', 12.2583],
    ['2 lbf', 8.8964],
    ['0.34 N·m', 0.34],
    ['34 N.cm', 0.34],
    ['0.09 kN', 90],
    ['', null],
    ['OK', null],
    ['12.3 apples', null],
    ['12.3 N 4', null],
    ['NaN', null],
  ])('%s', (line, wanted) => {
    const found = readingIn(line);
    if (wanted === null) expect(found).toBeNull();
    else expect(found).toBeCloseTo(wanted, 3);
  });
});
