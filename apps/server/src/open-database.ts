import 'reflect-metadata';
import { DataSource } from 'typeorm';
import { AREAS } from './areas/areas.js';
import { MIGRATIONS } from './migrations/index.js';
import { KnownDeviceEntity, PasswordLinkEntity, SignInEntity } from './platform/access/entities.js';
import { SimulatedMailEntity } from './platform/mail/entities.js';
import { oneAtATime } from './platform/database/one-at-a-time.js';
import { ConfirmedWriteEntity } from './platform/records/entities.js';

/** Waiting has an end: for a connection, for a lock, for an answer, ms. */
const LIMITS = {
  connectionTimeoutMillis: 3000,
  lock_timeout: 2000,
  statement_timeout: 5000,
} as const;

/** A statement that is prepared is planned once, not once for each of its values. */
const PLANNED_ONCE = { options: '-c plan_cache_mode=force_generic_plan' };

/**
 * Connects to PostgreSQL and brings the schema up to date; fails with the server's address
 * (never its password) where it cannot be reached or does not let us in.
 */
export async function openDatabase(databaseUrl: string): Promise<DataSource> {
  // A step of the schema may take as long as the tables are large.
  const unlimited = sourceOf(databaseUrl, { max: 1 });
  const source = sourceOf(databaseUrl, { max: 10, ...LIMITS, ...PLANNED_ONCE });
  try {
    await unlimited.initialize();
    // Of servers that start at once one does it; the others find it done.
    await oneAtATime(databaseUrl, () => unlimited.runMigrations({ transaction: 'all' }));
    await unlimited.destroy();
    return await source.initialize();
  } catch (error) {
    const { host, pathname } = new URL(databaseUrl);
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(`DATABASE_URL: database ${pathname.slice(1)} at ${host}: ${why}`, {
      cause: error,
    });
  }
}

function sourceOf(databaseUrl: string, pool: object): DataSource {
  return new DataSource({
    type: 'postgres',
    url: databaseUrl,
    entities: [
      SignInEntity,
      KnownDeviceEntity,
      PasswordLinkEntity,
      SimulatedMailEntity,
      ConfirmedWriteEntity,
      ...AREAS.flatMap(({ entities }) => entities),
    ],
    migrations: MIGRATIONS,
    migrationsTransactionMode: 'all',
    synchronize: false,
    // A failure is told where it is answered, without what was asked.
    extra: pool,
  });
}
