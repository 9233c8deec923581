import fc from 'fast-check';
import { share } from '../../bench/share';
import { buildFabric, type Fabric } from '../fabric';
import { modelToy } from '../model';
import { materialsOf, planOf } from '../plan';
import { read, type Terms } from '../notation';
import { addParts, changeSettings, newToy, rewritePart, type Toy } from '../toy';
import {
  begunPart,
  canTap,
  FEWEST_BEGUN,
  namesYarn,
  roundDone,
  sameAgain,
  takenBack,
  tapped,
  workingOf,
  type Beginning,
  type Move,
} from './index';

let n = 0;
const newId = () => `k${++n}`;
/** A part that is begun in a toy whose terms are settled: a part is there already. */
const begun = (stitches = 6, how: Beginning = 'ring', terms: Terms = 'us'): Toy => {
  const settled = changeSettings(addParts(newToy('K', newId), 'Bud\nR1: 6 sc in ring (6)', newId), { terms });
  const toy = addParts(settled, begunPart('Leaf', how, stitches, terms), newId);
  return { ...toy, parts: toy.parts.slice(1) };
};
const partIn = (toy: Toy) => modelToy(toy).parts[0];
const with_ = (toy: Toy, text: string): Toy => rewritePart(toy, toy.parts[0].id, text, newId);
const tap = (toy: Toy, ...moves: Move[]): Toy =>
  moves.reduce((so, move) => {
    const text = tapped(partIn(so), move);
    return text === null ? so : with_(so, text);
  }, toy);
const done = (toy: Toy): Toy => with_(toy, roundDone(partIn(toy))!);
const textOf = (toy: Toy) => toy.parts[0].text;
/** A fabric as data: what is worked into what. */
const asData = ({ kind, parentFrom, parentTo, rounds, front, back, colour, colours, shape }: Fabric) => ({
  kind: [...kind],
  parentFrom: [...parentFrom],
  parentTo: [...parentTo],
  counts: rounds.map((r) => r.count),
  loops: [[...front], [...back]],
  yarn: [...colour].map((c) => colours[c]),
  shape,
});
/** What each move takes and makes, and how a slow maker writes it, by hand. */
const BY_HAND: Record<Move, { eats: number; makes: number; words: string }> = {
  sc: { eats: 1, makes: 1, words: 'sc' },
  inc: { eats: 1, makes: 2, words: '2 sc in next' },
  dec: { eats: 2, makes: 1, words: 'sc2tog' },
  invdec: { eats: 2, makes: 1, words: 'inv dec' },
  slst: { eats: 1, makes: 1, words: 'sl st in next' },
  hdc: { eats: 1, makes: 1, words: 'hdc' },
  dc: { eats: 1, makes: 1, words: 'dc' },
  tr: { eats: 1, makes: 1, words: 'tr' },
  bob: { eats: 1, makes: 1, words: 'bobble' },
  front: { eats: 1, makes: 1, words: 'FPdc' },
  back: { eats: 1, makes: 1, words: 'BPdc' },
  ch: { eats: 0, makes: 1, words: 'ch 1' },
  skip: { eats: 1, makes: 0, words: 'skip 1' },
};
const MOVES = Object.keys(BY_HAND) as Move[];

