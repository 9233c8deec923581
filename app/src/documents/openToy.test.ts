import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { addParts, newFile, newToy, rename, SCHEMA, typeInPart } from '@hoppla/core/toy';
import { screenWords } from '../words';
import { newId } from './ids';
import { noteDown, notedAfter } from './journal';
import { note, closeToy, edit, keepAsCopy, openToy, openToyNow, step } from './openToy';
import { changeKept, discard, keep, keepRaw, Overtaken, shelf, take } from './storage';

const file = () => newFile(addParts(newToy('Ear', newId), 'Ear\nR1: 6 sc in ring (6)', newId));
const settle = () => new Promise((r) => setTimeout(r, 20));

describe('the open toy', () => {
  afterEach(closeToy);

  it('takes a toy that an older version kept, brought up to date', async () => {
    const raw = readFileSync(resolve(__dirname, '../../../core/src/toy/fixtures/toy-v1.json'), 'utf8');
    const { toy } = JSON.parse(raw) as { toy: { id: string; name: string } };
    await keepRaw({ id: toy.id, name: toy.name, schema: 1, changed: null }, raw, null);
    const taken = await take(toy.id);
    expect(taken!.file).toMatchObject({
      schema: 19,
      toy: { schema: 19, name: 'Rill', settings: { hooks: 'mm' } },
    });
    expect(taken!.file!.toy.parts[0].shaping).toEqual({ how: 'as worked' });
  });

  it('keeps every edit, gathers typing, and undo gives the toy back', async () => {
    const first = file();
    const id = first.toy.id;
    await keep(first, null);
    await openToy(id);
    const part = first.toy.parts[0];
    for (const [i, letter] of [...'R2:'].entries())
      edit(
        'type',
        { station: 'parts' },
        (t) =>
          typeInPart(
            t,
            part.id,
            { from: part.text.length + i, to: part.text.length + i, insert: letter },
            newId,
          ),
        'type',
      );
    edit('name', { station: 'bench' }, (t) => rename(t, 'Paw'));
    await settle();
    expect((await take(id))!.file!.toy).toMatchObject({ name: 'Paw', parts: [{ text: `${part.text}R2:` }] });
    expect(openToyNow().history.past).toHaveLength(2);
    step('undo');
    step('undo');
    expect(openToyNow().file!.toy).toEqual(first.toy);
    step('redo');
    expect(openToyNow().file!.toy.parts[0].text).toBe(`${part.text}R2:`);
  });

  it('keeps ticks beside the design and out of the history', async () => {
    const first = file();
    await keep(first, null);
    await openToy(first.toy.id);
    note({ what: 'done', key: 'a', content: 'b' });
    await settle();
    expect(openToyNow().history.past).toHaveLength(0);
    expect((await take(first.toy.id))!.file!.log).toEqual([
      { what: 'done', key: 'a', content: 'b', at: expect.stringMatching(/^20\d\d-.*Z$/) },
    ]);
  });

  it('takes up what was noted before a crash, but nothing older than what is kept', async () => {
    const first = file();
    const typed = { ...first, toy: rename(first.toy, 'Typed before the crash') };
    await keep(first, null);
    noteDown(first.toy.id, 1, JSON.stringify(typed));
    await openToy(first.toy.id);
    expect(openToyNow().file!.toy.name).toBe('Typed before the crash');
    await settle();
    expect(notedAfter(first.toy.id, 0)).toBeNull();
    noteDown(first.toy.id, 1, JSON.stringify(typed));
    expect(notedAfter(first.toy.id, 3)).toBeNull();
  });

  it('gives a damaged newest revision by the one before', async () => {
    const first = file();
    await keep(first, null);
    await keepRaw({ id: first.toy.id, name: 'Ear', schema: 1, changed: null }, '{"broken', 1);
    expect((await take(first.toy.id))!.file!.toy).toEqual(first.toy);
    expect((await shelf()).some((s) => s.head.id === first.toy.id)).toBe(true);
  });

  it('a bench that was read earlier does not overwrite newer work: a rename is done on what is kept now', async () => {
    const first = file();
    const { id } = first.toy;
    await keep(first, null);
    await keep({ ...first, toy: addParts(first.toy, 'Tail\nR1: 4 sc in ring (4)', newId) }, 1);
    await changeKept(id, (f) => ({ ...f, toy: rename(f.toy, 'Paw') }));
    expect((await take(id))!.file!.toy).toMatchObject({ name: 'Paw', parts: [{}, {}] });
    // Nothing is written over what was not read, nor over what came back by another way.
    await expect(keep(first, 1)).rejects.toBeInstanceOf(Overtaken);
    await expect(keep(first, null)).rejects.toBeInstanceOf(Overtaken);
    expect((await take(id))!.head.revision).toBe(3);
  });

  it('undoing a delete gives the newest work back, and never over a toy that is there', async () => {
    const first = file();
    const { id } = first.toy;
    await keep(first, null);
    const stale = (await shelf()).find((s) => s.head.id === id)!;
    await keep({ ...first, toy: rename(first.toy, 'Newer') }, 1);
    const gone = await discard(stale);
    expect(await take(id)).toBeNull();
    await keepRaw(gone.head, gone.raw, null);
    expect((await take(id))!.file!.toy.name).toBe('Newer');
    await expect(keepRaw(stale.head, stale.raw, null)).rejects.toBeInstanceOf(Overtaken);
  });

  it('a newer document version never falls back to an older one', async () => {
    const first = file();
    const { id } = first.toy;
    await keep(first, null);
    await keepRaw(
      { id, name: 'Tomorrow', schema: 99, changed: null },
      '{"format":"hoppla toy","schema":99}',
      1,
    );
    await expect(keep(first, 1)).rejects.toBeInstanceOf(Overtaken);
    await expect(changeKept(id, (f) => f)).rejects.toBeInstanceOf(Overtaken);
    expect((await take(id))!.head.schema).toBe(99);
  });

  it('what is typed over the work of a newer Hoppla is said not to be kept, and can be kept as a copy', async () => {
    const first = file();
    const { id } = first.toy;
    await keep(first, null);
    await openToy(id);
    const raw = `{"format":"hoppla toy","schema":${SCHEMA + 1}}`;
    await keepRaw({ id, name: 'Tomorrow', schema: SCHEMA + 1, changed: null }, raw, 1);
    edit('name', { station: 'bench' }, (t) => rename(t, 'Typed here'));
    await settle();
    expect(openToyNow()).toMatchObject({
      kept: false,
      overtaken: true,
      trouble: expect.stringMatching(/^A newer Hoppla .* is not kept/),
      file: { toy: { name: 'Typed here' } },
    });
    expect((await take(id))!.raw).toBe(raw);
    const copy = await keepAsCopy((f) => ({ ...f, toy: { ...f.toy, id: newId() } }));
    expect((await take(copy!))!.file!.toy.name).toBe('Typed here');
  });

  it('the writer takes up what another window changed elsewhere, and keeps both', async () => {
    const first = file();
    const { id } = first.toy;
    await keep(first, null);
    await openToy(id);
    await changeKept(id, (f) => ({ ...f, toy: rename(f.toy, 'Named on the bench') }));
    edit('add', { station: 'parts' }, (t) => addParts(t, 'Tail\nR1: 4 sc in ring (4)', newId));
    await settle();
    expect(openToyNow()).toMatchObject({ kept: true, trouble: null });
    expect((await take(id))!.file!.toy).toMatchObject({ name: 'Named on the bench', parts: [{}, {}] });
  });

  it('the same field changed in two windows is refused in words, and can be kept as a copy', async () => {
    const first = file();
    const { id } = first.toy;
    await keep(first, null);
    await openToy(id);
    await changeKept(id, (f) => ({ ...f, toy: rename(f.toy, 'Named there') }));
    edit('name', { station: 'bench' }, (t) => rename(t, 'Named here'));
    await settle();
    expect(openToyNow()).toMatchObject({
      kept: false,
      overtaken: true,
      file: { toy: { name: 'Named here' } },
    });
    expect((await take(id))!.file!.toy.name).toBe('Named there');
    const copy = await keepAsCopy((f) => ({ ...f, toy: { ...f.toy, id: newId() } }));
    expect((await take(copy!))!.file!.toy.name).toBe('Named here');
  });

  it('a damaged note does not lock a sound toy; a toy that the store has lost comes back from its note', async () => {
    const first = file();
    const { id } = first.toy;
    await keep(first, null);
    for (const raw of ['{"broken', '{"schema":1e999,"toy":{}}', 'null', '[]']) {
      noteDown(id, 1, raw);
      await openToy(id);
      expect(openToyNow()).toMatchObject({ state: 'open', file: { toy: { name: 'Ear' } } });
      await closeToy();
    }
    const lost = file();
    noteDown(lost.toy.id, 4, JSON.stringify(lost));
    expect((await shelf()).some((s) => s.head.id === lost.toy.id)).toBe(true);
    await openToy(lost.toy.id);
    expect(openToyNow().state).toBe('open');
    await settle();
    expect((await take(lost.toy.id))!.file!.toy).toEqual(lost.toy);
    // It is kept again, and still said until something is changed or ticked.
    const told = { kept: true, trouble: null, said: screenWords.storage.fromJournal };
    expect(openToyNow()).toMatchObject(told);
    note({ what: 'another' });
    expect(openToyNow().said).toBeNull();
  });

  it('one file that cannot be read does not lock the shelf: the others stand there, it can be given away and deleted', async () => {
    const first = file();
    await keep(first, null);
    const bad = newId();
    await keepRaw(
      { id: bad, name: 'Bad', schema: null as unknown as number, changed: null },
      '{"format":"hoppla toy","schema":1e999,"toy":{"parts":{}}}',
      null,
    );
    const all = await shelf();
    expect(all.find((s) => s.head.id === first.toy.id)?.file).not.toBeNull();
    const damaged = all.find((s) => s.head.id === bad)!;
    expect(damaged).toMatchObject({ damaged: true, file: null, raw: expect.stringContaining('1e999') });
    await discard(damaged);
    expect((await shelf()).some((s) => s.head.id === bad)).toBe(false);
  });

  it('says rightly that there is no room, that the store was cleared, that it is broken, and that it does not answer', async () => {
    const first = file();
    const spy = jest.spyOn(createAsyncStorage('hoppla'), 'setMany');
    spy.mockRejectedValueOnce(Object.assign(new Error(''), { name: 'AsyncStorageError' }));
    const estimate = jest.fn().mockResolvedValue({ quota: 1000, usage: 999 });
    Object.defineProperty(navigator, 'storage', {
      value: { estimate, persist: async () => true },
      configurable: true,
    });
    await expect(keep(first, null)).rejects.toMatchObject({
      trouble: 'full',
      sentence: expect.stringMatching(/no room left/),
    });
    estimate.mockResolvedValue({ quota: 1e9, usage: 0 });
    spy.mockRejectedValueOnce(
      new Error("Failed to execute 'transaction' on 'IDBDatabase': The database connection is closing."),
    );
    await expect(keep(first, null)).rejects.toMatchObject({ trouble: 'closed' });
    spy.mockRejectedValueOnce(new Error('something else'));
    await expect(keep(first, null)).rejects.toMatchObject({ trouble: 'broken' });
    spy.mockRejectedValueOnce(new Error('Encountered full disk while opening backing store'));
    await expect(keep(first, null)).rejects.toMatchObject({ trouble: 'full' });
    spy.mockRestore();
  });
});
