import { coordAt, courseOf, directionsOf, mirrored, nearestPlace, pointOf, polarOf } from '../address';
import type { PartForm } from '../form';
import { formFrom } from './cases';
import {
  bareHead,
  faceCentre,
  hardwareGrams,
  keptHere,
  movedPost,
  movedRound,
  newPair,
  offMiddleMm,
  resolveEyes,
  schoolsOf,
  withBetween,
  wordsContext,
  type EyePair,
  type EyesAt,
} from './index';

const pairOn = (form: PartForm, round: number, between: number, more: Partial<EyePair> = {}): EyePair => ({
  kind: 'eyes',
  id: 'e',
  part: 'p',
  copy: 'c',
  making: 'safety eye',
  eyeMm: 9,
  washerMm: 12,
  colour: '#000000',
  postMm: 4,
  loose: [],
  felt: null,
  backing: 'as needed',
  look: 'front',
  saidAs: 'stitches-between',
  pair: {
    course: courseOf(form.fabric, round),
    at: 'hole',
    centre: faceCentre(bareHead(form), 'marker', round, between, 12),
    between,
    linked: true,
    offset: { left: [0, 0], right: [0, 0] },
  },
  ...more,
});
const at = (form: PartForm, eyes: EyePair) => resolveEyes(bareHead(form), eyes) as EyesAt;

it('eyes weigh: 9 mm is 0.3 + 3 x 1.7 / 9 = 0.867 g, two of them 1.73; embroidered ones and those of another copy nothing', () => {
  const tube = formFrom('R1: 36 sc (36)\nR2-10: sc around (36)');
  const pair = pairOn(tube, 5, 6);
  expect(hardwareGrams([pair], 'p', 'c')).toBeCloseTo(1.7333, 3);
  expect(
    hardwareGrams(
      [
        { ...pair, making: 'embroidered' },
        { ...pair, copy: 'd' },
      ],
      'p',
      'c',
    ),
  ).toBe(0);
});

