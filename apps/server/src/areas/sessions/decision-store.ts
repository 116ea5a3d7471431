import type { FinishInput, OverruleInput } from '@wiry-otter/contracts';
import {
  acceptedAsIs,
  derivedId,
  isReopened,
  prescriptionAfter,
  prescriptionHeld,
  reopened,
} from '@wiry-otter/derived';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { findPerson } from '../people/people-store.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { toPrescription } from '../prescriptions/prescription-store.js';
import { DecisionEntity, type DecisionRow, SessionEntity, type SessionRow } from './entities.js';
import { renewOvertaken } from './overtaken.js';
import { prescribe } from './prescribe.js';
import { reviewNow } from './review-session.js';
import { changeSession, lockSession, retellSessions } from './session-rows.js';
import { keepStopOfReview, keepStopOfUnknownFlag } from './stops-of-sessions.js';

/**
 * Ends a session and decides what comes next; the decision waits for the trainer. One that was ended
 * on another device stays ended, but a red flag that an older device raises with it is never lost.
 */
export async function finishSession(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  { redFlag: isFlagged }: FinishInput,
): Promise<void> {
  const session = await lockSession(scoped, id);
  if (isFlagged) await keepStopOfUnknownFlag(scoped, session);
  const redFlag = session.redFlag || isFlagged;
  if (session.finishedAt !== null) {
    if (session.redFlag === redFlag) return;
    await changeSession(scoped, session, { redFlag });
    await decideAgain(scoped, solver, { ...session, redFlag });
    return;
  }
  const finished = { ...session, finishedAt: scoped.scope.now, discardedAt: null, redFlag };
  await changeSession(scoped, session, finished);
  const decisionId = derivedId('decision', id);
  const review = await reviewNow(scoped, solver, finished);
  await scoped.insert(DecisionEntity, {
    ...review,
    id: decisionId,
    version: 1,
    sessionId: id,
    personId: session.personId,
    exerciseId: session.exerciseId,
    status: 'waiting',
    outcome: null,
    outcomesBefore: [],
  });
  scoped.touch('decision', decisionId);
  await keepStopOfReview(scoped, finished, review);
  await renewOvertaken(scoped, session);
}

/**
 * Decides anew what comes after a finished session that has changed. One that was settled already stands,
 * but where the work stops or eases now, or a stop is no more: then it waits again, and what is lighter
 * is prescribed at once, before anybody has looked.
 */
export async function decideAgain(
  scoped: ScopedManager,
  solver: Solver,
  session: SessionRow,
): Promise<void> {
  const row = await scoped.findFirst(DecisionEntity, { sessionId: session.id });
  if (row === undefined) return;
  const review = await reviewNow(scoped, solver, session);
  if (row.outcome === null) {
    await changeDecision(scoped, row, review);
  } else if (isReopened(row, review)) {
    const anew = { ...row, ...review, ...reopened(row) };
    await changeDecision(scoped, row, { ...review, ...reopened(row) });
    await retellSessions(scoped, [session.id]);
    const last = await scoped.findOwn(PrescriptionEntity, { id: session.prescriptionId });
    const held = prescriptionHeld(anew, toPrescription(last));
    if (held !== null) await prescribe(scoped, solver, held.id, held.input, row.id);
  }
  await keepStopOfReview(scoped, session, review);
  await renewOvertaken(scoped, session);
}

async function changeDecision(
  scoped: ScopedManager,
  { id, version }: Pick<DecisionRow, 'id' | 'version'>,
  changes: Partial<DecisionRow>,
): Promise<void> {
  await scoped.update(DecisionEntity, { id }, { ...changes, version: version + 1 });
  scoped.touch('decision', id);
}

/** Takes the decision as it stands: the next session opens with its rung and targets. */
export async function acceptDecision(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
): Promise<void> {
  const row = await waitingDecision(scoped, id);
  await settle(scoped, solver, row, 'accepted', acceptedAsIs(row));
}

/** Does otherwise, and keeps who did, when and why. */
export async function overruleDecision(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  input: OverruleInput,
): Promise<void> {
  const row = await waitingDecision(scoped, id);
  const known = new Set(row.ladder.map(({ setupId }) => setupId));
  if (input.setupIds.some((one) => !known.has(one))) return refuse('not-found');
  await settle(scoped, solver, row, 'overruled', input);
}

async function waitingDecision(scoped: ScopedManager, id: string): Promise<DecisionRow> {
  const row = (await scoped.lock(DecisionEntity, id)) ?? refuse('not-found');
  await findPerson(scoped, row.personId);
  if (row.status === 'void') return refuse('decision-void');
  return row.status === 'waiting' ? row : refuse('already-decided');
}

async function settle(
  scoped: ScopedManager,
  solver: Solver,
  row: DecisionRow,
  status: 'accepted' | 'overruled',
  chosen: OverruleInput,
): Promise<void> {
  const { now, trainerName } = scoped.scope;
  const outcome = { ...chosen, decidedBy: trainerName, decidedAt: now.toISOString() };
  await changeDecision(scoped, row, { status, outcome });
  await retellSessions(scoped, [row.sessionId]);
  const session = await scoped.findOwn(SessionEntity, { id: row.sessionId });
  const last = await scoped.findOwn(PrescriptionEntity, { id: session.prescriptionId });
  const next = prescriptionAfter(row, status, chosen, toPrescription(last));
  if (next !== null) await prescribe(scoped, solver, next.id, next.input, row.id);
}
