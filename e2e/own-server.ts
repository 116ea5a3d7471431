import pg from 'pg';
import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';
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

export async function openOwnServer(): Promise<OwnServer> {
  const clusterUrl = process.env['OTTER_TEST_DATABASE_URL'];
  if (clusterUrl === undefined) throw new Error('OTTER_TEST_DATABASE_URL is not set; run npm test');
  const port = await freePort();
  const name = `own_${process.pid}_${port}`;
  await onDatabase(clusterUrl, `CREATE DATABASE ${name}`);
  const url = new URL(clusterUrl);
  url.pathname = `/${name}`;
  const env = { ...process.env, DATABASE_URL: url.href, OTTER_DEMO: 'yes', PORT: String(port) };
  let server: ChildProcess | undefined;
  const own: OwnServer = {
    address: `http://127.0.0.1:${port}`,
    async query<Row>(text: string) {
      return (await onDatabase(url.href, text)) as Row[];
    },
    async start() {
      server = spawn(process.execPath, ['--import', 'tsx', 'apps/server/src/main.ts'], {
        cwd: ROOT,
        env,
        stdio: ['ignore', 'pipe', 'inherit'],
      });
      // It says so once it listens.
      await once(server.stdout as NodeJS.ReadableStream, 'data');
    },
    async stop() {
      if (server === undefined) return;
      const ended = once(server, 'exit');
      server.kill('SIGKILL');
      await ended;
      server = undefined;
    },
    async close() {
      await own.stop();
      await onDatabase(clusterUrl, `DROP DATABASE ${name} WITH (FORCE)`);
    },
  };
  await own.start();
  return own;
}

async function freePort(): Promise<number> {
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
