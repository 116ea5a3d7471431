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
  await page.getByLabel('Clinician', { exact: true }).fill('Sanne Okoro');
  await page.getByLabel('Profession').fill('physiotherapist');
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

test('a person’s sheet takes notes, a weight and a band, and is put in the archive and back', async ({
  page,
}) => {
  await signIn(page);
  const spine = page.getByRole('navigation');
  await spine.getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.getByRole('link', { name: /^Runa Halvard/ }).click();
  const story = page.getByRole('region', { name: 'Notes and what happened' });
  await story.getByLabel('A note').fill('Grip gives way first.');
  await story.getByRole('button', { name: 'Note it' }).click();
  const note = story.getByRole('listitem').filter({ hasText: 'Grip gives way first.' });
  await expect(note).toContainText('Mika Ferrow');
  await note.getByRole('button', { name: /^Change/ }).click();
  await story.getByLabel('The note').fill('Grip gives way first: towel on the bar.');
  await story.getByRole('button', { name: 'Keep the note' }).click();
  await expect(story.getByText('Grip gives way first: towel on the bar.')).toBeVisible();
  await page.getByLabel('Weighed today, kg').fill('67');
  await page.getByLabel('Weighed today, kg').press('Enter');
  await expect(story.getByText('weighed 67 kg')).toBeVisible();
  const kit = page.getByRole('region', { name: 'Kit at home' });
  await kit.getByLabel('Give from the bag').selectOption({ label: 'Towline' });
  await expect(kit.getByRole('link', { name: 'Towline' })).toBeVisible();
  await kit.getByRole('button', { name: /^Back in the bag/ }).click();
  await expect(kit.getByText('None of the studio’s bands.')).toBeVisible();

  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Archive' }).click();
  await expect(page.getByRole('link', { name: /^Runa Halvard/ })).toBeHidden();
  await expect(page.getByLabel('Person in focus').locator('option')).not.toContainText([
    'Runa Halvard',
  ]);
  await page.getByRole('button', { name: '1 archived' }).click();
  await page.getByRole('link', { name: /^Runa Halvard/ }).click();
  await page.getByRole('button', { name: 'Take back' }).click();
  await page.getByRole('button', { name: 'Back to your people' }).click();
  await expect(page.getByRole('link', { name: /^Runa Halvard/ })).toBeVisible();
  await expect(page.getByText('all saved')).toBeVisible();
});

test('everything of a person is taken away as a file, deleted for good, and read back in', async ({
  page,
  server,
}) => {
  await signIn(page);
  await page.getByRole('navigation').getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.getByRole('link', { name: /^Tobias Quill/ }).click();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: /^Delete for good/ }).click();
  const deleting = page.getByRole('region', { name: 'Delete Tobias Quill for good' });
  const coming = page.waitForEvent('download');
  await deleting.getByRole('button', { name: 'Take the file first' }).click();
  const download = await coming;
  expect(download.suggestedFilename()).toBe('Tobias-Quill.person-file.json');
  const file = await download.path();
  await expect(deleting.getByRole('button', { name: 'Delete for good' })).toBeDisabled();
  await deleting.getByLabel('To be sure, type the name').fill('Tobias Quill');
  await deleting.getByRole('button', { name: 'Delete for good' }).click();
  await expect(page.getByText('Tobias Quill: deleted for good.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Tobias Quill/ })).toBeHidden();
  const sets = async (): Promise<number> =>
    (await server.query<{ n: number }>('SELECT count(*)::int AS n FROM training_set'))[0]?.n ?? NaN;
  const left = await sets();

  await page.getByLabel('Read a person’s file in').setInputFiles(file);
  await expect(page.getByText(/^Tobias Quill: \d+ sessions with \d+ sets/)).toBeVisible();
  expect(await sets()).toBe(left);
  await page.getByRole('button', { name: 'Read Tobias Quill in' }).click();
  await expect(page.getByRole('heading', { name: 'Tobias Quill' })).toBeVisible();
  await expect(page.getByText('weighed 88 kg')).toBeVisible();
  expect(await sets()).toBeGreaterThan(left + 10);
  await page.getByLabel('Read a person’s file in').setInputFiles(file);
  await expect(page.getByRole('alert')).toContainText('on record here already');
});
