import { expect, type Page } from '@playwright/test';
import { DEMO_TRAINER } from './browser.js';
import { chooseExercise, seeToWarnings } from './workbench.js';
import { test } from './studio-test.js';

async function openWorkbench(page: Page, person: string): Promise<void> {
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  await page.goto('/today');
  await page.getByLabel('Person in focus').selectOption({ label: person });
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await page.getByTestId('figure-mean').waitFor();
}

const band = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Scene' }).getByRole('button', { name: new RegExp(name) });

/** A select by the beginning of its label. */
const choice = (page: Page, label: string) =>
  page.getByRole('combobox', { name: new RegExp(`^${label}`) });

/** Takes every band off the workbench. */
async function clearBands(page: Page): Promise<void> {
  const on = page.getByRole('region', { name: 'Scene' }).locator('button[aria-pressed=true]');
  for (let i = (await on.count()) - 1; i >= 0; i--) await on.nth(i).click();
}

/** What can stand beside the scene; the figures bear the mark of their cautions. */
const panelOf = (page: Page, name: string) =>
  page.getByRole('button', { name: new RegExp(`^${name}`) });

/** Opens the finder beside the scene. */
async function openFind(page: Page): Promise<void> {
  await panelOf(page, 'Find').click();
}

const mean = async (page: Page): Promise<number> =>
  Number(await page.getByTestId('figure-mean').locator('.figure').first().innerText());

test('by mouse: from person and place to a set-up that is ready', async ({ page }) => {
  await openWorkbench(page, 'Runa Halvard');
  await chooseExercise(page, 'Pull-up');

  await test.step('the place that lacks the anchor says so, and where one is', async () => {
    await choice(page, 'Place').selectOption({ label: 'Ferry cabin' });
    await expect(page.getByText(/Ferry cabin has nothing to hang this on/)).toContainText(
      'Boatyard loft has one',
    );
    await clearBands(page);
    await band(page, 'Heron').click();
    await expect(page.getByRole('button', { name: 'Save set-up' })).toBeDisabled();
    await choice(page, 'Place').selectOption({ label: 'Boatyard loft' });
    await expect(page.getByText(/nothing to hang/)).toHaveCount(0);
  });

  await test.step('help under the knee is less than under the foot', async () => {
    await choice(page, 'Anchor').selectOption({ label: 'Bar under the beam' });
    const underFoot = await mean(page);
    await choice(page, 'Loops run').selectOption({ label: 'choked on the bar, under one knee' });
    await expect.poll(() => mean(page)).toBeGreaterThan(underFoot);
    await choice(page, 'Loops run').selectOption({ label: 'choked on the bar, under one foot' });
    await expect.poll(() => mean(page)).toBe(underFoot);
  });

  await seeToWarnings(page);
  await page.getByRole('button', { name: 'Save set-up' }).click();
  await expect(page.getByText('Heron: ready.')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /^Seen to by Mika/ }).first()).toBeChecked();
  await expect(page.getByLabel('I have seen to it')).toHaveCount(0);
});

test('by keyboard alone: a side raise, taken lower, undone, saved', async ({ page }) => {
  await openWorkbench(page, 'Tobias Quill');
  const exercise = page.getByRole('button', { name: /^Exercise/ });
  await exercise.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('searchbox')).toBeFocused();
  await page.keyboard.type('side raise other foot');
  await expect(page.getByRole('option')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(exercise).toContainText('Side raise, band under the other foot');
  await page.getByRole('slider', { name: 'Through the rep' }).focus();
  await page.keyboard.press('3');
  await page.keyboard.press('1');
  await expect(band(page, 'Heron')).toHaveAttribute('aria-pressed', 'false');
  await expect(band(page, 'Reed')).toHaveAttribute('aria-pressed', 'true');
  const atTheEnd = await mean(page);

  const grip = page.getByRole('slider', { name: 'Grip down the band' });
  await grip.focus();
  await page.keyboard.press('Shift+ArrowDown');
  await expect(grip).toHaveAttribute('aria-valuenow', '5');
  await expect.poll(() => mean(page)).toBeGreaterThan(atTheEnd);
  const lower = await mean(page);
  await expect(page.getByText('5 cm from the end')).toBeVisible();
  await page.keyboard.press('u');
  await expect.poll(() => mean(page)).toBe(atTheEnd);
  await page.keyboard.press('r');
  await expect.poll(() => mean(page)).toBe(lower);
  // Lower down the band comes past its limit for so tall a person.
  await expect(page.getByText(/✕ Reed is stretched .* past its limit/)).toBeVisible();
  await page.keyboard.press('u');
  await expect.poll(() => mean(page)).toBe(atTheEnd);

  await page.keyboard.press('w');
  await expect(page.getByText(/^Equal mean: a weight of/)).toBeVisible();

  const boxes = page.getByLabel('I have seen to it');
  for (let i = 0; i < (await boxes.count()); i++) {
    await boxes.nth(i).focus();
    await page.keyboard.press('Space');
  }
  await page.getByLabel('Name of the set-up').focus();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Reed: ready\.$/)).toBeVisible();
});

