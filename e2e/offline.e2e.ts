import { expect, test } from '@playwright/test';
import { type OwnServer, openOwnServer } from './own-server.js';
import { signIn } from './sign-in.js';

let server: OwnServer;
test.beforeAll(async () => {
  server = await openOwnServer();
});
test.afterAll(() => server.close());

test('after one visit the app opens without a network, with every record', async ({ browser }) => {
  const context = await browser.newContext({
    baseURL: server.address,
    serviceWorkers: 'allow',
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  await signIn(page);
  await expect(page.getByLabel('People and their next work')).toBeVisible();
  // The visit is over once all of the app lies on the device.
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect
    .poll(
      () =>
        page.evaluate(async () => {
          const { assetGroups } = (await (await fetch('/ngsw.json')).json()) as {
            assetGroups: { urls: string[] }[];
          };
          const wanted = assetGroups.flatMap(({ urls }) => urls).length;
          const name = (await caches.keys()).find((one) => one.endsWith('assets:app:cache'));
          const kept = name === undefined ? [] : await (await caches.open(name)).keys();
          return wanted - kept.length;
        }),
      { timeout: 60_000 },
    )
    .toBeLessThanOrEqual(0);
  await server.stop();

  await page.reload();
  await expect(page.getByLabel('People and their next work')).toBeVisible();
  await expect(page.getByRole('link', { name: /Tobias Quill.*Heavier/ })).toBeVisible();
  await expect(page.getByRole('status')).toContainText('no connection');
  for (const [screen, words] of [
    ['/bands', 'Towline'],
    ['/log', 'Standing row'],
    ['/places', 'Boatyard loft'],
    ['/setups', 'Name of the set-up'],
  ] as const) {
    await page.goto(screen);
    await expect(page.getByText(words).first()).toBeVisible();
  }

  await server.start();
  await expect(page.getByRole('status')).toHaveText('all saved', { timeout: 30_000 });
  await context.close();
});
