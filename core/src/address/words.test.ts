import { buildFabric } from '../fabric';
import { formOf, type PartForm } from '../form';
import { gaugeOf } from '../gauge';
import { read } from '../notation';
import {
  centredPair,
  directionsOf,
  frontAngle,
  pairWords,
  readPlaceWords,
  roundWords,
  stitchWords,
  tagOf,
  type PlaceContext,
  type Said,
} from './index';
import { share } from '../../bench/share';

// Joined and without lean, so that the middle can be counted by hand: R14 has 42 stitches, R13 and R14 meet at hole 21.
const HEAD = [
  'R1: 6 sc in ring',
  'R2: inc x6',
  'R3: (sc, inc) x6',
  'R4: (2 sc, inc) x6',
  'R5: (3 sc, inc) x6',
  'R6: (4 sc, inc) x6',
  'R7: (5 sc, inc) x6',
  'R8: BLO: 42 sc',
  'R9-16: sc around',
  'R17: (5 sc, dec) x6',
  'R18: (4 sc, dec) x6',
  'R19: (3 sc, dec) x6',
  'R20: (2 sc, dec) x6',
  'R21: (sc, dec) x6',
];
const formFrom = (
  lines: string[],
  joined: boolean,
  lean: number,
  hand: 'right' | 'left' = 'right',
): PartForm => {
  const text = lines.map((l) => (joined ? `${l}, sl st to join` : l)).join('\n');
  return formOf(
    buildFabric(
      read(text, { terms: 'us' }).parts[0],
      lines.map((_, i) => `m${i}`),
    ),
    gaugeOf({ hookMm: 3, stitchMm: 5, roundMm: 4.5, leanStitches: lean, hand, yarnUnder: false }),
    { fill: 'medium' },
  );
};
const contextOf = (form: PartForm, pause: number, ringIs: 'crown' | 'chin' = 'crown'): PlaceContext => {
  const frontRad = frontAngle(form, pause);
  return {
    form,
    ringIs,
    faceAt: () => ({ frontRad, own: directionsOf(form, ringIs, frontRad), pause }),
    features: [{ name: 'mouth', round: 15 }],
  };
};
const head = contextOf(formFrom(HEAD, true, 0), 15);
const hole = (round: number, index: number): Said => ({ what: 'place', round: round - 1, at: 'hole', index });
const middle = (round: number, index: number): Said => ({
  what: 'place',
  round: round - 1,
  at: 'middle',
  index,
});
const holes = (round: number, on: number, low: number): Said => ({
  what: 'pair',
  round: round - 1,
  at: 'hole',
  on,
  low,
  high: low + on,
});
const middles = (round: number, on: number, low: number): Said => ({
  what: 'pair',
  round: round - 1,
  at: 'middle',
  on,
  low: low - 0.5,
  high: low - 0.5 + on,
});

