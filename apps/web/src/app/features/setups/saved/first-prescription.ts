import type { PrescriptionInput, PrescriptionRecord, SetupRecord } from '@wiry-otter/contracts';
import { isHold } from '@wiry-otter/core';

/** Three sets of 8 to 15, a minute and a half between; holds of 10 to 20 seconds. */
const FIRST: Readonly<Record<'reps' | 'hold', Omit<PrescriptionInput, 'personId' | 'setupIds'>>> = {
  reps: {
    school: 'fill-range',
    track: 'main',
    sets: 3,
    work: { kind: 'reps', from: 8, to: 15 },
    rest_s: 90,
    target: [8, 8, 8],
    drop: null,
  },
  hold: {
    school: 'hold',
    track: 'main',
    sets: 3,
    work: { kind: 'hold', from_s: 10, to_s: 20 },
    rest_s: 90,
    target: [10, 10, 10],
    drop: null,
  },
};

/** What a first prescription of a set-up asks for. */
export function firstPrescription({ document, id, personId }: SetupRecord): PrescriptionInput {
  return { ...FIRST[workKind(document.exercise)], personId, setupIds: [id] };
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
