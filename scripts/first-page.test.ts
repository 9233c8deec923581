import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { partFirstPage } from './first-page.mjs';

const SCRIPTS = '_expo/static/js/web';
const NAME = (name: string): string => `${name}-${'0123456789abcdef'.repeat(2)}.js`;
const PATH = (name: string): string => `/${SCRIPTS}/${NAME(name)}`;

/** A made-up module: what it needs at once, and what it loads later from which chunk (null: from no chunk of its own). */
interface Made {
  id: number;
  sync: readonly number[];
  later?: readonly [number, string | null][];
  /** letters that it is long */
  long?: number;
}

/** One line as the bundler writes it. */
function line({ id, sync, later = [], long = 0 }: Made): string {
  const at = (k: number): string => `d[${sync.length + k}]`;
  const body = [
    ...sync.map((_, k) => `r(d[${k}])`),
    ...later.map((_, k) => `g.later.push(()=>g.load(${at(k)},d.paths))`),
    `g.ran.push(${id})`,
    `"${'.'.repeat(long)}"`,
  ].join(';');
  const paths = Object.fromEntries(later.flatMap(([to, chunk]) => (chunk ? [[to, PATH(chunk)]] : [])));
  const ids = [...sync, ...later.map(([to]) => to)];
  const places = Object.keys(paths).length
    ? JSON.stringify({ ...Object.fromEntries(ids.map((need, k) => [k, need])), paths })
    : `[${ids.join()}]`;
  return `__d(function(g,r,i,a,m,e,d){${body}},${id},${places});\n`;
}

/** The router's module: the layouts and the Bench are the first page, a station is not. */
const routes = (id: number, [layout, bench, station, toy]: readonly number[]): string =>
  `__d(function(g,r,i,a,m,e,d){const t={"./_layout.tsx":()=>g.load(d[0],d.paths),"./index.tsx":()=>g.load(d[1],d.paths),"./toy/face.tsx":()=>g.load(d[2],d.paths),"./toy/[id]/_layout.tsx":()=>g.load(d[3],d.paths)};` +
  `Object.values(t).forEach(get=>g.later.push(get));g.ran.push(${id})},${id},` +
  `{"0":${layout},"1":${bench},"2":${station},"3":${toy},"paths":{"${layout}":"${PATH('_layout')}","${bench}":"${PATH('index')}","${station}":"${PATH('face')}","${toy}":"${PATH('toy')}"}});\n`;

const folders: string[] = [];
afterAll(() => folders.forEach((folder) => rmSync(folder, { recursive: true })));

/** A build in a folder of its own. */
function build(chunks: Record<string, string>): string {
  const dist = mkdtempSync(join(tmpdir(), 'parted-'));
  folders.push(dist);
  mkdirSync(join(dist, SCRIPTS), { recursive: true });
  for (const [name, text] of Object.entries(chunks)) writeFileSync(join(dist, SCRIPTS, NAME(name)), text);
  writeFileSync(
    join(dist, 'index.html'),
    `<script src="${PATH('__common')}"></script><script src="${PATH('start')}"></script>`,
  );
  return dist;
}

