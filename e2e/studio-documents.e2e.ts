import { expect, type Page } from '@playwright/test';
import { openOwnServer, type OwnServer } from './own-server.js';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';

/** Everybody's log, and the whole wear of the bands. */
async function countsOf(server: OwnServer): Promise<unknown> {
  return server.query(`
    SELECT (SELECT count(*) FROM person) AS people, (SELECT count(*) FROM band) AS bands,
      (SELECT count(*) FROM place) AS places, (SELECT count(*) FROM own_exercise) AS exercises,
      (SELECT count(*) FROM training_session) AS sessions,
      (SELECT count(*) FROM training_set) AS sets, (SELECT count(*) FROM decision) AS decisions`);
}

/** Makes the studio of an empty server; the page is its owner's from then on. */
async function makeStudio(page: Page, server: OwnServer): Promise<void> {
  const [kept] = await server.query<{ code: string }>('SELECT code FROM first_start');
  const made = await page.request.post('/api/first-start', {
    data: {
      code: kept?.code,
      studio: {
        ...{ name: 'Lock Five Strength', zone: 'Europe/Amsterdam', weekStart: 'monday' },
        ...{ forceUnit: 'kgf', lengthUnit: 'cm', massUnit: 'kg' },
      },
      owner: { name: 'Ines Weir', email: 'ines@lockfive.example', password: 'a mooring line' },
    },
  });
  expect(made.status()).toBe(200);
}

test('a whole studio leaves as documents and is read in by another', async ({
  browser,
  page,
  server,
}) => {
  await signIn(page);
  await page.goto('/studio/documents');
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The whole studio as documents' }).click();
  const archive = await (await coming).path();

  const other = await openOwnServer(undefined, { demo: false });
  const context = await browser.newContext({ baseURL: other.address });
  const there = await context.newPage();
  try {
    await makeStudio(there, other);
    await there.goto('/studio/documents');
    const field = there.getByLabel('A whole studio');
    await field.setInputFiles({
      name: 'studio.zip',
      mimeType: 'application/zip',
      buffer: Buffer.from('no archive'),
    });
    await expect(there.getByRole('alert')).toHaveText(/found no ZIP archive/);
    await field.setInputFiles(archive);
    await expect(there.getByText(/^Towpath Training: 12 bands, 4 people, 3 places/)).toBeVisible();
    await expect(there.getByLabel('its rules and units too')).toBeChecked();
    await there.getByRole('button', { name: 'Read it in' }).click();
    await expect(there.getByText(/^● Read in: 12 bands, .*Ylva Marsh/)).toBeVisible();
    await expect(there.getByRole('list', { name: 'Not read in' })).toBeHidden();
    await expect(there.getByText('all saved')).toBeVisible();
    expect(await countsOf(other)).toEqual(await countsOf(server));
    await expect
      .poll(() => other.query('SELECT force_unit FROM studio'))
      .toEqual([{ force_unit: 'N' }]);

    // What is here already stays as it is.
    await field.setInputFiles(archive);
    await expect(there.getByText('All of it is here already, and stays as it is.')).toBeVisible();
    await expect(there.getByRole('button', { name: 'Read it in' })).toBeHidden();
    await there.getByLabel('its rules and units too').check();
    await there.getByRole('button', { name: 'Read it in' }).click();
    await expect(there.getByText(/^Rules and units are those of the archive/)).toBeVisible();
    expect(await countsOf(other)).toEqual(await countsOf(server));

    await there.getByRole('navigation').first().getByRole('link', { name: 'Today' }).click();
    await expect(there.getByRole('listitem').filter({ hasText: 'Odile Brandt' })).toBeVisible();
  } finally {
    await context.close();
    await other.close();
  }
});
