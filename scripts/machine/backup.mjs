// Back-ups of a database, by PostgreSQL's own programs, encrypted with OpenSSL where a password is given.
import { createHash } from 'node:crypto';
import { mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { clientProgram } from './postgres.mjs';
import { run } from './processes.mjs';

/** The password goes through the environment, where no list of processes shows it. */
const PASSWORD = 'OTTER_BACKUP_PASSWORD';
const CIPHER = ['enc', '-aes-256-cbc', '-pbkdf2', '-iter', '600000', '-pass', `env:${PASSWORD}`];
/** As a file begins that OpenSSL has encrypted, and one that pg_dump has written. */
const ENCRYPTED = 'Salted__';

/** Writes all of a database to a file, as of one moment, whole or not at all. */
export function backUp(databaseUrl, file, password) {
  const folder = mkdtempSync(join(tmpdir(), 'wiry-otter-backup-'));
  const plain = join(folder, 'plain');
  const beside = `${file}.${process.pid}`;
  try {
    dump(databaseUrl, password === undefined ? beside : plain);
    if (password !== undefined) cipher(['-e', '-salt', '-in', plain, '-out', beside], password);
    renameSync(beside, file);
    note(databaseUrl, password !== undefined);
  } finally {
    rmSync(folder, { recursive: true, force: true });
    rmSync(beside, { force: true });
  }
}

/**
 * Fills an empty database from a file, and compares every row with what the file holds; a database with
 * tables is refused, a file that is cut short or of another password too: then nothing is filled.
 */
export function restore(databaseUrl, file, password) {
  const folder = mkdtempSync(join(tmpdir(), 'wiry-otter-restore-'));
  try {
    const plain = decrypted(file, join(folder, 'plain'), password);
    if (tablesOf(databaseUrl) !== '0') {
      throw new Error('the database has tables; a back-up is restored into an empty one');
    }
    const args = ['--no-owner', '--no-privileges', '--exit-on-error', '--single-transaction'];
    const env = environmentOf(databaseUrl);
    run(clientProgram('pg_restore'), [...args, '--dbname', env.PGDATABASE, plain], { env });
    const again = join(folder, 'again');
    dump(databaseUrl, again);
    if (rowsDigest(again) !== rowsDigest(plain)) {
      throw new Error('what was restored is not what the file holds; do not use it');
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function dump(databaseUrl, file) {
  const args = ['--format=custom', '--no-owner', '--no-privileges', '--file', file];
  run(clientProgram('pg_dump'), args, { env: environmentOf(databaseUrl) });
}

/** The address in the environment: its password is in no list of processes and in no message. */
function environmentOf(databaseUrl) {
  const { hostname, password, pathname, port, username } = new URL(databaseUrl);
  return {
    ...process.env,
    PGHOST: hostname,
    PGPORT: port || '5432',
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  };
}

/** Keeps that it was made, for owners to see; a database of before has no place for that. */
function note(databaseUrl, encrypted) {
  const args = ['-q', '-c', `INSERT INTO backup_made (encrypted) VALUES (${encrypted})`];
  const isThere = "SELECT count(*) FROM pg_tables WHERE tablename = 'backup_made'";
  const env = environmentOf(databaseUrl);
  if (run(clientProgram('psql'), ['-At', '-c', isThere], { env }).trim() === '0') return;
  run(clientProgram('psql'), args, { env });
}

function cipher(args, password) {
  run('openssl', [...CIPHER, ...args], { env: { ...process.env, [PASSWORD]: password } });
}

function decrypted(file, plain, password) {
  const head = run('head', ['-c', String(ENCRYPTED.length), file]);
  if (head !== ENCRYPTED) return file;
  if (password === undefined) throw new Error(`${file} is encrypted: its password is needed`);
  try {
    cipher(['-d', '-in', file, '-out', plain], password);
    run(clientProgram('pg_restore'), ['--list', plain]);
  } catch {
    throw new Error(`${file} does not open with this password, or is cut short`);
  }
  return plain;
}

function tablesOf(databaseUrl) {
  const query = "SELECT count(*) FROM pg_tables WHERE schemaname = 'public'";
  const env = environmentOf(databaseUrl);
  return run(clientProgram('psql'), ['-At', '-c', query], { env }).trim();
}

/** Of every row of every table, in the order of the file. */
function rowsDigest(file) {
  const text = run(clientProgram('pg_restore'), ['--data-only', '--file', '-', file], {
    maxBuffer: 1 << 30,
  });
  // Comments and a random word of each dump are none of it.
  const rows = text.split('\n').filter((line) => !/^(--|\\(un)?restrict)/.test(line));
  return createHash('sha256').update(rows.join('\n')).digest('hex');
}