test('the side of a door is refused for a steep pull, and cured by another anchor', async ({
  page,
}) => {
  await openWorkbench(page, 'Tobias Quill');
  await chooseExercise(page, 'Push-down');
  await clearBands(page);
  await band(page, 'Wick').click();
  await choice(page, 'Anchor').selectOption({ label: 'Cabin door, hinge side' });
  await expect(page.getByText(/at the side of a door a strap holds 30°/)).toBeVisible();
  await expect(page.getByText(/not ready while a refusal stands/)).toBeVisible();
  await choice(page, 'Anchor').selectOption({ label: 'Cabin door, over the top' });
  await expect(page.getByText(/a strap holds 30°/)).toHaveCount(0);
});

test('a place gets another anchor, and the workbench offers it; an incomplete one is named', async ({
  page,
}) => {
  await openWorkbench(page, 'Tobias Quill');
  await page.getByRole('link', { name: 'Places and anchors' }).click();
  await page.getByRole('button', { name: 'Change Ferry cabin' }).click();
  await page.getByRole('button', { name: 'rings' }).click();
  await expect(page.getByText('rings, name is missing.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep the place' })).toBeDisabled();
  await page.getByLabel('rings, called').fill('Rings in the hatch');
  await page.getByRole('button', { name: 'Keep the place' }).click();
  await expect(page.getByText('Ferry cabin: 5 anchors kept.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Rings in the hatch')).toBeVisible();
  await page.getByLabel('Person in focus').selectOption({ label: 'Tobias Quill' });
  await page.getByRole('link', { name: 'Set-ups' }).first().click();
  await chooseExercise(page, 'Chin-up');
  await expect(choice(page, 'Anchor')).toContainText('Rings in the hatch');
});

test('a figure is dragged by its name: stance, turns and the body', async ({ page }) => {
  await openWorkbench(page, 'Tobias Quill');
  await chooseExercise(page, 'Curl, standing on the band');
  await clearBands(page);
  await band(page, 'Willow').click();
  await page.getByText('Grip, stance, weight, another body').click();

  const drag = async (name: string, by: number): Promise<void> => {
    const box = await page.getByText(name, { exact: true }).boundingBox();
    if (box === null) throw new Error(`no ${name}`);
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + by / 2, y);
    await page.mouse.move(x + by, y);
    await page.mouse.up();
  };
  const stance = page.getByLabel('stance, cm');
  const narrow = Number(await stance.inputValue());
  const before = await mean(page);
  await drag('↔ stance, cm', 60);
  await expect(stance).toHaveValue(String(narrow + 10));
  await expect.poll(() => mean(page)).toBeGreaterThan(before);
  await page.getByRole('button', { name: 'Undo on the workbench' }).click();
  await expect(stance).toHaveValue(String(narrow));

  const stature = page.getByLabel('stature, cm');
  const tall = Number(await stature.inputValue());
  await drag('↔ stature, cm', -30);
  await expect(stature).toHaveValue(String(tall - 5));
  await expect(page.getByText('Tried with another body than the one on file.')).toBeVisible();
});

