import type { PersonInput, PersonRecord } from '@wiry-otter/contracts';
import { IsNull } from 'typeorm';
import { expectVersion } from '../../platform/records/expect-version.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { refuse } from '../../platform/problems/refusal.js';
import { PersonEntity, type PersonRow, PersonTrainerEntity } from './entities.js';

/** Ids of the people this trainer was given; whatever belongs to a person is sought among them. */
export async function idsOfOwnPeople(scoped: ScopedManager): Promise<string[]> {
  const { trainerId } = scoped.scope;
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
  { version, ...fields }: PersonInput,
): Promise<void> {
  const known = await scoped.lock(PersonEntity, id);
  if (known !== undefined) await findPerson(scoped, id);
  expectVersion(known?.version ?? 0, version);
  const { trainedSince = {} } = known ?? {};
  await scoped.put(PersonEntity, { ...fields, id, version: version + 1, trainedSince });
  if (known === undefined) {
    const { trainerId } = scoped.scope;
    await scoped.insert(PersonTrainerEntity, { personId: id, trainerId, withdrawnAt: null });
  }
  scoped.touch('person', id);
}

export function toPerson({ studioId: _studio, ...person }: PersonRow): PersonRecord {
  return person;
}

/** Gives a person to a trainer of the studio, or takes them away: all that is theirs is handed out anew. */
export async function setPersonGiven(
  scoped: ScopedManager,
  personId: string,
  trainerId: string,
  given: boolean,
): Promise<void> {
  await scoped.findOwn(PersonEntity, { id: personId });
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
