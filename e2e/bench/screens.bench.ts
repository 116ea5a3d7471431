// How long each screen takes to stand once it is asked for, offline on a slowed-down machine, in a
// studio with a log of 200 000 sets beside one of 2 000 (the studios that records.bench leaves behind).
import type { Page } from '@playwright/test';
import { median, SLOWDOWN, visited } from './visited.js';

const ROUNDS = 11;
const SCREENS = [
  ...['/bands', '/setups', '/skills/pull', '/log', '/bag', '/buy', '/places', '/exercises'],
  ...['/studio', '/outbox', '/today'],
];
/** What is left for a screen: the smallest that is not measured itself. */
const AWAY = '/bands/exchange';
/** A screen stands when nothing of it has changed for so long. */
const QUIET_MS = 300;
/** The most by which a log a hundred times as long may slow a screen down. */
const AIM = 1.3;

/** From the press that asks for a screen to its last change, ms. */
const stands_ms = (page: Page, screen: string): Promise<number> =>
  page.evaluate(
    ([path, quiet_ms]) =>
      new Promise<number>((resolve) => {
        const began = performance.now();
        let last = began;
        const observer = new MutationObserver(() => (last = performance.now()));
        observer.observe(document.body, { subtree: true, childList: true, characterData: true });
        history.pushState(null, '', path);
        dispatchEvent(new PopStateEvent('popstate'));
        // No function with a name: the page does not know what the compiler makes of one.
        const timer = setInterval(() => {
          if (last === began || performance.now() < last + quiet_ms) return;
          clearInterval(timer);
          observer.disconnect();
          resolve(last - began);
        }, 50);
      }),
    [screen, QUIET_MS] as const,
  );

const studios = [await visited('bench_small'), await visited('bench_large')] as const;
for (const { page } of studios) {
  await page.goto('/today');
  for (const screen of SCREENS) await stands_ms(page, screen);
}
const worst = { screen: '', ratio: 0 };
for (const screen of SCREENS) {
  const taken_ms: readonly number[][] = [[], []];
  for (let round = 0; round < ROUNDS; round++) {
    for (const [n, { page }] of studios.entries()) {
      await stands_ms(page, AWAY);
      taken_ms[n]?.push(await stands_ms(page, screen));
    }
  }
  const [small_ms = NaN, large_ms = NaN] = taken_ms.map(median);
  const ratio = large_ms / small_ms;
  if (ratio > worst.ratio) Object.assign(worst, { screen, ratio });
  console.log(
    `${screen} at ${SLOWDOWN} × slowdown: ${small_ms.toFixed(0)} ms at 2 000 sets, ${ratio.toFixed(2)} times at 200 000 (aim ${AIM})`,
  );
}
console.log(`slowest to grow: ${worst.screen}, ${worst.ratio.toFixed(2)} times`);
for (const studio of studios) await studio.close();
