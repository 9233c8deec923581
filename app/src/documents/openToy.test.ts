import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { addParts, newFile, newToy, rename, typeInPart } from '@hoppla/core/toy';
import { newId } from './ids';
import { noteDown, notedAfter } from './journal';
import { changeProgress, closeToy, edit, openToy, openToyNow, step } from './openToy';
import { keep, keepRaw, shelf, take } from './storage';

const file = () => newFile(addParts(newToy('Ear', newId), 'Ear\nR1: 6 sc in ring (6)', newId));
const settle = () => new Promise((r) => setTimeout(r, 20));

describe('the open toy', () => {
  afterEach(closeToy);

  it('takes a toy that an older version kept, brought up to date', async () => {
    const raw = readFileSync(resolve(__dirname, '../../../core/src/toy/fixtures/toy-v1.json'), 'utf8');
    const { toy } = JSON.parse(raw) as { toy: { id: string; name: string } };
    await keepRaw({ id: toy.id, revision: 3, name: toy.name, schema: 1 }, raw);
    const taken = await take(toy.id);
    expect(taken!.file).toMatchObject({
      schema: 3,
      toy: { schema: 3, name: 'Rill', settings: { hooks: 'mm' } },
    });
    expect(taken!.file!.toy.parts[0].shaping).toEqual({ how: 'as worked' });
  });

  it('keeps every edit, gathers typing, and undo gives the toy back', async () => {
    const first = file();
    const id = first.toy.id;
    await keep(first, 1);
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
    await keep(first, 1);
    await openToy(first.toy.id);
    changeProgress((p) => ({ ...p, done: { a: 'b' } }));
    await settle();
    expect(openToyNow().history.past).toHaveLength(0);
    expect((await take(first.toy.id))!.file!.progress.done).toEqual({ a: 'b' });
  });

  it('takes up what was noted before a crash, but nothing older than what is kept', async () => {
    const first = file();
    const typed = { ...first, toy: rename(first.toy, 'Typed before the crash') };
    await keep(first, 3);
    noteDown(first.toy.id, 3, JSON.stringify(typed));
    await openToy(first.toy.id);
    expect(openToyNow().file!.toy.name).toBe('Typed before the crash');
    await settle();
    expect(notedAfter(first.toy.id, 0)).toBeNull();
    noteDown(first.toy.id, 1, JSON.stringify(typed));
    expect(notedAfter(first.toy.id, 3)).toBeNull();
  });

  it('gives a damaged newest revision by the one before', async () => {
    const first = file();
    await keep(first, 1);
    await keepRaw({ id: first.toy.id, revision: 2, name: 'Ear', schema: 1 }, '{"broken');
    expect((await take(first.toy.id))!.file!.toy).toEqual(first.toy);
    expect((await shelf()).some((s) => s.head.id === first.toy.id)).toBe(true);
  });
});
