import type { DataSource, EntityManager } from 'typeorm';
import { forEachStudio } from './each-studio.js';
import { beginEpoch, isEpochPresent } from './epoch.js';
import type { RecordKeeper } from './record-keeper.js';
import type { ScopedManager } from './scoped-manager.js';

/** What an area counts as it happens, counted anew before its records are. */
export type Recount = (scoped: ScopedManager) => Promise<void>;

/** Builds the records where there are none of the present epoch; of servers that start at once one does. */
export async function ensureRecords(
  database: DataSource,
  keeper: RecordKeeper,
  recounts: readonly Recount[],
): Promise<void> {
  await database.transaction(async (manager) => {
    await manager.query("SELECT pg_advisory_xact_lock(hashtextextended('feed_epoch', 0))");
    if (!(await isEpochPresent(manager))) await rebuild(manager, keeper, recounts);
  });
}

/** Builds every record anew from the tables and begins a new epoch: devices fill anew. */
export async function rebuildRecords(
  database: DataSource,
  keeper: RecordKeeper,
  recounts: readonly Recount[],
): Promise<void> {
  await database.transaction((manager) => rebuild(manager, keeper, recounts));
}

async function rebuild(
  manager: EntityManager,
  keeper: RecordKeeper,
  recounts: readonly Recount[],
): Promise<void> {
  // It takes as long as there are records.
  await manager.query('SET LOCAL statement_timeout = 0');
  await manager.query('DELETE FROM record');
  await forEachStudio(manager, keeper, async (scoped) => {
    for (const recount of recounts) await recount(scoped);
    await keeper.rebuild(scoped);
  });
  await beginEpoch(manager);
}
