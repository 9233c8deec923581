import fc from 'fast-check';
import { changeSettings, type LogEvent } from '../toy';
import { modelToy } from '../model';
import { ticksOf, tick, progressOf, whereAmI, withDeed } from '../record';
import { isOn } from '../feature';
import { faults } from './cases/checker';
import { soundToy } from './cases/soundToys';
import { lanesOf, planOf, stepWords, troubleWords, type Step } from './index';

const RUNS = { numRuns: 60, seed: 20261126 };

describe('plans of generated toys', () => {
  it('have no fault that a checker finds which knows nothing of how they are made', () => {
    let sewn = 0;
    let eyed = 0;
    fc.assert(
      fc.property(soundToy, (toy) => {
        const model = modelToy(toy);
        const plan = planOf(model);
        expect(faults(model, plan.steps)).toEqual([]);
        sewn += plan.steps.filter((s) => s.kind === 'sew').length;
        eyed += plan.steps.filter((s) => s.kind === 'eyes').length;
      }),
      RUNS,
    );
    // The toys are worth checking: seams and eyes are among them.
    expect(sewn).toBeGreaterThan(70);
    expect(eyed).toBeGreaterThan(70);
  });

  const SPOILED: [string, (steps: readonly Step[]) => readonly Step[]][] = [
    [
      'the first seam before all',
      (steps) =>
        moved(
          steps,
          steps.findIndex((s) => s.kind === 'sew'),
          0,
        ),
    ],
    [
      'eyes after the end',
      (steps) =>
        moved(
          steps,
          steps.findIndex((s) => s.kind === 'eyes'),
          steps.length - 1,
        ),
    ],
    [
      'a piece that is never finished',
      (steps) =>
        without(
          steps,
          steps.findIndex((s) => s.kind === 'fasten-off'),
        ),
    ],
    [
      'a round less',
      (steps) =>
        steps.map((s, i) => (i === 0 && s.kind === 'rounds' ? { ...s, ticks: s.ticks.slice(1) } : s)),
    ],
  ];
  it.each(SPOILED)('spoiled by %s they have', (_, spoil) => {
    let tried = 0;
    fc.assert(
      fc.property(soundToy, (toy) => {
        const model = modelToy(toy);
        const { steps } = planOf(model);
        const bad = spoil(steps);
        if (bad.length === steps.length && bad.every((s, i) => s === steps[i])) return;
        tried++;
        expect(faults(model, bad)).not.toEqual([]);
      }),
      { ...RUNS, numRuns: 40 },
    );
    expect(tried).toBeGreaterThan(10);
  });

  it('every step has a key of its own, words in both units, and no word that is not one', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        for (const units of ['mm', 'inch'] as const) {
          const model = modelToy(changeSettings(toy, { units }));
          const plan = planOf(model);
          expect(new Set(plan.steps.map((s) => s.key)).size).toBe(plan.steps.length);
          const told = [
            ...plan.steps.flatMap((s) => Object.values(stepWords(s, model)).flat()),
            ...plan.trouble.map((t) => troubleWords(t, model)),
          ];
          for (const words of told) {
            expect(words).toMatch(/\S/);
            expect(words).not.toMatch(/undefined|NaN|Infinity|\[object|\b1 (stitches|ends|pauses)\b|, 0\.0 /);
          }
        }
      }),
      { ...RUNS, numRuns: 40 },
    ));

  it('contents of ticks do not know the units; a toy made to its end is at its end', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        const [mm, inch] = (['mm', 'inch'] as const).map((units) =>
          ticksOf(planOf(modelToy(changeSettings(toy, { units })))),
        );
        expect(inch.map((t) => [t.key, t.content])).toEqual(mm.map((t) => [t.key, t.content]));
        const log = mm.reduce(
          (so, t) => withDeed(so, tick(t), '2026-01-01T20:00:00Z'),
          [] as readonly LogEvent[],
        );
        expect(whereAmI(inch, progressOf(log))).toEqual({ at: mm.length, done: mm.length, changed: [] });
      }),
      { ...RUNS, numRuns: 40 },
    ));

  it('features are planned on every copy they are on; under a stop no washer is clicked', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        const model = modelToy(toy);
        const { steps } = planOf(model);
        for (const { eyes, state } of model.eyes) {
          if (state.state === 'homeless') continue;
          const part = model.parts.find((p) => p.part.id === eyes.part)!;
          const on = part.copies.filter((c) => isOn(eyes, { part: eyes.part, copy: c.id }));
          const mine = steps.flatMap((s) => (s.kind === 'eyes' && s.feature === eyes.id ? [s] : []));
          expect(mine.map((s) => s.copy)).toEqual(on.map((c) => c.id));
          const clicks = steps.filter((s) => s.kind === 'washers' && s.feature === eyes.id);
          expect(clicks).toHaveLength(mine.filter((s) => s.plastic && !s.stopped).length);
        }
      }),
      RUNS,
    ));

  it('lanes: every part’s strand begins once, never two parts share a lane, and all that is planned is told', () =>
    fc.assert(
      fc.property(soundToy, (toy) => {
        const model = modelToy(toy);
        const plan = planOf(model);
        const { rows } = lanesOf(model, plan);
        for (const row of rows) expect(new Set(row.strands.map((s) => s.lane)).size).toBe(row.strands.length);
        const starts = rows.flatMap((r) => r.strands.filter((s) => s.state === 'starts'));
        expect(starts).toHaveLength(new Set(plan.steps.filter((s) => s.part).map((s) => s.part)).size);
        const kinds = (steps: readonly Step[]) =>
          new Set(steps.map((s) => JSON.stringify([s.kind, s.part, s.about])));
        expect(rows.length).toBeGreaterThanOrEqual(kinds(plan.steps).size);
      }),
      { ...RUNS, numRuns: 40 },
    ));
});

const without = (steps: readonly Step[], i: number): readonly Step[] =>
  i < 0 ? steps : steps.filter((_, k) => k !== i);
const moved = (steps: readonly Step[], i: number, to: number): readonly Step[] => {
  if (i < 0) return steps;
  const rest = without(steps, i);
  return [...rest.slice(0, to), steps[i], ...rest.slice(to)];
};
