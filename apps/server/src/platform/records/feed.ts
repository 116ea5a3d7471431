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
  /** In a first fill, the transaction from which on the feed goes on after it. */
  readonly fillFrom: string | null;
  /** In a first fill, the day of the last row; empty while those without one are handed out. */
  readonly day: string;
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
  readonly day: string | null;
  readonly body: string | null;
}

const NOWHERE = { written: '0', kind: '', id: '00000000-0000-0000-0000-000000000000', day: '' };

/** Only what was written below the oldest transaction that still runs can be handed out. */
const STANDING = `
  SELECT (SELECT id FROM feed_epoch) AS epoch,
    pg_snapshot_xmin(pg_current_snapshot())::text AS oldest,
    EXISTS (SELECT 1 FROM record WHERE studio_id = $1
      AND written >= pg_snapshot_xmin(pg_current_snapshot())) AS held`;

const FIELDS =
  'record.kind, record.id, record.version, record.written::text AS written, record.day';

/** What has changed, in the order it was written. */
const CHANGES = `
  SELECT standing.*, page.* FROM (${STANDING}) standing
  LEFT JOIN (
    SELECT ${FIELDS}, CASE WHEN given.withdrawn_at IS NULL THEN record.body END AS body
      ${SEEN}
        AND (record.written, record.kind, record.id) > ($3::xid8, $4, $5::uuid)
        AND record.written < pg_snapshot_xmin(pg_current_snapshot())
      ORDER BY record.written, record.kind, record.id
      LIMIT $6
  ) page ON true
  ORDER BY page.written::xid8, page.kind, page.id`;

/** As the index of the first fill has it. */
const DAY = "coalesce(record.day, '')";

/**
 * What stands, by the index: first what has no day, then what happened since a day, so that what is
 * older is not even looked at. A row that changes meanwhile is told again after the fill.
 */
const FILL = `
  SELECT standing.*, page.* FROM (${STANDING}) standing
  LEFT JOIN (
    (SELECT ${FIELDS}, record.body ${SEEN} AND ${stands()}
        AND ${DAY} = '' AND $5 AND (record.kind, record.id) > ($3, $4::uuid)
      ORDER BY record.kind, record.id LIMIT $6)
    UNION ALL
    (SELECT ${FIELDS}, record.body ${SEEN} AND ${stands()}
        AND (${DAY}, record.kind, record.id) > ($7, $8, $9::uuid)
      ORDER BY ${DAY}, record.kind, record.id LIMIT $6)
    LIMIT $6
  ) page ON true
  ORDER BY page.day NULLS FIRST, page.kind, page.id`;

function stands(): string {
  return 'record.body IS NOT NULL AND given.withdrawn_at IS NULL';
}

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
  const from = after === undefined ? undefined : readCursor(after);
  const isFill = from === undefined || from.fillFrom !== null;
  const found = isFill
    ? await fillPage(scoped, from ?? NOWHERE, limit)
    : await scoped.query<FeedRow | Standing>('changes', CHANGES, [
        scoped.scope.trainerId,
        ...[from.written, from.kind, from.id, limit],
      ]);
  const [standing] = found;
  if (standing === undefined || standing.epoch === null) {
    throw new Error('the feed has no epoch: records were never built');
  }
  const { epoch, held, oldest } = standing;
  if (from !== undefined && from.epoch !== epoch) return refuse('cursor-void');
  const rows = found.filter((row): row is FeedRow => 'kind' in row && row.kind !== null);
  const place = nextPlace(rows, from, oldest, rows.length === limit);
  // After the last page of a fill there is what was written since it began.
  const isBehind = isFill && place.fillFrom === null && place.written !== oldest;
  const more = rows.length === limit || isBehind;
  const changes = rows.map(
    ({ body, id, kind, version }) =>
      `{"kind":"${kind}","id":"${id}","version":${version},"record":${body ?? 'null'}}`,
  );
  const cursor = cursorOf({ ...place, epoch });
  return `{"changes":[${changes.join(',')}],"cursor":"${cursor}","more":${more},"held":${held}}`;
}

function fillPage(
  scoped: ScopedManager,
  { day, id, kind }: Pick<Place, 'day' | 'id' | 'kind'>,
  limit: number,
): Promise<(FeedRow | Standing)[]> {
  const { now, trainerId, zone } = scoped.scope;
  const isDayless = day === '';
  const since = isDayless ? dayInZone(subDays(now, KEPT_DAYS), zone) : day;
  const after = isDayless ? NOWHERE : { kind, id };
  const values = [trainerId, kind, id, isDayless, limit, since, after.kind, after.id];
  return scoped.query('fill', FILL, values);
}

/** Whether a cursor lies behind a record as it stands: a device that has it has seen that record. */
export async function hasReached(
  scoped: ScopedManager,
  cursor: string,
  { id, kind }: { readonly kind: RecordKind; readonly id: string },
): Promise<boolean> {
  const place = parseCursor(cursor);
  // In a first fill not everything that stands has been handed out yet.
  if (place === undefined || place.fillFrom !== null) return false;
  const rows = await scoped.query(
    'has-reached',
    `SELECT 1 FROM record JOIN feed_epoch ON feed_epoch.id = $2
      WHERE studio_id = $1 AND kind = $6 AND record.id = $7
        AND (written, kind, record.id) <= ($3::xid8, $4, $5::uuid)`,
    [place.epoch, place.written, place.kind, place.id, kind, id],
  );
  return rows.length > 0;
}

/** Where the feed goes on after these rows. */
function nextPlace(
  rows: readonly FeedRow[],
  from: Place | undefined,
  oldest: string,
  isFull: boolean,
): Omit<Place, 'epoch'> {
  const last = rows.at(-1);
  const fillFrom = from === undefined ? oldest : from.fillFrom;
  if (fillFrom === null) {
    return { ...(last ?? from ?? NOWHERE), day: '', fillFrom: null };
  }
  // After the fill comes all that was written since it began.
  if (!isFull) return { ...NOWHERE, written: fillFrom, fillFrom: null };
  const { day, id, kind } = last ?? NOWHERE;
  return { written: '0', kind, id, day: day ?? '', fillFrom };
}

const xid = z.string().regex(/^\d{1,20}$/);
const dayOrNone = z.string().regex(/^(\d{4}-\d{2}-\d{2})?$/);
const xidOrNone = z.union([xid, z.literal('')]);
const place = z.tuple([uuid, xid, z.string().max(40), uuid, xidOrNone, dayOrNone]);

/** A cursor as it was handed out; undefined where it is none. */
function parseCursor(text: string): Place | undefined {
  const parts = text.split('.');
  // Cursors of builds before had no day.
  const parsed = place.safeParse(parts.length === 5 ? [...parts, ''] : parts);
  if (!parsed.success) return undefined;
  const [epoch, written, kind, id, fillFrom, day] = parsed.data;
  return { epoch, written, kind, id, day, fillFrom: fillFrom === '' ? null : fillFrom };
}

function readCursor(text: string): Place {
  return (
    parseCursor(text) ??
    refuse('invalid-request', [
      {
        in: 'querystring',
        path: '$.after',
        found: text,
        expected: 'a cursor of an earlier answer',
      },
    ])
  );
}

function cursorOf({ day, epoch, fillFrom, id, kind, written }: Place): string {
  return [epoch, written, kind, id, fillFrom ?? '', day].join('.');
}
