import { courseOf, directionsOf, pointOf, polarOf, readPlaceWords, roundOf } from '../address';
import { dot, sub } from '../form';
import { unitWords } from '../words';
import { at, form, formFrom, HEAD, head, IDS, pairOn } from './cases';
import {
  adviceOn,
  adviceSentence,
  bareHead,
  directionsOfHead,
  faceDirection,
  lineOf,
  movedNose,
  movedPostRound,
  newNose,
  newPair,
  pairAt,
  pairSaid,
  refusalOf,
  resolveNose,
  withBetween,
  withCentre,
  withLink,
  wordsContext,
  type EyePair,
  type Head,
} from './index';

describe('posts through the middles of stitches', () => {
  it('"in R9, 7 stitches on": six between, the middle of the face is a hole', () => {
    const eyes = newPair(head, IDS)!;
    const { readings } = readPlaceWords('in R9, 7 stitches on', wordsContext(head, 'marker', eyes));
    const said = readings[0].said;
    if (said.what !== 'pair') throw new Error('not a pair');
    const there = at(head, pairSaid(head, eyes, said, readings[0].along));
    // Seven on about a middle that is a hole, c: the middles of stitches c - 3 and c + 4.
    expect(there.names).toEqual([
      { round: [9, 9], stitch: [there.centre - 3, there.centre - 3], of: 36 },
      { round: [9, 9], stitch: [there.centre + 4, there.centre + 4], of: 36 },
    ]);
    expect(Math.abs(there.centre - 18)).toBeLessThanOrEqual(2);
    expect(there.spacing).toMatchObject({ stitchesBetween: 6, on: 7, showing: 6, middle: 'hole' });
    // Wider by one moves the middle by half a stitch, on to a stitch.
    expect(at(head, withBetween(head, pairSaid(head, eyes, said, 'stitches-on'), 8)).spacing.middle).toBe(
      'stitch',
    );
  });
});

describe('a pair by touch', () => {
  it('puts one post on the hole that was touched and mirrors the other, on every hole in reach of the face', () => {
    const eyes = newPair(head, IDS)!;
    for (const round of [6, 8, 11])
      for (let coord = 0; coord < form.fabric.rounds[round].count; coord++) {
        const found = pairAt(head, eyes, round, 'hole', coord);
        const there = at(head, found);
        const { count } = form.fabric.rounds[round];
        const stands = there.coords.some((c) => Math.abs((((c - coord) % count) + count) % count) < 1e-9);
        // Half round the centre has to give way by half a stitch where the number is odd; the post itself never does.
        expect(stands).toBe(true);
        expect(found.pair.linked).toBe(true);
      }
  });

  it('one eye lower on purpose stays lower: shown, kept through text changes, and linked again when asked', () => {
    const eyes = withLink(pairOn(head, 8, 6), false);
    const lower = movedPostRound(head, eyes, 1, 1)!;
    const there = at(head, lower);
    expect(there.rounds).toEqual([8, 9]);
    // Straight down the fabric: the same direction, the next round.
    expect(there.polar[1].angleRad).toBeCloseTo(at(head, eyes).polar[1].angleRad, 6);
    expect(there.levelErrorMm).toBeGreaterThan(3);
    expect(refusalOf(head, lower, there)).toBeNull();
    const longer = bareHead(
      formFrom(
        HEAD.replace('R7-10', 'R7-12')
          .replace('R11:', 'R13:')
          .replace('R12: (3', 'R14: (3')
          .replace('R13: (2', 'R15: (2')
          .replace('R14: (sc', 'R16: (sc')
          .replace('R15: dec', 'R17: dec'),
      ),
    );
    expect(at(longer, lower).rounds).toEqual([8, 9]);
    // Touching a place moves that eye only, into its own kind of place.
    const touched = at(head, pairAt(head, lower, 7, 'middle', there.coords[1] + 1.5, 1));
    expect([touched.at, touched.rounds, touched.coords[0]]).toEqual(['hole', [8, 7], there.coords[0]]);
    expect(at(head, withLink(lower, true)).levelErrorMm).toBeCloseTo(
      at(head, pairOn(head, 8, 6)).levelErrorMm,
      9,
    );
  });
});