describe('numbers of the Face, worked out by hand on a tube of 36 (w 5, h 4.5, r = 36 x 5 / 2 pi = 28.65 mm)', () => {
  const spiral = formFrom('R1: 36 sc (36)\nR2-10: sc around (36)');
  const eyes = at(spiral, pairOn(spiral, 5, 6));

  it('centre: opposite the marker is stitch 36 / 2 = 18, and six between puts posts in holes 15 and 21 of R6', () => {
    expect(eyes.coords).toEqual([15, 21]);
    expect(eyes.names).toEqual([
      { round: [5, 6], stitch: [15, 16], of: 36 },
      { round: [5, 6], stitch: [21, 22], of: 36 },
    ]);
  });
  it('six stitches between: six holes on, five showing, seven counting both; the middle is a hole', () => {
    expect(eyes.spacing).toMatchObject({
      stitchesBetween: 6,
      on: 6,
      showing: 5,
      countingBoth: 7,
      middle: 'hole',
    });
  });
  it('angle: 360 x 6 / 36 = 60 degrees', () => expect(eyes.spacing.angleDeg).toBeCloseTo(60, 6));
  it('straight: 2 x 28.65 x sin 30 = 28.65 mm and 0.75 mm of climb = 28.66 mm; rim to rim 9 mm less', () => {
    expect(eyes.spacing.straightMm.value).toBeCloseTo(28.66, 2);
    expect(eyes.spacing.rimMm.value).toBeCloseTo(19.66, 2);
    // A measured gauge is good to 3 percent.
    expect(eyes.spacing.straightMm.low).toBeCloseTo(27.8, 1);
    expect(eyes.spacing.straightMm.high).toBeCloseTo(29.52, 1);
  });
  it('along the fabric: six stitches of 5 mm and the climb = 30.01 mm, less what the flat cells between stitches cut off', () =>
    expect(eyes.spacing.alongMm.value / 30.01).toBeCloseTo(0.998, 2));
  it('level: a spiral climbs 4.5 x 6 / 36 = 0.75 mm; joined rounds are level', () => {
    expect(eyes.levelErrorMm).toBeCloseTo(0.75, 3);
    const joined = formFrom(
      'R1: ch 36, join, 36 sc in loop, sl st to join (36)\nR2-10: ch 1, sc around, sl st to join (36)',
    );
    expect(at(joined, pairOn(joined, 5, 6)).levelErrorMm).toBeCloseTo(0, 6);
  });
  it('washer: 12 / (5 x 1.6) = 1.5; at the worst end 1.5 / 1.03 = 1.46: backing advised', () => {
    expect(eyes.retention.index).toBeCloseTo(1.5, 6);
    expect(eyes.retention.worst).toBeCloseTo(1.456, 3);
    expect(eyes.retention.band).toBe(2);
    expect(at(spiral, pairOn(spiral, 5, 6, { washerMm: 9 })).retention.band).toBe(1);
    expect(at(spiral, pairOn(spiral, 5, 6, { washerMm: 20 })).retention.band).toBe(3);
  });
  it('window: from R6 on; 36 x 5 / pi x 1.25 x 0.97 = 69.5 mm is wide enough to the last round', () => {
    // Posts behind stitches 15 and 21 of R6: it begins once stitch 22 of it is worked.
    const full = { round: 10, stitches: 36, of: 36 };
    expect(eyes.window).toEqual({
      known: true,
      first: 6,
      begins: { round: 6, stitches: 22, of: 36 },
      comfortable: full,
      possible: full,
      rest: full,
      lastComfortable: 10,
      lastPossible: 10,
      openingMm: expect.closeTo(69.5, 1),
      // Five rounds of 4.5 mm down, 3 percent more at the worst.
      reach: { deepMm: expect.closeTo(22.5 * 1.03, 6), throughMm: expect.closeTo(69.5, 1), by: 'fingers' },
      ends: 'rounds',
    });
  });
  it('schools: of 10 rounds, R5 is the 6th and R6 the 5th from the finished edge; at a pause after R8 the 4th and 3rd', () => {
    const context = wordsContext(bareHead(spiral), 'marker', { making: 'safety eye', washerMm: 12 });
    const faceAt = (round: number) => ({ ...context.faceAt(round), pause: 7 });
    const words = schoolsOf({ ...context, faceAt }, eyes).map((s) => s.words);
    expect(words).toEqual([
      'between R5 and R6',
      '5 rounds down from the ring',
      'between the 6th and 5th round from the finished edge',
      'between the 4th and 3rd round from the edge at the pause',
      '6 stitches between',
      '6 holes on',
      '5 holes showing between',
      '7 holes, counting both posts',
    ]);
  });
});

