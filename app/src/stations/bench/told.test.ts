import { addParts, newFile, newToy, type ToyFile } from '@hoppla/core/toy';
import { newId, type Shelved } from '../../documents';
import { collectionsOf, families, found } from './told';

const shelved = (
  name: string,
  more: Partial<ToyFile['toy']> = {},
  changed: string | null = null,
): Shelved => {
  const toy = { ...addParts(newToy(name, newId), 'Ear\nR1: 6 sc in ring', newId), ...more };
  return {
    head: { id: toy.id, revision: 1, name, schema: toy.schema, changed },
    file: newFile(toy),
    raw: '',
  };
};
const names = (toys: readonly Shelved[]) => toys.map((t) => t.head.name);
const all = { search: '', collection: null, places: {} };

test('last used first, by opening or keeping; what was never used by its name', () => {
  const [a, b, c, d] = [
    shelved('Auk'),
    shelved('Bee', {}, '2026-11-02T00:00:00Z'),
    shelved('Cod', {}, '2026-11-01T00:00:00Z'),
    shelved('Ant'),
  ];
  expect(names(found([a, b, c, d], all))).toEqual(['Bee', 'Cod', 'Ant', 'Auk']);
  const places = { [a.head.id]: { station: 'face', part: null, at: '2026-11-03T00:00:00Z' } };
  expect(names(found([a, b, c, d], { ...all, places }))).toEqual(['Auk', 'Bee', 'Cod', 'Ant']);
});

test('a toy is found by all words said of it: name, collection, part; accents and case do not matter', () => {
  const toys = [
    shelved('Änne the hen', { collection: 'Farm' }),
    shelved('Rill', { collection: 'Shore' }),
    shelved('Hen'),
  ];
  const by = (search: string) => names(found(toys, { ...all, search }));
  expect(by('anne')).toEqual(['Änne the hen']);
  expect(by('HEN')).toEqual(expect.arrayContaining(['Änne the hen', 'Hen']));
  expect(by('hen farm')).toEqual(['Änne the hen']);
  expect(by('ear shore')).toEqual(['Rill']);
  expect(by('ear  ')).toHaveLength(3);
  expect(by('whale')).toEqual([]);
  expect(names(found(toys, { ...all, collection: 'Shore' }))).toEqual(['Rill']);
  expect(collectionsOf(toys)).toEqual(['Farm', 'Shore']);
  // Nobody is left in it: nothing is hidden behind a name that cannot be taken back any more.
  expect(names(found(toys, { ...all, collection: 'Forest' }))).toHaveLength(3);
});

test('variants stand under their base, each toy once, also where bases are gone, in a ring or in a chain', () => {
  const base = shelved('Base');
  const one = shelved('One', { variantOf: base.head.id });
  const deep = shelved('Deep', { variantOf: one.head.id });
  const lost = shelved('Lost', { variantOf: 'nobody' });
  const [x, y] = [shelved('X'), shelved('Y')];
  const ring = [
    { ...x, file: { ...x.file!, toy: { ...x.file!.toy, variantOf: y.head.id } } },
    { ...y, file: { ...y.file!, toy: { ...y.file!.toy, variantOf: x.head.id } } },
  ];
  const toys = [one, lost, deep, base, ...ring];
  const rows = families(toys);
  expect(rows.map((r) => r.toy.head.id).sort()).toEqual(toys.map((t) => t.head.id).sort());
  const at = (name: string) => rows.findIndex((r) => r.toy.head.name === name);
  expect(at('One')).toBe(at('Base') + 1);
  expect([rows[at('One')].under, rows[at('Base')].under, rows[at('Lost')].under]).toEqual([
    true,
    false,
    false,
  ]);
});
