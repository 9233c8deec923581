// Measures the JavaScript that the first page loads, and fails when something heavy that is not for it is in there.
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './steps.mjs';

/** What the first page may begin with, kB gzip: 1.25 times an empty app of the same stack would be 685 (docs/benchmarks.md). */
const MOST_KB = 560;
/** Words that stand only in these libraries' code. */
const HEAVY = {
  Joi: 'Cannot mix different versions of joi schemas',
  three: 'THREE.WebGLRenderer',
  CodeMirror: 'cm-content',
};

/** Kilobytes, raw and gzip, of the scripts that a build's index.html names, and their text. */
export function firstLoad(dist) {
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const files = [...html.matchAll(/src="\/?([^"]+\.js)"/g)].map((m) => m[1]);
  const text = files.map((f) => readFileSync(join(dist, f), 'utf8')).join('\n');
  return {
    files,
    text,
    rawKB: text.length / 1000,
    gzipKB: files.reduce((sum, f) => sum + gzipSync(readFileSync(join(dist, f))).length, 0) / 1000,
  };
}

const dist = join(root, 'app/dist');
if (process.argv[1].endsWith('first-load.mjs')) {
  if (!existsSync(dist)) throw new Error('nothing is built');
  const load = firstLoad(dist);
  console.log(
    `first load: ${load.gzipKB.toFixed(0)} kB gzip, ${load.rawKB.toFixed(0)} kB raw, in ${load.files.length} files`,
  );
  if (load.gzipKB > MOST_KB) {
    console.error(`That is more than ${MOST_KB} kB: see docs/decisions/037-the-first-page.md.`);
    process.exitCode = 1;
  }
  const all = readdirSync(join(dist, '_expo/static/js/web'))
    .filter((f) => f.endsWith('.js'))
    .map((f) => readFileSync(join(dist, '_expo/static/js/web', f), 'utf8'));
  for (const [name, word] of Object.entries(HEAVY)) {
    const built = all.some((t) => t.includes(word));
    if (load.text.includes(word)) {
      console.error(`${name} is in the first load; it belongs in a chunk of its own.`);
      process.exitCode = 1;
    } else console.log(`${name}: ${built ? 'in a chunk of its own' : 'not in the build'}`);
  }
}
