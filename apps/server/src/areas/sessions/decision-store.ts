import type {
  DecisionRecord,
  OverruleInput,
  PrescriptionInput,
  SessionRecord,
} from '@wiry-otter/contracts';
import { type EntityManager, In } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { DecisionEntity, type DecisionRow, SessionEntity } from './entities.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { findPerson, idsOfOwnPeople } from '../people/people-store.js';
import { expectVersion, lockOwn, ownedBy, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import { newerSessions, type Overtaken, toDecision } from './decision-record.js';
import type { Solver } from '../../platform/solving/solver.js';
import { prescribe } from './prescribe.js';
import { reviewSession } from './review-session.js';
import { openSession, sessionRecord } from './session-store.js';

/** Decisions about this trainer's people that wait for a yes or a no. */
export async function listWaitingDecisions(
  manager: EntityManager,
  scope: Scope,
): Promise<DecisionRecord[]> {
  const people = await idsOfOwnPeople(manager, scope);
  const rows = await manager.find(DecisionEntity, {
    where: ownedBy<DecisionRow>(scope, { personId: In(people), status: 'waiting' }),
    order: { id: 'ASC' },
  });
  const overtaken = await newerSessions(manager, rows);
  return rows.filter(({ id }) => !overtaken.has(id)).map((row) => toDecision(row, overtaken));
}

/** Ends a session and decides what comes next; the decision waits for the trainer. */
export async function finishSession(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  id: string,
  { version, redFlag }: { version: number; redFlag: boolean },
): Promise<SessionRecord> {
  const session = await openSession(manager, scope, id);
  expectVersion(session.version, version);
  session.finishedAt = scope.now;
  session.redFlag = redFlag;
  session.version += 1;
  await manager.save(SessionEntity, session);
  const person = await findPerson(manager, scope, session.personId);
  const reviewed = await reviewSession(manager, solver, scope, session, person);
  await manager.insert(DecisionEntity, {
    ...reviewed,
    id: uuidv7(),
    studioId: scope.studioId,
    sessionId: id,
    personId: session.personId,
    exerciseId: session.exerciseId,
    status: 'waiting',
    outcome: null,
  });
  return sessionRecord(manager, session);
}

/** Takes the decision as it stands: the next session opens with its rung and targets. */
export async function acceptDecision(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  id: string,
): Promise<DecisionRecord> {
  const row = await waitingDecision(manager, scope, id);
  const setupIds = row.decision.rungs.map(
    (rung) => row.ladder[rung]?.setupId ?? refuse('not-found'),
  );
  return settle(manager, solver, scope, row, 'accepted', {
    setupIds: setupIds.every((id) => id === setupIds[0]) ? setupIds.slice(0, 1) : setupIds,
    target: row.decision.target,
    note: '',
  });
}

/** Does otherwise, and keeps who did, when and why. */
export async function overruleDecision(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  id: string,
  input: OverruleInput,
): Promise<DecisionRecord> {
  const row = await waitingDecision(manager, scope, id);
  const known = new Set(row.ladder.map(({ setupId }) => setupId));
  if (input.setupIds.some((id) => !known.has(id))) return refuse('not-found');
  return settle(manager, solver, scope, row, 'overruled', input);
}

async function waitingDecision(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<DecisionRow> {
  const row = (await lockOwn(manager, DecisionEntity, scope, id)) ?? refuse('not-found');
  await findPerson(manager, scope, row.personId);
  if (row.status !== 'waiting') return refuse('already-decided');
  const overtaken = await newerSessions(manager, [row]);
  return overtaken.has(id) ? refuse('decision-void') : row;
}

/** A decision just taken is overtaken by nothing. */
const NONE_OVERTAKEN: Overtaken = new Set();

async function settle(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  row: DecisionRow,
  status: 'accepted' | 'overruled',
  chosen: OverruleInput,
): Promise<DecisionRecord> {
  row.status = status;
  row.outcome = {
    ...chosen,
    decidedBy: scope.trainerName,
    decidedAt: scope.now.toISOString(),
  };
  await manager.save(DecisionEntity, row);
  // A stop prescribes nothing: the clinician comes first.
  if (row.decision.code === 'stop' && status === 'accepted') return toDecision(row, NONE_OVERTAKEN);
  const session = await manager.findOneByOrFail(SessionEntity, { id: row.sessionId });
  const last = await manager.findOneByOrFail(PrescriptionEntity, { id: session.prescriptionId });
  await prescribe(
    manager,
    solver,
    scope,
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
  return toDecision(row, NONE_OVERTAKEN);
}

function isSame(a: readonly string[], b: readonly string[]): boolean {
  return a.length === b.length && a.every((id, i) => id === b[i]);
}
