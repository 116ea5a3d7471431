import { type RecordKind, uuid } from '@wiry-otter/contracts';
import { subDays } from 'date-fns';
import * as z from 'zod';
import { dayInZone } from '@wiry-otter/derived';
import { refuse } from '../problems/refusal.js';
import { SEEN } from './read-records.js';
import type { ScopedManager } from './scoped-manager.js';

/** What happened longer ago is not in the first fill: it is asked for by page. */
const KEPT_DAYS = 26 * 7;

interface Place {
  readonly epoch: string;
  /** Transaction, kind and id of the last row that was handed out. */
  readonly written: string;
  readonly kind: string;
  readonly id: string;
  /** In a first fill, the transaction before which only what stands is handed out. */
  readonly fillFrom: string | null;
}

/** How the feed stands, told with every row and without any. */
interface Standing {
  readonly epoch: string | null;
  /** The oldest transaction that still runs. */
  readonly oldest: string;
  /** Something is written already that a transaction still running keeps back. */
  readonly held: boolean;
}

interface FeedRow extends Standing {
  readonly kind: RecordKind;
  readonly id: string;
  readonly version: number;
  readonly written: string;
  readonly body: string | null;
}

/** Of a first page: no transaction is later, so all of it is told as it stands. */
const EVERYTHING_STANDS = '18446744073709551615';

const NOWHERE = { written: '0', kind: '', id: '00000000-0000-0000-0000-000000000000' };

/**
 * The changes after a cursor, oldest first; without one the whole of what a device keeps.
 *
 * Nothing is skipped however transactions overlap: only rows written below the oldest one that still
 * runs are handed out, so none can appear later behind a cursor.
 *
 * @returns the answer as text, for the bodies are handed out as they are stored
 */
export async function changesAfter(
  scoped: ScopedManager,
  after: string | undefined,
  limit: number,
): Promise<string> {
  const { now, trainerId, zone } = scoped.scope;
  const from = after === undefined ? undefined : readCursor(after);
  const found = await scoped.query<FeedRow | Standing>(
    'changes',
    `SELECT standing.*, page.* FROM (
        SELECT (SELECT id FROM feed_epoch) AS epoch,
          pg_snapshot_xmin(pg_current_snapshot())::text AS oldest, EXISTS (SELECT 1 FROM record WHERE studio_id = $1
          AND written >= pg_snapshot_xmin(pg_current_snapshot())) AS held) standing
      LEFT JOIN (
        SELECT record.kind, record.id, record.version, record.written::text AS written,
            CASE WHEN given.withdrawn_at IS NULL THEN record.body END AS body,
            row_number() OVER (ORDER BY record.written, record.kind, record.id) AS place
          ${SEEN}
            AND (record.written, record.kind, record.id) > ($3::xid8, $4, $5::uuid)
            AND record.written < pg_snapshot_xmin(pg_current_snapshot())
            AND ($6::xid8 IS NULL OR record.written >= $6::xid8 OR (record.body IS NOT NULL
              AND given.withdrawn_at IS NULL AND (record.day IS NULL OR record.day >= $7)))
          ORDER BY record.written, record.kind, record.id
          LIMIT $8
      ) page ON true
      ORDER BY page.place`,
    [
      trainerId,
      (from ?? NOWHERE).written,
      (from ?? NOWHERE).kind,
      (from ?? NOWHERE).id,
      from === undefined ? EVERYTHING_STANDS : from.fillFrom,
      dayInZone(subDays(now, KEPT_DAYS), zone),
      limit,
    ],
  );
  const [standing] = found;
  if (standing?.epoch === undefined || standing.epoch === null) {
    throw new Error('the feed has no epoch: records were never built');
  }
  const { epoch, held, oldest } = standing;
  if (from !== undefined && from.epoch !== epoch) return refuse('cursor-void');
  const rows = found.filter((row): row is FeedRow => 'kind' in row && row.kind !== null);
  const more = rows.length === limit;
  const last = rows.at(-1) ?? from ?? NOWHERE;
  const fillFrom = from === undefined ? oldest : from.fillFrom;
  const cursor = cursorOf({ ...last, epoch, fillFrom: more ? fillFrom : null });
  const changes = rows.map(
    ({ body, id, kind, version }) =>
      `{"kind":"${kind}","id":"${id}","version":${version},"record":${body ?? 'null'}}`,
  );
  return `{"changes":[${changes.join(',')}],"cursor":"${cursor}","more":${more},"held":${held}}`;
}

const xid = z.string().regex(/^\d{1,20}$/);
const place = z.tuple([uuid, xid, z.string().max(40), uuid, z.union([xid, z.literal('')])]);

function readCursor(text: string): Place {
  const parsed = place.safeParse(text.split('.'));
  if (!parsed.success) {
    return refuse('invalid-request', [
      {
        in: 'querystring',
        path: '$.after',
        found: text,
        expected: 'a cursor of an earlier answer',
      },
    ]);
  }
  const [epoch, written, kind, id, fillFrom] = parsed.data;
  return { epoch, written, kind, id, fillFrom: fillFrom === '' ? null : fillFrom };
}

function cursorOf({ epoch, fillFrom, id, kind, written }: Place): string {
  return [epoch, written, kind, id, fillFrom ?? ''].join('.');
}
