import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { backUp, restore } from '../machine/backup.mjs';
import { freePort } from '../machine/ports.mjs';
import { clientProgram } from '../machine/postgres.mjs';
import { run } from '../machine/processes.mjs';
import { expect } from './expect.mjs';
import { OWNER, signedIn } from './owner.mjs';
import { startServer } from './servers.mjs';

/** Ports of servers that are there for one check. */
const BACK_UP_PORT = 4740;
const UPGRADE_PORT = 4750;

export async function checkBackUp(practice, { personId, told }) {
  const { args, cluster, environment, folder, query, root } = practice;
  const file = join(folder, 'practice.backup');
  backUp(cluster.url, file, 'a password of the practice');
  query('CREATE DATABASE restored');
  const databaseUrl = cluster.url.replace(/\/postgres$/, '/restored');
  restore(databaseUrl, file, 'a password of the practice');
  const port = await freePort(BACK_UP_PORT);
  const env = { ...environment(port, databaseUrl), OTTER_TLS: 'no' };
  const server = await startServer(root, args, env);
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
export async function checkUpgrade({ args, cluster, environment, query, root }) {
  const databases = join(root, 'apps/server/test/databases');
  query('CREATE DATABASE upgraded');
  const databaseUrl = cluster.url.replace(/\/postgres$/, '/upgraded');
  const dump = join(databases, 'before-records.sql');
  run(clientProgram('psql'), ['-q', '-v', 'ON_ERROR_STOP=1', '-d', databaseUrl, '-f', dump]);
  const told = JSON.parse(readFileSync(join(databases, 'before-records.told.json'), 'utf8'));
  const ports = [await freePort(UPGRADE_PORT)];
  ports.push(await freePort(ports[0] + 1));
  const servers = await Promise.all(
    ports.map((port) =>
      startServer(root, args, { ...environment(port, databaseUrl), OTTER_TLS: 'no' }),
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
