import { expect, type Page } from '@playwright/test';
import { DEMO_TRAINER } from './browser.js';
import { chooseExercise, seeToWarnings } from './workbench.js';
import { test } from './studio-test.js';

async function openWorkbench(page: Page, person: string, exercise: string): Promise<void> {
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  await page.goto('/today');
  await page.getByLabel('Person in focus').selectOption({ label: person });
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await page.getByTestId('figure-mean').waitFor();
  await chooseExercise(page, exercise);
}

const scene = (page: Page) => page.getByRole('region', { name: 'Scene' });

/** Lays these bands, and no others. */
async function lay(page: Page, names: readonly string[]): Promise<void> {
  const on = scene(page).locator('button[aria-pressed=true]');
  for (let i = (await on.count()) - 1; i >= 0; i--) await on.nth(i).click();
  for (const name of names)
    await scene(page)
      .getByRole('button', { name: new RegExp(name) })
      .click();
}

const panel = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Beside the scene' }).getByRole('button', { name });

test('a ladder with a gap is made, climbed by key, kept, and what would close the gap is bought', async ({
  page,
}) => {
  await openWorkbench(page, 'Tobias Quill', 'Standing row');
  await page
    .getByRole('combobox', { name: /^Anchor/ })
    .selectOption({ label: 'Eye bolt in the bulkhead' });
  await panel(page, 'Ladder').click();
  await page.getByRole('spinbutton', { name: /^to,/ }).fill('600');
  await page.getByRole('spinbutton', { name: /^to,/ }).blur();
  const rungs = page.getByRole('list', { name: /^Rungs/ });
  const byHand = page.getByText('The rungs are the set-ups saved here');
  // Until one is made, what is saved are the rungs.
  await expect(byHand).toBeVisible();
  await expect(rungs.getByRole('button', { name: 'Load Willow at 2.00 m' })).toBeVisible();
  await page.getByRole('button', { name: 'Make a ladder' }).click();
  await expect(byHand).toHaveCount(0);
  const flag = page.getByRole('slider', { name: 'Rung at hand' });
  const loads = rungs.getByRole('button', { name: /^Load/ });

  await test.step('the flag goes up by key, and the scene with it', async () => {
    await flag.focus();
    await page.keyboard.press('Home');
    await expect(flag).toHaveAttribute('aria-valuenow', '0');
    const first = await flag.getAttribute('aria-valuetext');
    await page.keyboard.press('ArrowUp');
    await expect(flag).toHaveAttribute('aria-valuenow', '1');
    await expect.poll(() => flag.getAttribute('aria-valuetext')).not.toBe(first);
    await expect(flag).toBeFocused();
    await expect(scene(page).locator('button[aria-pressed=true]').first()).toBeVisible();
  });

  await test.step('the flag is dragged to another rung', async () => {
    // The heaviest is on top: this is the fourth from below.
    const fourth = loads.nth(-4);
    await fourth.scrollIntoViewIfNeeded();
    const from = await flag.boundingBox();
    const to = await fourth.boundingBox();
    if (from === null || to === null) throw new Error('out of sight');
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 4 });
    await page.mouse.up();
    await expect(flag).toHaveAttribute('aria-valuenow', '3');
    await expect(fourth).toHaveAttribute('aria-current', 'true');
  });

  await test.step('a struck rung leaves a gap, a locked one stays', async () => {
    const before = await loads.count();
    await rungs
      .getByRole('button', { name: /^Lock / })
      .nth(2)
      .click();
    await expect(rungs.getByRole('button', { name: /^Unlock / })).toHaveCount(1);
    await rungs
      .getByRole('button', { name: /^Strike out/ })
      .nth(4)
      .click();
    await expect(loads).toHaveCount(before - 1);
    await expect(rungs.getByText(/^gap of \d+ %$/).first()).toBeVisible();
  });

  await test.step('it is kept over a reload', async () => {
    await page.getByRole('button', { name: 'Keep the ladder' }).click();
    await expect(page.getByText(/^Ladder of \d+ rungs kept/)).toBeVisible();
    const kept = await loads.count();
    await page.reload();
    await panel(page, 'Ladder').click();
    await expect(loads).toHaveCount(kept);
    await expect(rungs.getByRole('button', { name: /^Unlock / })).toHaveCount(1);
    await expect(page.getByRole('button', { name: 'Keep the ladder' })).toHaveCount(0);
  });

  await test.step('one band is named that closes most of the gaps', async () => {
    await rungs.getByRole('button', { name: 'What would close it' }).first().click();
    await expect(page.getByRole('heading', { name: 'What to buy' })).toBeVisible();
    await page.getByRole('button', { name: 'Try sixty bands' }).click();
    await expect(
      page.getByText(/^\s*Buy a (loop|tube) of about \d+ cm that pulls about/),
    ).toBeVisible();
    await expect(page.getByRole('img', { name: /gap/ })).toHaveCount(2);
  });
});

