import { defineConfig } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { CHROMIUM } from './browser.js';

/** Away from the port of `npm start`, so that both may run. */
const PORT = 4490;

export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.ts',
  outputDir: '../test-results',
  // One application and one database: the tests tell one story after another.
  workers: 1,
  fullyParallel: false,
  timeout: 120_000,
  // Long enough for a shared machine that stands still for seconds; a pass never waits for it.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    actionTimeout: 20_000,
    trace: 'retain-on-failure',
    // A test of the network asks for it; to the others it would only be load.
    serviceWorkers: 'block',
  },
  webServer: {
    command: 'node --import tsx e2e/serve.ts',
    cwd: fileURLToPath(new URL('..', import.meta.url)),
    url: `http://127.0.0.1:${PORT}/`,
    env: { PORT: String(PORT) },
    gracefulShutdown: { signal: 'SIGTERM', timeout: 8000 },
    reuseExistingServer: false,
  },
});
