// `npm start`: installs what is missing, builds what is stale, starts database and server.
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureNpmPackages } from './machine/install.mjs';
import { freePort } from './machine/ports.mjs';
import { removeCluster } from './machine/postgres.mjs';
import { DEMO_SIGN_IN, Services } from './machine/services.mjs';
import { ensureWebBuild } from './machine/web-build.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
// OTTER_DATA: another place for the database, as the bench and the curious use.
const CLUSTER = join(process.env.OTTER_DATA ?? join(ROOT, '.data'), 'postgres');
const DEFAULT_PORT = 4400;

const fresh = process.argv.includes('--fresh');
const unknown = process.argv.slice(2).filter((argument) => argument !== '--fresh');
const given = process.env.DATABASE_URL;
const services = new Services(ROOT);

async function start() {
  if (unknown.length > 0) throw new Error(`npm start knows --fresh, found ${unknown.join(' ')}`);
  if (fresh && given !== undefined) {
    throw new Error('--fresh never empties a server given by DATABASE_URL; empty it yourself');
  }
  ensureNpmPackages(ROOT);
  ensureWebBuild(ROOT);
  if (fresh) removeCluster(CLUSTER);
  const databaseUrl = await services.database(given, CLUSTER);
  const port = await freePort(Number(process.env.PORT ?? DEFAULT_PORT), (taken, holder) =>
    console.log(`Port ${taken} is taken by ${holder}; trying the next.`),
  );
  await services.app({ databaseUrl, port });
  console.log(`
Wiry Otter is ready: http://127.0.0.1:${port}
Sign in as the demo trainer: ${DEMO_SIGN_IN}
Ctrl-C stops everything.`);
}

start().catch(async (error) => {
  console.error(`npm start: ${error.message}`);
  await services.stop(1);
});