test('two loops, one through the other, for the left side, to a document and back', async ({
  page,
}) => {
  await openWorkbench(page, 'Tobias Quill');
  await chooseExercise(page, 'One-arm row');
  await clearBands(page);
  await band(page, 'Heron').click();
  await expect(choice(page, 'Loops hang')).toHaveCount(0);
  await band(page, 'Willow').click();
  const stacked = await mean(page);
  await choice(page, 'Loops hang').selectOption({ label: 'one through the other' });
  // In series the pull is less than that of either alone.
  await expect.poll(() => mean(page)).toBeLessThan(stacked / 2);
  await page.getByLabel('Distance, cm').fill('270');
  await page.getByLabel('Distance, cm').blur();
  await choice(page, 'Side').selectOption({ label: 'left' });
  const linked = await mean(page);
  await seeToWarnings(page);
  const title = 'Heron linked with Willow at 2.70 m, left';
  await expect(page.getByLabel('Name of the set-up')).toHaveValue(title);
  await page.getByRole('button', { name: 'Save set-up' }).click();
  await expect(page.getByText(`${title}: ready.`)).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: `Document of ${title}` }).click();
  const path = await (await download).path();
  await chooseExercise(page, 'Curl, standing on the band');
  await page.getByLabel('Bring in a set-up document').setInputFiles(path);
  await expect(choice(page, 'Loops hang').locator('option:checked')).toHaveText(
    'one through the other',
  );
  await expect(choice(page, 'Side')).toHaveValue('left');
  await expect.poll(() => mean(page)).toBe(linked);

  const marks = await page
    .getByRole('link', { name: `Marks of ${title} to print` })
    .getAttribute('href');
  const sheet = await page.request.get(marks ?? '');
  expect(sheet.headers()['content-type']).toBe('application/pdf');
});

test('what a drag ends with is what the same figure gives when it is typed', async ({ page }) => {
  await openWorkbench(page, 'Tobias Quill');
  await chooseExercise(page, 'Curl, standing on the band');
  await clearBands(page);
  for (const name of ['Reed', 'Willow', 'Heron']) await band(page, name).click();
  const grip = page.getByRole('slider', { name: 'Grip down the band' });
  const box = await grip.boundingBox();
  if (box === null) throw new Error('no grip to drag');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (const dy of [20, 60, 35, 20]) await page.mouse.move(x, y + dy);
  await page.mouse.up();
  const figure = page.getByTestId('figure-mean').locator('.figure').first();
  await expect(grip).not.toHaveAttribute('aria-valuenow', '0');
  const slip = await grip.getAttribute('aria-valuenow');
  const dragged = await figure.innerText();
  await page.getByText('Grip, stance, weight, another body').click();
  const typed = page.getByLabel('grip down the band, cm');
  await typed.fill('0');
  await typed.blur();
  await expect(figure).not.toHaveText(dragged);
  await typed.fill(slip ?? '');
  await typed.blur();
  await expect(figure).toHaveText(dragged);
});

test('a set-up is found for a wanted pull, seen in the scene, taken, and undone', async ({
  page,
}) => {
  await openWorkbench(page, 'Tobias Quill');
  await chooseExercise(page, 'Standing row');
  await choice(page, 'Anchor').selectOption({ label: 'Eye bolt in the bulkhead' });
  const before = await mean(page);
  const person = page.getByRole('slider', { name: 'Distance of the person from the anchor' });
  const stood = await person.getAttribute('aria-valuenow');
  await openFind(page);
  const wanted = page.getByRole('spinbutton', { name: /^Wanted,/ });
  const lines = page.getByRole('list', { name: 'Found' }).getByRole('button');
  const meanOf = (text: string) => Number(/mean (\d+)/.exec(text)?.[1]);

  await test.step('nothing asked for is said so', async () => {
    await page.getByRole('button', { name: 'Search' }).click();
    await expect(page.getByRole('alert')).toContainText('Say how much');
  });

  await test.step('180 N: every line comes near, pointing shows it, a tap takes it', async () => {
    await wanted.fill('180');
    await wanted.press('Enter');
    await expect(lines.first()).toBeVisible();
    for (const words of await lines.allTextContents()) {
      expect(Math.abs(meanOf(words) - 180)).toBeLessThan(9);
    }
    const found = meanOf((await lines.first().textContent()) ?? '');
    await lines.first().hover();
    // What is pointed at is a picture: nobody can be moved in it.
    await expect(person).toHaveCount(0);
    await page.getByRole('spinbutton', { name: /^Wanted,/ }).hover();
    await expect(person).toHaveAttribute('aria-valuenow', stood ?? '');
    await lines.first().focus();
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Figures' }).click();
    await expect.poll(() => mean(page)).toBe(found);
    await page.getByRole('button', { name: 'Undo on the workbench' }).click();
    await expect.poll(() => mean(page)).toBe(before);
    await openFind(page);
  });

  await test.step('five per cent more than the set-up in force, 79 N', async () => {
    await page.getByRole('button', { name: '5 % more than Willow at 2.00 m' }).click();
    await expect(wanted).toHaveValue('83');
    await expect(lines.first()).toContainText(/mean 8[1-5]/);
  });

  await test.step('as many repetitions as wanted, by the last session', async () => {
    await choice(page, 'Find').selectOption({ label: 'so many repetitions' });
    await expect(page.getByText(/From \d+ repetitions with \d to spare/)).toBeVisible();
    await page.getByRole('button', { name: 'Search' }).click();
    await expect(lines.first()).toBeVisible();
  });

  await test.step('what the bag cannot do is said, and a limit is loosened', async () => {
    await choice(page, 'Find').selectOption({ label: 'a mean of' });
    await wanted.fill('5000');
    await wanted.press('Enter');
    await expect(page.getByText('Nothing comes within 5 % of 5000 N')).toBeVisible();
    await expect(page.getByText(/On an anchor that holds more: \d+ N/)).toBeVisible();
    await choice(page, 'Anchor').selectOption({ label: 'Cabin door, hinge side' });
    await page.getByRole('button', { name: 'Search' }).click();
    const best = Math.max(...(await lines.allTextContents()).map(meanOf));
    const miss = page.getByText(/With 4 bands at once: \d+ N/);
    await expect(miss).toBeVisible();
    await miss.getByRole('button', { name: 'Allow it' }).click();
    await expect(page.getByText(/With 5 bands at once/)).toBeVisible();
    expect(Math.max(...(await lines.allTextContents()).map(meanOf))).toBeGreaterThan(best);
  });
});

