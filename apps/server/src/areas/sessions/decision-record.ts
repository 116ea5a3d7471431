import type { DecisionRecord } from '@wiry-otter/contracts';
import type { EntityManager } from 'typeorm';
import type { DecisionRow } from './entities.js';

/** Ids of decisions that a newer session of the same person and exercise has overtaken. */
export type Overtaken = ReadonlySet<string>;

/**
 * Which of these decisions nobody can take any more: a newer session of the same person, exercise
 * and track was finished, or has a set in it. One that was only begun overtakes nothing.
 */
export async function newerSessions(
  manager: EntityManager,
  decisions: readonly Pick<DecisionRow, 'id' | 'status'>[],
): Promise<Overtaken> {
  const waiting = decisions.filter(({ status }) => status === 'waiting').map(({ id }) => id);
  if (waiting.length === 0) return new Set();
  const rows = await manager.query<{ id: string }[]>(
    `SELECT decision.id FROM decision
       JOIN training_session own ON own.id = decision.session_id
       JOIN prescription asked ON asked.id = own.prescription_id
      WHERE decision.id = ANY($1) AND EXISTS (
        SELECT 1 FROM training_session newer
          JOIN prescription ON prescription.id = newer.prescription_id
         WHERE prescription.track = asked.track
           AND newer.studio_id = decision.studio_id
           AND newer.person_id = decision.person_id
           AND newer.exercise_id = decision.exercise_id
           AND newer.started_at > own.started_at
           AND newer.discarded_at IS NULL
           AND (newer.finished_at IS NOT NULL OR EXISTS (
             SELECT 1 FROM training_set WHERE training_set.session_id = newer.id)))`,
    [waiting],
  );
  return new Set(rows.map(({ id }) => id));
}

/** A decision as the API shows it. */
export function toDecision(
  { studioId: _studio, ...row }: DecisionRow,
  overtaken: Overtaken,
): DecisionRecord {
  return overtaken.has(row.id) ? { ...row, status: 'void' } : row;
}
