import type { SetInput, StopRecord } from '@wiry-otter/contracts';
import type { StoppableWork } from '@wiry-otter/core';
import {
  type SessionReview,
  stopOfNextMorning,
  stopOfReview,
  stopOfSet,
  stopOfUnknownFlag,
  stopsOn,
} from '@wiry-otter/derived';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { readSetup } from '../setups/setup-store.js';
import { keepStop, stopsOfPerson } from '../stops/stop-store.js';
import type { SessionRow } from './entities.js';

type Stopped = Pick<SessionRow, 'id' | 'day' | 'personId' | 'exerciseId' | 'setups'>;

/** The exercise of a session, and what it trains. */
export async function workOfSession(
  scoped: ScopedManager,
  { exerciseId, setups: [used] }: Pick<SessionRow, 'exerciseId' | 'setups'>,
): Promise<StoppableWork> {
  const setup = used === undefined ? undefined : await readSetup(scoped, used.id);
  return { exerciseId, groups: setup?.document.exercise.groups ?? [] };
}

/** Keeps the stop of a set that hurt, with the set. */
export async function keepStopOfSet(
  scoped: ScopedManager,
  session: Stopped,
  set: Pick<SetInput, 'pain'> & { readonly setId: string; readonly performedAt: Date },
): Promise<void> {
  const told = { id: set.setId, pain: set.pain, performedAt: set.performedAt.toISOString() };
  await keepFor(scoped, session, (facts) => stopOfSet(asRecord(session), told, facts));
}

export async function keepStopOfNextMorning(
  scoped: ScopedManager,
  session: Stopped,
  pain: number | null,
): Promise<void> {
  const at = scoped.scope.now.toISOString();
  await keepFor(scoped, session, (facts) => stopOfNextMorning(asRecord(session), pain, at, facts));
}

export async function keepStopOfUnknownFlag(
  scoped: ScopedManager,
  session: Stopped,
): Promise<void> {
  const at = scoped.scope.now.toISOString();
  await keepFor(scoped, session, (facts) => stopOfUnknownFlag(asRecord(session), at, facts));
}

export async function keepStopOfReview(
  scoped: ScopedManager,
  session: Stopped,
  review: SessionReview,
): Promise<void> {
  const at = scoped.scope.now.toISOString();
  await keepFor(scoped, session, (facts) => stopOfReview(asRecord(session), review, at, facts));
}

async function keepFor(
  scoped: ScopedManager,
  session: Stopped,
  make: (facts: { by: string; work: StoppableWork }) => StopRecord | undefined,
): Promise<void> {
  const { trainerName: by } = scoped.scope;
  // What a session trains is only looked up where something is to be kept.
  if (make({ by, work: { exerciseId: session.exerciseId, groups: [] } }) === undefined) return;
  const stop = make({ by, work: await workOfSession(scoped, session) });
  if (stop !== undefined) await keepStop(scoped, stop);
}

/** A session as stops are derived of it. */
function asRecord({ day, exerciseId, id, personId }: Stopped): Parameters<typeof stopOfSet>[0] {
  return { id, day, personId, exerciseId };
}

/** The stops in force that have some work of a person in their scope. */
export async function stopsInForce(
  scoped: ScopedManager,
  personId: string,
  work: StoppableWork,
): Promise<StopRecord[]> {
  return stopsOn(await stopsOfPerson(scoped, personId), personId, work);
}
