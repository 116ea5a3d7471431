import type { PersonRecord } from '@wiry-otter/contracts';
import { type EntityManager, In } from 'typeorm';
import { PersonEntity, type PersonRow, PersonTrainerEntity } from './entities.js';
import { SessionEntity } from '../sessions/entities.js';
import { findOwn, ownedBy, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';

/** The people this trainer was given. */
export async function listPeople(manager: EntityManager, scope: Scope): Promise<PersonRecord[]> {
  const ids = await idsOfOwnPeople(manager, scope);
  const rows = await manager.find(PersonEntity, {
    where: ownedBy<PersonRow>(scope, { id: In(ids) }),
    order: { name: 'ASC' },
  });
  const since = await firstSessions(manager, scope, ids);
  return rows.map((row) => toPerson(row, since.get(row.id)));
}

/** One person of this trainer's, with what the log knows of them. */
export async function readPerson(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<PersonRecord> {
  const row = await findPerson(manager, scope, id);
  return toPerson(row, (await firstSessions(manager, scope, [id])).get(id));
}

/** One person of the studio, whoever looks after them: for jobs of the server's own, never for a request. */
export async function readPersonOfStudio(
  manager: EntityManager,
  studio: Pick<Scope, 'studioId'>,
  id: string,
): Promise<PersonRecord> {
  const row = await manager.findOneByOrFail(PersonEntity, { id, studioId: studio.studioId });
  return toPerson(row, (await firstSessions(manager, studio, [id])).get(id));
}

function toPerson(
  { studioId: _studio, ...person }: PersonRow,
  trainedSince: PersonRecord['trainedSince'] = {},
): PersonRecord {
  return { ...person, trainedSince };
}

/** Day of each person's first session of every exercise. */
async function firstSessions(
  manager: EntityManager,
  scope: Pick<Scope, 'studioId'>,
  personIds: readonly string[],
): Promise<Map<string, Record<string, string>>> {
  const found = new Map<string, Record<string, string>>();
  if (personIds.length === 0) return found;
  const rows = await manager
    .createQueryBuilder(SessionEntity, 'session')
    .select('session.personId', 'personId')
    .addSelect('session.exerciseId', 'exerciseId')
    .addSelect('MIN(session.day)', 'day')
    .where('session.studioId = :studioId', { studioId: scope.studioId })
    .andWhere('session.personId IN (:...personIds)', { personIds })
    .andWhere('session.discardedAt IS NULL')
    .groupBy('session.personId')
    .addGroupBy('session.exerciseId')
    .getRawMany<{ personId: string; exerciseId: string; day: string }>();
  for (const { day, exerciseId, personId } of rows) {
    found.set(personId, { ...found.get(personId), [exerciseId]: day });
  }
  return found;
}

/** Ids of the people this trainer was given; whatever belongs to a person is sought among them. */
export async function idsOfOwnPeople(manager: EntityManager, scope: Scope): Promise<string[]> {
  const { studioId, trainerId } = scope;
  const given = await manager.findBy(PersonTrainerEntity, { studioId, trainerId });
  return given.map(({ personId }) => personId);
}

/** One person of this trainer's, or the same refusal as for one that does not exist. */
export async function findPerson(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<PersonRow> {
  const { studioId, trainerId } = scope;
  const given = await manager.countBy(PersonTrainerEntity, { studioId, trainerId, personId: id });
  if (given === 0) return refuse('not-found');
  return findOwn(manager, PersonEntity, scope, { id });
}
