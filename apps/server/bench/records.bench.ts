// Requests per second beside the least that answers the same, growth with the log, the first fill.
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { Agent, request } from 'node:http';
import { createServer } from 'node:net';
import { fileURLToPath } from 'node:url';
import { gunzipSync } from 'node:zlib';
import pg from 'pg';
import { v7 as uuidv7 } from 'uuid';
import { openDatabase } from '../src/open-database.js';
import { RECORD_SOURCES, RECOUNTS } from '../src/areas/areas.js';
import { loadDemo } from '../src/demo/load-demo.js';
import { createRecordKeeper } from '../src/platform/records/record-keeper.js';
import { ensureRecords, rebuildRecords } from '../src/platform/records/rebuild-records.js';
import { enlarge, type Size } from './large-studio.js';

const CLUSTER = process.env['OTTER_TEST_DATABASE_URL'] ?? '';
if (CLUSTER === '') throw new Error('OTTER_TEST_DATABASE_URL is not set; run npm run bench');
const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const ROUNDS = 5;
/** A server has answered a while before it is compared: its code is compiled as it is asked. */
const WARM_ROUNDS = 4;
const ROUND_MS = 1500;
const CONNECTIONS = 8;

/** As records.md has it: 60 people, 40 bands, 400 set-ups, half a year of three sessions a week. */
const HALF_A_YEAR: Size = { people: 60, bands: 40, setups: 7, sessions: 78, sets: 3 };
const SMALL: Size = { people: 5, bands: 10, setups: 4, sessions: 133, sets: 3 };
const LARGE: Size = { people: 5, bands: 10, setups: 4, sessions: 13_300, sets: 3 };

interface Running {
  readonly address: string;
  stop(): Promise<void>;
}

interface Studio {
  readonly url: string;
  readonly studioId: string;
  readonly trainerId: string;
  /** Open ones. */
  readonly sessionIds: readonly string[];
  readonly personId: string;
  readonly prescriptionId: string;
  readonly bandId: string;
  readonly copyId: string;
}

async function onDatabase<Row>(url: string, statement: string): Promise<Row[]> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const { rows } = await client.query(statement);
  await client.end();
  return rows as Row[];
}

async function studioOf(name: string, size: Size): Promise<Studio> {
  await onDatabase(CLUSTER, `CREATE DATABASE ${name}`);
  const url = new URL(CLUSTER);
  url.pathname = `/${name}`;
  const database = await openDatabase(url.href);
  const keeper = createRecordKeeper(RECORD_SOURCES);
  await ensureRecords(database, keeper, RECOUNTS);
  await loadDemo(database, keeper, `${ROOT}demo`);
  const began = performance.now();
  await enlarge(database, keeper, size);
  const seconds = (performance.now() - began) / 1000;
  // A log that grew over years is known to the planner; one that was made at once is not, yet.
  await database.query('ANALYZE');
  await database.destroy();
  type Opened = Pick<Studio, 'studioId' | 'trainerId' | 'personId' | 'prescriptionId'>;
  const rows = await onDatabase<Opened & { readonly sessionId: string }>(
    url.href,
    `UPDATE training_session session SET finished_at = NULL FROM person_trainer given
      WHERE given.person_id = session.person_id AND session.id IN (
        SELECT id FROM training_session WHERE person_id IN
            (SELECT id FROM person WHERE name LIKE 'Person %')
          ORDER BY started_at DESC LIMIT 3000)
      RETURNING session.studio_id AS "studioId", given.trainer_id AS "trainerId",
        session.id AS "sessionId", session.person_id AS "personId",
        session.prescription_id AS "prescriptionId"`,
  );
  const [row] = rows;
  const [copy] = await onDatabase<Pick<Studio, 'bandId' | 'copyId'>>(
    url.href,
    `SELECT band_id AS "bandId", id AS "copyId" FROM band_copy ORDER BY id LIMIT 1`,
  );
  if (row === undefined || copy === undefined) throw new Error('nobody to ask for');
  console.log(`${name}: made in ${seconds.toFixed(0)} s`);
  const sessionIds = rows.map(({ sessionId }) => sessionId);
  return { ...row, ...copy, url: url.href, sessionIds };
}

async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  server.close();
  if (address === null || typeof address === 'string') throw new Error('no port');
  return address.port;
}

