const expo = require('@expo/metro-config/babel-transformer');
const { parseSync } = require('@babel/core');
const { transformSync } = require('esbuild');
const { readFileSync } = require('node:fs');

/**
 * Large files of packages that are plain JavaScript for any browser and import no other package. Expo's presets change nothing in them and took nearly a
 * tenth of the whole build: esbuild turns them into what the bundler knows in a sixth of the time. An import whose name is only known
 * when it runs, as the PDF library has one, becomes a `require` that fails when it is reached; here it never is.
 */
const PLAIN =
  /\/node_modules\/(joi\/dist|mammoth\/mammoth\.browser|react-dom\/cjs|three\/build|unpdf\/dist\/pdfjs)/;

/** Babel's tree of a module, as the bundler asks for it. */
function transform(task) {
  const { filename, src, options } = task;
  if (options.dev || !PLAIN.test(filename)) return expo.transform(task);
  const { code } = transformSync(src, {
    ...{ format: 'cjs', target: 'es2022', legalComments: 'none', sourcefile: filename },
    ...{ minifySyntax: true, define: { 'process.env.NODE_ENV': '"production"' } },
    supported: { 'dynamic-import': false },
  });
  return { ast: parseSync(code, { sourceType: 'script', babelrc: false, configFile: false }), metadata: {} };
}

/** What is kept between builds is no longer used when one of these changes; Babel knows of its own files only. */
const getCacheKey = (options) =>
  expo.getCacheKey(options) + readFileSync(require.resolve('./fronts'), 'utf8');

module.exports = { transform, getCacheKey };
