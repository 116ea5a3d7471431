import type { BandEventInput } from '@wiry-otter/contracts';
import { inspectionResult } from '@wiry-otter/core';
import { refuse } from '../../platform/problems/refusal.js';
import { expectSame } from '../../platform/records/expect-same.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { findPerson } from '../people/people-store.js';
import { PlaceEntity } from '../places/entities.js';
import { changeBand } from './band-store.js';
import { BandCopyEntity, type BandCopyRow, BandEntity, BandEventEntity } from './entities.js';
import { recountSinceInspection } from './wear.js';

/** Notes what happened to a copy and brings its state about; sent twice it happens once. */
export async function addBandEvent(
  scoped: ScopedManager,
  bandId: string,
  eventId: string,
  { copyId, at, what }: BandEventInput,
): Promise<void> {
  const band = (await scoped.lock(BandEntity, bandId)) ?? refuse('not-found');
  const known = await scoped.lock(BandEventEntity, eventId);
  if (known !== undefined) {
    expectSame(known, { bandId, copyId, at, what });
    return;
  }
  const copy = await scoped.findOwn(BandCopyEntity, { id: copyId, bandId });
  await checkHolder(scoped, what);
  await scoped.insert(BandEventEntity, {
    id: eventId,
    bandId,
    copyId,
    at: new Date(at),
    by: scoped.scope.trainerId,
    what,
  });
  await scoped.update(BandCopyEntity, { id: copyId }, changeOf(what, copy));
  await changeBand(scoped, band, {});
  if (what.kind === 'inspected') await recountSinceInspection(scoped, copyId);
  if (what.kind === 'moved') scoped.touch('bandMove', eventId);
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
async function checkHolder(scoped: ScopedManager, what: BandEventInput['what']): Promise<void> {
  if (what.kind !== 'moved') return;
  const { holder } = what;
  if (holder.at === 'place') await scoped.findOwn(PlaceEntity, { id: holder.placeId });
  if (holder.at === 'person') {
    if (holder.personId === null) refuse('not-found');
    else await findPerson(scoped, holder.personId);
  }
}
