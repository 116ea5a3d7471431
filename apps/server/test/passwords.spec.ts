import type { Mail, ProblemDocument, SignIns } from '@wiry-otter/contracts';
import { mailTo, tokenOf } from './support/mails.js';
import { type Client, openTestStudio, signIn, type TestStudio } from './support/studio.js';

const EMAIL = 'mika@canalside.example';

describe('a trainer’s password and sign-ins', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  const ask = (email: string) => studio.nobody.post('/password-links', { email });
  const choose = (token: string, password = 'a mooring line') =>
    studio.nobody.post<ProblemDocument>('/new-password', { token, password });
  const statusOf = async (client: Client): Promise<number> => (await client.get('/account')).status;
  const mailed = async (): Promise<Mail> => {
    // The mail is sent after the answer; asked again until it is there.
    for (;;) {
      const { body } = await studio.mika.get<Mail[]>('/mails');
      if (body.length > 0) return mailTo(studio.mika, EMAIL);
      await new Promise(setImmediate);
    }
  };

  it('is chosen anew by the link of a mail, once, and every sign-in ends', async () => {
    expect((await ask(EMAIL)).status).toBe(202);
    const token = tokenOf(await mailed());
    expect((await choose(token, 'short')).status).toBe(400);
    const answers = await Promise.all([choose(token), choose(token)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 410]);
    expect(await statusOf(studio.mika)).toBe(401);
    const again = await signIn(studio.app, EMAIL, 'a mooring line');
    expect(await statusOf(again)).toBe(200);
    const old = await studio.nobody.post('/sign-in', { email: EMAIL, password: 'towpath' });
    expect(old.status).toBe(401);
  });

  it('answers alike to an e-mail that nobody has, and sends few mails', async () => {
    expect((await ask('who@nowhere.example')).status).toBe(202);
    const statuses = [];
    for (let i = 0; i < 5; i++) statuses.push((await ask(EMAIL)).status);
    expect(statuses).toEqual([202, 202, 202, 429, 429]);
  });

  it('is changed by who knows the present one; other devices are signed out', async () => {
    const other = await signIn(studio.app, EMAIL, 'towpath');
    const change = (present: string) =>
      studio.app.inject({
        method: 'PUT',
        url: '/api/account/password',
        headers: { cookie: studio.mika.cookie },
        payload: { present, next: 'a mooring line' },
      });
    const wrong = await change('tow rope');
    expect(wrong.statusCode).toBe(403);
    expect(wrong.json<ProblemDocument>().code).toBe('wrong-password');
    const changed = await change('towpath');
    expect(changed.statusCode).toBe(204);
    expect(await statusOf(other)).toBe(401);
    const cookie = changed.cookies.find(({ name }) => name === 'otter_sign_in');
    const headers = { cookie: `otter_sign_in=${cookie?.value}` };
    expect((await studio.app.inject({ url: '/api/account', headers })).statusCode).toBe(200);
    expect((await signIn(studio.app, EMAIL, 'a mooring line')).cookie).not.toBe('');
  });

  it('shows where they are signed in, and ends one or all others', async () => {
    const phone = await studio.app.inject({
      method: 'POST',
      url: '/api/sign-in',
      headers: {
        'user-agent':
          'Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Safari/537.36',
      },
      payload: { email: EMAIL, password: 'towpath' },
    });
    const cookie = `otter_sign_in=${phone.cookies.find(({ name }) => name === 'otter_sign_in')?.value}`;
    const list = async (): Promise<SignIns> =>
      (await studio.mika.get<SignIns>('/account/sign-ins')).body;
    const all = await list();
    expect(all.filter(({ isThis }) => isThis).length).toBe(1);
    const ofPhone = all.find(({ device }) => device === 'Chrome on Linux');
    expect(ofPhone?.isThis).toBe(false);
    const foreign = await studio.stranger.delete(`/account/sign-ins/${ofPhone?.id}`);
    expect(foreign.status).toBe(404);
    expect((await studio.mika.delete(`/account/sign-ins/${ofPhone?.id}`)).status).toBe(204);
    const ended = await studio.app.inject({ url: '/api/account', headers: { cookie } });
    expect(ended.statusCode).toBe(401);
    const third = await signIn(studio.app, EMAIL, 'towpath');
    expect((await studio.mika.delete('/account/sign-ins')).status).toBe(204);
    expect(await statusOf(third)).toBe(401);
    expect((await list()).map(({ isThis }) => isThis)).toEqual([true]);
  });
});
