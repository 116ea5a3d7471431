import { expect, type Page, test } from '@playwright/test';
import { DEMO_TRAINER } from './browser.js';

/** Length of a drag, ms, and how much slower than itself the machine is made. */
const DRAG_MS = 3000;
const SLOWDOWN = 4;
/** A pointer reports about so often, ms. */
const MOVE_MS = 16;

/** Moves the pointer to and fro for a while; returns how long each frame took, ms. */
async function framesWhile(page: Page, x: number, y: number, reach: number): Promise<number[]> {
  await page.evaluate(() => {
    const frames: number[] = [];
    let last = performance.now();
    const tick = (now: number): void => {
      frames.push(now - last);
      last = now;
      if (going.on) requestAnimationFrame(tick);
    };
    const going = { on: true };
    Object.assign(window, { otterFrames: frames, otterGoing: going });
    requestAnimationFrame(tick);
  });
  const began = Date.now();
  for (let i = 0; Date.now() - began < DRAG_MS; i++) {
    const share = Math.sin((i * MOVE_MS * 2 * Math.PI) / 1500);
    await page.mouse.move(x, y - reach * (share + 1));
  }
  return page.evaluate(() => {
    const { otterFrames, otterGoing } = window as unknown as {
      otterFrames: number[];
      otterGoing: { on: boolean };
    };
    otterGoing.on = false;
    return otterFrames.slice(2);
  });
}

const longest = (frames: readonly number[]): number => Math.max(...frames);
const middle = (frames: readonly number[]): number =>
  [...frames].sort((a, b) => a - b)[frames.length >> 1] ?? NaN;

test('a drag on the curl with three bands keeps up, and ends with the exact figures', async ({
  page,
}) => {
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  await page.goto('/today');
  await page.getByLabel('Person in focus').selectOption({ label: 'Tobias Quill' });
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await page.getByLabel('Exercise').selectOption({ label: 'Curl, standing on the band' });
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

  await page.mouse.move(x + 60, y);
  const empty = await framesWhile(page, x + 60, y, 12);
  await page.mouse.move(x, y);
  await page.mouse.down();
  const dragged = await framesWhile(page, x, y, -12);
  await page.mouse.move(x, y + 20);
  await page.mouse.up();
  await client.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  console.log(
    `drag of ${DRAG_MS / 1000} s at ${SLOWDOWN} × slowdown: longest frame ${longest(dragged).toFixed(0)} ms (aim 50), middle ${middle(dragged).toFixed(0)} ms; an empty drag ${longest(empty).toFixed(0)} and ${middle(empty).toFixed(0)} ms; ratio of the longest ${(longest(dragged) / longest(empty)).toFixed(1)}, of the middle ${(middle(dragged) / middle(empty)).toFixed(1)}`,
  );

  // What the drag ended with is what the same figure gives when it is typed.
  const figures = page.getByTestId('figure-mean').locator('.figure').first();
  const slip = await grip.getAttribute('aria-valuenow');
  const mean = await figures.innerText();
  expect(Number(slip)).toBeGreaterThan(0);
  await page.getByText('Grip, stance, weight, another body').click();
  const typed = page.getByLabel('grip down the band, cm');
  await typed.fill('0');
  await typed.blur();
  await expect(figures).not.toHaveText(mean);
  await typed.fill(slip ?? '');
  await typed.blur();
  await expect(figures).toHaveText(mean);
});
