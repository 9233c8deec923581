// Bundles the tests of core, server and cli into .cache/units, with what they share in chunks, for jest-bundled.cjs. Takes half a second.
import { context } from 'esbuild';
import { readdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { root } from './bundle.mjs';

const FOLDERS = ['core', 'server', 'cli'];
const OUT = '.cache/units';

const testsIn = (folder) =>
  readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return entry.name === 'node_modules' ? [] : testsIn(path);
    return entry.name.endsWith('.test.ts') ? [path] : [];
  });

/** Each module goes on knowing where it was written. */
const whereWritten = {
  name: 'where written',
  setup: ({ onLoad }) =>
    onLoad({ filter: /\.(ts|mjs)$/ }, ({ path }) => {
      if (path.includes('/node_modules/')) return undefined;
      const contents = readFileSync(path, 'utf8')
        .replaceAll('import.meta.url', () => JSON.stringify(pathToFileURL(path).href))
        .replaceAll('__dirname', () => JSON.stringify(dirname(path)));
      return { contents, loader: 'ts' };
    }),
};

/** Watching, it bundles again whenever something changes, until the process ends. */
export async function bundleTests({ isWatching }) {
  rmSync(join(root, OUT), { recursive: true, force: true });
  const bundling = await context({
    absWorkingDir: root,
    entryPoints: FOLDERS.flatMap(testsIn),
    ...{ outdir: OUT, outbase: '.', outExtension: { '.js': '.mjs' } },
    ...{ bundle: true, splitting: true, format: 'esm', platform: 'node', target: 'node20' },
    ...{ packages: 'external', alias: { '@hoppla/core': './core/src' } },
    ...{ sourcemap: true, logLevel: 'error', plugins: [whereWritten] },
  });
  await bundling.rebuild();
  if (isWatching) await bundling.watch();
  else await bundling.dispose();
}
