import fc from 'fast-check';
import { addParts, newFile, newToy, reapplied, rename, type LogEvent, type ToyFile } from './index';

let n = 0;
const newId = () => `r${++n}`;
const base: ToyFile = newFile(addParts(newToy('Base', newId), 'Ear\nR1: 6 sc in ring', newId));
const done = (key: string): LogEvent => ({ what: 'done', key, content: '', at: '2026-01-01T20:00:00.000Z' });
const counted = (repeats: number): LogEvent => ({ what: 'repeats', key: 'a', repeats, at: null });
const logged = (file: ToyFile, ...events: LogEvent[]): ToyFile => ({
  ...file,
  log: [...file.log, ...events],
});

const keyOf = (e: LogEvent): string => ('key' in e && e.key !== null ? e.key : e.what);

describe('two windows that went on from one state', () => {
  it('other fields of the toy are both kept; the same field in two ways is nobody’s to decide', () => {
    const named = { ...base, toy: rename(base.toy, 'Mine') };
    const grown = { ...base, toy: addParts(base.toy, 'Paw\nR1: 5 sc in ring', newId) };
    expect(reapplied(base, named, grown)!.toy).toMatchObject({ name: 'Mine', parts: { length: 2 } });
    expect(reapplied(base, named, { ...base, toy: rename(base.toy, 'Theirs') })).toBeNull();
    expect(reapplied(base, named, named)!.toy.name).toBe('Mine');
  });
  it('what both ticked is kept from both', () => {
    const both = reapplied(base, logged(base, done('mine')), logged(base, done('theirs')))!;
    expect(both.log.map(keyOf)).toEqual(['theirs', 'mine']);
  });
  it('any ticks on both sides are all there once, in each one’s own order', () => {
    const keys = fc.array(fc.string({ minLength: 1, maxLength: 4 }), { maxLength: 6 });
    fc.assert(
      fc.property(keys, keys, keys, (before, mine, theirs) => {
        const start = logged(base, ...before.map((k) => done(`b${k}`)));
        const ours = logged(start, ...mine.map((k) => done(`m${k}`)));
        const other = logged(start, ...theirs.map((k) => done(`t${k}`)));
        const log = reapplied(start, ours, other)!.log.map(keyOf);
        expect(log.filter((k) => k.startsWith('m'))).toEqual(mine.map((k) => `m${k}`));
        expect(log.filter((k) => k.startsWith('t'))).toEqual(theirs.map((k) => `t${k}`));
        expect(log).toHaveLength(before.length + mine.length + theirs.length);
      }),
      { numRuns: 200, seed: 5 },
    );
  });
  it('repeats that only one counted on are taken; counted on in both, nobody can tell', () => {
    const start = logged(base, counted(1));
    const on = { ...start, log: [counted(2)] };
    expect(reapplied(start, on, start)!.log).toEqual([counted(2)]);
    expect(reapplied(start, on, { ...start, log: [counted(3)] })).toBeNull();
  });
});
