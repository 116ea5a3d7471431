import { type APIRequestContext, expect, type Page } from '@playwright/test';
import type { Changes, PersonRecord, SessionRecord, SetupRecord } from '@wiry-otter/contracts';
import { personFields } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import { appOnDevice } from './app-on-device.js';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';
import { begin, expectAccessible, workOf } from './today-page.js';

test.use({ serviceWorkers: 'allow' });

const DAY_MS = 86_400_000;

/** Logs the sets of the session at hand, each of so many repetitions, and ends it. */
async function doSets(page: Page, reps: readonly number[]): Promise<void> {
  for (const [i, wanted] of reps.entries()) {
    await expect(page.getByText(`Set ${i + 1} of ${reps.length}`)).toBeVisible();
    const shown = page.getByTestId('reps');
    for (let count = Number(await shown.innerText()); count !== wanted;) {
      const more = count < wanted;
      const words = more ? 'One repetition more' : 'One repetition less';
      await page.getByRole('button', { name: words }).click();
      count += more ? 1 : -1;
      await expect(shown).toHaveText(String(count));
    }
    await page.getByRole('button', { name: `Log set ${i + 1}` }).click();
  }
  await page.getByRole('button', { name: 'Finish: see what comes next' }).click();
}

async function everything(api: APIRequestContext): Promise<Changes> {
  const found: Changes['changes'] = [];
  for (let after = ''; ;) {
    const page = (await (await api.get(`/api/changes${after}`)).json()) as Changes;
    found.push(...page.changes);
    if (!page.more && !page.held) return { ...page, changes: found };
    after = `?after=${page.cursor}`;
  }
}

async function put<Answer>(api: APIRequestContext, path: string, data: object): Promise<Answer> {
  const answer = await api.put(`/api${path}`, { data });
  expect([answer.status(), path]).toEqual([200, path]);
  return (await answer.json()) as Answer;
}

/** Somebody new, trained like Odile: her two lightest set-ups are theirs. */
async function newPerson(
  api: APIRequestContext,
  name: string,
): Promise<[SetupRecord, SetupRecord]> {
  const { changes } = await everything(api);
  const records = <Of>(kind: string): Of[] =>
    changes.filter((one) => one.kind === kind && one.record).map(({ record }) => record as Of);
  const odile = records<PersonRecord>('person').find((one) => one.name === 'Odile Brandt');
  if (odile === undefined) throw new Error('not in the demo');
  const personId = uuidv7();
  const about = 'Rope-maker after a shoulder operation';
  await put(api, `/people/${personId}`, { ...personFields(odile), version: 0, name, about });
  const [one, other] = records<SetupRecord>('setup')
    .filter((setup) => setup.personId === odile.id && setup.ready && !setup.removed)
    .toSorted((a, b) => a.figures.mean - b.figures.mean);
  if (one === undefined || other === undefined) throw new Error('no two set-ups of hers');
  return [await copied(api, one, personId), await copied(api, other, personId)];
}

async function copied(
  api: APIRequestContext,
  { anchorId, cautions, document, placeId, routeId, title }: SetupRecord,
  personId: string,
): Promise<SetupRecord> {
  const acknowledged = cautions.filter(({ level }) => level === 'warn').map(({ rule }) => rule);
  return put(api, `/setups/${uuidv7()}`, {
    ...{ version: 0, personId, placeId, anchorId, title, routeId, document, acknowledged },
  });
}

