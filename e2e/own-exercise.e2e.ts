import { expect } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { DEMO_TRAINER } from './browser.js';
import { chooseExercise } from './workbench.js';
import { test } from './studio-test.js';

test('an exercise of one’s own: copied, posed, kept, offered on the workbench, out and in', async ({
  page,
}) => {
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  await page.goto('/exercises');
  await page.getByRole('combobox', { name: /^Copy from/ }).selectOption({ label: 'Standing row' });
  await page.getByRole('button', { name: 'Make a copy' }).click();
  await page.getByLabel('Its name').fill('Capstan row');

  await test.step('a joint is dragged, another turned by keys, and the curve follows', async () => {
    await page.getByText('As a table').click();
    const effortAtEnd = page.locator('tbody tr').last().locator('td').nth(1);
    const before = await effortAtEnd.innerText();
    const elbow = page.getByRole('slider', { name: 'To the elbow' });
    const angle = Number(await elbow.getAttribute('aria-valuenow'));
    await elbow.focus();
    await elbow.press('Shift+ArrowUp');
    await expect(elbow).toHaveAttribute('aria-valuenow', String(angle + 5));
    await expect(effortAtEnd).not.toHaveText(before);

    const hand = page.getByRole('slider', { name: 'To the hand' });
    const turned = await hand.getAttribute('aria-valuenow');
    const box = await hand.boundingBox();
    if (box === null) throw new Error('no hand to drag');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 10, box.y + 60, { steps: 4 });
    await page.mouse.up();
    await expect(hand).not.toHaveAttribute('aria-valuenow', turned ?? '');
  });

  await test.step('a pose between, and what it is judged by', async () => {
    await page.getByRole('button', { name: 'Add a pose between' }).click();
    await expect(page.getByRole('button', { name: '50 %' })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    await page
      .getByRole('combobox', { name: /^judged by/ })
      .selectOption({ label: 'the turn at the elbow' });
    await page.getByRole('button', { name: 'Keep the exercise' }).click();
    await expect(page.getByText('Capstan row: kept, and offered in Set-ups.')).toBeVisible();
  });

  const document = await test.step('out as a document', async () => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Document', exact: true }).click();
    const path = await (await download).path();
    return readFileSync(path, 'utf8');
  });
  expect(JSON.parse(document)).toMatchObject({
    format: 'wiry-otter.exercise',
    title: 'Capstan row',
  });

  await test.step('a bad document is refused with path and reason, a good one opens', async () => {
    const bring = (text: string) =>
      page.getByLabel('Bring in an exercise document').setInputFiles({
        name: 'row.exercise.json',
        mimeType: 'application/json',
        buffer: Buffer.from(text),
      });
    await bring(document.replace('"strength": "descending"', '"strength": "vast"'));
    await expect(page.getByText('This document holds no exercise that can be kept.')).toBeVisible();
    await page.getByText('Details').click();
    await expect(page.getByText(/\$\.strength: found "vast", expected one of/)).toBeVisible();
    const twisted = JSON.parse(document) as { poses: object[]; demand: object };
    const [start = {}, ...rest] = twisted.poses;
    await bring(JSON.stringify({ ...twisted, poses: [{ ...start, trunk: NaN }, ...rest] }));
    await expect(page.getByText(/\$\.poses\[0\]\.trunk: found null/)).toBeVisible();
    const demand = { kind: 'contact', at: ['gripR', 'tail'] };
    await bring(JSON.stringify({ ...twisted, demand }));
    await expect(page.getByText(/\$\.demand\.at\[1\]: found "tail"/)).toBeVisible();
    const { upperArm: _u, forearm: _f, ...armless } = start as Record<string, unknown>;
    const far = [0, 1].map((phase) => ({ ...armless, phase, hand: [0.9, 0] }));
    await bring(JSON.stringify({ ...twisted, poses: far }));
    await expect(page.getByText(/\$\.poses.*: found hand 0\.9000 statures/)).toBeVisible();
    await bring(' '.repeat(600_000));
    await expect(page.getByText(/found 600 kB, expected at most 500 kB/)).toBeVisible();
    await bring(document.replace('Capstan row', 'Windlass row'));
    await expect(page.getByLabel('Its name')).toHaveValue('Windlass row');
    await page.getByRole('button', { name: 'Leave it' }).click();
  });

  await test.step('the workbench offers it, judged as it was said', async () => {
    await page.getByRole('link', { name: 'Set-ups' }).first().click();
    await chooseExercise(page, 'Capstan row');
    const scene = page.getByRole('region', { name: 'Scene' });
    const reed = scene.getByRole('button', { name: /Reed/ });
    if ((await reed.getAttribute('aria-pressed')) === 'false') await reed.click();
    await expect(page.getByTestId('figure-mean')).toContainText('N·m');
    await page.reload();
    await expect(page.getByTestId('figure-mean')).toContainText('N·m');
  });

  await test.step('put away and taken back', async () => {
    await page.goto('/exercises');
    await page.getByRole('button', { name: 'Put away' }).click();
    await expect(page.getByText(/None yet/)).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Change Capstan row' })).toBeVisible();
  });
});
