// How long the frames of a drag take: the grip of a curl with three bands, on a slowed-down machine.
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { CHROMIUM, DEMO_TRAINER } from '../browser.js';
import { chooseExercise } from '../workbench.js';
import { DRAG_MS, framesWhile, longest, middle } from './frames.js';

/** How much slower than itself the machine is made. */
const SLOWDOWN = 4;
/** To and fro so far, px: some sixteen centimetres of band. */
const REACH_PX = 60;
/** A shared machine stands still now and then: the quietest of so many drags tells of the code. */
const ROUNDS = 4;

interface Round {
  /** How long each frame took, ms. */
  readonly empty: readonly number[];
  readonly dragged: readonly number[];
  readonly takenAway_ms: number;
}

/** Time for which a virtual machine's processors were given to others since it began, ms. */
function takenAway_ms(): number {
  const [, ...jiffies] = readFileSync('/proc/stat', 'utf8').split('\n', 1)[0]?.split(/\s+/) ?? [];
  return 10 * Number(jiffies[7] ?? 0);
}

const address = process.env['OTTER_ADDRESS'];
if (address === undefined) throw new Error('OTTER_ADDRESS is not set; run npm run bench');
const browser = await chromium.launch(CHROMIUM);
const page = await browser.newPage({ baseURL: address, viewport: { width: 1280, height: 800 } });
await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
await page.goto('/today');
await page.getByLabel('Person in focus').selectOption({ label: 'Tobias Quill' });
await page.getByRole('link', { name: 'Set-ups' }).first().click();
await chooseExercise(page, 'Curl, standing on the band');
const bag = page.getByRole('region', { name: 'Scene' });
const on = bag.locator('button[aria-pressed=true]');
for (let i = (await on.count()) - 1; i >= 0; i--) await on.nth(i).click();
for (const name of ['Reed', 'Willow', 'Heron']) {
  await bag.getByRole('button', { name: new RegExp(name) }).click();
}
const grip = page.getByRole('slider', { name: 'Grip down the band' });
const box = await grip.boundingBox();
if (box === null) throw new Error('no grip to drag');
const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
const client = await page.context().newCDPSession(page);
await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
const rounds: Round[] = [];
for (let round = 0; round < ROUNDS; round++) {
  await page.mouse.move(x + 60, y);
  const empty = await framesWhile(page, client, { x: x + 60, y, down: false, along: REACH_PX });
  await page.mouse.move(x, y);
  await page.mouse.down();
  const before_ms = takenAway_ms();
  const dragged = await framesWhile(page, client, { x, y, down: true, along: REACH_PX });
  await page.mouse.move(x, y + (round === ROUNDS - 1 ? 20 : 0));
  await page.mouse.up();
  rounds.push({ empty, dragged, takenAway_ms: takenAway_ms() - before_ms });
}
await client.send('Emulation.setCPUThrottlingRate', { rate: 1 });
for (const [round, { empty, dragged, takenAway_ms }] of rounds.entries()) {
  console.log(
    `drag ${round + 1} of ${DRAG_MS / 1000} s at ${SLOWDOWN} × slowdown: longest frame ${longest(dragged).toFixed(0)} ms (aim 50), middle ${middle(dragged).toFixed(0)}, longer than 51 ms ${dragged.filter((ms) => ms > 51).length} of ${dragged.length}; an empty drag ${longest(empty).toFixed(0)} and ${middle(empty).toFixed(0)} ms; ratio of the longest ${(longest(dragged) / longest(empty)).toFixed(1)}, of the middle ${(middle(dragged) / middle(empty)).toFixed(1)}; processors taken away for ${takenAway_ms} ms`,
  );
}
const quietest = Math.min(...rounds.map(({ dragged }) => longest(dragged)));
console.log(`quietest drag: longest frame ${quietest.toFixed(0)} ms (aim 50)`);
await browser.close();
