import type { Role } from '@wiry-otter/contracts';
import { DEFAULT_BREAK_DAYS, USUAL_UNITS } from '@wiry-otter/core';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import type { DataSource } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { hashPassword } from '../../src/areas/account/passwords.js';
import { type AppOptions, buildApp } from '../../src/app.js';
import { RECORD_SOURCES, RECOUNTS } from '../../src/areas/areas.js';
import { createRecordKeeper } from '../../src/platform/records/record-keeper.js';
import { ensureRecords } from '../../src/platform/records/rebuild-records.js';
import { openDatabase } from '../../src/open-database.js';
import { StudioEntity, TrainerEntity } from '../../src/areas/studio/entities.js';
import { loadDemo } from '../../src/demo/load-demo.js';
import type { App } from '../../src/platform/app-context.js';
import { renewFigures } from '../../src/areas/renewal/renew-figures.js';
import { Mailer } from '../../src/platform/mail/mailer.js';
import { ScopedManager } from '../../src/platform/records/scoped-manager.js';
import { SOLVER_IN_PLACE } from '../../src/platform/solving/solver.js';

// The first studio loads the whole demo scenario.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 60_000;

const DEMO = fileURLToPath(new URL('../../../../demo', import.meta.url));

/** Where the pages of studios are found that have not said it. */
export const ADDRESS = 'https://otter.canalside.example';

export const KEEPER = createRecordKeeper(RECORD_SOURCES);

export interface Answer<Body> {
  readonly status: number;
  readonly body: Body;
}

/** One signed-in browser. */
export interface Client {
  /** As the browser sends it. */
  readonly cookie: string;
  get<Body>(path: string): Promise<Answer<Body>>;
  put<Body>(path: string, body: unknown): Promise<Answer<Body>>;
  post<Body>(path: string, body?: unknown): Promise<Answer<Body>>;
  delete<Body>(path: string): Promise<Answer<Body>>;
  /** With headers of its own. */
  send<Body>(
    method: 'GET' | 'PUT' | 'POST' | 'DELETE',
    path: string,
    payload: unknown,
    headers: Readonly<Record<string, string>>,
  ): Promise<Answer<Body>>;
  /** A file, as the browser saves it. */
  file(path: string): Promise<Answer<Buffer> & { readonly type: string }>;
}

export interface EmptyServer {
  readonly app: App;
  readonly database: DataSource;
  /** Nobody. */
  readonly nobody: Client;
  close(): Promise<void>;
}

export interface TestStudio extends EmptyServer {
  /** The demo trainer. */
  readonly mika: Client;
  /** A trainer of another studio. */
  readonly stranger: Client;
}

/** A database of its own on the test cluster, the demo scenario, and a second studio. */
export async function openTestStudio(): Promise<TestStudio> {
  template ??= createTemplate();
  const name = databaseName();
  await onCluster(`CREATE DATABASE ${name} TEMPLATE ${await template}`);
  return serve(name, await openDatabase(urlOf(name)));
}

/** A database filled from the statements of a dump, brought up to date as at a start of the server. */
export async function openDumpedStudio(statements: string): Promise<TestStudio> {
  const name = databaseName();
  await onCluster(`CREATE DATABASE ${name}`);
  const client = new pg.Client({ connectionString: urlOf(name) });
  await client.connect();
  await client.query(statements);
  await client.end();
  const database = await openDatabase(urlOf(name));
  await renewFigures(database, KEEPER);
  await addStranger(database);
  await ensureRecords(database, KEEPER, RECOUNTS);
  return serve(name, database);
}

/** A database without a table, to be dropped by who asked for it. */
export async function createEmptyDatabase(): Promise<{
  readonly name: string;
  readonly url: string;
  drop(): Promise<void>;
}> {
  const name = databaseName();
  await onCluster(`CREATE DATABASE ${name}`);
  const drop = () => onCluster(`DROP DATABASE ${name} WITH (FORCE)`);
  return { name, url: urlOf(name), drop };
}

/** A server that waits for its studio. */
export async function openEmptyServer(): Promise<EmptyServer> {
  const { name, url } = await createEmptyDatabase();
  const database = await openDatabase(url);
  await ensureRecords(database, KEEPER, RECOUNTS);
  return serveEmpty(name, database);
}

/** A server of its own with a studio that has nothing yet, and its trainer. */
export async function openUpstream(): Promise<EmptyServer & { readonly trainer: Client }> {
  const server = await openEmptyServer();
  const studioId = uuidv7();
  await server.database.query(
    "INSERT INTO studio (id, name, zone, force_unit) VALUES ($1, 'Upstream', 'UTC', 'N')",
    [studioId],
  );
  const who = { email: 'up@stream.example', name: 'Upstream trainer', password: 'a paddle' };
  await addTrainer(server.database, studioId, who);
  return { ...server, trainer: await signIn(server.app, who.email, who.password) };
}

async function serve(name: string, database: DataSource): Promise<TestStudio> {
  const server = await serveEmpty(name, database);
  return {
    ...server,
    mika: await signIn(server.app, 'mika@canalside.example', 'towpath'),
    stranger: await signIn(server.app, 'stranger@elsewhere.example', 'far away'),
  };
}

