import { expect } from '@playwright/test';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';

test('a person is written down in a minute, and a clearance narrows their work', async ({
  page,
  server,
}) => {
  await signIn(page);
  const spine = page.getByRole('navigation');
  await spine.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByRole('button', { name: 'Keep them' }).click();
  await expect(page.getByText('The name is missing.')).toBeInViewport();
  await page.getByLabel('Name', { exact: true }).fill('Jory Lantern');
  await page.getByLabel('In a few words').fill('Pilot of the night barge');
  await page.getByLabel('Stature, cm').fill('174');
  await page.getByLabel('Body mass, kg').fill('77');
  await page.getByRole('button', { name: 'Keep Jory Lantern' }).click();
  await expect(page.getByRole('heading', { name: 'Jory Lantern' })).toBeVisible();
  await expect(page.getByText('174 cm')).toBeVisible();
  await expect(page.getByLabel('Person in focus').locator('option:checked')).toHaveText(
    'Jory Lantern',
  );
  await expect(page.getByText('all saved')).toBeVisible();
  await spine.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Jory Lantern' })).toBeVisible();

  // A clearance with limits as data, and what it says of the row.
  await spine.getByRole('link', { name: 'People' }).click();
  await page.getByRole('link', { name: /^Jory Lantern/ }).click();
  await page.getByRole('button', { name: 'Change Jory Lantern' }).click();
  await page.getByRole('button', { name: 'Rehab' }).click();
  await page.getByRole('button', { name: 'Write a clearance down' }).click();
  await page.getByLabel('Clinician, profession').fill('Sanne Okoro, physiotherapist');
  await page.getByLabel('Hands no higher than, cm').fill('60');
  await page.getByRole('button', { name: 'Keep Jory Lantern' }).click();
  await expect(page.getByText('hands no higher than 60 cm')).toBeVisible();
  await expect(page.getByText('all saved')).toBeVisible();
  const [kept] = await server.query<{ height: string }>(
    `SELECT clearance -> 'enforced' ->> 'handHeight_m' AS height FROM person
      WHERE name = 'Jory Lantern'`,
  );
  expect(kept?.height).toBe('0.6');
  await page.getByRole('link', { name: 'Work on a set-up' }).click();
  // The workbench begins with a row, at the height of the chest.
  await expect(page.getByText(/the clearance ends at 60 cm/).first()).toBeVisible();
});
