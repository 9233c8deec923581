import { buildFabric } from '../fabric';
import { distance, formOf, type PartForm } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import {
  centreCoord,
  coordAt,
  courseOf,
  frameAt,
  frontAngle,
  holeName,
  holeTag,
  nearestPlace,
  polarOf,
  positionOf,
  profileAt,
  resolve,
  surfaceDistance,
  type Place,
} from './index';

const form = (text: string, hand: 'right' | 'left' = 'right', lean = 0): PartForm =>
  formOf(
    buildFabric(
      read(text, { terms: 'us' }).parts[0],
      text.split('\n').map((_, i) => `m${i}`),
    ),
    gaugeOf({ hookMm: 3, stitchMm: 5, roundMm: 4.5, leanStitches: lean, hand, yarnUnder: false }),
    { fill: 'empty' },
  );
const TUBE = 'R1: 40 sc\nR2-12: sc around';
const HEAD =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-9: sc around\nR10: (2 sc, dec) x6\nR11: (sc, dec) x6\nR12: dec x6\nclose';

describe('stored places', () => {
  const before = form(HEAD);
  const place = (round: number, index: number, at: Place['at'] = 'hole'): Place => ({
    part: 'p',
    copy: 'c',
    course: courseOf(before.fabric, round),
    at,
    index,
    of: before.fabric.rounds[round].count,
  });

  it('keep their proportion when the count changes and say so; the document is not touched', () => {
    const wider = form(HEAD.replace('R4: (2 sc, inc) x6', 'R4: (sc, inc) x9'));
    const wide = wider.fabric.rounds[4].count;
    expect(wide).toBe(27);
    expect(resolve(wider, place(5, 8))).toMatchObject({
      state: 'moved',
      layer: 0,
      round: 5,
      index: 9,
      was: 24,
      now: 27,
    });
    expect(resolve(wider, place(5, 24, 'middle'))).toMatchObject({ state: 'moved', index: 27 });
    expect(resolve(before, place(5, 8))).toMatchObject({
      state: 'at',
      layer: 0,
      round: 5,
      index: 8,
      was: 24,
      now: 24,
    });
  });
  it('are homeless when the round is gone, and answer “not yet” where the form is not worked out', () => {
    expect(resolve(before, { ...place(5, 8), course: { mark: 'gone', nth: 0, layer: 0 } })).toEqual({
      state: 'homeless',
    });
    expect(resolve(before, place(5, 8, 'link'))).toEqual({ state: 'not-yet' });
  });
});

describe('positions', () => {
  it('by hand: hole 10 of a tube of 40 stands a quarter turn from hole 0, 40 x 5 / 2 pi = 31.8 mm from the axis', () => {
    const tube = form(TUBE);
    const [a, b] = [positionOf(tube, 5, 'hole', 0), positionOf(tube, 5, 'hole', 10)];
    expect(Math.hypot(a[0], a[1])).toBeCloseTo(31.83, 2);
    expect(a[0] * b[0] + a[1] * b[1]).toBeCloseTo(0, 6);
    // A spiral climbs a quarter of a round of 4.5 mm on a quarter turn.
    expect(b[2] - a[2]).toBeCloseTo(4.5 / 4, 6);
    expect(distance(a, b)).toBeCloseTo(Math.hypot(31.83 * Math.SQRT2, 1.125), 1);
    expect(surfaceDistance(tube, polarOf(tube, 5, 0, 'hole'), polarOf(tube, 5, 10, 'hole'))).toBeCloseTo(
      Math.hypot(50, 1.125),
      0.8,
    );
  });
  it('left hands are the mirror image, to the nanometre', () => {
    for (const lean of [0, -0.25]) {
      const [right, left] = [form(HEAD, 'right', lean), form(HEAD, 'left', lean)];
      for (let round = 1; round < 12; round++)
        for (let k = 0; k < right.fabric.rounds[round].count; k++) {
          const [a, b] = [positionOf(right, round, 'hole', k), positionOf(left, round, 'hole', k)];
          expect(Math.abs(a[0] - b[0]) + Math.abs(a[1] + b[1]) + Math.abs(a[2] - b[2])).toBeLessThan(1e-6);
        }
    }
  });
  it('finds every hole again from its own place, by nearness and by direction', () => {
    const head = form(HEAD, 'right', -0.2);
    for (let round = 2; round < 11; round++)
      for (let k = 0; k < head.fabric.rounds[round].count; k++) {
        const polar = polarOf(head, round, k, 'hole');
        expect(nearestPlace(head, polar, 'hole')!.missMm).toBeLessThan(1e-6);
        expect(
          ((coordAt(head, round, polar.angleRad, 'hole') - k + 0.5) % head.fabric.rounds[round].count) - 0.5,
        ).toBeCloseTo(0, 6);
      }
  });
  it('frames stand square: out of the fabric, and along it towards the ring', () => {
    const head = form(HEAD);
    for (let row = 2; row < 11; row++) {
      const { normal, toRing } = frameAt(head, { angleRad: 1, row });
      expect(Math.hypot(...normal)).toBeCloseTo(1, 9);
      expect(normal[0] * toRing[0] + normal[1] * toRing[1] + normal[2] * toRing[2]).toBeCloseTo(0, 9);
      const { radiusMm } = profileAt(head, row);
      if (row === 6) expect(Math.hypot(normal[0], normal[1])).toBeGreaterThan(0.9);
      expect(radiusMm).toBeGreaterThan(0);
    }
  });
});

describe('the face and its words', () => {
  it('lies opposite the marker at the pause: on a tube leaning l stitches a round, the centre wanders l a round', () => {
    const lean = -0.25;
    const tube = form(TUBE, 'right', lean);
    for (const pause of [6, 8, 11]) {
      const exact = coordAt(tube, 4, frontAngle(tube, pause), 'hole');
      // Half of 40 and as many leans as rounds lie between the base of R5 and the tops at the pause.
      expect(exact).toBeCloseTo(20 + lean * (pause - 4 + 1), 6);
      expect(centreCoord(tube, 4, frontAngle(tube, pause), 7) % 1).toBe(0.5);
      expect(centreCoord(tube, 4, frontAngle(tube, pause), 6) % 1).toBe(0);
    }
  });
  it('names holes by the later round, also across the start of a round', () => {
    const tube = form(TUBE);
    expect(holeName(tube, 5, 18)).toEqual({ round: [5, 6], stitch: [18, 19], of: 40 });
    expect(holeName(tube, 5, 0)).toEqual({ round: [5, 6], stitch: [40, 1], of: 40 });
    expect(holeName(tube, 5, -2)).toEqual({ round: [4, 5], stitch: [38, 39], of: 40 });
    expect(holeName(tube, 5, 41)).toEqual({ round: [6, 7], stitch: [1, 2], of: 40 });
    expect(holeTag(holeName(tube, 5, 18))).toEqual({ rounds: 'R5·6', stitches: '18·19' });
  });
});
