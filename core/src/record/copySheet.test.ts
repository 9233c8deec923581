import { modelToy, rillFile } from '../model';
import { planOf } from '../plan';
import { changePlan, changeSettings } from '../toy';
import {
  boxTapped,
  check,
  copySheet,
  doneBefore,
  makeNow,
  openChecks,
  progressOf,
  tick,
  ticksOf,
  untick,
  whereAmI,
  withDeed,
} from './index';
import type { Deed, LogEvent, Toy } from '../toy';

let n = 0;
const newId = () => `s${++n}`;
const AT = '2026-11-28T20:00:00.000Z';
const rill = rillFile(newId).toy;
const ticksIn = (toy: Toy) => ticksOf(planOf(modelToy(toy)));
const after = (...deeds: Deed[]) =>
  progressOf(deeds.reduce((log, d) => withDeed(log, d, AT), [] as readonly LogEvent[]));

describe('one sheet of ticks per copy', () => {
  const ticks = ticksIn(rill);
  const rows = copySheet(ticks);

  it('every tick is in one box; the ears have two boxes a row, the head one', () => {
    expect(rows.flatMap((r) => r.copies.flatMap((c) => c.ticks)).length).toBe(ticks.length);
    const of = (name: string) => rill.parts.find((p) => p.text.startsWith(name))!.id;
    const boxes = (part: string) =>
      new Set(
        rows.filter((r) => r.step.part === part && r.step.kind === 'rounds').map((r) => r.copies.length),
      );
    expect([...boxes(of('Ear'))]).toEqual([2]);
    expect([...boxes(of('Head'))]).toEqual([1]);
  });

  it('a tap does all that is left of a step, a second one takes all of it back; what must be looked at first is not done by the way', () => {
    const rounds = rows.find((r) => r.step.kind === 'rounds')!.copies[0].ticks;
    const some = after(tick(rounds[0]));
    const deeds = boxTapped(rounds, some)!;
    expect(deeds).toHaveLength(rounds.length - 1);
    const all = after(tick(rounds[0]), ...deeds);
    expect(boxTapped(rounds, all)!.every((d) => d.what === 'undone')).toBe(true);
    const eyes = rows.find((r) => r.step.kind === 'eyes')!.copies[0].ticks;
    expect(boxTapped(eyes, after())).toBeNull();
    const looked = openChecks(eyes[0], after()).map((c) => check(eyes[0], c));
    expect(boxTapped(eyes, after(...looked))).toHaveLength(1);
    // Under a stop it is never ticked here.
    const baby = ticksIn(changeSettings(rill, { age: 'under 18 months' }));
    const stopped = baby.filter((t) => t.step.kind === 'eyes');
    expect(stopped.every((t) => boxTapped([t], after()) === null)).toBe(true);
  });

  it('a step made now is where the maker is, goes on behind it, and comes back to what was left out', () => {
    const late = ticks[40];
    const now = after(makeNow(late));
    expect(whereAmI(ticks, now).at).toBe(40);
    const on = after(makeNow(late), tick(late));
    expect(whereAmI(ticks, on).at).toBe(41);
    // Everything behind it done: the first that was left out.
    const behind = ticks.slice(40).map(tick);
    expect(whereAmI(ticks, after(makeNow(late), ...behind)).at).toBe(0);
    // Taken back, it is made again.
    expect(whereAmI(ticks, after(makeNow(late), tick(late), untick(late))).at).toBe(40);
  });

  it('all before a step of a piece is done without the other pieces', () => {
    const own = ticks.filter((t) => t.step.copy === ticks[60].step.copy);
    const deeds = doneBefore(ticks, after(), ticks[60]);
    expect(deeds).toHaveLength(own.indexOf(ticks[60]));
    expect(deeds.every((d) => 'key' in d && own.some((t) => t.key === d.key))).toBe(true);
  });

  it('eyes are never done by the way: under a stop, or before they are looked at, they stay open and come again', () => {
    for (const toy of [rill, changeSettings(rill, { age: 'under 18 months' as const })]) {
      const all = ticksIn(toy);
      const eyes = all.find((t) => t.step.kind === 'eyes')!;
      const later = all.filter((t) => t.step.copy === eyes.step.copy).at(-1)!;
      const deeds = doneBefore(all, after(), later);
      expect(deeds.some((d) => 'key' in d && d.key === eyes.key)).toBe(false);
      const behind = all.slice(all.indexOf(later)).map(tick);
      const others = all.filter((t) => t.step.copy !== eyes.step.copy).map(tick);
      const { at } = whereAmI(all, after(...others, ...deeds, makeNow(later), ...behind));
      expect(all[at].key).toBe(eyes.key);
    }
  });

  it('in runs, copies are worked stage by stage: both ears’ rounds before either is flattened, each ear in its own order', () => {
    const runs = ticksIn(changePlan(rill, { copies: 'in runs' }));
    expect([...runs.map((t) => t.key)].sort()).toEqual([...ticks.map((t) => t.key)].sort());
    for (const copy of new Set(ticks.map((t) => t.step.copy)))
      expect(runs.filter((t) => t.step.copy === copy).map((t) => t.key)).toEqual(
        ticks.filter((t) => t.step.copy === copy).map((t) => t.key),
      );
    const arm = rill.parts.find((p) => p.text.startsWith('Arm'))!;
    const steps = (all: typeof ticks) =>
      [...new Set(all.filter((t) => t.step.part === arm.id && t.step.kind !== 'sew').map((t) => t.step))].map(
        (s) => s.copy,
      );
    // Piece by piece the copy changes once; in runs it changes with every stage.
    const changes = (copies: string[]) => copies.filter((c, i) => i > 0 && c !== copies[i - 1]).length;
    expect(changes(steps(ticks))).toBe(1);
    expect(changes(steps(runs))).toBeGreaterThan(1);
  });
});
