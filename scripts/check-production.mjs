// `npm run check-production`: the product as it is run for real, on loopback: nginx with TLS before two
// server processes on one database. Every check says what was seen; the first that fails ends it.
import { randomUUID } from 'node:crypto';
import { spawn } from 'node:child_process';
import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { backUp, restore } from './machine/backup.mjs';
import { ensureNpmPackages } from './machine/install.mjs';
import { freePort } from './machine/ports.mjs';
import { clientProgram, removeCluster, startCluster } from './machine/postgres.mjs';
import { run, succeeds } from './machine/processes.mjs';
import { buildServer } from './machine/server-build.mjs';
import { ensureWebBuild } from './machine/web-build.mjs';
import { Client, plainRequest } from './production/client.mjs';
import { startProxy } from './production/proxy.mjs';
import { startServer } from './production/servers.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const FIRST_PORT = 4700;
/** Restarts while everybody writes, of each process. */
const ROUNDS = 3;
const WRITERS = 4;

const OWNER = {
  name: 'Ada Fender',
  email: 'ada.fender@canalside.example',
  password: 'a long towrope',
};
const SECRET_NOTE = 'Knee swollen after the lock gates.';

const folder = mkdtempSync(join(tmpdir(), 'wiry-otter-production-'));
/** What is stopped at the end, the last started first. */
const stops = [];

function expect(isSo, what) {
  if (!isSo) throw new Error(`not so: ${what}`);
  console.log(`✓ ${what}`);
}

async function main() {
  ensureNpmPackages(ROOT);
  ensureWebBuild(ROOT);
  const args = await buildServer(ROOT);
  await checkFolders();
  const cluster = await startCluster(join(folder, 'postgres'));
  stops.push(() => {
    cluster.stop();
    removeCluster(join(folder, 'postgres'));
  });
  const query = (text, databaseUrl = cluster.url) =>
    run(clientProgram('psql'), ['-qAtX', '-d', databaseUrl, '-c', text]).trim();

  const ports = [];
  for (let n = 0; n < 4; n++) ports.push(await freePort((ports.at(-1) ?? FIRST_PORT - 1) + 1));
  const [first, second, plainPort, tlsPort] = ports;
  const environment = (port, databaseUrl = cluster.url) => ({
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    OTTER_TLS: 'yes',
    OTTER_TRUST_PROXY: 'loopback',
    OTTER_ADDRESS: `https://localhost:${tlsPort}`,
  });
  const start = (port) => startServer(ROOT, args, environment(port));
  const servers = await Promise.all([start(first), start(second)]);
  const logs = servers.map(({ log }) => log);
  stops.push(() => Promise.all(servers.map((server) => server.stop())));
  const migrations = query('SELECT count(*), count(DISTINCT name) FROM migrations');
  expect(
    /^(\d+)\|\1$/.test(migrations),
    `two processes that start at once on an empty database both serve it (${migrations.split('|')[0]} migrations, each once)`,
  );
  const proxy = await startProxy(ROOT, join(folder, 'nginx'), {
    serverPorts: [first, second],
    plainPort,
    tlsPort,
  });
  stops.push(() => proxy.stop());
  const clients = [];
  const client = (from) => {
    const made = new Client(tlsPort, proxy.certificate, from);
    clients.push(made);
    return made;
  };
  stops.push(() => clients.forEach((one) => one.close()));

  const owner = client();
  await reached(owner);
  await checkTransport(owner, plainPort);
  await makeStudio(owner, logs);
  await checkAddresses(client, query);
  await checkStream(owner, client());
  const personId = await checkPerson(owner);
  const told = await checkRestarts({ client, owner, personId, query, servers, start, ports, logs });
  await checkKilled(owner, servers, start, first, logs);
  await checkBackUp({ args, cluster, environment, owner, query, told, personId });
  await checkUpgrade({ args, cluster, environment, query });
  checkUnit();
  checkLogs(logs, proxy);
}

