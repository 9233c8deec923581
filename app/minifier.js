const { transform } = require('esbuild');
const { minify } = require('terser');

/** Letters of a module that terser is not given: the three that are so long load after the first page, and take it a twentieth of the whole build. */
const LARGE = 900_000;
const SIMPLE = { minifySyntax: true, minifyWhitespace: true, legalComments: 'none' };

/**
 * Makes a module of the production build small: esbuild simplifies it, at a fraction of the time that terser takes for it, and terser names what
 * is in it, alike in all modules, which compresses better (903 kB with esbuild alone, 855 so, 851 with terser alone). The build writes no maps.
 */
module.exports = async ({ code, reserved }) => {
  if (code.length > LARGE) return transform(code, { ...SIMPLE, minifyIdentifiers: true });
  const simple = await transform(code, SIMPLE);
  // Letters of one byte: a script of two takes twice the memory.
  return minify(simple.code, { compress: false, mangle: { reserved }, format: { ascii_only: true } });
};
