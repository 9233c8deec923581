// Bundles one TypeScript entry of the house for Node with esbuild, into .cache/dist.
import { existsSync, mkdirSync, readdirSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

export const root = resolve(fileURLToPath(import.meta.url), '../..');

/** The address of a bundle made by `bundle`. */
export const dist = (name) => pathToFileURL(resolve(root, '.cache/dist', name));

/** The newest change of a folder's files, ms. */
const newest = (folder) =>
  readdirSync(folder, { withFileTypes: true }).reduce((most, entry) => {
    const path = resolve(folder, entry.name);
    return Math.max(most, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }, 0);

/** Bundles only when one of the folders has changed since it was last done. */
export async function bundleWhenNewer(entry, name, folders) {
  const made = resolve(root, '.cache/dist', name);
  const changed = Math.max(...folders.map((folder) => newest(resolve(root, folder))));
  if (!existsSync(made) || statSync(made).mtimeMs < changed) await bundle(entry, name);
}

/** Takes some hundred milliseconds; packages stay outside the bundle. */
export async function bundle(entry, name) {
  const { build } = await import('esbuild');
  mkdirSync(resolve(root, '.cache/dist'), { recursive: true });
  await build({
    absWorkingDir: root,
    entryPoints: [entry],
    outfile: `.cache/dist/${name}`,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: 'inline',
    logLevel: 'error',
    packages: 'external',
    alias: { '@hoppla/core': './core/src' },
  });
}
