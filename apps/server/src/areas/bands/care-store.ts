import type { BandEventInput, BandRecord } from '@wiry-otter/contracts';
import { inspectionResult } from '@wiry-otter/core';
import type { EntityManager } from 'typeorm';
import { BandCopyEntity, type BandCopyRow, BandEntity, BandEventEntity } from './entities.js';
import { PlaceEntity } from '../places/entities.js';
import { findPerson } from '../people/people-store.js';
import { findOwn, lockOwn, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import { bandRecord } from './band-store.js';

/** Notes what happened to a copy and brings its state about; sent twice it happens once. */
export async function addBandEvent(
  manager: EntityManager,
  scope: Scope,
  bandId: string,
  eventId: string,
  { copyId, at, what }: BandEventInput,
): Promise<BandRecord> {
  const band = (await lockOwn(manager, BandEntity, scope, bandId)) ?? refuse('not-found');
  const known = await lockOwn(manager, BandEventEntity, scope, eventId);
  if (known !== undefined && known.bandId !== bandId) return refuse('id-taken');
  if (known === undefined) {
    const copy = await findOwn(manager, BandCopyEntity, scope, { id: copyId, bandId });
    await checkHolder(manager, scope, what);
    await manager.insert(BandEventEntity, {
      id: eventId,
      studioId: scope.studioId,
      bandId,
      copyId,
      at: new Date(at),
      by: scope.trainerId,
      what,
    });
    await manager.save(BandCopyEntity, { ...copy, ...changeOf(what, copy) });
  }
  return bandRecord(manager, scope, band);
}

/** What an event makes of a copy. */
function changeOf(what: BandEventInput['what'], copy: BandCopyRow): Partial<BandCopyRow> {
  switch (what.kind) {
    case 'moved':
      return { holder: what.holder };
    case 'retired':
      return { state: 'retired', stateReason: what.reason };
    case 'returned':
      return { state: 'inUse', stateReason: '' };
    case 'inspected': {
      const result = inspectionResult(what.findings);
      // A band that was retired for good is not brought back by a walk that finds nothing.
      if (copy.state === 'retired' && result !== 'retire') return {};
      const found = Object.entries(what.findings)
        .filter(([, finding]) => finding !== 'good')
        .map(([point, finding]) => `${point}: ${finding}`);
      const stateReason = [...found, what.note].filter((words) => words !== '').join('. ');
      if (result === 'retire') {
        return { state: 'retired', stateReason: `Inspection failed. ${stateReason}` };
      }
      return result === 'watch'
        ? { state: 'watch', stateReason }
        : { state: 'inUse', stateReason: '' };
    }
  }
}

/** A band goes to a place of the studio or to a person of this trainer's. */
async function checkHolder(
  manager: EntityManager,
  scope: Scope,
  what: BandEventInput['what'],
): Promise<void> {
  if (what.kind !== 'moved') return;
  const { holder } = what;
  if (holder.at === 'place') await findOwn(manager, PlaceEntity, scope, { id: holder.placeId });
  if (holder.at === 'person') {
    if (holder.personId === null) refuse('not-found');
    else await findPerson(manager, scope, holder.personId);
  }
}
