const { transform } = require('esbuild');
const { minify } = require('terser');

/**
 * Makes a module of the production build small: esbuild simplifies it, at a fraction of the time that terser takes for it, and terser names what
 * is in it, alike in all modules, which compresses better (903 kB with esbuild alone, 855 so, 851 with terser alone). The build writes no maps.
 */
module.exports = async ({ code, reserved }) => {
  const simple = await transform(code, { minifySyntax: true, minifyWhitespace: true, legalComments: 'none' });
  // Letters of one byte: a script of two takes twice the memory.
  return minify(simple.code, { compress: false, mangle: { reserved }, format: { ascii_only: true } });
};
