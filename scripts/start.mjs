// `npm start`: installs what is missing, builds what is stale, starts database and server.
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureNpmPackages } from './machine/install.mjs';
import { freePort } from './machine/ports.mjs';
import { removeCluster } from './machine/postgres.mjs';
import { DEMO_SIGN_IN, Services } from './machine/services.mjs';
import { ensureWebBuild } from './machine/web-build.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const DEFAULT_PORT = 4400;

const KNOWN = ['--fresh', '--own'];
const fresh = process.argv.includes('--fresh');
/** The trainer's own studio in place of the demo's, in a database of its own. */
const own = process.argv.includes('--own');
const unknown = process.argv.slice(2).filter((argument) => !KNOWN.includes(argument));
// OTTER_DATA: another place for the database, as the bench and the curious use.
const DATA = join(process.env.OTTER_DATA ?? join(ROOT, '.data'), ...(own ? ['own'] : []));
const CLUSTER = join(DATA, 'postgres');
const given = process.env.DATABASE_URL;
const services = new Services(ROOT);

async function start() {
  if (unknown.length > 0) {
    throw new Error(`npm start knows ${KNOWN.join(' and ')}, found ${unknown.join(' ')}`);
  }
  if (fresh && own) throw new Error('--fresh empties the demo’s database, never your own');
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
  await services.app({ databaseUrl, port, demo: !own });
  const whose = own
    ? `Your own studio, kept in ${given === undefined ? DATA : 'the given database'}; the demo's is another.`
    : `Sign in as the demo trainer: ${DEMO_SIGN_IN}`;
  console.log(`
Wiry Otter is ready: http://127.0.0.1:${port}
${whose}
Ctrl-C stops everything.`);
}

start().catch(async (error) => {
  console.error(`npm start: ${error.message}`);
  await services.stop(1);
});
