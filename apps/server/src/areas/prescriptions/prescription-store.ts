import { type PrescriptionInput, type PrescriptionRecord, TRACKS } from '@wiry-otter/contracts';
import { In } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import { expectSame } from '../../platform/records/expect-same.js';
import type { RecordSource } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { findPerson } from '../people/people-store.js';
import { findSetup } from '../setups/setup-store.js';
import { PrescriptionEntity, type PrescriptionRow } from './entities.js';

type Track = Pick<PrescriptionRow, 'personId' | 'exerciseId' | 'track'>;

/** Prescriptions in force; one that a later one replaced is gone from what devices keep. */
export const prescriptionRecords: RecordSource<'prescription'> = {
  kind: 'prescription',
  async read(scoped, ids) {
    const rows = await scoped.find(PrescriptionEntity, { id: In([...ids]) });
    const present = [];
    for (const row of rows) {
      if ((await prescriptionInForce(scoped, row))?.id === row.id) present.push(row);
    }
    return present.map((row) => ({
      id: row.id,
      version: 1,
      personId: row.personId,
      record: toPrescription(row),
    }));
  },
  async ids(scoped) {
    const rows = await scoped.query<{ id: string }>(
      'prescriptions-in-force',
      `SELECT DISTINCT ON (person_id, exercise_id, track) id FROM prescription
        WHERE studio_id = $1 ORDER BY person_id, exercise_id, track, created_at DESC, id DESC`,
    );
    return rows.map(({ id }) => id);
  },
};

/** The one in force of a person, exercise and track: the latest. */
export function prescriptionInForce(
  scoped: ScopedManager,
  { exerciseId, personId, track }: Track,
): Promise<PrescriptionRow | undefined> {
  const order = { createdAt: 'DESC', id: 'DESC' } as const;
  return scoped.findFirst(PrescriptionEntity, { exerciseId, personId, track }, order);
}

/** Those in force of a person and exercise, one for each track. */
export async function prescriptionsInForce(
  scoped: ScopedManager,
  personId: string,
  exerciseId: string,
): Promise<PrescriptionRecord[]> {
  const found = [];
  for (const track of TRACKS) {
    const row = await prescriptionInForce(scoped, { exerciseId, personId, track });
    if (row !== undefined) found.push(toPrescription(row));
  }
  return found;
}

/** Writes a prescription of set-ups; the same one sent twice is kept once. */
export async function addPrescription(
  scoped: ScopedManager,
  id: string,
  input: PrescriptionInput,
  fromDecisionId: string | null = null,
): Promise<void> {
  await findPerson(scoped, input.personId);
  const setups = [];
  for (const setupId of input.setupIds) setups.push(await findSetup(scoped, setupId));
  const [setup] = setups;
  const isOneExercise = setups.every(({ exerciseId }) => exerciseId === setup?.exerciseId);
  if (setup === undefined || !isOneExercise) return refuse('not-found');
  if (setups.some(({ personId }) => personId !== input.personId)) return refuse('not-found');
  const known = await scoped.lock(PrescriptionEntity, id);
  if (known !== undefined) {
    expectSame(known, input);
    return;
  }
  const { exerciseId } = setup;
  const replaced = await prescriptionInForce(scoped, { ...input, exerciseId });
  await scoped.insert(PrescriptionEntity, {
    ...input,
    id,
    exerciseId,
    fromDecisionId,
    createdAt: scoped.scope.now,
    createdBy: scoped.scope.trainerId,
  });
  scoped.touch('prescription', id, ...(replaced === undefined ? [] : [replaced.id]));
}

export async function findPrescription(
  scoped: ScopedManager,
  id: string,
): Promise<PrescriptionRow> {
  const row = await scoped.findOwn(PrescriptionEntity, { id });
  await findPerson(scoped, row.personId);
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
