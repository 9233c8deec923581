import expo from 'eslint-config-expo/flat.js';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import house from './scripts/house-rules.mjs';

const root = dirname(fileURLToPath(import.meta.url));

export default [
  { ignores: ['**/dist*/**', '**/.expo/**', '.cache/**', '**/node_modules/**', 'test-results/**'] },
  ...expo,
  {
    plugins: { house },
    rules: {
      'house/import-direction': ['error', { root }],
      'import/no-unresolved': 'off',
      'import/no-named-as-default-member': 'off',
      'no-console': 'error',
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-empty-object-type': 'off',
    },
  },
  { files: ['scripts/**', '*/bench/**'], rules: { 'no-console': 'off' } },
];
