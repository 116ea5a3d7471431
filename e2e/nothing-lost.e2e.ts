import { AxeBuilder } from '@axe-core/playwright';
import { type BrowserContext, expect, type Page, test } from '@playwright/test';
import { DEMO_TRAINER } from './browser.js';
import { type OwnServer, openOwnServer } from './own-server.js';
import { signIn } from './sign-in.js';

// What was lost before there was an outbox of its own for every trainer, and must not be.
let server: OwnServer;
let context: BrowserContext;
let page: Page;

test.beforeEach(async ({ browser }) => {
  server = await openOwnServer();
  context = await browser.newContext({
    baseURL: server.address,
    viewport: { width: 1280, height: 800 },
  });
  page = await context.newPage();
  await signIn(page);
});
test.afterEach(async () => {
  await context.close();
  await server.close();
});

const COLLEAGUE = { email: 'lock@canalside.example', password: DEMO_TRAINER.password };

/** No set goes out. */
async function cut(): Promise<void> {
  await context.route('**/api/sessions/*/sets/**', (route) => route.abort());
}
async function mend(): Promise<void> {
  await context.unroute('**/api/sessions/*/sets/**');
}

/** Begins a session of Odile's work in force. */
async function begin(): Promise<string> {
  await page
    .getByLabel('People and their next work')
    .getByRole('listitem')
    .filter({ hasText: 'Odile Brandt' })
    .getByRole('button', { name: /session$/ })
    .click();
  await expect(page.getByText('Set 1 of 3')).toBeVisible();
  await expect(page.getByText('all saved')).toBeVisible();
  return page.url().split('/').at(-1) ?? '';
}

async function log(on: Page, set: number): Promise<void> {
  await on.getByRole('button', { name: `Log set ${set}` }).click();
  await expect(
    on.getByText(new RegExp(`Set ${set + 1} of 3|All 3 sets done`)).first(),
  ).toBeVisible();
}

const setsOf = async (sessionId: string): Promise<number> => {
  const [row] = await server.query<{ n: number }>(
    `SELECT count(DISTINCT set_id)::int AS n FROM training_set WHERE session_id = '${sessionId}'`,
  );
  return row?.n ?? 0;
};

test('two tabs write, one reloads and the other closes: all of it goes out', async () => {
  const sessionId = await begin();
  await cut();
  await log(page, 1);
  const second = await context.newPage();
  await second.goto(`/session/${sessionId}`);
  await expect(second.getByText('Set 2 of 3')).toBeVisible();
  await log(second, 2);
  await page.reload();
  await expect(page.getByText('Set 3 of 3')).toBeVisible();
  await second.close();
  await mend();
  await expect(page.getByText('all saved')).toBeVisible({ timeout: 30_000 });
  expect(await setsOf(sessionId)).toBe(2);
});

test('a colleague signs in on the device: what waits is not theirs, and waits for its trainer', async () => {
  await server.query(
    `INSERT INTO trainer (id, studio_id, email, name, password_hash)
     SELECT gen_random_uuid(), studio_id, '${COLLEAGUE.email}', 'A colleague', password_hash
       FROM trainer LIMIT 1`,
  );
  const sessionId = await begin();
  await cut();
  await log(page, 1);
  await log(page, 2);
  // In another tab of the same browser, so that the sign-in of this one is gone.
  const other = await context.newPage();
  await other.request.post('/api/sign-in', { data: COLLEAGUE });
  await mend();
  await other.goto('/today');
  await page.goto('/today');
  await expect(page.getByText('A colleague').first()).toBeVisible();
  await expect(page.getByRole('status')).toHaveText('all saved');
  expect(await setsOf(sessionId)).toBe(0);
  await page.getByRole('button', { name: 'Sign out' }).first().click();
  await expect(page).toHaveURL(/sign-in/);
  await signIn(page);
  await expect.poll(() => setsOf(sessionId), { timeout: 30_000 }).toBe(2);
});

test('a session is finished on another device while two sets wait: they are kept', async ({
  browser,
}) => {
  const sessionId = await begin();
  await log(page, 1);
  await cut();
  await log(page, 2);
  const elsewhere = await browser.newContext({ baseURL: server.address });
  await elsewhere.request.post('/api/sign-in', { data: DEMO_TRAINER });
  const finished = await elsewhere.request.post(`/api/sessions/${sessionId}/finish`, {
    data: { redFlag: false },
  });
  expect(finished.status()).toBe(200);
  await mend();
  await expect.poll(() => setsOf(sessionId), { timeout: 30_000 }).toBe(2);
  await elsewhere.close();
});

test('the server keeps a set and its answer is lost: it is there once, and the work goes on', async () => {
  const sessionId = await begin();
  let lost = 0;
  await page.route('**/api/sessions/*/sets/**', async (route) => {
    if (lost > 0) return route.fallback();
    lost += 1;
    await route.fetch();
    return route.abort();
  });
  await log(page, 1);
  await expect(page.getByText('all saved')).toBeVisible({ timeout: 30_000 });
  expect(lost).toBe(1);
  expect(await setsOf(sessionId)).toBe(1);
  await log(page, 2);
  await expect(page.getByText('all saved')).toBeVisible();
});

