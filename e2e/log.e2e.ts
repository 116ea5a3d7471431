import { expect } from '@playwright/test';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';

const PERSON = 'Tobias Quill';

test('sessions of more than half a year ago are asked for by page, and open', async ({
  page,
  server,
}) => {
  // All but the last two of the demo's sessions of this person were long ago.
  await server.stop();
  await server.query(`
    UPDATE training_session SET started_at = started_at - interval '400 days',
        finished_at = finished_at - interval '400 days',
        day = to_char(day::date - 400, 'YYYY-MM-DD')
      WHERE id IN (SELECT session.id FROM training_session session
        JOIN person ON person.id = session.person_id WHERE person.name = '${PERSON}'
        ORDER BY session.started_at DESC OFFSET 2);
    DELETE FROM feed_epoch`);
  await server.start();
  const [asked] = await server.query<{ count: string }>(
    `SELECT count(*) FROM training_session JOIN person ON person.id = person_id
      WHERE person.name = '${PERSON}' AND discarded_at IS NULL`,
  );
  const all = Number(asked?.count);
  expect(all).toBeGreaterThan(2);

  await signIn(page);
  await page.getByLabel('Person in focus').selectOption({ label: PERSON });
  await page.getByRole('link', { name: 'Log' }).first().click();
  const rows = page.locator('tbody tr');
  await expect(rows).toHaveCount(2);
  await page.getByRole('button', { name: 'Show older sessions' }).click();
  await expect(rows).toHaveCount(all);
  await expect(page.getByRole('button', { name: 'Show older sessions' })).toHaveCount(0);
  // What this device does not keep, the server tells.
  await rows.last().getByRole('link', { name: 'Why' }).click();
  await expect(page.getByTestId('decision')).toBeVisible();
});
