import { buildFabric } from '../fabric';
import { formOf } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import {
  directionsOf,
  frontAngle,
  habitsTold,
  nearestWords,
  questionsIn,
  readPlaceWords,
  withHabits,
  type PlaceContext,
} from './index';

const TEXT = [
  'R1: 6 sc in ring',
  'R2: inc x6',
  'R3: (sc, inc) x6',
  'R4: (2 sc, inc) x6',
  'R5-12: sc around',
  'R13: (2 sc, dec) x6',
];
const form = formOf(
  buildFabric(
    read(TEXT.join('\n'), { terms: 'us' }).parts[0],
    TEXT.map((_, i) => `m${i}`),
  ),
  gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false }),
  { fill: 'firm' },
);
const front = frontAngle(form, 9);
const context: PlaceContext = {
  form,
  ringIs: 'crown',
  faceAt: () => ({ frontRad: front, own: directionsOf(form, 'crown', front), pause: 9 }),
  features: [],
};
const readings = (words: string) => readPlaceWords(words, context).readings;

describe('a maker’s way of counting', () => {
  it.each<[string, string[]]>([
    ['between R8 and R9, 6 holes apart', ['holes apart']],
    ['between R8 and R9, 6 stitches apart', ['stitches apart']],
    ['between R8 and R9, 6 apart', ['apart']],
    ['between R8 and R9, 29 mm apart', ['mm apart']],
    ['4 rounds from the edge, 6 holes apart', ['holes apart', 'from the edge']],
    ['4 rounds from the finished edge, 6 holes showing', []],
  ])('%s leaves open %j', (words, open) => expect(questionsIn(readings(words))).toEqual(open));

  it('one answer is enough for ever, and leaves nothing open that it has answered', () => {
    for (const words of [
      'between R8 and R9, 6 holes apart',
      '4 rounds from the edge, 6 holes apart',
      'between R8 and R9, 5 apart',
    ])
      for (const chosen of readings(words)) {
        const told = habitsTold(readings(words), chosen);
        expect(withHabits(readings(words), told)).toEqual([chosen]);
      }
    const showing = habitsTold(
      readings('between R8 and R9, 6 holes apart'),
      readings('between R8 and R9, 6 holes apart').find((r) => r.along === 'holes-showing')!,
    );
    expect(
      withHabits(readings('between R9 and R10, 4 holes apart'), showing).map(
        (r) => r.said.what === 'pair' && r.said.on,
      ),
    ).toEqual([5]);
    // What it does not answer stays open.
    expect(withHabits(readings('between R8 and R9, 6 stitches apart'), showing)).toHaveLength(2);
  });
});

describe('the nearest words that can be', () => {
  it.each([
    ['between R30 and R31, 5 stitches between', 'between R12 and R13, 5 stitches between'],
    ['between R8 and R9, 40 stitches between', 'between R8 and R9, 12 stitches between'],
    ['40 rounds down from the ring, 5 stitches between', '12 rounds down from the ring, 5 stitches between'],
  ])('%s: %s', (wish, nearest) => {
    const found = nearestWords(wish, context)!;
    expect(found.phrase).toBe(nearest);
    expect(found.read.readings.length).toBeGreaterThan(0);
  });
  it('says nothing about words that can be, nor where no number is the reason', () => {
    expect(nearestWords('between R8 and R9, 5 stitches between', context)).toBeNull();
    expect(nearestWords('under the hat', context)).toBeNull();
  });
});
