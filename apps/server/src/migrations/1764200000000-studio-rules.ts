import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The studio's rules can be changed, and say whether a pull toward the face is refused. */
export class StudioRules1764200000000 implements MigrationInterface {
  readonly name = 'StudioRules1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE studio
      ADD version int NOT NULL DEFAULT 1,
      ADD eyes_rule boolean NOT NULL DEFAULT false`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE studio DROP version, DROP eyes_rule');
  }
}
