import type { PersonInput, TrainedPerson } from '@wiry-otter/contracts';
import { dayInZone, writePerson } from '@wiry-otter/derived';
import { In, IsNull } from 'typeorm';
import { expectVersion } from '../../platform/records/expect-version.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { refuse } from '../../platform/problems/refusal.js';
import { PlaceEntity } from '../places/entities.js';
import { PersonEntity, type PersonRow, PersonTrainerEntity } from './entities.js';

/** Ids of the people this trainer was given; whatever belongs to a person is sought among them. */
export function idsOfOwnPeople(scoped: ScopedManager): Promise<string[]> {
  return idsOfPeople(scoped, scoped.scope.trainerId);
}

/** Ids of the people a trainer was given. */
export async function idsOfPeople(scoped: ScopedManager, trainerId: string): Promise<string[]> {
  const given = await scoped.find(PersonTrainerEntity, { trainerId, withdrawnAt: IsNull() });
  return given.map(({ personId }) => personId);
}

/** One person of this trainer's, or the same refusal as for one that does not exist. */
export async function findPerson(scoped: ScopedManager, id: string): Promise<PersonRow> {
  const { trainerId } = scoped.scope;
  const where = { trainerId, personId: id, withdrawnAt: IsNull() };
  await scoped.findOwn(PersonTrainerEntity, where);
  return scoped.findOwn(PersonEntity, { id });
}

/** Writes a person down; one who is new is given to the trainer who does. */
export async function putPerson(
  scoped: ScopedManager,
  id: string,
  input: PersonInput,
): Promise<void> {
  const known = await scoped.lock(PersonEntity, id);
  if (known !== undefined) await findPerson(scoped, id);
  expectVersion(known?.version ?? 0, input.version);
  await expectPlaces(scoped, input.placeIds ?? []);
  const { now, zone } = scoped.scope;
  await scoped.put(PersonEntity, { ...writePerson(known, input, dayInZone(now, zone)), id });
  if (known === undefined) {
    const { trainerId } = scoped.scope;
    await scoped.insert(PersonTrainerEntity, { personId: id, trainerId, withdrawnAt: null });
  }
  scoped.touch('person', id);
}

/** Refuses places that are not the studio's. */
async function expectPlaces(scoped: ScopedManager, ids: readonly string[]): Promise<void> {
  const wanted = new Set(ids);
  const found = wanted.size === 0 ? [] : await scoped.find(PlaceEntity, { id: In([...wanted]) });
  if (found.length !== wanted.size) refuse('not-found');
}

export function toPerson({ studioId: _studio, ...person }: PersonRow): TrainedPerson {
  return person;
}

/** To whom each of these people is given. */
export async function trainersOfPeople(
  scoped: ScopedManager,
  personIds: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> {
  const where = { personId: In([...personIds]), withdrawnAt: IsNull() };
  const given = await scoped.find(PersonTrainerEntity, where, { order: { trainerId: 'ASC' } });
  const trainers = new Map<string, string[]>();
  for (const { personId, trainerId } of given) {
    trainers.set(personId, [...(trainers.get(personId) ?? []), trainerId]);
  }
  return trainers;
}

/**
 * Keeps the day of the first session of an exercise, from which it is told how new it is to the
 * person; asked of the log again where that session is given up.
 */
export async function noteTrainedSince(
  scoped: ScopedManager,
  personId: string,
  exerciseId: string,
  first: string | null,
): Promise<void> {
  const person = await scoped.lock(PersonEntity, personId);
  if (person === undefined) return refuse('not-found');
  const { [exerciseId]: known = null, ...others } = person.trainedSince;
  if (known === first) return;
  await scoped.update(
    PersonEntity,
    { id: personId },
    {
      trainedSince: first === null ? others : { ...others, [exerciseId]: first },
      version: person.version + 1,
    },
  );
  scoped.touch('person', personId);
}
