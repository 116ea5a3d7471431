import type { PersonRecord, PlaceInput, PlaceRecord } from '@wiry-otter/contracts';
import { type EntityManager, In, Not } from 'typeorm';
import {
  AnchorEntity,
  type AnchorRow,
  PersonEntity,
  type PersonRow,
  PersonTrainerEntity,
  PlaceEntity,
  type PlaceRow,
} from '../database/entities/person.js';
import { SessionEntity } from '../database/entities/session.js';
import { expectVersion, findOwn, lockOwn, ownedBy, type Scope } from '../platform/scope.js';
import { refuse } from '../problems/refusal.js';

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

export async function listPlaces(manager: EntityManager, scope: Scope): Promise<PlaceRecord[]> {
  const places = await manager.find(PlaceEntity, {
    where: ownedBy<PlaceRow>(scope, {}),
    order: { name: 'ASC' },
  });
  const anchors = await manager.find(AnchorEntity, {
    where: ownedBy<AnchorRow>(scope, { removed: false }),
    order: { name: 'ASC' },
  });
  return places.map((place) => toPlace(place, anchors));
}

/**
 * Writes a place with all its anchors. Anchors left out are put away, not
 * erased: saved set-ups still name them.
 */
export async function putPlace(
  manager: EntityManager,
  scope: Scope,
  id: string,
  { version, name, about, anchors }: PlaceInput,
): Promise<PlaceRecord> {
  const { studioId } = scope;
  const known = await lockOwn(manager, PlaceEntity, scope, id);
  expectVersion(known?.version ?? 0, version);
  const place = { id, studioId, version: version + 1, name, about };
  await manager.save(PlaceEntity, place);
  for (const anchor of anchors) {
    const before = await lockOwn(manager, AnchorEntity, scope, anchor.id);
    if (before !== undefined && before.placeId !== id) refuse('not-found');
    await manager.save(AnchorEntity, { ...anchor, studioId, placeId: id, removed: false });
  }
  const kept = anchors.map((anchor) => anchor.id);
  await manager.update(
    AnchorEntity,
    ownedBy<AnchorRow>(scope, { placeId: id, id: Not(In(kept)) }),
    { removed: true },
  );
  return toPlace(
    place,
    anchors.map((anchor) => ({ ...anchor, studioId, placeId: id, removed: false })),
  );
}

function toPlace(
  { studioId: _studio, ...place }: PlaceRow,
  anchors: readonly AnchorRow[],
): PlaceRecord {
  return {
    ...place,
    anchors: anchors
      .filter(({ placeId }) => placeId === place.id)
      .map(({ studioId: _of, placeId: _at, removed: _gone, ...anchor }) => anchor),
  };
}
