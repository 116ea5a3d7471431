import type { SessionsQuery } from '@wiry-otter/contracts';
import { SEEN } from '../../platform/records/read-records.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';

const AFTER_ALL = { day: '9999-12-31', id: 'ffffffff-ffff-ffff-ffff-ffffffffffff' };

/**
 * A page of a person's sessions before one that is known, the latest first, by key: the thousandth
 * page costs what the first does.
 *
 * @returns the answer as text, for the bodies are handed out as they are stored
 */
export async function olderSessions(
  scoped: ScopedManager,
  { beforeDay = AFTER_ALL.day, beforeId = AFTER_ALL.id, limit, personId }: SessionsQuery,
): Promise<string> {
  const rows = await scoped.query<{ body: string }>(
    'older-sessions',
    `SELECT record.body ${SEEN}
        AND given.withdrawn_at IS NULL
        AND record.kind = 'session' AND record.person_id = $3
        AND record.day IS NOT NULL AND record.body IS NOT NULL
        AND (record.day, record.id) < ($4, $5::uuid)
      ORDER BY record.day DESC, record.id DESC
      LIMIT $6`,
    [scoped.scope.trainerId, personId, beforeDay, beforeId, limit],
  );
  return `[${rows.map(({ body }) => body).join(',')}]`;
}
