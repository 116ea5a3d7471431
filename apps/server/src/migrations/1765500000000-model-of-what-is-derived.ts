import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Decisions and ladders say which model computed them, as figures of set-ups do: devices compute them
 * too. A new epoch, so that records are built anew in their new shape.
 */
export class ModelOfWhatIsDerived1765500000000 implements MigrationInterface {
  readonly name = 'ModelOfWhatIsDerived1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE decision ADD model int;
      UPDATE ladder_version SET content = content || '{"model": null}';
      DELETE FROM feed_epoch;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE decision DROP model;
      UPDATE ladder_version SET content = content - 'model';
      DELETE FROM feed_epoch;
    `);
  }
}
