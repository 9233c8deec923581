import fc from 'fast-check';
import { changePlan, changeSettings, rewritePart, type LogEvent } from '../toy';
import { modelToy } from '../model';
import { ticksOf, tick, progressOf, whereAmI, withDeed } from '../record';
import { isOn } from '../feature';
import { faults } from './cases/checker';
import { soundToy, wilfulToy } from './cases/soundToys';
import { lanesOf, moved, planOf, refusalWords, stepWords, troubleWords, type Step } from './index';
import { share } from '../../bench/share';

/** A share of the five hundred that `npm run fuzz` makes. */
const WILFUL = Number(process.env.HOPPLA_PLANS ?? 8);
let fresh = 0;

const EVERY_KIND = [
  'begin-round',
  'close',
  'core',
  'draw-shut',
  'embroider',
  'embroider-last',
  'ends',
  'eyes',
  'fasten-off',
  'hang-last',
  'inspect',
  'lids',
  'look-again',
  'patch',
  'ready',
  'rounds',
  'sculpt',
  'sew',
  'stuff',
  'washers',
];

const RUNS = { numRuns: share(120), seed: 20261126 };

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
    expect(Math.min(sewn, eyed)).toBeGreaterThan(RUNS.numRuns);
  });

  const SPOILED: [string, (steps: readonly Step[]) => readonly Step[]][] = [
    [
      'the first seam before all',
      (steps) =>
        stepMoved(
          steps,
          steps.findIndex((s) => s.kind === 'sew'),
          0,
        ),
    ],
    [
      'eyes after the end',
      (steps) =>
        stepMoved(
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
      { ...RUNS, numRuns: share(40) },
    );
    expect(tried).toBeGreaterThan(share(10));
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
      { ...RUNS, numRuns: share(40) },
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
      { ...RUNS, numRuns: share(40) },
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
        // Rounds are told in runs, moves of the hand within them; everything else has a row.
        const shown = new Set(rows.flatMap((r) => [r.step.kind === 'rounds' ? '' : r.step.key]));
        const told = rows.flatMap((r) => r.moves).join('\n');
        for (const step of plan.steps) {
          if (step.kind === 'rounds') continue;
          const alike = plan.steps.filter(
            (s) => s.kind === step.kind && s.part === step.part && s.about === step.about,
          );
          const isTold = alike.some((s) => shown.has(s.key)) || told.includes(stepWords(step, model).title);
          expect([step.kind, isTold]).toEqual([step.kind, true]);
        }
        const labels = (steps: readonly Step[]) =>
          new Set(
            steps.flatMap((s) => (s.kind === 'rounds' ? s.ticks.map((t) => `${s.part} ${t.label}`) : [])),
          );
        expect(labels(rows.map((r) => r.step))).toEqual(labels(plan.steps));
      }),
      { ...RUNS, numRuns: share(40) },
    ));
});

