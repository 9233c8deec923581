import { Linter } from 'eslint';
import house from './house-rules.mjs';

const root = '/house';
const lint = (file: string, code: string) =>
  new Linter({ configType: 'flat', cwd: root })
    .verify(
      code,
      [
        {
          files: ['**/*.ts'],
          plugins: { house },
          languageOptions: { sourceType: 'module' },
          rules: { 'house/import-direction': ['error', { root }] },
        },
      ],
      `${root}/${file}`,
    )
    .map((m) => m.messageId ?? m.message);

describe('import direction', () => {
  it.each([
    ['core/src/notation/a.ts', "import { planOf } from '../plan';", ['up']],
    ['core/src/safety/a.ts', "import { planOf } from '../plan';", ['up']],
    ['core/src/form/a.ts', "export { x } from '../files/json';", ['up']],
    ['core/src/form/a.ts', "import React from 'react';", ['foreign']],
    ['core/src/toy/a.ts', "import Joi from 'joi';", ['foreign']],
    ['core/src/toy/a.ts', "import { edit } from '../../../app/src/documents';", ['room']],
    ['app/src/controls/a.ts', "import { FaceStation } from '../stations/face/FaceStation';", ['room']],
    ['app/src/documents/a.ts', "import { Tag } from '../controls';", ['room']],
  ])('%s: %s bites', (file, code, found) => expect(lint(file, code)).toEqual(found));

  it.each([
    ['core/src/plan/a.ts', "import { read } from '../notation';"],
    ['core/src/toy/schema/index.ts', "import Joi from 'joi';"],
    [
      'app/src/stations/face/a.ts',
      "import { Tag } from '../../controls'; import { edit } from '../../documents';",
    ],
  ])('%s: %s is allowed', (file, code) => expect(lint(file, code)).toEqual([]));
});
