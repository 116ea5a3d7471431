// `npm run backup -- <file>` and `npm run restore -- <file>`: all of a database to a file and back. The
// database is the one that `npm start -- --own` keeps, with `--demo` the demo's, or the one DATABASE_URL
// names; OTTER_BACKUP_PASSWORD encrypts the file, and opens it.
import { statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { backUp, restore } from './machine/backup.mjs';
import { startCluster } from './machine/postgres.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const [what, ...rest] = process.argv.slice(2);
const [file, ...others] = rest.filter((argument) => argument !== '--demo');

async function start() {
  if (file === undefined || others.length > 0) {
    throw new Error(`expected one file: npm run ${what} -- practice.backup`);
  }
  const given = process.env.DATABASE_URL;
  const own = rest.includes('--demo') ? [] : ['own'];
  const folder = join(process.env.OTTER_DATA ?? join(ROOT, '.data'), ...own, 'postgres');
  const cluster = given === undefined ? await startCluster(folder) : undefined;
  const url = given ?? cluster.url;
  const password = process.env.OTTER_BACKUP_PASSWORD;
  const path = resolve(process.env.INIT_CWD ?? '.', file);
  try {
    if (what === 'restore') {
      restore(url, path, password);
      console.log(
        `Restored and compared, row by row: ${file}. Devices fetch everything once more.`,
      );
    } else {
      backUp(url, path, password);
      const size = (statSync(path).size / 1e6).toFixed(1);
      console.log(
        `${file}: ${size} MB, ${password === undefined ? 'not encrypted' : 'encrypted'}.`,
      );
    }
  } finally {
    cluster?.stop();
  }
}

start().catch((error) => {
  console.error(`npm run ${what}: ${error.message}`);
  process.exitCode = 1;
});
