import { type BrowserContext, expect, type Page, test } from '@playwright/test';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_TRAINER } from './browser.js';
import { bundledDevice } from './bundle-device.js';
import { type OwnServer, openOwnServer } from './own-server.js';

interface Written {
  readonly sets: readonly string[];
  readonly events: readonly string[];
  readonly readings: readonly string[];
}

/** As apps/web/src/testing/device.ts has it. */
declare const device: {
  play(seed: number, count: number): Promise<Written>;
  outbox(): { readonly waiting: number; readonly refused: readonly string[] };
  pull(): void;
  replica(): Promise<Readonly<Record<string, unknown>>>;
};
declare function openDevice(trainer: { id: string; name: string }): Promise<object>;

interface Clusters {
  startCluster: (folder: string) => Promise<{ readonly url: string }>;
  crashCluster: (folder: string) => void;
  removeCluster: (folder: string) => void;
}
const CLUSTERS: string = new URL('../scripts/machine/postgres.mjs', import.meta.url).href;
const clusters: unknown = await import(CLUSTERS);
const { crashCluster, removeCluster, startCluster } = clusters as Clusters;

/** `npm run bench` plays 10 000. */
const COUNT = Number(process.env['OTTER_HISTORY'] ?? 500);
const SEED = Number(process.env['OTTER_SEED'] ?? 2026);
const DEVICES = 4;
/** So much is written on each device between two faults. */
const BATCH = 25;

/** What waits at the end is on its way so long at most, ms. */
const LAST_SENT_MS = 120_000 + 150 * COUNT;
// A record of every request of thousands would cost more than the requests.
test.use({ trace: 'off' });
test.setTimeout(120_000 + 1000 * COUNT);

let folder: string;
let server: OwnServer;
test.beforeAll(async () => {
  // A cluster that may be crashed, and that keeps what it has confirmed.
  folder = mkdtempSync(join(tmpdir(), 'wiry-otter-histories-'));
  // The user postgres has to pass through it.
  chmodSync(folder, 0o755);
  server = await openOwnServer((await startCluster(join(folder, 'postgres'))).url);
});
test.afterAll(async () => {
  await server.close();
  removeCluster(join(folder, 'postgres'));
  rmSync(folder, { recursive: true, force: true });
});

/** Numbers below `below`, the same in every run. */
let state = SEED;
const pick = (below: number): number => {
  state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
  return Math.floor((below * state) / 2_147_483_648);
};

test('devices write through cut connections, killed servers and a crashed database: nothing is lost, doubled or skipped', async ({
  browser,
}) => {
  const script = await bundledDevice();
  const trainers = await twoTrainers();
  const devices: { context: BrowserContext; page: Page; trainer: string }[] = [];
  for (let n = 0; n < DEVICES; n++) {
    const [own, colleague] = trainers;
    const trainer = n === 0 ? colleague : own;
    if (trainer === undefined) throw new Error('no trainer');
    const context = await browser.newContext({ baseURL: server.address });
    const page = await context.newPage();
    page.on('pageerror', (error) => console.log(`device ${n}: ${error.stack}`));
    const { email, password } = trainer;
    await page.request.post('/api/sign-in', { data: { email, password } });
    await page.route('**/device', (route) =>
      route.fulfill({ contentType: 'text/html', body: '<!doctype html><title>A device</title>' }),
    );
    devices.push({ context, page, trainer: trainer.id });
    await begin(page, script, trainer);
  }
  const written = {
    sets: new Set<string>(),
    events: new Set<string>(),
    readings: new Set<string>(),
  };
  for (let done = 0; done < COUNT; done += BATCH * DEVICES) {
    const played = devices.map(({ page }, n) => play(page, SEED + done + n));
    const mend = await harm(devices);
    for (const { events, readings, sets } of await Promise.all(played)) {
      sets.forEach((id) => written.sets.add(id));
      events.forEach((id) => written.events.add(id));
      readings.forEach((id) => written.readings.add(id));
    }
    await mend();
    // Now and then somebody closes the tab and opens it again.
    const again = devices[pick(DEVICES)];
    const trainer = trainers.find(({ id }) => id === again?.trainer);
    if (again !== undefined && trainer !== undefined && pick(2) === 0) {
      await begin(again.page, script, trainer);
    }
  }
  const refused: string[] = [];
  for (const { page } of devices) {
    await expect
      .poll(() => page.evaluate(() => device.outbox().waiting), { timeout: LAST_SENT_MS })
      .toBe(0);
    refused.push(...(await page.evaluate(() => device.outbox().refused)));
  }
  // Only where two changed the same field of a place or a band is a person asked.
  expect(refused.filter((one) => !/^put(Place|Band): version-conflict/.test(one))).toEqual([]);

  expect(await idsOf('training_set WHERE sequence = 0', 'set_id')).toEqual(sorted(written.sets));
  const isNew = (ids: ReadonlySet<string>) => (id: string) => ids.has(id);
  const events = await idsOf('band_event', 'id');
  expect(events.filter(isNew(written.events))).toEqual(sorted(written.events));
  const readings = await idsOf('band_reading', 'id');
  expect(readings.filter(isNew(written.readings))).toEqual(sorted(written.readings));

  for (const { context, page } of devices) {
    const feed = await everything(context);
    await page.evaluate(() => device.pull());
    await expect
      .poll(async () => differences(await page.evaluate(() => device.replica()), feed), {
        timeout: 60_000,
      })
      .toEqual([]);
    await context.close();
  }
});

