import { directionsOf, frontAngle, lies, pointOf } from '../address';
import { buildFabric } from '../fabric';
import { distance, dot, formOf, sub, type Vec3 } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { face, halfOf, IDS, made, placesOf } from './stitchCases';
import {
  bareHead,
  lineMm,
  newStitching,
  pathMm,
  threadHalfMm,
  resolveStitching,
  threadLines,
  upOfFace,
  type Embroidery,
  type Head,
  type ThreadEnd,
  type ThreadPlace,
} from './index';

describe('the way of the thread', () => {
  const f = face();
  const own = upOfFace(f.head, f.marks);
  const { form } = f.head;
  const linesOf = (work: Embroidery) => {
    const state = resolveStitching(f.head, work, f.marks);
    return state.state === 'at' ? state.runs.flatMap((run) => threadLines(form, own, work, run)) : [];
  };
  const between = (a: ThreadPlace, b: ThreadPlace) => distance(a.point, b.point);

  it('a V is its two straight legs, ticks are every second one, knots wind up 25 mm each; passes count', () => {
    const ends = [-2, 0, 2, 3].map((across, i): ThreadEnd => ({ from: 'face', across, down: 1 + (i % 2) }));
    const places = placesOf(f, made(f, ends));
    const legs = [0, 1, 2].map((i) => between(places[i], places[i + 1]));
    const mm = (how: Embroidery['how'], passes = 1) => {
      const work = made(f, ends, { how, thread: { of: 'yarn', strands: 1, passes } });
      return pathMm(form, work, linesOf(work));
    };
    const sum = legs[0] + legs[1] + legs[2];
    // The fabric is round: over it the way is a little longer than through it.
    expect(mm('line')).toBeGreaterThanOrEqual(sum - 1e-6);
    expect(mm('line')).toBeLessThan(1.03 * sum);
    expect(mm('line', 3)).toBeCloseTo(3 * mm('line'), 6);
    expect(Math.abs(mm('ticks') / (legs[0] + legs[2]) - 1)).toBeLessThan(0.03);
    expect(mm('knots')).toBe(100);
    expect(mm('curve')).toBeGreaterThan(sum - 1e-6);
  });

  it('satin: its rows lie a thread apart and cover the outline, level on the face; their sum is the area by the width of a thread', () => {
    for (const shape of ['oval', 'triangle'] as const) {
      const work = made(f, [{ from: 'face', across: 0, down: 2 }], {
        how: 'satin',
        satin: { shape, widthMm: 14, heightMm: 10 },
      });
      const rows = linesOf(work);
      expect(rows).toHaveLength(10);
      const area = shape === 'oval' ? (Math.PI * 14 * 10) / 4 : (14 * 10) / 2;
      expect(Math.abs(pathMm(form, work, rows) / area - 1)).toBeLessThan(0.05);
      rows.forEach((row) => {
        const [a, b] = [row[0], row[row.length - 1]].map((at) => pointOf(form, at));
        const way = sub(b, a);
        expect(Math.abs(Math.atan2(dot(way, own.up), Math.abs(dot(way, own.left))))).toBeLessThan(
          (3 * Math.PI) / 180,
        );
      });
      const heights = rows.map((row) => dot(pointOf(form, row[0]), own.up));
      heights.slice(1).forEach((h, i) => expect(heights[i] - h).toBeLessThan(1.15));
    }
  });

  it('satin as it is drawn, threads of plain yarn, leaves nothing of its outline bare: 95 of 100 places and more', () => {
    for (const [shape, widthMm, heightMm] of [
      ['oval', 16, 11],
      ['triangle', 15, 11],
      ['oval', 6, 9],
    ] as const) {
      const work = made(f, [{ from: 'face', across: 0, down: 2 }], {
        how: 'satin',
        satin: { shape, widthMm, heightMm },
      });
      const rows = linesOf(work).map((row) => row.map((at) => pointOf(form, at)));
      const half = threadHalfMm(form.gauge.stitchMm, work);
      const middle = placesOf(f, work)[0].point;
      const inside = (x: number, y: number) =>
        shape === 'oval'
          ? ((2 * x) / widthMm) ** 2 + ((2 * y) / heightMm) ** 2 < 1
          : Math.abs(y) < heightMm / 2 && Math.abs(x) < ((y + heightMm / 2) / heightMm) * (widthMm / 2);
      let [covered, all] = [0, 0];
      // Seen from the front: the pixels of the outline, half a millimetre each.
      for (let x = -widthMm / 2; x <= widthMm / 2; x += 0.5)
        for (let y = -heightMm / 2; y <= heightMm / 2; y += 0.5) {
          if (!inside(x, y)) continue;
          all++;
          const near = rows.some((row) =>
            row.some((p) => {
              const [dx, dy] = [dot(sub(p, middle), own.left) - x, dot(sub(p, middle), own.up) - y];
              // Between two samples of a level row the thread runs on.
              return Math.abs(dx) <= 0.8 + half && Math.abs(dy) <= half;
            }),
          );
          if (near) covered++;
        }
      expect(covered / all).toBeGreaterThan(0.95);
    }
  });

  it('a thread goes straight from end to end: hardly longer than the way through the toy', () => {
    for (let t = 0; t < 60; t++) {
      const work = made(f, [
        { from: 'face', across: halfOf(4), down: halfOf(3) },
        { from: 'face', across: halfOf(4), down: halfOf(3) },
      ]);
      const [a, b] = placesOf(f, work);
      const [line] = linesOf(work);
      if (between(a, b) < 2) continue;
      expect(lineMm(form, line)).toBeGreaterThanOrEqual(between(a, b) - 1e-6);
      expect(lineMm(form, line)).toBeLessThan(1.12 * between(a, b) + 0.1);
    }
  });

  it('on a snout, whose ring is its middle, a nose stands upright over the ring and a mouth below it', () => {
    const text = 'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-6: sc around';
    const snout = formOf(
      buildFabric(
        read(text).parts[0],
        text.split('\n').map((_, i) => `m${i}`),
      ),
      gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false }),
      { fill: 'soft' },
    );
    const head: Head = { ...bareHead(snout, 'nose'), muzzle: true };
    const marks = { eyes: null, nose: null };
    const dirs = directionsOf(snout, 'nose', frontAngle(snout, 5));
    expect(lies(dirs)).toBe(true);
    const nose = newStitching(head, marks, IDS, 'nose');
    const state = resolveStitching(head, nose, marks);
    if (state.state !== 'at') throw new Error(state.why);
    const here = upOfFace(head, marks);
    const rows = threadLines(snout, here, nose, state.runs[0]).map((row) =>
      [row[0], row[row.length - 1]].map((at) => pointOf(snout, at)),
    );
    const middles = rows.map(([a, b]) => [0, 1, 2].map((i) => (a[i] + b[i]) / 2) as unknown as Vec3);
    const axis = sub(middles[0], middles[middles.length - 1]);
    // Upright within three degrees as one looks at it.
    expect(Math.abs(Math.atan2(dot(axis, here.left), dot(axis, here.up)))).toBeLessThan((3 * Math.PI) / 180);
    const share = (nose.satin?.widthMm ?? 0) / snout.widthMm;
    expect(share).toBeGreaterThanOrEqual(0.35);
    expect(share).toBeLessThanOrEqual(0.5);
    const mouth = resolveStitching(head, newStitching(head, marks, IDS, 'mouth V'), marks);
    if (mouth.state !== 'at') throw new Error(mouth.why);
    mouth.runs[0].places.forEach((p) => expect(dot(p.point, here.up)).toBeLessThan(0));
  });

  it('stitched eyes: top, side, top, other side from one hole below; whole stitches between, and as far on both sides', () => {
    const bare = { eyes: null, nose: null };
    const eyes = newStitching(f.head, bare, IDS, 'stitched eyes');
    const state = resolveStitching(f.head, eyes, bare);
    if (state.state !== 'at') throw new Error(state.why);
    const [[below, above, , inner, , again, , outer], twin] = state.runs.map((run) => run.places);
    expect(
      state.runs[0].places
        .filter((_, i) => i % 2 === 0)
        .every((p) => p.point === below.point || distance(p.point, below.point) < 1e-9),
    ).toBe(true);
    expect(distance(above.point, again.point)).toBe(0);
    // Its inner side is where a stitch begins or ends, so the stitches between the two are whole.
    expect(2 * inner.coord).toBe(Math.round(2 * inner.coord));
    const between = Math.abs(inner.coord - twin[3].coord);
    expect(Math.abs(between - Math.round(between))).toBeLessThanOrEqual(0.5);
    expect(distance(inner.point, twin[3].point)).toBeLessThan(distance(outer.point, twin[7].point));
    const mm = threadLines(form, own, eyes, state.runs[0]).map((line) => lineMm(form, line));
    expect(mm).toHaveLength(4);
    expect(mm[0]).toBeCloseTo(mm[2], 9);
  });
});
