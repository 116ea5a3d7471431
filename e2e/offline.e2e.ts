import { expect, type Page } from '@playwright/test';
import { appOnDevice } from './app-on-device.js';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';
import { goTheWholeWay } from './whole-way.js';

test.use({ serviceWorkers: 'allow' });

/** Signs in and waits until all of the app lies on the device: then the visit is over. */
async function visit(page: Page): Promise<void> {
  await signIn(page);
  await expect(page.getByLabel('People and their next work')).toBeVisible();
  await appOnDevice(page);
}

test('after one visit the app opens without a network, with every record', async ({
  page,
  server,
}) => {
  await visit(page);
  await server.stop();

  await page.reload();
  await expect(page.getByLabel('People and their next work')).toBeVisible();
  await expect(page.getByRole('link', { name: /Tobias Quill.*Heavier/ })).toBeVisible();
  await expect(page.getByRole('status')).toContainText('no connection');
  for (const [screen, words] of [
    ['/bands', 'Towline'],
    ['/log', 'Standing row'],
    ['/places', 'Boatyard loft'],
    ['/setups', 'Name of the set-up'],
  ] as const) {
    await page.goto(screen);
    await expect(page.getByText(words).first()).toBeVisible();
  }

  await server.start();
  await expect(page.getByRole('status')).toHaveText('all saved', { timeout: 30_000 });
});

test('a whole working day without a network: all of it is on the server once, afterwards', async ({
  context,
  page,
  server,
}) => {
  await visit(page);
  await server.stop();
  await goTheWholeWay(page);

  // The next session goes on in a second tab, and its decision is overruled.
  const second = await context.newPage();
  await second.goto(page.url());
  for (let set = 1; set <= 3; set++) {
    await second.getByRole('button', { name: `Log set ${set}` }).click();
  }
  await second.getByRole('button', { name: 'Finish: see what comes next' }).click();
  await expect(second.getByTestId('decision')).toBeVisible();
  const decision = await second.getByTestId('decision').innerText();
  await second.getByRole('button', { name: 'Overrule' }).click();
  await second.getByLabel('Why').fill('The same once more.');
  await second.getByRole('button', { name: 'Do this instead' }).click();
  await expect(second.getByTestId('outcome')).toContainText('Overruled by Mika Ferrow');
  const [before] = await server.query<{ n: number }>('SELECT count(*)::int AS n FROM band');

  await server.start();
  await second.goto('/today');
  await expect(second.getByRole('status')).toHaveText('all saved', { timeout: 60_000 });
  const [kept] = await server.query(`
    SELECT (SELECT count(*)::int FROM band) - ${before?.n} AS bands,
      (SELECT count(*)::int FROM setup_version WHERE title LIKE 'Plumb line at%') AS versions,
      (SELECT count(DISTINCT set_id)::int FROM training_set
        WHERE performed_at > now() - interval '1 hour') AS sets,
      (SELECT count(*)::int FROM decision WHERE outcome ->> 'note' = 'The same once more.')
        AS overruled`);
  // The set-up at 1.98 m was put away and taken back: versions 1, 2 and 3.
  expect(kept).toEqual({ bands: 1, versions: 4, sets: 6, overruled: 1 });
  await second.goto('/outbox');
  await expect(
    second.getByText('Everything that was written on this device is saved.'),
  ).toBeVisible();
  const [row] = await server.query<{ session_id: string; code: string }>(
    `SELECT session_id, decision ->> 'code' AS code FROM decision
      WHERE outcome ->> 'note' = 'The same once more.'`,
  );
  await second.goto(`/next/${row?.session_id}`);
  await expect(second.getByText(`The rules said: ${decision.toLowerCase()}.`)).toBeVisible();
});
