// `npm run check-production`: the product as it is run for real, on loopback: nginx with TLS before two
// server processes on one database. Every check says what was seen; the first that fails ends it.
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureNpmPackages } from './machine/install.mjs';
import { freePort } from './machine/ports.mjs';
import { clientProgram, removeCluster, startCluster } from './machine/postgres.mjs';
import { run } from './machine/processes.mjs';
import { buildServer } from './machine/server-build.mjs';
import { ensureWebBuild } from './machine/web-build.mjs';
import { checkBackUp, checkUpgrade } from './production/check-databases.mjs';
import { checkFolders } from './production/check-folders.mjs';
import { checkLogs } from './production/check-logs.mjs';
import {
  checkAddresses,
  checkStream,
  checkTransport,
  makeStudio,
  reached,
} from './production/check-proxy.mjs';
import { checkKilled, checkPerson, checkRestarts } from './production/check-restarts.mjs';
import { checkUnit } from './production/check-unit.mjs';
import { Client } from './production/client.mjs';
import { expect } from './production/expect.mjs';
import { startProxy } from './production/proxy.mjs';
import { startServer } from './production/servers.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const FIRST_PORT = 4700;

const folder = mkdtempSync(join(tmpdir(), 'wiry-otter-production-'));
/** What is stopped at the end, the last started first. */
const stops = [];

async function main() {
  ensureNpmPackages(ROOT);
  ensureWebBuild(ROOT);
  const args = await buildServer(ROOT);
  await checkFolders({ folder, root: ROOT, stops });
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
  const practice = { args, cluster, environment, folder, query, root: ROOT };
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
  await checkAddresses(client);
  await checkStream(owner, client());
  const personId = await checkPerson(owner);
  const told = await checkRestarts({ client, owner, personId, query, servers, start, ports, logs });
  await checkKilled(owner, servers, start, first, logs);
  await checkBackUp(practice, { personId, told });
  await checkUpgrade(practice);
  checkUnit(practice);
  checkLogs(logs, proxy);
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
