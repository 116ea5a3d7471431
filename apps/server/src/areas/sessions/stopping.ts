import type { NextMorningInput, StopInput, StopReasonInput } from '@wiry-otter/contracts';
import { RED_FLAGS, type StopCause } from '@wiry-otter/core';
import {
  dayInZone,
  isStanding,
  liftedByTrainer,
  lookedAt,
  mayBeLifted,
  raisedStop,
  takenBackBy,
} from '@wiry-otter/derived';
import { refuse } from '../../platform/problems/refusal.js';
import { expectSame } from '../../platform/records/expect-same.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { findPerson } from '../people/people-store.js';
import { StopEntity, type StopRow } from '../stops/entities.js';
import { changeStop, keepStop, lockStop, standingOfSession } from '../stops/stop-store.js';
import { decideAgain, finishSession } from './decision-store.js';
import { SessionEntity, type SessionRow } from './entities.js';
import { changeSession, lockSession } from './session-rows.js';
import { keepStopOfNextMorning, workOfSession } from './stops-of-sessions.js';

/**
 * Raises a stop. One that is raised in a session ends it, and what comes next is decided with it; sent
 * twice it is raised once.
 */
export async function raiseStop(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  input: StopInput,
): Promise<void> {
  await findPerson(scoped, input.personId);
  const known = await scoped.lock(StopEntity, id);
  if (known !== undefined) {
    expectSame(known, input);
    return;
  }
  const { now, trainerName: by, zone } = scoped.scope;
  const session = input.sessionId === null ? undefined : await lockSession(scoped, input.sessionId);
  if (session !== undefined && session.personId !== input.personId) return refuse('not-found');
  const work = session === undefined ? undefined : await workOfSession(scoped, session);
  // A clock that goes ahead is taken for now.
  const at = new Date(Math.min(Date.parse(input.at), now.getTime()));
  const day = dayInZone(at, zone);
  await keepStop(scoped, {
    ...raisedStop(id, input, { by, day, session, work }),
    exerciseId: session?.exerciseId ?? input.exerciseId,
  });
  if (session === undefined) return;
  if (isFlag(input.cause)) await changeSession(scoped, session, { redFlag: true });
  if (session.finishedAt !== null) {
    await decideAgain(scoped, solver, { ...session, redFlag: true });
  } else {
    await finishSession(scoped, solver, session.id, { redFlag: false });
  }
}

function isFlag(cause: StopCause): boolean {
  return (RED_FLAGS as readonly string[]).includes(cause);
}

/** "Go on", where the cause allows it: all that stands of the session and cause is lifted with it. */
export async function liftStop(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  { why }: StopReasonInput,
): Promise<void> {
  const stop = await lockStop(scoped, id);
  const { now, trainerName, zone } = scoped.scope;
  if (!isStanding(stop)) {
    if (stop.lifted?.by === 'trainer' && stop.lifted.why === why) return;
    return refuse('stop-settled');
  }
  if (!mayBeLifted(stop)) return refuse('needs-clearance');
  const same = (await standingOfSession(scoped, stop)).filter((one) => one.id !== id);
  for (const one of [stop, ...same].filter(mayBeLifted)) {
    await changeStop(scoped, liftedByTrainer(one, trainerName, dayInZone(now, zone), why));
  }
  await decideAfter(scoped, solver, stop);
}

/** Ticked by mistake: the stop and its flag leave the reviews. */
export async function takeStopBack(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  { why }: StopReasonInput,
): Promise<void> {
  const stop = await lockStop(scoped, id);
  if (stop.takenBack !== null) {
    if (stop.takenBack.why === why) return;
    return refuse('stop-settled');
  }
  const { now, trainerName } = scoped.scope;
  await changeStop(scoped, takenBackBy(stop, trainerName, now.toISOString(), why));
  await decideAfter(scoped, solver, stop);
}

/** One that was lifted without anybody's doing was looked at. */
export async function lookAtStop(scoped: ScopedManager, id: string): Promise<void> {
  const stop = await lockStop(scoped, id);
  if (stop.wantsLook) await changeStop(scoped, lookedAt(stop));
}

/** What the person says of the morning after, whoever asks: it decides anew. */
export async function noteNextMorning(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  { pain }: NextMorningInput,
): Promise<void> {
  const session = await lockSession(scoped, id);
  if (session.painNextMorning === pain) return;
  await changeSession(scoped, session, { painNextMorning: pain });
  await keepStopOfNextMorning(scoped, session, pain);
  await decideAgain(scoped, solver, { ...session, painNextMorning: pain });
}

/** What comes next after the session of a stop that has changed. */
export async function decideAfter(
  scoped: ScopedManager,
  solver: Solver,
  { sessionId }: Pick<StopRow, 'sessionId'>,
): Promise<void> {
  if (sessionId === null) return;
  const session: SessionRow | undefined = await scoped.findFirst(SessionEntity, { id: sessionId });
  if (session !== undefined && session.finishedAt !== null) {
    await decideAgain(scoped, solver, session);
  }
}
