import type {
  DecisionRecord,
  FinishInput,
  NextMorningInput,
  OverruleInput,
  PrescriptionInput,
  SessionRecord,
  SetupRecord,
  StopRecord,
} from '@wiry-otter/contracts';
import { DEFAULT_BREAK_DAYS } from '@wiry-otter/core';
import {
  acceptedAsIs,
  type Derivation,
  derived,
  derivedId,
  isReopened,
  prescriptionAfter,
  prescriptionHeld,
  refused,
  reopened,
  type ReviewFacts,
  reviewSession,
  stopOfNextMorning,
  stopOfReview,
  stopOfUnknownFlag,
  setupOfSession,
  type Deriver,
} from '@wiry-otter/derived';
import {
  type RecordView,
  shown,
  type ShownRecord,
  type WriteFacts,
  type WriteKindOf,
} from '../write-kind';
import { climbedLadder } from './ladders';
import { exerciseOf, prescribed, rungsAsSetups } from './prescriptions';
import { bandFacts, studioFacts } from '../facts';
import { changedSession, outlasts, overtaken, raised, stopFacts, stoppedSession } from './sessions';

interface One {
  readonly id: string;
}
interface OfSession extends One {
  readonly sessionId: string;
}

export const finishSession: WriteKindOf<One, FinishInput> = {
  method: 'POST',
  path: ({ id }) => `/sessions/${id}/finish`,
  answers: 'session',
  about: ({ id }) => [id, derivedId('decision', id)],
  async derive(view, write, deriver) {
    const { at, body, params } = write;
    const known = view.get('session', params.id);
    if (known === undefined) return refused('not-found');
    // One that was ended elsewhere stays ended; a red flag that is raised is decided by the server.
    if (known.finishedAt !== null) return derived([]);
    const redFlag = known.redFlag || body.redFlag;
    const session = { ...known, finishedAt: at, discardedAt: null, redFlag };
    const facts = stopFacts(view, session, write.by);
    const flag = body.redFlag ? stopOfUnknownFlag(stoppedSession(session), at, facts) : undefined;
    return decided(view, session, write, deriver, raised(view, flag));
  },
  show(view, { at, body, derived: records = [], params }) {
    const session = view.get('session', params.id);
    const decision = records.find(({ kind }) => kind === 'decision')?.record as
      DecisionRecord | undefined;
    const isFinished = session !== undefined && session.finishedAt !== null;
    return [
      ...changedSession(view, params, (before) => ({
        finishedAt: before.finishedAt ?? at,
        discardedAt: null,
        redFlag: before.redFlag || body.redFlag,
        ...(isFinished || decision === undefined ? {} : { decision: inShort(decision) }),
      })),
      ...records,
      ...(session === undefined ? [] : overtaken(view, session)),
    ];
  },
};

/** Set-ups of a session's person and exercise: those that stand, and those it was done with. */
function setupsReviewed(view: RecordView, session: SessionRecord): SetupRecord[] {
  const usedIds = session.setups.map(({ id }) => id);
  return view
    .all('setup')
    .filter(
      (setup) =>
        setup.personId === session.personId &&
        setup.exerciseId === session.prescription.exerciseId &&
        (!setup.removed || usedIds.includes(setup.id)),
    )
    .toSorted((a, b) => a.id.localeCompare(b.id));
}

/** What a session is reviewed by on this device; undefined where the person is not known here. */
export function reviewFacts(
  view: RecordView,
  session: SessionRecord,
  at: string,
  {
    climbed,
    flags = [],
  }: Pick<ReviewFacts, 'climbed'> & { readonly flags?: readonly StopRecord[] },
): ReviewFacts | undefined {
  const { personId, prescription } = session;
  const person = view.get('person', personId);
  if (person === undefined) return undefined;
  return {
    session,
    person,
    breakDays: breakDaysOf(view),
    setups: setupsReviewed(view, session),
    climbed,
    bands: bandFacts(view, studioFacts(view, at).today),
    stops: [...view.all('stop').filter((stop) => stop.personId === personId), ...flags].toSorted(
      (a, b) => b.at.localeCompare(a.at) || a.id.localeCompare(b.id),
    ),
    unread: view
      .all('decision')
      .filter((one) => one.status === 'waiting' && one.decision.code === 'lighter')
      .filter((one) => isBefore(view, one, session)),
    sessions: [...view.all('session'), session]
      .filter(
        (one, i, all) =>
          all.findLastIndex(({ id }) => id === one.id) === i &&
          one.personId === personId &&
          one.prescription.exerciseId === prescription.exerciseId &&
          one.discardedAt === null &&
          Date.parse(one.startedAt) <= Date.parse(session.startedAt),
      )
      .toSorted((a, b) => Date.parse(b.startedAt) - Date.parse(a.startedAt)),
  };
}

