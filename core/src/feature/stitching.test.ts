import { distance, dot, sub } from '../form';
import { face, halfOf, IDS, made, mirrorMiss, placesOf } from './stitchCases';
import {
  endSaid,
  mirroredEnd,
  movedEnd,
  newStitching,
  ownTwin,
  readEnd,
  resolveStitching,
  STITCH_WORKS,
  upOfFace,
  type ThreadEnd,
} from './index';
import { share } from '../../bench/share';

describe('where the needle goes in', () => {
  it(`${share(400)} ends: printed in words and read back to the same end and the same place; moved to a place, they are there`, () => {
    for (let t = 0; t < share(400); t++) {
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
    ['900 rounds lower', null],
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
    for (let t = 0; t < share(400); t++) {
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

  it('mouths lie even over the middle: their ends level and as far to both sides within 1.8 mm, the tack on the middle within 1.3', () => {
    for (let t = 0; t < 24; t++) {
      const f = face({ hand: t % 2 ? 'left' : 'right', lean: -0.3 * (t % 3), round: 8 + (t % 4) });
      const { left } = upOfFace(f.head, f.marks);
      for (const work of ['mouth V', 'smile', 'mouth line'] as const) {
        const places = placesOf(f, newStitching(f.head, f.marks, IDS, work));
        const [first, last] = [places[0], places[places.length - 1]];
        expect(mirrorMiss(f, left, first.point, last.point)).toBeLessThan(1.8);
        if (places.length === 3) expect(Math.abs(dot(places[1].point, left))).toBeLessThan(1.3);
      }
    }
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
