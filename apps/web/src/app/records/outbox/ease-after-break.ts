import type {
  DecisionRecord,
  PrescriptionInput,
  PrescriptionRecord,
  SessionRecord,
} from '@wiry-otter/contracts';
import { daysBetween } from '@wiry-otter/core';
import { acceptedAsIs, derivedId, reviewSession, setupOfSession } from '@wiry-otter/derived';
import { studioFacts } from './facts';
import { breakDaysOf, reviewFacts } from './kinds/decisions';
import { usedSetup } from './kinds/sessions';
import type { RecordView } from './write-kind';

/** What a prescription is eased to before the first session after a break. */
export interface EasedPrescription {
  /** The same whoever asks, after the same session and as long a break. */
  readonly id: string;
  readonly input: PrescriptionInput;
  readonly days: number;
  readonly why: string;
  /** As the rules weigh it: from which rung to which. */
  readonly decision: DecisionRecord;
}

/** The last session that was done of a prescription's work. */
function lastDone(view: RecordView, prescription: PrescriptionRecord): SessionRecord | undefined {
  const { exerciseId, personId, track } = prescription;
  return view
    .all('session')
    .filter(
      (one) =>
        one.personId === personId &&
        one.prescription.exerciseId === exerciseId &&
        one.prescription.track === track &&
        one.discardedAt === null &&
        one.sets.length > 0,
    )
    .reduce<SessionRecord | undefined>(
      (last, one) =>
        last === undefined || Date.parse(one.startedAt) > Date.parse(last.startedAt) ? one : last,
      undefined,
    );
}

/**
 * What a prescription is eased to where its last session lies a break ago; undefined where it does
 * not, or where it was eased for that already.
 *
 * @param at now, ISO 8601
 */
export function easeAfterBreak(
  view: RecordView,
  prescription: PrescriptionRecord,
  at: string,
): EasedPrescription | undefined {
  const last = lastDone(view, prescription);
  const { today } = studioFacts(view, at);
  if (last === undefined || daysBetween(last.day, today) <= breakDaysOf(view)) return undefined;
  // Weighed from what is prescribed now, which a decision may have changed since.
  const setups = prescription.setupIds.flatMap((id) => {
    const setup = view.get('setup', id);
    return setup === undefined ? [] : [usedSetup(setup)];
  });
  const session = { ...last, prescription, setups: [...last.setups, ...setups] };
  const facts = reviewFacts(view, session, at, { climbed: keptLadder(view, session) });
  if (facts === undefined) return undefined;
  const review = reviewSession(facts, today);
  if (!review.ok) return undefined;
  const eased = review.value.decision.reasons.find(
    ({ figures, rule }) => rule === 'gate.break' && figures['rungs'] !== undefined,
  );
  if (eased === undefined || review.value.decision.code !== 'lighter') return undefined;
  const id = derivedId('prescription', last.id, 'break', Number(eased.figures['rungs']));
  const decision: DecisionRecord = {
    ...review.value,
    ...{ id, sessionId: last.id, personId: last.personId, exerciseId: prescription.exerciseId },
    ...{ status: 'waiting', outcome: null, outcomesBefore: [] },
  };
  const { setupIds, target } = acceptedAsIs(decision);
  const isSame =
    setupIds.join() === prescription.setupIds.join() &&
    target.join() === prescription.target.join();
  if (prescription.id === id || isSame) return undefined;
  const { personId, rest_s, school, track, work } = prescription;
  const input = { personId, setupIds, track, school, work, rest_s, target };
  return {
    id,
    input: { ...input, sets: target.length, drop: null },
    days: daysBetween(last.day, today),
    why: eased.text,
    decision,
  };
}

/** As it was kept: what a law has changed since is weighed when the session ends. */
function keptLadder(view: RecordView, session: SessionRecord) {
  const setup = setupOfSession(session, view.all('setup'));
  const ladder = view
    .all('ladder')
    .find(
      ({ exerciseId, personId, placeId, removed }) =>
        !removed &&
        personId === session.personId &&
        exerciseId === session.prescription.exerciseId &&
        placeId === setup?.placeId,
    );
  return ladder === undefined ? undefined : { ladder, changes: [], isRemade: false };
}
