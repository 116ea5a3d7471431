import type { SessionRecord } from '@wiry-otter/contracts';
import {
  type ReviewFacts,
  reviewSession,
  SESSIONS_LOOKED_THROUGH,
  type SessionReview,
  setupOfSession,
} from '@wiry-otter/derived';
import { bandsLaid } from '@wiry-otter/core';
import { IsNull, LessThanOrEqual } from 'typeorm';
import { accepted, refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { readBands } from '../bands/band-store.js';
import { climbLadder } from '../ladders/climb-ladder.js';
import { findPerson, toPerson } from '../people/people-store.js';
import { readSetup, setupsOf } from '../setups/setup-store.js';
import { stopsOfPerson } from '../stops/stop-store.js';
import { SessionEntity, type SessionRow } from './entities.js';
import { sessionRecords } from './session-records.js';
import { unreadLighter } from './overtaken.js';

/** What comes next after a session as it stands in the tables now. */
export async function reviewNow(
  scoped: ScopedManager,
  solver: Solver,
  row: SessionRow,
): Promise<SessionReview> {
  return accepted(reviewSession(await reviewFacts(scoped, solver, row)));
}

async function reviewFacts(
  scoped: ScopedManager,
  solver: Solver,
  { exerciseId, id, personId, startedAt }: SessionRow,
): Promise<ReviewFacts> {
  const latest = await scoped.find(
    SessionEntity,
    { personId, exerciseId, startedAt: LessThanOrEqual(startedAt), discardedAt: IsNull() },
    { order: { startedAt: 'DESC' }, take: SESSIONS_LOOKED_THROUGH },
  );
  const ids = [...new Set([id, ...latest.map((one) => one.id)])];
  const records = new Map(
    (await sessionRecords.read(scoped, ids)).map(({ record }) => [record.id, record]),
  );
  const session = records.get(id) ?? refuse('not-found');
  const standing = await setupsOf(scoped, personId, exerciseId);
  // One that was put away while the session was open is still what it was done with.
  const putAway = session.setups.filter((used) => standing.every((setup) => setup.id !== used.id));
  const setups = [...standing];
  for (const used of putAway) setups.push(await readSetup(scoped, used.id));
  const placeId = setupOfSession(session, setups)?.placeId;
  const climbed =
    placeId === undefined
      ? undefined
      : await climbLadder(scoped, solver, { personId, exerciseId, placeId });
  const laid = [...setups, ...(climbed?.ladder.rungs ?? [])].flatMap(({ document }) =>
    bandsLaid(document),
  );
  return {
    session,
    person: toPerson(await findPerson(scoped, personId)),
    breakDays: scoped.scope.breakDays,
    setups,
    climbed,
    bands: await readBands(scoped, [...new Set(laid)]),
    stops: await stopsOfPerson(scoped, personId),
    unread: await unreadLighter(scoped, session),
    sessions: latest.flatMap((one): SessionRecord[] => {
      const record = records.get(one.id);
      return record === undefined ? [] : [record];
    }),
  };
}
