import { expect, type Page, test } from '@playwright/test';

/** The figure of the workbench, as a number. */
async function figure(page: Page, name: 'start' | 'mean' | 'end'): Promise<number> {
  const text = await page.getByTestId(`figure-${name}`).locator('.figure').first().innerText();
  return Number(text);
}

/**
 * A working day of a trainer who is signed in, from three pulls on a scale to the next prescription:
 * it goes the same way with a network and without.
 */
export async function goTheWholeWay(page: Page): Promise<void> {
  await test.step('a band from three pulls', async () => {
    await page.getByRole('link', { name: 'Bands' }).click();
    await page.getByRole('button', { name: 'Add a band' }).click();
    await page.getByLabel('Name').fill('Plumb line');
    await page.getByLabel('Flat length, cm').fill('104');
    await page.getByLabel('Width, mm').fill('22');
    await page.getByRole('button', { name: 'Add band' }).click();
    await expect(page.getByRole('heading', { name: 'Plumb line' })).toBeVisible();
    await page.getByRole('link', { name: 'Measure it' }).click();
    await page.getByRole('button', { name: 'Done, measure it' }).click();
    for (const [length, pull] of [
      ['135', '51'],
      ['177', '92'],
      ['218', '124'],
    ] as const) {
      await page.getByLabel('Pull to, cm').fill(length);
      await page.getByLabel('Pull, N').fill(pull);
      await page.getByRole('button', { name: `Keep ${pull} N` }).click();
      await expect(page.getByRole('row', { name: `${length} cm` })).toBeVisible();
    }
    await page.getByRole('button', { name: 'Finish the measurement' }).click();
    await expect(page.getByText(/^measured ±\d+ %/)).toBeVisible();
  });

  await test.step('an edit, undone', async () => {
    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByLabel('Name').fill('Lead line');
    await page.getByRole('button', { name: 'Save changes' }).click();
    await expect(page.getByRole('heading', { name: 'Lead line' })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('heading', { name: 'Plumb line' })).toBeVisible();
  });

  await test.step('a removal, undone', async () => {
    await page.getByRole('button', { name: 'Take off' }).click();
    await expect(page.getByRole('link', { name: /^Plumb line/ })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: /^Plumb line/ })).toBeVisible();
  });

  await test.step('the row, dragged to another distance', async () => {
    await page.getByLabel('Person in focus').selectOption({ label: 'Runa Halvard' });
    await page.getByRole('link', { name: 'Set-ups' }).click();
    await page.getByLabel('Place').selectOption({ label: 'Boatyard loft' });
    await page
      .getByRole('combobox', { name: /^\s*Anchor/ })
      .selectOption({ label: 'Wall strap with rings' });
    await page.getByRole('button', { name: 'Plumb line' }).click();
    const person = page.getByRole('slider', { name: 'Distance of the person from the anchor' });
    // The workbench begins where the exercise usually has its anchor.
    await page.getByLabel('Distance, cm').fill('190');
    await page.getByLabel('Distance, cm').blur();
    await expect(person).toHaveAttribute('aria-valuenow', '190');
    const before = await figure(page, 'mean');
    expect(before).toBeGreaterThan(60);

    await page.getByRole('button', { name: 'Save set-up' }).click();
    await expect(page.getByText('Plumb line at 1.90 m: ready.')).toBeVisible();

    // The near thigh: a part of the figure that nothing else lies on.
    const box = await person.locator('path').nth(9).boundingBox();
    if (box === null) throw new Error('the figure is not drawn');
    const at = { x: box.x + box.width / 2, y: box.y + box.height * 0.7 };
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    await page.mouse.move(at.x - 6, at.y, { steps: 3 });
    await page.mouse.up();
    const dragged = Number(await person.getAttribute('aria-valuenow'));
    expect(dragged).toBeGreaterThan(190);
    await expect.poll(() => figure(page, 'mean')).toBeGreaterThan(before);

    // By keys to the centimetre: the next rung is within a tenth of this one.
    await person.focus();
    for (let i = dragged; i < 198; i++) await person.press('ArrowLeft');
    for (let i = dragged; i > 198; i--) await person.press('ArrowRight');
    await expect(person).toHaveAttribute('aria-valuenow', '198');
    expect((await figure(page, 'mean')) / before).toBeLessThanOrEqual(1.1);
    // A hasty hand clicks twice: it is saved once.
    await page.getByRole('button', { name: 'Save set-up' }).dblclick();
    await expect(page.getByText('Plumb line at 1.98 m: ready.')).toBeVisible();
  });

  await test.step('a set-up put away, and taken back', async () => {
    const saved = page.getByRole('listitem').filter({ hasText: 'Plumb line at 1.98 m' });
    await saved.getByRole('button', { name: 'Put away' }).click();
    await expect(saved).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(saved).toHaveCount(1);
  });

  await test.step('a refusal names the distance that cures it', async () => {
    await page.getByLabel('Distance, cm').fill('280');
    await page.getByLabel('Distance, cm').blur();
    await expect(page.getByText(/past its limit of ×2\.50/)).toBeVisible();
    await page.getByRole('button', { name: /^Step \d+ cm closer$/ }).click();
    await expect(page.getByText(/past its limit/)).toHaveCount(0);
  });

  await test.step('slack at the start is said', async () => {
    await page.getByLabel('Distance, cm').fill('130');
    await page.getByLabel('Distance, cm').blur();
    await expect(page.getByText(/slack for \d+ % of the rep/)).toBeVisible();
  });

  await test.step('a session of three sets of 15', async () => {
    const row = page.getByRole('listitem').filter({ hasText: 'Plumb line at 1.90 m' });
    await row.getByRole('button', { name: 'Start session' }).click();
    await expect(page).toHaveURL(/session/);
    for (let set = 1; set <= 3; set++) {
      await expect(page.getByText(`Set ${set} of 3`)).toBeVisible();
      const reps = page.getByTestId('reps');
      for (let count = Number(await reps.innerText()); count < 15; count++) {
        await page.getByRole('button', { name: 'One repetition more' }).click();
        await expect(reps).toHaveText(String(count + 1));
      }
      if (set === 2) {
        // A reload in mid-set loses neither the set before nor what was entered.
        await page.reload();
        await expect(page.getByText('Set 2 of 3')).toBeVisible();
        await expect(reps).toHaveText('15');
      }
      await page.getByRole('button', { name: `Log set ${set}` }).click();
    }
    await expect(page.getByText('All 3 sets are done.')).toBeVisible();
    await page.getByRole('button', { name: 'Take back' }).last().click();
    await expect(page.getByText('Set 3 of 3')).toBeVisible();
    await page.getByRole('button', { name: 'Put it back' }).click();
    await expect(page.getByText('All 3 sets are done.')).toBeVisible();
    await page.getByRole('button', { name: 'Finish: see what comes next' }).click();
  });

  await test.step('heavier, with its reason; still there after a reload', async () => {
    await expect(page.getByTestId('decision')).toHaveText('Heavier');
    await expect(page.getByText('Every set reached 15: 15, 15, 15.')).toBeVisible();
    await expect(page.getByTestId('next-setup')).toHaveText('Plumb line at 1.98 m');
    await page.reload();
    await expect(page.getByTestId('decision')).toHaveText('Heavier');
    await page.getByRole('button', { name: 'Accept' }).click();
    await expect(page.getByTestId('outcome')).toContainText('Accepted by Mika Ferrow');
  });

  await test.step('the next session opens with it', async () => {
    await page.getByRole('button', { name: 'Start the next session' }).click();
    await expect(page).toHaveURL(/session/);
    await expect(page.getByText('Standing row · Plumb line at 1.98 m')).toBeVisible();
    await expect(page.getByTestId('reps')).toHaveText('8');
  });
}
