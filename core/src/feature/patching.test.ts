import { directionsOf, frontAngle, nearestPolar, pointOf } from '../address';
import { buildFabric } from '../fabric';
import { add, distance, dot, formOf, scale, type Vec3 } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { chartAt, type Flat } from './chart';
import { face, IDS } from './stitchCases';
import {
  areaMm2,
  edgeMm,
  isWithin,
  laidPatches,
  newPatch,
  offMiddleMm,
  outlineOf,
  PATCH_SHAPES,
  PATCH_WORKS,
  readOutline,
  resolveEyes,
  resolveStitching,
  scattered,
  withBetween,
  type EyesAt,
  type Patch,
  type PostAt,
} from './index';

const shape = (is: Patch['shape'], more: Partial<Patch> = {}) =>
  outlineOf({ shape: is, widthMm: 20, heightMm: 12, path: null, turnDeg: 0, ...more });
const extent = (outline: readonly Flat[], k: 0 | 1) =>
  Math.max(...outline.map((p) => p[k])) - Math.min(...outline.map((p) => p[k]));

describe('outlines', () => {
  it('are as wide and high as they are said, with their areas by hand', () => {
    for (const is of PATCH_SHAPES.filter((s) => s !== 'own')) {
      const outline = shape(is);
      expect(extent(outline, 0)).toBeCloseTo(20, 0);
      expect(extent(outline, 1)).toBeCloseTo(is === 'circle' ? 20 : 12, 0);
    }
    expect(areaMm2(shape('circle')) / (Math.PI * 100)).toBeCloseTo(1, 2);
    expect(areaMm2(shape('oval')) / (Math.PI * 10 * 6)).toBeCloseTo(1, 2);
    expect(areaMm2(shape('half')) / ((Math.PI * 10 * 12) / 2)).toBeCloseTo(1, 2);
    expect(areaMm2(shape('triangle'))).toBeCloseTo(120, 6);
    expect(areaMm2(shape('strip'))).toBeCloseTo(240, 6);
    expect(edgeMm(shape('strip'))).toBeCloseTo(64, 6);
    expect(edgeMm(shape('triangle'))).toBeCloseTo(20 + 2 * Math.hypot(10, 12), 6);
  });

  it('turn clockwise as one looks, so that up goes to the toy’s left; on the other side they are the mirror image', () => {
    const tip = (outline: readonly Flat[]) =>
      outline.reduce((a, b) => (Math.hypot(...b) > Math.hypot(...a) ? b : a));
    const long = { widthMm: 6, heightMm: 20 };
    const drop = shape('drop', long);
    expect(drop.some(([x, y]) => Math.abs(x) < 1e-9 && Math.abs(y - 10) < 1e-9)).toBe(true);
    const [left, up] = tip(shape('drop', { ...long, turnDeg: 90 }).filter(([x]) => x > 0));
    expect([left, up]).toEqual([expect.closeTo(10, 6), expect.closeTo(0, 6)]);
    const turned = { shape: 'drop' as const, ...long, path: null, turnDeg: 30 };
    expect(outlineOf(turned, true)).toEqual(outlineOf(turned).map(([x, y]) => [-x, y]));
  });

  it('an own outline is scaled to its size, corners stay corners, y goes down; what is no closed line is refused', () => {
    const own = shape('own', { path: 'M0 0 L40 0 L20 90 Z' });
    expect(areaMm2(own)).toBeCloseTo(120, 6);
    expect(isWithin(own, [0, 5.5])).toBe(true);
    expect(isWithin(own, [9, -5])).toBe(false);
    expect(Math.max(...own.map((p) => p[0]))).toBeCloseTo(10, 6);
    for (const bad of [
      '',
      'leaf',
      'M0 0',
      'M0 0 L5 5',
      'M0 0 L5 0 L9 0 Z',
      'L0 0 L5 0 L5 5 Z',
      'M0 0 h5 v5 z M9 9 h3 v3 z',
      'M0 0 L1e999 0 L5 5 Z',
      `M0 0 ${'L1 1'.repeat(2000)}`,
    ])
      expect([bad.slice(0, 30), readOutline(bad)]).toEqual([bad.slice(0, 30), null]);
  });
});

/** A tube unrolls: what lies on it is flat again, by the test's own arithmetic. */
const tube = (hand: 'left' | 'right') => {
  const text = 'R1: 48 sc in ring\nR2-24: sc around';
  const form = formOf(
    buildFabric(
      read(text).parts[0],
      text.split('\n').map((_, i) => `m${i}`),
    ),
    gaugeOf({ hookMm: 3, hand, yarnUnder: false, leanStitches: 0, stitchMm: 5, roundMm: 4.6 }),
    { fill: 'firm' },
  );
  return { form, own: directionsOf(form, 'crown', frontAngle(form, 20)) };
};

