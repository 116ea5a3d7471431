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

/** A decision that was settled and is decided anew: it waits again, and what was made of it stays. */
export function reopened(decision: Pick<DecisionRecord, 'outcome' | 'outcomesBefore'>): {
  readonly status: 'waiting';
  readonly outcome: null;
  readonly outcomesBefore: DecisionRecord['outcomesBefore'];
} {
  const { outcome, outcomesBefore } = decision;
  return {
    status: 'waiting',
    outcome: null,
    outcomesBefore: outcome === null ? outcomesBefore : [...outcomesBefore, outcome],
  };
}

/**
 * Whether a decision that was settled waits again once it is decided anew: what stops or eases holds
 * whatever was taken before, and a stop that is no more is not left standing.
 */
export function isReopened(
  before: Pick<DecisionRecord, 'decision'>,
  anew: Pick<DecisionRecord, 'decision'>,
): boolean {
  const [was, is] = [before.decision.code, anew.decision.code];
  return was !== is && (was === 'stop' || is === 'stop' || is === 'lighter');
}

/** The eased prescription that holds at once, before anybody has looked; none where it is not lighter. */
export function prescriptionHeld(
  decided: DecisionRecord,
  last: Parameters<typeof prescriptionAfter>[3],
): ReturnType<typeof prescriptionAfter> {
  if (decided.decision.code !== 'lighter') return null;
  const next = prescriptionAfter(decided, 'accepted', acceptedAsIs(decided), last);
  if (next === null) return null;
  const id = derivedId('prescription', decided.id, 'held', decided.outcomesBefore.length);
  return { ...next, id };
}

/** The prescription that a settled decision leads to, and its id; null after a stop that was taken. */
export function prescriptionAfter(
  { decision, id, outcomesBefore, personId, review }: DecisionRecord,
  status: 'accepted' | 'overruled',
  { setupIds, target }: OverruleInput,
  last: Pick<PrescriptionRecord, 'setupIds' | 'track' | 'work' | 'rest_s' | 'drop'>,
): { readonly id: string; readonly input: PrescriptionInput } | null {
  // A stop prescribes nothing: the clinician comes first.
  if (decision.code === 'stop' && status === 'accepted') return null;
  return {
    id: derivedId(
      'prescription',
      id,
      ...(outcomesBefore.length === 0 ? [] : [outcomesBefore.length]),
    ),
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
