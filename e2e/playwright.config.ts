import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './browser.js';

export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.ts',
  outputDir: '../test-results',
  globalSetup: './make-template.ts',
  // The tests of a file tell one story after another.
  workers: 1,
  fullyParallel: false,
  timeout: 120_000,
  // Long enough for a shared machine that stands still for seconds; a pass never waits for it.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    actionTimeout: 20_000,
    trace: 'retain-on-failure',
    // A test of the network asks for it; to the others it would only be load.
    serviceWorkers: 'block',
  },
});