describe('plans of toys with work of every kind, and a will of their own', () => {
  it('have no fault: what the maker moves stands where they put it, or as near as reasons allow', () => {
    const kinds = new Set<string>();
    fc.assert(
      fc.property(wilfulToy, (toy) => {
        const model = modelToy(toy);
        const plan = planOf(model);
        expect(faults(model, plan.steps)).toEqual([]);
        for (const step of plan.steps) kinds.add(step.kind);
        for (const t of plan.trouble) expect(troubleWords(t, model)).not.toMatch(/undefined|NaN|\[object/);
      }),
      { numRuns: WILFUL, seed: 20261127 },
    );
    expect([...kinds].sort()).toEqual(expect.arrayContaining(EVERY_KIND));
  });

  it('spoiled by a colour inside a round that is not told, or by an end that is cut too short, they have', () => {
    const tried = { colour: 0, end: 0 };
    const untold = (s: Step): Step =>
      s.kind === 'rounds' ? { ...s, ticks: s.ticks.map((t) => ({ ...t, changes: [] })) } : s;
    const short = (s: Step): Step => (s.kind === 'close' ? { ...s, tailMm: 100 } : s);
    fc.assert(
      fc.property(wilfulToy, (toy) => {
        const model = modelToy(toy);
        const { steps } = planOf(model);
        const told = steps.some((s) => s.kind === 'rounds' && s.ticks.some((t) => t.changes.length > 0));
        if (told) {
          tried.colour++;
          expect(faults(model, steps.map(untold))).not.toEqual([]);
        }
        if (steps.some((s) => s.kind === 'close')) {
          tried.end++;
          expect(faults(model, steps.map(short))).not.toEqual([]);
        }
      }),
      { numRuns: WILFUL, seed: 20261128 },
    );
    expect(Math.min(tried.colour, tried.end)).toBeGreaterThan(WILFUL / 10);
  });

  it('each refused move names a true reason: made all the same, the checker finds a fault', () => {
    let [refused, kept] = [0, 0];
    fc.assert(
      fc.property(wilfulToy, fc.nat(60), fc.nat(60), (toy, a, b) => {
        const model = modelToy(changePlan(toy, { moves: [] }));
        const { blocks } = planOf(model);
        const block = blocks[a % blocks.length];
        const rest = blocks.filter((x) => x !== block);
        const to = b % (rest.length + 1);
        const found = moved(blocks, { key: block.key, after: rest[to - 1]?.key ?? null })!;
        const forced = [...rest.slice(0, to), block, ...rest.slice(to)];
        const steps = (all: typeof blocks) => all.flatMap((x) => x.steps);
        expect(faults(model, steps(found.order))).toEqual([]);
        if (found.refusal) {
          refused++;
          expect(faults(model, steps(forced))).not.toEqual([]);
          expect(refusalWords(found.refusal, model)).toMatch(/^[A-Z].+: .+\./);
        } else {
          kept++;
          expect(found.order.map((x) => x.key)).toEqual(forced.map((x) => x.key));
        }
      }),
      { numRuns: WILFUL, seed: 7 },
    );
    expect(Math.min(refused, kept)).toBeGreaterThan(WILFUL / 10);
  });

  it('a small edit moves few steps: those of other parts keep their order and stand where they stood', () =>
    fc.assert(
      fc.property(wilfulToy, fc.nat(9), (toy, k) => {
        const at = k % toy.parts.length;
        const { text } = toy.parts[at];
        // One plain round more.
        const longer = text.replace(/^(R\d+: sc around \(\d+\))$/m, '$1\n$1');
        fc.pre(longer !== text);
        const before = planOf(modelToy(toy)).steps;
        const after = planOf(modelToy(rewritePart(toy, toy.parts[at].id, longer, () => `n${++fresh}`))).steps;
        const others = (steps: readonly Step[]) =>
          steps.filter((s) => s.part !== toy.parts[at].id && s.part !== '').map((s) => s.key);
        expect(others(after)).toEqual(others(before));
      }),
      { numRuns: Math.round(WILFUL / 3), seed: 3 },
    ));

  it('parts stand in the order of the text, unless a round of an earlier one needs them', () =>
    fc.assert(
      fc.property(wilfulToy, (toy) => {
        const model = modelToy(changePlan(toy, { moves: [], seams: 'last' }));
        const order = [...new Set(planOf(model).blocks.flatMap((b) => b.steps.map((s) => s.part)))].filter(
          Boolean,
        );
        const caught = new Set(model.caught.map(({ join }) => join.guest.part));
        const plain = order.filter((p) => !caught.has(p));
        expect(plain).toEqual(toy.parts.map((p) => p.id).filter((p) => plain.includes(p)));
      }),
      { numRuns: Math.round(WILFUL / 3), seed: 5 },
    ));
});

const without = (steps: readonly Step[], i: number): readonly Step[] =>
  i < 0 ? steps : steps.filter((_, k) => k !== i);
const stepMoved = (steps: readonly Step[], i: number, to: number): readonly Step[] => {
  if (i < 0) return steps;
  const rest = without(steps, i);
  return [...rest.slice(0, to), steps[i], ...rest.slice(to)];
};
