import type { SessionInput, SetInput, SetupRecord } from '@wiry-otter/contracts';
import { STOP_CAUSE_WORDS, writeDay } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { dayInZone, NOTHING_SEEN } from '@wiry-otter/derived';
import { refuse } from '../../platform/problems/refusal.js';
import { hasReached } from '../../platform/records/feed.js';
import { expectSame } from '../../platform/records/expect-same.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { findPerson, noteTrainedSince } from '../people/people-store.js';
import { findPrescription } from '../prescriptions/prescription-store.js';
import { assessNow, readSetup } from '../setups/setup-store.js';
import { decideAgain } from './decision-store.js';
import { SessionEntity, type SessionRow, TrainingSetEntity } from './entities.js';
import { renewOvertaken } from './overtaken.js';
import { changeSession, LOCKED_SESSION, lockSession } from './session-rows.js';
import { countSetWear } from './set-wear.js';
import { keepStopOfSet, stopsInForce, workOfSession } from './stops-of-sessions.js';

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
  const againstStop = await isAgainstStop(scoped, { exerciseId, personId, setups }, input);
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
    painNextMorning: null,
    againstStop,
    discardedAt: null,
  });
  scoped.touch('session', id);
  await renewTrainedSince(scoped, personId, exerciseId);
}

/**
 * Refuses a session where a stop stands that the device knew of, or could have known; one that was begun
 * before the stop reached the device is kept, and marked.
 */
async function isAgainstStop(
  scoped: ScopedManager,
  session: Pick<SessionRow, 'exerciseId' | 'personId' | 'setups'>,
  { knownTo, startedAt }: SessionInput,
): Promise<boolean> {
  const standing = await stopsInForce(
    scoped,
    session.personId,
    await workOfSession(scoped, session),
  );
  for (const { at, cause, day, id } of standing) {
    const isKnown =
      knownTo === undefined
        ? Date.parse(startedAt) > scoped.scope.now.getTime() - AT_ONCE_MS
        : await hasReached(scoped, knownTo, { kind: 'stop', id });
    if (!isKnown) continue;
    return refuse('stopped', [
      {
        in: 'document',
        path: '$.prescriptionId',
        found: `${STOP_CAUSE_WORDS[cause]} on ${writeDay(day)} (${at})`,
        expected: 'work without a stop in force: a clearance, or a trainer’s "go on" with a reason',
      },
    ]);
  }
  return standing.length > 0;
}

/** A session of a device that does not say what it knew is begun now if it is as young as this, ms. */
const AT_ONCE_MS = 5 * 60_000;

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
  if (await hasSets(scoped, id)) return refuse('session-begun');
  const discardedAt = discarded ? scoped.scope.now : null;
  await changeSession(scoped, session, { discardedAt });
  await renewTrainedSince(scoped, session.personId, session.exerciseId);
}

async function hasSets(scoped: ScopedManager, sessionId: string): Promise<boolean> {
  const standing = await scoped.query(
    'standing-sets',
    `SELECT 1 FROM (SELECT DISTINCT ON (set_id) set_aside FROM training_set
        WHERE studio_id = $1 AND session_id = $2 ORDER BY set_id, sequence DESC) one
      WHERE NOT set_aside LIMIT 1`,
    [sessionId],
  );
  return standing.length > 0;
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
  const performedAt = new Date(input.performedAt);
  const logged = await insertSet(scoped, sessionId, setId, { ...input, performedAt });
  if (!logged.isNew) {
    const known = await scoped.findOwn(TrainingSetEntity, { id: setId });
    expectSame(known, { ...input, sessionId, setupId: logged.setupId });
    return;
  }
  scoped.touch('session', sessionId);
  const { setupId } = logged;
  await afterSets(scoped, solver, logged, {
    ...{ ...input, setId, setupId, performedAt },
    setAside: false,
  });
}

/** The session of a set that was to be logged, as it was before. */
interface Logged extends SessionRow {
  /** What the set was done with: one of the session's set-ups, the first where it does not say. */
  readonly setupId: string;
  /** Whether there was no such set yet. */
  readonly isNew: boolean;
  /** Whether the session had a set already, one that nobody ever took back. */
  readonly afterOthers: boolean;
}

/**
 * Inserts the first row of a set, which has the set's id, and raises the session's version; one that
 * was given up is taken up again by it. All in one statement: sets are what is written most.
 */
async function insertSet(
  scoped: ScopedManager,
  sessionId: string,
  setId: string,
  set: Omit<SetInput, 'performedAt'> & { readonly performedAt: Date },
): Promise<Logged> {
  const [logged] = await scoped.query<Logged>('log-set', LOG_SET, [
    ...[sessionId, scoped.scope.trainerId, setId, set.performedAt, set.setupId],
    ...[set.reps, set.partial, set.hold_s, set.lowering_s, set.spare, set.form, set.pain],
  ]);
  return logged ?? refuse('not-found');
}

const LOG_SET = `
  WITH locked AS MATERIALIZED (${LOCKED_SESSION}),
  asked AS (
    SELECT locked.*, used.setup ->> 'id' AS "setupId"
      FROM locked, jsonb_array_elements(locked.setups) WITH ORDINALITY AS used (setup, place)
      WHERE $6::text IS NULL OR used.setup ->> 'id' = $6 ORDER BY used.place LIMIT 1),
  logged AS (
    INSERT INTO training_set (studio_id, id, set_id, sequence, set_aside, performed_at, session_id,
        setup_id, reps, partial_reps, hold_s, lowering_s, spare, form, pain)
      SELECT $1, $4, $4, 0, false, $5, asked.id, asked."setupId"::uuid, $7, $8, $9, $10, $11, $12, $13
        FROM asked
      ON CONFLICT (id) DO NOTHING RETURNING session_id),
  changed AS (
    UPDATE training_session SET version = version + 1, discarded_at = NULL FROM logged
      WHERE studio_id = $1 AND training_session.id = logged.session_id)
  SELECT asked.*, EXISTS (SELECT FROM logged) AS "isNew",
    EXISTS (SELECT FROM training_set known
      WHERE known.session_id = asked.id AND known.sequence = 0 AND NOT EXISTS (
        SELECT FROM training_set later
         WHERE later.set_id = known.set_id AND later.sequence > 0)) AS "afterOthers"
  FROM asked`;

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
  session: SessionRow & { readonly afterOthers?: boolean },
  set: Parameters<typeof countSetWear>[2] & Pick<SetInput, 'pain'>,
): Promise<void> {
  await countSetWear(scoped, session, set);
  if (!set.setAside) await keepStopOfSet(scoped, session, set);
  if (session.discardedAt !== null) {
    await renewTrainedSince(scoped, session.personId, session.exerciseId);
  }
  if (session.finishedAt !== null) await decideAgain(scoped, solver, session);
  // What a session overtakes it overtakes from its first set on.
  else if (session.afterOthers !== true) await renewOvertaken(scoped, session);
}
