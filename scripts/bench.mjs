// Benchmarks: figures and ratios of the core, and the first load beside an empty app of the same stack.
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:http';
import { cpus, platform } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { build, environment, install, root, run } from './steps.mjs';

install();
const { chromium } = await import('@playwright/test');
const { bundle, dist } = await import('./bundle.mjs');
await bundle('app/bench/run.ts', 'opponents.mjs');
const measured = join(root, '.cache/opponents.json');
run('opponents', 'node', [fileURLToPath(dist('opponents.mjs')), measured]);
const found = JSON.parse(readFileSync(measured, 'utf8'));
for (const name of ['core', 'joins', 'growth']) {
  await bundle(`core/bench/${name}.bench.ts`, `${name}.bench.mjs`);
  await import(dist(`${name}.bench.mjs`).href);
}

build();
const empty = join(root, '.cache/empty-app');
if (!existsSync(join(empty, 'dist/index.html'))) {
  rmSync(empty, { recursive: true, force: true });
  mkdirSync(join(empty, 'src/app'), { recursive: true });
  const made = readdirSync(join(root, 'app')).filter((file) => file.endsWith('.js'));
  for (const file of ['app.json', 'assets', ...made])
    cpSync(join(root, 'app', file), join(empty, file), { recursive: true });
  // It begins as every such app does: ours asks for its language first.
  const about = JSON.parse(readFileSync(join(root, 'app/package.json'), 'utf8'));
  writeFileSync(join(empty, 'package.json'), JSON.stringify({ ...about, main: 'expo-router/entry' }));
  writeFileSync(
    join(empty, 'src/app/index.tsx'),
    `import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import Joi from 'joi';
import Svg, { Path } from 'react-native-svg';
import { createTamagui, Dialog, TamaguiProvider, Text } from 'tamagui';
const config = createTamagui({ tokens: { size: { true: 1 }, space: { true: 1 }, radius: { true: 1 }, zIndex: { true: 0 }, color: { a: '#000' } }, themes: { light: { background: '#fff' } }, fonts: {} });
const client = new QueryClient();
export default function Empty() {
  return <TamaguiProvider config={config} defaultTheme="light"><QueryClientProvider client={client}><Dialog><Text>{String([Joi.string(), createAsyncStorage('x')].length)}</Text></Dialog><Svg><Path d="M0 0" /></Svg></QueryClientProvider></TamaguiProvider>;
}
`,
  );
  symlinkSync(join(root, 'node_modules'), join(empty, 'node_modules'));
  run('empty app', 'npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], {
    cwd: empty,
    env: environment,
  });
}

/** A folder served on loopback and Chromium beside it, for as long as something is measured with both. */
async function withBrowser(folder, measure) {
  const server = createServer((req, res) => {
    const path = join(folder, decodeURIComponent(new URL(req.url, 'http://x').pathname));
    const file = existsSync(path) && statSync(path).isFile() ? path : join(folder, 'index.html');
    res.setHeader(
      'Content-Type',
      file.endsWith('.js')
        ? 'text/javascript'
        : file.endsWith('.html')
          ? 'text/html'
          : 'application/octet-stream',
    );
    res.end(readFileSync(file));
  });
  await new Promise((ready) => server.listen(0, '127.0.0.1', ready));
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-quic'],
  });
  try {
    return await measure(browser, `http://127.0.0.1:${server.address().port}/`);
  } finally {
    await browser.close();
    server.close();
  }
}

/** Kilobytes gzip of every script that the first page of a folder really loads. */
const loadedKB = (folder) =>
  withBrowser(folder, async (browser, address) => {
    const page = await browser.newPage();
    const bodies = [];
    page.on('response', (r) => r.url().endsWith('.js') && bodies.push(r.body()));
    await page.goto(address, { waitUntil: 'networkidle' });
    await page.waitForTimeout(1500);
    // Every body is read before the browser goes, or a slow one would not be counted.
    return (await Promise.all(bodies)).reduce((sum, body) => sum + gzipSync(body).length, 0) / 1000;
  });

