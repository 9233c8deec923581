import { buildFabric } from '../fabric';
import { dot, formOf, sub } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { directionsOf, frontAngle, type RingIs } from './pose';
import { positionOf, polarOf, pointOf } from './position';
import { growsRight, senseOf, senseOfRing, standingAlone } from './sense';

const BALL = `R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-9: sc around\nR10: (2 sc, dec) x6\nR11: (sc, dec) x6`;
const fabric = buildFabric(read(BALL).parts[0], []);
const formFor = (hand: 'right' | 'left', wrongSideOut: boolean) =>
  formOf(fabric, gaugeOf({ hookMm: 3, hand, yarnUnder: false }), { fill: 'firm', wrongSideOut });

const RINGS: RingIs[] = ['crown', 'chin', 'nose', 'sole', 'back', 'tip', 'mouth'];
const cases = RINGS.flatMap((ring) =>
  (['right', 'left'] as const).flatMap((hand) => [false, true].map((out) => [ring, hand, out] as const)),
);

// Checked against points in space, which know nothing of the rule.
describe.each(cases)('ring = %s, %s hand, wrong side out %s', (ring, hand, wrongSideOut) => {
  const form = formFor(hand, wrongSideOut);
  const front = frontAngle(form, fabric.rounds.length - 1);
  const own = directionsOf(form, ring, front);
  const sense = senseOf(form, own);

  it('numbers grow where the next hole lies', () => {
    const round = 6;
    const { count } = fabric.rounds[round];
    const at = Math.round(((front - polarOf(form, round, 0, 'hole').angleRad) / (2 * Math.PI)) * count);
    const step = sub(positionOf(form, round, 'hole', at + 1), positionOf(form, round, 'hole', at - 1));
    expect(Math.sign(dot(step, own.left))).toBe(sense.growsLeft);
  });

  it('a later round lies higher or lower, on a part that stands as on one that lies', () => {
    // Of a part that lies, on the half that looks at the viewer: the end of one that begins behind.
    const rows = ring === 'back' ? [9, 11] : [1, 3];
    const [early, late] = rows.map((row) => pointOf(form, { angleRad: front, row }));
    expect(Math.sign(dot(sub(late, early), own.up))).toBe(sense.roundsUp);
  });

  it('the ring’s name gives the same', () => expect(senseOfRing(form, ring)).toEqual(sense));
});

test('decision 16 by hand: right-handed, right side out, ring up, numbers grow to the right; each of hand, side and end mirrors', () => {
  expect(growsRight(formFor('right', false), true)).toBe(1);
  expect(growsRight(formFor('left', false), true)).toBe(-1);
  expect(growsRight(formFor('right', true), true)).toBe(-1);
  expect(growsRight(formFor('right', false), false)).toBe(-1);
  expect(growsRight(formFor('left', true), true)).toBe(1);
});

test('by itself a part stands on its sole or chin, every other ring is up', () =>
  expect(RINGS.map(standingAlone)).toEqual(['crown', 'sole', 'crown', 'sole', 'crown', 'crown', 'crown']));
