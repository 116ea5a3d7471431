// How long the frames of a skill's page take while a band is taken up by its slider, on a slowed-down machine.
import { chromium } from '@playwright/test';
import { CHROMIUM, DEMO_TRAINER } from '../browser.js';
import { framesWhile, middle, nearlyAll } from './frames.js';

/** How much slower than itself the machine is made. */
const SLOWDOWN = 4;
const ROUNDS = 5;
/** To and fro so far, px: some forty centimetres of band. */
const REACH_PX = 120;
const AIM = 1.5;

const address = process.env['OTTER_ADDRESS'];
if (address === undefined) throw new Error('OTTER_ADDRESS is not set; run npm run bench');
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ baseURL: address, viewport: { width: 1280, height: 800 } });
await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
await page.goto('/today');
await page.getByLabel('Person in focus').selectOption({ label: 'Runa Halvard' });
await page.getByRole('link', { name: 'Skills' }).first().click();
await page
  .getByRole('button', { name: /Pull-up/ })
  .first()
  .click();
const bag = page.locator('otter-bag-list');
const on = bag.locator('button[aria-pressed=true]');
for (let i = (await on.count()) - 1; i >= 0; i--) await on.nth(i).click();
for (const name of ['Reed', 'Willow']) {
  await bag.getByRole('button', { name: new RegExp(name) }).click();
}
const places = await page.locator('otter-hang-panel').count();
const slider = page.getByLabel(/^\s*Taken up/);
await slider.scrollIntoViewIfNeeded();
const box = await slider.boundingBox();
if (box === null) throw new Error('no slider to drag');
const [x, y] = [box.x + 10, box.y + box.height / 2];
const client = await page.context().newCDPSession(page);
await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
const rounds: { readonly empty: number[]; readonly dragged: number[] }[] = [];
for (let round = 0; round < ROUNDS; round++) {
  await page.mouse.move(x, y - 30);
  const empty = await framesWhile(page, client, { x, y: y - 30, down: false, across: REACH_PX });
  await page.mouse.move(x, y);
  await page.mouse.down();
  const dragged = await framesWhile(page, client, { x, y, down: true, across: REACH_PX });
  await page.mouse.move(x, y);
  await page.mouse.up();
  rounds.push({ empty, dragged });
}
await client.send('Emulation.setCPUThrottlingRate', { rate: 1 });
const ratios = rounds
  .map(({ dragged, empty }) => middle(dragged) / middle(empty))
  .sort((a, b) => a - b);
const ratio = ratios[ROUNDS >> 1] ?? NaN;
const all = rounds.flatMap(({ dragged }) => dragged);
const allEmpty = rounds.flatMap(({ empty }) => empty);
console.log(
  `a skill's page of ${places} places in a drag at ${SLOWDOWN} × slowdown: middle frame ${middle(all).toFixed(0)} ms, of an empty drag ${middle(allEmpty).toFixed(0)} ms, ratio ${ratio.toFixed(2)}, the median of ${ROUNDS} (aim ${AIM}); 95 % of the frames within ${nearlyAll(all).toFixed(0)} ms, of an empty drag ${nearlyAll(allEmpty).toFixed(0)} ms`,
);
await browser.close();
