import { defineConfig } from '@playwright/test';

const PORT = 4319;

export default defineConfig({
  testDir: './src',
  workers: 1,
  // On a busy machine a browser can stall; a second try is reported as flaky, never silently passed.
  retries: process.env.CI ? 1 : 0,
  fullyParallel: false,
  timeout: 60_000,
  reporter: [['list']],
  outputDir: '../test-results',
  webServer: {
    command: `node ../scripts/serve.mjs --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
    timeout: 30_000,
  },
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    actionTimeout: 10_000,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--use-gl=angle',
        '--use-angle=swiftshader',
        '--enable-unsafe-swiftshader',
        '--ignore-gpu-blocklist',
      ],
    },
  },
});