describe('what a face looks from', () => {
  it('follows a patch, or a part sewn on, and stays there when it is widened or moved', () => {
    const patched = bareHead(
      formFrom(
        `Head (rust)\n${HEAD.replace('R7-10: sc around', 'R7-10: 5 sc, with cream 8 sc, with rust 23 sc')}`,
      ),
    );
    const eyes = withCentre(patched, pairOn(patched, 8, 6), { patch: 'cream' });
    // The patch is stitches 6 to 13 of each round: its middle is hole 9 of a round without lean, and half a turn of a spiral round further on the way.
    expect(Math.abs(at(patched, eyes).centre - 9)).toBeLessThanOrEqual(0.5);
    expect(Math.abs(at(patched, withBetween(patched, eyes, 7)).centre - 9)).toBeLessThanOrEqual(1);
    const snout = {
      id: 'j',
      kind: 'part' as const,
      name: 'snout',
      twin: false,
      round: 10,
      polar: polarOf(form, 10, 12, 'hole'),
      reachMm: 8,
    };
    const over = { ...head, things: [snout] };
    const looking = withCentre(over, pairOn(over, 8, 6), { over: 'j' });
    // Hole 12 of 30 lies as far round as 14.4 of 36.
    expect(Math.abs(at(over, looking).centre - 14.4)).toBeLessThanOrEqual(0.5);
    // Gone again, the face is opposite the marker.
    expect(faceDirection(head, { over: 'j' }, 8, 12)).toBe(faceDirection(head, 'marker', 8, 12));
  });

  it('on a head that begins at its nose the eyes stand above it, level, and the angle is that seen from above', () => {
    const nosed = bareHead(form, 'nose');
    const eyes = newPair(nosed, IDS)!;
    const there = at(nosed, eyes);
    const own = directionsOf(form, 'nose', faceDirection(nosed, 'marker', there.round, eyes.washerMm));
    const middle = pointOf(form, { angleRad: 0, row: form.r.length / 2 });
    for (const p of there.points) {
      expect(dot(sub(p, middle), own.up)).toBeGreaterThan(0);
      expect(dot(sub(p, middle), own.front)).toBeGreaterThan(0);
    }
    expect(there.levelErrorMm).toBeLessThan(form.gauge.stitchMm);
    const [a, b] = there.points.map((p) =>
      Math.atan2(
        dot(sub(p, [0, 0, form.heightMm / 2]), own.left),
        dot(sub(p, [0, 0, form.heightMm / 2]), own.front),
      ),
    );
    expect(there.spacing.angleDeg).toBeCloseTo((Math.abs(a - b) * 180) / Math.PI, 0);
    // "Degrees apart" are said and read as seen from above here, too.
    const { readings } = readPlaceWords(
      'between R4 and R5, 70 degrees apart',
      wordsContext(nosed, 'marker', eyes),
    );
    const said = readings[0].said;
    if (said.what !== 'pair') throw new Error('not a pair');
    const away = (by: number) => Math.abs(at(nosed, pairOn(nosed, 4, said.on + by)).spacing.angleDeg - 70);
    expect(away(0)).toBeLessThanOrEqual(Math.min(away(1), away(-1)) + 1e-9);
    expect(newNose(nosed, IDS, null)!.place.course).toEqual(courseOf(form.fabric, 1));
  });

  it('chin first: up is the other way, and a nose goes below the eyes', () => {
    const chin = bareHead(form, 'chin');
    expect(directionsOfHead(chin, 0).up).toEqual([0, 0, 1]);
    const nose = newNose(chin, IDS, { round: 8, straightMm: 30 })!;
    expect(roundOf(form.fabric, nose.place.course)).toBeLessThan(8);
    const there = resolveNose(chin, nose);
    const moved = resolveNose(chin, movedNose(form, nose, { rounds: 1, holes: 0 })!);
    if (there.state === 'homeless' || moved.state === 'homeless') throw new Error('homeless');
    expect(moved.round - there.round).toBe(1);
    // The middle of the face stays the middle, to the nearest hole.
    expect(
      Math.abs(
        Math.atan2(
          Math.sin(moved.polar.angleRad - there.polar.angleRad),
          Math.cos(moved.polar.angleRad - there.polar.angleRad),
        ),
      ),
    ).toBeLessThan(Math.PI / form.fabric.rounds[moved.round].count + 0.05);
  });
});

