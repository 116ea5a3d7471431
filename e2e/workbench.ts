import type { Page } from '@playwright/test';

/** Chooses an exercise on the workbench, by its title, from the panel that looks for one. */
export async function chooseExercise(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: /^Exercise/ }).click();
  await page.getByRole('searchbox', { name: /^Look for/ }).fill(title);
  await page.getByRole('option', { name: title, exact: true }).click();
  await page.getByRole('dialog').waitFor({ state: 'detached' });
}
