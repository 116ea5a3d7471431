import type { Account } from '@wiry-otter/contracts';
import { findExercise } from '@wiry-otter/catalogue';
import { once } from 'node:events';
import { v7 as uuidv7 } from 'uuid';
import { MIGRATIONS } from '../src/migrations/index.js';
import { openDatabase } from '../src/open-database.js';
import {
  buildTestApp,
  createEmptyDatabase,
  openTestStudio,
  type TestStudio,
} from './support/studio.js';

describe('servers that start at once', () => {
  it('bring an empty database up to date once, all of them', async () => {
    const empty = await createEmptyDatabase();
    const databases = await Promise.all([1, 2, 3, 4].map(() => openDatabase(empty.url)));
    const [database] = databases;
    const done = await database?.query<object[]>('SELECT FROM migrations');
    expect(done?.length).toBe(MIGRATIONS.length);
    await Promise.all(databases.map((one) => one.destroy()));
    await empty.drop();
  });
});

describe('a server process', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  it('says that it runs, and whether it can answer', async () => {
    const app = await buildTestApp(studio.database);
    const statusOf = async (url: string): Promise<number> => (await app.inject({ url })).statusCode;
    expect([await statusOf('/health'), await statusOf('/ready')]).toEqual([200, 200]);
    const gone = await createEmptyDatabase();
    const database = await openDatabase(gone.url);
    const other = await buildTestApp(database);
    await database.destroy();
    expect((await other.inject({ url: '/ready' })).statusCode).toBe(503);
    expect((await other.inject({ url: '/health' })).statusCode).toBe(200);
    await other.close();
    await gone.drop();
    await app.close();
  });

  it('answers what is under way before it stops, also over a connection that is kept', async () => {
    const app = await buildTestApp(studio.database);
    const address = await app.listen({ host: '127.0.0.1', port: 0 });
    const headers = {
      ...{ cookie: studio.mika.cookie, 'content-type': 'application/json' },
      ...{ origin: address },
    };
    // Begun, and not done before the stop begins: the solver takes its time.
    const begun = once(app.server, 'request');
    const writes = Array.from({ length: 12 }, () => {
      const document = { ...findExercise('standing-row'), id: `own-${uuidv7()}` };
      return fetch(`${address}/api/exercises/${document.id.slice(4)}`, {
        ...{ method: 'PUT', headers },
        body: JSON.stringify({ version: 0, document: { ...document, title: 'Windlass row' } }),
      });
    });
    await begun;
    const stopped = app.close();
    const settled = await Promise.allSettled(writes);
    await stopped;
    const statuses = settled.map((one) =>
      one.status === 'fulfilled' ? one.value.status : 'refused',
    );
    const kept = await studio.database.query<object[]>(
      `SELECT FROM own_exercise WHERE document ->> 'title' = 'Windlass row'`,
    );
    // What was answered is kept; what came too late was turned away, and nothing of it was kept.
    expect(statuses.filter((status) => status === 200).length).toBe(kept.length);
    expect(kept.length).toBeGreaterThan(0);
    expect(statuses.filter((status) => status !== 200 && status !== 'refused')).toEqual([]);
  });

  it('writes down which route was asked, and nothing of whom it was about', async () => {
    const lines: string[] = [];
    const app = await buildTestApp(studio.database, {
      logLevel: 'info',
      logTo: { write: (line) => lines.push(line) },
    });
    const { id } = (await studio.mika.get<Account>('/account')).body.trainer;
    const headers = { cookie: studio.mika.cookie };
    await app.inject({ url: `/api/sessions?personId=${id}`, headers });
    await app.inject({ url: `/api/records/person/${id}`, headers });
    await app.inject({
      ...{ method: 'POST', url: '/api/sign-in' },
      payload: { email: 'ilse@canalside.example', password: 'a mooring line' },
    });
    const placeId = uuidv7();
    // A failure on our side, with what the statement was about.
    await studio.database.query('ALTER TABLE place RENAME TO place_gone');
    await app.inject({
      ...{ method: 'PUT', url: `/api/places/${placeId}`, headers },
      payload: { version: 0, name: 'Sluice house of Wren', about: '', anchors: [] },
    });
    await app.close();
    const log = lines.join('');
    expect(log).toContain('/api/sessions');
    expect(log).toContain('/api/records/:kind/:id');
    expect(lines.some((line) => line.includes('"level":50'))).toBeTrue();
    for (const personal of [id, placeId, 'ilse', 'mooring', 'Wren', 'personId', '127.0.0.1']) {
      expect(log).withContext(personal).not.toContain(personal);
    }
  });

  it('takes a proxy’s word on addresses where it is told to, and nobody’s else', async () => {
    const guess = (app: TestStudio['app'], from: string) =>
      app.inject({
        ...{ method: 'POST', url: '/api/sign-in', remoteAddress: '127.0.0.1' },
        headers: {
          'x-forwarded-for': from,
          'x-forwarded-host': 'otter.example',
          origin: 'https://otter.example',
        },
        payload: { email: 'mika@canalside.example', password: 'wrong' },
      });
    const behind = await buildTestApp(studio.database, { trustProxy: ['loopback'] });
    const statuses = [];
    for (let i = 0; i < 7; i++) statuses.push((await guess(behind, `203.0.113.${i}`)).statusCode);
    expect(statuses).toEqual([401, 401, 401, 401, 401, 401, 401]);
    // Unasked for, the word is a stranger's: the page is of another site.
    expect((await guess(studio.app, '203.0.113.9')).statusCode).toBe(403);
    await behind.close();
  });
});
