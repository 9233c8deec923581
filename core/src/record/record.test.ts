import fc from 'fast-check';
import type { Deed, LogEvent } from '../toy';
import { progressOf, withDeed } from './index';

const AT = '2026-01-01T20:00:00.000Z';
const logOf = (deeds: readonly Deed[]): readonly LogEvent[] =>
  deeds.reduce((log, one) => withDeed(log, one, AT), [] as readonly LogEvent[]);

const KEYS = ['a', 'b', 'c', 'a/front', 'a/posts', 'b/level'];
const key = fc.constantFrom(...KEYS);
const step = fc.constantFrom('a', 'b', 'c');
const deed: fc.Arbitrary<Deed> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      what: fc.constant('done' as const),
      key,
      content: fc.constantFrom('x', 'y', null),
    }),
  },
  { weight: 2, arbitrary: fc.record({ what: fc.constant('undone' as const), key }) },
  {
    weight: 2,
    arbitrary: fc.record({ what: fc.constant('repeats' as const), key: step, repeats: fc.nat(9) }),
  },
  {
    weight: 2,
    arbitrary: fc.record({ what: fc.constant('stitches' as const), key: step, stitches: fc.nat(9) }),
  },
  fc.record({ what: fc.constant('now' as const), key: step }),
  fc.record({ what: fc.constant('counted' as const), key: step, stitches: fc.nat(40) }),
  fc.record({ what: fc.constant('measured' as const), key: step, acrossMm: fc.integer({ min: 1, max: 90 }) }),
  fc.record({ what: fc.constant('sized' as const), of: step, mm: fc.integer({ min: 1, max: 90 }) }),
  fc.record({ what: fc.constant('cut' as const), key: step, leftMm: fc.integer({ min: 1, max: 900 }) }),
  fc.record({ what: fc.constant('noted' as const), key: step, words: fc.constantFrom('tight', 'loose') }),
  fc.record({
    what: fc.constant('changed' as const),
    of: fc.constantFrom('text' as const, 'joins' as const),
    part: fc.constantFrom('ear', null),
  }),
  fc.record({ what: fc.constant('another' as const) }),
  fc.record({ what: fc.constant('earlier' as const) }),
);

/** The deeds of the making that is at hand: a making once begun goes on after those begun later were left. */
function makings(deeds: readonly Deed[]): Deed[][] {
  const open: Deed[][] = [[]];
  for (const d of deeds)
    if (d.what === 'another') open.push([]);
    else if (d.what === 'earlier') open.length = Math.max(1, open.length - 1);
    else open[open.length - 1].push(d);
  return open;
}

/** Lengths that were measured, newest deed first. */
function lengths(newestFirst: readonly Deed[]) {
  const sizesMm: Record<string, number> = {};
  const leftMm: Record<string, number> = {};
  for (const k of KEYS) {
    const size = newestFirst.find((d) => d.what === 'sized' && d.of === k);
    if (size?.what === 'sized') sizesMm[k] = size.mm;
    // An end that was cut at a step which was taken back is none.
    const end = newestFirst.find((d) => (d.what === 'cut' || d.what === 'undone') && d.key === k);
    if (end?.what === 'cut') leftMm[k] = end.leftMm;
  }
  return { sizesMm, leftMm };
}

/** What stands in the end, told by tables that know no fold: of each question the last deed that answers it. */
function slowly(all: readonly Deed[]) {
  const open = makings(all);
  const deeds = [...open[open.length - 1]].reverse();
  const last = (of: (d: Deed) => boolean): Deed | undefined => deeds.find(of);
  const isCheck = (k: string) => k.includes('/');
  const done: Record<string, string | null> = {};
  const counted: Record<string, number> = {};
  for (const k of KEYS) {
    const touched = last(
      (d) =>
        (d.what === 'done' && d.key === k) ||
        (d.what === 'undone' && (d.key === k || k.startsWith(`${d.key}/`))),
    );
    if (touched?.what === 'done') done[k] = touched.content;
    const count = last((d) => d.what === 'counted' && d.key === k);
    if (count?.what === 'counted') counted[k] = count.stitches;
  }
  // A step taken back is made now only where somebody had chosen before what is made.
  const ever = deeds.some((d) => d.what === 'now');
  const since = deeds.findLastIndex((d) => d.what === 'now');
  const chosen = deeds.find(
    (d, i) => i <= since && (d.what === 'now' || (d.what === 'undone' && !isCheck(d.key))),
  );
  const within: Record<string, { repeats: number; stitches: number }> = {};
  for (const k of KEYS) {
    const ends = deeds.findIndex((d) => (d.what === 'done' || d.what === 'undone') && d.key === k);
    const running = ends < 0 ? deeds : deeds.slice(0, ends);
    const repeats = running.find((d) => d.what === 'repeats' && d.key === k);
    const stitches = running.find((d) => d.what === 'stitches' && d.key === k);
    if (repeats || stitches)
      within[k] = {
        repeats: repeats?.what === 'repeats' ? repeats.repeats : 0,
        stitches: stitches?.what === 'stitches' ? stitches.stitches : 0,
      };
  }
  return {
    done,
    counted,
    ...lengths(deeds),
    within,
    now: ever && chosen && 'key' in chosen ? chosen.key : null,
    making: open.length,
  };
}

describe('progress is folded from the log', () => {
  it('any deeds, kept as they come: the same stands as slow tables say', () =>
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 40 }), (deeds) => {
        const { done, counted, sizesMm, leftMm, within, now, making } = progressOf(logOf(deeds));
        expect({ done, counted, sizesMm, leftMm, within, now, making }).toEqual(slowly(deeds));
      }),
      { numRuns: 1000, seed: 11 },
    ));
  it('repeats count on as one event, and are over when the round is ticked', () => {
    const counting = logOf([1, 2, 3].map((repeats) => ({ what: 'repeats', key: 'a', repeats })));
    expect(counting).toHaveLength(1);
    expect(progressOf(counting).within).toEqual({ a: { repeats: 3, stitches: 0 } });
    const ticked = withDeed(counting, { what: 'done', key: 'a', content: 'x' }, AT);
    expect(progressOf(ticked).within).toEqual({});
    expect(progressOf(withDeed(ticked, { what: 'repeats', key: 'b', repeats: 1 }, AT)).within).toHaveProperty(
      'b',
    );
  });
  it('a check made meanwhile leaves the repeats as they are', () => {
    const log = logOf([
      { what: 'repeats', key: 'a', repeats: 2 },
      { what: 'done', key: 'b/level', content: 'x' },
    ]);
    expect(progressOf(log).within.a.repeats).toBe(2);
  });
  it('nothing is ever taken out of the log but a count that went on and a choice that changed', () =>
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 20 }), (deeds) => {
        const kept = logOf(deeds);
        const last = kept.at(-1);
        if (deeds.length > 0) expect(last).toEqual({ ...deeds[deeds.length - 1], at: AT });
        const counts = ['repeats', 'stitches', 'now', 'changed'];
        expect(kept.filter((e) => !counts.includes(e.what))).toHaveLength(
          deeds.filter((d) => !counts.includes(d.what)).length,
        );
      }),
      { numRuns: 300, seed: 12 },
    ));
});
