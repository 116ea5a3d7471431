import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The code with which the owner makes the studio of an empty database; gone once there is one. */
export class FirstStart1766000000000 implements MigrationInterface {
  readonly name = 'FirstStart1766000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE first_start (
        only_one boolean PRIMARY KEY DEFAULT true CHECK (only_one),
        code text NOT NULL
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE first_start');
  }
}