async function run(file: string, env: Readonly<Record<string, string>>): Promise<Running> {
  const port = await freePort();
  const child: ChildProcess = spawn(process.execPath, ['--import', 'tsx', file], {
    cwd: ROOT,
    env: { ...process.env, ...env, PORT: String(port), OTTER_LOG: 'warn' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  if (child.stdout === null) throw new Error('no output');
  await once(child.stdout, 'data');
  return {
    address: `http://127.0.0.1:${port}`,
    async stop() {
      const ended = once(child, 'exit');
      child.kill('SIGTERM');
      await ended;
    },
  };
}

const agent = new Agent({ keepAlive: true, maxSockets: CONNECTIONS });

interface Asked {
  readonly method?: string;
  readonly url: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly body?: string;
}

interface Answer {
  readonly status: number;
  readonly bytes: Buffer;
  readonly cookie: string;
}

function ask({ body, headers = {}, method = 'GET', url }: Asked): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const type = body === undefined ? {} : { 'content-type': 'application/json' };
    const sent = request(url, { method, agent, headers: { ...headers, ...type } }, (response) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () =>
        resolve({
          status: response.statusCode ?? 0,
          bytes: Buffer.concat(parts),
          cookie: (response.headers['set-cookie']?.[0] ?? '').split(';')[0] ?? '',
        }),
      );
    });
    sent.on('error', reject);
    sent.end(body);
  });
}

