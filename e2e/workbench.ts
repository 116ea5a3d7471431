import type { Page } from '@playwright/test';

/** Says of every warning that it was seen to. */
export async function seeToWarnings(page: Page): Promise<void> {
  const boxes = page.getByLabel('I have seen to it');
  for (let i = 0; i < (await boxes.count()); i++) await boxes.nth(i).check();
}

/** Makes a ladder of what is on the workbench. */
export async function makeLadder(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Ladder', exact: true }).click();
  await page.getByRole('button', { name: 'Make a ladder' }).click();
  await page.getByRole('list', { name: /^Rungs/ }).waitFor();
}

/** Plans a drop set of it. */
export async function planDropSet(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Drop set', exact: true }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page.getByRole('list', { name: 'Parts of the set' }).waitFor();
}

/** A skill with a band of the bag, its curves as figures. */
export async function openSkillWithBand(page: Page): Promise<void> {
  await page.goto('/skills/nordic');
  await page.locator('otter-bag-list button[aria-pressed=false]').first().click();
  await page.getByText('The figures behind the curves').click();
}

/** The decision after the latest session of the log. */
export async function openDecision(page: Page): Promise<void> {
  await page.goto('/log');
  await page.getByRole('link', { name: 'Why' }).first().click();
  await page.getByTestId('decision').waitFor();
}

/** Finds the smallest bag for everybody's work. */
export async function findBag(page: Page): Promise<void> {
  await page.goto('/bag');
  await page.getByRole('button', { name: 'Find the smallest bag' }).click();
  await page.getByRole('region', { name: 'Take along' }).waitFor();
}

/** Chooses an exercise on the workbench, by its title, from the panel that looks for one. */
export async function chooseExercise(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: /^Exercise/ }).click();
  await page.getByRole('searchbox', { name: /^Look for/ }).fill(title);
  await page.getByRole('option', { name: title, exact: true }).click();
  await page.getByRole('dialog').waitFor({ state: 'detached' });
}
