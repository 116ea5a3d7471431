// From opening the app to a Today that can be used, without a server and on a slowed-down machine: half
// a year of sixty people (the studio that records.bench leaves behind) beside the demo's four, which
// tell what the app itself takes to start here; and the page's memory.
import { createTemplate } from '../own-server.js';
import { type Device, median, SLOWDOWN, usable_ms, visited } from './visited.js';

const ROUNDS = 9;
/** What a trainer walks through in a day. */
const SCREENS = ['/today', '/bands', '/setups', '/skills/pull', '/log', '/bag', '/today'];

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
const started_ms = { demo: [] as number[], large: [] as number[] };
for (let round = 0; round < ROUNDS; round++) {
  for (const [name, { page }] of [
    ['demo', demo],
    ['large', large],
  ] as const) {
    await page.goto('/today');
    started_ms[name].push(await usable_ms(page));
  }
}
const [small_ms, large_ms] = [median(started_ms.demo), median(started_ms.large)];
console.log(
  `start offline at ${SLOWDOWN} × slowdown: Today after ${large_ms.toFixed(0)} ms (aim 1000; ${started_ms.large.map((ms) => ms.toFixed(0)).join(', ')}), ${(large_ms / small_ms).toFixed(2)} of ${small_ms.toFixed(0)} ms with four people`,
);
console.log(
  `memory of the page after all screens: ${(await heap_MB(large)).toFixed(0)} MB (aim 200)`,
);
await demo.close();
await large.close();
