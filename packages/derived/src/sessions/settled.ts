import type {
  DecisionRecord,
  OverruleInput,
  PrescriptionInput,
  PrescriptionRecord,
} from '@wiry-otter/contracts';
import { derivedId } from '../ids.js';

/** A decision as it stands, taken without a change. */
export function acceptedAsIs({ decision, ladder }: DecisionRecord): OverruleInput {
  const setupIds = decision.rungs.flatMap((rung) => ladder[rung]?.setupId ?? []);
  return {
    setupIds: setupIds.every((one) => one === setupIds[0]) ? setupIds.slice(0, 1) : setupIds,
    target: decision.target,
    note: '',
  };
}

/** The prescription that a settled decision leads to, and its id; null after a stop that was taken. */
export function prescriptionAfter(
  { decision, id, personId, review }: DecisionRecord,
  status: 'accepted' | 'overruled',
  { setupIds, target }: OverruleInput,
  last: Pick<PrescriptionRecord, 'setupIds' | 'track' | 'work' | 'rest_s' | 'drop'>,
): { readonly id: string; readonly input: PrescriptionInput } | null {
  // A stop prescribes nothing: the clinician comes first.
  if (decision.code === 'stop' && status === 'accepted') return null;
  return {
    id: derivedId('prescription', id),
    input: {
      personId,
      setupIds,
      track: last.track,
      school: review.school,
      sets: target.length,
      work: last.work,
      rest_s: last.rest_s,
      target,
      // Its parts are of the set-up it was planned for.
      drop: isSame(setupIds, last.setupIds) ? last.drop : null,
    },
  };
}

function isSame(a: readonly string[], b: readonly string[]): boolean {
  return a.length === b.length && a.every((id, i) => id === b[i]);
}
