// Turns TypeScript of core, server and cli into JavaScript for Jest with esbuild.
const { transformSync } = require('esbuild');

module.exports = {
  process: (source, file) => {
    const { code, map } = transformSync(source, { loader: 'ts', format: 'cjs', target: 'node20', sourcefile: file, sourcemap: true });
    return { code, map };
  },
};
