import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Attempts counted so that none slips through, devices a trainer is known on, sign-ins with what they are. */
export class SignInsThatHold1766100000000 implements MigrationInterface {
  readonly name = 'SignInsThatHold1766100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE sign_in_failure;
      CREATE TABLE attempt_limit (
        key varchar(255) PRIMARY KEY,
        points integer NOT NULL DEFAULT 0,
        expire bigint
      );
      CREATE TABLE known_device (
        token_hash text NOT NULL,
        trainer_id uuid NOT NULL REFERENCES trainer,
        studio_id uuid NOT NULL REFERENCES studio,
        seen_at timestamptz NOT NULL,
        PRIMARY KEY (token_hash, trainer_id)
      );
      ALTER TABLE sign_in
        ADD COLUMN id uuid NOT NULL UNIQUE DEFAULT gen_random_uuid(),
        ADD COLUMN device text NOT NULL DEFAULT '',
        ADD COLUMN begun_at timestamptz NOT NULL DEFAULT now(),
        ADD COLUMN seen_at timestamptz NOT NULL DEFAULT now();
      DROP TRIGGER sign_in_ends ON sign_in;
      CREATE TRIGGER sign_in_ends AFTER DELETE OR UPDATE OF expires_at ON sign_in
        FOR EACH STATEMENT EXECUTE FUNCTION tell_of_scopes()`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TRIGGER sign_in_ends ON sign_in;
      CREATE TRIGGER sign_in_ends AFTER DELETE OR UPDATE ON sign_in
        FOR EACH STATEMENT EXECUTE FUNCTION tell_of_scopes();
      ALTER TABLE sign_in DROP COLUMN id, DROP COLUMN device, DROP COLUMN begun_at, DROP COLUMN seen_at;
      DROP TABLE known_device;
      DROP TABLE attempt_limit;
      CREATE TABLE sign_in_failure (
        id uuid PRIMARY KEY,
        email text NOT NULL,
        address text NOT NULL,
        failed_at timestamptz NOT NULL
      );
      CREATE INDEX sign_in_failure_recent ON sign_in_failure (email, failed_at)`);
  }
}
