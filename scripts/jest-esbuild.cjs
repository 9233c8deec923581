// Turns TypeScript of core, server and cli, and modules of three, into JavaScript for Jest with esbuild.
const { transformSync } = require('esbuild');

module.exports = {
  process: (source, file) => {
    const { code, map } = transformSync(source, {
      loader: file.endsWith('.ts') ? 'ts' : 'js',
      format: 'cjs',
      target: 'node20',
      sourcefile: file,
      sourcemap: true,
    });
    return { code, map };
  },
};
