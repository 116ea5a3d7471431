import { DOSES } from '@wiry-otter/catalogue';
import type {
  Dose,
  PersonRecord,
  PrescriptionInput,
  PrescriptionRecord,
  SetupRecord,
  Work,
} from '@wiry-otter/contracts';
import { isHold } from '@wiry-otter/core';

/**
 * What a first prescription of a set-up asks for: the exercise's own dose where it has one, else what
 * the person trains for says. Rehab goes on by the rules of rehab.
 */
export function firstPrescription(
  { document, id, personId }: SetupRecord,
  goal: PersonRecord['goal'],
): PrescriptionInput {
  const { exercise } = document;
  const dose = exercise.dose ?? DOSES.goals[goal][workKind(exercise)];
  return prescriptionOf(dose, { personId, setupIds: [id], track: 'main' });
}

/** A dose as it is prescribed with these set-ups, aimed at the foot of its range. */
export function prescriptionOf(
  { rest_s, school, sets, work }: Dose,
  whose: Pick<PrescriptionInput, 'personId' | 'setupIds' | 'track'>,
): PrescriptionInput {
  const target = Array.from({ length: sets }, () => footOf(work));
  return { ...whose, school, sets, work, rest_s, target, drop: null };
}

/** Repetitions or seconds that a set is begun with. */
function footOf(work: Work): number {
  switch (work.kind) {
    case 'reps':
      return work.from;
    case 'hold':
      return work.from_s;
    case 'lowering':
      return work.lower_s;
  }
}

/** Whether a prescription is for this set-up, and counts what its exercise is counted in. */
export function isPrescriptionFor(
  prescription: PrescriptionRecord | undefined,
  { document, id }: SetupRecord,
): prescription is PrescriptionRecord {
  if (prescription?.setupIds.includes(id) !== true) return false;
  const { kind } = prescription.work;
  return kind === 'lowering' || kind === workKind(document.exercise);
}

function workKind(exercise: SetupRecord['document']['exercise']): 'reps' | 'hold' {
  return isHold(exercise) ? 'hold' : 'reps';
}
