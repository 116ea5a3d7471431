import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a person can do of a skill is tested, and stays on record. */
export class SkillTests1765200000000 implements MigrationInterface {
  readonly name = 'SkillTests1765200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE skill_test (
        id uuid PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio,
        person_id uuid NOT NULL REFERENCES person,
        exercise_id text NOT NULL,
        phases jsonb,
        day date NOT NULL,
        effort jsonb,
        helped_by text,
        load double precision NOT NULL,
        help double precision NOT NULL,
        entered_at timestamptz NOT NULL,
        entered_by uuid NOT NULL REFERENCES trainer
      )`);
    await runner.query('CREATE INDEX skill_test_person ON skill_test (person_id, entered_at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE skill_test');
  }
}