/** Requests per second over some connections at once. */
async function rate(next: () => Asked): Promise<number> {
  const until = performance.now() + ROUND_MS;
  const began = performance.now();
  let done = 0;
  await Promise.all(
    Array.from({ length: CONNECTIONS }, async () => {
      while (performance.now() < until) {
        const { status, bytes } = await ask(next());
        if (status !== 200) throw new Error(`${status}: ${bytes.toString().slice(0, 300)}`);
        done++;
      }
    }),
  );
  return (1000 * done) / (performance.now() - began);
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/** Alternating rounds, so that what else the machine does meets both. */
async function compare(what: string, ours: () => Asked, bare: () => Asked): Promise<void> {
  const rates = { ours: [] as number[], bare: [] as number[] };
  for (let round = 0; round < WARM_ROUNDS; round++) {
    await rate(ours);
    await rate(bare);
  }
  for (let round = 0; round < ROUNDS; round++) {
    rates.ours.push(await rate(ours));
    rates.bare.push(await rate(bare));
  }
  const [here, there] = [median(rates.ours), median(rates.bare)];
  console.log(
    `${what}: ${here.toFixed(0)} a second, ${(here / there).toFixed(2)} of ${there.toFixed(0)} bare (aim 0.5)`,
  );
}

async function signedIn({ address }: Running): Promise<Readonly<Record<string, string>>> {
  const body = JSON.stringify({ email: 'mika@canalside.example', password: 'towpath' });
  const { cookie } = await ask({ method: 'POST', url: `${address}/api/sign-in`, body });
  return { cookie };
}

async function besideBare(): Promise<void> {
  const studio = await studioOf('bench_half_a_year', HALF_A_YEAR);
  const env = {
    DATABASE_URL: studio.url,
    STUDIO_ID: studio.studioId,
    TRAINER_ID: studio.trainerId,
  };
  const ours = await run('apps/server/src/main.ts', env);
  const bare = await run('apps/server/bench/bare-server.ts', env);
  const headers = await signedIn(ours);
  await compare(
    'account',
    () => ({ url: `${ours.address}/api/account`, headers }),
    () => ({ url: `${bare.address}/account` }),
  );
  for (const limit of [10, 200]) {
    await compare(
      `feed page of ${limit}`,
      () => ({ url: `${ours.address}/api/changes?limit=${limit}`, headers }),
      () => ({ url: `${bare.address}/changes?limit=${limit}` }),
    );
  }
  // Each in its turn, so that none of them grows beyond what a session is.
  let turn = 0;
  const nextSession = (): string => studio.sessionIds[turn++ % studio.sessionIds.length] ?? '';
  const set = { reps: 8, partial: 0, setupId: null, hold_s: null, lowering_s: null };
  const done = JSON.stringify({
    ...{ ...set, spare: 2, form: 'clean', pain: 0 },
    performedAt: new Date().toISOString(),
  });
  await compare(
    'a logged set',
    () => ({
      method: 'PUT',
      url: `${ours.address}/api/sessions/${nextSession()}/sets/${uuidv7()}`,
      headers: { ...headers, 'otter-write': uuidv7() },
      body: done,
    }),
    () => ({
      method: 'PUT',
      url: `${bare.address}/set`,
      body: JSON.stringify({ id: uuidv7(), sessionId: nextSession(), reps: 8 }),
    }),
  );
  await bare.stop();
  await rebuilt(studio.url);
  await firstFill(ours, headers);
  await ours.stop();
}

/** Ends the sessions, and writes their records anew: what the bare server wrote no device could read. */
async function rebuilt(url: string): Promise<void> {
  const database = await openDatabase(url);
  await database.query(`UPDATE training_session SET finished_at = started_at + interval '30 minutes'
    WHERE finished_at IS NULL AND person_id IN (SELECT id FROM person WHERE name LIKE 'Person %')`);
  await rebuildRecords(database, createRecordKeeper(RECORD_SOURCES), RECOUNTS);
  await database.destroy();
}

async function firstFill({ address }: Running, headers: Asked['headers']): Promise<void> {
  const compressed = { ...headers, 'accept-encoding': 'gzip' };
  const began = performance.now();
  let [after, bytes, records] = ['', 0, 0];
  for (let more = true; more;) {
    const answer = await ask({ url: `${address}/api/changes${after}`, headers: compressed });
    bytes += answer.bytes.length;
    const page = JSON.parse(gunzipSync(answer.bytes).toString()) as {
      changes: unknown[];
      cursor: string;
      more: boolean;
    };
    records += page.changes.length;
    after = `?after=${page.cursor}`;
    more = page.more;
  }
  const seconds = (performance.now() - began) / 1000;
  console.log(
    `first fill: ${records} records, ${seconds.toFixed(2)} s (aim 3), ${(bytes / 1e6).toFixed(2)} MB (aim 2)`,
  );
  const empty: number[] = [];
  for (let i = 0; i < 50; i++) {
    const from = performance.now();
    await ask({ url: `${address}/api/changes${after}`, headers: compressed });
    empty.push(performance.now() - from);
  }
  console.log(`empty pull: ${median(empty).toFixed(1)} ms (aim 10)`);
}

/** Each route where the log is a hundred times as long; asked in turn, so that what else the machine does meets both. */
async function growth(): Promise<void> {
  const [small, large] = [await grown('bench_small', SMALL), await grown('bench_large', LARGE)];
  for (const [route, asked] of Object.entries(small.routes)) {
    const took = { small: [] as number[], large: [] as number[] };
    for (let i = 0; i < 100; i++) {
      took.small.push(await small.time(asked()));
      took.large.push(await large.time(large.routes[route]?.() ?? asked()));
    }
    const times = median(took.large) / median(took.small);
    console.log(
      `${route}: ${median(took.small).toFixed(1)} ms at 2 000 sets, ${times.toFixed(2)} times at 200 000 (aim 1.3)`,
    );
  }
  await small.stop();
  await large.stop();
}

/** A studio of a size with a server of its own, and how long that takes to answer, ms. */
async function grown(name: string, size: Size) {
  const studio = await studioOf(name, size);
  const server = await run('apps/server/src/main.ts', { DATABASE_URL: studio.url });
  const headers = await signedIn(server);
  return {
    routes: routesOf(studio),
    stop: () => server.stop(),
    async time(next: Asked): Promise<number> {
      const began = performance.now();
      const answer = await ask({
        ...next,
        url: `${server.address}/api${next.url}`,
        headers: { ...headers, ...next.headers },
      });
      if (answer.status !== 200) throw new Error(`${next.url}: ${answer.bytes.toString()}`);
      return performance.now() - began;
    },
  };
}

/** What is read by request, and what is written most; the rest is what devices keep. */
function routesOf(studio: Studio): Record<string, () => Asked> {
  const { bandId, copyId, personId, prescriptionId, sessionIds } = studio;
  const [sessionId = ''] = sessionIds;
  let turn = 0;
  // Each in its turn, so that none of them grows beyond what a session is.
  const nextSession = (): string => sessionIds[turn++ % sessionIds.length] ?? '';
  const logged = { sessionId, setId: '' };
  return {
    'GET account': () => ({ url: '/account' }),
    'GET changes, a page': () => ({ url: '/changes?limit=200' }),
    'GET one session': () => ({ url: `/records/session/${sessionId}` }),
    'GET older sessions': () => ({ url: `/sessions?personId=${personId}&limit=50` }),
    'PUT a set': () => {
      Object.assign(logged, { sessionId: nextSession(), setId: uuidv7() });
      return written('PUT', `/sessions/${logged.sessionId}/sets/${logged.setId}`, {
        ...{ performedAt: new Date().toISOString(), setupId: null, reps: 8, partial: 0 },
        ...{ hold_s: null, lowering_s: null, spare: 2, form: 'clean', pain: 0 },
      });
    },
    'PUT a set aside': () =>
      written('PUT', `/sessions/${logged.sessionId}/sets/${logged.setId}/set-aside`, {
        setAside: turn++ % 2 === 0,
      }),
    'PUT a note on a band': () =>
      written('PUT', `/bands/${bandId}/events/${uuidv7()}`, {
        ...{ copyId, at: new Date().toISOString() },
        what: { kind: 'moved', holder: { at: 'bag' } },
      }),
    'PUT a session': () =>
      written('PUT', `/sessions/${uuidv7()}`, {
        ...{ prescriptionId, startedAt: new Date().toISOString() },
      }),
    'POST the end of a session': () =>
      written('POST', `/sessions/${nextSession()}/finish`, { redFlag: false }),
  };
}

function written(method: string, url: string, body: object): Asked {
  return { method, url, headers: { 'otter-write': uuidv7() }, body: JSON.stringify(body) };
}

await besideBare();
await growth();
agent.destroy();
