import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';

const root = join(__dirname, '..');
const HOUSES = ['core/src', 'core/bench', 'app/src', 'cli/src', 'cli/bench', 'server/src'];

const filesIn = (folder: string): string[] =>
  readdirSync(join(root, folder), { withFileTypes: true }).flatMap((f) => {
    const path = `${folder}/${f.name}`;
    if (f.isDirectory()) return filesIn(path);
    return /\.(ts|tsx)$/.test(f.name) && !f.name.endsWith('.d.ts') ? [path] : [];
  });
const all = HOUSES.flatMap(filesIn);

const ENDINGS = ['.ts', '.tsx', '.web.ts', '.web.tsx', '.native.ts', '/index.ts', '/index.tsx', ''];
function found(from: string, said: string): string[] {
  const core = /^@hoppla\/core\/(.+)$/.exec(said);
  const base = core ? `core/src/${core[1]}` : relative(root, join(root, dirname(from), said));
  return ENDINGS.map((e) => base + e).filter((path) => all.includes(path));
}
/** What a file imports, loads later, starts as a worker or asks a test to stand in for. */
function importsOf(path: string): string[] {
  const text = readFileSync(join(root, path), 'utf8');
  return [...text.matchAll(/(?:from|import|require|mock|URL)\s*\(?\s*'([^'\n]+)'/g)].flatMap(([, said]) =>
    found(path, said),
  );
}
const uses = new Map(all.map((path) => [path, importsOf(path)]));
const isTest = (path: string): boolean => /\.test\.tsx?$/.test(path);
const isForTests = (path: string): boolean => /\/cases\/|ases\.ts$|^\w+\/bench\//.test(path);
const usedBy = (whose: (path: string) => boolean): Set<string> =>
  new Set(
    [...uses].filter(([path]) => whose(path)).flatMap(([path, used]) => used.filter((u) => u !== path)),
  );

describe('every file is used', () => {
  const scripts = readdirSync(join(root, 'scripts'))
    .map((f) => readFileSync(join(root, 'scripts', f), 'utf8'))
    .join('\n');
  const starts = (path: string): boolean =>
    isTest(path) ||
    path.endsWith('.bench.ts') ||
    path.startsWith('app/src/app/') ||
    /^core\/src\/[a-z/]+\/index\.ts$/.test(path) ||
    scripts.includes(path);

  it('a file that no other imports is one that starts something: a kind that is missing in its table is found here', () => {
    const used = usedBy(() => true);
    expect(all.filter((path) => !used.has(path) && !starts(path))).toEqual([]);
  });

  it('what only tests use is called so: cases', () => {
    const used = usedBy((path) => !isTest(path) && !isForTests(path));
    const onlyTested = all.filter((path) => !used.has(path) && !starts(path) && !isForTests(path));
    expect(onlyTested).toEqual([]);
  });

  it('every station has its route and its folder', () => {
    const table = readFileSync(join(root, 'app/src/stations/stations.ts'), 'utf8');
    const ids = [...table.matchAll(/^ {2}(\w+): \{ words:/gm)].map(([, id]) => id);
    expect(ids.length).toBeGreaterThan(5);
    expect(ids.filter((id) => !existsSync(join(root, `app/src/app/toy/[id]/${id}.tsx`)))).toEqual([]);
    expect(ids.filter((id) => !existsSync(join(root, `app/src/stations/${id}`)))).toEqual([]);
  });
});
