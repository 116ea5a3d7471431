import type { RecordKind } from '@wiry-otter/contracts';
import { refuse } from '../problems/refusal.js';
import type { ScopedManager } from './scoped-manager.js';

/**
 * Which rows of `record` a trainer sees: the studio's, those of people they were given, and their
 * own. The one place where it is said; `$1` is the studio, `$2` the trainer.
 */
export const SEEN = `
  FROM record
  LEFT JOIN person_trainer given
    ON given.person_id = record.person_id AND given.trainer_id = $2 AND given.studio_id = $1
  WHERE record.studio_id = $1
    AND (record.person_id IS NULL OR given.trainer_id IS NOT NULL)
    AND (record.trainer_id IS NULL OR record.trainer_id = $2)`;

/** The text of a record that this trainer sees, or a refusal. */
export async function recordText(
  scoped: ScopedManager,
  kind: RecordKind,
  id: string,
): Promise<string> {
  const [row] = await scoped.query<{ body: string | null }>(
    'one-record',
    `SELECT record.body ${SEEN}
       AND record.kind = $3 AND record.id = $4 AND given.withdrawn_at IS NULL`,
    [scoped.scope.trainerId, kind, id],
  );
  return row?.body ?? refuse('not-found');
}
