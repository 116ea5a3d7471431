import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a trainer would rather have of what is found goes along to every device. */
export class FinderPreferences1765100000000 implements MigrationInterface {
  readonly name = 'FinderPreferences1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE trainer ADD finder_preferences jsonb');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE trainer DROP finder_preferences');
  }
}
