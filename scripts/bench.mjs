// `npm run bench`: speed of the computation, size of the first load, time from start to ready.
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { ensureChromium, ensureNpmPackages } from './machine/install.mjs';
import { removeCluster, startCluster } from './machine/postgres.mjs';
import { stream } from './machine/processes.mjs';
import { startApp } from './machine/start-app.mjs';
import { ensureWebBuild } from './machine/web-build.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const FIRST_LOAD_AIM_KB = 250;

ensureNpmPackages(ROOT);
ensureChromium();
for (const bench of [
  'apps/cli/bench/statics.bench.ts',
  'apps/cli/bench/skill.bench.ts',
  'e2e/bench/worker.bench.ts',
  'apps/cli/bench/documents.bench.ts',
  'apps/cli/bench/finder.bench.ts',
  'apps/cli/bench/plans.bench.ts',
  'apps/cli/bench/schools.bench.ts',
  'e2e/bench/finder.bench.ts',
  'apps/gauge/bench/measuring.bench.ts',
  'apps/gauge/bench/coverage.bench.ts',
]) {
  await measure(bench);
}
ensureWebBuild(ROOT);
await measureRecords();
sayFirstLoad();
await sayDrag();
await sayStarts();

/** Runs one benchmark; one that breaks makes the whole fail, after the others were measured. */
async function measure(bench, env = {}) {
  const { code } = await stream(process.execPath, ['--import', 'tsx', bench], {
    cwd: ROOT,
    env: { ...process.env, ...env },
  });
  if (code !== 0) process.exitCode = 1;
}

/** Records on a durable database: speed, 20 000 spoilt bodies, 10 000 writes of four devices. */
async function measureRecords() {
  const data = mkdtempSync(join(tmpdir(), 'wiry-otter-bench-'));
  const { url } = await startCluster(join(data, 'postgres'));
  const env = { OTTER_TEST_DATABASE_URL: url, OTTER_MUTANTS: '20000', OTTER_HISTORY: '10000' };
  await measure('apps/server/bench/records.bench.ts', env);
  await measure('e2e/bench/start.bench.ts', env);
  await measure('e2e/bench/screens.bench.ts', env);
  await run('jasmine', ['apps/server/test/mutated-bodies.spec.ts'], env);
  await run('playwright', ['test', '-c', 'e2e/playwright.config.ts', 'histories'], env);
  removeCluster(join(data, 'postgres'));
  rmSync(data, { recursive: true, force: true });
}

async function run(tool, args, env) {
  const file = { jasmine: 'jasmine/bin/jasmine.js', playwright: '@playwright/test/cli.js' }[tool];
  const { code } = await stream(
    process.execPath,
    ['--import', 'tsx', join('node_modules', file), ...args],
    { cwd: ROOT, env: { ...process.env, ...env } },
  );
  if (code !== 0) process.exitCode = 1;
}

/** Script that the browser asks for before the sign-in shows, compressed as it is sent. */
function sayFirstLoad() {
  const folder = join(ROOT, 'apps/web/dist/browser');
  const html = readFileSync(join(folder, 'index.html'), 'utf8');
  const seen = new Set();
  const add = (file) => {
    if (seen.has(file)) return;
    seen.add(file);
    const code = readFileSync(join(folder, file), 'utf8');
    // Static imports load with the file; import() waits for a screen.
    for (const [, next] of code.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)) add(next);
  };
  for (const [, file] of html.matchAll(/(?:src|href)="([^"]+\.js)"/g)) add(file);
  const bytes = [...seen].reduce(
    (sum, file) => sum + gzipSync(readFileSync(join(folder, file))).length,
    0,
  );
  const all = readdirSync(folder)
    .filter((file) => file.endsWith('.js'))
    .reduce((sum, file) => sum + gzipSync(readFileSync(join(folder, file))).length, 0);
  const kB = bytes / 1000;
  console.log(
    `first load of script, gzip: ${kB.toFixed(0)} kB, ${(kB / FIRST_LOAD_AIM_KB).toFixed(2)} of the aim of ${FIRST_LOAD_AIM_KB} kB (all screens together ${(all / 1000).toFixed(0)} kB)`,
  );
}

/** Frames of a drag in the application with the demo scenario. */
async function sayDrag() {
  const data = mkdtempSync(join(tmpdir(), 'wiry-otter-bench-'));
  const { address, stop } = await startApp(ROOT, data);
  await measure('e2e/bench/drag.bench.ts', { OTTER_ADDRESS: address });
  await measure('e2e/bench/skill-drag.bench.ts', { OTTER_ADDRESS: address });
  await stop();
  removeCluster(join(data, 'postgres'));
  rmSync(data, { recursive: true, force: true });
}

/** From `npm start` to its line that it is ready, with a database that is new and one that is not. */
async function sayStarts() {
  const data = mkdtempSync(join(tmpdir(), 'wiry-otter-bench-'));
  rmSync(join(ROOT, 'apps/web/dist'), { recursive: true, force: true });
  const built = await timedStart(data);
  removeCluster(join(data, 'postgres'));
  const fresh = await timedStart(data);
  const warm = await timedStart(data);
  removeCluster(join(data, 'postgres'));
  rmSync(data, { recursive: true, force: true });
  const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`;
  console.log(
    `start to ready: ${seconds(built)} with build and new database, ${seconds(fresh)} with new database, ${seconds(warm)} warm`,
  );
}

async function timedStart(data) {
  const began = performance.now();
  const { stop } = await startApp(ROOT, data);
  const took = performance.now() - began;
  await stop();
  return took;
}
