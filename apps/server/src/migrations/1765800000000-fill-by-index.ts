import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A first fill looks at what it hands out alone, however long the log is. */
export class FillByIndex1765800000000 implements MigrationInterface {
  readonly name = 'FillByIndex1765800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('CREATE INDEX record_fill ON record (studio_id, day, kind, id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP INDEX record_fill');
  }
}
