import type { BandEventInput } from '@wiry-otter/contracts';
import { copyAfter } from '@wiry-otter/core';
import { refuse } from '../../platform/problems/refusal.js';
import { expectSame } from '../../platform/records/expect-same.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { findPerson } from '../people/people-store.js';
import { PlaceEntity } from '../places/entities.js';
import { changeBand } from './band-store.js';
import { BandCopyEntity, BandEntity, BandEventEntity } from './entities.js';
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
  await scoped.update(BandCopyEntity, { id: copyId }, copyAfter(what, copy));
  await changeBand(scoped, band, {});
  if (what.kind === 'inspected') await recountSinceInspection(scoped, copyId);
  if (what.kind === 'moved') scoped.touch('bandMove', eventId);
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
