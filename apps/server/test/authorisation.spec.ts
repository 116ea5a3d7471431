import type { RecordKind } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { StudioEntity } from '../src/areas/studio/entities.js';
import { doneSet, happen, startedSession, stretchedSetup } from './support/inputs.js';
import { allRecords, bandsOf, recordsOf } from './support/records.js';
import { sampleRequests, type SampleRequest, type Whose } from './support/requests.js';
import {
  addTrainer,
  type Client,
  openTestStudio,
  signIn,
  type TestStudio,
} from './support/studio.js';

interface OpenApi {
  readonly paths: Record<string, Record<string, unknown>>;
}

/** Routes that are open, end the sign-in of who asks, or go on without an end. */
const OTHERS = [
  ...['POST /api/sign-in', 'POST /api/sign-out', 'GET /api/changes/stream'],
  ...['GET /api/first-start', 'POST /api/first-start', 'POST /api/invitation', 'POST /api/join'],
  ...['POST /api/password-links', 'POST /api/new-password', 'PUT /api/account/password'],
];

/** Who sees records of each kind; the compiler asks for a new kind. */
const SEEN_BY: { readonly [Kind in RecordKind]: Whose } = {
  studio: 'studio',
  preferences: 'own',
  person: 'person',
  note: 'person',
  place: 'studio',
  exercise: 'studio',
  band: 'studio',
  bandWear: 'studio',
  bandMove: 'person',
  setup: 'person',
  ladder: 'person',
  prescription: 'person',
  session: 'person',
  decision: 'person',
  skillTest: 'person',
  stop: 'person',
};

describe('authorisation', () => {
  let studio: TestStudio;
  let colleague: Client;
  beforeAll(async () => {
    studio = await openTestStudio();
    const { manager } = studio.database;
    const [own] = await manager.find(StudioEntity, { where: { name: 'Towpath Training' } });
    const who = { email: 'colleague@canalside.example', name: 'A colleague', password: 'tiller' };
    await addTrainer(studio.database, own?.id ?? '', who);
    colleague = await signIn(studio.app, who.email, who.password);
  });
  afterAll(() => studio.close());

  const statusOf = async (client: Client, request: SampleRequest): Promise<number> => {
    const answer = await studio.app.inject({
      method: request.method,
      url: `/api${request.path}`,
      headers: { cookie: client.cookie },
      ...(request.body === undefined ? {} : { payload: request.body as object }),
    });
    return answer.statusCode;
  };

  it('of every route: nobody, another studio, a colleague without the person, the trainer', async () => {
    const { body } = await studio.mika.get<OpenApi>('/openapi.json');
    const routes = Object.entries(body.paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => `${method.toUpperCase()} ${path}`),
    );
    const asked = await sampleRequests(studio.mika);
    const known = new Set([...Object.keys(asked), ...OTHERS]);
    expect(routes.filter((route) => !known.has(route))).toEqual([]);
    expect(Object.keys(asked).length).toBeGreaterThan(40);
    for (const [route, request] of Object.entries(asked)) {
      const { whose } = request;
      expect(await statusOf(studio.nobody, request))
        .withContext(`nobody: ${route}`)
        .toBe(401);
      // What is an owner's or each one's own is another thing in another studio.
      if (whose === 'person' || whose === 'studio') {
        const stranger = await statusOf(studio.stranger, request);
        expect(stranger).withContext(`another studio: ${route}`).toBe(404);
      }
      if (whose === 'owner') {
        const trainer = await statusOf(colleague, request);
        expect(trainer).withContext(`no owner: ${route}`).toBe(403);
      }
      if (whose === 'person') {
        const without = await statusOf(colleague, request);
        expect(without).withContext(`without the person: ${route}`).toBe(404);
      }
    }
    for (const [route, request] of Object.entries(asked)) {
      expect([200, 204])
        .withContext(route)
        .toContain(await statusOf(studio.mika, request));
    }
  });

  it('lets all of the studio write what is the studio’s', async () => {
    const asked = await sampleRequests(studio.mika);
    for (const [route, request] of Object.entries(asked)) {
      if (request.whose !== 'studio') continue;
      expect(await statusOf(colleague, request))
        .withContext(route)
        .toBe(200);
    }
  });

  it('of every kind of record: in the feed, and asked for one by one', async () => {
    const { mika } = studio;
    const { 'PUT /api/skill-tests/{id}': test } = await sampleRequests(mika);
    await mika.put(test?.path ?? '', test?.body);
    // A band that is at a person's home, and one that is worn.
    const [person] = await recordsOf(mika, 'person');
    const [band] = await bandsOf(mika);
    const holder = { at: 'person' as const, personId: person?.id ?? '' };
    if (band !== undefined) await happen(mika, band, { kind: 'moved', holder });
    const session = await startedSession(mika, await stretchedSetup(mika));
    await mika.put(`/sessions/${session.id}/sets/${uuidv7()}`, doneSet(12));
    const all = await allRecords(studio.mika);
    const kinds = Object.keys(SEEN_BY) as RecordKind[];
    const ofColleague = new Set(
      (await allRecords(colleague)).map(({ id, kind }) => `${kind} ${id}`),
    );
    const ofStranger = new Set((await allRecords(studio.stranger)).map(({ id }) => id));
    for (const kind of kinds) {
      const record = all.find((change) => change.kind === kind);
      expect(record).withContext(`a ${kind} to ask for`).toBeDefined();
      const path = `/records/${kind}/${record?.id}`;
      const isShared = SEEN_BY[kind] === 'studio';
      expect((await studio.mika.get(path)).status)
        .withContext(path)
        .toBe(200);
      expect((await colleague.get(path)).status)
        .withContext(path)
        .toBe(isShared ? 200 : 404);
      expect(ofColleague.has(`${kind} ${record?.id}`))
        .withContext(path)
        .toBe(isShared);
      expect((await studio.stranger.get(path)).status)
        .withContext(path)
        .toBe(404);
      expect(ofStranger.has(record?.id ?? ''))
        .withContext(path)
        .toBeFalse();
    }
  });
});