describe('worked and written', () => {
  it(`${share(160)} made-up parts of every beginning, tapped stitch by stitch: the text reads back as the same fabric as every stitch written out`, () => {
    const tapOf = fc.record({
      move: fc.constantFrom<Move>('sc', 'sc', 'sc', 'inc', 'dec', ...MOVES),
      loops: fc.constantFrom(null, null, null, 'front' as const, 'back' as const),
      colour: fc.constantFrom(null, null, null, null, 'red', 'moss green', 'B'),
    });
    const pattern = fc.array(tapOf, { minLength: 1, maxLength: 5 });
    const worked = new Set<string>();
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 8 }),
        fc.constantFrom<Beginning>('ring', 'rows', 'tube', 'oval'),
        fc.array(pattern, { minLength: 1, maxLength: 4 }),
        fc.constantFrom<Terms>('us', 'uk'),
        (stitches, how, patterns, terms) => {
          let toy = begun(stitches, how, terms);
          let offered = how === 'oval' ? 2 * stitches + 4 : stitches;
          const flat = [textOf(begun(stitches, how)).split('\n')[1]];
          patterns.forEach((taps, index) => {
            const words: string[] = [];
            let [left, made] = [offered, 0];
            for (let k = 0; left > 0; k++) {
              let { move, loops, colour } = taps[k % taps.length];
              const endless = k >= taps.length && BY_HAND[move].eats === 0;
              if (BY_HAND[move].eats > left || made === 0 || endless) move = 'sc';
              if (
                move === 'invdec' ||
                move === 'front' ||
                move === 'back' ||
                move === 'ch' ||
                move === 'skip'
              )
                loops = null;
              // A round of one yarn and again of another is a text that no one writes: twice a round is enough.
              if (k >= taps.length) colour = null;
              toy = with_(toy, tapped(partIn(toy), move, { loops, colour })!);
              const through = loops === null ? '' : ` in ${loops} loop only`;
              if (colour !== null) words.push(`with ${colour}`);
              words.push(`${BY_HAND[move].words}${through}`);
              left -= BY_HAND[move].eats;
              made += BY_HAND[move].makes;
              worked.add(`${move} ${loops} ${how}`);
            }
            expect(workingOf(partIn(toy))).toMatchObject({
              eaten: offered,
              offered,
              made,
              number: index + 2,
            });
            // Nothing more fits in.
            expect([canTap(workingOf(partIn(toy)), 'sc'), tapped(partIn(toy), 'sc')]).toEqual([false, null]);
            toy = done(toy);
            flat.push(`R${index + 2}: ${how === 'rows' ? 'ch 1, turn, ' : ''}${words.join(', ')}`);
            offered = made;
          });
          const told = partIn(toy);
          expect(told.reading.problems.filter((p) => p.severity === 'error')).toEqual([]);
          expect(told.reading.rounds.every((r) => r.stated === r.made)).toBe(true);
          const slow = buildFabric(read(flat.join('\n'), { terms: 'us' }).parts[0], []);
          expect(asData(told.fabric)).toEqual(asData(slow));
        },
      ),
      { numRuns: share(160), seed: 50 },
    );
    expect(worked.size).toBeGreaterThan(60);
  });

  it('what a yarn is called is a yarn where it is written, or it is not taken', () => {
    const names = ['Moss green', 'dune', 'B', 'MC', 'light grey blue', 'dark 2'];
    expect(names.filter((name) => !namesYarn(name, 'us'))).toEqual(['dark 2']);
    expect(
      ['leg', 'ring', 'sc', 'dec', 'needle', '', ' ', '7', 'stuff (x)', 'a, b'].filter((name) =>
        namesYarn(name, 'us'),
      ),
    ).toEqual([]);
    for (const name of names.slice(0, 5)) {
      const toy = with_(begun(), tapped(partIn(begun()), 'sc', { colour: name })!);
      expect(workingOf(partIn(toy))).toMatchObject({ colour: name.toLowerCase(), eaten: 1 });
    }
  });

  it('each beginning with its fewest stitches lies as it is counted', () => {
    for (const [how, told] of [
      ['ring', [1, 'rounds', 'R1: 1 sc in ring (1)']],
      ['rows', [2, 'rows', 'R1: ch 3, sc in 2nd ch from hook, 1 sc (2)']],
      ['tube', [3, 'rounds', 'R1: ch 3, join (3)']],
      [
        'oval',
        [
          10,
          'rounds',
          'R1: ch 4, inc in 2nd ch from hook, 1 sc, 4 sc in last ch, other side: 1 sc, inc (10)',
        ],
      ],
    ] as const) {
      const part = partIn(begun(FEWEST_BEGUN[how], how));
      expect([part.fabric.rounds[0].count, part.fabric.shape, part.part.text.split('\n')[1]]).toEqual(told);
      expect(part.reading.problems).toEqual([]);
    }
  });

  it('rounds that are joined stay joined, and rows to and fro, however the first one says it', () => {
    const on = (lines: string): string[] => {
      let toy = with_(begun(), `Leaf\n${lines}`);
      for (let k = 0; k < 6; k++) toy = tap(toy, 'sc');
      toy = done(toy);
      const again = sameAgain(partIn(toy))!;
      return 'text' in again ? again.text.split('\n').slice(-2) : [];
    };
    expect(on('R1: 6 sc in ring, sl st to join (6)')).toEqual([
      'R2: ch 1, 6 sc, sl st to join (6)',
      'R3: ch 1, 6 sc, sl st to join (6)',
    ]);
    expect(on('R1: ch 7, sc in 2nd ch from hook, 5 sc, ch 1, turn (6)')).toEqual([
      'R2: 6 sc, ch 1, turn (6)',
      'R3: 6 sc, ch 1, turn (6)',
    ]);
    expect(on('R1: 6 sc in ring (6)\nR2: ch 1, turn, 6 sc (6)')).toEqual([
      'R3: ch 1, turn, 6 sc (6)',
      'R4: ch 1, turn, 6 sc (6)',
    ]);
  });

  it('yarn that no word names stays without a name, and is no other yarn', () => {
    const toy = done(
      tap(with_(begun(), tapped(partIn(begun()), 'sc', { colour: 'Red' })!), ...Array<Move>(5).fill('sc')),
    );
    const { fabric } = partIn(toy);
    expect([fabric.colours, [...fabric.colour]]).toEqual([
      ['', 'red'],
      [0, 0, 0, 0, 0, 0, 1, 1, 1, 1, 1, 1],
    ]);
    // The round cannot come once more: nobody can say the yarn that it begins in.
    expect([sameAgain(partIn(toy)), workingOf(partIn(toy))!.colour]).toEqual([
      { text: expect.stringMatching(/R3: 6 sc \(6\)$/) },
      'red',
    ]);
    const mixed = done(
      tap(
        with_(tap(begun(), 'sc', 'sc'), tapped(partIn(tap(begun(), 'sc', 'sc')), 'sc', { colour: 'red' })!),
        'sc',
        'sc',
        'sc',
      ),
    );
    expect([partIn(mixed).fabric.colour.slice(6).join(), sameAgain(partIn(mixed))]).toEqual([
      '0,0,1,1,1,1',
      null,
    ]);
    // With both named it comes as it was.
    const named = with_(
      mixed,
      textOf(mixed).replace('Leaf', 'Leaf (white)').replace('R2: ', 'R2: with white: '),
    );
    const again = sameAgain(partIn(named))!;
    const both = partIn(with_(named, 'text' in again ? again.text : '')).fabric;
    expect([...both.colour.slice(12)]).toEqual([...both.colour.slice(6, 12)]);
    const [none, red] = materialsOf(modelToy(toy), planOf(modelToy(toy))).yarns;
    expect([none.name, none.colour, red.name]).toEqual(['', null, 'red']);
    expect(none.metres.value).toBeGreaterThan(0.2);
  });

  it('a leaf by hand: written as a maker writes it, once more, taken back to nothing', () => {
    let toy = tap(begun(), ...Array<Move>(6).fill('inc'));
    expect(textOf(toy)).toBe('Leaf\nR1: 6 sc in ring (6)\nR2: inc x6');
    toy = done(toy);
    toy = tap(toy, 'sc', 'inc', 'sc', 'inc', 'sc');
    expect(textOf(toy).split('\n')[3]).toBe('R3: (sc, inc) x2, sc');
    expect(workingOf(partIn(toy))).toMatchObject({ eaten: 5, offered: 12, made: 7, line: 4 });
    expect(sameAgain(partIn(toy))).toEqual({ why: 'begun' });
    for (let k = 0; k < 5; k++) toy = with_(toy, takenBack(partIn(toy))!);
    expect(textOf(toy)).toBe('Leaf\nR1: 6 sc in ring (6)\nR2: inc x6 (12)');
    expect(takenBack(partIn(toy))).toBeNull();
    // What the last round takes is not what there is.
    expect(sameAgain(partIn(toy))).toEqual({ why: 'other count', takes: 6, offered: 12 });
    toy = done(tap(toy, ...Array<Move>(12).fill('sc')));
    const again = sameAgain(partIn(toy))!;
    expect('text' in again && again.text.split('\n').at(-1)).toBe('R4: 12 sc (12)');
  });

  it('what is left on purpose is skipped in the text: no fault, the yarn goes on, and the next round has what was made', () => {
    const begins = begun();
    const red = with_(begins, tapped(partIn(begins), 'inc', { colour: 'red' })!);
    const toy = done(tap(red, 'sc', 'sc'));
    expect(textOf(toy).split('\n').at(-1)).toBe('R2: with red: inc, 2 sc, skip 3 (4)');
    expect([
      partIn(toy).reading.problems.filter((p) => p.severity === 'error'),
      workingOf(partIn(toy)),
    ]).toMatchObject([[], { offered: 4, colour: 'red', number: 3 }]);
  });

  it('a line written by hand is never written over: several rounds, a note behind it, a closed part', () => {
    const ball = 'Leaf\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\n';
    for (const last of [
      'R3-5: 12 sc',
      'R3: sc around',
      'R3: 4 sc, then stuff it lightly',
      'R3: BLO: 12 sc',
    ]) {
      const toy = with_(begun(), ball + last);
      expect([last, workingOf(partIn(toy)), tapped(partIn(toy), 'sc')]).toEqual([last, null, null]);
      expect([takenBack(partIn(toy)), roundDone(partIn(toy)), sameAgain(partIn(toy))]).toEqual([
        null,
        null,
        null,
      ]);
    }
    expect(tapped(partIn(with_(begun(), `${ball}R3: dec x6 (6)\nclose`)), 'sc')).toBeNull();
    // With its count it is done, and the next round is tapped behind it.
    const on = tapped(partIn(with_(begun(), `${ball}R3-5: 12 sc (12)`)), 'dec')!;
    expect(on.split('\n').slice(-2)).toEqual(['R3-5: 12 sc (12)', 'R6: dec']);
  });

  it('in UK terms the words are the UK’s, and the fabric the same', () => {
    const uk = addParts(
      changeSettings(newToy('K', newId), { terms: 'uk' }),
      begunPart('Leaf', 'ring', 6, 'uk'),
      newId,
    );
    const toy = done(tap(uk, 'sc', 'inc', 'hdc', 'hdc', 'dc', 'sc'));
    expect(textOf(toy)).toBe('Leaf\nR1: 6 dc in ring (6)\nR2: dc, inc, 2 htr, tr, dc (7)');
    const us = done(tap(begun(), 'sc', 'inc', 'hdc', 'hdc', 'dc', 'sc'));
    expect(asData(partIn(toy).fabric)).toEqual(asData(partIn(us).fabric));
  });
});