describe.each(['right', 'left'] as const)('cloth on the fabric, %s hand', (hand) => {
  it('on a tube it lies unrolled as it was cut, up and to the left as it was drawn', () => {
    const { form, own } = tube(hand);
    const middle = nearestPolar(form, add([0, 0, form.z[12]], scale(own.front, form.r[12])));
    const chart = chartAt(form, own, middle, 20);
    const start = pointOf(form, middle);
    for (let k = 0; k < 60; k++) {
      const flat: Flat = [17 * Math.sin(k * 1.7), 9 * Math.cos(k * 2.3)];
      const p = pointOf(form, chart.lay(flat));
      const angle =
        Math.atan2(dot(p, own.left), dot(p, own.front)) -
        Math.atan2(dot(start, own.left), dot(start, own.front));
      const unrolled: Flat = [Math.hypot(p[0], p[1]) * angle, dot(p, own.up) - dot(start, own.up)];
      expect(Math.hypot(unrolled[0] - flat[0], unrolled[1] - flat[1])).toBeLessThan(0.5);
      const [x, y] = chart.flat(chart.lay(flat));
      expect(Math.hypot(x - flat[0], y - flat[1])).toBeLessThan(0.2);
    }
  });

  it('on a ball every edge lies as far from its middle over the fabric as it was cut, within 2 %', () => {
    const f = face({ hand, lean: -0.25 });
    const { form } = f.head;
    const f2 = newPatch(f.head, f.marks, { ...IDS, name: 'Belly' }, 'belly', f.eyes);
    const state = resolveStitching(f.head, f2, f.marks);
    if (state.state !== 'at') throw new Error(state.why);
    const [piece] = laidPatches(f.head, f2, f.marks, state.runs[0], []);
    piece.flat.forEach((flat, i) => {
      // The test's own way: many small steps along the same direction of the flat piece.
      let mm = 0;
      let before = piece.place.point;
      for (let k = 1; k <= 40; k++) {
        const p = pointOf(form, piece.chart.lay([(flat[0] * k) / 40, (flat[1] * k) / 40]));
        mm += distance(before, p);
        before = p;
      }
      expect(Math.abs(mm / Math.hypot(...flat) - 1)).toBeLessThan(0.02);
      expect(distance(before, pointOf(form, piece.outline[i]))).toBeLessThan(1e-6);
    });
  });

  it('a piece half a stitch out and half a round down of an eye has its hole as far in and up', () => {
    const f = face({ hand });
    const posts = f.marks.eyes!.polar.map((polar, k): PostAt => ({
      is: f.marks.eyes!.sides[k] === 'left' ? 'left eye' : 'right eye',
      polar,
      postMm: 4,
      radiusMm: 4.5,
    }));
    const usual = newPatch(f.head, f.marks, { ...IDS, name: 'Whites' }, 'under the eyes', f.eyes);
    const offset = { ...usual, ends: usual.ends.map((e) => ({ ...e, across: 0.5, down: 0.5 })) };
    const state = resolveStitching(f.head, offset, f.marks);
    if (state.state !== 'at') throw new Error(state.why);
    const [left, right] = state.runs.map((run) => laidPatches(f.head, offset, f.marks, run, posts)[0].holes);
    expect(left).toEqual([{ of: 'left eye', mm: 4, at: [expect.any(Number), expect.any(Number)] }]);
    expect(right.map((h) => h.of)).toEqual(['right eye']);
    // Half of a stitch of 5 mm, half of a round of 4.8 mm; on the other side the other way.
    expect(left[0].at[0]).toBeCloseTo(-2.5, 0);
    expect(left[0].at[1]).toBeGreaterThan(1.5);
    expect(left[0].at[1]).toBeLessThan(3.4);
    expect(right[0].at[0]).toBeGreaterThan(1.5);
    expect(laidPatches(f.head, { ...offset, eyes: 'over' }, f.marks, state.runs[0], posts)[0].holes).toEqual(
      [],
    );
    // Embroidered eyes have no post.
    const soft = posts.map((p) => ({ ...p, postMm: 0 }));
    expect(laidPatches(f.head, offset, f.marks, state.runs[0], soft)[0].holes).toEqual([]);
  });

  it('scatters alike for the same seed, keeps its gap and the eyes free, and tells what does not fit', () => {
    const f = face({ hand, lean: -0.25 });
    const spot = newPatch(f.head, f.marks, { ...IDS, name: 'Spots' }, 'spots', f.eyes);
    for (let seed = 0; seed < 25; seed++) {
      const wanted = { wideMm: spot.widthMm, count: 9, gapMm: 3, withinMm: 28, seed };
      const ends = scattered(f.head, spot, f.marks, wanted);
      expect(scattered(f.head, spot, f.marks, wanted)).toEqual(ends);
      const state = resolveStitching(f.head, { ends, twin: 'none' }, f.marks);
      if (state.state !== 'at') throw new Error(state.why);
      const points: Vec3[] = state.runs[0].places.map((p) => p.point);
      for (let i = 0; i < points.length; i++) {
        for (let j = 0; j < i; j++)
          expect(distance(points[i], points[j])).toBeGreaterThanOrEqual(spot.widthMm + 3);
        for (const eye of f.marks.eyes!.points)
          expect(distance(points[i], eye)).toBeGreaterThanOrEqual(4.5 + spot.widthMm / 2 + 3 - 1e-6);
      }
    }
    // Mirrored, the other side keeps its gap as well; a large eye is kept free to its rim.
    const large = { ...f.eyes, eyeMm: 18 };
    const marks = { eyes: resolveEyes(f.head, large) as EyesAt, nose: null };
    const both = { ...spot, twin: 'mirrored' as const };
    const ends = scattered(f.head, both, marks, { wideMm: 4, count: 6, gapMm: 2, withinMm: 28, seed: 5 });
    const state = resolveStitching(f.head, { ends, twin: 'mirrored' }, marks);
    if (state.state !== 'at') throw new Error(state.why);
    const all = state.runs.flatMap((run) => run.places.map((p) => p.point));
    expect(all).toHaveLength(2 * ends.length);
    all.forEach((p, k) => {
      for (let j = 0; j < k; j++) expect(distance(p, all[j])).toBeGreaterThanOrEqual(6 - 1e-6);
      for (const eye of marks.eyes.points) expect(distance(p, eye)).toBeGreaterThanOrEqual(9 + 2 + 2 - 1e-6);
    });
    expect(
      scattered(f.head, spot, f.marks, { wideMm: 7, count: 60, gapMm: 12, withinMm: 15, seed: 1 }).length,
    ).toBeLessThan(10);
    expect(
      scattered(f.head, spot, f.marks, { wideMm: 7, count: 9, gapMm: 3, withinMm: 28, seed: 1 }),
    ).not.toEqual(scattered(f.head, spot, f.marks, { wideMm: 7, count: 9, gapMm: 3, withinMm: 28, seed: 2 }));
  });
});

