import fc from 'fast-check';
import { modelOf, modelToy, rillFile } from '../model';
import { rename, type Deed } from '../toy';
import { compared, measurables, progressOf, unlike } from './index';

let n = 0;
const file = rillFile(() => `c${++n}`);
const model = modelToy(file.toy);
const logOf = (deeds: readonly Deed[]) => deeds.map((d) => ({ ...d, at: null }));
const all = measurables(model);
const named = (part: string, is: string) =>
  all.filter((w) => w.is === is && modelOf(model, w.part).name === part);

it('what can be measured: the eyes, and each piece across and along, each once', () => {
  const pieces = model.parts.reduce((sum, p) => sum + p.copies.length, 0);
  expect(all).toHaveLength(model.eyes.length + 2 * pieces);
  expect(new Set(all.map((w) => w.of)).size).toBe(all.length);
  for (const { planned } of all) {
    expect(planned.low).toBeLessThan(planned.value);
    expect(planned.high).toBeGreaterThan(planned.value);
  }
});

it('any sizes beside the plan: off is the plain difference, within is the plan’s range and a millimetre', () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(all.length - 1), fc.integer({ min: 1, max: 2000 })), { maxLength: 12 }),
      (said) => {
        const log = logOf(said.map(([i, tenths]) => ({ what: 'sized', of: all[i].of, mm: tenths / 10 })));
        for (const [i, row] of compared(model, progressOf(log), { with: 'plan' }).entries()) {
          const last = [...said].reverse().find(([k]) => k === i);
          if (!last) {
            expect([row.mine, row.offMm, row.within]).toEqual([null, null, null]);
            continue;
          }
          const { planned } = all[i];
          expect(row.offMm! + planned.value).toBeCloseTo(last[1] / 10, 6);
          const below = planned.low - last[1] / 10 > 1;
          const above = last[1] / 10 - planned.high > 1;
          expect(row.within).toBe(!below && !above);
        }
      },
    ),
    { numRuns: 200, seed: 3 },
  ));

it('another making is compared by what was measured on it, and nothing of it is made up', () => {
  const [eyes, first] = all;
  const log = logOf([
    { what: 'sized', of: eyes.of, mm: 24 },
    { what: 'another' },
    { what: 'sized', of: eyes.of, mm: 27.5 },
    { what: 'sized', of: first.of, mm: 30 },
  ]);
  const rows = compared(model, progressOf(log), { with: 'making', number: 1 });
  expect(rows[0]).toMatchObject({ mine: 27.5, offMm: 3.5, within: false });
  expect(rows[1]).toMatchObject({ mine: 30, beside: null, offMm: null, within: null });
  expect(
    compared(model, progressOf(log), { with: 'making', number: 7 }).every((r) => r.beside === null),
  ).toBe(true);
});

it('the other toy of a set: alike by kind, name and turn in the row; measured before planned; what it lacks is not known', () => {
  const twin = rillFile(() => `t${++n}`);
  const other = modelToy(rename(twin.toy, 'Rilla'));
  const theirs = measurables(other);
  const plain = compared(model, progressOf([]), { with: 'toy', model: other, progress: progressOf([]) });
  expect(plain.map((r) => r.beside!.mm)).toEqual(theirs.map((w) => w.planned.value));
  const measured = progressOf(logOf([{ what: 'sized', of: theirs[0].of, mm: 26 }]));
  const mine = progressOf(logOf([{ what: 'sized', of: all[0].of, mm: 24 }]));
  expect(compared(model, mine, { with: 'toy', model: other, progress: measured })[0]).toMatchObject({
    beside: { mm: 26, low: 26, high: 26 },
    offMm: -2,
    within: false,
  });
  const earless = modelToy({ ...twin.toy, parts: twin.toy.parts.filter((p) => !p.text.startsWith('Ear')) });
  const rows = compared(model, mine, { with: 'toy', model: earless, progress: measured });
  const ears = rows.filter((r) => modelOf(model, r.what.part).name === 'Ear');
  expect(ears.length).toBeGreaterThan(0);
  expect(ears.every((r) => r.beside === null)).toBe(true);
});

it('two ears that came out unlike are told, by more than a ruler errs', () => {
  const [one, two] = named('Ear', 'height');
  const told = (a: number, b: number) =>
    unlike(
      model,
      progressOf(
        logOf([
          { what: 'sized', of: one.of, mm: a },
          { what: 'sized', of: two.of, mm: b },
        ]),
      ),
    );
  expect(told(12, 14)).toEqual([]);
  expect(told(16, 12)).toEqual([
    { part: one.part, is: 'height', mm: 4, shortest: 'Ear 2', longest: 'Ear 1' },
  ]);
});
