import type { FinishInput, OverruleInput, PrescriptionInput } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { findPerson } from '../people/people-store.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { DecisionEntity, type DecisionRow, SessionEntity, type SessionRow } from './entities.js';
import { renewOvertaken } from './overtaken.js';
import { prescribe } from './prescribe.js';
import { reviewSession } from './review-session.js';
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
  const person = await findPerson(scoped, session.personId);
  const decisionId = uuidv7();
  await scoped.insert(DecisionEntity, {
    ...(await reviewSession(scoped, solver, finished, person)),
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
  const person = await findPerson(scoped, session.personId);
  const reviewed = await reviewSession(scoped, solver, session, person);
  await changeDecision(scoped, row, reviewed);
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
  const setupIds = row.decision.rungs.map(
    (rung) => row.ladder[rung]?.setupId ?? refuse('not-found'),
  );
  await settle(scoped, solver, row, 'accepted', {
    setupIds: setupIds.every((one) => one === setupIds[0]) ? setupIds.slice(0, 1) : setupIds,
    target: row.decision.target,
    note: '',
  });
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
  // A stop prescribes nothing: the clinician comes first.
  if (row.decision.code === 'stop' && status === 'accepted') return;
  const session = await scoped.findOwn(SessionEntity, { id: row.sessionId });
  const last = await scoped.findOwn(PrescriptionEntity, { id: session.prescriptionId });
  await prescribe(
    scoped,
    solver,
    uuidv7(),
    {
      personId: row.personId,
      setupIds: chosen.setupIds,
      track: last.track as PrescriptionInput['track'],
      school: row.review.school,
      sets: chosen.target.length,
      work: last.work,
      rest_s: last.rest_s,
      target: chosen.target,
      // Its parts are of the set-up it was planned for.
      drop: isSame(chosen.setupIds, last.setupIds) ? last.drop : null,
    },
    row.id,
  );
}

function isSame(a: readonly string[], b: readonly string[]): boolean {
  return a.length === b.length && a.every((id, i) => id === b[i]);
}
