import { expect } from '@playwright/test';
import { appOnDevice } from './app-on-device.js';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';
import { begin, expectAccessible, workOf } from './today-page.js';

test.use({ serviceWorkers: 'allow' });

/** All that leads into a session from Today. */
const BEGINS = /session$|^Lighter first$|^See to it$/;

test('a pain of 7 takes the work out of force at once, offline too, on every device', async ({
  browser,
  page,
  server,
}) => {
  const tablet = await (await browser.newContext({ baseURL: server.address })).newPage();
  await signIn(tablet);
  await expect(workOf(tablet, 'Odile').getByRole('button', { name: /session$/ })).toBeEnabled();
  await signIn(page);
  await appOnDevice(page);
  await begin(page, 'Odile');
  await expect(page.getByText('all saved')).toBeVisible();
  await server.stop();
  await page
    .getByRole('group', { name: 'Pain, 0 to 10' })
    .getByRole('button', { name: '7' })
    .click();
  await page.getByRole('button', { name: 'Log set 1' }).click();
  await page.getByRole('button', { name: /Finish early/ }).click();
  await expect(page.getByTestId('decision')).toHaveText('Stop');
  await page.goto('/today');
  const stopped = page.getByRole('region', { name: 'Stopped' });
  await expect(stopped).toContainText('Odile');
  await expect(stopped).toContainText('pain of 6 or more');
  await expect(workOf(page, 'Odile').getByText('✕ stopped:')).toBeVisible();
  await expect(workOf(page, 'Odile').getByRole('button', { name: BEGINS })).toHaveCount(0);
  await expectAccessible(page);

  await server.start();
  await expect(page.getByRole('status')).toHaveText('all saved', { timeout: 60_000 });
  await expect(tablet.getByRole('region', { name: 'Stopped' })).toContainText('Odile', {
    timeout: 60_000,
  });
  await expect(workOf(tablet, 'Odile').getByRole('button', { name: BEGINS })).toHaveCount(0);

  await test.step('what the tablet lifts, the phone may begin again', async () => {
    await tablet.getByRole('button', { name: 'Go on, with a reason' }).click();
    await tablet.getByLabel(/^\s*Why the work may go on/).fill('The physiotherapist was asked.');
    await tablet.getByRole('button', { name: 'Lift the stop' }).click();
    await expect(tablet.getByRole('region', { name: 'Stopped' })).toHaveCount(0);
    await expect(page.getByRole('region', { name: 'Stopped' })).toHaveCount(0, {
      timeout: 60_000,
    });
    // Lighter work was decided with it: that is settled before anything begins.
    await workOf(page, 'Odile').getByRole('button', { name: 'Lighter first' }).click();
    await expect(page.getByTestId('decision')).toHaveText('Lighter');
    await page.getByRole('button', { name: 'Accept' }).click();
    await page.getByRole('button', { name: 'Start the next session' }).click();
    await expect(page.getByText('Set 1 of 3')).toBeVisible();
  });
  await tablet.context().close();
});

test('chest pain in the middle of a session ends it, and no "go on" lifts it', async ({ page }) => {
  await signIn(page);
  await begin(page, 'Tobias');
  await page.getByRole('button', { name: 'Red flag: stop now' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'chest pain' }).click();
  await expect(page.getByTestId('decision')).toHaveText('Stop');
  await page.goto('/today');
  const stopped = page.getByRole('region', { name: 'Stopped' });
  await expect(stopped).toContainText('chest pain');
  await expect(workOf(page, 'Tobias').getByRole('button', { name: BEGINS })).toHaveCount(0);
  await expect(stopped).toContainText('Only a clearance made after it lifts this stop');
  await expect(stopped.getByRole('button', { name: /Go on/ })).toHaveCount(0);

  await stopped.getByRole('button', { name: 'It was ticked by mistake' }).click();
  await stopped.getByLabel(/^\s*What happened/).fill('A slip of the thumb.');
  await stopped.getByRole('button', { name: 'Take the stop back' }).click();
  await expect(stopped).toHaveCount(0);
  await expect(page.getByRole('status')).toHaveText('all saved');
});
