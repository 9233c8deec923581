// The house's own lint rules: which room may import which, and that a core folder imports only folders before it.
import { dirname, relative, resolve, sep } from 'node:path';

/** Core folders from the ground floor up (files last). A folder may import only those before it. */
export const FLOORS = [
  'kept',
  'own',
  'printed',
  'words',
  'figures',
  'notation',
  'fabric',
  'gauge',
  'form',
  'address',
  'feature',
  'join',
  'toy',
  'model',
  'picture',
  'safety',
  'plan',
  'record',
  'batch',
  'trainer',
  'files',
];

/** Folders of the app that know no station. */
const APP_FLOORS = {
  words: [],
  theme: ['words'],
  documents: ['words'],
  compute: [],
  stage: ['words', 'theme', 'documents', 'compute', 'controls'],
  controls: ['words', 'theme'],
  instruments: ['documents'],
  stations: ['words', 'theme', 'documents', 'compute', 'stage', 'controls', 'instruments', 'stations'],
  app: ['words', 'theme', 'documents', 'stations'],
};

const FOREIGN_TO_CORE =
  /^(react|react-native|react-dom|expo|tamagui|three|@tanstack|@react-native|node:|fs$|path$)/;

/** The folder of core that a file or an import stands in, or null. */
function coreFolder(path, root) {
  const parts = relative(resolve(root, 'core/src'), path).split(sep);
  return parts[0] === '..' ? null : parts[0];
}

function appFolder(path, root) {
  const parts = relative(resolve(root, 'app/src'), path).split(sep);
  return parts[0] === '..' ? null : parts[0];
}

export const importDirection = {
  meta: {
    type: 'problem',
    schema: [{ type: 'object', properties: { root: { type: 'string' } } }],
    messages: {
      up: '{{from}} may not import {{to}}: it stands above it.',
      foreign: 'core knows no {{to}}: no interface, network, storage or file system.',
      room: '{{from}} may not import {{to}}.',
    },
  },
  create(context) {
    const root = context.options[0]?.root ?? context.cwd;
    const file = context.filename;
    if (/\.test\.tsx?$/.test(file)) return {};
    const look = (node) => {
      const said = node.source?.value;
      if (typeof said !== 'string') return;
      const target = said.startsWith('.') ? resolve(dirname(file), said) : null;
      const from = coreFolder(file, root);
      if (from) {
        if (FOREIGN_TO_CORE.test(said))
          return context.report({ node, messageId: 'foreign', data: { to: said } });
        if (said === 'joi' && !file.includes(`toy${sep}schema`))
          return context.report({ node, messageId: 'foreign', data: { to: said } });
        const to = target && coreFolder(target, root);
        if (target && !to)
          return context.report({ node, messageId: 'room', data: { from: `core/${from}`, to: said } });
        if (to && to !== from && FLOORS.indexOf(to) >= FLOORS.indexOf(from))
          context.report({ node, messageId: 'up', data: { from, to } });
        return;
      }
      const room = appFolder(file, root);
      const to = room && target && appFolder(target, root);
      if (to && to !== room && !(APP_FLOORS[room] ?? []).includes(to))
        context.report({ node, messageId: 'room', data: { from: `app/${room}`, to: `app/${to}` } });
    };
    return {
      ImportDeclaration: look,
      ExportNamedDeclaration: look,
      ExportAllDeclaration: look,
      ImportExpression: look,
    };
  },
};

export default { rules: { 'import-direction': importDirection } };
