import expo from 'eslint-config-expo/flat.js';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import house from './scripts/house-rules.mjs';

const root = dirname(fileURLToPath(import.meta.url));

/** The names of Expo's rules that fit. */
const rulesOf = (pattern) =>
  expo.flatMap(({ rules = {} }) => Object.keys(rules).filter((rule) => pattern.test(rule)));

export default [
  { ignores: ['**/dist*/**', '**/.expo/**', '.cache/**', '**/node_modules/**', 'test-results/**'] },
  ...expo,
  {
    plugins: { house },
    // What a package gives away is not read again.
    settings: { 'import/ignore': ['node_modules'] },
    rules: {
      'house/import-direction': ['error', { root }],
      'import/no-unresolved': 'off',
      'import/no-named-as-default-member': 'off',
      'no-console': 'error',
    },
  },
  // Nothing is drawn here: what reads every function for hooks and components would find none.
  {
    files: ['core/**', 'server/**', 'cli/**', 'e2e/**', 'scripts/**'],
    rules: Object.fromEntries(rulesOf(/^react(-hooks)?\//).map((rule) => [rule, 'off'])),
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      // The compiler checks these, at a fraction of the time.
      'import/namespace': 'off',
      'import/export': 'off',
      'import/no-named-as-default': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-empty-object-type': 'off',
    },
  },
  { files: ['scripts/**', '*/bench/**'], rules: { 'no-console': 'off' } },
];