describe('places in words', () => {
  // Worked out on the head above: 21 rounds, R7 to R16 of 42, R17 36, R18 30; the pause is after R16, whose marker stands as R14's; R8 stands on a ridge.
  // The middle of a round of 42 is hole 21, of its stitches the 21st or the 22nd (22nd: the first after the middle line).
  const PHRASES: [string, Said[]][] = [
    // one place
    ['R13·14 | 18·19', [hole(14, 18)]],
    ['between R13 and R14, between stitches 18 and 19', [hole(14, 18)]],
    ['between rounds 13 & 14, hole 18·19', [hole(14, 18)]],
    ['between rnds 13-14 between sts 18 and 19', [hole(14, 18)]],
    ['13 rounds down from the ring, between stitches 18 and 19', [hole(14, 18)]],
    ['thirteen rounds down, between the 18th and 19th stitch', [hole(14, 18)]],
    ['between the 13th and 14th round from the ring, 18·19', [hole(14, 18)]],
    ['between the 9th and 8th round from the finished edge, 18·19', [hole(14, 18)]],
    ['between the 4th and 3rd round from the edge at the pause, 18·19', [hole(14, 18)]],
    ['8 rounds from the finished edge, 18·19', [hole(14, 18)]],
    ['3 rounds from the edge at the pause, 18·19', [hole(14, 18)]],
    ['between R13 and R14, between stitches 42 and 1', [hole(14, 0)]],
    ['between R13 and R14, the 18th hole', [hole(14, 18)]],
    ['between R13 and R14, 24 holes before the end of the round', [hole(14, 18)]],
    ['between R13 and R14, in the middle of the face', [hole(14, 21)]],
    ['between R13 and R14, opposite the marker', [hole(14, 21)]],
    // Right hand, ring up: numbers grow to the right as one looks at it, which is the toy's own left.
    ['between R13 and R14, 3 holes to the toy’s left of the middle', [hole(14, 24)]],
    ["between R13 and R14, 3 holes to the toy's right of the middle", [hole(14, 18)]],
    ['in R14, stitch 18', [middle(14, 18)]],
    ['R14 | 18', [middle(14, 18)]],
    ['stitch 18 of R14', [middle(14, 18)]],
    ['through the middle of stitch 18 on round 14', [middle(14, 18)]],
    ['in the 14th round, the 18th stitch', [middle(14, 18)]],
    ['in the 14th round from the ring, stitch 18', [middle(14, 18)]],
    ['in the 8th round from the finished edge, stitch 18', [middle(14, 18)]],
    ['in the 3rd round from the edge at the pause, stitch 18', [middle(14, 18)]],
    ['in R14, in the 25th stitch from the end of the round', [middle(14, 18)]],
    ['in R14, 4 stitches to the right of the middle', [middle(14, 18)]],
    ['on the first round after the ridge, stitch 5', [middle(8, 5)]],
    ['in the 3rd round after the ridge, stitch 5', [middle(10, 5)]],
    ['on the first round above the ridge, stitch 5', [middle(7, 5)]],
    ['2 rounds above the mouth, 18·19', [hole(14, 18)]],
    ['level with the mouth, 18·19', [hole(16, 18)]],
    // pairs in holes
    ['between R13 and R14, 7 stitches between', [holes(14, 7, 18)]],
    ['eyes between rounds 13 and 14, with 7 stitches between them', [holes(14, 7, 18)]],
    ['between R13 and R14, 7 holes on', [holes(14, 7, 18)]],
    ['between R13 and R14, 6 holes showing between', [holes(14, 7, 18)]],
    ['between R13 and R14, six empty holes between the eyes', [holes(14, 7, 18)]],
    ['between R13 and R14, 8 holes, counting both posts', [holes(14, 7, 18)]],
    ['R13·14 | 18·19 and 25·26', [holes(14, 7, 18)]],
    ['R13·14 | 40·41 and 5·6', [holes(14, 7, 40)]],
    ['between R13 and R14, the 4th hole on each side of the middle stitch', [holes(14, 7, 18)]],
    ['between R13 and R14, 4th hole each side of the middle hole', [holes(14, 8, 17)]],
    // 7 stitches on 42 are 60 degrees; two rulers of 7 stitches: chord 2 r sin 30 degrees.
    ['between R13 and R14, 60 degrees apart', [holes(14, 7, 18)]],
    ['13 rounds down from the ring, 7 stitches between', [holes(14, 7, 18)]],
    ['eyes btw R13 & R14, 7 sts between', [holes(14, 7, 18)]],
    ['rounds 13-14, 7 sts in between', [holes(14, 7, 18)]],
    ['between rnd 13/14, leave 6 holes showing', [holes(14, 7, 18)]],
    ['13 rounds from the top, 7 stitches between', [holes(14, 7, 18)]],
    ['R13·14 | 18·19, R13·14 | 25·26', [holes(14, 7, 18)]],
    ['R13·14 18·19 + 25·26', [holes(14, 7, 18)]],
    // pairs in middles
    ['R14 st 18 and st 25', [middles(14, 7, 18)]],
    ['on row 14, 7 stitches on', [middles(14, 7, 18)]],
    ['in R14, 6 stitches between', [middles(14, 7, 18)]],
    ['in R14, 7 stitches on', [middles(14, 7, 18)]],
    ['R14 | 18 and 25', [middles(14, 7, 18)]],
    ['in R14, the 4th stitch on each side of the middle hole', [middles(14, 7, 18)]],
  ];
  it.each(PHRASES)('“%s”', (phrase, said) =>
    expect(readPlaceWords(phrase, head)).toEqual({
      problem: null,
      readings: said.map((s) => expect.objectContaining({ said: s })),
    }),
  );

  const AMBIGUOUS: [string, Said[]][] = [
    ['between R13 and R14, 7 stitches apart', [holes(14, 7, 18), holes(14, 6, 18)]],
    ['in R14, 7 stitches apart', [middles(14, 8, 18), middles(14, 7, 18)]],
    ['between R13 and R14, 7 holes apart', [holes(14, 7, 18), holes(14, 8, 17), holes(14, 6, 18)]],
    ['between R13 and R14, 7 apart', [holes(14, 7, 18), holes(14, 6, 18), holes(14, 8, 17)]],
    ['between the 4th and 3rd round from the edge, 18·19', [hole(14, 18), hole(19, 18)]],
    ['3 rounds from the open end, 18·19', [hole(14, 18), hole(19, 18)]],
    ['in the 3rd round from the edge, stitch 18', [middle(14, 18), middle(19, 18)]],
    ['between R13 and R14, 4 stitches either side of the centre', [holes(14, 8, 17), holes(14, 9, 17)]],
    ['between R13 and R14, the 4th hole on each side of the middle', [holes(14, 7, 18), holes(14, 8, 17)]],
  ];
  it.each(AMBIGUOUS)('“%s” gives all its readings', (phrase, said) =>
    expect(readPlaceWords(phrase, head).readings.map((r) => r.said)).toEqual(said),
  );

  it('two doubts in one phrase are four readings', () =>
    expect(
      readPlaceWords('3 rounds from the end, 7 stitches apart', head).readings.map(({ said }) => [
        said.round + 1,
        (said as { on: number }).on,
      ]),
    ).toEqual([
      [14, 7],
      [14, 6],
      [19, 7],
      [19, 6],
    ]));

  it('mm apart are straight or along the fabric: both readings, and each by itself', () => {
    const readings = readPlaceWords('between R13 and R14, 50 mm apart', head).readings;
    expect(readings.map((r) => r.along)).toEqual(['mm-straight', 'mm-along']);
    expect(readPlaceWords('between R13 and R14, 5 cm apart, straight', head).readings).toEqual([readings[0]]);
    // On a curve more mm lie along the fabric than straight across, so fewer stitches make 50 of them.
    expect((readings[1].said as { on: number }).on).toBeLessThan((readings[0].said as { on: number }).on);
  });

  it.each([
    ['between R13 and R15, 7 stitches between', /not neighbours/, 'between R13 and R15'],
    ['between R30 and R31, 7 stitches between', /no R31: this part ends at R21/, 'between R30 and R31'],
    ['in R14, stitch 43', /R14 has 42 stitches, so there is no stitch 43/, 'stitch 43'],
    ['between R13 and R14, between stitches 18 and 21', /not neighbours/, 'between stitches 18 and 21'],
    ['between R13 and R14, 60 stitches between', /too far apart for R14/, '60 stitches between'],
    [
      'on the first round after the colour change, stitch 5',
      /no colour step/,
      'on the first round after the colour change',
    ],
    ['2 rounds above the whiskers, 18·19', /no “whiskers”/, '2 rounds above the whiskers'],
    ['between R13 and R14, somewhere nice', /“somewhere” is not understood/, 'somewhere'],
    ['between R13 and R14, 7 stitches between, 9 holes on', /say two different things/, '9 holes on'],
    ['R13·14 | 18·19, R12·13 | 25·26', /say two different things/, 'R12·13 |'],
    ['between R13 and R14, 0 between', /both posts would stand in one hole/, '0 between'],
    ['between R13 and R14, 22 stitches between', /22 is too far apart for R14/, '22 stitches between'],
    [
      'between R13 and R14, about 6-7 stitches apart',
      /6 and 7 are two different distances/,
      '6-7 stitches apart',
    ],
    ['between R13 and R14, six or seven holes showing', /say 6, or say 7/, 'six or seven holes showing'],
    ['7 stitches between', /Which round/, '7 stitches between'],
    ['between R13 and R14', /Where on the round/, 'between R13 and R14'],
  ])('“%s” is answered with a sentence and its place', (phrase, sentence, at) => {
    const { readings, problem } = readPlaceWords(phrase, head);
    expect(readings).toEqual([]);
    expect(problem!.sentence).toMatch(sentence);
    expect(phrase.slice(problem!.from, problem!.to)).toBe(at);
  });
});

