import fc from 'fast-check';
import { dappleFile, rillFile, rubyFile } from '../model';
import { addParts, freeName, isUntouched, newFile, newToy, rename, type ToyFile } from '../toy';
import { backupOf, besideOf, exportFile, type BenchToy } from './index';
import { readBackup } from './restore';

let n = 0;
const id = () => `b${++n}`;
const DEMO = [rillFile, dappleFile, rubyFile].map((make) => make(id));
const benchToy = (file: ToyFile, changed: string | null = null): BenchToy => ({
  id: file.toy.id,
  name: file.toy.name,
  file,
  raw: exportFile(file),
  schema: file.schema,
  changed,
});
/** Toys of any name and notes, drawn from the demo toys and written parts. */
const anyToy = fc
  .tuple(
    fc.constantFrom(...DEMO, null),
    fc.string({ unit: 'binary', minLength: 1, maxLength: 40 }),
    fc.array(fc.constantFrom('R1: 6 sc in ring (6)', 'R2: inc x6 (12)', '-- note', 'R3: sc around'), {
      maxLength: 6,
    }),
  )
  .map(([demo, name, lines]) => {
    const base = demo
      ? { ...demo, toy: { ...demo.toy, id: id() } }
      : newFile(addParts(newToy('x', id), ['Ear', ...lines].join('\n'), id));
    return { ...base, toy: rename(base.toy, name.trim() || 'x') };
  });
const opened = (raw: string) => {
  const back = readBackup(raw);
  if (back.state !== 'open') throw new Error(JSON.stringify(back));
  return back;
};

describe('a backup of the whole bench', () => {
  it('60 toys of any kind come back to the byte, with when they were changed', () =>
    fc.assert(
      fc.property(fc.array(anyToy, { minLength: 60, maxLength: 60 }), (files) => {
        const at = (k: number) => new Date(1e12 + k * 1e7).toISOString();
        const back = opened(
          backupOf(
            files.map((f, k) => benchToy(f, at(k))),
            at(99),
          ),
        );
        expect(back.refused).toEqual([]);
        expect(back.toys.map((t) => exportFile(t.file!))).toEqual(files.map(exportFile));
        expect(back.toys.map((t) => t.changed)).toEqual(files.map((_, k) => at(k)));
      }),
      { numRuns: 4, seed: 5 },
    ));
  it('a toy of a newer version is kept as it is; a damaged one is told by its name and takes none of the others with it', () => {
    const newer: BenchToy = {
      id: 'n1',
      name: 'Later',
      file: null,
      raw: '{"format":"hoppla toy","schema":99,"toy":{"name":"Later","id":"n1"}}',
      schema: 99,
      changed: null,
    };
    const raw = backupOf(
      [benchToy(DEMO[0]), newer, { ...newer, id: 'n2', name: 'Torn', raw: '{"format":' }],
      'x',
    );
    const back = opened(raw);
    expect(back.toys.map((t) => [t.name, t.file === null, t.raw === newer.raw])).toEqual([
      ['Rill', false, false],
      ['Later', true, true],
    ]);
    expect(back.refused.map((r) => r.name)).toEqual(['Torn']);
  });
  it('what is no backup is none, and a newer form of it is refused in words', () => {
    expect(['', 'R1: 6 sc', '[]', 'null', '{}', exportFile(DEMO[0])].map((t) => readBackup(t).state)).toEqual(
      Array(6).fill('none'),
    );
    expect(readBackup('{"format":"hoppla bench","schema":2,"toys":[]}').state).toBe('refused');
    expect(readBackup('{"format":"hoppla bench","schema":1}').state).toBe('refused');
    expect(opened('{"format":"hoppla bench","schema":1,"toys":[null,{"text":3}]}').refused).toHaveLength(2);
  });
  it('says what is older and what is newer', () => {
    const [a, b] = [
      benchToy(DEMO[0], '2026-11-01T00:00:00Z'),
      benchToy({ ...DEMO[0], toy: rename(DEMO[0].toy, 'Rilla') }, '2026-11-02T00:00:00Z'),
    ];
    expect([
      besideOf(a, null),
      besideOf(a, { ...a, changed: null }),
      besideOf(a, b),
      besideOf(b, a),
      besideOf({ ...a, changed: null }, b),
    ]).toEqual(['not there', 'same', 'older', 'newer', 'other']);
  });
});

describe('names on the bench', () => {
  it('a copy of Rill is Rill 2, of Rill 2 the next that is free', () => {
    expect([
      freeName('Rill', []),
      freeName('Rill', ['rill ']),
      freeName('Rill', ['Rill', 'Rill 2']),
      freeName('Rill 2', ['Rill', 'Rill 2', 'Rill 3']),
      freeName('7', ['7']),
    ]).toEqual(['Rill', 'Rill 2', 'Rill 3', 'Rill 4', '7 2']);
  });
  it('is free whatever is there', () =>
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), fc.array(fc.string()), (name, others) => {
        const free = freeName(name, [...others, name]);
        expect([...others, name].map((o) => o.trim().toLowerCase())).not.toContain(free.trim().toLowerCase());
      }),
    ));
  it('a toy that nobody touched is empty; one with a part, a page or a deed is not', () => {
    const fresh = newFile(newToy('New toy', id));
    expect(isUntouched(fresh)).toBe(true);
    expect(isUntouched({ ...fresh, toy: { ...fresh.toy, page: 'a remark' } })).toBe(false);
    expect(isUntouched(DEMO[0])).toBe(false);
    expect(isUntouched({ ...fresh, log: [{ what: 'another', at: null }] })).toBe(false);
  });
});
