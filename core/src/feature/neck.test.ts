import { readPlaceWords, coordAt, frontAngle } from '../address';
import { buildFabric } from '../fabric';
import { formOf } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { bareHead, newPair, pairSaid, resolveEyes, wordsContext, type EyesAt } from './index';

// A doll in one piece: a head, a neck of 18, a body with many more rounds. With a strong lean the marker wanders far from neck to hem.
const DOLL = [
  'R1: 6 sc in ring',
  'R2: inc x6',
  'R3: (sc, inc) x6',
  'R4: (2 sc, inc) x6',
  'R5: (3 sc, inc) x6',
  'R6: (4 sc, inc) x6',
  'R7: (5 sc, inc) x6',
  'R8-14: sc around',
  'R15: (5 sc, dec) x6',
  'R16: (4 sc, dec) x6',
  'R17: (3 sc, dec) x6',
  'R18: (2 sc, dec) x6',
  'R19: (sc, dec) x6',
  'R20: (sc, inc) x6',
  'R21: (2 sc, inc) x6',
  'R22: (3 sc, inc) x6',
  'R23: (4 sc, inc) x6',
  'R24: (5 sc, inc) x6',
  'R25-40: sc around',
];
const fabric = buildFabric(
  read(DOLL.join('\n')).parts[0],
  DOLL.map((_, i) => `m${i}`),
);
const form = formOf(fabric, gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false, leanStitches: -0.3 }), {
  fill: 'firm',
});
const head = bareHead(form);
const usual = newPair(head, { id: 'e', part: 'p', copy: null })!;

/** The pause by hand: the last round before the first whose opening, at the worst, is under 24 mm or 10 over the washer. */
function pauseByHand(from: number): number {
  const needs = Math.max(24, usual.washerMm + 10);
  const opening = (i: number) => ((fabric.rounds[i].count * form.gauge.stitchMm) / Math.PI) * 1.25 * 0.88;
  let i = from;
  while (i + 1 < fabric.rounds.length && opening(i + 1) >= needs) i++;
  return i;
}

describe('the front is that of the round that is said (decision 40)', () => {
  it.each([
    [9, 'between R9 and R10, 7 stitches between'],
    [12, 'between R12 and R13, 6 stitches between'],
    [30, 'between R30 and R31, 7 stitches between'],
  ])('R%d: the pair stands on both sides of it', (number, words) => {
    const round = number;
    const { readings } = readPlaceWords(words, wordsContext(head, 'marker', usual));
    const { said } = readings[0];
    if (said.what !== 'pair') throw new Error('not a pair');
    expect(said.round).toBe(round);
    const at = resolveEyes(head, pairSaid(head, usual, said, 'stitches-between')) as EyesAt;
    const front = coordAt(form, round, frontAngle(form, pauseByHand(round)), 'hole');
    const off = at.centre - front;
    const { count } = fabric.rounds[round];
    expect(Math.abs(off - Math.round(off / count) * count)).toBeLessThanOrEqual(0.5);
  });
  it('in the head that is another side than in the body: the marker has wandered', () => {
    const { faceAt } = wordsContext(head, 'marker', usual);
    const turn = faceAt(9).frontRad - faceAt(30).frontRad;
    const off = Math.abs(turn - Math.round(turn / (2 * Math.PI)) * 2 * Math.PI);
    expect((off * 180) / Math.PI).toBeGreaterThan(45);
  });
  it('“from the edge at the pause” counts from the pause of that round: for the head the neck’s, not the hem', () => {
    const pause = pauseByHand(9);
    const n = pause + 1 - 9;
    const { readings } = readPlaceWords(
      `between the ${n + 1}th and ${n}th round from the edge at the pause, 7 stitches between`,
      wordsContext(head, 'marker', usual),
    );
    expect(readings.map((r) => r.said.round)).toEqual([9]);
  });
});
