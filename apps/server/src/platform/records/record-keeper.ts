import { parseDocument, RECORDS, type RecordKind } from '@wiry-otter/contracts';
import type * as z from 'zod';
import { refuse } from '../problems/refusal.js';
import type { RecordSource, RecordSources, TableRecord } from './record-source.js';
import type { ScopedManager } from './scoped-manager.js';
import { RECORDS_CHANNEL } from './stream.js';

/**
 * The one way into the table of records: what changed is put together from the tables, held to its
 * schema, and kept as the text that is handed out.
 */
export interface RecordKeeper {
  write(scoped: ScopedManager, kind: RecordKind, ids: readonly string[]): Promise<void>;
  /** Writes every record of the studio anew, under the versions that the tables have. */
  rebuild(scoped: ScopedManager): Promise<void>;
}

/** So many are put together at a time. */
const BATCH = 200;

export function createRecordKeeper(sources: RecordSources): RecordKeeper {
  return {
    write: (scoped, kind, ids) => writeRecords(scoped, sources[kind], ids, false),
    async rebuild(scoped) {
      for (const source of Object.values(sources)) {
        const ids = await source.ids(scoped);
        for (let i = 0; i < ids.length; i += BATCH) {
          await writeRecords(scoped, source, ids.slice(i, i + BATCH), true);
        }
      }
    },
  };
}

/**
 * A body that changed has a higher version, or it could be overtaken by an older one on a device; a
 * change that forgot to raise it violates the column's NOT NULL. A rebuild keeps versions, and what was
 * gone comes back under any: devices have let go of it. Whoever
 * listens is told once the transaction is committed, once however often it is said.
 */
const WRITE = `
  WITH told AS (SELECT pg_notify('${RECORDS_CHANNEL}', $1::uuid::text))
  INSERT INTO record AS kept
    (studio_id, kind, id, version, person_id, trainer_id, day, written, body)
  SELECT $1, $2, $3, $4, $5, $6, $7, pg_current_xact_id(), $8 FROM told
  ON CONFLICT (studio_id, kind, id) DO UPDATE SET
    version = CASE
      WHEN excluded.body IS NULL THEN kept.version + 1
      WHEN excluded.version > kept.version OR kept.body IS NULL OR $9 THEN excluded.version END,
    person_id = excluded.person_id, trainer_id = excluded.trainer_id, day = excluded.day,
    written = excluded.written, body = excluded.body
  WHERE kept.body IS DISTINCT FROM excluded.body
    OR kept.person_id IS DISTINCT FROM excluded.person_id
    OR kept.day IS DISTINCT FROM excluded.day`;

async function writeRecords(
  scoped: ScopedManager,
  source: RecordSource,
  ids: readonly string[],
  sameVersion: boolean,
): Promise<void> {
  const found = await source.read(scoped, ids);
  const known = new Map(found.map((row) => [row.id, row]));
  // One by one: most writes change one record, and a text in an array is escaped and read again.
  for (const id of ids) {
    const row = known.get(id);
    await scoped.query('write-record', WRITE, [
      ...[source.kind, id, row?.version ?? 1, row?.personId ?? null, row?.trainerId ?? null],
      ...[row?.day ?? null, row === undefined ? null : textOf(source.kind, row), sameVersion],
    ]);
  }
}

/** What is handed out of a record; a refusal where that could not be read again. */
function textOf(kind: RecordKind, { id, record }: TableRecord): string {
  const parsed = parseDocument(RECORDS[kind] as z.ZodType, record);
  if (parsed.ok) return JSON.stringify(parsed.value);
  return refuse(
    'unreadable',
    parsed.faults.map(({ expected, found, path }) => ({
      in: 'document',
      path: `${kind} ${id} ${path}`,
      found,
      expected,
    })),
  );
}
