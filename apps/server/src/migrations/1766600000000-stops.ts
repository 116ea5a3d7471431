import { derivedId } from '@wiry-otter/derived';
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A stop that stood in the log before stops were kept. */
interface OldStop {
  readonly sessionId: string;
  readonly studioId: string;
  readonly personId: string;
  readonly exerciseId: string;
  readonly at: Date;
  readonly day: string;
  /** Null for a flag. */
  readonly setId: string | null;
  readonly pain: number | null;
  readonly groups: readonly string[] | null;
  /** More than 28 days old, and trained since. */
  readonly isPast: boolean;
  readonly today: string;
}

/**
 * Stops are records: one for each flag and each pain of 6 or more that is in the log. Those of long ago
 * that were trained after are lifted, and listed once for a look; the others stand. What was felt the next
 * morning, what was begun against a stop, and what was made of a decision before it was decided anew.
 */
export class Stops1766600000000 implements MigrationInterface {
  readonly name = 'Stops1766600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE training_stop (
        id uuid PRIMARY KEY,
        studio_id uuid NOT NULL REFERENCES studio,
        version int NOT NULL,
        person_id uuid NOT NULL REFERENCES person,
        session_id uuid REFERENCES training_session,
        exercise_id text,
        cause text NOT NULL,
        said text NOT NULL,
        at timestamptz NOT NULL,
        day date NOT NULL,
        scope jsonb NOT NULL,
        raised_by uuid REFERENCES trainer,
        lifted jsonb,
        taken_back jsonb,
        wants_look boolean NOT NULL DEFAULT false
      );
      CREATE INDEX ON training_stop (person_id);
      CREATE INDEX ON training_stop (session_id);
      ALTER TABLE training_session
        ADD COLUMN pain_next_morning int,
        ADD COLUMN against_stop boolean NOT NULL DEFAULT false;
      ALTER TABLE decision ADD COLUMN outcomes_before jsonb NOT NULL DEFAULT '[]';
      DELETE FROM feed_epoch`);
    const old = (await runner.query(OLD_STOPS)) as OldStop[];
    for (const stop of old) await runner.query(INSERT, rowOf(stop));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE training_stop;
      ALTER TABLE training_session DROP COLUMN pain_next_morning, DROP COLUMN against_stop;
      ALTER TABLE decision DROP COLUMN outcomes_before;
      DELETE FROM record WHERE kind = 'stop';
      DELETE FROM feed_epoch`);
  }
}

/** Flags of sessions, and sets as they stand that hurt 6 or more. */
const OLD_STOPS = `
  SELECT own.id AS "sessionId", own.studio_id AS "studioId", own.person_id AS "personId",
    own.exercise_id AS "exerciseId", own.day, told.at, told."setId", told.pain,
    (SELECT used.document -> 'exercise' -> 'groups' FROM setup_version used
      WHERE used.setup_id = (own.setups -> 0 ->> 'id')::uuid
        AND used.version = (own.setups -> 0 ->> 'version')::int) AS groups,
    own.started_at < now() - interval '28 days' AND EXISTS (
      SELECT 1 FROM training_session later
       WHERE later.person_id = own.person_id AND later.exercise_id = own.exercise_id
         AND later.started_at > own.started_at AND later.discarded_at IS NULL) AS "isPast",
    to_char(now() AT TIME ZONE studio.zone, 'YYYY-MM-DD') AS today
  FROM training_session own
  JOIN studio ON studio.id = own.studio_id
  JOIN LATERAL (
    SELECT coalesce(own.finished_at, own.started_at) AS at, NULL::uuid AS "setId", NULL::int AS pain
      WHERE own.red_flag
    UNION ALL
    SELECT one.performed_at, one.set_id, one.pain
      FROM (SELECT DISTINCT ON (set_id) * FROM training_set WHERE session_id = own.id
        ORDER BY set_id, sequence DESC) one
      WHERE NOT one.set_aside AND one.pain >= 6
  ) told ON true
  ORDER BY own.started_at, told.at`;

const INSERT = `
  INSERT INTO training_stop (id, studio_id, version, person_id, session_id, exercise_id, cause, said,
    at, day, scope, lifted, wants_look)
  VALUES ($1, $2, 1, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)`;

function rowOf(stop: OldStop): unknown[] {
  const { at, day, exerciseId, groups, isPast, pain, personId, sessionId, setId, studioId } = stop;
  const isFlag = setId === null;
  const all = isFlag || groups === null || groups.length === 0;
  const lifted = {
    on: stop.today,
    by: 'migration',
    name: '',
    why: 'More than 28 days old, and trained since, before stops were kept.',
  };
  return [
    derivedId('stop', ...(isFlag ? [sessionId, 'flag'] : [setId])),
    ...[studioId, personId, sessionId, exerciseId],
    isFlag ? 'other' : 'pain',
    isFlag ? '' : `Pain of ${pain ?? 0} in 10 in a set.`,
    ...[at, day, JSON.stringify({ all, groups: all ? [] : groups })],
    isPast ? JSON.stringify(lifted) : null,
    isPast,
  ];
}
