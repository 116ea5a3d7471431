import { bandOfCopy, copyOfId } from '@wiry-otter/core';
import { In } from 'typeorm';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import {
  BandCopyEntity,
  type BandCopyRow,
  BandEventEntity,
  type BandEventRow,
  BandWearEntity,
  SetWearEntity,
} from './entities.js';

/** What a set did to the bands of its set-up. */
export interface SetWear {
  readonly setId: string;
  readonly personId: string;
  readonly performedAt: Date;
  /** Bands that it stretched beyond ×2, each copy as the set-up names it. */
  readonly worn: readonly string[];
  /** Repetitions; 0 where the set was taken back. */
  readonly cycles: number;
}

/** Counts what a set wore, or counts it anew where the set is taken back or put back. */
export async function countWear(scoped: ScopedManager, wear: SetWear): Promise<void> {
  const { cycles, performedAt, setId } = wear;
  const known = await scoped.find(SetWearEntity, { setId });
  const before = new Map(known.map((row) => [row.copyId, row.cycles]));
  const copyIds =
    known.length > 0 ? [...before.keys()] : copiesWorn(await knownCopies(scoped, [wear]), wear);
  // In an order that all transactions lock them in.
  for (const copyId of copyIds.sort()) {
    await scoped.put(SetWearEntity, { copyId, setId, performedAt, cycles });
    await scoped.query(
      'count-wear',
      `INSERT INTO band_wear AS kept (id, studio_id, band_id, version, total, since_inspection)
       SELECT id, $1, band_id, 1, $3, CASE WHEN ${SINCE} THEN $3::int ELSE 0 END
         FROM band_copy, (SELECT $4::timestamptz AS performed_at) done
        WHERE id = $2 AND studio_id = $1
       ON CONFLICT (id) DO UPDATE SET version = kept.version + 1,
         total = kept.total + excluded.total,
         since_inspection = kept.since_inspection + excluded.since_inspection`,
      [copyId, cycles - (before.get(copyId) ?? 0), performedAt],
    );
    scoped.touch('bandWear', copyId);
  }
}

/** Whether a set was done after the copy `$2` was inspected last. */
const SINCE = `performed_at > coalesce((
  SELECT max(happened_at) FROM band_event
   WHERE copy_id = $2 AND what ->> 'kind' = 'inspected'), '-infinity')`;

/** Counts from its last inspection on, which has just been noted, perhaps after later sets. */
export async function recountSinceInspection(scoped: ScopedManager, copyId: string): Promise<void> {
  const changed = await scoped.query(
    'recount-since-inspection',
    `UPDATE band_wear SET version = version + 1, since_inspection = (
       SELECT coalesce(sum(cycles), 0) FROM set_wear WHERE copy_id = $2 AND ${SINCE})
      WHERE id = $2 AND studio_id = $1 RETURNING id`,
    [copyId],
  );
  if (changed.length > 0) scoped.touch('bandWear', copyId);
}

/**
 * Forgets what was counted, before it is counted anew from the log; what people did who were deleted
 * since stays counted, for the band was stretched.
 */
export async function forgetWear(scoped: ScopedManager): Promise<void> {
  await scoped.query(
    'forget-wear-of-log',
    `DELETE FROM set_wear WHERE studio_id = $1
      AND EXISTS (SELECT 1 FROM training_set WHERE training_set.set_id = set_wear.set_id)`,
  );
  await scoped.delete(BandWearEntity, {});
  const left = await scoped.query<{ id: string }>(
    'copies-left-worn',
    'SELECT DISTINCT copy_id AS id FROM set_wear WHERE studio_id = $1',
  );
  await recountCopies(
    scoped,
    left.map(({ id }) => id),
  );
}

/** So many sets are counted at a time. */
const BATCH = 500;

