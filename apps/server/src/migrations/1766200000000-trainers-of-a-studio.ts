import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Owners and trainers, invitations, links to a new password, and the mailbox that stands in for a real one. */
export class TrainersOfAStudio1766200000000 implements MigrationInterface {
  readonly name = 'TrainersOfAStudio1766200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE studio ADD COLUMN address text;
      ALTER TABLE trainer
        ADD COLUMN role text NOT NULL DEFAULT 'trainer' CHECK (role IN ('owner', 'trainer')),
        ADD COLUMN left_at timestamptz;
      -- Ids carry the moment they were made at: who was first has made the studio.
      UPDATE trainer SET role = 'owner' WHERE id IN
        (SELECT DISTINCT ON (studio_id) id FROM trainer ORDER BY studio_id, id);
      CREATE TABLE invitation (
        id uuid PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio,
        email text NOT NULL,
        role text NOT NULL CHECK (role IN ('owner', 'trainer')),
        token_hash text NOT NULL UNIQUE,
        invited_by uuid NOT NULL REFERENCES trainer,
        invited_at timestamptz NOT NULL,
        expires_at timestamptz NOT NULL,
        UNIQUE (studio_id, email)
      );
      CREATE TABLE password_link (
        token_hash text PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio,
        trainer_id uuid NOT NULL REFERENCES trainer,
        expires_at timestamptz NOT NULL
      );
      CREATE TABLE simulated_mail (
        id uuid PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio,
        sent_to text NOT NULL,
        subject text NOT NULL,
        body text NOT NULL,
        sent_at timestamptz NOT NULL
      );
      CREATE INDEX simulated_mail_latest ON simulated_mail (studio_id, sent_at);
      DELETE FROM feed_epoch`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE simulated_mail, password_link, invitation;
      ALTER TABLE trainer DROP COLUMN role, DROP COLUMN left_at;
      ALTER TABLE studio DROP COLUMN address;
      DELETE FROM feed_epoch`);
  }
}
