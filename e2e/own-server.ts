import { openBridge } from '@wiry-otter/gauge';
import pg from 'pg';
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** A server with a database of its own, that a test may take away and bring back. */
export interface OwnServer {
  readonly address: string;
  /** Asks its database. */
  query<Row>(text: string): Promise<Row[]>;
  /** As when the network is gone, or the server's machine. */
  stop(): Promise<void>;
  start(): Promise<void>;
  close(): Promise<void>;
}

/**
 * A server and a simulated scale of its own, on a copy of the template; on another cluster the server
 * loads the demo scenario itself, and without it nothing is there yet.
 */
export async function openOwnServer(
  otherCluster?: string,
  { demo = true } = {},
): Promise<OwnServer> {
  const port = await freePort();
  const name = `own_${process.pid}_${port}`;
  const cluster = otherCluster ?? clusterUrl();
  const isCopy = otherCluster === undefined && demo;
  const template = isCopy ? process.env['OTTER_E2E_TEMPLATE'] : 'template1';
  await onDatabase(cluster, `CREATE DATABASE ${name} TEMPLATE ${template}`);
  const url = databaseUrl(cluster, name);
  // The simulated scale, as `npm start` runs it; a fixed seed, so that a pull is the same each time.
  const gauge = await openBridge({ port: 0, seed: 2026 });
  let server: ChildProcess | undefined;
  const own: OwnServer = {
    address: `http://127.0.0.1:${port}`,
    async query<Row>(text: string) {
      return (await onDatabase(url, text)) as Row[];
    },
    async start() {
      server = await startServer({
        DATABASE_URL: url,
        PORT: String(port),
        OTTER_GAUGE_URL: gauge.url,
        OTTER_DEMO: demo ? 'yes' : 'no',
      });
    },
    async stop() {
      if (server !== undefined) await end(server, 'SIGKILL');
      server = undefined;
    },
    async close() {
      await own.stop();
      await gauge.close();
      await onDatabase(cluster, `DROP DATABASE ${name} WITH (FORCE)`);
    },
  };
  await own.start();
  return own;
}

interface ServerBuild {
  buildServer: (root: string) => Promise<readonly string[]>;
}
const SERVER_BUILD: string = new URL('../scripts/machine/server-build.mjs', import.meta.url).href;

/** What Node is given to run the server, as `npm start` runs it; all processes of a run share it. */
const SERVER_ARGS = 'OTTER_E2E_SERVER';

/** A database with the demo scenario, as a server leaves it. @returns its name */
export async function createTemplate(): Promise<string> {
  const name = `e2e_${process.pid}`;
  await onDatabase(clusterUrl(), `CREATE DATABASE ${name}`);
  const env = { DATABASE_URL: databaseUrl(clusterUrl(), name), PORT: String(await freePort()) };
  await end(await startServer(env), 'SIGTERM');
  return name;
}

function clusterUrl(): string {
  const url = process.env['OTTER_TEST_DATABASE_URL'];
  if (url === undefined) throw new Error('OTTER_TEST_DATABASE_URL is not set; run npm test');
  return url;
}

function databaseUrl(cluster: string, name: string): string {
  const url = new URL(cluster);
  url.pathname = `/${name}`;
  return url.href;
}

/** A server as `npm start` runs it, on a database that there is. */
export async function startServer(env: Record<string, string>): Promise<ChildProcess> {
  const server = spawn(process.execPath, await serverArgs(), {
    cwd: ROOT,
    env: { ...process.env, OTTER_DEMO: 'yes', ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  // It says so once it listens, after what else it has to say.
  const ended = once(server, 'exit').then(([code]) => {
    throw new Error(`the server ended with ${String(code)} before it listened`);
  });
  const listens = new Promise<void>((resolve) => {
    createInterface({ input: server.stdout }).on('line', (line) => {
      if (line.startsWith('ready ')) resolve();
    });
  });
  await Promise.race([listens, ended]);
  return server;
}

async function serverArgs(): Promise<readonly string[]> {
  if (process.env[SERVER_ARGS] === undefined) {
    const { buildServer } = (await import(SERVER_BUILD)) as ServerBuild;
    process.env[SERVER_ARGS] = JSON.stringify(await buildServer(ROOT));
  }
  return JSON.parse(process.env[SERVER_ARGS]) as string[];
}

export async function end(server: ChildProcess, signal: 'SIGTERM' | 'SIGKILL'): Promise<void> {
  const ended = once(server, 'exit');
  server.kill(signal);
  await ended;
}

export async function freePort(): Promise<number> {
  const server = createServer();
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  server.close();
  if (address === null || typeof address === 'string') throw new Error('no port');
  return address.port;
}

async function onDatabase(url: string, statement: string): Promise<unknown[]> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const { rows } = await client.query<Record<string, unknown>>(statement);
  await client.end();
  return rows;
}
