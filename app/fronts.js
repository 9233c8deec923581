/**
 * A folder's `index.ts` is its front: others import what it gives. The bundler takes a front with all that stands behind it, used or
 * not. So in the production build each name comes from the module that makes it: the plugin writes `../form#relax,relaxes` for
 * `../form`, and the resolver finds the module. What was transformed is kept between builds, so nothing of the fronts may stand in it.
 */
const { existsSync, readFileSync } = require('node:fs');
const { dirname, join, resolve } = require('node:path');
const { parseSync } = require('@babel/core');

const CORE = resolve(require.resolve('./fronts'), '../../core/src');
const ENDINGS = ['.ts', '.tsx', '/index.ts', '/index.tsx'];

/** The file of our own that an import names; undefined for a package, or what is no TypeScript. */
function fileOf(from, named) {
  if (named.startsWith('@hoppla/core/')) return join(CORE, named.slice('@hoppla/core/'.length), 'index.ts');
  if (!named.startsWith('.')) return undefined;
  const path = resolve(dirname(from), named);
  return ENDINGS.map((ending) => path + ending).find((file) => existsSync(file));
}

const read = new Map();
/** What a module makes itself, what it passes on by name and from where, and the modules of which it passes on all; types left out. */
function exportsOf(file) {
  if (read.has(file)) return read.get(file);
  const given = { made: new Set(), byName: new Map(), allOf: [] };
  read.set(file, given);
  const { program } = parseSync(readFileSync(file, 'utf8'), {
    ...{ sourceType: 'module', parserOpts: { plugins: ['typescript', 'jsx'] } },
    ...{ babelrc: false, configFile: false },
  });
  for (const node of program.body.filter((n) => n.exportKind !== 'type')) {
    const from = node.source && fileOf(file, node.source.value);
    if (node.type === 'ExportAllDeclaration' && from) given.allOf.push(from);
    if (node.type !== 'ExportNamedDeclaration') continue;
    const { id, declarations = [] } = node.declaration ?? {};
    for (const made of [id, ...declarations.map((one) => one.id)]) if (made) given.made.add(made.name);
    for (const one of node.specifiers)
      if (from && one.local.name === one.exported.name) given.byName.set(one.exported.name, from);
  }
  return given;
}

/** The module that makes what another gives under this name; undefined where it gives none, or under another name. */
function makerOf(file, name) {
  const { made, byName, allOf } = exportsOf(file);
  if (made.has(name)) return file;
  if (byName.has(name)) return makerOf(byName.get(name), name) ?? byName.get(name);
  return allOf.map((other) => makerOf(other, name)).find(Boolean);
}

/** Babel: parts the imports of a front by the modules that make what is imported. */
const straight = ({ types: t }) => ({
  visitor: {
    Program(program, { filename }) {
      if (!filename || filename.includes('node_modules')) return;
      const parted = program
        .get('body')
        .filter((path) => path.isImportDeclaration() && partImport(t, path, filename));
      if (parted.length > 0) program.scope.crawl();
    },
  },
});

/** Whether there was anything to part. */
function partImport(t, path, filename) {
  const { source, specifiers, importKind } = path.node;
  const front = importKind !== 'type' && fileOf(filename, source.value);
  if (!front) return false;
  const byMaker = new Map();
  for (const one of specifiers) {
    const isNamed = t.isImportSpecifier(one) && one.importKind !== 'type';
    const maker = (isNamed && makerOf(front, one.imported.name)) || front;
    byMaker.set(maker, [...(byMaker.get(maker) ?? []), one]);
  }
  if (specifiers.length === 0 || (byMaker.size === 1 && byMaker.has(front))) return false;
  const imports = [...byMaker].map(([maker, own]) => {
    const names = own.map((one) => one.imported?.name).join();
    return t.importDeclaration(
      own,
      t.stringLiteral(maker === front ? source.value : `${source.value}#${names}`),
    );
  });
  path.replaceWithMultiple(imports);
  return true;
}

/** Metro: the module that makes what stands behind the `#`; the front itself where, since that was written, it has come to stand in several. */
function resolveFront(context, named, platform) {
  const [front, names] = named.split('#');
  const file = names && fileOf(context.originModulePath, front);
  if (!file) return context.resolveRequest(context, named, platform);
  const makers = [...new Set(names.split(',').map((name) => makerOf(file, name)))];
  return { type: 'sourceFile', filePath: (makers.length === 1 && makers[0]) || file };
}

module.exports = { straight, resolveFront };