/** Another server process on the same database. */
export function buildTestApp(
  database: DataSource,
  options: Partial<AppOptions> = {},
): Promise<App> {
  return buildApp({
    database,
    keeper: KEEPER,
    solver: SOLVER_IN_PLACE,
    mailer: mailerOf(database),
    webFolder: '',
    plainHttp: true,
    gaugeUrl: null,
    logLevel: 'silent',
    ...options,
  });
}

async function serveEmpty(name: string, database: DataSource): Promise<EmptyServer> {
  const app = await buildTestApp(database);
  return {
    app,
    database,
    nobody: clientWith(app, ''),
    async close() {
      await app.close();
      await database.destroy();
      await onCluster(`DROP DATABASE ${name}`);
    },
  };
}

/** Where the database of a studio is. */
export async function urlOfStudio({ database }: Pick<EmptyServer, 'database'>): Promise<string> {
  const [row] = await database.query<{ name: string }[]>('SELECT current_database() AS name');
  return urlOf(row?.name ?? '');
}

/** Sends into the simulated mailbox. */
export function mailerOf(database: DataSource): Mailer {
  return new Mailer({ database, address: ADDRESS, smtpUrl: null, from: 'otter@canalside.example' });
}

/** Loading the demo takes seconds, copying a database a fraction of one. */
let template: Promise<string> | undefined;

async function createTemplate(): Promise<string> {
  const name = databaseName();
  await onCluster(`CREATE DATABASE ${name}`);
  const database = await openDatabase(urlOf(name));
  await ensureRecords(database, KEEPER, RECOUNTS);
  await loadDemo(database, KEEPER, DEMO);
  await addStranger(database);
  await database.destroy();
  return name;
}

function databaseName(): string {
  return `test_${uuidv7().replaceAll('-', '')}`;
}

function clusterUrl(): string {
  const url = process.env['OTTER_TEST_DATABASE_URL'];
  if (url === undefined) throw new Error('OTTER_TEST_DATABASE_URL is not set; run npm test');
  return url;
}

function urlOf(database: string): string {
  const url = new URL(clusterUrl());
  url.pathname = `/${database}`;
  return url.href;
}

/** Signs in and keeps the cookie. */
export async function signIn(app: App, email: string, password: string): Promise<Client> {
  const answer = await app.inject({
    method: 'POST',
    url: '/api/sign-in',
    payload: { email, password },
  });
  const cookie = answer.cookies[0];
  if (cookie === undefined) throw new Error(`no sign-in for ${email}: ${answer.body}`);
  return clientWith(app, `${cookie.name}=${cookie.value}`);
}

function clientWith(app: App, cookie: string): Client {
  const call = async <Body>(
    method: 'GET' | 'PUT' | 'POST' | 'DELETE',
    path: string,
    payload?: unknown,
    headers: Readonly<Record<string, string>> = {},
  ): Promise<Answer<Body>> => {
    const answer = await app.inject({
      method,
      url: `/api${path}`,
      headers: { ...headers, cookie },
      ...(payload === undefined ? {} : { payload: payload as object }),
    });
    const body = answer.body === '' ? null : answer.json<Body>();
    return { status: answer.statusCode, body: body as Body };
  };
  return {
    cookie,
    get: (path) => call('GET', path),
    put: (path, body) => call('PUT', path, body),
    post: (path, body) => call('POST', path, body ?? {}),
    delete: (path) => call('DELETE', path),
    send: call,
    file: async (path) => {
      const answer = await app.inject({ url: `/api${path}`, headers: { cookie } });
      return {
        status: answer.statusCode,
        type: String(answer.headers['content-type']),
        body: answer.rawPayload,
      };
    },
  };
}

async function addStranger(database: DataSource): Promise<void> {
  const studioId = uuidv7();
  await database.manager.insert(StudioEntity, {
    id: studioId,
    name: 'Elsewhere',
    zone: 'UTC',
    forceUnit: 'N',
  });
  await addTrainer(database, studioId, {
    email: 'stranger@elsewhere.example',
    name: 'A stranger',
    password: 'far away',
    role: 'owner',
  });
}

/** Another trainer of a studio. */
export async function addTrainer(
  database: DataSource,
  studioId: string,
  who: { email: string; name: string; password: string; role?: Role },
): Promise<string> {
  const id = uuidv7();
  const { email, name, password, role = 'trainer' } = who;
  const passwordHash = await hashPassword(password);
  await database.manager.insert(TrainerEntity, { id, studioId, email, name, passwordHash, role });
  await scopedFor(database, { studioId, trainerId: id }).transaction(async (inside) => {
    await inside.query('test-joined', 'UPDATE studio SET version = version + 1 WHERE id = $1');
    inside.touch('studio', studioId);
    inside.touch('preferences', id);
  });
  return id;
}

/** The tables as a trainer's request would see them. */
export function scopedFor(
  database: DataSource,
  who: { readonly studioId: string; readonly trainerId: string },
): ScopedManager {
  return new ScopedManager(database.manager, KEEPER, {
    ...who,
    trainerName: '',
    trainerEmail: '',
    role: 'owner',
    zone: 'UTC',
    inspectionRule: { days: 30, cycles: 1500 },
    units: USUAL_UNITS,
    eyesRule: false,
    breakDays: DEFAULT_BREAK_DAYS,
    now: new Date(),
  });
}

async function onCluster(statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: clusterUrl() });
  await client.connect();
  await client.query(statement);
  await client.end();
}
