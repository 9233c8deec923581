import { addParts, newFile, newToy, rename, type ToyFile } from '@hoppla/core/toy';
import { NOTHING_OPEN, reduced, type Happened, type Session } from './session';

let n = 0;
const newId = () => `i${++n}`;
const file: ToyFile = newFile(addParts(newToy('Ear', newId), 'Ear\nR1: 6 sc in ring', newId));
const after = (...events: Happened[]): Session => events.reduce(reduced, NOTHING_OPEN);
const open: Happened[] = [
  { what: 'opening', id: file.toy.id },
  { what: 'writer', writing: true },
  { what: 'read', file, base: file, revision: 3, fromJournal: false },
];
const named = (name: string, at: number, gather: string | null = null, press = ++n): Happened => ({
  what: 'edited',
  name: `Name ${name}`,
  focus: { station: 'bench' },
  toy: rename(file.toy, name),
  gather,
  at,
  press,
});

describe('what is open', () => {
  it('an edit changes the design, goes into the history and is not kept yet', () => {
    const now = after(...open, named('A', 1));
    expect(now.file!.toy.name).toBe('A');
    expect([now.history.past.length, now.kept]).toEqual([1, false]);
    expect(reduced(now, { what: 'undone', at: 0 })).toMatchObject({
      file: { toy: { name: 'Ear' } },
      said: 'Took back: Name A',
    });
  });
  it('an edit that changes nothing is none', () => {
    const now = after(...open);
    expect(reduced(now, { ...named('x', 1), toy: file.toy } as Happened)).toBe(now);
  });
  it('keys that follow each other within a second are one edit; after a pause, or after an undo, another', () => {
    const typed = (name: string, at: number) => named(name, at, 'type:p');
    expect(after(...open, typed('a', 0), typed('ab', 900), typed('abc', 1800)).history.past).toHaveLength(1);
    expect(after(...open, typed('a', 0), typed('ab', 1100)).history.past).toHaveLength(2);
    // The clock was set back an hour meanwhile: that is no second.
    expect(after(...open, typed('a', 3_600_500), typed('ab', 500)).history.past).toHaveLength(2);
    expect(
      after(...open, typed('a', 0), { what: 'undone', at: 50 }, typed('ab', 100)).history.past,
    ).toHaveLength(1);
  });
  it('what is drawn along without being let go is one edit however long it rests; let go and taken up again, another', () => {
    const drawn = (name: string, at: number, press: number) => named(name, at, 'draw:p', press);
    const steps = (...events: Happened[]) => after(...open, ...events).history.past.length;
    expect(steps(drawn('a', 0, 7), drawn('b', 5000, 7), drawn('c', 60_000, 7))).toBe(1);
    expect(steps(drawn('a', 0, 7), drawn('b', 5000, 8))).toBe(2);
    expect(steps(drawn('a', 0, 7), drawn('b', 900, 8))).toBe(1);
    // Something else was changed under the same finger, and an undo came between.
    expect(steps(drawn('a', 0, 7), named('b', 5000, 'turn:p', 7))).toBe(2);
    const undone: Happened = { what: 'undone', at: 3 };
    expect(steps(drawn('a', 0, 6), drawn('b', 5000, 7), undone, drawn('c', 5002, 7))).toBe(2);
    // A text that is spoken has no key for each word: there a pause counts.
    expect(steps(named('a', 0, 'type:p', 7), named('b', 5000, 'type:p', 7))).toBe(2);
  });
  it('a window that only follows changes nothing, whatever is asked of it', () => {
    const now = after(...open, { what: 'writer', writing: false });
    const asked: Happened[] = [
      named('A', 1),
      { what: 'undone', at: 0 },
      { what: 'redone', at: 0 },
      { what: 'done', deeds: [{ what: 'undone', key: 'a' }], at: '2026-01-01T20:00:00Z' },
    ];
    for (const event of asked) expect(reduced(now, event)).toBe(now);
  });
  it('deeds go into the log and not into the history', () => {
    const now = after(...open, {
      what: 'done',
      deeds: [{ what: 'done', key: 'a', content: 'b' }],
      at: '2026-01-01T20:00:00Z',
    });
    expect([now.file!.log.length, now.history.past.length, now.kept]).toEqual([1, 0, false]);
  });
  it('what was kept counts as kept only while nothing newer is there', () => {
    const first = after(...open, named('A', 1));
    const newer = reduced(first, named('B', 2));
    const kept: Happened = { what: 'kept', file: first.file!, revision: 4 };
    expect(reduced(first, kept)).toMatchObject({ kept: true, revision: 4 });
    expect(reduced(newer, kept)).toMatchObject({ kept: false, revision: 4 });
    expect(reduced(newer, kept).base).toBe(first.file);
  });
  it('deleted elsewhere: what is here is still here, and is said to be kept nowhere', () => {
    const now = after(...open, { what: 'gone elsewhere' });
    expect(now).toMatchObject({ kept: false, overtaken: true, revision: null, base: null });
    expect(now.file).toBe(file);
    expect(now.trouble).toMatch(/deleted in another window/);
  });
  it('opening another toy leaves nothing of the one before', () =>
    expect(after(...open, named('A', 1), { what: 'opening', id: 'other' })).toEqual({
      ...NOTHING_OPEN,
      state: 'loading',
      id: 'other',
    }));
});
