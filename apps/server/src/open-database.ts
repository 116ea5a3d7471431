import 'reflect-metadata';
import { DataSource } from 'typeorm';
import { AREAS } from './areas/areas.js';
import { MIGRATIONS } from './migrations/index.js';
import { SignInEntity, SignInFailureEntity } from './platform/access/entities.js';

/**
 * Connects to PostgreSQL and brings the schema up to date; fails with the server's address
 * (never its password) where it cannot be reached or does not let us in.
 */
export async function openDatabase(databaseUrl: string): Promise<DataSource> {
  const source = new DataSource({
    type: 'postgres',
    url: databaseUrl,
    entities: [SignInEntity, SignInFailureEntity, ...AREAS.flatMap(({ entities }) => entities)],
    migrations: MIGRATIONS,
    migrationsRun: true,
    migrationsTransactionMode: 'all',
    synchronize: false,
    logging: ['error'],
    extra: { max: 10 },
  });
  try {
    return await source.initialize();
  } catch (error) {
    const { host, pathname } = new URL(databaseUrl);
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(`DATABASE_URL: database ${pathname.slice(1)} at ${host}: ${why}`, {
      cause: error,
    });
  }
}
