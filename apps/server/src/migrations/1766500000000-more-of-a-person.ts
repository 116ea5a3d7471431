import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * The rest of what a trainer writes down of a person, notes, the studio's gates, that
 * somebody was deleted, and when back-ups were made.
 */
export class MoreOfAPerson1766500000000 implements MigrationInterface {
  readonly name = 'MoreOfAPerson1766500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE person
        ADD COLUMN figures_shown boolean NOT NULL DEFAULT true,
        ADD COLUMN body_masses jsonb NOT NULL DEFAULT '[]',
        ADD COLUMN free_slots jsonb NOT NULL DEFAULT '[]',
        ADD COLUMN place_ids jsonb NOT NULL DEFAULT '[]',
        ADD COLUMN rehab_stage text,
        ADD COLUMN skill_aim jsonb,
        ADD COLUMN no_go jsonb NOT NULL DEFAULT '[]',
        ADD COLUMN consent jsonb,
        ADD COLUMN archived_on date;
      ALTER TABLE studio
        ADD COLUMN pain_limit int NOT NULL DEFAULT 3,
        ADD COLUMN break_days int NOT NULL DEFAULT 14;
      CREATE TABLE person_note (
        id uuid PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio,
        version int NOT NULL,
        person_id uuid NOT NULL REFERENCES person,
        day date NOT NULL,
        text text NOT NULL,
        removed boolean NOT NULL,
        written_at timestamptz NOT NULL,
        written_by uuid NOT NULL REFERENCES trainer
      );
      CREATE INDEX ON person_note (person_id);
      CREATE TABLE backup_made (
        made_at timestamptz PRIMARY KEY DEFAULT now(),
        encrypted boolean NOT NULL
      );
      CREATE TABLE person_deleted (
        id uuid PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio,
        deleted_at timestamptz NOT NULL,
        deleted_by uuid NOT NULL REFERENCES trainer,
        sessions int NOT NULL,
        sets int NOT NULL
      );
      DELETE FROM feed_epoch`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE person_note, person_deleted, backup_made;
      ALTER TABLE person
        DROP COLUMN figures_shown, DROP COLUMN body_masses, DROP COLUMN free_slots,
        DROP COLUMN place_ids, DROP COLUMN rehab_stage, DROP COLUMN skill_aim,
        DROP COLUMN no_go, DROP COLUMN consent, DROP COLUMN archived_on;
      ALTER TABLE studio DROP COLUMN pain_limit, DROP COLUMN break_days;
      DELETE FROM record WHERE kind = 'note';
      DELETE FROM feed_epoch`);
  }
}