/** Milliseconds to the first words of the first page of a folder on a phone's screen and a processor four times slower, by a browser that has kept nothing: median, lowest and highest of nine. */
const firstWordsMs = (folder) =>
  withBrowser(folder, async (browser, address) => {
    const took = [];
    for (let k = 0; k < 9; k++) {
      const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
      const page = await context.newPage();
      await (await context.newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 4 });
      await page.goto(address);
      took.push(
        await page.evaluate(
          () =>
            new Promise((seen) =>
              new PerformanceObserver((list) =>
                list
                  .getEntriesByName('first-contentful-paint')
                  .forEach(({ startTime }) => seen(Math.round(startTime))),
              ).observe({ type: 'paint', buffered: true }),
            ),
        ),
      );
      await context.close();
    }
    took.sort((a, b) => a - b);
    return { median: took[4], low: took[0], high: took[8] };
  });

const own = await loadedKB(join(root, 'app/dist'));
const bare = await loadedKB(join(empty, 'dist'));
console.log(
  `\nfirst page ${own.toFixed(0)} kB gzip of script, an empty app of the same stack ${bare.toFixed(0)} kB: ${(own / bare).toFixed(2)} x (goal 1.25)`,
);

const [ownWords, bareWords] = [
  await firstWordsMs(join(root, 'app/dist')),
  await firstWordsMs(join(empty, 'dist')),
];
const span = ({ median, low, high }) => `${median} ms (${low} to ${high})`;
const firstWords = `First words of the first page, on a processor four times slower, of nine browsers that have kept nothing: ${span(ownWords)}; of the empty app ${span(bareWords)}: **${(ownWords.median / bareWords.median).toFixed(2)} x** (goal 1500 ms).`;
console.log(firstWords);

const ms = ({ median, low, high }) => `${median.toFixed(2)} (${low.toFixed(2)} to ${high.toFixed(2)})`;
const rows = found.map(
  (c) =>
    `| ${c.what} | ${ms(c.ours)} | ${c.opponent} | ${ms(c.theirs)} | **${c.ratio.toFixed(2)}** | ${c.goal === null ? '' : `${c.goal}`} | ${c.note} |`,
);
writeFileSync(join(root, 'docs/benchmarks.json'), `${JSON.stringify(found, null, 2)}\n`);
writeFileSync(
  join(root, 'docs/benchmarks.md'),
  `# Benchmarks, beside what one would otherwise take

Written by \`npm run bench\`; both sides of a row are measured in one run. Milliseconds: the median, and where nine of ten
runs lie. Ratio: how many times faster ours is; below 1 ours is slower. \`npm test\` measures them again quickly
(\`docs/benchmarks.json\`) and fails where a ratio has fallen by more than half.

Measured on ${new Date().toISOString().slice(0, 10)} on ${cpus().length} cores (${cpus()[0].model.trim()}), Node ${process.version}, ${platform()}.

| what | ours, ms | beside | theirs, ms | ratio | goal | to be said |
| --- | --- | --- | --- | --- | --- | --- |
${rows.join('\n')}

First page: ${own.toFixed(0)} kB gzip of script; an empty app of the same stack, built in the same run, ${bare.toFixed(0)} kB: **${(own / bare).toFixed(2)} x** (goal 1.25).

${firstWords}
`,
);
run('format', 'npx', [
  'prettier',
  '--log-level',
  'warn',
  '--write',
  'docs/benchmarks.md',
  'docs/benchmarks.json',
]);

run('typing', 'npx', ['playwright', 'test', 'rounds', '-g', '1,000 lines', '--reporter=line'], {
  cwd: join(root, 'e2e'),
  env: { ...environment, HOPPLA_BENCH: '1' },
});
run(
  'the stage',
  'npx',
  [
    'playwright',
    'test',
    'stage',
    '--workers=1',
    '-g',
    'typing goes on|what a picture costs',
    '--reporter=line',
  ],
  { cwd: join(root, 'e2e'), env: { ...environment, HOPPLA_BENCH: '1' } },
);