test('a ladder is made anew when a band is no longer in the bag, and says so', async ({ page }) => {
  await openWorkbench(page, 'Tobias Quill', 'Standing row, palms up');
  await panel(page, 'Ladder').click();
  await page.getByRole('button', { name: 'Make a ladder' }).click();
  await page.getByRole('button', { name: 'Keep the ladder' }).click();
  await expect(page.getByText(/^Ladder of \d+ rungs kept/)).toBeVisible();
  await page.getByRole('link', { name: 'Bands', exact: true }).first().click();
  await page
    .getByRole('link', { name: /Ribbonweed/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Take off' }).click();
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await panel(page, 'Ladder').click();
  await expect(
    page.getByText(/Made anew since it was kept: Ribbonweed gone from the bag/),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep the ladder' })).toBeVisible();
  await expect(page.getByRole('list', { name: /^Rungs/ })).not.toContainText('Ribbonweed');
});

test('a drop set of three bands is planned, kept, and leads the last set', async ({ page }) => {
  await openWorkbench(page, 'Tobias Quill', 'Standing row, palms up');
  await page.getByRole('combobox', { name: /^Place/ }).selectOption({ label: 'Ferry cabin' });
  await page
    .getByRole('combobox', { name: /^Anchor/ })
    .selectOption({ label: 'Eye bolt in the bulkhead' });
  await lay(page, ['Reed', 'Willow', 'Minnow']);
  await page.getByLabel('Distance, cm').fill('170');
  await page.getByLabel('Distance, cm').blur();
  await seeToWarnings(page);
  await page.getByRole('button', { name: 'Save set-up' }).click();
  await expect(page.getByText(/: ready\.$/)).toBeVisible();
  await panel(page, 'Drop set').click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  const parts = page.getByRole('list', { name: 'Parts of the set' }).getByRole('listitem');
  await expect(parts).toHaveCount(3);
  await expect(parts.nth(1)).toContainText(/off|cm in/);
  // Not prescribed yet: the way there is told.
  await expect(page.getByText(/^\s*Save the set-up and start with it/)).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Reed + Willow + Minnow' })
    .getByRole('button', { name: 'Start session' })
    .click();
  await expect(page.getByText(/^Set 1 of 3/)).toBeVisible();
  await page.getByRole('link', { name: 'Go on later' }).click();
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await panel(page, 'Drop set').click();
  await page.getByRole('button', { name: 'down and up' }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(parts).toHaveCount(5);
  await page.getByRole('button', { name: 'Keep it with the prescription' }).click();
  await expect(page.getByText('The last set goes on in 5 parts.')).toBeVisible();
});

test('the smallest bag for three people is ticked off', async ({ page }) => {
  await openWorkbench(page, 'Runa Halvard', 'Pull-up');
  await lay(page, ['Willow']);
  await seeToWarnings(page);
  await page.getByRole('button', { name: 'Save set-up' }).click();
  await expect(page.getByText(/: ready\.$/)).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByRole('link', { name: 'Pack the bag' }).click();
  const people = page.getByRole('region', { name: 'For whom' });
  await expect(people.getByRole('checkbox', { checked: true })).toHaveCount(3);
  await page.getByRole('button', { name: 'Find the smallest bag' }).click();
  const bag = page.getByRole('region', { name: 'Take along' });
  await expect(bag).toContainText(/for [34] set-ups, no smaller bag will do/);
  await expect(bag).toContainText('Runa Halvard: Pull-up');
  await bag.getByRole('checkbox').first().check();
  await page.reload();
  await page.getByRole('button', { name: 'Find the smallest bag' }).click();
  await expect(bag.getByRole('checkbox').first()).toBeChecked();
});

test('two slimmer bands stand in for one stout one', async ({ page }) => {
  await openWorkbench(page, 'Runa Halvard', 'Pull-up');
  await lay(page, ['Towline']);
  await panel(page, 'Find').click();
  await page.getByRole('button', { name: 'Two slimmer for this one' }).click();
  const lines = page.getByRole('list', { name: 'Found' }).getByRole('button');
  await expect(lines.first()).toContainText(/hooks in with \d+ N and \d+ N/);
  for (const words of await lines.allTextContents()) expect(words).not.toMatch(/Towline on/);
  await lines.first().click();
  await expect(scene(page).locator('button[aria-pressed=true]')).toHaveCount(2);
});