/** A start that was killed while it made its database, and two starts on one folder. */
async function checkFolders() {
  const home = join(folder, 'first-start');
  const starting = () =>
    spawn(
      process.execPath,
      [
        '--input-type=module',
        '-e',
        `const { startCluster } = await import(${JSON.stringify(new URL('./machine/postgres.mjs', import.meta.url).href)});
         const { url } = await startCluster(${JSON.stringify(home)}, { durable: false });
         console.log(url);`,
      ],
      { cwd: ROOT, detached: true, stdio: ['ignore', 'pipe', 'ignore'] },
    );
  const killed = starting();
  await until(() => existsSync(home) && readdirSync(home).some((name) => /^data-\d+$/.test(name)));
  process.kill(-killed.pid, 'SIGKILL');
  await new Promise((gone) => killed.once('exit', gone));
  const said = await Promise.all([starting(), starting()].map(lineOf));
  stops.push(() => removeCluster(home));
  expect(
    said[0] !== '' && said[0] === said[1],
    'after a start that was killed while it made its database, two starts at once share a whole one',
  );
  removeCluster(home);
}

/** Waits until something is so; not for ever. */
async function until(isSo, patience_ms = 20_000) {
  for (const begun = Date.now(); !isSo();) {
    if (Date.now() - begun > patience_ms)
      throw new Error(`not so after ${patience_ms} ms: ${isSo}`);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}

function lineOf(child) {
  return new Promise((resolve) => {
    let text = '';
    child.stdout.on('data', (chunk) => (text += chunk));
    child.once('exit', () => resolve(text.trim().split('\n').at(-1) ?? ''));
  });
}

/** nginx has bound its ports. */
async function reached(owner) {
  for (let tries = 0; ; tries++) {
    try {
      return await owner.request('GET', '/health');
    } catch (error) {
      if (tries === 100) throw error;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  }
}

async function checkTransport(owner, plainPort) {
  const plain = await plainRequest(plainPort, '/people?x=1');
  expect(
    plain.status === 301 && plain.headers.location.startsWith('https://localhost'),
    'plain HTTP is sent on to TLS',
  );
  const page = await owner.request('GET', '/');
  expect(
    page.status === 200 && page.headers['strict-transport-security'] !== undefined,
    'the page comes over TLS, and says that it always will',
  );
  for (const path of ['/health', '/ready']) {
    expect((await owner.request('GET', path)).status === 200, `${path} answers 200`);
  }
}

async function makeStudio(owner, logs) {
  const code = /The code that makes your studio: (\S+)/;
  const codes = logs.map(({ text }) => code.exec(text)?.[1]);
  expect(codes[0] !== undefined && codes[0] === codes[1], 'both print the same code');
  const demo = { email: 'mika@canalside.example', password: 'towpath' };
  const refused = await owner.request('POST', '/api/sign-in', demo);
  expect(refused.status === 401, 'the demo’s password opens nothing');
  const made = await owner.request('POST', '/api/first-start', {
    code: codes[0],
    studio: {
      ...{ name: 'Lock House Training', zone: 'Europe/Amsterdam', forceUnit: 'N' },
      ...{ lengthUnit: 'cm', massUnit: 'kg', weekStart: 'monday' },
    },
    owner: OWNER,
  });
  const cookies = made.headers['set-cookie'] ?? [];
  expect(
    made.status === 200 &&
      cookies.length > 0 &&
      cookies.every((one) => /; Secure/i.test(one) && /; HttpOnly/i.test(one)),
    'the studio is made; its cookies are Secure and HttpOnly',
  );
  const elsewhere = { origin: 'https://elsewhere.example' };
  const forged = await owner.request('POST', '/api/sign-out', {}, elsewhere);
  expect(forged.status === 403, 'a write from a page of another site is refused');
}

/** Addresses are those that nginx saw, whatever a browser claims. */
async function checkAddresses(client) {
  const guess = (from, claimed) =>
    client(from).request(
      'POST',
      '/api/sign-in',
      { email: OWNER.email, password: 'a guess' },
      { 'x-forwarded-for': claimed },
    );
  const answers = [];
  for (let n = 0; n < 8; n++) answers.push((await guess('127.0.0.2', `198.51.100.${n}`)).status);
  expect(
    answers.join() === '401,401,401,401,401,429,429,429',
    `of eight guesses of one address under eight forged ones five are tried (${answers.join(' ')})`,
  );
  const other = await guess('127.0.0.3', '127.0.0.2');
  expect(other.status === 401, 'another address has its own tries');
  const right = await client('127.0.0.4').request('POST', '/api/sign-in', {
    email: OWNER.email,
    password: OWNER.password,
  });
  expect(right.status === 200, 'and the right password gets in from a third');
}

async function checkStream(owner, listener) {
  await listener.request('POST', '/api/sign-in', { email: OWNER.email, password: OWNER.password });
  const stream = await listener.openStream();
  const word = stream.next();
  await owner.request('PUT', `/api/places/${randomUUID()}`, {
    ...{ version: 0, name: 'Lock house', about: '', anchors: [] },
  });
  await word;
  stream.close();
  expect(true, 'what is written is told over the stream at once, through the proxy');
}

async function checkPerson(owner) {
  const id = randomUUID();
  const made = await owner.request('PUT', `/api/people/${id}`, {
    ...{ version: 0, name: 'Bram Towpath', about: '', stature_m: 1.8, mass_kg: 80, goal: 'keep' },
    ...{ painLimit: 3, latexAllergy: false, bornOn: null, conditions: [], mountLimit_N: 250 },
    ...{ ranges: [], clearance: null },
  });
  expect(made.status === 200, 'a person is written down');
  return id;
}

/** Both processes stop and start again, again and again, while everybody writes and reads. */
async function checkRestarts({ client, logs, owner, personId, ports, query, servers, start }) {
  let isOver = false;
  const sent = [];
  const lost = [];
  const work = async () => {
    const writer = client();
    await writer.request('POST', '/api/sign-in', { email: OWNER.email, password: OWNER.password });
    while (!isOver) {
      const id = randomUUID();
      const body = { version: 0, personId, day: '2026-11-20', text: SECRET_NOTE, removed: false };
      const headers = { 'otter-write': randomUUID() };
      const told = await writer
        .request('PUT', `/api/notes/${id}`, body, headers)
        .catch((error) => ({ status: error.message }));
      sent.push(id);
      if (told.status !== 200) lost.push(told.status);
      const read = await writer
        .request('GET', '/api/changes?limit=5')
        .catch((error) => ({ status: error.message }));
      if (read.status !== 200) lost.push(read.status);
    }
  };
  const writers = Array.from({ length: WRITERS }, work);
  for (let round = 0; round < ROUNDS; round++) {
    for (const n of [0, 1]) {
      await servers[n].stop();
      servers[n] = await start(ports[n]);
      logs.push(servers[n].log);
    }
  }
  isOver = true;
  await Promise.all(writers);
  expect(
    lost.length === 0,
    `${ROUNDS} restarts of each process: of ${2 * sent.length} requests none was lost${lost.length > 0 ? ` (${lost.length}: ${lost.slice(0, 5)})` : ''}`,
  );
  const kept = Number(query('SELECT count(*) FROM person_note'));
  expect(kept === sent.length, `each of ${sent.length} notes is there once`);
  return (await owner.request('GET', `/api/people/${personId}/file`)).body;
}

/** A process that is gone without a word. */
async function checkKilled(owner, servers, start, port, logs) {
  await servers[0].kill();
  const answers = [];
  for (let n = 0; n < 20; n++) answers.push((await owner.request('GET', '/api/account')).status);
  expect(
    answers.every((status) => status === 200),
    'one process is killed: the other answers, and nobody notices',
  );
  servers[0] = await start(port);
  logs.push(servers[0].log);
}

async function checkBackUp({ args, cluster, environment, query, told, personId }) {
  const file = join(folder, 'practice.backup');
  backUp(cluster.url, file, 'a password of the practice');
  query('CREATE DATABASE restored');
  const databaseUrl = cluster.url.replace(/\/postgres$/, '/restored');
  restore(databaseUrl, file, 'a password of the practice');
  const port = await freePort(FIRST_PORT + 40);
  const env = { ...environment(port, databaseUrl), OTTER_TLS: 'no' };
  const server = await startServer(ROOT, args, env);
  try {
    const address = `http://127.0.0.1:${port}`;
    const cookie = await signedIn(address, OWNER.email, OWNER.password);
    const answer = await fetch(`${address}/api/people/${personId}/file`, {
      headers: { cookie },
    });
    // But for the moment it was asked.
    const there = { ...(await answer.json()), takenAt: told.takenAt };
    expect(
      JSON.stringify(there) === JSON.stringify(told),
      'an encrypted back-up is restored into an empty database, row by row, and a server on it tells the same',
    );
  } finally {
    await server.stop();
  }
}

/** A database of an old version, on which both processes of this one start at once. */
async function checkUpgrade({ args, cluster, environment, query }) {
  const databases = join(ROOT, 'apps/server/test/databases');
  query('CREATE DATABASE upgraded');
  const databaseUrl = cluster.url.replace(/\/postgres$/, '/upgraded');
  const dump = join(databases, 'before-records.sql');
  run(clientProgram('psql'), ['-q', '-v', 'ON_ERROR_STOP=1', '-d', databaseUrl, '-f', dump]);
  const told = JSON.parse(readFileSync(join(databases, 'before-records.told.json'), 'utf8'));
  const ports = [await freePort(FIRST_PORT + 50)];
  ports.push(await freePort(ports[0] + 1));
  const servers = await Promise.all(
    ports.map((port) =>
      startServer(ROOT, args, { ...environment(port, databaseUrl), OTTER_TLS: 'no' }),
    ),
  );
  try {
    for (const port of ports) {
      const address = `http://127.0.0.1:${port}`;
      const cookie = await signedIn(address, 'mika@canalside.example', 'towpath');
      const found = [];
      for (const { id } of told.sessions) {
        const path = `${address}/api/records/session/${id}`;
        found.push((await fetch(path, { headers: { cookie } })).status);
      }
      expect(
        found.length > 20 && found.every((status) => status === 200),
        `on a database of an old version one of two processes that started at once tells all ${found.length} sessions`,
      );
    }
  } finally {
    await Promise.all(servers.map((server) => server.stop()));
  }
}

/** The service unit, where there is a systemd to ask. */
function checkUnit() {
  if (!succeeds('systemd-analyze', ['--version'])) {
    console.log('– there is no systemd here: the service unit was not verified');
    return;
  }
  const unit = join(folder, 'wiry-otter@4401.service');
  copyFileSync(join(ROOT, 'deploy/wiry-otter@.service'), unit);
  expect(succeeds('systemd-analyze', ['verify', unit]), 'systemd takes the service unit');
}

/** The cookies of who signs in. */
async function signedIn(address, email, password) {
  const answer = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ email, password }),
  });
  return answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
}

/** Nobody is named in a log, nothing is told of anybody. */
function checkLogs(logs, proxy) {
  const text = logs.map((log) => log.text).join('\n') + proxy.errors();
  const lines = text.split('\n').filter((line) => line.startsWith('{'));
  const named = [
    OWNER.name,
    OWNER.email,
    OWNER.password,
    'Bram',
    SECRET_NOTE,
    '127.0.0.2',
    'limit=5',
  ];
  const found = named.filter((word) => text.includes(word));
  const ids = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/.exec(
    lines.map((line) => line.replace(/"hostname":"[^"]*"/, '')).join('\n'),
  );
  expect(
    lines.length > 50 && found.length === 0 && ids === null,
    `${lines.length} lines of log name no person, address, id or query${found.length > 0 ? `: ${found}` : ''}${ids === null ? '' : `: ${ids[0]}`}`,
  );
}

try {
  // The user postgres has to reach what lies in it.
  chmodSync(folder, 0o755);
  await main();
  console.log('All of it holds.');
} catch (error) {
  console.error(`check-production: ${error.message}`);
  process.exitCode = 1;
} finally {
  for (const stop of stops.toReversed()) await stop();
  rmSync(folder, { recursive: true, force: true });
}