export function breakDaysOf(view: RecordView): number {
  return view.all('studio')[0]?.breakDays ?? DEFAULT_BREAK_DAYS;
}

/** What comes next after a session, and the ladder where it is made anew for that. */
export async function decided(
  view: RecordView,
  session: SessionRecord,
  written: Pick<WriteFacts<unknown, unknown>, 'at' | 'by'>,
  deriver: Deriver,
  flagged: readonly ShownRecord[],
): Promise<Derivation<readonly ShownRecord[]>> {
  const { personId } = session;
  const { exerciseId } = session.prescription;
  const setups = setupsReviewed(view, session);
  const placeId = setupOfSession(session, setups)?.placeId;
  if (placeId === undefined) return refused('not-found');
  const where = { personId, exerciseId, placeId };
  const found = await climbedLadder(view, where, written, deriver);
  if (!found.ok) return found;
  const { climbed, records } = found.value;
  const flags = flagged.map(({ record }) => record as StopRecord);
  const facts = reviewFacts(view, session, written.at, { climbed, flags });
  if (facts === undefined) return refused('not-found');
  const review = reviewSession(facts);
  if (!review.ok) return review;
  const decision: DecisionRecord = {
    ...review.value,
    id: derivedId('decision', session.id),
    sessionId: session.id,
    personId,
    exerciseId,
    status: 'waiting',
    outcome: null,
    outcomesBefore: [],
  };
  const stop = stopOfReview(
    stoppedSession(session),
    review.value,
    written.at,
    stopFacts(view, session, written.by),
  );
  return derived([...records, ...flagged, ...raised(view, stop), shown('decision', decision)]);
}

/** What the person says of the morning after: it decides anew, and what protects them holds at once. */
export const noteNextMorning: WriteKindOf<One, NextMorningInput> = {
  method: 'PUT',
  path: ({ id }) => `/sessions/${id}/next-morning`,
  answers: 'session',
  about: ({ id }) => [id, derivedId('decision', id)],
  async derive(view, write, deriver) {
    const { at, body, by, params } = write;
    const known = view.get('session', params.id);
    if (known === undefined) return refused('not-found');
    const session = { ...known, painNextMorning: body.pain };
    const facts = stopFacts(view, session, by);
    const stop = stopOfNextMorning(stoppedSession(session), body.pain, at, facts);
    return decidedAgain(view, session, write, deriver, raised(view, stop));
  },
  show(view, { body, derived: records = [], params }) {
    const decision = records.find(({ kind }) => kind === 'decision')?.record as
      DecisionRecord | undefined;
    return [
      ...changedSession(view, params, () => ({
        painNextMorning: body.pain,
        ...(decision === undefined ? {} : { decision: inShort(decision) }),
      })),
      ...records,
    ];
  },
};

/** What comes next after a session that was decided before, as it is told now; nothing where it was not. */
async function decidedAgain(
  view: RecordView,
  session: SessionRecord,
  written: Pick<WriteFacts<unknown, unknown>, 'at' | 'by'>,
  deriver: Deriver,
  flagged: readonly ShownRecord[],
): Promise<Derivation<readonly ShownRecord[]>> {
  const before = view.get('decision', derivedId('decision', session.id));
  if (before === undefined) return derived(flagged);
  const found = await decided(view, session, written, deriver, flagged);
  if (!found.ok) return found;
  const others = found.value.filter(({ kind }) => kind !== 'decision');
  const anew = found.value.find(({ kind }) => kind === 'decision')?.record as DecisionRecord;
  if (before.outcome === null) {
    const isVoid = !outlasts(anew) && isOvertaken(view, session);
    return derived([
      ...others,
      shown('decision', { ...anew, status: isVoid ? 'void' : 'waiting' }),
    ]);
  }
  // What was settled stands, but where what is decided now protects somebody.
  if (!isReopened(before, anew)) return derived(others);
  const decision = { ...anew, ...reopened(before) };
  const records = [...others, shown('decision', decision)];
  const held = prescriptionHeld(decision, session.prescription);
  if (held === null) return derived(records);
  const eased = await prescribedRecords(view, held, decision.id, written, deriver);
  return eased.ok ? derived([...records, ...eased.value]) : eased;
}

