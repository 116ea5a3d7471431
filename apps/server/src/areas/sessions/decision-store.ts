import type { FinishInput, OverruleInput } from '@wiry-otter/contracts';
import { acceptedAsIs, derivedId, prescriptionAfter } from '@wiry-otter/derived';
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

/**
 * Ends a session and decides what comes next; the decision waits for the trainer. One that was ended
 * on another device stays ended, but a red flag that is raised is never lost.
 */
export async function finishSession(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  { redFlag }: FinishInput,
): Promise<void> {
  const session = await lockSession(scoped, id);
  if (session.finishedAt !== null) {
    if (session.redFlag || !redFlag) return;
    await changeSession(scoped, session, { redFlag });
    await decideAgain(scoped, solver, { ...session, redFlag });
    return;
  }
  const finished = { ...session, finishedAt: scoped.scope.now, discardedAt: null, redFlag };
  await changeSession(scoped, session, finished);
  const decisionId = derivedId('decision', id);
  await scoped.insert(DecisionEntity, {
    ...(await reviewNow(scoped, solver, finished)),
    id: decisionId,
    version: 1,
    sessionId: id,
    personId: session.personId,
    exerciseId: session.exerciseId,
    status: 'waiting',
    outcome: null,
  });
  scoped.touch('decision', decisionId);
  await renewOvertaken(scoped, session);
}

/** Decides anew what comes after a finished session that has changed, while nobody has decided yet. */
export async function decideAgain(
  scoped: ScopedManager,
  solver: Solver,
  session: SessionRow,
): Promise<void> {
  const row = await scoped.findFirst(DecisionEntity, { sessionId: session.id });
  if (row === undefined || row.outcome !== null) return;
  await changeDecision(scoped, row, await reviewNow(scoped, solver, session));
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
