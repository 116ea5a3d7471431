// `npm start`: installs what is missing, builds what is stale, starts database and server.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { ensureNpmPackages } from './machine/install.mjs';
import { freePort } from './machine/ports.mjs';
import { removeCluster, startCluster } from './machine/postgres.mjs';
import { end } from './machine/processes.mjs';
import { ensureWebBuild } from './machine/web-build.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
// OTTER_DATA: another place for the database, as the bench and the curious use.
const CLUSTER = join(process.env.OTTER_DATA ?? join(ROOT, '.data'), 'postgres');
const DEFAULT_PORT = 4400;
const DEFAULT_GAUGE_PORT = 4480;
const DEMO_SIGN_IN = 'mika@canalside.example / towpath';

const fresh = process.argv.includes('--fresh');
const unknown = process.argv.slice(2).filter((argument) => argument !== '--fresh');
const given = process.env.DATABASE_URL;

let server;
let gauge;
let cluster;
let stopping = false;

async function stop(exitCode) {
  if (stopping) return;
  stopping = true;
  if (server !== undefined) await end(server);
  if (gauge !== undefined) await end(gauge);
  cluster?.stop();
  process.exit(exitCode);
}

async function start() {
  if (unknown.length > 0) throw new Error(`npm start knows --fresh, found ${unknown.join(' ')}`);
  if (fresh && given !== undefined) {
    throw new Error('--fresh never empties a server given by DATABASE_URL; empty it yourself');
  }
  ensureNpmPackages(ROOT);
  ensureWebBuild(ROOT);
  if (given === undefined) {
    if (fresh) removeCluster(CLUSTER);
    cluster = await startCluster(CLUSTER);
  }
  const port = await freePort(Number(process.env.PORT ?? DEFAULT_PORT), (taken, holder) =>
    console.log(`Port ${taken} is taken by ${holder}; trying the next.`),
  );
  const gaugePort = await freePort(DEFAULT_GAUGE_PORT);
  gauge = run('apps/gauge/src/main.ts', { OTTER_GAUGE_PORT: String(gaugePort) });
  server = run('apps/server/src/main.ts', {
    DATABASE_URL: given ?? cluster.url,
    PORT: String(port),
    OTTER_DEMO: 'yes',
    OTTER_GAUGE_URL: `ws://127.0.0.1:${gaugePort}`,
  });
  await Promise.all([ready(gauge), ready(server)]);
  console.log(`
Wiry Otter is ready: http://127.0.0.1:${port}
Sign in as the demo trainer: ${DEMO_SIGN_IN}
Ctrl-C stops everything.`);
}

/** Starts one of our programs; one that ends by itself ends us too. */
function run(program, env) {
  const child = spawn(process.execPath, ['--import', 'tsx', program], {
    cwd: ROOT,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
    // Ctrl-C reaches the whole foreground group; our programs are stopped by us, in order.
    detached: true,
  });
  child.on('exit', (code) => void stop(code ?? 1));
  return child;
}

/** Resolves once a program says that it is ready. */
function ready(child) {
  return new Promise((resolve) => {
    createInterface({ input: child.stdout }).on('line', (line) => {
      if (line.startsWith('ready ')) resolve();
      else console.log(line);
    });
  });
}

process.on('SIGINT', () => void stop(0));
process.on('SIGTERM', () => void stop(0));
process.on('SIGHUP', () => void stop(0));

start().catch(async (error) => {
  console.error(`npm start: ${error.message}`);
  await stop(1);
});
