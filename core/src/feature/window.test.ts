import { courseOf } from '../address';
import { insideRound, type Moment } from '../form';
import type { GaugeSettings } from '../gauge';
import { formFrom, HEAD } from './cases';
import { bareHead, faceCentre, newPair, resolveEyes, type EyePair, type EyesAt } from './index';

const forms = new Map<string, ReturnType<typeof formFrom>>();
const at = (
  text: string,
  {
    round,
    washer,
    own,
    gauge,
  }: { round: number; washer: number; own?: number; gauge?: Partial<GaugeSettings> },
): EyesAt => {
  const key = JSON.stringify([text, gauge]);
  const form = forms.get(key) ?? formFrom(text, gauge);
  forms.set(key, form);
  const head = bareHead(form, 'crown', own);
  const eyes: EyePair = { ...newPair(head, { id: 'e', part: 'p', copy: 'c' })!, washerMm: washer };
  const index = form.rounds.findIndex((r) => r.number === round);
  return resolveEyes(head, {
    ...eyes,
    pair: {
      ...eyes.pair,
      course: courseOf(form.fabric, index),
      between: 5,
      centre: faceCentre(head, 'marker', index, 5, washer),
    },
  }) as EyesAt;
};

const ASSUMED = { stitchMm: undefined, roundMm: undefined };
const OPEN = HEAD.replace(/\nR13[^]*/, '\nleave open');
const NECK = `${HEAD.replace(/\nR13[^]*/, '')}\nR13: dec x12\nR14: inc x12\nleave open`;
const EIGHT = [
  'R1: 8 sc in ring',
  'R2: inc x8',
  'R3: (sc, inc) x8',
  'R4: (2 sc, inc) x8',
  'R5-9: sc around',
  'R10: (2 sc, dec) x8',
  'R11: (sc, dec) x8',
  'R12: dec x8',
  'close',
].join('\n');

/**
 * Worked out by hand. An opening pulled open at the worst end is n x 5 / pi x 1.25 x 0.97 = 1.930 n mm on the measured gauge, n x 4.35 / pi x 1.25 x 0.88 = 1.523 n on the
 * assumed one of a 3 mm hook. A washer of d mm wants max(24, d + 10) in comfort and d + 4 at all. HEAD goes 36 (R6-10), 30, 24, 18, 12, 6.
 */
describe('the window of the eyes, thirteen heads', () => {
  it.each<[string, string, Parameters<typeof at>[1], [number, number | null, number | null], Moment | null]>([
    [
      '12 mm: 24 needs 13 stitches, 16 needs 9',
      HEAD,
      { round: 9, washer: 12 },
      [9, 13, 14],
      { round: 15, stitches: 3, of: 6 },
    ],
    [
      '9 mm: 24 needs 13, 13 needs 7',
      HEAD,
      { round: 9, washer: 9 },
      [9, 13, 14],
      { round: 15, stitches: 5, of: 6 },
    ],
    [
      '16 mm: 26 needs 14, 20 needs 11',
      HEAD,
      { round: 9, washer: 16 },
      [9, 13, 14],
      { round: 15, stitches: 1, of: 6 },
    ],
    [
      '20 mm: 30 needs 16, 24 needs 13; five decreases of R14 go, with the sc after them',
      HEAD,
      { round: 9, washer: 20 },
      [9, 13, 13],
      { round: 14, stitches: 11, of: 12 },
    ],
    [
      'own smallest hole of 40 mm needs 21',
      HEAD,
      { round: 9, washer: 12, own: 40 },
      [9, 12, 14],
      { round: 15, stitches: 3, of: 6 },
    ],
    [
      'own smallest hole of 20 mm needs 11',
      HEAD,
      { round: 9, washer: 12, own: 20 },
      [9, 14, 14],
      { round: 15, stitches: 3, of: 6 },
    ],
    [
      'assumed gauge: 24 needs 16, 16 needs 11',
      HEAD,
      { round: 9, washer: 12, gauge: ASSUMED },
      [9, 13, 14],
      { round: 15, stitches: 1, of: 6 },
    ],
    [
      'eyes late, on R13: still in comfort only there',
      HEAD,
      { round: 13, washer: 12 },
      [13, 13, 14],
      { round: 15, stitches: 3, of: 6 },
    ],
    [
      'eyes on the last round but one: 12 stitches, never in comfort',
      HEAD,
      { round: 14, washer: 12 },
      [14, null, 14],
      { round: 15, stitches: 3, of: 6 },
    ],
    [
      'eyes on the last round: 6 stitches pulled to 11.6 mm, never',
      HEAD,
      { round: 15, washer: 12 },
      [15, null, null],
      null,
    ],
    ['a head left open at 24 stays open', OPEN, { round: 9, washer: 12 }, [9, 12, 12], null],
    [
      'a neck of 12 ends the comfort, though it widens again to 24',
      NECK,
      { round: 9, washer: 12 },
      [9, 12, 14],
      null,
    ],
    [
      'rounds of eights, 32, 24, 16, 8: 16 is enough in comfort, 8 is not enough',
      EIGHT,
      { round: 7, washer: 12 },
      [7, 11, 11],
      { round: 12, stitches: 7, of: 8 },
    ],
  ])('%s', (_, text, wish, window, into) => {
    const found = at(text, wish).window;
    expect([found.first, found.lastComfortable, found.lastPossible]).toEqual(window);
    expect(insideRound(found.possible)).toEqual(into);
  });

  it('a larger washer or a larger own hole never moves the last round later, nor further into one', () => {
    const when = (m: Moment | null) => (m ? m.round + m.stitches / m.of : 0);
    const late = ({ window }: EyesAt) => [when(window.comfortable), when(window.possible)];
    for (const text of [HEAD, NECK, OPEN, EIGHT])
      for (const gauge of [{}, ASSUMED, { stitchMm: 3.2, roundMm: 3 }]) {
        let before = [99, 99];
        for (let washer = 8; washer <= 30; washer++) {
          const now = late(at(text, { round: 7, washer, gauge }));
          expect(now[0]).toBeLessThanOrEqual(before[0]);
          expect(now[1]).toBeLessThanOrEqual(before[1]);
          before = now;
        }
        before = [99, 99];
        for (let own = 12; own <= 60; own += 3) {
          const now = late(at(text, { round: 7, washer: 8, own, gauge }));
          expect(now[0]).toBeLessThanOrEqual(before[0]);
          expect(now[1]).toBe(before[1] === 99 ? now[1] : before[1]);
          before = now;
        }
      }
  });
});
