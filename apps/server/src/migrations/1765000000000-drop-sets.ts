import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A prescription may end with a set of several parts. */
export class DropSets1765000000000 implements MigrationInterface {
  readonly name = 'DropSets1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE prescription ADD drop_set jsonb');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE prescription DROP drop_set');
  }
}
