import type { Page } from '@playwright/test';

/** Between two looks, ms. */
const LOOK_MS = 200;

/** Waits until all of the app lies on the device: it opens without a network from then on. */
export async function appOnDevice(page: Page): Promise<void> {
  await page.evaluate(async (between) => {
    await navigator.serviceWorker.ready;
    const { assetGroups } = (await (await fetch('/ngsw.json')).json()) as {
      assetGroups: { urls: string[] }[];
    };
    const wanted = assetGroups.flatMap(({ urls }) => urls).length;
    for (let kept = 0; kept < wanted;) {
      const name = (await caches.keys()).find((one) => one.endsWith('assets:app:cache'));
      kept = name === undefined ? 0 : (await (await caches.open(name)).keys()).length;
      await new Promise((resolve) => setTimeout(resolve, between));
    }
  }, LOOK_MS);
}
