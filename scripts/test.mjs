// `npm test [core|server|web|e2e]`: installs what is missing, runs the parts, adds them up.
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { CHROMIUM, ensureChromium, ensureNpmPackages } from './machine/install.mjs';
import { removeCluster, startCluster } from './machine/postgres.mjs';
import { stream } from './machine/processes.mjs';
import { ensureWebBuild, quietAngular } from './machine/web-build.mjs';
import { jasmineCounts, karmaCounts, playwrightCounts } from './testing/counts.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

const PARTS = {
  // The rules read the types that the build writes.
  lint: [types, lint],
  core: [core],
  server: [server],
  web: [web],
  e2e: [e2e],
};

let cluster;
const clusterFolder = mkdtempSync(join(tmpdir(), 'wiry-otter-test-'));
// The user postgres has to pass through it.
chmodSync(clusterFolder, 0o755);

async function main() {
  const wanted = process.argv.slice(2);
  const unknown = wanted.find((part) => !(part in PARTS));
  if (unknown !== undefined) {
    throw new Error(`found ${unknown}, expected ${Object.keys(PARTS).join(' | ')}`);
  }
  ensureNpmPackages(ROOT);
  const total = { passed: 0, failed: 0 };
  for (const part of wanted.length > 0 ? wanted : Object.keys(PARTS)) {
    for (const check of PARTS[part]) {
      const { passed, failed } = await check();
      total.passed += passed;
      total.failed += failed;
    }
  }
  console.log(`\n${total.passed} passed, ${total.failed} failed`);
  return total.failed === 0 && total.passed > 0 ? 0 : 1;
}

/** A tool that only says yes or no counts as one. */
async function yesOrNo(title, command, args, options = {}) {
  heading(title);
  const { code } = await stream(command, args, { cwd: ROOT, ...options });
  return code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

async function lint() {
  const rules = await yesOrNo('lint', 'npx', ['eslint', '.']);
  const layout = await yesOrNo('layout', 'npx', ['prettier', '--check', '--log-level=warn', '.']);
  return add(rules, layout);
}

/**
 * Everything that runs on Node, as one incremental build. The app is checked with its templates
 * by `ng build`, its specs by `ng test`: the parts e2e and web make both anyway.
 */
function types() {
  return yesOrNo('types', 'npx', ['tsc', '-b']);
}

/** Core, contracts, catalogue, what is derived, command line and gauge: Jasmine on Node. */
function core() {
  return jasmine('core', [
    'packages/core/test/**/*.spec.ts',
    'packages/contracts/test/**/*.spec.ts',
    'packages/catalogue/test/**/*.spec.ts',
    'packages/derived/test/**/*.spec.ts',
    'apps/cli/test/**/*.spec.ts',
    'apps/gauge/test/**/*.spec.ts',
    'apps/web/scripts/**/*.spec.ts',
  ]);
}

/** Jasmine on Node against a real PostgreSQL of its own. */
async function server() {
  return jasmine('server', ['apps/server/test/**/*.spec.ts'], {
    OTTER_TEST_DATABASE_URL: await databaseUrl(),
  });
}

async function jasmine(title, patterns, env = {}) {
  heading(title);
  const args = [
    '--import',
    'tsx',
    'node_modules/jasmine/bin/jasmine.js',
    '--no-color',
    ...patterns,
  ];
  const { code, output } = await stream(process.execPath, args, {
    cwd: ROOT,
    env: { ...process.env, ...env },
  });
  return jasmineCounts(output, code);
}

/** Jasmine with Karma in headless Chromium. */
async function web() {
  ensureChromium();
  heading('web');
  const { code, output } = await stream('npx', ['ng', 'test'], {
    cwd: join(ROOT, 'apps/web'),
    env: { ...quietAngular(), CHROME_BIN: CHROMIUM },
  });
  return karmaCounts(output, code);
}

/** Playwright drives Chromium against the built application and a real database. */
async function e2e() {
  ensureChromium();
  ensureWebBuild(ROOT);
  heading('end to end');
  const report = join(clusterFolder, 'playwright.json');
  const { code } = await stream('npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts'], {
    cwd: ROOT,
    env: {
      ...process.env,
      OTTER_TEST_DATABASE_URL: await databaseUrl(),
      PLAYWRIGHT_JSON_OUTPUT_NAME: report,
    },
  });
  return playwrightCounts(report, code);
}

async function databaseUrl() {
  if (process.env.OTTER_TEST_DATABASE_URL) return process.env.OTTER_TEST_DATABASE_URL;
  cluster ??= await startCluster(join(clusterFolder, 'postgres'), { durable: false });
  return cluster.url;
}

function heading(title) {
  console.log(`\n── ${title}`);
}

function add(a, b) {
  return { passed: a.passed + b.passed, failed: a.failed + b.failed };
}

function cleanUp() {
  if (cluster !== undefined) removeCluster(join(clusterFolder, 'postgres'));
  rmSync(clusterFolder, { recursive: true, force: true });
}

for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    cleanUp();
    process.exit(130);
  });
}

main()
  .catch((error) => {
    console.error(`npm test: ${error.message}`);
    return 1;
  })
  .then((code) => {
    cleanUp();
    process.exit(code);
  });
