import type { DataSource } from 'typeorm';

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
