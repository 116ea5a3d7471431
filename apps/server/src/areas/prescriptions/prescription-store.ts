import type { PrescriptionInput, PrescriptionRecord } from '@wiry-otter/contracts';
import { type EntityManager, In } from 'typeorm';
import { PrescriptionEntity, type PrescriptionRow } from './entities.js';
import { findPerson, idsOfOwnPeople } from '../people/people-store.js';
import { findOwn, ownedBy, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import { findSetup } from '../setups/setup-store.js';

/** The prescription in force of every person, exercise and track: the latest one. */
export async function listPrescriptions(
  manager: EntityManager,
  scope: Scope,
): Promise<PrescriptionRecord[]> {
  const people = await idsOfOwnPeople(manager, scope);
  const rows = await manager.find(PrescriptionEntity, {
    where: ownedBy<PrescriptionRow>(scope, { personId: In(people) }),
    order: { createdAt: 'ASC', id: 'ASC' },
  });
  const latest = new Map(
    rows.map((row) => [`${row.personId} ${row.exerciseId} ${row.track}`, row]),
  );
  return [...latest.values()].map(toPrescription);
}

/** Writes a prescription of set-ups; the same one sent twice is kept once. */
export async function addPrescription(
  manager: EntityManager,
  scope: Scope,
  id: string,
  input: PrescriptionInput,
  fromDecisionId: string | null = null,
): Promise<PrescriptionRecord> {
  await findPerson(manager, scope, input.personId);
  const setups = [];
  for (const id of input.setupIds) setups.push(await findSetup(manager, scope, id));
  const [setup] = setups;
  const isOneExercise = setups.every(({ exerciseId }) => exerciseId === setup?.exerciseId);
  if (setup === undefined || !isOneExercise) return refuse('not-found');
  if (setups.some(({ personId }) => personId !== input.personId)) return refuse('not-found');
  const known = await manager.findOneBy(PrescriptionEntity, { id });
  if (known !== null) {
    return known.studioId === scope.studioId ? toPrescription(known) : refuse('not-found');
  }
  const row: PrescriptionRow = {
    ...input,
    id,
    studioId: scope.studioId,
    exerciseId: setup.exerciseId,
    fromDecisionId,
    createdAt: scope.now,
    createdBy: scope.trainerId,
  };
  await manager.insert(PrescriptionEntity, row);
  return toPrescription(row);
}

export async function findPrescription(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<PrescriptionRow> {
  const row = await findOwn(manager, PrescriptionEntity, scope, { id });
  await findPerson(manager, scope, row.personId);
  return row;
}

export function toPrescription(row: PrescriptionRow): PrescriptionRecord {
  const { drop, exerciseId, fromDecisionId, id, personId, rest_s, setupIds, sets, target, work } =
    row;
  return {
    id,
    personId,
    setupIds,
    track: row.track as PrescriptionRecord['track'],
    exerciseId,
    school: row.school as PrescriptionRecord['school'],
    sets,
    work,
    rest_s,
    target,
    drop,
    fromDecisionId,
    createdAt: row.createdAt.toISOString(),
  };
}
