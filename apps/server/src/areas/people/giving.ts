import type { PeopleGiven } from '@wiry-otter/contracts';
import { In, IsNull } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { TrainerEntity } from '../studio/entities.js';
import { PersonEntity, PersonTrainerEntity } from './entities.js';
import { findPerson, trainersOfPeople } from './people-store.js';

/** Gives a person to a trainer of the studio, or takes them away: all that is theirs is handed out anew. */
export async function setPersonGiven(
  scoped: ScopedManager,
  personId: string,
  trainerId: string,
  given: boolean,
): Promise<void> {
  const person = await scoped.lock(PersonEntity, personId);
  if (person === undefined) return refuse('not-found');
  await scoped.update(PersonEntity, { id: personId }, { version: person.version + 1 });
  scoped.touch('person', personId);
  await scoped.put(PersonTrainerEntity, {
    personId,
    trainerId,
    withdrawnAt: given ? null : scoped.scope.now,
  });
  await scoped.query(
    'hand-out-anew',
    'UPDATE record SET written = pg_current_xact_id() WHERE studio_id = $1 AND person_id = $2',
    [personId],
  );
}

/** Gives a person to these trainers and to nobody else: by one who has them, or by an owner. */
export async function giveTo(
  scoped: ScopedManager,
  personId: string,
  trainerIds: readonly string[],
): Promise<void> {
  if (scoped.scope.role !== 'owner') await findPerson(scoped, personId);
  else await scoped.findOwn(PersonEntity, { id: personId });
  const wanted = new Set(trainerIds);
  const present = await scoped.find(TrainerEntity, { id: In([...wanted]), leftAt: IsNull() });
  if (present.length !== wanted.size) return refuse('not-found');
  const before = new Set((await trainersOfPeople(scoped, [personId])).get(personId));
  for (const id of wanted) {
    if (!before.has(id)) await setPersonGiven(scoped, personId, id, true);
  }
  for (const id of before) {
    if (!wanted.has(id)) await setPersonGiven(scoped, personId, id, false);
  }
}

/** Everybody of the studio by name, and to whom they are given. */
export async function peopleGiven(scoped: ScopedManager): Promise<PeopleGiven> {
  const people = await scoped.find(PersonEntity, {}, { order: { name: 'ASC', id: 'ASC' } });
  const trainers = await trainersOfPeople(
    scoped,
    people.map(({ id }) => id),
  );
  return people.map(({ id, name }) => ({ id, name, trainerIds: [...(trainers.get(id) ?? [])] }));
}
