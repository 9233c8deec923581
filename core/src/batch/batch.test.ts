import fc from 'fast-check';
import ICAL from 'ical.js';
import { calendarIcs } from '../files';
import { fixed } from '../gauge';
import { modelToy, rubyFile } from '../model';
import { materialsOf, planOf } from '../plan';
import { paceOf, ticksOf } from '../record';
import type { Batch, LogEvent, ToyFile } from '../toy';
import {
  batchAhead,
  batchCost,
  batchNeeds,
  daysLater,
  isDay,
  minutesOn,
  piecesOf,
  reject,
  removeBatch,
  scheduled,
  setBatch,
  setStage,
  sizeOfBatch,
  stagesOf,
  stageOnNext,
  weekday,
} from './index';
import { WEEK } from './cases';

let n = 0;
const newId = () => `b${++n}`;
const AT = '2026-11-28T10:00:00.000Z';
const made = { newId, at: AT };
const at = (file: ToyFile, batch: Batch = file.batches[0], today = '2026-11-28') => {
  const plan = planOf(modelToy(file.toy));
  return batchAhead({ plan, pace: paceOf(plan, file.log) }, file, batch, today);
};

describe('days, by hand', () => {
  it('30 November 2026 is a Monday; over the end of a year and a leap day', () => {
    expect([weekday('2026-11-30'), weekday('2026-12-06'), weekday('2028-02-29')]).toEqual([0, 6, 1]);
    expect(daysLater('2026-12-31', 1)).toBe('2027-01-01');
    expect(daysLater('2028-02-28', 2)).toBe('2028-03-01');
    expect(['2026-02-29', '2028-02-29', '2026-13-01', 'soon', '2026-1-1'].map(isDay)).toEqual([
      false,
      true,
      false,
      false,
      false,
    ]);
  });

  it('2 hours a weekday: 10 hours end on Friday, a minute more on Monday; a day off moves all after it', () => {
    const ends = (minutes: number, change: Partial<Batch> = {}, today = '2026-11-28') =>
      scheduled({ ...WEEK, ...change }, [{ stage: 'a', minutes }], today)?.at(-1)?.to;
    expect(ends(600)).toBe('2026-12-04');
    expect(ends(601)).toBe('2026-12-07');
    expect(ends(600, { off: ['2026-12-02'] })).toBe('2026-12-07');
    // Begun late: nothing is worked before today.
    expect(ends(600, {}, '2026-12-03')).toBe('2026-12-09');
    // Saturdays alone, half an hour each.
    expect(ends(90, { hours: [0, 0, 0, 0, 0, 0.5, 0] })).toBe('2026-12-19');
    expect(ends(1, { hours: [0, 0, 0, 0, 0, 0, 0] })).toBeUndefined();
    const two = [
      { stage: 'a', minutes: 90 },
      { stage: 'b', minutes: 60 },
    ];
    expect(scheduled(WEEK, two, '2026-11-30')).toEqual([
      { stage: 'a', from: '2026-11-30', to: '2026-11-30' },
      { stage: 'b', from: '2026-11-30', to: '2026-12-01' },
    ]);
  });

  it('any hours, days off and work: as a clock that counts minute by minute says', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(0, 0, 1, 2.5), { minLength: 7, maxLength: 7 }),
        fc.array(fc.integer({ min: 0, max: 20 }), { maxLength: 5 }),
        fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 4 }),
        (hours, off, minutes) => {
          const batch = { ...WEEK, hours, off: off.map((k) => daysLater('2026-11-30', k)) };
          const found = scheduled(
            batch,
            minutes.map((m, k) => ({ stage: String(k), minutes: m })),
            '2026-11-01',
          );
          if (hours.every((h) => h === 0)) return expect(found).toBeNull();
          // Minute by minute.
          const slow: { stage: string; from: string; to: string }[] = [];
          let [day, spent] = ['2026-11-30', 0];
          minutes.forEach((all, k) => {
            for (let m = 0; m < all; m++) {
              while (spent >= (batch.off.includes(day) ? 0 : hours[weekday(day)] * 60)) {
                day = daysLater(day, 1);
                spent = 0;
              }
              spent += 1;
              const last = slow.at(-1);
              if (last?.stage === String(k)) last.to = day;
              else slow.push({ stage: String(k), from: day, to: day });
            }
          });
          expect(found).toEqual(slow);
        },
      ),
      { numRuns: 200, seed: 9 },
    );
  });
});

