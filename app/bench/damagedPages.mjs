// Damaged files of printers and word processors through the two libraries that read them in the app: `node app/bench/damagedPages.mjs N SEED`.
// A fault is a file that takes its reader with it: exit 1 on one. One that takes long is told; the app gives it up after a minute.
import { Buffer } from 'node:buffer';
import { fork } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import process from 'node:process';
import { fileURLToPath } from 'node:url';
import { bundle, dist } from '../../scripts/bundle.mjs';

/** The app gives a file up after a minute; here each is small, ms. */
const MOST_MS = 15_000;
/** What a phone has for one page, MB. */
const MEMORY_MB = 700;
const NUMBERS = [0, -1, 7, 999_999_999, 1e15];

/** Numbers from 0 to 1, the same for the same seed. Source: the linear congruential generator of Numerical Recipes. */
function randomFrom(seed) {
  let state = seed >>> 0;
  return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
}

/** The ways of damage: a byte changed, a stretch lost, one repeated, a number replaced, the rest cut off. */
const DAMAGES = [
  (file, at, random) => {
    const changed = Buffer.from(file);
    changed[at] = Math.floor(random() * 256);
    return changed;
  },
  (file, at, random) => Buffer.concat([file.subarray(0, at), file.subarray(at + Math.floor(random() * 60))]),
  (file, at, random) => {
    const from = Math.floor(random() * file.length);
    return Buffer.concat([file.subarray(0, at), file.subarray(from, from + 80), file.subarray(at)]);
  },
  (file, _at, random) => {
    const text = file.toString('latin1');
    const all = [...text.matchAll(/\d+/g)];
    const found = all[Math.floor(random() * all.length)];
    if (!found) return file;
    const other = String(NUMBERS[Math.floor(random() * NUMBERS.length)]);
    return Buffer.from(
      text.slice(0, found.index) + other + text.slice(found.index + found[0].length),
      'latin1',
    );
  },
  (file, at) => file.subarray(0, Math.max(10, at)),
];

function damaged(file, random) {
  const damage = DAMAGES[Math.floor(random() * DAMAGES.length)];
  let now = file;
  for (let k = 0; k < 1 + random() * 8; k++) now = damage(now, Math.floor(random() * now.length), random);
  return now;
}

/** Asks a reader once; `slow` where no answer comes in time, `lost` where the reader is gone. */
const answered = (reader, file) =>
  new Promise((done) => {
    const end = (answer) => {
      clearTimeout(timer);
      reader.off('message', end);
      reader.off('exit', lost);
      done(answer);
    };
    const lost = () => end('lost');
    const timer = setTimeout(() => end('slow'), MOST_MS);
    reader.once('message', end);
    reader.once('exit', lost);
    reader.send(file);
  });

async function attack(kind, many, seed) {
  const whole = readFileSync(new URL(`./pages/dunlin.${kind}`, import.meta.url));
  const random = randomFrom(seed);
  // A process of its own: what goes wrong deep enough takes all of it along.
  const hire = () =>
    fork(fileURLToPath(import.meta.url), [kind], {
      serialization: 'advanced',
      execArgv: [`--max-old-space-size=${MEMORY_MB}`],
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      env: { ...process.env, READER: 'yes' },
    });
  const found = { read: 0, refused: 0, slow: [], lost: [] };
  let [reader, slowestMs] = [hire(), 0];
  for (let i = 0; i < many; i++) {
    const began = performance.now();
    const answer = await answered(reader, damaged(whole, random));
    slowestMs = Math.max(slowestMs, performance.now() - began);
    if (answer === 'read' || answer === 'refused') found[answer]++;
    else {
      found[answer].push(i);
      reader.kill('SIGKILL');
      reader = hire();
    }
  }
  reader.kill();
  const which = (list) => (list.length > 0 ? `${list.length} (${list.join(', ')})` : '0');
  console.log(
    `${many} damaged .${kind} files (seed ${seed}): ${found.read} read, ${found.refused} refused, over ${MOST_MS / 1000} s ${which(found.slow)}, took their reader along ${which(found.lost)}; the slowest ${slowestMs.toFixed(0)} ms`,
  );
  return found.lost.length;
}

/** How each kind is read, as the app's own workers do it. */
const READERS = {
  pdf: async () => {
    const { getDocument } = await import('unpdf/pdfjs');
    const { soundPdf } = await import(dist('printed.mjs').href);
    return async (bytes) => {
      if (!soundPdf(new Uint8Array(bytes))) throw new Error('not sound');
      const pdf = await getDocument({ data: new Uint8Array(bytes), isEvalSupported: false, verbosity: 0 })
        .promise;
      for (let n = 1; n <= pdf.numPages; n++) await (await pdf.getPage(n)).getTextContent();
    };
  },
  docx: async () => {
    const { convertToHtml } = createRequire(import.meta.url)('mammoth');
    const { wordsOnly } = await import(dist('unpacked.mjs').href);
    return (bytes) => convertToHtml({ buffer: Buffer.from(wordsOnly(new Uint8Array(bytes))) });
  },
};

if (process.env.READER) {
  const read = await READERS[process.argv[2]]();
  process.on('message', (bytes) =>
    Promise.resolve()
      .then(() => read(bytes))
      .then(
        () => process.send('read'),
        () => process.send('refused'),
      ),
  );
} else {
  const [many, seed] = process.argv.slice(2).map(Number);
  await bundle('core/src/printed/index.ts', 'printed.mjs');
  await bundle('app/src/documents/pages/unpacked.ts', 'unpacked.mjs');
  let lost = 0;
  for (const kind of Object.keys(READERS)) lost += await attack(kind, many, seed);
  process.exitCode = lost > 0 ? 1 : 0;
}