/** A session of one set, done some days ago; its id. */
async function trainedBefore(
  api: APIRequestContext,
  setup: SetupRecord,
  {
    daysAgo,
    knownTo,
    pain,
    prescriptionId,
  }: { prescriptionId: string; daysAgo: number; pain: number; knownTo?: string },
): Promise<string> {
  const id = uuidv7();
  const at = (minutes: number): string =>
    new Date(Date.now() - daysAgo * DAY_MS + minutes * 60_000).toISOString();
  const known = knownTo === undefined ? {} : { knownTo };
  await put(api, `/sessions/${id}`, { prescriptionId, startedAt: at(0), ...known });
  const counts = { reps: 15, partial: 0, hold_s: null, lowering_s: null };
  await put(api, `/sessions/${id}/sets/${uuidv7()}`, {
    ...{ performedAt: at(5), setupId: setup.id, ...counts, spare: 2, form: 'clean', pain },
  });
  const ended = await api.post(`/api/sessions/${id}/finish`, { data: {} });
  expect(ended.status()).toBe(200);
  const { decision } = (await ended.json()) as SessionRecord;
  await api.post(`/api/decisions/${decision?.id}/overrule`, {
    data: { setupIds: [setup.id], target: [10], note: 'As before.' },
  });
  return id;
}

