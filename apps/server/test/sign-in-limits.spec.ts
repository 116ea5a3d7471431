import type { ProblemDocument } from '@wiry-otter/contracts';
import { networkOf } from '../src/platform/access/network-of.js';
import { type SampleRequest, sampleRequests } from './support/requests.js';
import { openTestStudio, type TestStudio } from './support/studio.js';

const MIKA = { email: 'mika@canalside.example', password: 'towpath' };

describe('guessing passwords', () => {
  let studio: TestStudio;
  beforeEach(async () => {
    studio = await openTestStudio();
  });
  afterEach(() => studio.close());

  interface Guess {
    readonly email?: string;
    readonly password?: string;
    readonly from?: string;
    readonly device?: string;
  }
  const guess = ({ device, email, from, password }: Guess) =>
    studio.app.inject({
      method: 'POST',
      url: '/api/sign-in',
      remoteAddress: from ?? '192.0.2.1',
      payload: { email: email ?? MIKA.email, password: password ?? 'wrong' },
      ...(device === undefined ? {} : { cookies: { otter_device: device } }),
    });
  const statusesOf = async (guesses: readonly Guess[]): Promise<Record<number, number>> => {
    const answers = await Promise.all(guesses.map(guess));
    const counts: Record<number, number> = {};
    for (const { statusCode } of answers) counts[statusCode] = (counts[statusCode] ?? 0) + 1;
    return counts;
  };
  const times = <T>(count: number, of: (i: number) => T): T[] =>
    Array.from({ length: count }, (_, i) => of(i));
  const knownDevice = async (): Promise<string> => {
    const answer = await guess({ ...MIKA, from: '198.51.100.7' });
    return answer.cookies.find(({ name }) => name === 'otter_device')?.value ?? '';
  };

  it('of 300 at once tries five', async () => {
    expect(await statusesOf(times(300, () => ({})))).toEqual({ 401: 5, 429: 295 });
    const late = await guess(MIKA);
    expect(late.statusCode).toBe(429);
    expect(Number(late.headers['retry-after'])).toBeGreaterThan(0);
    expect(Number(late.headers['retry-after'])).toBeLessThanOrEqual(900);
  });

  it('does not lock a trainer out of a device of theirs, from the same address either', async () => {
    const device = await knownDevice();
    // Of one e-mail from everywhere no more than fifty are tried.
    const everywhere = times(30, (i) =>
      times(3, () => ({ from: `203.0.113.${i}` }) satisfies Guess),
    ).flat();
    for (let i = 0; i < everywhere.length; i += 15) {
      await statusesOf(everywhere.slice(i, i + 15));
    }
    expect((await guess({ ...MIKA, from: '198.51.100.9' })).statusCode).toBe(429);
    expect((await guess({ ...MIKA, from: '203.0.113.1', device })).statusCode).toBe(200);
    // A device that only says so is a stranger's.
    expect((await guess({ ...MIKA, from: '203.0.113.1', device: `${device}x` })).statusCode).toBe(
      429,
    );
  });

  it('is limited on a known device too', async () => {
    const device = await knownDevice();
    const counts = await statusesOf(times(15, () => ({ device })));
    expect(counts).toEqual({ 401: 10, 429: 5 });
  });

  it('is limited over all e-mails of a network; who succeeds does not count', async () => {
    for (let i = 0; i < 31; i++) expect((await guess(MIKA)).statusCode).toBe(200);
    const emails = (first: number): Guess[] =>
      times(12, (i) => ({ email: `guess${first + i}@nowhere.example` }));
    for (const first of [0, 12, 24]) await statusesOf(emails(first));
    expect((await guess({ email: 'another@nowhere.example' })).statusCode).toBe(429);
    expect(networkOf('2001:db8:1:2:a::1')).toBe(networkOf('2001:db8:1:2:b::9'));
    expect(networkOf('2001:db8:1:2::1')).not.toBe(networkOf('2001:db8:1:3::1'));
    expect(networkOf('::ffff:192.0.2.1')).toBe('192.0.2.1');
  });

  it('is bounded in its work: most of a flood is sent away, a trainer on their device is not', async () => {
    const device = await knownDevice();
    const flood = times(120, (i) => guess({ email: `f${i}@x.example`, from: `10.0.${i}.1` }));
    const mika = await guess({ ...MIKA, device });
    expect(mika.statusCode).toBe(200);
    const answers = await Promise.all(flood);
    const busy = answers.filter(({ statusCode }) => statusCode === 503);
    expect(busy.length).toBeGreaterThan(0);
    expect(busy[0]?.headers['retry-after']).toBe('1');
    expect(answers.filter(({ statusCode }) => ![401, 503].includes(statusCode))).toEqual([]);
  });
});

describe('a write from another site', () => {
  let studio: TestStudio;
  beforeAll(async () => {
    studio = await openTestStudio();
  });
  afterAll(() => studio.close());

  const statusOf = async (
    { body, method, path }: SampleRequest,
    headers: Readonly<Record<string, string>>,
  ): Promise<number> => {
    const answer = await studio.app.inject({
      ...{ method, url: `/api${path}` },
      headers: { ...headers, cookie: studio.mika.cookie },
      ...(body === undefined ? {} : { payload: body as object }),
    });
    return answer.statusCode;
  };

  it('is refused on every route, and changes nothing', async () => {
    const asked = await sampleRequests(studio.mika);
    const own = { host: 'canal.example:8443' };
    for (const [route, request] of Object.entries(asked)) {
      if (request.method === 'GET') continue;
      for (const origin of ['https://elsewhere.example', 'null', 'https://canal.example:1']) {
        expect(await statusOf(request, { ...own, origin }))
          .withContext(`${route} from ${origin}`)
          .toBe(403);
      }
      expect(await statusOf(request, { ...own, 'sec-fetch-site': 'cross-site' }))
        .withContext(route)
        .toBe(403);
    }
    for (const [route, request] of Object.entries(asked)) {
      if (request.method === 'GET') continue;
      expect([200, 204])
        .withContext(route)
        .toContain(await statusOf(request, { ...own, origin: 'https://canal.example:8443' }));
    }
  });

  it('signs nobody in', async () => {
    const headers = { origin: 'https://elsewhere.example' };
    const answer = await studio.nobody.send<ProblemDocument>('POST', '/sign-in', MIKA, headers);
    expect([answer.status, answer.body.code]).toEqual([403, 'another-site']);
  });
});
