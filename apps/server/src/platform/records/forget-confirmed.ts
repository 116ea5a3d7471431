import type { DataSource } from 'typeorm';

const DAY_MS = 86_400_000;

/**
 * Lets go of the answers to writes that no device sends again: devices do so for 30 days. Once now,
 * and every day from then on.
 *
 * @returns what ends it
 */
export async function forgetConfirmed(database: DataSource): Promise<() => void> {
  const forget = async (): Promise<void> => {
    await database.query(
      "DELETE FROM confirmed_write WHERE confirmed_at < now() - interval '60 days'",
    );
  };
  await forget();
  // One day left out is made up for by the next.
  const timer = setInterval(() => void forget().catch(() => undefined), DAY_MS).unref();
  return () => clearInterval(timer);
}
