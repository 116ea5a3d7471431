import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Clearances that were renewed stay on file. */
export class ClearancesBefore1766400000000 implements MigrationInterface {
  readonly name = 'ClearancesBefore1766400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE person ADD COLUMN clearances_before jsonb NOT NULL DEFAULT '[]';
      DELETE FROM feed_epoch`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE person DROP COLUMN clearances_before;
      DELETE FROM feed_epoch`);
  }
}
