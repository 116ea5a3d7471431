import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a studio writes lengths and bodies in, and with which day its weeks begin. */
export class UnitsOfAStudio1766300000000 implements MigrationInterface {
  readonly name = 'UnitsOfAStudio1766300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE studio
        ADD COLUMN length_unit text NOT NULL DEFAULT 'cm' CHECK (length_unit IN ('cm', 'in')),
        ADD COLUMN mass_unit text NOT NULL DEFAULT 'kg' CHECK (mass_unit IN ('kg', 'lb')),
        ADD COLUMN week_start text NOT NULL DEFAULT 'monday'
          CHECK (week_start IN ('monday', 'sunday', 'saturday'));
      DELETE FROM feed_epoch`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE studio DROP COLUMN length_unit, DROP COLUMN mass_unit, DROP COLUMN week_start;
      DELETE FROM feed_epoch`);
  }
}
