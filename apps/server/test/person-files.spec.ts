import type {
  Account,
  Changes,
  NoteRecord,
  PeopleDeleted,
  PersonFileDocument,
  PersonFileRead,
  PersonRecord,
  ProblemDocument,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { RECOUNTS } from '../src/areas/areas.js';
import { rebuildRecords } from '../src/platform/records/rebuild-records.js';
import { doneSet, startedSession, stretchedSetup } from './support/inputs.js';
import { sampleRequests } from './support/requests.js';
import { allRecords, bandsOf, recordsOf } from './support/records.js';
import {
  addTrainer,
  type Client,
  KEEPER,
  openTestStudio,
  openUpstream,
  signIn,
  type TestStudio,
} from './support/studio.js';

describe('all that is on record of a person', () => {
  let studio: TestStudio;
  let tobias: PersonRecord;

  beforeEach(async () => {
    studio = await openTestStudio();
    // Sessions begun, ended, given up; a ladder, a set-up put away, a set taken back, a test, a note.
    const samples = await sampleRequests(studio.mika);
    for (const route of [
      'PUT /api/sessions/{id}/sets/{setId}/set-aside',
      'PUT /api/skill-tests/{id}',
      'PUT /api/notes/{id}',
      'DELETE /api/setups/{id}',
      'DELETE /api/sessions/{id}',
    ]) {
      const { body, method, path } = samples[route] ?? { method: 'GET', path: '' };
      expect((await studio.mika.send(method, path, body, {})).status)
        .withContext(route)
        .toBe(200);
    }
    // And one set that wears its band.
    const stretched = await stretchedSetup(studio.mika);
    const session = await startedSession(studio.mika, stretched);
    await studio.mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(12));
    const people = await recordsOf(studio.mika, 'person');
    const found = people.find(({ name }) => name === 'Tobias Quill');
    if (found === undefined) throw new Error('no person');
    tobias = found;
  });
  afterEach(() => studio.close());

  const fileOf = async (client: Client, id = tobias.id): Promise<PersonFileDocument> =>
    (await client.get<PersonFileDocument>(`/people/${id}/file`)).body;

  /** What a device keeps of the person, without what only happened to be sent then. */
  const kept = async (): Promise<Changes['changes']> => {
    const all = await allRecords(studio.mika);
    return all
      .filter(({ id, record }) => {
        const isTheirs = (record as { personId?: string } | null)?.personId === tobias.id;
        return isTheirs || id === tobias.id;
      })
      .toSorted((a, b) => (`${a.kind} ${a.id}` < `${b.kind} ${b.id}` ? -1 : 1));
  };

  it('is taken away, deleted, and read back in: equal', async () => {
    const file = await fileOf(studio.mika);
    const before = await kept();
    const worn = await recordsOf(studio.mika, 'bandWear');
    expect(new Set(before.map(({ kind }) => kind))).toEqual(
      new Set([
        'person',
        'note',
        'setup',
        'ladder',
        'prescription',
        'session',
        'decision',
        'skillTest',
      ]),
    );
    expect((await studio.mika.delete(`/people/${tobias.id}`)).status).toBe(204);
    expect((await kept()).filter(({ record }) => record !== null)).toEqual([]);

    const seen = await studio.mika.post<PersonFileRead>('/people/import', file);
    expect(seen.body).toEqual(
      jasmine.objectContaining({ name: 'Tobias Quill', added: [], saved: false }),
    );
    expect((await recordsOf(studio.mika, 'person')).map(({ id }) => id)).not.toContain(tobias.id);
    const read = await studio.mika.post<PersonFileRead>('/people/import?save=yes', file);
    expect([read.status, read.body.saved]).toEqual([200, true]);
    const { takenAt: _again, ...again } = await fileOf(studio.mika);
    const { takenAt: _first, ...first } = file;
    expect(again).toEqual(first);
    expect(await kept()).toEqual(before);
    // Their sets are counted once.
    expect(await recordsOf(studio.mika, 'bandWear')).toEqual(
      worn.map((row) => jasmine.objectContaining({ id: row.id, total: row.total })),
    );

    const twice = await studio.mika.post<ProblemDocument>('/people/import?save=yes', file);
    expect([twice.status, twice.body.code]).toEqual([409, 'person-present']);
  });

  it('leaves nothing behind but counts, and those stay when records are built anew', async () => {
    const { body: account } = await studio.mika.get<Account>('/account');
    const wear = async () =>
      (await bandsOf(studio.mika)).flatMap(({ copies }) => copies.map((copy) => copy.cycles));
    const before = await wear();
    expect(before.some(({ total }) => total > 0)).toBeTrue();
    await studio.mika.delete(`/people/${tobias.id}`);
    expect(await wear()).toEqual(before);
    await expectForgotten(['Tobias', 'narrow cabin', 'Rows well'], tobias.id);
    await rebuildRecords(studio.database, KEEPER, RECOUNTS);
    expect(await wear()).toEqual(before);

    const { body: deleted } = await studio.mika.get<PeopleDeleted>('/people-deleted');
    expect(deleted).toEqual([
      {
        id: tobias.id,
        deletedAt: jasmine.any(String) as unknown as string,
        deletedBy: account.trainer.name,
        sessions: jasmine.any(Number) as unknown as number,
        sets: jasmine.any(Number) as unknown as number,
      },
    ]);
    expect(deleted[0]?.sets).toBeGreaterThan(10);
  });

  /** No table says any of these words; the id stands where only counts are kept. */
  async function expectForgotten(words: readonly string[], id: string): Promise<void> {
    const tables = await studio.database.query<{ name: string }[]>(
      `SELECT table_name AS name FROM information_schema.tables
        WHERE table_schema = 'public' AND table_type = 'BASE TABLE'`,
    );
    const naming = [];
    for (const { name } of tables) {
      const rows = await studio.database.query<{ text: string }[]>(
        `SELECT t::text AS text FROM "${name}" t`,
      );
      const said = rows.map(({ text }) => text);
      for (const word of words) {
        if (said.some((text) => text.includes(word))) naming.push(`${name}: ${word}`);
      }
      if (said.some((text) => text.includes(id))) naming.push(name);
    }
    // That there was a record, so that devices let go of it.
    expect(naming.toSorted()).toEqual(['person_deleted', 'record']);
  }

  it('is not deleted while others work with them, or while bands are with them', async () => {
    const { body: account } = await studio.mika.get<Account>('/account');
    const who = { email: 'mate@canalside.example', name: 'A mate', password: 'tiller' };
    const mateId = await addTrainer(studio.database, account.studioId, who);
    const give = (...trainerIds: string[]) =>
      studio.mika.put(`/people/${tobias.id}/trainers`, { trainerIds });
    const refused = async () =>
      (await studio.mika.delete<ProblemDocument>(`/people/${tobias.id}`)).body.code;
    await give(account.trainer.id, mateId);
    expect(await refused()).toBe('given-to-others');
    await give(account.trainer.id);
    const [band] = await bandsOf(studio.mika);
    const copyId = band?.copies[0]?.id ?? '';
    const move = async (holder: object) => {
      const what = { kind: 'moved', holder };
      const at = new Date().toISOString();
      const path = `/bands/${band?.id}/events/${uuidv7()}`;
      expect((await studio.mika.put(path, { copyId, at, what })).status).toBe(200);
    };
    await move({ at: 'person', personId: tobias.id });
    expect(await refused()).toBe('has-bands');
    await move({ at: 'bag' });
    expect((await studio.mika.delete(`/people/${tobias.id}`)).status).toBe(204);
    const lent = await recordsOf(studio.mika, 'band');
    const events = lent.find(({ id }) => id === band?.id)?.events ?? [];
    expect(events.map(({ what }) => what)).toContain({
      kind: 'moved',
      holder: { at: 'person', personId: null },
    });
    await expectForgotten([], tobias.id);
  });

  it('is their trainer’s alone, and what was asked before is no way round', async () => {
    const { body: account } = await studio.mika.get<Account>('/account');
    const who = { email: 'mate@canalside.example', name: 'A mate', password: 'tiller' };
    await addTrainer(studio.database, account.studioId, who);
    const mate = await signIn(studio.app, who.email, who.password);
    for (const client of [mate, studio.stranger]) {
      expect((await client.get(`/people/${tobias.id}/file`)).status).toBe(404);
      expect((await client.delete(`/people/${tobias.id}`)).status).toBe(404);
    }
    expect((await mate.get('/people-deleted')).status).toBe(403);
    // Of another studio it is not even told that the id is taken.
    const file = await fileOf(studio.mika);
    const there = await studio.stranger.post<ProblemDocument>('/people/import?save=yes', file);
    expect([there.status, there.body.code]).toEqual([404, 'not-found']);
  });

  it('is read into another studio with its places and exercises, as written by who reads it', async () => {
    const file = await fileOf(studio.mika);
    const upstream = await openUpstream();
    const there = upstream.trainer;
    try {
      const read = await there.post<PersonFileRead>('/people/import?save=yes', file);
      expect(read.status).toBe(200);
      expect(read.body.added.length).toBe(file.places.length + file.exercises.length);
      const notes = await recordsOf(there, 'note');
      expect(notes.map(({ text }: NoteRecord) => text)).toContain('Rows well.');
      expect(new Set(notes.map(({ writtenBy }) => writtenBy))).toEqual(
        new Set(['Upstream trainer']),
      );
      const here = await recordsOf(studio.mika, 'session');
      const theirs = here.filter(({ personId }) => personId === tobias.id);
      expect((await recordsOf(there, 'session')).length).toBe(theirs.length);
    } finally {
      await upstream.close();
    }
  });

  it('is refused by place where the file does not hold together, and nothing is saved', async () => {
    const file = await fileOf(studio.mika);
    await studio.mika.delete(`/people/${tobias.id}`);
    const [prescription] = file.prescriptions;
    const faults = async (wrong: object): Promise<string[] | undefined> => {
      const sent = { ...file, ...wrong };
      const { body } = await studio.mika.post<ProblemDocument>('/people/import?save=yes', sent);
      return body.faults?.map(({ path }) => path);
    };
    expect(await faults({ person: { ...file.person, stature_m: 170 } })).toEqual([
      '$.person.stature_m',
    ]);
    expect(await faults({ setups: [] })).toContain('$.prescriptions[0].setupIds[0]');
    expect(await faults({ places: [] })).toContain('$.setups[0].versions[0].placeId');
    expect(await faults({ sessions: [] })).toContain('$.decisions[0].sessionId');
    expect(await faults({ format: 'wiry-otter.person' })).toContain('$.format');
    expect(await faults({ prescriptions: [{ ...prescription, more: 1 }] })).toContain(
      '$.prescriptions[0].more',
    );
    // Ids that name something else already.
    const [other] = await recordsOf(studio.mika, 'setup');
    const taken = file.setups.map((setup) => ({ ...setup, id: other?.id ?? '' }));
    const rest = { ladders: [], prescriptions: [], sessions: [], decisions: [] };
    const sent = { ...file, ...rest, setups: taken.slice(0, 1) };
    const { body, status } = await studio.mika.post<ProblemDocument>(
      '/people/import?save=yes',
      sent,
    );
    expect([status, body.code]).toEqual([409, 'id-taken']);
    expect((await recordsOf(studio.mika, 'person')).map(({ id }) => id)).not.toContain(tobias.id);
  });
});
