import { gaugeOf } from '../gauge';
import {
  changePart,
  changeSettings,
  newToy,
  addParts,
  setFeature,
  type Deed,
  type LogEvent,
  type Toy,
} from '../toy';
import { modelToy, rill } from '../model';
import { bareHead, newPair, type EyePair } from '../feature';
import { fillGrams } from '../form';
import { check, openChecks, progressOf, ticksOf, tick, untick, whereAmI, withDeed } from '../record';
import { roundUpEnd, seamEndMm } from '../join';
import { gatherTail, planOf, threadLength, type Plan, type Step } from './index';
import { roundMinutes, stuffMinutes } from './figures';
import { unitWords } from '../words';
import { faults } from './cases/checker';

let n = 0;

const newId = () => `i${++n}`;

const noted = (log: readonly LogEvent[], deed: Deed) => withDeed(log, deed, '2026-01-01T20:00:00Z');

const head = (fill: 'firm' | 'empty' = 'firm'): Toy => {
  let toy = addParts(
    changeSettings(newToy('Test', newId), { age: '3 years and over' }),
    'Head (1x)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-12: sc around\nR13: (4 sc, dec) x6\nR14: (3 sc, dec) x6\nR15: (2 sc, dec) x6\nR16: (sc, dec) x6\nR17: dec x6\nclose',
    newId,
  );
  const { part, form, copies } = modelToy(toy).parts[0];
  toy = changePart(toy, part.id, { fill });
  return setFeature(toy, newPair(bareHead(form), { id: newId(), part: part.id, copy: copies[0].id })!);
};

describe('plans', () => {
  const model = modelToy(rill(newId));
  const plan = planOf(model);

  it('of Rill and of a plain head have no fault', () => {
    expect(faults(model, plan.steps)).toEqual([]);
    for (const toy of [head(), head('empty')])
      expect(faults(modelToy(toy), planOf(modelToy(toy)).steps)).toEqual([]);
    expect(plan.trouble).toEqual([]);
  });

  const move = (steps: readonly Step[], which: (s: Step) => boolean, to: number): Step[] => {
    const i = steps.findIndex(which);
    const rest = steps.filter((_, k) => k !== i);
    return [...rest.slice(0, to), steps[i], ...rest.slice(to)];
  };
  const without = (kind: Step['kind']) => (p: Plan) => p.steps.filter((s) => s.kind !== kind);
  const headCopy = model.parts.find((p) => p.part.id === model.eyes[0].eyes.part)!.copies[0].id;
  const wrong: [string, (p: Plan) => readonly Step[]][] = [
    ['eyes left out', without('eyes')],
    ['eyes first of all', (p) => move(p.steps, (s) => s.kind === 'eyes', 0)],
    [
      'eyes after the head is closed',
      (p) => move(p.steps, (s) => s.kind === 'eyes', p.steps.findIndex((s) => s.kind === 'close') + 1),
    ],
    [
      'eyes after the first stuffing of the head',
      (p) =>
        move(
          p.steps,
          (s) => s.kind === 'eyes',
          p.steps.findIndex((s) => s.kind === 'stuff' && s.copy === headCopy) + 1,
        ),
    ],
    ['nothing is stuffed', without('stuff')],
    ['a seam before its part is made', (p) => move(p.steps, (s) => s.kind === 'sew', 0)],
    ['no seams', without('sew')],
    [
      'a part closed before its last rounds',
      (p) =>
        move(
          p.steps,
          (s) => s.kind === 'close',
          p.steps.findIndex((s) => s.copy === headCopy),
        ),
    ],
    ['ends woven in too early', (p) => move(p.steps, (s) => s.kind === 'ends', 0)],
    [
      'a round left out',
      (p) => p.steps.map((s) => (s.kind === 'rounds' ? { ...s, ticks: s.ticks.slice(1) } : s)),
    ],
    ['tails cut short', (p) => p.steps.map((s) => ('tailMm' in s ? { ...s, tailMm: 100 } : s))],
    ['never looked over', without('inspect')],
  ];
  it.each(wrong)('rejects: %s', (_, spoil) => expect(faults(model, spoil(plan))).not.toEqual([]));

  it('stops for the eyes at R15 by hand: 24 stitches open 24 x 4.35 / pi x 1.25 x 0.88 = 36.6 mm, 18 at R15 27.4, 12 at R16 18.3 (eye 9, washer 12: 24 in comfort, 16 at all)', () => {
    const eyes = planOf(modelToy(head())).steps.find((s) => s.kind === 'eyes')!;
    expect(eyes.window).toMatchObject({ lastComfortable: 15, lastPossible: 16 });
    expect(eyes.window.openingMm).toBeCloseTo(27.4, 1);
  });
});

