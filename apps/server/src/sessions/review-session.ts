import type { DecisionDocument, DecisionRecord, ReviewDocument } from '@wiry-otter/contracts';
import { decide, decideByGates, isSchoolOffered, needsClearance } from '@wiry-otter/core';
import { type EntityManager, In, IsNull, LessThanOrEqual } from 'typeorm';
import {
  PrescriptionEntity,
  SessionEntity,
  type SessionRow,
} from '../database/entities/session.js';
import type { PersonRow } from '../database/entities/person.js';
import type { Scope } from '../platform/scope.js';
import { refuse, refuseDocument } from '../problems/refusal.js';
import { listSetups } from '../setups/setup-store.js';
import { standingSets } from './session-store.js';

/** Sessions looked back upon; the rules weigh two, the record shows a few more. */
const SESSIONS_REVIEWED = 6;

export interface SessionReview {
  readonly ladder: DecisionRecord['ladder'];
  readonly review: ReviewDocument;
  readonly decision: DecisionDocument;
}

/**
 * What comes next for a person and exercise after a session: the ladder from
 * the person's saved set-ups, the last sessions as evidence, the core's rules.
 */
export async function reviewSession(
  manager: EntityManager,
  scope: Scope,
  session: SessionRow,
  person: PersonRow,
): Promise<SessionReview> {
  const ladder = await ladderOf(manager, scope, session);
  const rungOf = new Map(ladder.map(({ setupId }, rung) => [setupId, rung]));
  const rung = rungOf.get(session.setupId);
  if (rung === undefined) return refuse('not-found');
  const prescription = await manager.findOneByOrFail(PrescriptionEntity, {
    id: session.prescriptionId,
  });
  const { sets, work, rest_s, target } = prescription;
  const school = prescription.school as ReviewDocument['school'];
  const review: ReviewDocument = {
    format: 'wiry-otter.review',
    version: 1,
    school,
    prescription: {
      sets,
      ...(work.kind === 'reps'
        ? { reps: { from: work.from, to: work.to } }
        : { hold_s: work.from_s }),
      rest_s,
      rungs: [rung],
      target,
    },
    ladder: ladder.map(({ title, load }) => ({ id: title, load })),
    sessions: await doneSessions(manager, session, rungOf),
    limits: { pain: person.painLimit },
    ...(needsClearance(person) && person.clearance !== null
      ? { clearance: { until: person.clearance.until } }
      : {}),
  };
  // Schools that are not offered yet pass the gates only, and go on unchanged.
  const decided = isSchoolOffered(school) ? decide(review) : decideByGates(review);
  if (!decided.ok) return refuseDocument(decided.faults);
  const { code, rungs, target: next, reasons } = decided.value;
  return {
    ladder,
    review,
    decision: {
      format: 'wiry-otter.decision',
      version: 1,
      code,
      rungs: [...rungs],
      target: [...next],
      reasons: [...reasons, ladderReason(ladder.length)],
    },
  };
}

/** The finder's ladder does not exist yet, and the decision says what stands in for it. */
function ladderReason(rungs: number): DecisionDocument['reasons'][number] {
  return {
    rule: 'ladder.source',
    text: `The ladder is this person's ${rungs === 1 ? 'one saved set-up' : `${rungs} saved set-ups`} of the exercise, ordered by mean demand.`,
    figures: { rungs },
  };
}

/** The person's ready set-ups of the exercise by mean demand, the one just used among them. */
async function ladderOf(
  manager: EntityManager,
  scope: Scope,
  session: SessionRow,
): Promise<DecisionRecord['ladder']> {
  const setups = await listSetups(manager, scope, session.personId);
  return setups
    .filter(({ exerciseId }) => exerciseId === session.exerciseId)
    .filter(({ id, ready }) => ready || id === session.setupId)
    .map(({ id, title, figures }) => ({ setupId: id, title, load: figures.mean }))
    .sort((a, b) => a.load - b.load);
}

async function doneSessions(
  manager: EntityManager,
  session: SessionRow,
  rungOf: ReadonlyMap<string, number>,
): Promise<ReviewDocument['sessions']> {
  const rows = await manager.find(SessionEntity, {
    where: {
      personId: session.personId,
      exerciseId: session.exerciseId,
      setupId: In([...rungOf.keys()]),
      startedAt: LessThanOrEqual(session.startedAt),
      discardedAt: IsNull(),
    },
    order: { startedAt: 'DESC' },
    take: SESSIONS_REVIEWED,
  });
  const done = rows.filter((row) => row.id === session.id || row.finishedAt !== null).reverse();
  const sets = await standingSets(
    manager,
    done.map(({ id }) => id),
  );
  return done.map((row) => ({
    date: row.day,
    redFlag: row.redFlag,
    sets: (sets.get(row.id) ?? []).map(({ reps, partial, hold_s, spare, form, pain }) => ({
      rung: rungOf.get(row.setupId) ?? 0,
      ...(hold_s === null ? { reps, partial } : { hold_s }),
      ...(spare === null ? {} : { spare }),
      form,
      pain,
    })),
  }));
}