async function twoTrainers(): Promise<
  readonly { id: string; name: string; email: string; password: string }[]
> {
  await server.query(`
    WITH colleague AS (
      INSERT INTO trainer (id, studio_id, email, name, password_hash)
        SELECT gen_random_uuid(), studio_id, 'lock@canalside.example', 'A colleague', password_hash
          FROM trainer WHERE email = '${DEMO_TRAINER.email}' RETURNING id, studio_id)
    INSERT INTO person_trainer (person_id, trainer_id, studio_id)
      SELECT person.id, colleague.id, colleague.studio_id FROM person, colleague`);
  const rows = await server.query<{ id: string; name: string; email: string }>(
    'SELECT trainer.id, trainer.name, trainer.email FROM trainer JOIN person_trainer ON trainer_id = id GROUP BY 1, 2, 3 ORDER BY name DESC',
  );
  return rows.map((row) => ({ ...row, password: DEMO_TRAINER.password }));
}

/** Opens the device, as a tab that is opened or opened again. */
async function begin(
  page: Page,
  script: string,
  { id, name }: { id: string; name: string },
): Promise<void> {
  await page.goto('/device');
  await page.addScriptTag({ content: script });
  await page.evaluate(
    async (trainer) => Object.assign(window, { device: await openDevice(trainer) }),
    { id, name },
  );
  await expect
    .poll(() => page.evaluate(async () => Object.keys(await device.replica()).length))
    .toBeGreaterThan(20);
}

const play = (page: Page, seed: number): Promise<Written> =>
  page.evaluate(([of = 0, count = 0]) => device.play(of, count), [seed, BATCH]);

/** One thing that goes wrong meanwhile, and what ends it. */
async function harm(
  devices: readonly { context: BrowserContext; page: Page }[],
): Promise<() => Promise<void>> {
  const { context } = devices[pick(devices.length)] ?? {};
  switch (pick(5)) {
    case 0:
      await context?.setOffline(true);
      return async () => context?.setOffline(false);
    case 1:
      await server.stop();
      return () => server.start();
    case 2:
      crashCluster(join(folder, 'postgres'));
      return () => Promise.resolve();
    case 3: {
      // The server does what it was asked, and nobody hears of it.
      await context?.route('**/api/**', async (route) => {
        if (route.request().method() === 'GET' || pick(3) > 0) return route.fallback();
        await route.fetch().catch(() => undefined);
        // The harm may be over by now.
        return route.abort().catch(() => undefined);
      });
      return async () => context?.unroute('**/api/**');
    }
    default:
      return () => Promise.resolve();
  }
}

const sorted = (ids: ReadonlySet<string>): string[] => [...ids].sort();

async function idsOf(table: string, column: string): Promise<string[]> {
  const recent = table.includes('training_set')
    ? "AND performed_at > now() - interval '1 day'"
    : '';
  const rows = await server.query<{ id: string }>(`SELECT ${column} AS id FROM ${table} ${recent}`);
  return rows.map(({ id }) => id).sort();
}

/** What a device that comes for the first time is told. */
async function everything(context: BrowserContext): Promise<Record<string, unknown>> {
  const all: Record<string, unknown> = {};
  for (let after = ''; ;) {
    const answer = await context.request.get(`/api/changes?limit=1000${after}`);
    const page = (await answer.json()) as {
      changes: { kind: string; id: string; record: unknown }[];
      cursor: string;
      more: boolean;
    };
    for (const { id, kind, record } of page.changes) all[`${kind} ${id}`] = record;
    if (!page.more) return all;
    after = `&after=${page.cursor}`;
  }
}

/** Keys under which two say different things. */
function differences(
  one: Readonly<Record<string, unknown>>,
  other: Readonly<Record<string, unknown>>,
): string[] {
  const keys = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...keys].filter((key) => canonical(one[key]) !== canonical(other[key]));
}

function canonical(value: unknown): string {
  return JSON.stringify(value, (_key, one: unknown) =>
    typeof one === 'object' && one !== null && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => a.localeCompare(b)))
      : one,
  );
}
