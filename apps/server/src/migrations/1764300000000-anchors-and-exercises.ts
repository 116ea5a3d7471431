import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Anchors with what they are made of, places that change, health on file, exercises of one's own. */
export class AnchorsAndExercises1764300000000 implements MigrationInterface {
  readonly name = 'AnchorsAndExercises1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}

const UP: readonly string[] = [
  'ALTER TABLE place ADD version int NOT NULL DEFAULT 1',
  `ALTER TABLE anchor
    ADD girth_m double precision CHECK (girth_m > 0),
    ADD rated_load_n double precision CHECK (rated_load_n > 0),
    ADD door jsonb,
    ADD removed boolean NOT NULL DEFAULT false`,
  // Until now a door was one at its hinge side, at the heights given.
  `UPDATE anchor SET door =
    '{"side": "hinge", "opens": "away", "locked": false, "foamEnd": true}' WHERE kind = 'door'`,
  `ALTER TABLE person
    ADD born_on date,
    ADD conditions jsonb NOT NULL DEFAULT '[]',
    ADD mount_limit_n double precision NOT NULL DEFAULT 250 CHECK (mount_limit_n > 0),
    ADD ranges jsonb NOT NULL DEFAULT '[]'`,
  `CREATE TABLE own_exercise (
    id uuid PRIMARY KEY,
    studio_id uuid NOT NULL REFERENCES studio,
    version int NOT NULL,
    exercise_id text NOT NULL,
    document jsonb NOT NULL,
    removed boolean NOT NULL,
    saved_at timestamptz NOT NULL,
    saved_by uuid NOT NULL REFERENCES trainer,
    UNIQUE (studio_id, exercise_id)
  )`,
];

const DOWN: readonly string[] = [
  'DROP TABLE own_exercise',
  'ALTER TABLE person DROP born_on, DROP conditions, DROP mount_limit_n, DROP ranges',
  'ALTER TABLE anchor DROP girth_m, DROP rated_load_n, DROP door, DROP removed',
  'ALTER TABLE place DROP version',
];
