// `npm run reset-password -- <e-mail>`: sets a trainer's password anew and prints it, once. The database
// is the one that `npm start -- --own` keeps, with `--demo` the demo's, or the one DATABASE_URL names.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { startCluster } from './machine/postgres.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const [email, ...others] = process.argv.slice(2).filter((argument) => argument !== '--demo');
const ofDemo = process.argv.includes('--demo');

async function reset() {
  if (email === undefined || others.length > 0) {
    throw new Error('expected one e-mail: npm run reset-password -- you@example.org');
  }
  const given = process.env.DATABASE_URL;
  const folder = join(process.env.OTTER_DATA ?? join(ROOT, '.data'), ...(ofDemo ? [] : ['own']));
  const cluster = given === undefined ? await startCluster(join(folder, 'postgres')) : undefined;
  const program = ['--import', 'tsx', 'apps/server/src/reset-password.ts', email];
  const { status } = spawnSync(process.execPath, program, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, DATABASE_URL: given ?? cluster.url },
  });
  cluster?.stop();
  process.exitCode = status ?? 1;
}

reset().catch((error) => {
  console.error(`npm run reset-password: ${error.message}`);
  process.exitCode = 1;
});
