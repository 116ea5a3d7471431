import { expect, type Page } from '@playwright/test';
import { DEMO_TRAINER } from './browser.js';
import { chooseExercise, seeToWarnings } from './workbench.js';
import { test } from './studio-test.js';

async function openSetups(page: Page, person: string, exercise: string): Promise<void> {
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  await page.goto('/today');
  await page.getByLabel('Person in focus').selectOption({ label: person });
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await page.getByTestId('figure-mean').waitFor();
  await chooseExercise(page, exercise);
}

/** Lays this band alone on the exercise. */
async function layAlone(page: Page, name: string): Promise<void> {
  const scene = page.getByRole('region', { name: 'Scene' });
  const on = scene.locator('button[aria-pressed=true]');
  for (let i = (await on.count()) - 1; i >= 0; i--) await on.nth(i).click();
  await scene.getByRole('button', { name: new RegExp(name) }).click();
}

async function saveAndStart(page: Page, title: string): Promise<void> {
  await seeToWarnings(page);
  await page.getByRole('button', { name: 'Save set-up' }).click();
  await expect(page.getByText(`${title}: ready.`)).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: title })
    .getByRole('button', { name: 'Start session' })
    .click();
  await expect(page.getByText(/Set 1 of \d/)).toBeVisible();
}

/** Logs the sets as they are aimed for. */
async function logAll(page: Page, sets = 3): Promise<void> {
  for (let set = 1; set <= sets; set++) {
    await page.getByRole('button', { name: `Log set ${set}` }).click();
  }
  await page.getByRole('button', { name: 'Finish: see what comes next' }).click();
  await expect(page.getByTestId('decision')).toBeVisible();
}

test('a clearance refuses what is beyond it, says by how much, and the cure lands inside', async ({
  page,
}) => {
  await openSetups(page, 'Odile Brandt', 'Standing row');
  await layAlone(page, 'Heron');
  const distance = page.getByLabel('Distance, cm');
  await distance.fill('235');
  await distance.blur();
  const refusal = page.getByText(/at the hands; the clearance ends at 120 N/);
  await expect(refusal).toBeVisible();
  await expect(page.getByText(/not ready while a refusal stands/)).toBeVisible();
  await page
    .getByRole('button', { name: /^Step \d+ cm closer$/ })
    .first()
    .click();
  await expect(refusal).toHaveCount(0);
  await expect(page.getByText(/not ready while a refusal stands/)).toHaveCount(0);

  await chooseExercise(page, 'Chest press');
  await expect(page.getByText(/does not allow work for this muscle group: chest/)).toBeVisible();
});

test('a hold is logged in seconds', async ({ page }) => {
  await openSetups(page, 'Runa Halvard', 'Front lever, tuck');
  await layAlone(page, 'Heron');
  await page
    .getByRole('combobox', { name: /^Loops run/ })
    .selectOption({ label: 'from both sides of the bar, under the hips' });
  await saveAndStart(page, 'Heron');
  await expect(page.getByRole('group', { name: 'Seconds held' })).toBeVisible();
  const seconds = page.getByTestId('reps');
  const aimed = Number(await seconds.innerText());
  await page.getByRole('button', { name: 'One second more' }).click();
  await expect(seconds).toHaveText(String(aimed + 1));
  await logAll(page, 4);
  // Runa trains for a skill: four holds.
  const held = [aimed + 1, aimed, aimed, aimed].map((s) => `${s} s`).join(', ');
  await expect(page.getByText(`Done: ${held}`)).toBeVisible();
});

test('a newer session overtakes an older decision: it is read, not accepted', async ({ page }) => {
  await openSetups(page, 'Runa Halvard', 'Curl, standing on the band');
  await layAlone(page, 'Reed');
  await saveAndStart(page, 'Reed');
  await logAll(page);
  const older = page.url();
  const accept = page.getByRole('button', { name: 'Accept' });
  await expect(accept).toBeVisible();

  await page.goto('/today');
  await page.getByLabel('Person in focus').selectOption({ label: 'Runa Halvard' });
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Reed' })
    .getByRole('button', { name: 'Start session' })
    .click();
  await logAll(page);
  await expect(accept).toBeVisible();

  await page.goto(older);
  await expect(page.getByTestId('void')).toBeVisible();
  await expect(page.getByTestId('decision')).toBeVisible();
  await expect(accept).toHaveCount(0);
});

test('two figures typed one after the other, in kilograms', async ({ page }) => {
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  const choose = async (unit: string): Promise<void> => {
    await page.goto('/studio');
    const kept = page.waitForResponse(
      (response) =>
        response.url().endsWith('/api/studio/rules') && response.request().method() === 'PUT',
    );
    await page.getByRole('button', { name: new RegExp(`, ${unit}$`) }).click();
    expect((await kept).ok()).toBeTruthy();
  };
  await choose('kg');
  try {
    await openSetups(page, 'Ylva Marsh', 'Standing row');
    await page.getByLabel('Wanted mean from').focus();
    await page.keyboard.type('39.5');
    await page.keyboard.press('Tab');
    await page.keyboard.type('42');
    await page.keyboard.press('Tab');
    await expect(page.getByLabel('Wanted mean from')).toHaveValue('39.5');
    await expect(page.getByLabel('Wanted mean to')).toHaveValue(/^42(\.0)?$/);
  } finally {
    await choose('N');
  }
});

for (const [width, height] of [
  [390, 844],
  [320, 690],
] as const) {
  test(`a session on a phone of ${width} by ${height}: aim, stepper and log without scrolling`, async ({
    page,
  }) => {
    await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
    await page.setViewportSize({ width, height });
    await page.goto('/today');
    await page
      .getByRole('listitem')
      .filter({ hasText: 'Tobias Quill' })
      .getByRole('button', { name: /session$/ })
      .first()
      .click();
    await expect(page.getByText(/^Set \d of 3/)).toBeInViewport();
    await expect(page.getByRole('button', { name: 'One repetition more' })).toBeInViewport();
    await expect(page.getByRole('button', { name: /^Log set/ })).toBeInViewport({ ratio: 1 });
    const across = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(across).toBeLessThanOrEqual(width);
    await page.getByRole('link', { name: 'Go on later' }).click();
  });
}
