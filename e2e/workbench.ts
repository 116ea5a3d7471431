import type { Page } from '@playwright/test';

/** Says of every warning that it was seen to. */
export async function seeToWarnings(page: Page): Promise<void> {
  const boxes = page.getByLabel('I have seen to it');
  for (let i = 0; i < (await boxes.count()); i++) await boxes.nth(i).check();
}

/** Chooses an exercise on the workbench, by its title, from the panel that looks for one. */
export async function chooseExercise(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: /^Exercise/ }).click();
  await page.getByRole('searchbox', { name: /^Look for/ }).fill(title);
  await page.getByRole('option', { name: title, exact: true }).click();
  await page.getByRole('dialog').waitFor({ state: 'detached' });
}
