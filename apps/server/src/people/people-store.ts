import type { PersonRecord, PlaceRecord } from '@wiry-otter/contracts';
import { type EntityManager, In } from 'typeorm';
import {
  AnchorEntity,
  type AnchorRow,
  PersonEntity,
  type PersonRow,
  PersonTrainerEntity,
  PlaceEntity,
  type PlaceRow,
} from '../database/entities/person.js';
import { findOwn, ownedBy, type Scope } from '../platform/scope.js';
import { refuse } from '../problems/refusal.js';

/** The people this trainer was given. */
export async function listPeople(manager: EntityManager, scope: Scope): Promise<PersonRecord[]> {
  const ids = await idsOfOwnPeople(manager, scope);
  const rows = await manager.find(PersonEntity, {
    where: ownedBy<PersonRow>(scope, { id: In(ids) }),
    order: { name: 'ASC' },
  });
  return rows.map(({ studioId: _studio, ...person }) => person);
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
    where: ownedBy<AnchorRow>(scope, {}),
    order: { name: 'ASC' },
  });
  return places.map(({ id, name, about }) => ({
    id,
    name,
    about,
    anchors: anchors
      .filter(({ placeId }) => placeId === id)
      .map(({ studioId: _studio, placeId: _place, ...anchor }) => anchor),
  }));
}
