import type { DecisionRecord, SessionRecord } from '@wiry-otter/contracts';
import { In } from 'typeorm';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { DecisionEntity } from './entities.js';
import { retellSessions } from './session-rows.js';

/**
 * Whether a newer session of the track was finished, or has a set in it that stands. Nothing overtakes
 * a stop, nor lighter work that nobody has settled.
 */
const IS_OVERTAKEN = `decision.decision ->> 'code' NOT IN ('stop', 'lighter') AND EXISTS (
  SELECT 1 FROM training_session newer
    JOIN prescription ON prescription.id = newer.prescription_id
   WHERE prescription.track = asked.track
     AND newer.studio_id = $1 AND newer.person_id = own.person_id
     AND newer.exercise_id = own.exercise_id
     AND newer.started_at > own.started_at
     AND newer.discarded_at IS NULL
     AND (newer.finished_at IS NOT NULL OR EXISTS (
       SELECT 1 FROM training_set WHERE training_set.session_id = newer.id
         AND NOT EXISTS (SELECT 1 FROM training_set later
           WHERE later.set_id = training_set.set_id AND later.session_id = newer.id
             AND later.sequence > training_set.sequence)
         AND NOT training_set.set_aside)))`;

/** Only the last few undecided ones can change: those before them were overtaken long ago. */
const MOST_UNDECIDED = 5;

/**
 * Which decisions of a person and exercise nobody can take any more: a newer session of the same
 * track was finished, or has a set in it. One that was only begun overtakes nothing. To be asked
 * whenever that may have changed.
 */
export async function renewOvertaken(
  scoped: ScopedManager,
  { exerciseId, personId }: { readonly exerciseId: string; readonly personId: string },
): Promise<void> {
  const changed = await scoped.query<{ id: string; session_id: string }>(
    'renew-overtaken',
    `UPDATE decision SET status = undecided.status, version = decision.version + 1
      FROM (
        SELECT decision.id, CASE WHEN ${IS_OVERTAKEN} THEN 'void' ELSE 'waiting' END AS status
        FROM decision
        JOIN training_session own ON own.id = decision.session_id
        JOIN prescription asked ON asked.id = own.prescription_id
        WHERE decision.studio_id = $1 AND decision.person_id = $2 AND decision.exercise_id = $3
          AND decision.status IN ('waiting', 'void')
        ORDER BY own.started_at DESC LIMIT ${MOST_UNDECIDED}
      ) undecided
      WHERE decision.id = undecided.id AND decision.status <> undecided.status
      RETURNING decision.id, decision.session_id`,
    [personId, exerciseId],
  );
  if (changed.length === 0) return;
  scoped.touch('decision', ...changed.map(({ id }) => id));
  // A session tells in short how its decision stands.
  await retellSessions(
    scoped,
    changed.map((row) => row.session_id),
  );
}

/** Which decisions of the whole log nobody can take any more: before it was kept, it was asked each time. */
export async function recountOvertaken(scoped: ScopedManager): Promise<void> {
  await scoped.query(
    'recount-overtaken',
    `UPDATE decision SET status = 'void', version = decision.version + 1
      FROM training_session own JOIN prescription asked ON asked.id = own.prescription_id
      WHERE decision.studio_id = $1 AND decision.status = 'waiting'
        AND own.id = decision.session_id AND ${IS_OVERTAKEN}`,
  );
}

/** Decisions for lighter work after earlier sessions of the track that nobody has settled yet. */
export async function unreadLighter(
  scoped: ScopedManager,
  { id, personId, prescription, startedAt }: SessionRecord,
): Promise<DecisionRecord[]> {
  const found = await scoped.query<{ id: string }>(
    'unread-lighter',
    `SELECT decision.id FROM decision
      JOIN training_session own ON own.id = decision.session_id
      JOIN prescription asked ON asked.id = own.prescription_id
      WHERE decision.studio_id = $1 AND decision.person_id = $2 AND decision.exercise_id = $3
        AND asked.track = $4 AND own.started_at < $5 AND own.id <> $6
        AND decision.status = 'waiting' AND decision.decision ->> 'code' = 'lighter'`,
    [personId, prescription.exerciseId, prescription.track, startedAt, id],
  );
  return scoped.find(DecisionEntity, { id: In(found.map((row) => row.id)) });
}
