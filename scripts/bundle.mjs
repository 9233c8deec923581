// Bundles one TypeScript entry of the house for Node with esbuild, into .cache/dist.
import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

export const root = resolve(fileURLToPath(import.meta.url), '../..');

/** The address of a bundle made by `bundle`. */
export const dist = (name) => pathToFileURL(resolve(root, '.cache/dist', name));

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