test('one write that the server never takes holds up no other, and stays to be read', async () => {
  const sessionId = await begin();
  await context.route('**/api/bands/**', (route) =>
    route.request().method() === 'PUT'
      ? route.fulfill({ status: 500, contentType: 'text/plain', body: 'broken' })
      : route.fallback(),
  );
  await page.goto('/bands');
  await page
    .getByRole('link', { name: /Towline/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByLabel('Name').fill('Towline, long');
  await page
    .getByRole('button', { name: /Keep|Save/ })
    .first()
    .click();
  await expect(page.getByRole('link', { name: /Towline, long/ })).toBeVisible();
  await page.goto(`/session/${sessionId}`);
  await log(page, 1);
  await expect.poll(() => setsOf(sessionId), { timeout: 30_000 }).toBe(1);
  await page.goto('/outbox');
  await expect(page.getByText('A change of a band · Towline, long')).toBeVisible();
  await page.reload();
  await expect(page.getByText('A change of a band · Towline, long')).toBeVisible();
});

test('a place that both changed: a person chooses between two versions', async () => {
  const places = await page.request.get('/api/changes?limit=1000');
  const { changes } = (await places.json()) as {
    changes: { kind: string; id: string; record: { name: string; version: number } }[];
  };
  const loft = changes.find(
    ({ kind, record }) => kind === 'place' && record.name === 'Boatyard loft',
  );
  if (loft === undefined) throw new Error('no loft in the demo');
  await page.route('**/api/places/**', (route) => route.abort());
  await page.goto('/places');
  await page.getByRole('button', { name: 'Boatyard loft' }).click();
  await page.getByLabel('Name of the place').fill('Sail loft');
  await page.getByRole('button', { name: 'Keep the place' }).click();
  await expect(page.getByRole('status').first()).toContainText('1 waiting');
  const { id: _id, ...record } = loft.record as { id?: string; name: string; version: number };
  const elsewhere = await page.request.put(`/api/places/${loft.id}`, {
    data: { ...record, name: 'Rope loft' },
  });
  expect(elsewhere.status()).toBe(200);
  await page.unroute('**/api/places/**');
  const look = page.getByRole('link', { name: '1 wants a look' });
  await expect(look).toBeVisible({ timeout: 30_000 });
  await look.click();
  await page.getByRole('link', { name: 'Compare the two versions' }).click();
  await expect(page.getByRole('row', { name: /name Sail loft Rope loft/ })).toBeVisible();
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
  await page.getByRole('button', { name: 'Keep what is chosen' }).click();
  await expect(page.getByRole('status').first()).toHaveText('all saved', { timeout: 30_000 });
  const [kept] = await server.query<{ name: string }>(
    `SELECT name FROM place WHERE id = '${loft.id}'`,
  );
  expect(kept?.name).toBe('Sail loft');
});

test('a server that was restored from before is told once more what it had confirmed', async () => {
  const sessionId = await begin();
  await log(page, 1);
  await log(page, 2);
  await expect(page.getByText('all saved')).toBeVisible();
  await server.stop();
  // As a database of before the two sets, brought back from a back-up.
  await server.query(`DELETE FROM training_set WHERE session_id = '${sessionId}'`);
  await server.query('DELETE FROM confirmed_write');
  await server.query('DELETE FROM feed_epoch');
  expect(await setsOf(sessionId)).toBe(0);
  await server.start();
  await page.reload();
  await expect.poll(() => setsOf(sessionId), { timeout: 30_000 }).toBe(2);
  await expect(page.getByText('Set 3 of 3')).toBeVisible();
});

test('who signs out while something waits is told what, and it waits for them', async () => {
  const sessionId = await begin();
  await cut();
  await log(page, 1);
  await page.getByRole('link', { name: 'Go on later' }).click();
  await page.getByRole('button', { name: 'Sign out' }).first().click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('listitem')).toHaveText([/^A set of \d+ · Odile Brandt$/]);
  await dialog.getByRole('button', { name: 'Stay signed in' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: 'Sign out' }).first().click();
  await dialog.getByRole('button', { name: 'Sign out' }).click();
  await expect(page).toHaveURL(/sign-in/);
  // Of the trainer's records nothing is left on the device.
  const left = await page.evaluate(async () =>
    (await indexedDB.databases()).map(({ name }) => name),
  );
  expect(left.filter((name) => name?.includes('replica'))).toEqual([]);
  await mend();
  await signIn(page);
  await expect.poll(() => setsOf(sessionId), { timeout: 30_000 }).toBe(1);
});

test('what a browser still keeps from the build before is sent as well', async () => {
  const sessionId = await begin();
  const setId = crypto.randomUUID();
  await page.evaluate(
    ([session, set]) => {
      const input = {
        ...{ performedAt: new Date().toISOString(), setupId: null, reps: 11, partial: 0 },
        ...{ hold_s: null, lowering_s: null, spare: 2, form: 'clean', pain: 0 },
      };
      const kept = [{ kind: 'set', id: set, sessionId: session, input }, { kind: 'unheard of' }];
      localStorage.setItem('otter.outbox', JSON.stringify(kept));
    },
    [sessionId, setId],
  );
  await page.reload();
  await expect(page.getByText('Set 2 of 3')).toBeVisible();
  await expect.poll(() => setsOf(sessionId), { timeout: 30_000 }).toBe(1);
  // What nobody can read any more is kept for a person to look at.
  const left = await page.evaluate(() => localStorage.getItem('otter.outbox.left'));
  expect(left).toContain('unheard of');
});
