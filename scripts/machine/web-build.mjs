// Builds the web application when any of its sources changed since the last build.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './processes.mjs';

const SOURCES = [
  'apps/web/src',
  'apps/web/public',
  'apps/web/angular.json',
  'apps/web/ngsw-config.json',
  'apps/web/tsconfig.json',
  'apps/web/tsconfig.app.json',
  'apps/web/.postcssrc.json',
  'packages/core/src',
  'packages/contracts/src',
  'packages/derived/src',
  'packages/catalogue/src',
  'packages/catalogue/exercises',
  'packages/catalogue/skills',
  'package-lock.json',
];

/** Builds unless the stamp of the last build still tells of the same files. */
export function ensureWebBuild(root) {
  const dist = join(root, 'apps/web/dist');
  const stamp = join(dist, '.built-from');
  const state = fingerprint(root);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === state) return;
  console.log('Building the web application …');
  run('npx', ['ng', 'build'], { cwd: join(root, 'apps/web'), env: quietAngular() });
  mkdirSync(dist, { recursive: true });
  writeFileSync(stamp, state);
}

/** Angular asks nothing and sends nothing. */
export function quietAngular() {
  return { ...process.env, NG_CLI_ANALYTICS: 'false', CI: 'true' };
}

/** Name, size and time of every source file; a removed file changes it too. */
function fingerprint(root) {
  const hash = createHash('sha256');
  const add = (path) => {
    if (!existsSync(path)) return;
    const stat = statSync(path);
    if (stat.isDirectory()) {
      for (const name of readdirSync(path).sort()) add(join(path, name));
    } else {
      hash.update(`${path} ${stat.size} ${stat.mtimeMs}\n`);
    }
  };
  SOURCES.forEach((source) => add(join(root, source)));
  return hash.digest('hex');
}
