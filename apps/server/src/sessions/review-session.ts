import type { DecisionDocument, DecisionRecord, ReviewDocument } from '@wiry-otter/contracts';
import {
  decide,
  decideByGates,
  isSchoolOffered,
  ladderChangeWords,
  needsClearance,
} from '@wiry-otter/core';
import { type EntityManager, In, IsNull, LessThanOrEqual } from 'typeorm';
import {
  PrescriptionEntity,
  SessionEntity,
  type SessionRow,
} from '../database/entities/session.js';
import type { PersonRow } from '../database/entities/person.js';
import { type LadderOfToday, ladderOfToday } from '../ladders/ladder-of-today.js';
import { ladderFor } from '../ladders/ladder-store.js';
import { safeRungs } from '../ladders/safe-rungs.js';
import type { Scope } from '../platform/scope.js';
import { refuse, refuseDocument } from '../problems/refusal.js';
import type { Solver } from '../solving/solver.js';
import { listSetups } from '../setups/setup-store.js';
import { standingSets } from './session-store.js';

/** Sessions looked back upon; the rules weigh two, the record shows a few more. */
const SESSIONS_REVIEWED = 6;

type Reason = DecisionDocument['reasons'][number];

/** Steps this near to the ladder's own are no gap. */
const SAME_STEP = 0.005;

export interface SessionReview {
  readonly ladder: DecisionRecord['ladder'];
  readonly review: ReviewDocument;
  readonly decision: DecisionDocument;
}

/**
 * What comes next for a person and exercise after a session: the ladder, the last sessions as
 * evidence, the core's rules.
 */
export async function reviewSession(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  session: SessionRow,
  person: PersonRow,
): Promise<SessionReview> {
  const reviewed = await ladderOf(manager, solver, scope, session);
  const ladder = reviewed.rungs;
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
      reasons: [
        ...reasons,
        ...gapReasons(reviewed, rung, rungs[0] ?? rung),
        ...changeReasons(reviewed),
        sourceReason(reviewed),
      ],
    },
  };
}

/** Where the rungs come from. */
function sourceReason({ rungs, today }: ReviewedLadder): Reason {
  const { length } = rungs;
  return {
    rule: 'ladder.source',
    text:
      today === undefined
        ? `The ladder is this person's ${length === 1 ? 'one saved set-up' : `${length} saved set-ups`} of the exercise, ordered by mean demand.`
        : today.ladder.source === 'hand'
          ? `The ladder was made by hand of set-ups saved here: ${length} rungs.`
          : `The ladder is the one that was found for this place: ${length} rungs.`,
    figures: { rungs: length },
  };
}

/** Whether the way to the next rung leads over a gap, how wide it is and what would close it. */
function gapReasons({ rungs, today }: ReviewedLadder, from: number, to: number): Reason[] {
  const [below, above] = [rungs[from]?.load, rungs[to]?.load];
  if (today === undefined || below === undefined || above === undefined || to <= from) return [];
  const share = above / below - 1;
  if (share <= today.ladder.target.step + SAME_STEP) return [];
  const percent = Math.round(100 * share);
  return [
    {
      rule: 'ladder.gap',
      text: `A gap of ${percent} % lies before the next rung: a band between those of the two, or more room, would close it.`,
      figures: { below, above, percent },
    },
  ];
}

/** What has changed since the ladder was kept, and what came of it. */
function changeReasons({ rungs, today }: ReviewedLadder): Reason[] {
  if (today === undefined || today.changes.length === 0) return [];
  const { changes, ladder, remade } = today;
  const why = ladderChangeWords(changes);
  const moved =
    ladder.moved === null || !remade
      ? ''
      : ` The prescription moved from ${ladder.moved.from} to ${ladder.moved.to}.`;
  return [
    {
      rule: 'ladder.anew',
      text: remade
        ? `The ladder was made anew: ${why}.${moved}`
        : `The ladder is as it was kept, though since then: ${why}. Make it anew at the set-ups.`,
      figures: { rungs: rungs.length, changes: changes.length },
    },
  ];
}

/** The rungs that are weighed, easiest first, and the ladder they are of where one was kept. */
interface ReviewedLadder {
  readonly rungs: DecisionRecord['ladder'];
  readonly today: LadderOfToday | undefined;
}

/**
 * The ladder that was kept for the place, without what a caution refuses; else the person's ready
 * set-ups of the exercise by mean demand. The set-up just used is always among them.
 */
async function ladderOf(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  session: SessionRow,
): Promise<ReviewedLadder> {
  const { exerciseId, personId } = session;
  const setups = (await listSetups(manager, scope, personId)).filter(
    (setup) => setup.exerciseId === exerciseId,
  );
  const used = setups.find(({ id }) => id === session.setupId);
  const stored =
    used && (await ladderFor(manager, scope, { personId, exerciseId, placeId: used.placeId }));
  const today = stored && (await ladderOfToday(manager, solver, scope, stored));
  const kept = today?.ladder;
  const saved = setups
    .filter(({ id, ready }) => id === session.setupId || (kept === undefined && ready))
    .map(({ id, title, figures }) => ({ setupId: id, title, load: figures.mean }));
  const found = safeRungs(kept?.rungs ?? []).map(({ load, setupId, title }) => ({
    setupId,
    title,
    load,
  }));
  const others = saved.filter(({ setupId }) => !found.some((rung) => rung.setupId === setupId));
  return { today, rungs: [...found, ...others].sort((a, b) => a.load - b.load) };
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