describe('printed in every school and read back', () => {
  it(`${share(1200)} random places and pairs, spiral and joined, both hands, ring up and down: the same place each time`, () => {
    let seed = 11;
    const random = (below: number) =>
      Math.floor(((seed = (Math.imul(seed, 1103515245) + 12345) >>> 0) / 4294967296) * below);
    const contexts = [
      [true, 0, 'right', 'crown'],
      [false, -0.25, 'right', 'crown'],
      [false, -0.25, 'left', 'chin'],
      [true, -0.25, 'right', 'chin'],
    ].map(([joined, lean, hand, ring]) =>
      contextOf(formFrom(HEAD, joined as boolean, lean as number, hand as 'right'), 17, ring as 'crown'),
    );
    let phrases = 0;
    for (let i = 0; i < share(1200); i++) {
      const context = contexts[i % 4];
      const { rounds } = context.form.fabric;
      const at = random(2) ? 'hole' : 'middle';
      const round = 3 + random(rounds.length - 3);
      const pair = random(2) === 1;
      const said: Said = pair
        ? centredPair(context, round, at, 2 + random(rounds[round].count / 2 - 2))
        : {
            what: 'place',
            round,
            at,
            index: at === 'hole' ? random(rounds[round].count) : 1 + random(rounds[round].count),
          };
      const alongs = said.what === 'pair' ? pairWords(context, said) : stitchWords(context, said);
      const all = [
        ...roundWords(context, said).flatMap((r, k) =>
          alongs.filter((a) => k === 0 || a.school !== 'mm-along').map((a) => `${r.words}, ${a.words}`),
        ),
      ];
      // A tag may name a pair across the start of a round from either side; it is the same holes.
      expect(
        readPlaceWords(tagOf(context, said), context).readings.map((r) => tagOf(context, r.said)),
      ).toEqual([tagOf(context, said)]);
      for (const words of all) {
        const { readings, problem } = readPlaceWords(words, context);
        expect([words, problem]).toEqual([words, null]);
        expect([words, readings.map((r) => r.said)]).toEqual([words, [said]]);
        phrases++;
      }
    }
    process.stdout.write(`  ${phrases} printed phrases of ${share(1200)} places read back\n`);
  });
});
