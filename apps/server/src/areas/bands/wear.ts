import { bandOfCopy, copyOfId, rigSetup, wornBands } from '@wiry-otter/core';
import type { EntityManager } from 'typeorm';
import type { BandCopyRow, BandEventRow } from './entities.js';
import { SetupVersionEntity } from '../setups/entities.js';
import type { Scope } from '../../platform/access/scope.js';

/** Repetitions of one session with one set-up that stretched a band beyond ×2. */
export interface Wear {
  readonly bandId: string;
  /** Which of the equal ones that were in use, where a set-up takes several. */
  readonly copy: number;
  readonly personId: string;
  readonly at: Date;
  readonly cycles: number;
}

interface SessionReps {
  person_id: string;
  setup_id: string;
  setup_version: number;
  started_at: Date;
  reps: number;
}

/** Versions of set-ups never change, so what they wear is worked out once per process. */
const wornBySetup = new Map<string, readonly string[]>();
const MOST_REMEMBERED = 5_000;

/** Every stretch beyond ×2 in the studio's log, session by session. */
export async function readWear(manager: EntityManager, scope: Scope): Promise<Wear[]> {
  const sessions = await manager.query<SessionReps[]>(
    `SELECT s.person_id, used.id AS setup_id, used.version AS setup_version, s.started_at,
        sum(t.reps + t.partial_reps)::int AS reps
      FROM training_session s
      CROSS JOIN LATERAL jsonb_to_recordset(s.setups) AS used(id uuid, version int)
      JOIN (SELECT DISTINCT ON (set_id) session_id, setup_id, reps, partial_reps, set_aside
            FROM training_set WHERE studio_id = $1 ORDER BY set_id, sequence DESC) t
        ON t.session_id = s.id AND t.setup_id = used.id
      WHERE s.studio_id = $1 AND NOT t.set_aside
      GROUP BY s.id, used.id, used.version`,
    [scope.studioId],
  );
  const wear: Wear[] = [];
  for (const session of sessions) {
    for (const id of await bandsWornBy(manager, scope, session)) {
      wear.push({
        bandId: bandOfCopy(id),
        copy: copyOfId(id),
        personId: session.person_id,
        at: session.started_at,
        cycles: session.reps,
      });
    }
  }
  return wear;
}

async function bandsWornBy(
  manager: EntityManager,
  { studioId }: Scope,
  { setup_id: setupId, setup_version: version }: SessionReps,
): Promise<readonly string[]> {
  const key = `${setupId} ${version}`;
  const known = wornBySetup.get(key);
  if (known !== undefined) return known;
  const state = await manager.findOneBy(SetupVersionEntity, { studioId, setupId, version });
  const rigged = state === null ? undefined : rigSetup(state.document);
  const worn = rigged?.ok === true && state !== null ? wornBands(state.document, rigged.value) : [];
  if (wornBySetup.size >= MOST_REMEMBERED) wornBySetup.clear();
  wornBySetup.set(key, worn);
  return worn;
}

/**
 * The copy that was worn: those the person had at home that day come first, then those that were in
 * use and with nobody, each by their mark.
 */
export function copyWorn(
  copies: readonly BandCopyRow[],
  events: readonly BandEventRow[],
  { at, copy, personId }: Pick<Wear, 'personId' | 'at' | 'copy'>,
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
