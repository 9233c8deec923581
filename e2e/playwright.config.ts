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

/** The engine without a window to draw: a journey takes a fifth less of the processor in it. HOPPLA_BROWSER=/usr/bin/chromium has them all in a window's. */
const BROWSER =
  process.env.HOPPLA_BROWSER ??
  ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find((path) => existsSync(path));

/** A service worker would fetch the whole app once more for each journey: only those that need it have one. */
const browser = (args: string[]) => ({
  launchOptions: { executablePath: BROWSER, args: [...QUIET, ...args] },
  serviceWorkers: 'block' as const,
});

/** How many commits there are: whose turn it is, see maker.ts. The workers read it from here too. */
process.env.HOPPLA_TURN ??=
  spawnSync('git', ['rev-list', '--count', 'HEAD'], { encoding: 'utf8' }).stdout?.trim() || '0';

export default defineConfig({
  testDir: './src',
  // Four at a time: each waits for its browser now and then.
  workers: 4,
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
    // The two long ones first: each goes through its file one after the other, while the others fill the rest.
    { name: 'alone', testDir: './src/alone', use: { ...browser(NO_GRAPHICS), serviceWorkers: 'allow' } },
    { name: 'stage', testDir: './src/stage', use: browser(SOFTWARE_GRAPHICS) },
    { name: 'flat', testDir: './src/flat', fullyParallel: true, use: browser(NO_GRAPHICS) },
  ],
});
