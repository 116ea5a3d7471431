import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Server processes that know a sign-in hear when it ends, or when what it stands for changes. */
export class ToldOfScopes1765600000000 implements MigrationInterface {
  readonly name = 'ToldOfScopes1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE FUNCTION tell_of_scopes() RETURNS trigger LANGUAGE plpgsql AS $$
        BEGIN
          PERFORM pg_notify('scopes', '');
          RETURN NULL;
        END $$;
      CREATE TRIGGER sign_in_ends AFTER DELETE OR UPDATE ON sign_in
        FOR EACH STATEMENT EXECUTE FUNCTION tell_of_scopes();
      CREATE TRIGGER trainer_changes AFTER DELETE OR UPDATE ON trainer
        FOR EACH STATEMENT EXECUTE FUNCTION tell_of_scopes();
      CREATE TRIGGER studio_changes AFTER DELETE OR UPDATE ON studio
        FOR EACH STATEMENT EXECUTE FUNCTION tell_of_scopes();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TRIGGER sign_in_ends ON sign_in;
      DROP TRIGGER trainer_changes ON trainer;
      DROP TRIGGER studio_changes ON studio;
      DROP FUNCTION tell_of_scopes();
    `);
  }
}
