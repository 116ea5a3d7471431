import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The index of the first fill goes by an expression, so that no other query takes it for its own order. */
export class FillByExpression1765900000000 implements MigrationInterface {
  readonly name = 'FillByExpression1765900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP INDEX record_fill;
      CREATE INDEX record_fill ON record (studio_id, (coalesce(day, '')), kind, id)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP INDEX record_fill;
      CREATE INDEX record_fill ON record (studio_id, day, kind, id)`);
  }
}
