import { findExercise } from '@wiry-otter/catalogue';
import type { ExerciseDocument, OwnExerciseInput, OwnExerciseRecord } from '@wiry-otter/contracts';
import { checkNames, type Fault, prepareExercise } from '@wiry-otter/core';
import type { EntityManager } from 'typeorm';
import { OwnExerciseEntity, type OwnExerciseRow } from './entities.js';
import {
  expectVersion,
  findOwn,
  lockOwn,
  ownedBy,
  type Scope,
} from '../../platform/access/scope.js';
import { refuseDocument } from '../../platform/problems/refusal.js';

/** Statures for which an exercise has to be reachable, m. */
const STATURES = [1.5, 1.75, 2];
const KILOGRAMS = 70;

/** The exercises of the studio's own that are in use. */
export async function listOwnExercises(
  manager: EntityManager,
  scope: Scope,
): Promise<OwnExerciseRecord[]> {
  const rows = await manager.find(OwnExerciseEntity, {
    where: ownedBy<OwnExerciseRow>(scope, { removed: false }),
    order: { id: 'ASC' },
  });
  return rows.map(toRecord);
}

/** Keeps an exercise whose names are known and whose poses can be reached. */
export async function putOwnExercise(
  manager: EntityManager,
  scope: Scope,
  id: string,
  { version, document }: OwnExerciseInput,
): Promise<OwnExerciseRecord> {
  const known = await lockOwn(manager, OwnExerciseEntity, scope, id);
  expectVersion(known?.version ?? 0, version);
  const faults = [...(await nameFaults(manager, scope, id, document)), ...exerciseFaults(document)];
  if (faults.length > 0) return refuseDocument(faults, '.document');
  const row: OwnExerciseRow = {
    id,
    studioId: scope.studioId,
    version: version + 1,
    exerciseId: document.id,
    document,
    removed: false,
    savedAt: scope.now,
    savedBy: scope.trainerId,
  };
  await manager.save(OwnExerciseEntity, row);
  return toRecord(row);
}

/** Puts an exercise away or takes it back; saved set-ups keep their own copy of it. */
export async function setOwnExerciseRemoved(
  manager: EntityManager,
  scope: Scope,
  id: string,
  removed: boolean,
): Promise<OwnExerciseRecord> {
  const row = await findOwn(manager, OwnExerciseEntity, scope, { id });
  row.removed = removed;
  await manager.save(OwnExerciseEntity, row);
  return toRecord(row);
}

/** What keeps a well-formed exercise from being solved: names, then reach. */
export function exerciseFaults(exercise: ExerciseDocument): readonly Fault[] {
  const body = { stature_m: 1.75, mass_kg: KILOGRAMS };
  const names = checkNames({ exercise, body, points: {}, bands: [], runs: [] }).map((fault) => ({
    ...fault,
    path: fault.path.replace('$.exercise', '$'),
  }));
  if (names.length > 0) return names;
  for (const stature_m of STATURES) {
    const prepared = prepareExercise(exercise, { stature_m, mass_kg: KILOGRAMS });
    if (!prepared.ok) {
      return prepared.faults.map((fault) => ({
        ...fault,
        path: fault.path.replace('$.exercise', '$'),
      }));
    }
  }
  return [];
}

async function nameFaults(
  manager: EntityManager,
  scope: Scope,
  id: string,
  document: ExerciseDocument,
): Promise<Fault[]> {
  const other = await manager.findOneBy(
    OwnExerciseEntity,
    ownedBy<OwnExerciseRow>(scope, { exerciseId: document.id }),
  );
  const taken = findExercise(document.id) !== undefined || (other !== null && other.id !== id);
  return taken
    ? [
        {
          code: 'name-clash',
          path: '$.id',
          found: `"${document.id}", the id of another exercise`,
          expected: 'an id of its own',
        },
      ]
    : [];
}

function toRecord({ id, version, document, removed }: OwnExerciseRow): OwnExerciseRecord {
  return { id, version, document, removed };
}
