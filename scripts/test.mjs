// The whole test: install, lint, types, units, build, first load, end to end. Prints the minutes of each.
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, install, root, run, runTogether } from './steps.mjs';

const took = {};
took.install = install();
took.chromium = chromium();
took['lint, types, build'] = await runTogether([
  ['build', 'node', ['scripts/build.mjs']],
  ['lint', 'npm', ['run', '--silent', 'lint']],
  ['types', 'npm', ['run', '--silent', 'types']],
  ['layout', 'npm', ['run', '--silent', 'layout']],
]);
took['first load'] = run('first load', 'node', ['scripts/first-load.mjs']);
took.ratios = await guard();
took.units = run('units', 'npx', ['--no-install', 'jest', '--ci', '--maxWorkers=2']);
/** The benchmarks again, quickly: none may have fallen by more than half. */
async function guard() {
  const { bundle, dist } = await import('./bundle.mjs');
  await bundle('app/bench/run.ts', 'opponents.mjs');
  return run('ratios', 'node', [fileURLToPath(dist('opponents.mjs')), '--guard', 'docs/benchmarks.json']);
}
took.journeys = run('journeys', 'npx', ['--no-install', 'playwright', 'test'], { cwd: join(root, 'e2e') });
const minutes = (s) => `${(s / 60).toFixed(1)} min`;
for (const [what, seconds] of Object.entries(took)) console.log(`${what.padEnd(20)} ${minutes(seconds)}`);
console.log(`${'npm test'.padEnd(20)} ${minutes(Object.values(took).reduce((a, b) => a + b, 0))}`);
