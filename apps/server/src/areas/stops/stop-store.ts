import type { StopRecord } from '@wiry-otter/contracts';
import { isStanding } from '@wiry-otter/derived';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { refuse } from '../../platform/problems/refusal.js';
import { findPerson } from '../people/people-store.js';
import { TrainerEntity } from '../studio/entities.js';
import { StopEntity, type StopRow } from './entities.js';

export const stopRecords = recordsOfTable('stop', StopEntity, async (scoped, rows) => {
  const names = await trainerNames(scoped);
  return rows.map((row) => ({
    id: row.id,
    version: row.version,
    personId: row.personId,
    record: toStop(row, names),
  }));
});

async function trainerNames(scoped: ScopedManager): Promise<ReadonlyMap<string, string>> {
  const trainers = await scoped.find(TrainerEntity, {});
  return new Map(trainers.map(({ id, name }) => [id, name]));
}

function toStop(
  { at, raisedBy, studioId: _studio, ...fields }: StopRow,
  names: ReadonlyMap<string, string>,
): StopRecord {
  return {
    ...fields,
    at: at.toISOString(),
    raisedBy: raisedBy === null ? '' : (names.get(raisedBy) ?? ''),
  };
}

/** All stops of a person, the latest first. */
export async function stopsOfPerson(
  scoped: ScopedManager,
  personId: string,
): Promise<StopRecord[]> {
  const rows = await scoped.find(StopEntity, { personId }, { order: { at: 'DESC', id: 'ASC' } });
  if (rows.length === 0) return [];
  const names = await trainerNames(scoped);
  return rows.map((row) => toStop(row, names));
}

/** A stop of one of this trainer's people, locked for a write. */
export async function lockStop(scoped: ScopedManager, id: string): Promise<StopRow> {
  const row = (await scoped.lock(StopEntity, id)) ?? refuse('not-found');
  await findPerson(scoped, row.personId);
  return row;
}

/** Keeps a stop that was raised; one of the same id stands as it is, whatever has become of it. */
export async function keepStop(
  scoped: ScopedManager,
  { at, raisedBy: _by, ...stop }: StopRecord,
): Promise<boolean> {
  if ((await scoped.lock(StopEntity, stop.id)) !== undefined) return false;
  const { trainerId } = scoped.scope;
  await scoped.insert(StopEntity, { ...stop, at: new Date(at), raisedBy: trainerId });
  scoped.touch('stop', stop.id);
  return true;
}

/** Writes what was done about a stop. */
export async function changeStop(
  scoped: ScopedManager,
  {
    id,
    lifted,
    takenBack,
    version,
    wantsLook,
  }: Pick<StopRecord, 'id' | 'lifted' | 'takenBack' | 'version' | 'wantsLook'>,
): Promise<void> {
  await scoped.update(StopEntity, { id }, { lifted, takenBack, version, wantsLook });
  scoped.touch('stop', id);
}

/** Stops of a session that stand, of one cause. */
export async function standingOfSession(
  scoped: ScopedManager,
  { cause, sessionId }: Pick<StopRow, 'cause' | 'sessionId'>,
): Promise<StopRow[]> {
  if (sessionId === null) return [];
  const rows = await scoped.find(StopEntity, { cause, sessionId });
  return rows.filter(isStanding);
}
