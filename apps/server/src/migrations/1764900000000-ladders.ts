import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A person's ladder of an exercise at a place, in versions. */
export class Ladders1764900000000 implements MigrationInterface {
  readonly name = 'Ladders1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE ladder (
      id uuid PRIMARY KEY,
      studio_id uuid NOT NULL REFERENCES studio,
      version int NOT NULL,
      person_id uuid NOT NULL REFERENCES person,
      exercise_id text NOT NULL,
      place_id uuid NOT NULL REFERENCES place,
      removed boolean NOT NULL
    )`);
    await runner.query(
      `CREATE UNIQUE INDEX ladder_of_person ON ladder (person_id, exercise_id, place_id)
       WHERE NOT removed`,
    );
    await runner.query(`CREATE TABLE ladder_version (
      ladder_id uuid NOT NULL REFERENCES ladder,
      version int NOT NULL,
      studio_id uuid NOT NULL REFERENCES studio,
      content jsonb NOT NULL,
      saved_at timestamptz NOT NULL,
      saved_by uuid NOT NULL REFERENCES trainer,
      PRIMARY KEY (ladder_id, version)
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE ladder_version');
    await runner.query('DROP TABLE ladder');
  }
}
