import type { Pool, PoolClient } from 'pg';
import type { EntityManager } from 'typeorm';

export interface NamedQuery {
  /** The same name is always the same text. */
  readonly name: string;
  readonly text: string;
  readonly values: readonly unknown[];
}

/**
 * Runs a statement that each connection prepares once: building a query object and planning the same
 * text again cost more than many of these queries themselves.
 */
export async function namedQuery<Row>(
  manager: EntityManager,
  { name, text, values }: NamedQuery,
): Promise<Row[]> {
  const runner = manager.queryRunner;
  const client =
    runner === undefined
      ? (manager.connection.driver as unknown as { master: Pool }).master
      : ((await runner.connect()) as PoolClient);
  const { rows } = await client.query({ name, text, values: [...values] });
  return rows as Row[];
}
