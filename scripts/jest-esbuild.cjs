// Turns our TypeScript without React, and packages that are plain JavaScript, into what Jest runs, with esbuild.
const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const { pathToFileURL } = require('node:url');
const { transformSync, version } = require('esbuild');

const own = readFileSync(require.resolve('./jest-esbuild.cjs'));

module.exports = {
  process: (source, file) => {
    const { code, map } = transformSync(source, {
      loader: file.endsWith('.ts') ? 'ts' : 'js',
      format: 'cjs',
      target: 'node20',
      minifySyntax: true,
      sourcefile: file,
      sourcemap: true,
      define: { 'import.meta.url': JSON.stringify(pathToFileURL(file).href) },
    });
    return { code, map };
  },
  getCacheKey: (source, file) =>
    createHash('sha256').update(own).update(version).update(file).update(source).digest('hex'),
};
