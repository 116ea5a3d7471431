import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { SCOPED_STUDIO, type ScopedStudio, scopeOf } from '../access/scope.js';
import type { RecordKeeper } from './record-keeper.js';
import { ScopedManager } from './scoped-manager.js';

/** Does a job of the server's own for every studio, in the transaction of the manager. */
export async function forEachStudio(
  manager: EntityManager,
  keeper: RecordKeeper,
  work: (scoped: ScopedManager) => Promise<void>,
): Promise<void> {
  // A job may take longer than a request.
  await manager.query('SET LOCAL statement_timeout = 0');
  await manager.query('SET LOCAL lock_timeout = 0');
  const studios = await manager.query<ScopedStudio[]>(
    `SELECT ${SCOPED_STUDIO} FROM studio ORDER BY id`,
  );
  for (const studio of studios) {
    const nobody = { id: uuidv7(), name: '', email: '', role: 'trainer' as const };
    await work(new ScopedManager(manager, keeper, scopeOf(studio, nobody, new Date())));
  }
}
