import type { EntityManager } from 'typeorm';

/** Where the table of records stands: in a restored database it is another. */
const STANDING = `
  SELECT (SELECT system_identifier FROM pg_control_system())::text AS cluster,
    'record'::regclass::oid::text AS record_table`;

/** Whether the records are those that the present epoch was begun for. */
export async function isEpochPresent(manager: EntityManager): Promise<boolean> {
  const rows = await manager.query<unknown[]>(
    `SELECT 1 FROM feed_epoch JOIN (${STANDING}) standing USING (cluster, record_table)`,
  );
  return rows.length === 1;
}

/**
 * Cursors hold within one epoch. A restore, another cluster or a rebuild begins a new one: then the
 * numbers of transactions that cursors count by mean something else.
 */
export async function beginEpoch(manager: EntityManager): Promise<void> {
  await manager.query('DELETE FROM feed_epoch');
  await manager.query(
    `INSERT INTO feed_epoch (id, cluster, record_table)
     SELECT gen_random_uuid(), cluster, record_table FROM (${STANDING}) standing`,
  );
}