test('a fly takes two equal bands, one on each side: found, taken, saved, made a ladder of', async ({
  page,
}) => {
  await openWorkbench(page, 'Tobias Quill');
  await chooseExercise(page, 'Fly');
  await clearBands(page);

  await test.step('a tap puts both on, and another takes both off', async () => {
    await band(page, 'Minnow').click();
    await expect(page.getByRole('textbox', { name: 'Name of the set-up' })).toHaveValue(
      /^2 × Minnow at/,
    );
    await band(page, 'Minnow').click();
    await expect(page.getByRole('button', { name: 'Save set-up' })).toBeDisabled();
  });

  await test.step('only what there are two of is found', async () => {
    await openFind(page);
    await page.getByRole('spinbutton', { name: /^Wanted,/ }).fill('30');
    await page.getByRole('button', { name: 'Search' }).click();
    const lines = page.getByRole('list', { name: 'Found' }).getByRole('button');
    await expect(lines.first()).toContainText(/2 × Willow on/);
    for (const words of await lines.allTextContents()) {
      expect(words).not.toContain('Heron');
      expect(words.match(/mean (\d+)/)?.[1]).toBeDefined();
    }
    await lines.first().click();
    await panelOf(page, 'Figures').click();
    const name = page.getByRole('textbox', { name: 'Name of the set-up' });
    await expect(name).toHaveValue(/^2 × Willow at/);
    await seeToWarnings(page);
    await page.getByRole('button', { name: 'Save set-up' }).click();
    await expect(page.getByText(/^2 × Willow at .*: ready/)).toBeVisible();
  });

  await test.step('it comes back off the record as it was', async () => {
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Name of the set-up' })).toHaveValue(
      /^2 × Willow at/,
    );
  });

  await test.step('its ladder is of pairs', async () => {
    await panelOf(page, 'Ladder').click();
    await page.getByRole('button', { name: 'Make a ladder' }).click();
    const rungs = page.getByRole('list', { name: /^Rungs/ }).getByRole('button', { name: /^Load/ });
    await expect(rungs.first()).toBeVisible();
    for (const rung of await rungs.all()) {
      await expect(rung).toHaveAccessibleName(/^Load 2 × /);
    }
  });
});

test('help with a pull-up is found for the levels of the bag, as the trainer prefers', async ({
  page,
}) => {
  await openWorkbench(page, 'Runa Halvard');
  await chooseExercise(page, 'Pull-up');
  await openFind(page);
  await expect(choice(page, 'Find').locator('option:checked')).toHaveText('help of');
  await page.getByRole('spinbutton', { name: /^Wanted,/ }).fill('30');
  await page.getByRole('button', { name: 'Search' }).click();
  const first = page.getByRole('list', { name: 'Found' }).getByRole('button').first();
  await expect(first).toContainText(/(29|30|31) %/);
  await page.getByText(/^Preferring fewest bands/).click();
  const kept = page.waitForResponse(/finder-preferences$/);
  await page.getByRole('button', { name: 'easy to mount' }).click();
  await expect(page.getByText(/^Preferring easy to mount/)).toBeVisible();
  await expect(first).toBeVisible();
  await kept;
  // It is the trainer's, not the device's.
  await page.evaluate(() => localStorage.clear());
  await page.reload();
  await openFind(page);
  await expect(page.getByText(/^Preferring easy to mount/)).toBeVisible();
});
