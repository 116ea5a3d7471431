import pg from 'pg';

/** Names what servers that start at once do one after the other. */
const LOCK = "hashtextextended('wiry-otter start', 0)";

/**
 * Does work that must not be done twice at once, on whichever machine: who comes second waits until the
 * first is done, or its connection is gone.
 */
export async function oneAtATime<Answer>(
  databaseUrl: string,
  work: () => Promise<Answer>,
): Promise<Answer> {
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    await client.query(`SELECT pg_advisory_lock(${LOCK})`);
    return await work();
  } finally {
    // The lock goes with the connection.
    await client.end();
  }
}
