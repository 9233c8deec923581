// The types of every workspace, by the compiler that is built natively: `typescript-7` beside the `typescript` that the linter reads with.
import { join } from 'node:path';
import { root, run } from './steps.mjs';

const compiler = join(root, 'node_modules/typescript-7/bin/tsc');
for (const workspace of ['core', 'server', 'cli', 'e2e', 'app'])
  run(`types of ${workspace}`, 'node', [compiler, '-p', workspace]);
