import type { Account, ProblemDocument } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import {
  measurementOf,
  newBandInput,
  demoSetup,
  inputOf,
  startedSession,
} from './support/inputs.js';
import { openTestStudio, type TestStudio } from './support/studio.js';
import { allRecords, bandsOf, recordsOf } from './support/records.js';

interface OpenApi {
  readonly paths: Record<string, Record<string, unknown>>;
}

describe('access', () => {
  let studio: TestStudio;
  beforeAll(async () => {
    studio = await openTestStudio();
  });
  afterAll(() => studio.close());

  it('is refused with 401 on every route but sign-in without a session', async () => {
    const { body } = await studio.mika.get<OpenApi>('/openapi.json');
    const routes = Object.entries(body.paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => ({ method, path })),
    );
    expect(routes.length).toBeGreaterThan(20);
    for (const { method, path } of routes) {
      if (path === '/api/sign-in') continue;
      const answer = await studio.app.inject({
        method: method.toUpperCase() as 'GET',
        url: path.replace(/\{\w+\}/g, uuidv7()),
      });
      expect(answer.statusCode).withContext(`${method} ${path}`).toBe(401);
      expect(answer.json<ProblemDocument>().code).toBe('signed-out');
    }
    expect((await studio.nobody.get('/openapi.json')).status).toBe(401);
  });

  it('answers 404 to another studio, for reading and for writing alike', async () => {
    const { mika, stranger } = studio;
    const [band] = await bandsOf(mika);
    const [person] = await recordsOf(mika, 'person');
    const setup = await demoSetup(mika, 'Tobias Quill');
    const session = await startedSession(mika, setup);
    for (const path of [
      `/records/band/${band?.id}`,
      `/records/person/${person?.id}`,
      `/records/setup/${setup.id}`,
      `/records/session/${session.id}`,
      `/setups/${setup.id}/versions/${setup.version}`,
    ]) {
      expect((await mika.get(path)).status)
        .withContext(path)
        .toBe(200);
      expect((await stranger.get(path)).status)
        .withContext(path)
        .toBe(404);
    }
    const writes = [
      stranger.put(`/bands/${band?.id}`, newBandInput()),
      stranger.put(`/bands/${band?.id}/measurements/${uuidv7()}`, measurementOf(uuidv7())),
      stranger.put(`/bands/${band?.id}/law`, { version: 1, measurementId: null }),
      stranger.delete(`/bands/${band?.id}`),
      stranger.put(`/setups/${setup.id}`, inputOf(setup, setup.version)),
      stranger.put(`/setups/${uuidv7()}`, inputOf(setup, 0)),
      stranger.put(`/sessions/${uuidv7()}`, {
        prescriptionId: session.prescription.id,
        startedAt: session.startedAt,
      }),
      stranger.post(`/sessions/${session.id}/finish`, { redFlag: false }),
    ];
    for (const answer of await Promise.all(writes)) expect(answer.status).toBe(404);
    const kinds = new Set((await allRecords(stranger)).map(({ kind }) => kind));
    expect([...kinds].sort()).toEqual(['preferences', 'studio']);
  });

  it('is not a colleague’s who has signed in on the same device', async () => {
    const { mika } = studio;
    const colleague = { 'otter-trainer': uuidv7() };
    const answer = await mika.send<ProblemDocument>('GET', '/changes', undefined, colleague);
    expect([answer.status, answer.body.code]).toEqual([403, 'another-trainer']);
    const own = (await mika.get<Account>('/account')).body.trainer.id;
    const same = await mika.send('GET', '/changes', undefined, { 'otter-trainer': own });
    expect(same.status).toBe(200);
  });

  it('ends with signing out', async () => {
    const { app } = studio;
    const signedIn = await app.inject({
      method: 'POST',
      url: '/api/sign-in',
      payload: { email: 'MIKA@canalside.example ', password: 'towpath' },
    });
    const cookie = signedIn.cookies[0];
    expect(cookie).toEqual(
      jasmine.objectContaining({ httpOnly: true, sameSite: 'Strict', path: '/' }),
    );
    const headers = { cookie: `${cookie?.name}=${cookie?.value}` };
    expect((await app.inject({ url: '/api/account', headers })).statusCode).toBe(200);
    await app.inject({ method: 'POST', url: '/api/sign-out', headers });
    expect((await app.inject({ url: '/api/account', headers })).statusCode).toBe(401);
  });

  it('is refused after five wrong passwords, the right one included', async () => {
    const attempt = (password: string) =>
      studio.nobody.post<ProblemDocument>('/sign-in', {
        email: 'stranger@elsewhere.example',
        password,
      });
    for (let i = 0; i < 5; i++) {
      const answer = await attempt('wrong');
      expect(answer.status).toBe(401);
      expect(answer.body.code).toBe('wrong-credentials');
    }
    expect((await attempt('far away')).status).toBe(429);
  });

  it('answers alike to an unknown e-mail and a wrong password', async () => {
    const answer = await studio.nobody.post<ProblemDocument>('/sign-in', {
      email: 'who@nowhere.example',
      password: 'x',
    });
    expect([answer.status, answer.body.code]).toEqual([401, 'wrong-credentials']);
  });
});
