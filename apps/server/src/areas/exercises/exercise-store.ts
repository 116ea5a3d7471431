import { findExercise } from '@wiry-otter/catalogue';
import type { ExerciseDocument, OwnExerciseInput, OwnExerciseRecord } from '@wiry-otter/contracts';
import { checkNames, type Fault, prepareExercise } from '@wiry-otter/core';
import { OwnExerciseEntity, type OwnExerciseRow } from './entities.js';
import { refuse, refuseDocument } from '../../platform/problems/refusal.js';
import { expectVersion } from '../../platform/records/expect-version.js';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';

/** Statures for which an exercise has to be reachable, m. */
const STATURES = [1.5, 1.75, 2];
const KILOGRAMS = 70;

/** The exercises of the studio's own; those put away too, since they can be taken back. */
export const exerciseRecords = recordsOfTable('exercise', OwnExerciseEntity, (_scoped, rows) =>
  rows.map((row) => ({ id: row.id, version: row.version, record: toRecord(row) })),
);

/** Keeps an exercise whose names are known and whose poses can be reached. */
export async function putOwnExercise(
  scoped: ScopedManager,
  id: string,
  { version, document }: OwnExerciseInput,
): Promise<void> {
  const known = await scoped.lock(OwnExerciseEntity, id);
  expectVersion(known?.version ?? 0, version);
  const faults = [...(await nameFaults(scoped, id, document)), ...exerciseFaults(document)];
  if (faults.length > 0) return refuseDocument(faults, '.document');
  await scoped.put(OwnExerciseEntity, {
    id,
    version: version + 1,
    exerciseId: document.id,
    document,
    removed: false,
    savedAt: scoped.scope.now,
    savedBy: scoped.scope.trainerId,
  });
  scoped.touch('exercise', id);
}

/** Puts an exercise away or takes it back; saved set-ups keep their own copy of it. */
export async function setOwnExerciseRemoved(
  scoped: ScopedManager,
  id: string,
  removed: boolean,
): Promise<void> {
  const row = (await scoped.lock(OwnExerciseEntity, id)) ?? refuse('not-found');
  if (row.removed === removed) return;
  await scoped.update(OwnExerciseEntity, { id }, { removed, version: row.version + 1 });
  scoped.touch('exercise', id);
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
  scoped: ScopedManager,
  id: string,
  document: ExerciseDocument,
): Promise<Fault[]> {
  const other = await scoped.findFirst(OwnExerciseEntity, { exerciseId: document.id });
  const taken = findExercise(document.id) !== undefined || (other !== undefined && other.id !== id);
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
