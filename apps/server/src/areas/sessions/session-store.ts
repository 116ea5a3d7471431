import type { SessionInput, SetInput, SetupRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { dayInZone, NOTHING_SEEN } from '@wiry-otter/derived';
import { refuse } from '../../platform/problems/refusal.js';
import { expectSame } from '../../platform/records/expect-same.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { findPerson, noteTrainedSince } from '../people/people-store.js';
import { findPrescription } from '../prescriptions/prescription-store.js';
import { assessNow, readSetup } from '../setups/setup-store.js';
import { decideAgain } from './decision-store.js';
import { SessionEntity, type SessionRow, TrainingSetEntity } from './entities.js';
import { renewOvertaken } from './overtaken.js';
import { standingSets } from './session-records.js';
import { changeSession, lockSession } from './session-rows.js';
import { countSetWear } from './set-wear.js';

/** Begins a session from a prescription; sent twice it begins once. */
export async function startSession(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  input: SessionInput,
): Promise<void> {
  const known = await scoped.lock(SessionEntity, id);
  if (known !== undefined) {
    await findPerson(scoped, known.personId);
    expectSame(known, input);
    return;
  }
  const prescription = await findPrescription(scoped, input.prescriptionId);
  const { exerciseId, personId } = prescription;
  const setups: SessionRow['setups'] = [];
  for (const setupId of new Set(prescription.setupIds)) {
    const setup = await readSetup(scoped, setupId);
    await refuseUnready(scoped, solver, setup);
    setups.push({ id: setup.id, version: setup.version });
  }
  const startedAt = new Date(input.startedAt);
  const day = dayInZone(startedAt, scoped.scope.zone);
  await scoped.insert(SessionEntity, {
    id,
    version: 1,
    personId,
    prescriptionId: prescription.id,
    setups,
    exerciseId,
    startedAt,
    day,
    finishedAt: null,
    redFlag: false,
    discardedAt: null,
  });
  scoped.touch('session', id);
  await renewTrainedSince(scoped, personId, exerciseId);
}

/** The day of the first session that was not given up, asked of the log by its index. */
export async function renewTrainedSince(
  scoped: ScopedManager,
  personId: string,
  exerciseId: string,
): Promise<void> {
  const [first] = await scoped.query<{ day: string }>(
    'first-session',
    `SELECT day FROM training_session
      WHERE studio_id = $1 AND person_id = $2 AND exercise_id = $3 AND discarded_at IS NULL
      ORDER BY started_at LIMIT 1`,
    [personId, exerciseId],
  );
  await noteTrainedSince(scoped, personId, exerciseId, first?.day ?? null);
}

/** Since it was saved a band may have been retired, or a clearance narrowed or run out. */
async function refuseUnready(
  scoped: ScopedManager,
  solver: Solver,
  setup: SetupRecord,
): Promise<void> {
  const standing = setup.ready
    ? (await assessNow(scoped, solver, setup, NOTHING_SEEN)).cautions.filter(
        ({ level }) => level === 'refuse',
      )
    : setup.cautions.filter(({ level }) => level !== 'note');
  if (setup.ready && standing.length === 0) return;
  refuse(
    'not-ready',
    standing.map(({ rule, text }) => ({
      in: 'document',
      path: '$.setup',
      found: `${rule}: ${text}`,
      expected: 'a set-up without refusals, its warnings acknowledged',
    })),
  );
}

/** Gives a session up before a set was done, or takes it up again; sent twice it is done once. */
export async function setSessionDiscarded(
  scoped: ScopedManager,
  id: string,
  discarded: boolean,
): Promise<void> {
  const session = await lockSession(scoped, id);
  if ((session.discardedAt !== null) === discarded) return;
  if (session.finishedAt !== null) return refuse('session-finished');
  const sets = await standingSets(scoped, [id]);
  if ((sets.get(id) ?? []).length > 0) return refuse('session-begun');
  const discardedAt = discarded ? scoped.scope.now : null;
  await changeSession(scoped, session, { discardedAt });
  await renewTrainedSince(scoped, session.personId, session.exerciseId);
}

/**
 * Logs a set; sent twice it is kept once. One that arrives after the session was finished elsewhere
 * is kept as well, and what comes next is decided again while that still waits.
 */
export async function logSet(
  scoped: ScopedManager,
  solver: Solver,
  sessionId: string,
  setId: string,
  input: SetInput,
): Promise<void> {
  const session = await lockSession(scoped, sessionId);
  const set = { ...input, setupId: setupOfSet(session, input) };
  await scoped.lockId(setId);
  // The first row of a set has the set's id.
  const known = await scoped.findFirst(TrainingSetEntity, { id: setId });
  if (known !== undefined) {
    expectSame(known, { sessionId, ...set });
    return;
  }
  const performedAt = new Date(input.performedAt);
  const row = { ...set, performedAt, id: setId, setId, sequence: 0, setAside: false, sessionId };
  await scoped.insert(TrainingSetEntity, row);
  // A set done is never lost: a session that was given up is taken up again.
  await changeSession(scoped, session, { discardedAt: null });
  await afterSets(scoped, solver, session, row);
}

/** What a set was done with: one of the session's set-ups, the first where it does not say. */
function setupOfSet({ setups }: SessionRow, { setupId }: Pick<SetInput, 'setupId'>): string {
  const wanted = setupId ?? setups[0]?.id;
  return setups.find(({ id }) => id === wanted)?.id ?? refuse('not-found');
}

/** Takes a set back, or puts it back, by a row that supersedes it. */
export async function setSetAside(
  scoped: ScopedManager,
  solver: Solver,
  sessionId: string,
  setId: string,
  setAside: boolean,
): Promise<void> {
  const session = await lockSession(scoped, sessionId);
  const where = { setId, sessionId };
  const latest = await scoped.findFirst(TrainingSetEntity, where, { sequence: 'DESC' });
  if (latest === undefined) return refuse('not-found');
  if (latest.setAside === setAside) return;
  const row = { ...latest, id: uuidv7(), sequence: latest.sequence + 1, setAside };
  await scoped.insert(TrainingSetEntity, row);
  await changeSession(scoped, session, {});
  await afterSets(scoped, solver, session, row);
}

/** All that follows from a set that was logged or taken back. */
async function afterSets(
  scoped: ScopedManager,
  solver: Solver,
  session: SessionRow,
  set: Parameters<typeof countSetWear>[2],
): Promise<void> {
  await countSetWear(scoped, session, set);
  if (session.discardedAt !== null) {
    await renewTrainedSince(scoped, session.personId, session.exerciseId);
  }
  if (session.finishedAt === null) await renewOvertaken(scoped, session);
  else await decideAgain(scoped, solver, session);
}
