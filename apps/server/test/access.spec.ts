import type { Account, ProblemDocument } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import type { App } from '../src/platform/app-context.js';
import { buildTestApp, openTestStudio, signIn, type TestStudio } from './support/studio.js';

describe('access', () => {
  let studio: TestStudio;
  beforeAll(async () => {
    studio = await openTestStudio();
  });
  afterAll(() => studio.close());

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

  it('ends in every server process at once, though each knows who is signed in', async () => {
    const { database } = studio;
    const other = await buildTestApp(database);
    const { cookie } = await signIn(studio.app, 'mika@canalside.example', 'towpath');
    const statusOf = async (app: App, url: string): Promise<number> =>
      (await app.inject({ url, headers: { cookie } })).statusCode;
    expect(await statusOf(other, '/api/account')).toBe(200);
    await studio.app.inject({ method: 'POST', url: '/api/sign-out', headers: { cookie } });
    expect(await statusOf(studio.app, '/api/account')).toBe(401);
    // It hears of it a moment later, and not after the minute for which it knows.
    while ((await statusOf(other, '/api/account')) === 200) await new Promise(setImmediate);
    expect(await statusOf(other, '/api/account')).toBe(401);
    await other.close();
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
