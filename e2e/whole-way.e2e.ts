import { expect } from '@playwright/test';
import { signIn } from './sign-in.js';
import { goTheWholeWay } from './whole-way.js';
import { chooseExercise } from './workbench.js';
import { test } from './studio-test.js';

test('the whole way: from three pulls on a scale to the next prescription', async ({ page }) => {
  await signIn(page);
  await goTheWholeWay(page);
});

test('a decision is overruled with a reason, kept with who and when', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: /Tobias Quill.*Heavier/ }).click();
  await page.getByRole('button', { name: 'Overrule' }).click();
  await page.getByLabel('Why').fill('A cold; the same once more.');
  await page.getByRole('button', { name: 'Do this instead' }).click();
  await expect(page.getByTestId('decision')).toHaveText('Overruled');
  await page.reload();
  await expect(page.getByTestId('outcome')).toContainText('Overruled by Mika Ferrow');
  await expect(page.getByTestId('outcome')).toContainText('A cold; the same once more.');
});

test('sets logged without a connection wait, survive a reload and go out later', async ({
  page,
}) => {
  await signIn(page);
  const work = page.getByLabel('People and their next work');
  await work
    .getByRole('listitem')
    .filter({ hasText: 'Odile Brandt' })
    .getByRole('button', { name: /session$/ })
    .click();
  await expect(page.getByText('Set 1 of 3')).toBeVisible();
  await page.route('**/sets/**', (route) => route.abort());
  // A hasty hand taps twice: one set is logged.
  await page.getByRole('button', { name: 'Log set 1' }).dblclick();
  await expect(page.getByText(/1 waiting, no connection/)).toBeVisible();
  await page.reload();
  await expect(page.getByText('Set 2 of 3')).toBeVisible();
  await page.unroute('**/sets/**');
  await expect(page.getByText('all saved')).toBeVisible({ timeout: 15_000 });
  await page.reload();
  await expect(page.getByText('Set 2 of 3')).toBeVisible();

  await page.getByRole('link', { name: 'Go on later' }).click();
  await work
    .getByRole('listitem')
    .filter({ hasText: 'Odile Brandt' })
    .getByRole('button', { name: 'Go on with session' })
    .click();
  await expect(page.getByText('Set 2 of 3')).toBeVisible();
});

test('the curl stands on the band; keys put bands on and walk through the rep', async ({
  page,
}) => {
  await signIn(page);
  await page.getByLabel('Person in focus').selectOption({ label: 'Ylva Marsh' });
  await page.getByRole('link', { name: 'Set-ups' }).click();
  await chooseExercise(page, 'Curl, standing on the band');
  await page.locator('body').press('1');
  await expect(page.getByRole('button', { name: /1 Reed/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByTestId('figure-mean')).toContainText('N·m');
  const demand = page.getByTestId('scene-demand');
  const atEnd = await demand.textContent();
  await page.locator('body').press('[');
  await expect(demand).not.toHaveText(atEnd ?? '');
  await page.getByRole('button', { name: 'Save set-up' }).click();
  await expect(page.getByText(/Reed: saved, but not ready/)).toBeVisible();
});
