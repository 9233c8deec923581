import fc from 'fast-check';
import { buildFabric, type Fabric } from '../fabric';
import { modelToy } from '../model';
import { gatheredWords, read } from '../notation';
import { addParts, changeSettings, newToy, rewritePart, type Toy } from '../toy';
import { begunPart, roundDone, sameAgain, takenBack, tapped, workingOf, type Move } from './index';

let n = 0;
const newId = () => `k${++n}`;
const begun = (ring = 6): Toy => addParts(newToy('K', newId), begunPart('Leaf', ring, 'us'), newId);
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
const asData = ({ kind, parentFrom, parentTo, rounds, back }: Fabric) => ({
  kind: [...kind],
  parentFrom: [...parentFrom],
  parentTo: [...parentTo],
  counts: rounds.map((r) => r.count),
  hidden: [...back].map((b) => b === -1),
});
const EATS: Record<Move, number> = { sc: 1, inc: 1, dec: 2, invdec: 2, hdc: 1, dc: 1 };
const MAKES: Record<Move, number> = { sc: 1, inc: 2, dec: 1, invdec: 1, hdc: 1, dc: 1 };

describe('worked and written', () => {
  it('50 made-up parts, tapped stitch by stitch: the text reads back as the same fabric as every stitch written out', () => {
    const pattern = fc.array(fc.constantFrom<Move>('sc', 'sc', 'inc', 'dec', 'invdec', 'hdc', 'dc'), {
      minLength: 1,
      maxLength: 5,
    });
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 8 }),
        fc.array(pattern, { minLength: 1, maxLength: 4 }),
        (ring, patterns) => {
          let toy = begun(ring);
          let offered = ring;
          const flat = [`R1: ${ring} sc in ring`];
          patterns.forEach((moves, index) => {
            const all: Move[] = [];
            let left = offered;
            for (let k = 0; left > 0; k++) {
              const move = EATS[moves[k % moves.length]] <= left ? moves[k % moves.length] : 'sc';
              all.push(move);
              left -= EATS[move];
            }
            toy = tap(toy, ...all);
            expect(workingOf(partIn(toy))).toMatchObject({ eaten: offered, offered, number: index + 2 });
            // Nothing more fits in.
            expect(tapped(partIn(toy), 'sc')).toBeNull();
            toy = done(toy);
            flat.push(`R${index + 2}: ${all.join(', ')}`);
            offered = all.reduce((sum, m) => sum + MAKES[m], 0);
          });
          const told = partIn(toy);
          expect(told.reading.problems.filter((p) => p.severity === 'error')).toEqual([]);
          expect(told.reading.rounds.every((r) => r.stated === r.made)).toBe(true);
          const slow = buildFabric(read(flat.join('\n'), { terms: 'us' }).parts[0], []);
          expect(asData(told.fabric)).toEqual(asData(slow));
        },
      ),
      { numRuns: 50, seed: 50 },
    );
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
      begunPart('Leaf', 6, 'uk'),
      newId,
    );
    const toy = done(tap(uk, 'sc', 'inc', 'hdc', 'hdc', 'dc', 'sc'));
    expect(textOf(toy)).toBe('Leaf\nR1: 6 dc in ring (6)\nR2: dc, inc, 2 htr, tr, dc (7)');
    const us = done(tap(begun(), 'sc', 'inc', 'hdc', 'hdc', 'dc', 'sc'));
    expect(asData(partIn(toy).fabric)).toEqual(asData(partIn(us).fabric));
  });

  it('what repeats is gathered, and nothing is lost by it', () =>
    fc.assert(
      fc.property(fc.array(fc.constantFrom('sc', 'inc', 'dec', 'hdc'), { maxLength: 40 }), (words) => {
        const told = gatheredWords(words);
        // Unfolded again by hand.
        const unfold = (s: string): string[] =>
          [...s.matchAll(/\(([^)]*)\) x(\d+)|([^,()]+)/g)].flatMap((m) => {
            if (m[1] !== undefined) return Array(Number(m[2])).fill(unfold(m[1])).flat() as string[];
            const words_ = m[3].trim();
            if (words_ === '') return [];
            const many = /^(\d+) (\w+)$/.exec(words_) ?? null;
            const times = /^(\w+) x(\d+)$/.exec(words_);
            if (many) return Array<string>(Number(many[1])).fill(many[2]);
            if (times) return Array<string>(Number(times[2])).fill(times[1]);
            return [words_];
          });
        expect(unfold(told)).toEqual(words);
      }),
      { numRuns: 300, seed: 4 },
    ));
});