function isOvertaken(
  view: RecordView,
  { id, personId, prescription, startedAt }: SessionRecord,
): boolean {
  return view
    .all('session')
    .some(
      (other) =>
        other.id !== id &&
        other.personId === personId &&
        other.prescription.exerciseId === prescription.exerciseId &&
        other.prescription.track === prescription.track &&
        other.discardedAt === null &&
        other.sets.length > 0 &&
        Date.parse(other.startedAt) > Date.parse(startedAt),
    );
}

/** A prescription that follows from a decision, with the rungs that become set-ups by it. */
async function prescribedRecords(
  view: RecordView,
  { id, input }: { readonly id: string; readonly input: PrescriptionInput },
  decisionId: string,
  written: Pick<WriteFacts<unknown, unknown>, 'at' | 'by'>,
  deriver: Deriver,
): Promise<Derivation<readonly ShownRecord[]>> {
  const made = await rungsAsSetups(view, input, written, deriver);
  if (!made.ok) return made;
  const exerciseId = exerciseOf(view, input.setupIds, made.value);
  if (exerciseId === undefined) return refused('not-found');
  const record = { ...input, id, exerciseId, fromDecisionId: decisionId, createdAt: written.at };
  return derived([...made.value, ...prescribed(view, record)]);
}

/** Whether a decision is of an earlier session of the same person, exercise and track. */
function isBefore(
  view: RecordView,
  { exerciseId, personId, sessionId }: DecisionRecord,
  { id, personId: who, prescription, startedAt }: SessionRecord,
): boolean {
  const before = view.get('session', sessionId);
  return (
    before !== undefined &&
    before.id !== id &&
    personId === who &&
    exerciseId === prescription.exerciseId &&
    before.prescription.track === prescription.track &&
    Date.parse(before.startedAt) < Date.parse(startedAt)
  );
}

export function inShort({ decision, id, status }: DecisionRecord): SessionRecord['decision'] {
  return { id, code: decision.code, status };
}

export const acceptDecision: WriteKindOf<OfSession, null> = {
  method: 'POST',
  path: ({ id }) => `/decisions/${id}/accept`,
  answers: 'decision',
  about: ({ id, sessionId }) => [id, sessionId, derivedId('prescription', id)],
  async derive(view, write, deriver) {
    const decision = view.get('decision', write.params.id);
    if (decision === undefined) return refused('not-found');
    return settled(view, decision, 'accepted', acceptedAsIs(decision), write, deriver);
  },
  show: showSettled,
};

export const overruleDecision: WriteKindOf<OfSession, OverruleInput> = {
  method: 'POST',
  path: ({ id }) => `/decisions/${id}/overrule`,
  answers: 'decision',
  about: ({ id, sessionId }) => [id, sessionId, derivedId('prescription', id)],
  async derive(view, write, deriver) {
    const decision = view.get('decision', write.params.id);
    if (decision === undefined) return refused('not-found');
    return settled(view, decision, 'overruled', write.body, write, deriver);
  },
  show: showSettled,
};

/** A decision with what was made of it, and the prescription that follows. */
async function settled(
  view: RecordView,
  decision: DecisionRecord,
  status: 'accepted' | 'overruled',
  chosen: OverruleInput,
  written: Pick<WriteFacts<unknown, unknown>, 'at' | 'by'>,
  deriver: Deriver,
): Promise<Derivation<readonly ShownRecord[]>> {
  const session = view.get('session', decision.sessionId);
  if (session === undefined) return refused('not-found');
  const { at, by } = written;
  const outcome = { ...chosen, decidedBy: by.name, decidedAt: at };
  const records: ShownRecord[] = [shown('decision', { ...decision, status, outcome })];
  const next = prescriptionAfter(decision, status, chosen, session.prescription);
  if (next === null) return derived(records);
  const followed = await prescribedRecords(view, next, decision.id, written, deriver);
  return followed.ok ? derived([...records, ...followed.value]) : followed;
}

function showSettled(
  view: RecordView,
  { derived: records = [], params }: WriteFacts<OfSession, unknown>,
): ShownRecord[] {
  const decision = records.find(({ kind }) => kind === 'decision')?.record as
    DecisionRecord | undefined;
  return [
    ...records,
    ...(decision === undefined
      ? []
      : changedSession(view, { id: params.sessionId }, () => ({ decision: inShort(decision) }))),
  ];
}
