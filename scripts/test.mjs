// The whole test: install, lint, types, units, build, first load, end to end. Prints the minutes of each.
import { join } from 'node:path';
import { build, chromium, install, root, run, runTogether } from './steps.mjs';

const npx = (what, ...args) => run(what, 'npx', ['--no-install', ...args]);
const took = {};
took.install = install();
took.chromium = chromium();
took['lint, types'] = await runTogether([
  ['lint', 'npm', ['run', '--silent', 'lint']],
  ['types', 'npm', ['run', '--silent', 'types']],
]);
took.units = npx('units', 'jest', '--ci');
took.build = build();
took['first load'] = run('first load', 'node', ['scripts/first-load.mjs']);
took['end to end'] = run('end to end', 'npx', ['--no-install', 'playwright', 'test'], {
  cwd: join(root, 'e2e'),
});
const minutes = (s) => `${(s / 60).toFixed(1)} min`;
for (const [what, seconds] of Object.entries(took)) console.log(`${what.padEnd(12)} ${minutes(seconds)}`);
console.log(`npm test     ${minutes(Object.values(took).reduce((a, b) => a + b, 0))}`);
