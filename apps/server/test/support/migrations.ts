import type { DataSource } from 'typeorm';
import { RECOUNTS } from '../../src/areas/areas.js';
import { ensureRecords } from '../../src/platform/records/rebuild-records.js';
import { KEEPER } from './studio.js';

/** Rows of a table, or of a part of one, as PostgreSQL counts them. */
export async function count(database: DataSource, what: string): Promise<string | undefined> {
  return (await database.query<{ n: string }[]>(`SELECT count(*) AS n FROM ${what}`))[0]?.n;
}

/** Takes back the migration whose name begins so, and all after it. */
export async function takeBack(database: DataSource, name: string): Promise<void> {
  while ((await count(database, `migrations WHERE name LIKE '${name}%'`)) !== '0') {
    await database.undoLastMigration();
  }
}

/** Brings the schema up to date again, as a start of the server does. */
export async function bringUp(database: DataSource): Promise<void> {
  await database.runMigrations();
  await ensureRecords(database, KEEPER, RECOUNTS);
}
