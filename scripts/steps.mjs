// Steps that demo, test and build share. Node built-ins only: this runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { partFirstPage } from './first-page.mjs';

export const root = resolve(fileURLToPath(import.meta.url), '../..');
const stamps = join(root, '.cache');

/**
 * The environment of every step: quiet, offline. Much is made and soon let go: with more room for it the collector takes a thirteenth
 * less of the units, and a tenth of the linter.
 */
export const environment = {
  ...process.env,
  NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`.trim(),
  EXPO_NO_TELEMETRY: '1',
  EXPO_OFFLINE: '1',
  CI: '1',
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1',
};

/** Runs a command; a failure ends the program with its code and a sentence. Returns the seconds it took. */
export function run(what, command, args, options = {}) {
  const began = Date.now();
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: environment, ...options });
  const seconds = (Date.now() - began) / 1000;
  if (done.status !== 0) {
    console.error(
      `${what} failed after ${seconds.toFixed(0)} s${done.error ? `: ${done.error.message}` : ''}`,
    );
    process.exit(done.status ?? 1);
  }
  return seconds;
}

/** Runs commands side by side, one a core; the first failure ends the program when all are done. Returns the seconds they took together. */
export async function runTogether(commands) {
  const began = Date.now();
  const codes = await Promise.all(
    commands.map(
      ([, command, args]) =>
        new Promise((done) =>
          spawn(command, args, { cwd: root, stdio: 'inherit', env: environment })
            .on('close', done)
            .on('error', () => done(1)),
        ),
    ),
  );
  const wrong = codes.findIndex((code) => code !== 0);
  if (wrong >= 0) {
    console.error(`${commands[wrong][0]} failed`);
    process.exit(codes[wrong] ?? 1);
  }
  return (Date.now() - began) / 1000;
}

function hashOf(paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    if (!existsSync(path)) return;
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort())
        if (!['node_modules', 'dist', '.expo'].includes(name) && !/\.test\.tsx?$|\.md$/.test(name))
          add(join(path, name));
    } else hash.update(path.slice(root.length)).update(readFileSync(path));
  };
  paths.map((p) => join(root, p)).forEach(add);
  return hash.digest('hex');
}

/** Does `work` only when the files have changed since it was last done, or `product` is missing. Returns seconds. */
function once(name, paths, product, work) {
  const stamp = join(stamps, `${name}.sha256`);
  const now = hashOf(paths);
  if (existsSync(join(root, product)) && existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return 0;
  const seconds = work();
  mkdirSync(stamps, { recursive: true });
  writeFileSync(stamp, now);
  return seconds;
}

/** `npm ci` when the lock is new. */
export const install = () =>
  once('install', ['package-lock.json'], 'node_modules/.package-lock.json', () =>
    run('install', 'npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']),
  );

/** The web app, built for production into app/dist. */
export const build = () =>
  once(
    'build',
    [
      'app',
      'core/src',
      'scripts/first-page.mjs',
      'scripts/steps.mjs',
      'docs/notation.md',
      'package-lock.json',
    ],
    'app/dist/precache.json',
    () => {
      const seconds = run('build', 'npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], {
        cwd: join(root, 'app'),
      });
      finishPage(partFirstPage(join(root, 'app/dist')));
      listForOffline();
      packFiles();
      return seconds;
    },
  );

/** The page says that it can be installed and what it is, and names its layouts early; the help on written rounds stands beside it. */
function finishPage(layouts, dist = join(root, 'app/dist')) {
  const page = join(dist, 'index.html');
  const head =
    '<link rel="manifest" href="/manifest.webmanifest"><link rel="apple-touch-icon" href="/icon-192.png">' +
    '<meta name="description" content="Plans how a crocheted toy goes together: which round and which stitch.">';
  // They stand in no script that the page begins with, and without them it shows no word: they come beside the scripts, not after them.
  const fonts = readdirSync(dist, { recursive: true })
    .map((f) => `/${String(f).split('\\').join('/')}`)
    .filter((f) => f.endsWith('.ttf'))
    .sort();
  const early = [
    ...layouts.map((f) => `<link rel="preload" href="${f}" as="script">`),
    ...fonts.map((f) => `<link rel="preload" href="${f}" as="font" type="font/ttf" crossorigin>`),
  ].join('');
  // A keyboard makes the page smaller, so that what is typed stays above it.
  const fitted = readFileSync(page, 'utf8').replace('shrink-to-fit=no', 'interactive-widget=resizes-content');
  writeFileSync(page, fitted.replace('</head>', `${head}${early}</head>`));
  copyFileSync(join(root, 'docs/notation.md'), join(dist, 'notation.md'));
}

/** Writes which built files the service worker keeps (scripts, fonts, icons, the help), and into the worker the hash of all of them and of the page. */
export function listForOffline(dist = join(root, 'app/dist')) {
  const files = readdirSync(dist, { recursive: true })
    .map((f) => String(f).split('\\').join('/'))
    .filter((f) => /\.(js|ttf|ico|png|md|webmanifest)$/.test(f) && f !== 'sw.js')
    .sort();
  writeFileSync(join(dist, 'precache.json'), JSON.stringify(files.map((f) => `/${f}`)));
  const hash = createHash('sha256');
  for (const f of [...files, 'index.html']) hash.update(f).update(readFileSync(join(dist, f)));
  const worker = join(dist, 'sw.js');
  writeFileSync(
    worker,
    readFileSync(worker, 'utf8').replace(
      /const BUILD = '[^']*'/,
      `const BUILD = '${hash.digest('hex').slice(0, 16)}'`,
    ),
  );
}

/** Beside every file that words make long, the same file compressed: the server sends it as it is, instead of compressing it for each caller. */
function packFiles(dist = join(root, 'app/dist')) {
  for (const name of readdirSync(dist, { recursive: true })) {
    const file = join(dist, String(name));
    if (!/\.(js|ttf|html|json|md|svg|webmanifest)$/.test(file) || statSync(file).size < 1000) continue;
    const bytes = readFileSync(file);
    writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
    const params = {
      [constants.BROTLI_PARAM_QUALITY]: 9,
      [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
    };
    writeFileSync(`${file}.br`, brotliCompressSync(bytes, { params }));
  }
}

/** Debian's Chromium, installed when it is missing, and its shell without a window; where only the shell cannot be had, Chromium does all. */
export function chromium() {
  const began = Date.now();
  const missing = ['chromium', 'chromium-headless-shell'].filter((name) => !existsSync(`/usr/bin/${name}`));
  if (missing.length === 0) return 0;
  const apt = (...args) => {
    // It asks for no password and does not wait for a network that is not there.
    const [command, ...rest] = [
      ...(process.getuid?.() === 0 ? [] : ['sudo', '-n']),
      ...['apt-get', '-o', 'Acquire::http::Timeout=10', '-o', 'Acquire::Retries=1', ...args],
    ];
    return spawnSync(command, rest, { stdio: 'inherit', env: environment }).status === 0;
  };
  apt('update', '-qq');
  // Together they are of one version; alone, the shell is still not worth a test that does not run.
  if (!apt('install', '-y', '-qq', ...missing) && missing.includes('chromium'))
    apt('install', '-y', '-qq', 'chromium');
  if (!existsSync('/usr/bin/chromium')) {
    console.error('Chromium is missing and could not be installed; by hand: sudo apt-get install chromium');
    process.exit(1);
  }
  return (Date.now() - began) / 1000;
}
