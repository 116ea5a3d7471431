import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The years that had a partition for each of their months. */
const PARTITIONED = { from: 2026, years: 5 };

/**
 * Sets are one table again. Nobody asks for them by month, but by their session or their id: each of
 * those looked into all of 61 partitions, which took 17 ms where the index of one table takes a
 * twentieth of one.
 */
export class OneTableOfSets1765700000000 implements MigrationInterface {
  readonly name = 'OneTableOfSets1765700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE training_set RENAME TO training_set_by_month;
      CREATE TABLE training_set (LIKE training_set_by_month INCLUDING DEFAULTS INCLUDING CONSTRAINTS);
      INSERT INTO training_set SELECT * FROM training_set_by_month;
      DROP TABLE training_set_by_month;
      -- Two sets under one id, at two moments, could be kept before.
      UPDATE training_set SET id = gen_random_uuid()
        WHERE ctid NOT IN (SELECT min(ctid) FROM training_set GROUP BY id);
      ALTER TABLE training_set ADD PRIMARY KEY (id), ADD UNIQUE (set_id, sequence, performed_at);
      CREATE INDEX training_set_of_session ON training_set (session_id);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE training_set RENAME TO training_set_in_one;
      CREATE TABLE training_set (LIKE training_set_in_one INCLUDING DEFAULTS INCLUDING CONSTRAINTS)
        PARTITION BY RANGE (performed_at);
      ALTER TABLE training_set_in_one DROP CONSTRAINT training_set_pkey;
      DROP INDEX training_set_of_session;
      ALTER TABLE training_set ADD PRIMARY KEY (id, performed_at),
        ADD UNIQUE (set_id, sequence, performed_at);
      CREATE INDEX training_set_of_session ON training_set (session_id);
      CREATE TABLE training_set_default PARTITION OF training_set DEFAULT;
    `);
    for (let month = 0; month < 12 * PARTITIONED.years; month++) {
      const from = monthStart(month);
      await runner.query(
        `CREATE TABLE training_set_${from.slice(0, 7).replace('-', '_')} PARTITION OF training_set
          FOR VALUES FROM ('${from} 00:00:00+00') TO ('${monthStart(month + 1)} 00:00:00+00')`,
      );
    }
    await runner.query(`
      INSERT INTO training_set SELECT * FROM training_set_in_one;
      DROP TABLE training_set_in_one;
    `);
  }
}

function monthStart(month: number): string {
  return new Date(Date.UTC(PARTITIONED.from, month, 1)).toISOString().slice(0, 10);
}
