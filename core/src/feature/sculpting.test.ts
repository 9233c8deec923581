import { pointOf } from '../address';
import { buildFabric } from '../fabric';
import { distance, dot, formOf, sub, type Vec3 } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { SCULPT } from '../figures';
import { face, IDS } from './stitchCases';
import {
  bareHead,
  headWidthMm,
  newSculpt,
  resolveStitching,
  sculptEstimate,
  sculptWay,
  SCULPT_WORKS,
  upOfFace,
  type PostAt,
  type Sculpt,
} from './index';

const setUp = (hand: 'left' | 'right' = 'right') => {
  const f = face({ hand, lean: -0.25 });
  const posts = f.marks.eyes!.polar.map((polar, k): PostAt => ({
    is: f.marks.eyes!.sides[k] === 'left' ? 'left eye' : 'right eye',
    polar,
    postMm: 4,
    radiusMm: f.eyes.eyeMm / 2,
  }));
  const placesOf = (s: Sculpt) => {
    const state = resolveStitching(f.head, s, f.marks);
    if (state.state !== 'at') throw new Error(state.why);
    return state.runs[0].places;
  };
  const made = (work: Sculpt['work'], more: Partial<Sculpt> = {}): Sculpt => ({
    ...newSculpt(f.head, f.marks, IDS, work, f.eyes.eyeMm),
    ...more,
  });
  const wayOf = (s: Sculpt) => sculptWay(f.head, s, placesOf(s), f.marks, posts);
  return { f, placesOf, made, wayOf };
};
const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0);

describe.each(['right', 'left'] as const)('needle sculpting, %s hand', (hand) => {
  const { f, placesOf, made, wayOf } = setUp(hand);

  it('round the eyes it goes in below one, out below the other, in above that, out above the first, and back to where it began', () => {
    const s = made('eyes');
    const [a, b, c, d] = placesOf(s).map((p) => p.point);
    const way = wayOf(s);
    const [left, right] = (['left', 'right'] as const).map(
      (side) => f.marks.eyes!.points[f.marks.eyes!.sides.indexOf(side)],
    );
    const nearest = (p: Vec3) => (distance(p, left) < distance(p, right) ? 'left' : 'right');
    expect([a, b, c, d].map(nearest)).toEqual(['left', 'right', 'right', 'left']);
    // The ring is up, and z grows from it: below has more.
    expect(a[2]).toBeGreaterThan(left[2]);
    expect(d[2]).toBeLessThan(left[2]);
    expect(way.insideMm).toBeCloseTo(distance(a, b) + distance(c, d), 6);
    expect(way.over).toHaveLength(2);
    // Past the eye it goes round it: further than straight on, at most half round its rim and back.
    const straight = distance(b, c) + distance(d, a);
    expect(way.overMm).toBeGreaterThan(straight);
    expect(way.overMm).toBeLessThan(straight + 2 * Math.PI * f.eyes.eyeMm);
    expect(way.mm).toBeCloseTo(2 * (way.insideMm + way.overMm), 6);
  });

  it('the thread passes an eye on the side that is said', () => {
    const { left } = upOfFace(f.head, f.marks);
    const right = f.marks.eyes!.points[f.marks.eyes!.sides.indexOf('right')];
    // The first way over the fabric is past the toy's right eye; its inner side is to the left.
    const furthest = (loop: Sculpt['loop']) => {
      const [line] = wayOf(made('eyes', { loop })).over;
      return line
        .map((at) => dot(sub(pointOf(f.head.form, at), right), left))
        .reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a));
    };
    expect(furthest('inner')).toBeGreaterThan(0.45 * f.eyes.eyeMm);
    expect(furthest('outer')).toBeLessThan(-0.45 * f.eyes.eyeMm);
  });

  it('a needle is longer than its longest way inside, and than the head is wide where it goes across', () => {
    const eyes = wayOf(made('eyes'));
    // At the wide end of the gauge's range.
    const wide = 1 + f.head.form.gauge.rangePercent / 100;
    expect(eyes.needleMm).toBeCloseTo(wide * headWidthMm(f.head) + SCULPT.needleOverMm.value, 6);
    const tie = made('tie');
    const [a, b, c, d] = placesOf(tie).map((p) => p.point);
    expect(wayOf(tie).needleMm).toBeCloseTo(wide * Math.max(distance(a, b), distance(c, d)) + 25, 6);
    expect(wayOf(tie).needleMm).toBeGreaterThan(60);
  });

  it('an estimate has its range, grows with the passes, and each pass does half as much as the one before', () => {
    const told = (work: Sculpt['work'], passes: number) => {
      const s = made(work, { passes });
      return sculptEstimate(f.head, s, wayOf(s), f.eyes.eyeMm);
    };
    const now = f.marks.eyes!.spacing.straightMm.value;
    const one = told('eyes', 1).apartMm!;
    const [two, three] = [told('eyes', 2).apartMm!, told('eyes', 3).apartMm!];
    expect(one.value).toBeCloseTo(now * 0.93, 6);
    expect([one.low, one.high]).toEqual([expect.closeTo(now * 0.86, 6), expect.closeTo(now * 0.97, 6)]);
    expect((two.value - three.value) / (one.value - two.value)).toBeCloseTo(0.5, 6);
    for (const work of SCULPT_WORKS)
      for (const passes of [1, 2, 5, 12]) {
        const { apartMm, deepMm } = told(work, passes);
        for (const e of [apartMm, deepMm])
          if (e) expect(e.low < e.value && e.value < e.high && e.low > 0).toBe(true);
      }
    expect(told('divot', 1).deepMm.value).toBeCloseTo(0.45 * 5, 6);
  });

  it('a dip is one short stitch, a tie goes from the base to the top and back beside itself', () => {
    const dip = made('divot');
    const way = wayOf(dip);
    expect(placesOf(dip)).toHaveLength(2);
    expect(way.insideMm).toBeLessThan(1.5 * 5);
    const tie = wayOf(made('tie'));
    expect(tie.inside).toHaveLength(2);
    expect(sum(tie.inside.map(([a, b]) => Math.abs(a[2] - b[2])))).toBeGreaterThan(2 * 50);
    expect(tie.eyesMm).toBeNull();
  });
});

it('a part of one round has a tie and a dip as well, and nothing falls over', () => {
  const form = formOf(
    buildFabric(read('R1: 6 sc in ring').parts[0], ['m0']),
    gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false, leanStitches: 0 }),
    { fill: 'firm' },
  );
  const head = bareHead(form);
  const marks = { eyes: null, nose: null };
  for (const work of ['tie', 'divot'] as const) {
    const s = newSculpt(head, marks, IDS, work, 0);
    const state = resolveStitching(head, s, marks);
    if (state.state !== 'at') continue;
    const way = sculptWay(head, s, state.runs[0].places, marks, []);
    expect(Number.isFinite(way.mm) && way.mm >= 0).toBe(true);
  }
});

it('without eyes there is nothing to draw in', () => {
  const f = face();
  const s = newSculpt(f.head, f.marks, IDS, 'eyes', 9);
  expect(resolveStitching(f.head, s, { eyes: null, nose: null })).toEqual({
    state: 'homeless',
    why: 'no eyes',
  });
});
