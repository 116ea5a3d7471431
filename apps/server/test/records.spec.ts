import { gunzipSync } from 'node:zlib';
import type {
  Account,
  BandRecord,
  Changes,
  ProblemDocument,
  SessionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { PAGE, RECORD_KINDS, RECORDS } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { RECOUNTS } from '../src/areas/areas.js';
import { BandEntity } from '../src/areas/bands/entities.js';
import { setPersonGiven } from '../src/areas/people/giving.js';
import { forgetConfirmed } from '../src/platform/records/forget-confirmed.js';
import { rebuildRecords } from '../src/platform/records/rebuild-records.js';
import { demoSetup, doneSet, inputOf, newBandInput, startedSession } from './support/inputs.js';
import { allRecords, recordsOf } from './support/records.js';
import {
  addTrainer,
  type Client,
  KEEPER,
  openTestStudio,
  scopedFor,
  signIn,
  type TestStudio,
} from './support/studio.js';

/** Warnings of a row from further away than it was planned. */
const SEEN_TO = ['stretch-high', 'let-go', 'face-line', 'door-side', 'inspection-due'];

describe('the records that devices keep', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const pull = async (client: Client, cursor: string): Promise<Changes> =>
    (await client.get<Changes>(`/changes?after=${cursor}`)).body;

  /** Where a device stands that has everything. */
  async function standing(client: Client): Promise<string> {
    let page = (await client.get<Changes>('/changes')).body;
    while (page.more) page = await pull(client, page.cursor);
    return page.cursor;
  }

  it('fit their schemas, and are of nearly every kind in the demo', async () => {
    const all = await allRecords(studio.mika);
    for (const { kind, record } of all) {
      expect(RECORDS[kind].safeParse(record).error).withContext(kind).toBeUndefined();
    }
    const found = new Set(all.map(({ kind }) => kind));
    const none = RECORD_KINDS.filter((kind) => !found.has(kind));
    // Nothing there stretches a band beyond ×2, is an own exercise, a ladder, a test or a stop.
    expect(none).toEqual(['exercise', 'bandWear', 'ladder', 'skillTest', 'stop']);
  });

  it('travel compressed, in the way that costs a server least', async () => {
    const { app, mika } = studio;
    const { headers, rawPayload } = await app.inject({
      url: '/api/changes?limit=50',
      headers: { cookie: mika.cookie, 'accept-encoding': 'gzip, deflate, br, zstd' },
    });
    expect(headers['content-encoding']).toBe('gzip');
    const told = JSON.parse(gunzipSync(rawPayload).toString()) as Changes;
    expect(told).toEqual((await mika.get<Changes>('/changes?limit=50')).body);
  });

  it('are the same as those built anew from the tables', async () => {
    const { database, mika } = studio;
    const setup = await demoSetup(mika, 'Tobias Quill');
    const { document, ...rest } = inputOf(setup, 0);
    const points = { [Object.keys(document.points)[0] ?? '']: [2.5, 1.25, 0] as const };
    const far = { ...rest, document: { ...document, points }, acknowledged: SEEN_TO };
    const saved = await mika.put<SetupRecord>(`/setups/${uuidv7()}`, far);
    const session = await startedSession(mika, saved.body);
    const path = `/sessions/${session.id}/sets/${uuidv7()}`;
    await mika.put(path, doneSet(12));
    await mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(9));
    await mika.put(`${path}/set-aside`, { setAside: true });
    await mika.post(`/sessions/${session.id}/finish`, { redFlag: false });
    await mika.put(`/bands/${uuidv7()}`, newBandInput());
    const rows = (): Promise<unknown[]> =>
      database.query(
        `SELECT studio_id, kind, id, version, person_id, trainer_id, day, body::jsonb FROM record
          WHERE body IS NOT NULL ORDER BY studio_id, kind, id`,
      );
    // How often a counter was written is not in the tables once it is counted anew.
    const worn = 'SELECT id, total, since_inspection FROM band_wear ORDER BY id';
    const [before, wornBefore] = [await rows(), await database.query<unknown[]>(worn)];
    expect(wornBefore.length).toBeGreaterThan(0);
    await rebuildRecords(database, KEEPER, RECOUNTS);
    const ofTables = (all: unknown[]) =>
      (all as { kind: string }[]).filter(({ kind }) => kind !== 'bandWear');
    expect(ofTables(await rows())).toEqual(ofTables(before));
    expect(await database.query<unknown[]>(worn)).toEqual(wornBefore);
  });

  it('come in pages that end and go on within one transaction', async () => {
    const small: string[] = [];
    for (let cursor = ''; ;) {
      const page = (await studio.mika.get<Changes>(`/changes?limit=7${cursor}`)).body;
      small.push(...page.changes.map(({ id, kind }) => `${kind} ${id}`));
      if (!page.more) break;
      cursor = `&after=${page.cursor}`;
    }
    const whole = (await allRecords(studio.mika)).map(({ id, kind }) => `${kind} ${id}`);
    expect(small).toEqual(whole);
    expect(new Set(small).size).toBe(small.length);
  });

  it('tell after a cursor what has changed since, and nothing else', async () => {
    const { mika } = studio;
    const cursor = await standing(mika);
    expect((await pull(mika, cursor)).changes).toEqual([]);
    const id = uuidv7();
    await mika.put(`/bands/${id}`, newBandInput());
    const { changes, cursor: next } = await pull(mika, cursor);
    expect(changes.map((change) => [change.kind, change.id, change.version])).toEqual([
      ['band', id, 1],
    ]);
    expect((await pull(mika, next)).changes).toEqual([]);
  });

  it('are handed out by the order of transactions, however late an older one commits', async () => {
    const { database, mika } = studio;
    const cursor = await standing(mika);
    const [{ studioId }] = await database.query<[{ studioId: string }]>(
      `SELECT id AS "studioId" FROM studio WHERE name <> 'Elsewhere'`,
    );
    const scoped = scopedFor(database, { studioId, trainerId: uuidv7() });
    let commit = (): void => undefined;
    const held = new Promise<void>((resolve) => (commit = resolve));
    let written = (): void => undefined;
    const wrote = new Promise<void>((resolve) => (written = resolve));
    const slow = scoped.transaction(async (inside) => {
      const [place] = await recordsOf(mika, 'place');
      await inside.query(
        'test-place',
        'UPDATE place SET version = version + 1 WHERE studio_id = $1',
      );
      inside.touch('place', place?.id ?? '');
      await inside.writeTouched();
      written();
      await held;
    });
    await wrote;
    const id = uuidv7();
    await mika.put(`/bands/${id}`, newBandInput());
    // The later one is held back: the older would otherwise appear behind the cursor.
    const meanwhile = await pull(mika, cursor);
    expect(meanwhile.changes).toEqual([]);
    commit();
    await slow;
    const { changes } = await pull(mika, meanwhile.cursor);
    expect(changes.map(({ kind }) => kind)).toEqual(['place', 'band']);
  });

  it('go to who is given a person, and as gone to who had them', async () => {
    const { app, database, mika } = studio;
    const setup = await demoSetup(mika, 'Tobias Quill');
    const [{ studioId }] = await database.query<[{ studioId: string }]>(
      'SELECT studio_id AS "studioId" FROM person WHERE id = $1',
      [setup.personId],
    );
    const colleague = { email: 'lock@canalside.example', name: 'A colleague', password: 'tiller' };
    const trainerId = await addTrainer(database, studioId, colleague);
    const client = await signIn(app, colleague.email, colleague.password);
    const cursor = await standing(client);
    const scoped = scopedFor(database, { studioId, trainerId });
    const give = (given: boolean) =>
      scoped.transaction((inside) => setPersonGiven(inside, setup.personId, trainerId, given));
    await give(true);
    const theirs = await pull(client, cursor);
    const kinds = new Set(theirs.changes.map(({ kind }) => kind));
    expect([...kinds].sort()).toEqual([
      'decision',
      'note',
      'person',
      'prescription',
      'session',
      'setup',
    ]);
    expect(theirs.changes.every(({ record }) => record !== null)).toBeTrue();
    await give(false);
    const gone = await pull(client, theirs.cursor);
    expect(gone.changes.length).toBe(theirs.changes.length);
    expect(gone.changes.every(({ record }) => record === null)).toBeTrue();
    expect((await client.get(`/records/setup/${setup.id}`)).status).toBe(404);
    // Another colleague, who never had the person, is not even told that they are gone.
    expect((await allRecords(studio.stranger)).map(({ kind }) => kind).sort()).toEqual([
      'preferences',
      'studio',
    ]);
  });

  it('are fetched anew in another epoch: a cursor of the one before is refused', async () => {
    const { database, mika } = studio;
    const cursor = await standing(mika);
    await rebuildRecords(database, KEEPER, RECOUNTS);
    const old = await mika.get<ProblemDocument>(`/changes?after=${cursor}`);
    expect([old.status, old.body.code]).toEqual([410, 'cursor-void']);
    const broken = await mika.get<ProblemDocument>('/changes?after=nowhere');
    expect([broken.status, broken.body.code]).toEqual([400, 'invalid-request']);
  });

  it('are not told to a page that would not read them all: it is told to reload', async () => {
    const { mika } = studio;
    const own = (await mika.get<Account>('/account')).body.trainer.id;
    const ask = (headers: Record<string, string>) =>
      mika.send<ProblemDocument>('GET', '/changes', undefined, headers);
    const page = { 'otter-trainer': own, 'sec-fetch-site': 'same-origin' };
    const old = await ask(page);
    expect([old.status, old.body.code]).toEqual([409, 'page-outdated']);
    expect(old.body.title).toContain('reload');
    expect((await ask({ ...page, 'otter-page': 'two' })).status).toBe(409);
    expect((await ask({ ...page, 'otter-page': String(PAGE) })).status).toBe(200);
    expect((await ask({ 'otter-trainer': own })).status).toBe(200);
  });

  describe('written', () => {
    const send = (
      id: string,
      method: 'PUT' | 'POST' | 'DELETE',
      path: string,
      payload?: object,
    ): Promise<{ status: number; body: unknown }> =>
      studio.mika.send(method, path, payload, { 'otter-write': id });

    it('once under an id are answered alike when they are sent again, whatever came between', async () => {
      const write = uuidv7();
      const path = `/bands/${uuidv7()}`;
      const input = newBandInput();
      const first = await send(write, 'PUT', path, input);
      expect(first.status).toBe(200);
      const renamed = await send(uuidv7(), 'PUT', path, { ...input, version: 1, name: 'Spar' });
      expect((renamed.body as BandRecord).name).toBe('Spar');
      expect(await send(write, 'PUT', path, input)).toEqual(first);
      const bands = await recordsOf(studio.mika, 'band');
      expect(bands.find(({ id }) => path.endsWith(id))?.name).toBe('Spar');
    });

    it('and undone since stay undone when they are sent again', async () => {
      const session = await startedSession(
        studio.mika,
        await demoSetup(studio.mika, 'Tobias Quill'),
      );
      const setPath = `/sessions/${session.id}/sets/${uuidv7()}`;
      await send(uuidv7(), 'PUT', setPath, doneSet(12));
      const takenBack = uuidv7();
      const aside = (id: string, setAside: boolean) =>
        send(id, 'PUT', `${setPath}/set-aside`, { setAside });
      const first = await aside(takenBack, true);
      expect((first.body as SessionRecord).sets).toEqual([]);
      await aside(uuidv7(), false);
      expect(await aside(takenBack, true)).toEqual(first);
      const sessions = await recordsOf(studio.mika, 'session');
      expect(sessions.find(({ id }) => id === session.id)?.sets.length).toBe(1);
    });

    it('are answered again to who sent them alone', async () => {
      const session = await startedSession(
        studio.mika,
        await demoSetup(studio.mika, 'Tobias Quill'),
      );
      const [{ studioId }] = await studio.database.query<[{ studioId: string }]>(
        'SELECT studio_id AS "studioId" FROM training_session WHERE id = $1',
        [session.id],
      );
      const colleague = {
        email: 'weir@canalside.example',
        name: 'A colleague',
        password: 'tiller',
      };
      await addTrainer(studio.database, studioId, colleague);
      const client = await signIn(studio.app, colleague.email, colleague.password);
      const path = `/sessions/${session.id}/sets/${uuidv7()}`;
      const [write, set] = [uuidv7(), doneSet(12)];
      expect((await send(write, 'PUT', path, set)).status).toBe(200);
      const theirs = await client.send('PUT', path, set, { 'otter-write': write });
      expect(theirs.status).toBe(404);
    });

    it('under the same id with another content are refused', async () => {
      const write = uuidv7();
      const path = `/bands/${uuidv7()}`;
      await send(write, 'PUT', path, newBandInput());
      const other = await send(write, 'PUT', path, newBandInput());
      expect([other.status, (other.body as ProblemDocument).code]).toEqual([409, 'id-taken']);
    });

    it('by many at once under one id are written once', async () => {
      const write = uuidv7();
      const session = await startedSession(
        studio.mika,
        await demoSetup(studio.mika, 'Tobias Quill'),
      );
      const path = `/sessions/${session.id}/sets/${uuidv7()}`;
      const set = doneSet(12);
      const answers = await Promise.all(
        Array.from({ length: 8 }, () => send(write, 'PUT', path, set)),
      );
      expect(answers.map(({ status }) => status)).toEqual(Array(8).fill(200));
      expect(new Set(answers.map(({ body }) => JSON.stringify(body))).size).toBe(1);
      const [kept] = (await recordsOf(studio.mika, 'session')).filter(
        ({ id }) => id === session.id,
      );
      expect((kept as SessionRecord).sets.length).toBe(1);
    });

    it('of many sets at once in one session are all kept, the last answer with all of them', async () => {
      const setup = await demoSetup(studio.mika, 'Tobias Quill');
      const session = await startedSession(studio.mika, setup);
      const ids = Array.from({ length: 12 }, () => uuidv7());
      const answers = await Promise.all(
        ids.map((id) =>
          send(
            uuidv7(),
            'PUT',
            `/sessions/${session.id}/sets/${id}`,
            doneSet(8, { setupId: null }),
          ),
        ),
      );
      const told = answers.map(({ body }) => body as SessionRecord);
      expect(told.map(({ version }) => version).sort((a, b) => a - b)).toEqual(
        ids.map((_, i) => session.version + 1 + i),
      );
      const last = told.find(({ version }) => version === session.version + ids.length);
      expect(last?.sets.map(({ id }) => id).sort()).toEqual([...ids].sort());
      expect(new Set(last?.sets.map(({ setupId }) => setupId))).toEqual(new Set([setup.id]));
    });

    it('are answered alike for as long as devices send them again, and then forgotten', async () => {
      const { database } = studio;
      const [old, late] = [uuidv7(), uuidv7()];
      await send(old, 'PUT', `/bands/${uuidv7()}`, newBandInput());
      await send(late, 'PUT', `/bands/${uuidv7()}`, newBandInput());
      await database.query(
        "UPDATE confirmed_write SET confirmed_at = now() - interval '61 days' WHERE id = $1",
        [old],
      );
      (await forgetConfirmed(database))();
      const kept = await database.query<{ id: string }[]>('SELECT id FROM confirmed_write');
      expect(kept).toEqual([{ id: late }]);
    });

    it('twice at once without an id are one creation', async () => {
      const path = `/bands/${uuidv7()}`;
      const input = newBandInput();
      const answers = await Promise.all(
        Array.from({ length: 4 }, () => studio.mika.put(path, input)),
      );
      const statuses = answers.map(({ status }) => status).sort();
      expect(statuses[0]).toBe(200);
      expect(statuses.slice(1)).toEqual([409, 409, 409]);
    });

    it('at an absurd moment are refused by place, and nothing is kept', async () => {
      const setup = await demoSetup(studio.mika, 'Tobias Quill');
      const session = await startedSession(studio.mika, setup);
      const ahead = new Date(Date.now() + 3 * 86_400_000).toISOString();
      for (const performedAt of ['0001-01-01T00:00:00Z', '9999-12-31T23:59:59Z', ahead]) {
        const path = `/sessions/${session.id}/sets/${uuidv7()}`;
        const answer = await studio.mika.put<ProblemDocument>(path, doneSet(8, { performedAt }));
        expect(answer.status).withContext(performedAt).toBe(400);
        expect(answer.body.faults?.[0]).toEqual(
          jasmine.objectContaining({
            path: '$.performedAt',
            expected: 'a moment since 1900, at most a day ahead',
          }),
        );
      }
      const kept = (await recordsOf(studio.mika, 'session')).find(({ id }) => id === session.id);
      expect(kept?.sets).toEqual([]);
    });

    it('with days, figures or text that could not be kept are refused by place', async () => {
      const setup = await demoSetup(studio.mika, 'Tobias Quill');
      const { document } = inputOf(setup, 0);
      const copy = (boughtOn: string) => ({ id: uuidv7(), mark: 'a', boughtOn });
      const band = newBandInput();
      const bodied = (stature_m: number) => ({
        ...inputOf(setup, 0),
        document: { ...document, body: { ...document.body, stature_m } },
      });
      const expected = 'a day from 1900 to 2199';
      const cases: [string, object, { path: string; expected?: string }][] = [
        [
          'bands',
          { ...band, copies: [copy('0001-01-01')] },
          { path: '$.copies[0].boughtOn', expected },
        ],
        [
          'bands',
          { ...band, copies: [copy('9999-12-31')] },
          { path: '$.copies[0].boughtOn', expected },
        ],
        ['bands', { ...band, note: 'a\0b' }, { path: '$.note', expected: 'text' }],
        ['bands', { ...band, name: '\ud83d' }, { path: '$.name', expected: 'whole characters' }],
        ['setups', bodied(1e308), { path: '$.document.body.stature_m' }],
        ['setups', bodied(-1), { path: '$.document.body.stature_m' }],
      ];
      for (const [of, body, fault] of cases) {
        const answer = await studio.mika.put<ProblemDocument>(`/${of}/${uuidv7()}`, body);
        expect([answer.status, answer.body.code]).toEqual([400, 'invalid-request']);
        expect(answer.body.faults?.[0]).toEqual(jasmine.objectContaining(fault));
      }
    });

    it('that would make a record that could not be read again are refused before they are kept', async () => {
      const [band] = await recordsOf(studio.mika, 'band');
      const [own] = await recordsOf(studio.mika, 'studio');
      const scope = { studioId: own?.id ?? '', trainerId: uuidv7() };
      const writing = scopedFor(studio.database, scope).transaction(async (inside) => {
        await inside.update(BandEntity, { id: band?.id ?? '' }, { name: '', version: 99 });
        inside.touch('band', band?.id ?? '');
      });
      await expectAsync(writing).toBeRejectedWith(
        jasmine.objectContaining({ code: 'unreadable', statusCode: 422 }),
      );
      expect((await recordsOf(studio.mika, 'band')).find(({ id }) => id === band?.id)).toEqual(
        band,
      );
    });

    it('to two sessions under one id of a set are kept in the first', async () => {
      const setup = await demoSetup(studio.mika, 'Tobias Quill');
      const [one, two] = [
        await startedSession(studio.mika, setup),
        await startedSession(studio.mika, setup),
      ];
      const set = uuidv7();
      const done = doneSet(12);
      const answers = await Promise.all([
        studio.mika.put(`/sessions/${one.id}/sets/${set}`, done),
        studio.mika.put(`/sessions/${two.id}/sets/${set}`, done),
      ]);
      expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
    });
  });
});