/** Counts what the sets of a log wore, all at once; what is counted already stays as it is. */
export async function countWearOfLog(
  scoped: ScopedManager,
  log: readonly SetWear[],
): Promise<void> {
  const known = await knownCopies(scoped, log);
  const worn = new Set<string>();
  for (let i = 0; i < log.length; i += BATCH) {
    const some = log.slice(i, i + BATCH);
    const counted = await scoped.find(SetWearEntity, {
      setId: In(some.map(({ setId }) => setId)),
    });
    const before = new Set(counted.map(({ setId }) => setId));
    const rows = some
      .filter(({ setId }) => !before.has(setId))
      .flatMap((wear) => {
        const { cycles, performedAt, setId } = wear;
        return copiesWorn(known, wear).map((copyId) => ({ copyId, setId, performedAt, cycles }));
      });
    await scoped.insert(SetWearEntity, ...rows);
    for (const { copyId } of rows) worn.add(copyId);
  }
  await recountCopies(scoped, [...worn]);
}

/** Sums up what was counted of these copies. */
async function recountCopies(scoped: ScopedManager, copyIds: readonly string[]): Promise<void> {
  await scoped.query(
    'recount-copies',
    `INSERT INTO band_wear AS kept (id, studio_id, band_id, version, total, since_inspection)
     SELECT copy.id, $1, copy.band_id, 1, sum(worn.cycles),
         coalesce(sum(worn.cycles) FILTER (WHERE worn.performed_at > inspected.at), 0)
       FROM set_wear worn JOIN band_copy copy ON copy.id = worn.copy_id
       CROSS JOIN LATERAL (SELECT coalesce(max(happened_at), '-infinity') AS at FROM band_event
         WHERE copy_id = copy.id AND what ->> 'kind' = 'inspected') inspected
      WHERE worn.studio_id = $1 AND copy.id = ANY($2::uuid[])
      GROUP BY copy.id ORDER BY copy.id
     ON CONFLICT (id) DO UPDATE SET version = kept.version + 1,
       total = excluded.total, since_inspection = excluded.since_inspection`,
    [copyIds],
  );
  scoped.touch('bandWear', ...copyIds);
}

/** The copies of the bands that sets wear, and what happened to them. */
interface KnownCopies {
  readonly copies: readonly BandCopyRow[];
  readonly events: readonly BandEventRow[];
}

async function knownCopies(scoped: ScopedManager, log: readonly SetWear[]): Promise<KnownCopies> {
  const bandId = In([...new Set(log.flatMap(({ worn }) => worn.map(bandOfCopy)))]);
  const order = { at: 'ASC', id: 'ASC' } as const;
  return {
    copies: await scoped.find(BandCopyEntity, { bandId }),
    events: await scoped.find(BandEventEntity, { bandId }, { order }),
  };
}

/** The copies that a set wears. */
function copiesWorn(
  { copies, events }: KnownCopies,
  { performedAt: at, personId, worn }: SetWear,
): string[] {
  const ids = worn.flatMap((id) => {
    const equal = copies.filter((copy) => copy.bandId === bandOfCopy(id));
    return copyWorn(equal, events, { at, copy: copyOfId(id), personId }) ?? [];
  });
  return [...new Set(ids)];
}

/**
 * The copy that was worn: those the person had at home that day come first, then those that were in
 * use and with nobody, each by their mark.
 */
export function copyWorn(
  copies: readonly BandCopyRow[],
  events: readonly BandEventRow[],
  { at, copy, personId }: { readonly at: Date; readonly copy: number; readonly personId: string },
): string | undefined {
  const ordered = [...copies].sort((a, b) => (a.mark < b.mark ? -1 : 1));
  const then = ordered.map((one) => ({ id: one.id, ...standingAt(one, events, at) }));
  const atHome = then.filter(
    ({ holder }) => holder.at === 'person' && holder.personId === personId,
  );
  const free = then.filter(({ holder, retired }) => holder.at !== 'person' && !retired);
  const first = [...new Set([...atHome, ...free, ...then])];
  return first[Math.min(copy, first.length) - 1]?.id;
}

/** Where a copy was and whether it was retired at a moment, from what happened until then. */
function standingAt(
  copy: BandCopyRow,
  events: readonly BandEventRow[],
  at: Date,
): { holder: BandCopyRow['holder']; retired: boolean } {
  let holder: BandCopyRow['holder'] = { at: 'bag' };
  let retired = false;
  for (const event of events) {
    if (event.copyId !== copy.id || event.at > at) continue;
    if (event.what.kind === 'moved') holder = event.what.holder;
    if (event.what.kind === 'retired') retired = true;
    if (event.what.kind === 'returned') retired = false;
  }
  return { holder, retired };
}
