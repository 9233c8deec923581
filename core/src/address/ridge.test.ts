import { buildFabric } from '../fabric';
import { formOf } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import { marksOf } from './index';

const ridges = (...rounds: string[]): number[] =>
  marksOf(
    formOf(
      buildFabric(read(rounds.join('\n')).parts[0], []),
      gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false }),
      {
        fill: 'firm',
      },
    ),
    'ridge',
  );
const UP = ['R1: 6 sc in ring', 'R2: inc x6', 'R3: (sc, inc) x6', 'R4: (2 sc, inc) x6'];

describe('a ridge stands where a round took one loop of most stitches and left the other', () => {
  it('a round in back loops makes one, in front loops as well', () => {
    expect(ridges(...UP, 'R5: BLO: 24 sc', 'R6: 24 sc')).toEqual([4]);
    expect(ridges(...UP, 'R5: FLO: 24 sc')).toEqual([4]);
    expect(ridges(...UP, 'R5: BLO: (3 sc, inc) x6', 'R6: 30 sc', 'R7: BLO: (3 sc, dec) x6')).toEqual([4, 6]);
  });
  it('a plain ball closed by invisible decreases has none, however many they are', () => {
    expect(
      ridges(...UP, 'R5-8: sc around', 'R9: (2 sc, invdec) x6', 'R10: (sc, invdec) x6', 'R11: invdec x6'),
    ).toEqual([]);
  });
  it('half a round in back loops is none', () =>
    expect(ridges(...UP, 'R5: 12 sc, 10 BLO sc, 2 sc')).toEqual([]));
});
