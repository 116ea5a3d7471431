import { expect } from '@playwright/test';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';

test('anything is found by a few letters, and gone to by key or tap', async ({ page }) => {
  await signIn(page);
  await page.keyboard.press('/');
  const wanted = page.getByRole('searchbox', { name: /^A person, a band/ });
  await expect(wanted).toBeFocused();
  await wanted.fill('odi');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Odile Brandt' })).toBeVisible();
  await expect(page.getByLabel('Person in focus').locator('option:checked')).toHaveText(
    'Odile Brandt',
  );

  await page.keyboard.press('/');
  await wanted.fill('wil');
  await page.getByRole('option', { name: /Willow/ }).click();
  await expect(page.getByRole('heading', { name: 'Willow' })).toBeVisible();

  await page.getByRole('button', { name: 'Go to anything' }).click();
  await wanted.fill('pull-apart');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Exercise/ })).toContainText('pull-apart', {
    ignoreCase: true,
  });
  // The panel of exercises is gone through by key as well.
  await page.getByRole('button', { name: /^Exercise/ }).press('Enter');
  await page.getByRole('searchbox', { name: /^Look for/ }).fill('curl');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Exercise/ })).toContainText('url');
  await expect(page).toHaveURL(/\/setups$/);

  await page.keyboard.press('/');
  await wanted.fill('zzz');
  await expect(page.getByText('Nothing begins like that.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(wanted).toHaveCount(0);
});
