// From opening the app to a Today that can be used, without a server and on a slowed-down machine: half
// a year of sixty people (the studio that records.bench leaves behind) beside the demo's four, which
// tell what the app itself takes to start here; and the page's memory.
import { type BrowserContext, chromium, type Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { appOnDevice } from '../app-on-device.js';
import { CHROMIUM, DEMO_TRAINER } from '../browser.js';
import { createTemplate, end, freePort, startServer } from '../own-server.js';

const SLOWDOWN = 4;
const ROUNDS = 9;
/** What a trainer walks through in a day. */
const SCREENS = ['/today', '/bands', '/setups', '/skills/pull', '/log', '/bag', '/today'];

interface Device {
  readonly context: BrowserContext;
  readonly page: Page;
  readonly profile: string;
  readonly started_ms: number[];
}

/** A browser that has visited the app once, and whose server is gone since. */
async function visited(database: string): Promise<Device> {
  const url = new URL(process.env['OTTER_TEST_DATABASE_URL'] ?? '');
  url.pathname = `/${database}`;
  const port = await freePort();
  const server = await startServer({ DATABASE_URL: url.href, PORT: String(port) });
  process.once('exit', () => server.kill());
  const profile = mkdtempSync(join(tmpdir(), 'wiry-otter-start-'));
  const context = await chromium.launchPersistentContext(profile, {
    ...CHROMIUM,
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
  });
  await context.addInitScript({
    content: `requestAnimationFrame(function look() {
      const button = document.querySelector('main li button');
      if (button === null || button.disabled) requestAnimationFrame(look);
      else performance.mark('usable');
    });`,
  });
  const page = await context.newPage();
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  await page.goto('/today');
  await usable_ms(page);
  await appOnDevice(page);
  await end(server, 'SIGTERM');
  const client = await context.newCDPSession(page);
  await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  return { context, page, profile, started_ms: [] };
}

async function usable_ms(page: Page): Promise<number> {
  await page.waitForFunction(() => performance.getEntriesByName('usable').length > 0);
  return page.evaluate(() => performance.getEntriesByName('usable')[0]?.startTime ?? NaN);
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/** What the page holds once all screens were open, MB. */
async function heap_MB({ context, page }: Device): Promise<number> {
  for (const screen of SCREENS) {
    await page.evaluate((path) => {
      history.pushState(null, '', path);
      dispatchEvent(new PopStateEvent('popstate'));
    }, screen);
    await page.waitForURL(`**${screen}`);
    await page.locator('h1').first().waitFor();
  }
  const client = await context.newCDPSession(page);
  await client.send('Performance.enable');
  await client.send('HeapProfiler.collectGarbage');
  const { metrics } = await client.send('Performance.getMetrics');
  return (metrics.find(({ name }) => name === 'JSHeapUsedSize')?.value ?? NaN) / 1e6;
}

const demo = await visited(await createTemplate());
const large = await visited('bench_half_a_year');
for (let round = 0; round < ROUNDS; round++) {
  for (const { page, started_ms } of [demo, large]) {
    await page.goto('/today');
    started_ms.push(await usable_ms(page));
  }
}
const [small_ms, large_ms] = [median(demo.started_ms), median(large.started_ms)];
console.log(
  `start offline at ${SLOWDOWN} × slowdown: Today after ${large_ms.toFixed(0)} ms (aim 1000; ${large.started_ms.map((ms) => ms.toFixed(0)).join(', ')}), ${(large_ms / small_ms).toFixed(2)} of ${small_ms.toFixed(0)} ms with four people`,
);
console.log(
  `memory of the page after all screens: ${(await heap_MB(large)).toFixed(0)} MB (aim 200)`,
);
for (const { context, profile } of [demo, large]) {
  await context.close();
  rmSync(profile, { recursive: true, force: true });
}