describe('advice', () => {
  const said = (on: Head, eyes: EyePair) => adviceOn(on, eyes, at(on, eyes)).map((a) => a.about);
  it('is silent on a usual pair but for the fill behind flat washers', () =>
    expect(said(head, pairOn(head, 8, 8)).filter((a) => a !== 'fill')).toEqual([]));
  it('says size, angle and line with the number, and leaves the angle of side eyes alone', () => {
    expect(said(head, pairOn(head, 8, 8, { eyeMm: 18 }))).toContain('size');
    expect(said(head, pairOn(head, 8, 16))).toContain('angle');
    expect(said(head, pairOn(head, 8, 16, { look: 'sides' }))).not.toContain('angle');
    expect(said(head, pairOn(head, 4, 6))).toContain('line');
    const high = pairOn(head, 4, 6);
    const line = adviceOn(head, high, at(head, high)).find((a) => a.about === 'line')!;
    expect(adviceSentence(line, at(head, high), unitWords('mm'))).toBe(
      `eye line at ${(100 * lineOf(head, high, at(head, high))).toFixed(0)} % of the head’s height: high, which looks grown up; 30 to 55 % is usual`,
    );
  });
  it('says increases, decreases and colour steps at a post: hole 4 of R5 lies in the increase of (3 sc, inc)', () => {
    const posts = (round: number, coords: [number, number]): EyePair => {
      const eyes = pairOn(head, round, coords[1] - coords[0]);
      return {
        ...eyes,
        pair: {
          ...eyes.pair,
          centre: { coord: (coords[0] + coords[1]) / 2, of: form.fabric.rounds[round].count, by: 'chosen' },
        },
      };
    };
    const about = (eyes: EyePair) =>
      adviceOn(head, eyes, at(head, eyes))
        .filter((a) => a.about === 'increase' || a.about === 'decrease')
        .map((a) => [a.about, 'post' in a ? a.post : null]);
    expect(about(posts(4, [4, 8]))).toEqual([['increase', 0]]);
    // (4 sc, dec) of R11: stitch 5 is the decrease, so the holes on both sides of it, 4 and 5, are wide.
    expect(about(posts(10, [4, 12]))).toEqual([['decrease', 0]]);
    const striped = bareHead(
      formFrom(
        `Head (rust)\n${HEAD.replace('R7-10: sc around', 'R7-8: sc around\nR9-10: with cream sc around')}`,
      ),
    );
    expect(said(striped, pairOn(striped, 8, 8)).filter((a) => a === 'colour step')).toHaveLength(2);
    expect(said(striped, pairOn(striped, 7, 8))).not.toContain('colour step');
  });
  it('numbers by hand on a tube of 36, r = 28.65 mm: a washer of 20 stands 28.65 - sqrt(28.65² - 10²) = 1.80 off; three stitches are 14.83 apart, 0.8 more than a washer of 14', () => {
    const tube = bareHead(formFrom('R1: 36 sc (36)\nR2-10: sc around (36)'));
    const of = (eyes: EyePair, about: string) =>
      adviceOn(tube, eyes, at(tube, eyes)).find((a) => a.about === about);
    expect(of(pairOn(tube, 5, 9, { washerMm: 20 }), 'fill')).toEqual({
      about: 'fill',
      proudMm: expect.closeTo(1.8, 2),
    });
    expect(of(pairOn(tube, 5, 3, { washerMm: 14 }), 'washers close')).toEqual({
      about: 'washers close',
      gapMm: expect.closeTo(0.84, 1),
    });
    // Half way round, 5.5 rounds down from the ring of 10: 45 % of the height from below.
    const eyes = pairOn(tube, 5, 6);
    expect(lineOf(tube, eyes, at(tube, eyes))).toBeCloseTo(0.45, 1);
  });
  it('says what an eye reaches over, by how much', () => {
    const eyes = pairOn(head, 8, 8);
    const there = at(head, eyes);
    const snout = {
      id: 'j',
      kind: 'part' as const,
      name: 'snout',
      twin: false,
      round: 8,
      polar: there.polar[0],
      reachMm: 3,
    };
    const found = adviceOn({ ...head, things: [snout] }, eyes, there).filter((a) => a.about === 'covers');
    expect(found).toEqual([
      expect.objectContaining({ post: 0, overlapMm: Math.min(eyes.eyeMm, eyes.eyeMm / 2 + 3) }),
    ]);
  });
});
