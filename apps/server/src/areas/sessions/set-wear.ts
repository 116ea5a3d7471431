import { rigSetup, wornBands } from '@wiry-otter/core';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { countWear, countWearOfLog, forgetWear, type SetWear } from '../bands/wear.js';
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

type WornSession = Pick<SessionRow, 'personId' | 'setups'>;
type WornSet = Pick<
  TrainingSetRow,
  'setId' | 'setupId' | 'performedAt' | 'reps' | 'partial' | 'setAside'
>;

/** Counts what a set, as it stands now, did to the bands of its set-up. */
export async function countSetWear(
  scoped: ScopedManager,
  session: WornSession,
  set: WornSet,
): Promise<void> {
  const wear = await wearOf(scoped, session, set);
  if (wear !== undefined) await countWear(scoped, wear);
}

/** Counts what sets did that are read in or counted anew; of each set its rows, the last one stands. */
export async function countLogWear(
  scoped: ScopedManager,
  log: readonly (WornSession & { readonly sets: readonly WornSet[] })[],
): Promise<void> {
  const worn: SetWear[] = [];
  for (const session of log) {
    const standing = new Map(session.sets.map((row) => [row.setId, row]));
    for (const set of standing.values()) {
      const wear = await wearOf(scoped, session, set);
      if (wear !== undefined) worn.push(wear);
    }
  }
  await countWearOfLog(scoped, worn);
}

/** What a set wore; undefined where it stretched no band so far. */
async function wearOf(
  scoped: ScopedManager,
  { personId, setups }: WornSession,
  { partial, performedAt, reps, setAside, setId, setupId }: WornSet,
): Promise<SetWear | undefined> {
  const used = setups.find(({ id }) => id === setupId);
  if (used === undefined) return undefined;
  const worn = await bandsWornBy(scoped, used);
  if (worn.length === 0) return undefined;
  return { setId, personId, performedAt, worn, cycles: setAside ? 0 : reps + partial };
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
  const log = [];
  for (const session of sessions) {
    const where = { sessionId: session.id };
    const sets = await scoped.find(TrainingSetEntity, where, { order: { sequence: 'ASC' } });
    log.push({ ...session, sets });
  }
  await countLogWear(scoped, log);
}
