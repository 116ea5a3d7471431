import { expect, type Page } from '@playwright/test';
import { DEMO_TRAINER } from './browser.js';

/** Signs in as the demo trainer, by hand. */
export async function signIn(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByLabel('E-mail').fill(DEMO_TRAINER.email);
  await page.getByLabel('Password').fill(DEMO_TRAINER.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page).toHaveURL(({ pathname }) => pathname === '/today');
}