it('one stitch more or less with both eyes mirrored: its cost is how far the middle of the pair comes off the face’s, at most half a stitch, and the two share a stitch', () => {
  for (const hand of ['right', 'left'] as const)
    for (let round = 7; round < 14; round++) {
      const f = face({ hand, lean: -0.25, round });
      const [odd, even] = [7, 8].map((n) => offMiddleMm(f.head, withBetween(f.head, f.eyes, n))!);
      // A round of 42 on this head is wound wider than the gauge's 5 mm a stitch, by up to a quarter.
      for (const mm of [odd, even]) expect(mm).toBeLessThan(0.5 * 5 * 1.25);
      expect(odd + even).toBeGreaterThan(0.5 * 5 * 0.9);
      expect(odd + even).toBeLessThan(0.5 * 5 * 1.25);
    }
});

it('over the end of the fabric it hangs over, by as much as it is too large', () => {
  const { form, own } = tube('right');
  const middle = nearestPolar(form, add([0, 0, form.z[form.z.length - 1] - 6], scale(own.front, form.r[12])));
  const chart = chartAt(form, own, middle, 20);
  const out: Flat = [0, form.z[form.z.length - 1] > form.z[0] === dot(own.up, [0, 0, 1]) > 0 ? 1 : -1];
  expect(chart.endsAt(out)).toBeGreaterThan(4);
  expect(chart.endsAt(out)).toBeLessThan(8);
  expect(chart.endsAt([0, -out[1]])).toBeCloseTo(20, 0);
});

it('every usual patch has a place on a head, with eyes and without, and lies on it', () => {
  for (const hand of ['right', 'left'] as const)
    for (const eyed of [true, false]) {
      const f = face({ hand, lean: -0.25 });
      const marks = eyed ? f.marks : { eyes: null, nose: null };
      for (const work of PATCH_WORKS) {
        const p = newPatch(f.head, marks, { ...IDS, name: work }, work, eyed ? f.eyes : null);
        const state = resolveStitching(f.head, p, marks);
        expect([work, state.state]).toEqual([work, 'at']);
        if (state.state !== 'at') continue;
        const pieces = state.runs.flatMap((run) => laidPatches(f.head, p, marks, run, []));
        expect(pieces.every((x) => x.overMm === 0)).toBe(true);
      }
    }
});