describe('numbers of the Plan, worked out by hand', () => {
  it('tails: rounded up once to 5 cm', () => {
    expect(gatherTail(6, 4.35)).toBe(200); // 1.6 x 6 x 4.35 + 150 = 191.8
    expect(seamEndMm('whip', 18, 5)).toBe(500); // 3 x 18 x 5 + 200 = 470
    expect(seamEndMm('back', 6, 5)).toBe(350); // 3.5 x 6 x 5 + 200 = 305
    expect(seamEndMm('whip', 18, 5, true)).toBe(750); // twice round: 540 + 200 = 740
    expect(threadLength(50)).toBe(350); // 2.2 x 50 + 200 = 310
    expect(roundUpEnd(350)).toBe(350);
  });
  it('fill: 100 cm3 of firm polyester at 0.050 g/cm3 is 5 g; a quarter by hand and 12 % of gauge, cubed, either way', () => {
    const g = fillGrams(100, 'firm', 'polyester', 12);
    expect(g.value).toBeCloseTo(5, 6);
    expect(g.low).toBeCloseTo(5 * 0.75 * 0.88 ** 3, 6); // 2.56
    expect(g.high).toBeCloseTo(5 * 1.25 * 1.12 ** 3, 6); // 8.78
    expect(fillGrams(100, 'empty', 'polyester', 12).value).toBe(0);
    expect([12.4, 4.94, 0.02, 0].map(unitWords('mm').bareWeight)).toEqual(['12', '4.9', 'under 0.1', '0.0']);
  });
  it('time: 44 stitches at 22 a minute and 6 at 14 are 2 min and 26 s; 20 g of fill 3 min', () => {
    const toy = addParts(
      newToy('T', newId),
      'P\nR1: 6 sc in ring\nR2: inc x6\nR3: 12 inc (24)\nR4: 20 sc, 4 inc (28)',
      newId,
    );
    const { fabric } = modelToy(toy).parts[0];
    expect(roundMinutes(fabric.rounds.slice(0, 1), toy)).toBeCloseTo(6 / 14, 6);
    expect(roundMinutes(fabric.rounds.slice(1, 3), toy)).toBeCloseTo((12 + 24) / 22, 6);
    // Who works twice as fast does so in small rounds too; hours of the whole toy follow, what is no stitch stays.
    const fast = changeSettings(toy, { stitchesAMinute: 44 });
    expect(roundMinutes(fabric.rounds.slice(0, 1), fast)).toBeCloseTo(3 / 14, 6);
    const minutesOf = (of: Toy) => planOf(modelToy(of)).steps.map((s) => [s.kind, s.minutes] as const);
    const [slow, quick] = [minutesOf(toy), minutesOf(fast)];
    slow.forEach(([kind, minutes], i) =>
      expect(quick[i][1]).toBeCloseTo(kind === 'rounds' ? minutes / 2 : minutes, 6),
    );
    expect(stuffMinutes(20)).toBe(3);
  });
  it('Rill: ten pauses (nine of fill, one of eyes) and 6.0 m of ends: last tails, ten starting tails, two threads', () => {
    const { totals } = planOf(modelToy(rill(newId)));
    expect(totals.pauses).toBe(10);
    // Threads of nose (satin over 14 x 11 / 2 mm) and mouth 40 and 25, ten starting tails of 15; and of last tails: snout 55, ears 2 x 30, head 20, body 55, arms 2 x 35, legs 2 x 40, tail 40 cm
    expect(totals.tailsMm).toBe(550 + 600 + 200 + 550 + 700 + 800 + 400 + 10 * 150 + 400 + 250);
    expect(gaugeOf({ hookMm: 3, hand: 'right', yarnUnder: false }).stitchMm).toBeCloseTo(4.35, 6);
  });
  it('doubles seams for a child under 36 months', () => {
    const small = planOf(modelToy(changeSettings(rill(newId), { age: 'under 18 months' })));
    expect(small.totals.tailsMm).toBeGreaterThan(6500);
  });
});

describe('making', () => {
  it('keeps the place by step keys when rounds are added above, and says what has changed', () => {
    const toy = head();
    const ticks = ticksOf(planOf(modelToy(toy)));
    const log = ticks
      .slice(0, 5)
      .map(tick)
      .reduce(noted, [] as readonly LogEvent[]);
    const done = progressOf(log);
    expect(whereAmI(ticks, done)).toMatchObject({ at: 5, done: 5, changed: [] });
    expect(whereAmI(ticks, progressOf(noted(log, untick(ticks[4])))).at).toBe(4);
    const { part } = modelToy(toy).parts[0];
    const after = {
      ...toy,
      parts: [{ ...part, text: part.text.replace('R4: (2 sc, inc) x6', 'R4: (5 sc, inc) x3') }],
    };
    const again = ticksOf(planOf(modelToy(after)));
    expect(whereAmI(again, done).changed.map((t) => t.round?.label)).toEqual(['R4']);
    expect(whereAmI(again, done).at).toBe(5);
  });

  it('posts are checked one by one before the washers; a check whose number has changed is made again, and Back takes all of them back', () => {
    const toy = head();
    const ticks = ticksOf(planOf(modelToy(toy)));
    const at = ticks.findIndex((t) => t.step.kind === 'eyes');
    expect(ticks[at + 1].step.kind).toBe('washers');
    let log: readonly LogEvent[] = [];
    expect(openChecks(ticks[at], progressOf(log)).map((c) => c.id)).toEqual([
      'front',
      'posts',
      'count',
      'level',
      'compared',
      'looked',
    ]);
    for (const c of openChecks(ticks[at], progressOf(log))) log = noted(log, check(ticks[at], c));
    const progress = progressOf(log);
    expect(openChecks(ticks[at], progress)).toEqual([]);
    const eyes = toy.features.find((f) => f.kind === 'eyes')!;
    const wider = setFeature(toy, {
      ...eyes,
      pair: { ...(eyes as EyePair).pair, between: (eyes as EyePair).pair.between + 2 },
    } as EyePair);
    const now = ticksOf(planOf(modelToy(wider)))[at];
    // The front is still opposite the marker; all else was of other posts.
    expect(openChecks(now, progress).map((c) => c.id)).toEqual([
      'posts',
      'count',
      'level',
      'compared',
      'looked',
    ]);
    expect(progressOf(noted(noted(log, tick(ticks[at])), untick(ticks[at]))).done).toEqual({});
    // Embroidered eyes have no washers.
    expect(
      planOf(modelToy(setFeature(toy, { ...eyes, making: 'embroidered' } as EyePair))).steps.some(
        (s) => s.kind === 'washers',
      ),
    ).toBe(false);
  });
});
