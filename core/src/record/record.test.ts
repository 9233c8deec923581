import fc from 'fast-check';
import type { Deed, LogEvent } from '../toy';
import { progressOf, withDeed } from './index';

const AT = '2026-01-01T20:00:00.000Z';
const logOf = (deeds: readonly Deed[]): readonly LogEvent[] =>
  deeds.reduce((log, one) => withDeed(log, one, AT), [] as readonly LogEvent[]);

const key = fc.constantFrom('a', 'b', 'a/front', 'a/posts', 'b/level');
const deed: fc.Arbitrary<Deed> = fc.oneof(
  fc.record({ what: fc.constant('done' as const), key, content: fc.constantFrom('x', 'y', null) }),
  fc.record({ what: fc.constant('undone' as const), key }),
  fc.record({ what: fc.constant('repeats' as const), key, repeats: fc.nat(9) }),
);

/** What stands in the end, told by a table that knows no fold: of each key the last thing that touched it. */
function lastTouch(deeds: readonly Deed[]): Record<string, string | null> {
  const found: Record<string, string | null> = {};
  for (const k of ['a', 'b', 'a/front', 'a/posts', 'b/level']) {
    const touched = [...deeds]
      .reverse()
      .find(
        (d) => d.what !== 'repeats' && (d.key === k || (d.what === 'undone' && k.startsWith(`${d.key}/`))),
      );
    if (touched?.what === 'done') found[k] = touched.content;
  }
  return found;
}

describe('progress is folded from the log', () => {
  it('any deeds: of each key the last that touched it stands, and taking a step back takes its checks', () =>
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 30 }), (deeds) => {
        expect(progressOf(logOf(deeds)).done).toEqual(lastTouch(deeds));
      }),
      { numRuns: 500, seed: 11 },
    ));
  it('repeats count on as one event, and are over when the round is ticked', () => {
    const counting = logOf([1, 2, 3].map((repeats) => ({ what: 'repeats', key: 'a', repeats })));
    expect(counting).toHaveLength(1);
    expect(progressOf(counting).within).toEqual({ key: 'a', repeats: 3 });
    const ticked = withDeed(counting, { what: 'done', key: 'a', content: 'x' }, AT);
    expect(progressOf(ticked).within).toBeNull();
    expect(progressOf(withDeed(ticked, { what: 'repeats', key: 'b', repeats: 1 }, AT)).within?.key).toBe('b');
  });
  it('a check made meanwhile leaves the repeats as they are', () => {
    const log = logOf([
      { what: 'repeats', key: 'a', repeats: 2 },
      { what: 'done', key: 'b/level', content: 'x' },
    ]);
    expect(progressOf(log).within?.repeats).toBe(2);
  });
  it('nothing is ever taken out of the log but a count that went on', () =>
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 20 }), (deeds) => {
        const kept = logOf(deeds);
        const last = kept.at(-1);
        if (deeds.length > 0) expect(last).toEqual({ ...deeds[deeds.length - 1], at: AT });
        expect(kept.filter((e) => e.what !== 'repeats')).toHaveLength(
          deeds.filter((d) => d.what !== 'repeats').length,
        );
      }),
      { numRuns: 300, seed: 12 },
    ));
});