describe('pairs', () => {
  const HEAD =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-10: sc around\nR11: (3 sc, dec) x6\nR12: (2 sc, dec) x6\nR13: (sc, dec) x6\nR14: dec x6\nclose';

  it('keeps direction and stitches between when counts change, and says so until the maker has looked', () => {
    const before = formFrom(HEAD);
    const eyes = pairOn(before, 7, 5);
    const after = formFrom(
      HEAD.replace('R4: (2 sc, inc) x6', 'R4: (sc, inc) x9').replace(
        'R5: (3 sc, inc) x6',
        'R5: (2 sc, inc) x9',
      ),
    );
    const moved = at(after, eyes);
    expect(moved).toMatchObject({ state: 'moved', was: 30, now: 36 });
    expect(moved.spacing.stitchesBetween).toBe(5);
    expect(moved.centre).toBe(Math.round((eyes.pair.centre.coord * 36) / 30 - 0.5) + 0.5);
    expect(at(after, keptHere(bareHead(after), eyes))).toMatchObject({ state: 'at', coords: moved.coords });
    // From the middle of the face it lies as far as the same pair placed there anew.
    const off = offMiddleMm(bareHead(after), eyes)!;
    expect(off).toBeCloseTo(offMiddleMm(bareHead(after), keptHere(bareHead(after), eyes))!, 9);
    // Less than one stitch of 5 mm.
    expect(off).toBeLessThan(5);
    // Counts that come back bring the pair back to where it was, not near it.
    expect(at(before, eyes).coords).toEqual([eyes.pair.centre.coord - 2.5, eyes.pair.centre.coord + 2.5]);
  });

  it('stands in holes, or through middles of stitches, whatever its middle was given as', () => {
    const form = formFrom(HEAD);
    const { pair, ...eyes } = pairOn(form, 7, 5);
    for (const [where, part] of [
      ['hole', 0],
      ['middle', 0.5],
    ] as const)
      for (const coord of [1e-12, 0, 3.2, 12, 14.999, -2.4])
        for (const between of [4, 5]) {
          const given = { ...pair, at: where, between, centre: { ...pair.centre, coord } };
          const [a, b] = at(form, { ...eyes, pair: given }).coords;
          expect([b - a, ((a % 1) + 1) % 1]).toEqual([between, part]);
          expect(Math.abs((a + b) / 2 - coord)).toBeLessThanOrEqual(0.5);
        }
  });

  it('moves, widens and drags by what the buttons say, and never out of the round', () => {
    const form = formFrom(HEAD);
    const eyes = newPair(bareHead(form), { id: 'e', part: 'p', copy: 'c' })!;
    const k = eyes.pair.between;
    expect(withBetween(bareHead(form), eyes, k + 2).pair.between).toBe(k + 2);
    expect(withBetween(bareHead(form), eyes, 99).pair.between).toBe(15);
    // Two washers of 11 mm beside each other on a ring of 30, r near 24 mm: 2 r sin(180 k / 30) is 10.0 for two stitches and 14.8 for three.
    expect(withBetween(bareHead(form), eyes, 0).pair.between).toBe(3);
    const now = at(form, eyes);
    expect(at(form, movedPost(bareHead(form), eyes, 1, now.coords[1] + 1)).coords).toEqual([
      now.coords[0] - 1,
      now.coords[1] + 1,
    ]);
    const alone = { ...eyes, pair: { ...eyes.pair, linked: false } };
    expect(at(form, movedPost(bareHead(form), alone, 0, now.coords[0] - 2)).coords).toEqual([
      now.coords[0] - 2,
      now.coords[1],
    ]);
    expect(movedRound(bareHead(form), eyes, -20)).toBeNull();
    expect(at(form, movedRound(bareHead(form), eyes, 1)!).names[0].round[0]).toBe(now.names[0].round[0] + 1);
  });

  it('finds the mirrored hole in space within half a cell on a plain tube, for both hands', () => {
    for (const hand of ['right', 'left'] as const) {
      for (const leanStitches of [0, -0.25]) {
        const form = formFrom('R1: 40 sc (40)\nR2-20: sc around (40)', { hand, leanStitches });
        for (let round = 4; round < 18; round++) {
          const front = faceCentre(bareHead(form), 'marker', round, 6, 12);
          const frontRad = polarOf(form, round, front.coord, 'hole').angleRad;
          const here = polarOf(form, round, front.coord + 7, 'hole');
          const near = nearestPlace(
            form,
            mirrored(form, directionsOf(form, 'crown', frontRad), here),
            'hole',
          )!;
          expect(near.missMm).toBeLessThanOrEqual(Math.hypot(2.5, 2.25) + 1e-6);
          const [x, y] = pointOf(form, here);
          // A point and its mirror image are equally far from the axis and from the face plane.
          const image = pointOf(form, mirrored(form, directionsOf(form, 'crown', frontRad), here));
          expect(Math.hypot(x, y)).toBeCloseTo(Math.hypot(image[0], image[1]), 6);
        }
        expect(coordAt(form, 5, polarOf(form, 5, 13, 'hole').angleRad, 'hole')).toBeCloseTo(13, 6);
      }
    }
  });
});