test('after 20 days what is begun with is asked, and the lighter work is what counts', async ({
  page,
}) => {
  await signIn(page);
  const api = page.request;
  const [lighter, usual] = await newPerson(api, 'Pell Staithe');
  const prescriptionId = uuidv7();
  await put(api, `/prescriptions/${prescriptionId}`, {
    ...{ personId: usual.personId, setupIds: [usual.id], school: 'rehab', sets: 1 },
    ...{ work: { kind: 'reps', from: 10, to: 15 }, rest_s: 60, target: [10] },
  });
  await trainedBefore(api, usual, { prescriptionId, daysAgo: 20, pain: 0 });
  await page.goto('/today');
  await expect(workOf(page, 'Pell')).toContainText(usual.title);
  await workOf(page, 'Pell').getByRole('button', { name: 'Start session' }).click();
  const asked = page.getByRole('dialog');
  await expect(asked).toContainText('After a break of 20 days');
  await expect(asked).toContainText('one rung lighter');
  await expect(asked.locator('.figure').first()).toHaveText(/^\d+ → \d+ N$/);
  await expectAccessible(page);
  await asked.getByRole('button', { name: 'Not now' }).click();
  await expect(page).toHaveURL(/today/);
  await workOf(page, 'Pell').getByRole('button', { name: 'Start session' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Begin lighter' }).click();
  await expect(page.getByText('Set 1 of 1')).toBeVisible();
  await page.goto('/today');
  await expect(page.getByRole('status')).toHaveText('all saved', { timeout: 60_000 });
  await expect(workOf(page, 'Pell')).toContainText(lighter.title);
  await expect(
    workOf(page, 'Pell').getByRole('button', { name: 'Go on with session' }),
  ).toBeVisible();
});

test('pain of the morning after, told on another device, decides anew what was accepted', async ({
  browser,
  page,
  server,
}) => {
  await signIn(page);
  await begin(page, 'Tobias');
  await doSets(page, [15, 15, 15]);
  await expect(page.getByTestId('decision')).toHaveText('More');
  await page.getByRole('button', { name: 'Accept' }).click();
  await expect(page.getByTestId('outcome')).toContainText('Accepted');
  await expect(page.getByRole('status')).toHaveText('all saved');

  const tablet = await (await browser.newContext({ baseURL: server.address })).newPage();
  await tablet.clock.setFixedTime(Date.now() + DAY_MS);
  await signIn(tablet);
  const row = workOf(tablet, 'Tobias');
  await row.getByRole('button', { name: /How was the morning after/ }).click();
  await expectAccessible(tablet);
  await row
    .getByRole('group', { name: /^Pain the morning after/ })
    .getByRole('button', { name: '4', exact: true })
    .click();
  await expect(row.getByRole('button', { name: 'Lighter first' })).toBeVisible();
  await page.goto('/today');
  await expect(workOf(page, 'Tobias').getByRole('button', { name: 'Lighter first' })).toBeVisible({
    timeout: 60_000,
  });

  await test.step('told as 7 it stops the work, on every device, and at the server', async () => {
    await row.getByRole('button', { name: /pain 4$/ }).click();
    await row
      .getByRole('group', { name: /^Pain the morning after/ })
      .getByRole('button', { name: '7', exact: true })
      .click();
    await expect(tablet.getByRole('region', { name: 'Stopped' })).toContainText('Tobias');
    await expect(tablet.getByRole('status')).toHaveText('all saved', { timeout: 60_000 });
    await expect(page.getByRole('region', { name: 'Stopped' })).toContainText('Tobias', {
      timeout: 60_000,
    });
    const { changes } = await everything(page.request);
    const [session] = changes
      .filter(({ kind }) => kind === 'session')
      .map(({ record }) => record as SessionRecord)
      .filter(({ painNextMorning }) => painNextMorning === 7);
    const prescriptionId = session?.prescription.id;
    const refused = await page.request.put(`/api/sessions/${uuidv7()}`, {
      data: { prescriptionId, startedAt: new Date().toISOString() },
    });
    expect([refused.status(), ((await refused.json()) as { code: string }).code]).toEqual([
      409,
      'stopped',
    ]);
  });

  await test.step('a clearance made after it lets the work go on, lighter first', async () => {
    await page
      .getByRole('region', { name: 'Stopped' })
      .getByRole('link', { name: 'Enter a clearance' })
      .click();
    await page.getByRole('button', { name: 'Change Tobias Quill' }).click();
    await page.getByRole('button', { name: 'Write a clearance down' }).click();
    await page.getByLabel('Clinician', { exact: true }).fill('Wim Sallow');
    await page.getByRole('button', { name: 'Keep Tobias Quill' }).click();
    await expect(page.getByRole('status')).toHaveText('all saved', { timeout: 60_000 });
    await page.goto('/today');
    await expect(page.getByRole('region', { name: 'Stopped' })).toHaveCount(0);
    await expect(
      workOf(page, 'Tobias').getByRole('button', { name: 'Lighter first' }),
    ).toBeVisible();
  });
  await tablet.context().close();
});

test('a stop on the phone is not overtaken by a newer session that the tablet did', async ({
  browser,
  page,
  server,
}) => {
  const tablet = await (await browser.newContext({ baseURL: server.address })).newPage();
  await signIn(tablet);
  await appOnDevice(tablet);
  await signIn(page);
  await appOnDevice(page);
  await expect(workOf(tablet, 'Odile').getByRole('button').first()).toBeEnabled();
  await expect(workOf(page, 'Odile').getByRole('button').first()).toBeEnabled();
  await page.context().setOffline(true);
  await tablet.context().setOffline(true);
  await begin(page, 'Odile');
  await page
    .getByRole('group', { name: 'Pain, 0 to 10' })
    .getByRole('button', { name: '8' })
    .click();
  await page.getByRole('button', { name: 'Log set 1' }).click();
  await page.getByRole('button', { name: /Finish early/ }).click();
  await expect(page.getByTestId('decision')).toHaveText('Stop');

  await begin(tablet, 'Odile');
  await doSets(tablet, [15, 15, 15]);
  await expect(tablet.getByTestId('decision')).toHaveText('Heavier');

  await page.context().setOffline(false);
  await page.goto('/today');
  await expect(page.getByRole('status')).toHaveText('all saved', { timeout: 60_000 });
  await tablet.context().setOffline(false);
  await tablet.goto('/today');
  await expect(tablet.getByRole('status')).toHaveText('all saved', { timeout: 60_000 });
  for (const device of [tablet, page]) {
    await expect(device.getByRole('region', { name: 'Stopped' })).toContainText('Odile', {
      timeout: 60_000,
    });
    await expect(workOf(device, 'Odile').getByRole('button', { name: /session$/ })).toHaveCount(0);
    const wanting = device.getByLabel('Wants a decision').getByRole('link');
    await expect(wanting.filter({ hasText: 'Odile' }).filter({ hasText: 'Heavier' })).toHaveCount(
      0,
      { timeout: 60_000 },
    );
  }
  const { changes } = await everything(page.request);
  const against = changes
    .filter(({ kind }) => kind === 'session')
    .filter(({ record }) => (record as SessionRecord).againstStop);
  expect(against.length).toBe(1);
  await tablet.context().close();
});

test('a stop seven sessions ago still stops: what was done since overtakes nothing', async ({
  page,
}) => {
  await signIn(page);
  const api = page.request;
  const [setup] = await newPerson(api, 'Jory Lantern');
  const { cursor } = await everything(api);
  const prescriptionId = uuidv7();
  await put(api, `/prescriptions/${prescriptionId}`, {
    ...{ personId: setup.personId, setupIds: [setup.id], school: 'fill-range', sets: 1 },
    ...{ work: { kind: 'reps', from: 8, to: 15 }, rest_s: 90, target: [8] },
  });
  // As devices that have not met the server since before the stop.
  const known = { prescriptionId, knownTo: cursor };
  await trainedBefore(api, setup, { ...known, daysAgo: 16, pain: 7 });
  let last = '';
  for (let daysAgo = 14; daysAgo > 0; daysAgo -= 2) {
    last = await trainedBefore(api, setup, { ...known, daysAgo, pain: 0 });
  }
  await page.goto('/today');
  await expect(page.getByRole('region', { name: 'Stopped' })).toContainText('Jory');
  await expect(workOf(page, 'Jory').getByRole('button', { name: /session$/ })).toHaveCount(0);
  await page.goto(`/next/${last}`);
  await expect(page.getByText('The rules said: stop')).toBeVisible();
});

test('the first three weeks of a person in rehab go by the rules of rehab', async ({
  browser,
  page,
  server,
}) => {
  await signIn(page);
  await newPerson(page.request, 'Wren Sluice');
  const phone = await (await browser.newContext({ baseURL: server.address })).newPage();
  const started = Date.now();
  const on = (day: number): Promise<void> =>
    phone.clock.setFixedTime(started - (21 - day) * DAY_MS);
  await on(0);
  await signIn(phone);
  await phone.getByLabel('Person in focus').selectOption({ label: 'Wren Sluice' });

  /** One session, and what comes of it. */
  const train = async (day: number, reps: number, expected: string): Promise<void> => {
    await on(day);
    await phone.goto('/today');
    await workOf(phone, 'Wren')
      .getByRole('button', { name: /session$/ })
      .first()
      .click();
    await expect(phone.getByText('range 10–15 reps')).toBeVisible();
    await doSets(phone, [reps, reps, reps]);
    await expect(phone.getByTestId('decision')).toHaveText(expected);
    await phone.getByRole('button', { name: 'Accept' }).click();
    await expect(phone.getByTestId('outcome')).toContainText('Accepted');
  };
  await train(0, 12, 'More');
  await train(2, 13, 'More');
  await train(4, 14, 'More');
  await train(7, 15, 'Repeat');
  await train(9, 15, 'Heavier');
  await train(11, 10, 'More');
  await train(14, 12, 'More');
  await test.step('a sore session makes it lighter, and nothing begins before that is settled', async () => {
    await on(16);
    await phone.goto('/today');
    await workOf(phone, 'Wren')
      .getByRole('button', { name: /session$/ })
      .first()
      .click();
    await phone
      .getByRole('group', { name: 'Pain, 0 to 10' })
      .getByRole('button', { name: '4' })
      .click();
    await phone.getByRole('button', { name: 'Log set 1' }).click();
    await phone.getByRole('button', { name: /Finish early/ }).click();
    await expect(phone.getByTestId('decision')).toHaveText('Lighter');
    await phone.goto('/today');
    await workOf(phone, 'Wren').getByRole('button', { name: 'Lighter first' }).click();
    await phone.getByRole('button', { name: 'Accept' }).click();
  });
  await train(18, 11, 'More');
  await phone.context().close();
});
