import { In } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { SessionEntity, type SessionRow } from './entities.js';

/** A session of one of this trainer's people, `$2`, locked for a write; `$3` is the trainer. */
export const LOCKED_SESSION = `
  SELECT own.id, own.studio_id AS "studioId", own.version, own.person_id AS "personId",
    own.prescription_id AS "prescriptionId", own.setups, own.exercise_id AS "exerciseId",
    own.started_at AS "startedAt", own.day, own.finished_at AS "finishedAt",
    own.red_flag AS "redFlag", own.pain_next_morning AS "painNextMorning",
    own.against_stop AS "againstStop", own.discarded_at AS "discardedAt"
  FROM training_session own
  JOIN person_trainer given ON given.person_id = own.person_id AND given.studio_id = $1
    AND given.trainer_id = $3 AND given.withdrawn_at IS NULL
  WHERE own.studio_id = $1 AND own.id = $2
  FOR UPDATE OF own`;

export async function lockSession(scoped: ScopedManager, id: string): Promise<SessionRow> {
  const { trainerId } = scoped.scope;
  const [row] = await scoped.query<SessionRow>('lock-session', LOCKED_SESSION, [id, trainerId]);
  return row ?? refuse('not-found');
}

/** Changes a session that is locked, and raises its version. */
export async function changeSession(
  scoped: ScopedManager,
  { id, version }: Pick<SessionRow, 'id' | 'version'>,
  changes: Partial<SessionRow>,
): Promise<void> {
  await scoped.update(SessionEntity, { id }, { ...changes, version: version + 1 });
  scoped.touch('session', id);
}

/** Raises the version of sessions in which something else is told that has changed. */
export async function retellSessions(scoped: ScopedManager, ids: readonly string[]): Promise<void> {
  const rows = await scoped.find(SessionEntity, { id: In([...ids]) });
  for (const row of rows) await changeSession(scoped, row, {});
}

/** The days of all first sessions, asked of the whole log. */
export async function recountTrainedSince(scoped: ScopedManager): Promise<void> {
  await scoped.query(
    'recount-trained-since',
    `UPDATE person SET trained_since = (
       SELECT coalesce(jsonb_object_agg(exercise_id, first_day), '{}') FROM (
         SELECT exercise_id, min(day) AS first_day FROM training_session
          WHERE person_id = person.id AND discarded_at IS NULL GROUP BY exercise_id) firsts)
      WHERE studio_id = $1`,
  );
}
