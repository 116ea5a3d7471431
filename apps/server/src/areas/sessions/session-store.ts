import type { SessionInput, SessionRecord, SetInput, SetRecord } from '@wiry-otter/contracts';
import { type EntityManager, In, IsNull } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import {
  DecisionEntity,
  SessionEntity,
  type SessionRow,
  TrainingSetEntity,
  type TrainingSetRow,
} from './entities.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { SetupEntity } from '../setups/entities.js';
import { findPerson, idsOfOwnPeople } from '../people/people-store.js';
import { dayInZone } from '../../platform/days.js';
import { findOwn, lockOwn, ownedBy, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import type { SeenFacts } from '../setups/assess.js';
import { assessNow, findSetup, recordOf, recordsOf } from '../setups/setup-store.js';
import type { Solver } from '../../platform/solving/solver.js';
import { newerSessions, toDecision } from './decision-record.js';
import { findPrescription, toPrescription } from '../prescriptions/prescription-store.js';

/** Sessions of one person or of all this trainer's people, the latest first. */
export async function listSessions(
  manager: EntityManager,
  scope: Scope,
  personId?: string,
): Promise<SessionRecord[]> {
  const people = await idsOfOwnPeople(manager, scope);
  const wanted = personId === undefined ? people : people.filter((id) => id === personId);
  const rows = await manager.find(SessionEntity, {
    where: ownedBy<SessionRow>(scope, { personId: In(wanted), discardedAt: IsNull() }),
    order: { startedAt: 'DESC' },
  });
  return sessionRecords(manager, rows);
}

export async function readSession(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<SessionRecord> {
  return sessionRecord(manager, await findSession(manager, scope, id));
}

async function findSession(manager: EntityManager, scope: Scope, id: string): Promise<SessionRow> {
  const row = await findOwn(manager, SessionEntity, scope, { id });
  await findPerson(manager, scope, row.personId);
  return row;
}

/** Begins a session from a prescription; sent twice it begins once. */
export async function startSession(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  id: string,
  input: SessionInput,
): Promise<SessionRecord> {
  const known = await lockOwn(manager, SessionEntity, scope, id);
  if (known !== undefined) return readSession(manager, scope, id);
  const prescription = await findPrescription(manager, scope, input.prescriptionId);
  const setups: SessionRow['setups'] = [];
  for (const setupId of new Set(prescription.setupIds)) {
    const setup = await findSetup(manager, scope, setupId);
    const state = await recordOf(manager, setup);
    if (!state.ready) return refuseUnready(state.cautions.filter(({ level }) => level !== 'note'));
    // Since it was saved a band may have been retired, or a clearance narrowed or run out.
    const today = await assessNow(manager, solver, scope, state, NOTHING_SEEN);
    const refusals = today.cautions.filter(({ level }) => level === 'refuse');
    if (refusals.length > 0) return refuseUnready(refusals);
    setups.push({ id: setup.id, version: setup.version });
  }
  const startedAt = new Date(input.startedAt);
  const row: SessionRow = {
    id,
    studioId: scope.studioId,
    version: 1,
    personId: prescription.personId,
    prescriptionId: prescription.id,
    setups,
    exerciseId: prescription.exerciseId,
    startedAt,
    day: dayInZone(startedAt, scope.zone),
    finishedAt: null,
    redFlag: false,
    discardedAt: null,
  };
  await manager.insert(SessionEntity, row);
  return sessionRecord(manager, row);
}

/** Only what refuses is looked for: what was acknowledged stays so. */
const NOTHING_SEEN: SeenFacts = {
  acknowledged: [],
  present: { by: '', name: '', at: '' },
  before: [],
};

function refuseUnready(cautions: SessionRecord['setups'][number]['cautions']): never {
  return refuse(
    'not-ready',
    cautions.map(({ rule, text }) => ({
      in: 'document',
      path: '$.setup',
      found: `${rule}: ${text}`,
      expected: 'a set-up without refusals, its warnings acknowledged',
    })),
  );
}

/** Gives a session up before a set was done, or takes it up again; sent twice it is done once. */
export async function setSessionDiscarded(
  manager: EntityManager,
  scope: Scope,
  id: string,
  discarded: boolean,
): Promise<SessionRecord> {
  const row = await openSession(manager, scope, id);
  const sets = await standingSets(manager, [id]);
  if ((sets.get(id) ?? []).length > 0) return refuse('session-begun');
  row.discardedAt = discarded ? (row.discardedAt ?? scope.now) : null;
  await manager.save(SessionEntity, row);
  return sessionRecord(manager, row);
}

/** Logs a set; sent twice it is kept once. */
export async function logSet(
  manager: EntityManager,
  scope: Scope,
  sessionId: string,
  setId: string,
  input: SetInput,
): Promise<SessionRecord> {
  const session = await openSession(manager, scope, sessionId);
  const known = await manager.findOneBy(TrainingSetEntity, { setId });
  if (known !== null && known.sessionId !== sessionId) {
    return known.studioId === scope.studioId ? refuse('id-taken') : refuse('not-found');
  }
  if (session.discardedAt !== null) {
    // A set done is never lost: the session is taken up again.
    session.discardedAt = null;
    await manager.save(SessionEntity, session);
  }
  if (known === null) {
    await manager.insert(TrainingSetEntity, {
      ...input,
      setupId: setupOfSet(session, input),
      performedAt: new Date(input.performedAt),
      id: setId,
      setId,
      sequence: 0,
      setAside: false,
      sessionId,
      studioId: scope.studioId,
    });
  }
  return sessionRecord(manager, session);
}

/** What a set was done with: one of the session's set-ups, the first where it does not say. */
function setupOfSet({ setups }: SessionRow, { setupId }: Pick<SetInput, 'setupId'>): string {
  const wanted = setupId ?? setups[0]?.id;
  return setups.find(({ id }) => id === wanted)?.id ?? refuse('not-found');
}

/** Takes a set back, or puts it back, by a row that supersedes it. */
export async function setSetAside(
  manager: EntityManager,
  scope: Scope,
  sessionId: string,
  setId: string,
  setAside: boolean,
): Promise<SessionRecord> {
  const session = await openSession(manager, scope, sessionId);
  const latest = await manager.findOne(TrainingSetEntity, {
    where: ownedBy<TrainingSetRow>(scope, { setId, sessionId }),
    order: { sequence: 'DESC' },
  });
  if (latest === null) return refuse('not-found');
  if (latest.setAside !== setAside) {
    await manager.insert(TrainingSetEntity, {
      ...latest,
      id: uuidv7(),
      sequence: latest.sequence + 1,
      setAside,
    });
  }
  return sessionRecord(manager, session);
}

/** A session that is not finished yet, locked for a write. */
export async function openSession(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<SessionRow> {
  const row = (await lockOwn(manager, SessionEntity, scope, id)) ?? refuse('not-found');
  await findPerson(manager, scope, row.personId);
  return row.finishedAt === null ? row : refuse('session-finished');
}

/** The sets that stand of each session, in the order they were done. */
export async function standingSets(
  manager: EntityManager,
  sessionIds: readonly string[],
): Promise<ReadonlyMap<string, SetRecord[]>> {
  const rows = await manager.find(TrainingSetEntity, {
    where: { sessionId: In([...sessionIds]) },
    order: { sequence: 'ASC' },
  });
  // Rows come by rising sequence, so the last one of a set is the one that stands.
  const standing = new Map(rows.map((row) => [row.setId, row]));
  const sets = new Map<string, SetRecord[]>(sessionIds.map((id) => [id, []]));
  [...standing.values()]
    .filter((row) => !row.setAside)
    .sort((a, b) => a.performedAt.getTime() - b.performedAt.getTime())
    .forEach((row) => sets.get(row.sessionId)?.push(toSet(row)));
  return sets;
}

function toSet({
  setId,
  performedAt,
  setupId,
  reps,
  partial,
  hold_s,
  lowering_s,
  spare,
  form,
  pain,
}: TrainingSetRow): SetRecord {
  const at = performedAt.toISOString();
  return {
    id: setId,
    performedAt: at,
    setupId,
    reps,
    partial,
    hold_s,
    lowering_s,
    spare,
    form,
    pain,
  };
}

export async function sessionRecord(
  manager: EntityManager,
  row: SessionRow,
): Promise<SessionRecord> {
  const [record] = await sessionRecords(manager, [row]);
  return record ?? refuse('not-found');
}

/** Sessions with all that belongs to them, in one query for each kind of record. */
async function sessionRecords(
  manager: EntityManager,
  rows: readonly SessionRow[],
): Promise<SessionRecord[]> {
  const ids = rows.map(({ id }) => id);
  const prescriptions = await manager.findBy(PrescriptionEntity, {
    id: In(rows.map(({ prescriptionId }) => prescriptionId)),
  });
  const used = rows.flatMap(({ setups }) => setups);
  const heads = await manager.findBy(SetupEntity, { id: In(used.map(({ id }) => id)) });
  const states = await recordsOf(
    manager,
    used.flatMap(({ id, version }) =>
      heads.filter((head) => head.id === id).map((head) => ({ head, version })),
    ),
  );
  const decisions = await manager.findBy(DecisionEntity, { sessionId: In(ids) });
  const sets = await standingSets(manager, ids);
  const newer = await newerSessions(manager, decisions);
  return rows.map((row) => {
    const prescription = prescriptions.find(({ id }) => id === row.prescriptionId);
    const setups = row.setups.flatMap(
      ({ id, version }) =>
        states.find((state) => state.id === id && state.version === version) ?? [],
    );
    if (prescription === undefined || setups.length < row.setups.length) {
      return refuse('not-found');
    }
    const decision = decisions.find(({ sessionId }) => sessionId === row.id);
    return {
      id: row.id,
      version: row.version,
      personId: row.personId,
      prescription: toPrescription(prescription),
      setups,
      startedAt: row.startedAt.toISOString(),
      day: row.day,
      finishedAt: row.finishedAt?.toISOString() ?? null,
      redFlag: row.redFlag,
      sets: sets.get(row.id) ?? [],
      decision: decision === undefined ? null : toDecision(decision, newer),
    };
  });
}
