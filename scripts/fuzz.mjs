// The attacks, two at a time, with fixed seeds: hostile texts, damaged toy files, .pdf and .docx, command lines, and the laws over generated toys in full. `npm test` runs a share of each.
import { spawn } from 'node:child_process';
import { bundle, dist } from './bundle.mjs';
import { fileURLToPath } from 'node:url';
import { environment, root } from './steps.mjs';

await bundle('core/bench/fuzz.ts', 'fuzz.mjs');
await bundle('cli/bench/fuzz.ts', 'commands.mjs');
const node = (name, ...args) => [
  'node',
  ['--enable-source-maps', fileURLToPath(dist(name)), ...args.map(String)],
  {},
];
const jest = (path, env) => ['npx', ['--no-install', 'jest', '--silent', path], env];

/** The longest first, so that no core waits at the end. */
const JOBS = [
  ['plans of generated toys', jest('core/src/plan/generated', { HOPPLA_PLANS: '500', HOPPLA_SHARE: '1' })],
  ['texts, first half', node('fuzz.mjs', 'texts', 200_000, 20261123)],
  ['texts, second half', node('fuzz.mjs', 'texts', 200_000, 20261124)],
  ['damaged toy files', node('fuzz.mjs', 'files', 100_000, 20261128)],
  ['command lines', node('commands.mjs', 20_000, 20261129)],
  ['every word and page', jest('core/src/notation/', { HOPPLA_TEXTS: '10000', HOPPLA_SHARE: '1' })],
  ['shields of generated toys', jest('core/src/safety/mends', { HOPPLA_SHIELDS: '500' })],
  [
    'whole numbers in every law',
    jest('(core/src/(address|join|feature|model|toy|files|record)|app/src/documents)/', {
      HOPPLA_SHARE: '1',
    }),
  ],
  ['absurd parts', jest('core/src/form/relax', { HOPPLA_EVERY: '1' })],
  ['damaged .pdf and .docx', ['node', ['app/bench/damagedPages.mjs', '3000', '20261130'], {}]],
  ['one thing over and over', node('fuzz.mjs', 'repeats')],
  ['texts that are doubled', node('fuzz.mjs', 'doubling')],
];

const began = Date.now();
const failed = [];
const waiting = [...JOBS];
const worker = async () => {
  for (let job = waiting.shift(); job; job = waiting.shift()) {
    const [what, [command, args, env]] = job;
    const from = Date.now();
    const code = await new Promise((done) =>
      spawn(command, args, { cwd: root, stdio: 'inherit', env: { ...environment, ...env } })
        .on('close', done)
        .on('error', () => done(1)),
    );
    if (code !== 0) failed.push(what);
    console.log(
      `${what}: ${code === 0 ? 'no fault' : 'FAULTS'}, ${((Date.now() - from) / 60_000).toFixed(1)} min`,
    );
  }
};
await Promise.all([worker(), worker()]);
console.log(
  `${((Date.now() - began) / 60_000).toFixed(1)} min; ${failed.length === 0 ? 'no fault' : `faults in ${failed.join(', ')}`}`,
);
process.exitCode = failed.length ? 1 : 0;
