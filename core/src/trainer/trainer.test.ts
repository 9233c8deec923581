import fc from 'fast-check';
import { coordAt } from '../address';
import { read } from '../notation';
import { dappleFile, modelToy, rillFile } from '../model';
import { addParts, newToy } from '../toy';
import {
  countable,
  increasesIn,
  isRight,
  learned,
  litAt,
  MOST_LEVEL,
  NEW_LEARNER,
  nextQuestion,
  rowMade,
  type Learner,
} from './index';

let n = 0;
const newId = () => `t${++n}`;
const toys = [rillFile(newId), dappleFile(newId)].map((f) => modelToy(f.toy));

/** A random number from 0 to 1 out of a list, again and again. */
const from = (numbers: readonly number[]) => {
  let k = 0;
  return () => numbers[k++ % numbers.length];
};

describe('learning to count', () => {
  it('any question has one right answer, told by the fabric or by reading the lines anew', () => {
    const asked = { stitch: 0, between: 0, fault: 0, missed: 0 };
    fc.assert(
      fc.property(
        fc.constantFrom(...toys),
        fc.integer({ min: 1, max: MOST_LEVEL }),
        fc.array(
          fc.nat(999).map((k) => k / 1000),
          { minLength: 8, maxLength: 8 },
        ),
        (model, level, numbers) => {
          const q = nextQuestion(model, level, from(numbers))!;
          asked[q.ask] += 1;
          const part = model.parts.find((p) => p.part.id === q.part)!;
          if (q.ask === 'fault') {
            // Read line by line: the counts of the others follow from each other, this one does not.
            const stated = q.lines.map((l) => Number(/\((\d+)\)\s*$/.exec(l)![1]));
            const own = part.reading.rounds.map((r) => r.made);
            stated.forEach((count, k) => expect(own.includes(count) || k === q.wrong).toBe(true));
            expect(read(part.part.text, { terms: part.terms }).parts[0].rounds.length).toBeGreaterThan(2);
            expect(q.lines.map((_, k) => isRight(model, q, [k]))).toEqual(
              q.lines.map((_, k) => k === q.wrong),
            );
            return;
          }
          const { count, number } = part.fabric.rounds[q.round];
          if (q.ask === 'missed') {
            // Written out by hand: the round as it came off the hook is made by this increase missed, and by no other.
            const made = (missed: number) =>
              rowMade(part, { round: q.round, missed })
                .map((s) => (s.shares ? 'I' : 's'))
                .join('');
            const all = increasesIn(part, q.round);
            const rows = Array.from({ length: all }, (_, k) => made(k + 1));
            expect([new Set(rows).size, rows[0].length]).toEqual([all, count - 1]);
            expect(rows.every((row) => row.split('I').length === all)).toBe(true);
            expect(rows.map((_, k) => isRight(model, q, [k + 1]))).toEqual(
              rows.map((_, k) => k + 1 === q.missed),
            );
            return;
          }
          if (q.ask === 'between') {
            expect(q.to).toBeLessThanOrEqual(count);
            expect(isRight(model, q, [q.to - q.from - 1])).toBe(true);
            expect(isRight(model, q, [q.to - q.from])).toBe(false);
            return;
          }
          // What is lit is the stitch that is asked for.
          const lit = litAt(part.form, q.round, q.stitch);
          expect(coordAt(part.form, q.round, lit.angleRad, 'middle')).toBeCloseTo(q.stitch - 0.5, 6);
          expect(isRight(model, q, [number, q.stitch])).toBe(true);
          expect(isRight(model, q, [number + 1, q.stitch])).toBe(false);
          expect(isRight(model, q, [number, q.stitch + 1])).toBe(false);
        },
      ),
      { numRuns: 300, seed: 8 },
    );
    expect(Object.entries(asked).filter(([, times]) => times < 20)).toEqual([]);
  });

  it('three right ones in a row are harder, one wrong is easier, and never past the ends', () => {
    const after = (...right: boolean[]): Learner => right.reduce(learned, NEW_LEARNER);
    expect(after(true, true).level).toBe(1);
    expect(after(true, true, true).level).toBe(2);
    expect(after(true, true, true, false).level).toBe(1);
    expect(after(false, false).level).toBe(1);
    expect(after(...Array<boolean>(20).fill(true)).level).toBe(MOST_LEVEL);
    expect(after(true, false, true)).toMatchObject({ right: 2, asked: 3, inARow: 1 });
  });

  it('three in one is no increase of which one can be missed', () => {
    const asks = (round: string) => {
      const text = `Ball\nR1: 6 sc in ring (6)\nR2: ${round}\nR3: sc around\nR4: sc around\nR5: sc around`;
      const ball = modelToy(addParts(newToy('B', newId), text, newId));
      const all = Array.from(
        { length: 60 },
        (_, k) => nextQuestion(ball, 2, from([k / 60, 0.9, 0, 0.5]))!.ask,
      );
      const last = Array.from(
        { length: 60 },
        (_, k) => nextQuestion(ball, 2, from([0, k / 60, 0.99, 0.5]))!.ask,
      );
      return new Set([...all, ...last]).has('missed');
    };
    expect([asks('inc x6 (12)'), asks('inc3 x6 (18)')]).toEqual([true, false]);
  });

  it('a toy without rounds to count on asks nothing', () => {
    const bare = modelToy({ ...rillFile(newId).toy, parts: [], features: [], joins: [] });
    expect([countable(bare), nextQuestion(bare, 1, () => 0.5)]).toEqual([[], null]);
  });
});
