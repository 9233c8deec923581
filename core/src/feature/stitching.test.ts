import { courseOf, directionsOf, frontAngle, lies, pointOf } from '../address';
import { buildFabric } from '../fabric';
import { distance, dot, formOf, sub, type Vec3 } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import {
  bareHead,
  endSaid,
  faceCentre,
  lineMm,
  mirroredEnd,
  movedEnd,
  newPair,
  newStitching,
  ownTwin,
  pathMm,
  readEnd,
  resolveEyes,
  resolveStitching,
  STITCH_WORKS,
  threadLines,
  upOfFace,
  type Embroidery,
  type EyePair,
  type EyesAt,
  type FaceMarks,
  type Head,
  type ThreadEnd,
  type ThreadPlace,
} from './index';

let seed = 11;
const random = () => (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 4294967296;
const below = (n: number) => Math.floor(random() * n);
const halfOf = (n: number) => below(4 * n + 1) / 2 - n;

interface Face {
  head: Head;
  marks: FaceMarks;
  eyes: EyePair;
}

/** A generated head of a ball's shape with a pair of eyes on it, both hands, with lean or without. */
function face({
  hand = 'right',
  lean = 0,
  round = 9,
}: { hand?: 'left' | 'right'; lean?: number; round?: number } = {}): Face {
  const text =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7: (5 sc, inc) x6\nR8-14: sc around\nR15: (5 sc, dec) x6\nR16: (4 sc, dec) x6\nR17: (3 sc, dec) x6\nR18: (2 sc, dec) x6';
  const form = formOf(
    buildFabric(
      read(text).parts[0],
      text.split('\n').map((_, i) => `m${i}`),
    ),
    gaugeOf({ hookMm: 3, hand, yarnUnder: false, leanStitches: lean, stitchMm: 5, roundMm: 4.8 }),
    { fill: 'firm' },
  );
  const head = bareHead(form);
  const usual = newPair(head, { id: 'e', part: 'p', copy: null })!;
  const eyes: EyePair = {
    ...usual,
    eyeMm: 9,
    pair: {
      ...usual.pair,
      course: courseOf(form.fabric, round),
      between: 8,
      centre: faceCentre(head, 'marker', round, 8, usual.washerMm),
    },
  };
  return { head, eyes, marks: { eyes: resolveEyes(head, eyes) as EyesAt, nose: null } };
}

const IDS = { id: 's', part: 'p', copy: null, name: 'Mouth', colour: '#000000' };
const made = (f: Face, ends: readonly ThreadEnd[], more: Partial<Embroidery> = {}): Embroidery => ({
  ...newStitching(f.head, f.marks, IDS, 'mouth line'),
  ends,
  twin: 'none',
  ...more,
});
const placesOf = ({ head, marks }: Face, f: Embroidery, side = 0): readonly ThreadPlace[] => {
  const state = resolveStitching(head, f, marks);
  if (state.state !== 'at') throw new Error(state.why);
  return state.runs[side].places;
};
/** From the mirror image about the plane of the face, mm: the test's own arithmetic. */
function mirrorMiss({ head }: Face, left: Vec3, p: Vec3, q: Vec3): number {
  const image = sub(p, left.map((x) => 2 * x * dot(p, left)) as unknown as Vec3);
  expect(head.form.axis).toBeNull();
  return distance(image, q);
}

describe('where the needle goes in', () => {
  it('200 ends: printed in words and read back to the same end and the same place; moved to a place, they are there', () => {
    for (let t = 0; t < 200; t++) {
      const f = face({ hand: t % 2 ? 'left' : 'right', lean: t % 3 ? 0 : -0.3 });
      const from = (['face', 'left eye', 'right eye'] as const)[t % 3];
      const end: ThreadEnd = { from, across: halfOf(4), down: halfOf(4) };
      const words = endSaid(end);
      expect(readEnd(words, { from: 'nose', across: 9, down: 9 }, 1)).toEqual(end);
      const [place] = placesOf(f, made(f, [end]));
      const other = { from, across: 0, down: 0 };
      const moved = movedEnd(f.head, f.marks, other, place.polar);
      const [there] = placesOf(f, made(f, [moved]));
      expect(distance(there.point, place.point)).toBeLessThan(1e-6);
    }
  });

  it.each<[string, ThreadEnd | null]>([
    ['1 stitch inside the left eye, one round lower', { from: 'left eye', across: -1, down: 1 }],
    ['two stitches outside the right eye, 1½ rounds higher', { from: 'right eye', across: 2, down: -1.5 }],
    ['the inner edge of the left eye, one round lower', { from: 'left eye', across: -1, down: 1 }],
    ['at the middle of the face, 3 rounds below', { from: 'face', across: 0, down: 3 }],
    ['under the nose, 2 rounds lower', { from: 'nose', across: 0, down: 2 }],
    ['3 rows lower', { from: 'face', across: 2, down: 3 }],
    ['2 stitches inside the nose', null],
    ['somewhere nice', null],
  ])('%s', (words, wanted) =>
    expect(readEnd(words, { from: 'face', across: 2, down: 0 }, 1)).toEqual(wanted),
  );

  it('counted on the fabric: stitches from the eye along its round, rounds below it, outwards to the toy’s own sides, both hands', () => {
    for (const hand of ['left', 'right'] as const) {
      const f = face({ hand });
      const { eyes } = f.marks;
      const own = upOfFace(f.head, f.marks);
      for (const side of ['left', 'right'] as const) {
        const k = eyes!.sides[0] === side ? 0 : 1;
        const [at, out, low, fibres] = placesOf(
          f,
          made(f, [
            { from: `${side} eye`, across: 0, down: 0 },
            { from: `${side} eye`, across: 2, down: 0 },
            { from: `${side} eye`, across: 0, down: 2 },
            { from: `${side} eye`, across: 0.5, down: 0.5 },
          ]),
        );
        expect(distance(at.point, eyes!.points[k])).toBeLessThan(1e-6);
        expect(Math.abs(Math.abs(out.coord - eyes!.coords[k]) - 2)).toBeLessThan(1e-9);
        expect(Math.sign(dot(sub(out.point, at.point), own.left))).toBe(side === 'left' ? 1 : -1);
        expect(low.round).toBe(eyes!.rounds[k] + 2);
        expect(dot(sub(low.point, at.point), own.up)).toBeLessThan(-7);
        expect([at.in, fibres.in]).toEqual(['hole', 'fibres']);
        expect(fibres.name.round[0]).toBe(fibres.name.round[1]);
      }
    }
  });

  it('mirrored: within half a cell, and with lean a fifth nearer or more than counting the same stitches on the other side', () => {
    const [counted, found]: [number[], number[]] = [[], []];
    for (let t = 0; t < 200; t++) {
      const f = face({ hand: t % 2 ? 'left' : 'right', lean: -0.35, round: 8 + (t % 5) });
      const end: ThreadEnd = { from: 'face', across: halfOf(5), down: halfOf(4) };
      const work = made(f, [end], { twin: 'mirrored' });
      const { left } = upOfFace(f.head, f.marks);
      const [p] = placesOf(f, work);
      const [q] = placesOf(f, work, 1);
      const [plain] = placesOf(f, made(f, [mirroredEnd(end)]));
      found.push(mirrorMiss(f, left, p.point, q.point));
      counted.push(mirrorMiss(f, left, p.point, plain.point));
    }
    const cell = Math.hypot(5, 4.8 * 1.16) / 2;
    expect(Math.max(...found)).toBeLessThan(cell);
    const median = (all: number[]) => [...all].sort((a, b) => a - b)[all.length >> 1];
    process.stdout.write(
      `  mirrored ends: median ${median(counted).toFixed(2)} -> ${median(found).toFixed(2)} mm\n`,
    );
    expect(median(found)).toBeLessThan(0.8 * median(counted));
  });

  it('follows what it hangs on: the eyes two rounds lower, every place two rounds lower; without eyes it says so', () => {
    const [high, low] = [face({ round: 9 }), face({ round: 11 })];
    for (const work of STITCH_WORKS) {
      const f = newStitching(high.head, high.marks, IDS, work);
      const [a, b] = [placesOf(high, f), placesOf(low, f)];
      a.forEach((p, i) => expect(b[i].round - p.round).toBe(2));
    }
    const brows = newStitching(high.head, high.marks, IDS, 'brows');
    const bare = { eyes: null, nose: null };
    expect(resolveStitching(high.head, brows, bare)).toEqual({ state: 'homeless', why: 'no eyes' });
    const far = made(high, [{ from: 'face', across: 0, down: 90 }]);
    expect(resolveStitching(high.head, far, high.marks)).toEqual({ state: 'homeless', why: 'homeless' });
  });

  it('one side crooked on purpose: the other side’s own places are where they stood, and then move alone', () => {
    const f = face({ lean: -0.3 });
    const brows = newStitching(f.head, f.marks, IDS, 'brows');
    const before = placesOf(f, brows, 1);
    const apart = { ...brows, twin: ownTwin(f.head, brows, f.marks) };
    placesOf(f, apart, 1).forEach((p, i) => expect(distance(p.point, before[i].point)).toBeLessThan(1e-6));
    const crooked = { ...apart, twin: apart.twin.map((e, i) => (i === 0 ? { ...e, down: e.down + 1 } : e)) };
    expect(placesOf(f, crooked)).toEqual(placesOf(f, brows));
    expect(placesOf(f, crooked, 1)[0].round).not.toBe(before[0].round);
  });
});

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
});
