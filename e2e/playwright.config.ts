import { defineConfig } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const PORT = 4319;

const QUIET = [
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
/** The toy in three dimensions, drawn by the processor. */
const SOFTWARE_GRAPHICS = [
  '--use-gl=angle',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
  '--ignore-gpu-blocklist',
];
/** No graphics: the flat picture stands there, with the same touch, tags and keys, at a fraction of the time. */
const NO_GRAPHICS = ['--disable-gpu', '--disable-3d-apis'];

const BROWSER = '/usr/bin/chromium';
/** The same engine without a window to draw: a journey takes a fifth less of the processor in it. */
const SHELL = '/usr/bin/chromium-headless-shell';

const chromium = (executablePath: string, args: string[]) => ({
  launchOptions: { executablePath, args: [...QUIET, ...args] },
});

/** How many commits there are: whose turn it is, see maker.ts. The workers read it from here too. */
process.env.HOPPLA_TURN ??=
  spawnSync('git', ['rev-list', '--count', 'HEAD'], { encoding: 'utf8' }).stdout?.trim() || '0';

export default defineConfig({
  testDir: './src',
  // On a busy machine a browser can stall; a second try is reported as flaky, never silently passed.
  retries: process.env.CI ? 1 : 0,
  // A slow machine is no fault of the app: what is measured in time has its own numbers.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list']],
  outputDir: '../test-results',
  webServer: {
    command: `node ../scripts/serve.mjs --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
    timeout: 30_000,
  },
  use: { baseURL: `http://127.0.0.1:${PORT}`, actionTimeout: 40_000 },
  projects: [
    // Journeys, four at a time: each waits for its browser now and then.
    {
      name: 'flat',
      testDir: './src/flat',
      fullyParallel: true,
      use: { ...chromium(existsSync(SHELL) ? SHELL : BROWSER, NO_GRAPHICS), serviceWorkers: 'block' },
    },
    // Crashes and storage want the machine for themselves.
    { name: 'alone', testDir: './src/alone', use: {...chromium(process.env.HB ?? BROWSER, NO_GRAPHICS), serviceWorkers: process.env.HS ? 'block' : 'allow' }},
    { name: 'stage', testDir: './src/stage', use: {...chromium(process.env.HB ?? BROWSER, SOFTWARE_GRAPHICS), serviceWorkers: process.env.HS ? 'block' : 'allow' }},
  ],
});