describe('a batch of 24 charms', () => {
  const file = setBatch(rubyFile(newId), WEEK, made);
  const plan = planOf(modelToy(file.toy));

  it('its stages are all the minutes of the plan, each once; its last day by hand', () => {
    const stages = stagesOf(plan, new Map());
    const each = stages.reduce((sum, s) => sum + s.minutes.value, 0);
    expect(each).toBeCloseTo(plan.totals.minutes, 9);
    const timed = stages.filter((s) => s.minutes.value > 0).map((s) => s.minutes);
    expect(timed.every((m) => m.low < m.value && m.value < m.high)).toBe(true);
    // 24 pieces at two hours a weekday: so many weekdays, the last of them is its last day.
    const days = Math.ceil((24 * each) / 120 - 1e-9);
    const weeks = Math.floor((days - 1) / 5);
    const last = daysLater('2026-11-30', 7 * weeks + ((days - 1) % 5));
    const ahead = at(file);
    expect(ahead.done?.value).toBe(last);
    expect(ahead.count).toBe(24);
    expect(ahead.done!.low <= last && last <= ahead.done!.high).toBe(true);
    expect(ahead.stages.map((s) => s.days?.from)).toEqual([...ahead.stages.map((s) => s.days?.from)].sort());
  });

  it('what the log tells moves the day: a maker of half the speed is done later', () => {
    const ticks = ticksOf(plan).filter((t) => t.round);
    let clock = Date.parse(AT);
    const log: LogEvent[] = [0, 1, 2].flatMap((k) => [
      ...(k > 0 ? [{ what: 'another' as const, at: new Date(clock).toISOString() }] : []),
      ...ticks.map((t) => {
        clock += t.round!.minutes * 2 * 60_000;
        return {
          what: 'done' as const,
          key: t.key,
          content: t.content,
          at: new Date(clock).toISOString(),
        };
      }),
    ]);
    const slow = at({ ...file, log });
    expect(paceOf(plan, log).get('rounds')?.times).toBeCloseTo(2, 3);
    expect(slow.done!.value > at(file).done!.value).toBe(true);
    const rounds = (a: typeof slow) => a.stages.find((s) => s.id === 'rounds')!.minutes;
    // Changes of colour among the rounds were not timed: they stay as the figures say.
    const colours = plan.steps.filter((s) => s.kind === 'colour').reduce((sum, s) => sum + s.minutes, 0);
    expect(rounds(slow).value).toBeCloseTo(2 * (rounds(at(file)).value - colours) + colours, 3);
    // What was learned is narrower than the figures.
    const width = (r: { low: number; high: number; value: number }) => (r.high - r.low) / r.value;
    expect(width(rounds(slow))).toBeLessThan(width(rounds(at(file))));
  });

  it('late for its day: by how many days, which stage takes longest, how many hours are missing; early enough is not', () => {
    const due = (day: string) => at(file, { ...WEEK, due: day }).late;
    const ahead = at(file);
    expect(due(daysLater(ahead.done!.high, 1))).toBeNull();
    const between = due(ahead.done!.value);
    expect(between?.perhaps).toBe(true);
    const late = due('2026-12-01')!;
    // Hanging takes 18 minutes a piece, its rounds some 17.6.
    expect([late.perhaps, late.longest]).toEqual([false, 'embroidery']);
    expect(late.hoursMissing).toBeCloseTo(ahead.minutesLeft.value / 60 - 4, 6);
  });

  it('stages done are not planned again; a piece put aside is made anew with its own number; what is begun is never lost', () => {
    const done = Array.from({ length: 5 }).reduce<ToyFile>(
      (so) => stageOnNext(so, 'market', 'rounds', AT),
      file,
    );
    expect(at(done).stages.find((s) => s.id === 'rounds')?.done).toBe(5);
    expect(at(done).minutesLeft.value).toBeLessThan(at(file).minutesLeft.value);
    const [first] = piecesOf(done, 'market');
    const aside = reject(done, first.id, 'the ring came loose', made);
    expect(piecesOf(aside, 'market')).toHaveLength(24);
    expect(at(aside).stages.find((s) => s.id === 'rounds')?.done).toBe(4);
    expect(new Set(aside.pieces.map((p) => p.number)).size).toBe(25);
    expect(aside.pieces.find((p) => p.id === first.id)?.rejected).toBe('the ring came loose');
    // Fewer are wanted: only pieces at which nothing was done go.
    const fewer = setBatch(done, { ...WEEK, ways: [{ name: 'rust', count: 3, yarns: {} }] }, made);
    expect(piecesOf(fewer, 'market')).toHaveLength(5);
    expect(removeBatch(done, 'market').pieces.map((p) => [p.batch, Object.keys(p.stages).length])).toEqual(
      Array(5).fill([null, 1]),
    );
    const back = setStage(done, first.id, 'rounds', null);
    expect(at(back).stages.find((s) => s.id === 'rounds')?.done).toBe(4);
    // All done: nothing is left and no day is told.
    const all = piecesOf(file, 'market').reduce(
      (so, p) => at(file).stages.reduce((f, s) => setStage(f, p.id, s.id, AT), so),
      file,
    );
    expect(at(all)).toMatchObject({ finished: true, done: null, never: false, late: null });
  });

  it('yarn by colour way, everything else by the piece', () => {
    const materials = materialsOf(modelToy(file.toy), plan);
    const [main] = materials.yarns;
    const ways = [
      { name: 'as it is', count: 16, yarns: {} },
      { name: 'pale', count: 8, yarns: { [main.name]: 'blush' } },
    ];
    const needs = batchNeeds(materials, { ways });
    const named = (name: string) => needs.yarns.find((y) => y.name === name)!;
    expect(named(main.name).metres.value).toBeCloseTo(16 * main.metres.value, 9);
    expect(named('blush').metres.value).toBeCloseTo(8 * main.metres.value, 9);
    expect(named('blush').grams.high).toBeCloseTo(8 * main.grams.high, 9);
    expect(sizeOfBatch({ ways })).toBe(24);
    expect(needs.hardware[0].count).toBe(24 * materials.hardware[0].count);
    const nothing = batchNeeds({ ...materials, yarns: [{ ...main, metres: fixed(0) }] }, { ways });
    expect(nothing.yarns).toEqual([]);
  });

  it('what all of it costs: whole balls for all pieces together, the rest by the piece; what has no price is counted', () => {
    const [main] = materialsOf(modelToy(file.toy), plan).yarns;
    const ways = [
      { name: 'as it is', count: 16, yarns: {} },
      { name: 'pale', count: 8, yarns: { [main.name]: 'blush' } },
    ];
    // A ball of 50 m of each yarn at 3; rings and the like at half a coin each.
    const palette = file.toy.palette.map((yarn) => ({ ...yarn, ball: { grams: 20, metres: 50 } }));
    const toy = { ...file.toy, palette };
    const bare = materialsOf(modelToy(toy), planOf(modelToy(toy)));
    const prices = Object.fromEntries([
      ...bare.yarns.map((y) => [y.key, 3]),
      ...bare.hardware.map((h) => [h.key, 0.5]),
    ]);
    const model = modelToy({ ...toy, plan: { ...toy.plan, prices } });
    const of = materialsOf(model, planOf(model));
    const byHand = of.yarns.reduce((sum, y) => {
      const pieces = y.name === main.name ? 16 : 24;
      return sum + 3 * Math.ceil((y.metres.value * pieces * 1.1) / 50);
    }, 0);
    const rings = of.hardware.reduce((sum, h) => sum + 24 * h.count * 0.5, 0);
    const others = [of.floss, of.felt, of.eyes, of.noses, of.discs, of.cores, of.fill];
    expect(batchCost(model, of, { ways })).toEqual({
      sum: byHand + rings,
      without: 1 + others.reduce((sum, list) => sum + list.length, 0),
    });
    expect(batchCost(modelToy(file.toy), bare, { ways })).toBeNull();
    // In another yarn that the toy has as well, in capitals: it is bought as that one.
    const [, second] = of.yarns;
    const swapped = [ways[0], { ...ways[1], yarns: { [main.name]: ` ${second.name.toUpperCase()} ` } }];
    const balls = (metres: number) => 3 * Math.ceil((metres * 1.1) / 50);
    const yarn = of.yarns.reduce((sum, y) => {
      if (y.name === main.name) return sum + balls(16 * y.metres.value);
      return sum + balls(24 * y.metres.value + (y === second ? 8 * main.metres.value : 0));
    }, 0);
    expect(batchCost(model, of, { ways: swapped })).toEqual({
      sum: yarn + rings,
      without: others.reduce((sum, list) => sum + list.length, 0),
    });
  });

  it('its calendar is read by a common library: every stage on its days, the end day after the last, text whole', () => {
    const named = { ...file, toy: { ...file.toy, name: 'Ruby; the radish, of Ü' } };
    const batch = { ...WEEK, due: '2026-12-20', name: 'x'.repeat(90) };
    const ics = calendarIcs(modelToy(named.toy), setBatch(named, batch, made), AT);
    expect(ics.split('\r\n').every((l) => new TextEncoder().encode(l).length <= 75)).toBe(true);
    const events = new ICAL.Component(ICAL.parse(ics))
      .getAllSubcomponents('vevent')
      .map((v) => new ICAL.Event(v));
    const ahead = at(file, batch);
    const planned = ahead.stages.filter((s) => s.days !== null);
    expect(events).toHaveLength(planned.length + 2);
    planned.forEach((s, k) => {
      expect(events[k].summary).toContain('24 pieces of Ruby; the radish, of Ü');
      expect(events[k].startDate.toString()).toBe(s.days!.from);
      expect(events[k].endDate.toString()).toBe(daysLater(s.days!.to, 1));
    });
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
    expect(events.at(-1)!.startDate.toString()).toBe('2026-12-20');
  });

  it('no hours on any day is never done, and told', () => {
    expect(at(file, { ...WEEK, hours: [0, 0, 0, 0, 0, 0, 0] })).toMatchObject({ never: true, done: null });
    expect(minutesOn({ ...WEEK, off: ['2026-11-30'] }, '2026-11-30')).toBe(0);
  });
});