/** The scripts of a page, run as a browser does: what ran, in order. Everything that is loaded later is loaded, chunk after chunk, and run. */
function browse(dist: string): { first: number[]; all: number[] } {
  const known = new Map<number, { factory: (...args: unknown[]) => void; places: unknown; ran: boolean }>();
  const text = (path: string): string => readFileSync(join(dist, path), 'utf8');
  const run = (script: string): void =>
    void new Function('__d', '__r', script)(
      (factory: () => void, id: number, places: unknown) =>
        known.has(id) || known.set(id, { factory, places, ran: false }),
      require,
    );
  const g = {
    ran: [] as number[],
    later: [] as (() => void)[],
    load(id: number, paths?: Record<string, string>) {
      // What is there already is not loaded, as in Metro.
      if (!known.has(id))
        for (const path of paths?.[id]?.split(',') ?? []) if (!path.includes('worker-')) run(text(path));
      if (!paths?.[id]?.includes('worker-')) require(id);
    },
  };
  function require(id: number): void {
    const module = known.get(id);
    if (!module) throw new Error(`unknown module ${id}`);
    if (module.ran) return;
    module.ran = true;
    module.factory(g, require, null, null, null, null, module.places);
  }
  const page = text('index.html');
  const began = [...page.matchAll(/src="([^"]*)"/g)].map((m) => text(m[1])).join('');
  const first = [...began.matchAll(/,(\d+),[[{][^\n]*\);$/gm)].map((m) => Number(m[1]));
  [...page.matchAll(/src="([^"]*)"/g)].forEach((m) => run(text(m[1])));
  while (g.later.length > 0) g.later.shift()!();
  return { first, all: g.ran };
}

/** The only script of a build whose name begins like this. */
const named = (dist: string, name: string): string =>
  readdirSync(join(dist, SCRIPTS)).find((file) => file.startsWith(`${name}-`))!;

/** Modules 1 to 9 stand in the entry, 10 to 59 are shared, the layout, the Bench and the station have a chunk each. */
const MADE = {
  start:
    line({ id: 1, sync: [2] }) +
    line({ id: 2, sync: [] }) +
    routes(3, [60, 61, 62, 63]) +
    '__r(1);\n__r(3);\n',
  __common:
    line({ id: 10, sync: [] }) +
    line({ id: 11, sync: [10] }) +
    line({ id: 12, sync: [13], long: 150_000 }) +
    line({ id: 13, sync: [] }) +
    line({ id: 14, sync: [] }) +
    line({ id: 15, sync: [] }),
  _layout: line({ id: 60, sync: [10] }),
  index: line({ id: 61, sync: [11], later: [[70, 'Sheet'], [71, 'words'], [12, null], [80, 'worker']] }), // prettier-ignore
  face: line({ id: 62, sync: [12, 11] }),
  toy: line({ id: 63, sync: [15] }),
  Sheet: line({ id: 70, sync: [13, 12] }),
  words: line({ id: 71, sync: [14] }),
  worker: `prelude;\n${line({ id: 80, sync: [] })}__r(80);\n`,
};

describe('what the first page begins with', () => {
  it('is what it needs, and nothing of what only stations share', () => {
    const dist = build(MADE);
    const before = browse(dist);
    expect(before.first.sort((a, b) => a - b)).toEqual([1, 2, 3, 10, 11, 12, 13, 14, 15]);
    const layouts = partFirstPage(dist);
    expect(layouts).toEqual(['_layout', 'toy'].map((name) => `/${SCRIPTS}/${named(dist, name)}`));
    const after = browse(dist);
    expect(after.first.sort((a, b) => a - b)).toEqual([1, 2, 3, 10, 11, 15]);
    expect(after.all).toEqual(before.all);
  });

  it('leaves a chunk that needs little of the rest with that little, one that needs much with both paths', () => {
    const dist = build(MADE);
    partFirstPage(dist);
    const file = (name: string) => named(dist, name);
    const text = (name: string) => readFileSync(join(dist, SCRIPTS, file(name)), 'utf8');
    expect(text('index')).toContain(`"70":"/${SCRIPTS}/${file('__stations')},${PATH('Sheet')}"`);
    expect(text('index')).toContain(`"12":"/${SCRIPTS}/${file('__stations')}"`);
    expect(text('index')).toContain(`"71":"/${SCRIPTS}/${file('words')}"`);
    expect(text('index')).toContain(`"80":"${PATH('worker')}"`);
    expect(text('words')).toBe(line({ id: 71, sync: [14] }) + line({ id: 14, sync: [] }));
  });

  it('says of every script that it needs that it is called, and of no other', () => {
    const dist = build(MADE);
    partFirstPage(dist);
    const called = readdirSync(join(dist, SCRIPTS)).filter((name) =>
      readFileSync(join(dist, SCRIPTS, name), 'utf8').startsWith('//# allFunctionsCalledOnLoad\n__d('),
    );
    expect(called).toEqual(['__common', '_layout', 'index', 'start', 'toy'].map((name) => named(dist, name)));
  });

  it('gives every script that has changed, or names one that has, another name, and no other', () => {
    // The station itself stays as it is, but names the words' chunk, which gets what it needs of the rest.
    const made = { ...MADE, face: line({ id: 62, sync: [11], later: [[71, 'words']] }) };
    const dists = [build(made), build({ ...made, toy: line({ id: 63, sync: [15], later: [[14, null]] }) })];
    dists.forEach(partFirstPage);
    const [one, other] = dists.map((dist) => readdirSync(join(dist, SCRIPTS)));
    const kept = one.filter((name) => other.includes(name));
    expect(kept.sort()).toEqual(['Sheet', 'worker'].map(NAME).sort());
    expect(one).toHaveLength(Object.keys(MADE).length + 1);
    for (const name of kept)
      expect(readFileSync(join(dists[0], SCRIPTS, name), 'utf8')).toBe(
        readFileSync(join(dists[1], SCRIPTS, name), 'utf8'),
      );
  });

  it('is parted in any build so that every chunk finds what it needs', () => {
    const graph = fc.array(fc.tuple(fc.array(fc.nat(39), { maxLength: 4 }), fc.nat(60_000)), {
      minLength: 40,
      maxLength: 40,
    });
    const roots = fc.array(fc.array(fc.nat(39), { maxLength: 3 }), { minLength: 5, maxLength: 5 });
    fc.assert(
      fc.property(graph, roots, fc.nat(39), (shared, [layout, bench, face, sheet, words], alone) => {
        // A module needs only those behind it, as there are no circles here.
        const common = shared.map(([needs, long], k) =>
          line({
            id: 10 + k,
            sync: needs.filter((n) => n > k).map((n) => 10 + n),
            later: k % 7 === 0 ? [[62, 'face'], [10 + alone, null]] : [], // prettier-ignore
            long,
          }),
        );
        const reached = (k: number): number[] => [
          10 + k,
          ...shared[k][0].filter((n) => n > k).flatMap(reached),
        ];
        const first = [...new Set([...layout, ...bench].flatMap(reached)), 1, 2, 3];
        const to = (needs: readonly number[]): number[] => needs.map((n) => 10 + n);
        const later: [number, string | null][] = [[70, 'Sheet'], [71, 'words'], [10 + alone, null]]; // prettier-ignore
        const dist = build({
          ...MADE,
          __common: common.join(''),
          toy: line({ id: 63, sync: [] }),
          _layout: line({ id: 60, sync: to(layout) }),
          index: line({ id: 61, sync: to(bench), later }),
          face: line({ id: 62, sync: to(face) }),
          Sheet: line({ id: 70, sync: to(sheet), later: [[62, 'face']] }),
          words: line({ id: 71, sync: to(words) }),
        });
        const before = browse(dist);
        partFirstPage(dist);
        const after = browse(dist);
        expect(after.all).toEqual(before.all);
        expect(after.first.sort((a, b) => a - b)).toEqual(first.sort((a, b) => a - b));
      }),
      { numRuns: 60 },
    );
  });

  it('is not guessed at where the build is another than it knows', () => {
    expect(() => partFirstPage(build({ start: MADE.start }))).toThrow('no script that the chunks share');
    const { start, ...others } = MADE;
    const noBench = start.replace('"./index.tsx"', '"./bench.tsx"');
    expect(() => partFirstPage(build({ ...others, start: noBench }))).toThrow(
      './_layout.tsx is in no bundle',
    );
    expect(() => partFirstPage(build({ ...MADE, face: '__d(surprise);' }))).toThrow('no module of a bundle');
  });
});
