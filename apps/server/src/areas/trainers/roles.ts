import type { Leaving, Role } from '@wiry-otter/contracts';
import { IsNull } from 'typeorm';
import { KnownDeviceEntity, SignInEntity } from '../../platform/access/entities.js';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { setPersonGiven } from '../people/giving.js';
import { idsOfPeople, trainersOfPeople } from '../people/people-store.js';
import { TrainerEntity, type TrainerRow } from '../studio/entities.js';
import { noteStudioChanged, readStudioRow } from '../studio/studio-store.js';

/** Makes a trainer an owner, or an owner a trainer; the studio keeps one owner. */
export async function changeRole(scoped: ScopedManager, id: string, role: Role): Promise<void> {
  const trainer = await presentTrainer(scoped, id);
  if (role !== 'owner') await expectAnotherOwner(scoped, trainer);
  await scoped.update(TrainerEntity, { id }, { role });
  await noteStudioChanged(scoped);
}

/**
 * A trainer leaves: signs in no longer, and is named by what they have written. Whom nobody else has
 * is handed to a colleague.
 */
export async function leave(
  scoped: ScopedManager,
  id: string,
  { peopleTo }: Leaving,
): Promise<void> {
  const trainer = await presentTrainer(scoped, id);
  await expectAnotherOwner(scoped, trainer);
  if (peopleTo !== null) await presentTrainer(scoped, peopleTo);
  const own = await idsOfPeople(scoped, id);
  const trainers = await trainersOfPeople(scoped, own);
  const leftOver = own.filter((personId) => trainers.get(personId)?.length === 1);
  if (leftOver.length > 0 && (peopleTo === null || peopleTo === id)) {
    return refuse('people-left-over');
  }
  for (const personId of leftOver) await setPersonGiven(scoped, personId, peopleTo ?? id, true);
  for (const personId of own) await setPersonGiven(scoped, personId, id, false);
  await scoped.update(TrainerEntity, { id }, { leftAt: scoped.scope.now });
  await scoped.delete(SignInEntity, { trainerId: id });
  await scoped.delete(KnownDeviceEntity, { trainerId: id });
  await noteStudioChanged(scoped);
}

/** A trainer who works here; the studio's trainers change one after the other. */
async function presentTrainer(scoped: ScopedManager, id: string): Promise<TrainerRow> {
  await readStudioRow(scoped);
  return scoped.findOwn(TrainerEntity, { id, leftAt: IsNull() });
}

async function expectAnotherOwner(scoped: ScopedManager, { id, role }: TrainerRow): Promise<void> {
  if (role !== 'owner') return;
  const owners = await scoped.find(TrainerEntity, { role: 'owner', leftAt: IsNull() });
  if (owners.every((owner) => owner.id === id)) refuse('last-owner');
}
