import { rigSetup, wornBands } from '@wiry-otter/core';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { countWear, forgetWear } from '../bands/wear.js';
import { SetupVersionEntity } from '../setups/entities.js';
import {
  SessionEntity,
  type SessionRow,
  type TrainingSetRow,
  TrainingSetEntity,
} from './entities.js';

/** Versions of set-ups never change, so what they wear is worked out once per process. */
const wornBySetup = new Map<string, readonly string[]>();
const MOST_REMEMBERED = 5_000;

/** Counts what a set, as it stands now, did to the bands of its set-up. */
export async function countSetWear(
  scoped: ScopedManager,
  { personId, setups }: Pick<SessionRow, 'personId' | 'setups'>,
  set: Pick<TrainingSetRow, 'setId' | 'setupId' | 'performedAt' | 'reps' | 'partial' | 'setAside'>,
): Promise<void> {
  const used = setups.find(({ id }) => id === set.setupId);
  if (used === undefined) return;
  const worn = await bandsWornBy(scoped, used);
  if (worn.length === 0) return;
  await countWear(scoped, {
    setId: set.setId,
    personId,
    performedAt: set.performedAt,
    worn,
    cycles: set.setAside ? 0 : set.reps + set.partial,
  });
}

async function bandsWornBy(
  scoped: ScopedManager,
  { id: setupId, version }: SessionRow['setups'][number],
): Promise<readonly string[]> {
  const key = `${setupId} ${version}`;
  const known = wornBySetup.get(key);
  if (known !== undefined) return known;
  const { document } = await scoped.findOwn(SetupVersionEntity, { setupId, version });
  const rigged = rigSetup(document);
  const worn = rigged.ok ? wornBands(document, rigged.value) : [];
  if (wornBySetup.size >= MOST_REMEMBERED) wornBySetup.clear();
  wornBySetup.set(key, worn);
  return worn;
}

/** Counts the whole log anew. */
export async function recountWear(scoped: ScopedManager): Promise<void> {
  await forgetWear(scoped);
  const sessions = await scoped.find(SessionEntity, {}, { order: { startedAt: 'ASC', id: 'ASC' } });
  for (const session of sessions) {
    const where = { sessionId: session.id };
    const rows = await scoped.find(TrainingSetEntity, where, { order: { sequence: 'ASC' } });
    const standing = new Map(rows.map((row) => [row.setId, row]));
    for (const set of standing.values()) await countSetWear(scoped, session, set);
  }
}
