import { type BrowserContext, chromium, type Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { appOnDevice } from '../app-on-device.js';
import { CHROMIUM, DEMO_TRAINER } from '../browser.js';
import { end, freePort, startServer } from '../own-server.js';

/** Of the processor, as on a phone of some years ago. */
export const SLOWDOWN = 4;

export interface Device {
  readonly context: BrowserContext;
  readonly page: Page;
  close(): Promise<void>;
}

/** A browser that has visited the app once, and whose server is gone since. */
export async function visited(database: string): Promise<Device> {
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
  return {
    context,
    page,
    async close() {
      await context.close();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}

/** From opening the page until its first button can be pressed, ms. */
export function usable_ms(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        new PerformanceObserver((marks) => {
          const [mark] = marks.getEntriesByName('usable');
          if (mark !== undefined) resolve(mark.startTime);
        }).observe({ type: 'mark', buffered: true });
      }),
  );
}

export const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
