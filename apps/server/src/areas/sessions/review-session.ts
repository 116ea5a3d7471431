import type {
  CompleteSetupDocument,
  DecisionDocument,
  DecisionRecord,
  ReviewDocument,
} from '@wiry-otter/contracts';
import {
  type Decision,
  decide,
  decideByGates,
  isSchoolOffered,
  ladderChangeWords,
  needsClearance,
  solveSetup,
} from '@wiry-otter/core';
import { In, IsNull, LessThanOrEqual } from 'typeorm';
import { SessionEntity, type SessionRow } from './entities.js';
import { PrescriptionEntity, type PrescriptionRow } from '../prescriptions/entities.js';
import type { PersonRow } from '../people/entities.js';
import { type LadderOfToday, ladderOfToday } from '../ladders/ladder-of-today.js';
import { ladderFor } from '../ladders/ladder-store.js';
import { safeRungs } from '../ladders/safe-rungs.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { refuse, refuseDocument } from '../../platform/problems/refusal.js';
import type { Solver } from '../../platform/solving/solver.js';
import { readSetup, setupsOf } from '../setups/setup-store.js';
import { standingSets } from './session-records.js';

/** Sessions looked back upon; the rules weigh two, the record shows a few more. */
const SESSIONS_REVIEWED = 6;
/** Among so many they are looked for. */
const SESSIONS_LOOKED_THROUGH = 40;

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
  scoped: ScopedManager,
  solver: Solver,
  session: SessionRow,
  person: PersonRow,
): Promise<SessionReview> {
  const reviewed = await ladderOf(scoped, solver, session);
  const ladder = reviewed.rungs;
  const rungOf = new Map(ladder.map(({ setupId }, rung) => [setupId, rung]));
  const prescription = await scoped.findOwn(PrescriptionEntity, {
    id: session.prescriptionId,
  });
  const rungs = prescription.setupIds.map((id) => rungOf.get(id) ?? refuse('not-found'));
  const { sets, work, rest_s, target } = prescription;
  const school = prescription.school as ReviewDocument['school'];
  const unhelped = TO_NONE.includes(school) ? reviewed.unhelped : [];
  const review: ReviewDocument = {
    format: 'wiry-otter.review',
    version: 1,
    school,
    prescription: { sets, ...askedBy(work, school), rest_s, rungs, target },
    ladder: [...ladder, ...unhelped].map(({ title, load }) => ({ id: title, load })),
    sessions: await doneSessions(scoped, session, prescription, rungOf),
    limits: { pain: person.painLimit },
    ...(needsClearance(person) && person.clearance !== null
      ? { clearance: { until: person.clearance.until } }
      : {}),
  };
  // Schools that are not offered yet pass the gates only, and go on unchanged.
  const decided = isSchoolOffered(school) ? decide(review) : decideByGates(review);
  if (!decided.ok) return refuseDocument(decided.faults);
  const {
    code,
    rungs: nextRungs,
    target: next,
    reasons,
  } = withinLadder(decided.value, ladder.length, { rungs, target });
  return {
    ladder,
    review,
    decision: {
      format: 'wiry-otter.decision',
      version: 1,
      code,
      rungs: [...nextRungs],
      target: [...next],
      reasons: [
        ...reasons,
        ...gapReasons(reviewed, Math.max(...rungs), Math.max(...nextRungs)),
        ...changeReasons(reviewed),
        sourceReason(reviewed),
      ],
    },
  };
}

/** Schools that end without help: the bare exercise is their last rung. */
const TO_NONE: readonly ReviewDocument['school'][] = ['taper', 'hold'];

/** A step beyond the ladder, to the bare exercise that it lacks, is not taken: it is to be added first. */
function withinLadder(
  decision: Decision,
  length: number,
  present: Pick<Decision, 'rungs' | 'target'>,
): Decision {
  if (decision.rungs.every((rung) => rung < length)) return decision;
  const reason: Reason = {
    rule: 'ladder.end',
    text: 'The ladder has no rung without help. Make it anew down to no help: then the next set goes without.',
    figures: { rungs: length },
  };
  return { ...present, code: 'repeat', reasons: [...decision.reasons, reason] };
}

/** What a prescription asks of every set, as the rules are told it. */
function askedBy(
  work: PrescriptionRow['work'],
  school: ReviewDocument['school'],
): Pick<ReviewDocument['prescription'], 'reps' | 'hold_s'> {
  switch (work.kind) {
    case 'reps':
      // Each set of a taper has a range of its own.
      return school === 'taper' ? {} : { reps: { from: work.from, to: work.to } };
    case 'hold':
      return { hold_s: work.from_s };
    case 'lowering':
      return { hold_s: work.hold_s, reps: { from: work.reps, to: work.reps } };
  }
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
  /** The bare exercise, where it is done with the body's own weight and is no rung yet. */
  readonly unhelped: readonly { readonly title: string; readonly load: number }[];
}

/**
 * The ladder that was kept for the place, without what a caution refuses; else the person's ready
 * set-ups of the exercise by mean demand. The set-up just used is always among them.
 */
async function ladderOf(
  scoped: ScopedManager,
  solver: Solver,
  session: SessionRow,
): Promise<ReviewedLadder> {
  const { exerciseId, personId } = session;
  const standing = await setupsOf(scoped, personId, exerciseId);
  const usedIds = session.setups.map(({ id }) => id);
  // One that was put away while the session was open is still what it was done with.
  const putAway = usedIds.filter((id) => standing.every((setup) => setup.id !== id));
  const setups = [...standing];
  for (const id of putAway) setups.push(await readSetup(scoped, id));
  const used = setups.find(({ id }) => usedIds.includes(id));
  const stored = used && (await ladderFor(scoped, { personId, exerciseId, placeId: used.placeId }));
  const today = stored && (await ladderOfToday(scoped, solver, stored));
  const kept = today?.ladder;
  const saved = setups
    .filter(({ id, ready }) => usedIds.includes(id) || (kept === undefined && ready))
    .map(({ id, title, figures }) => ({ setupId: id, title, load: figures.mean }));
  const found = safeRungs(kept?.rungs ?? []).map(({ load, setupId, title }) => ({
    setupId,
    title,
    load,
  }));
  const others = saved.filter(({ setupId }) => !found.some((rung) => rung.setupId === setupId));
  const rungs = [...found, ...others].sort((a, b) => a.load - b.load);
  const documents = new Map([
    ...setups.map(({ document, id }) => [id, document] as const),
    ...(kept?.rungs ?? []).map(({ document, setupId }) => [setupId, document] as const),
  ]);
  const isBare = documents.get(rungs.at(-1)?.setupId ?? '')?.runs.length === 0;
  return { today, rungs, unhelped: used === undefined || isBare ? [] : withoutHelp(used.document) };
}

/** A set-up without its bands, where the body's own weight is what is asked. */
function withoutHelp(document: CompleteSetupDocument): ReviewedLadder['unhelped'] {
  if (!document.exercise.bodyweight) return [];
  const solved = solveSetup({ ...document, runs: [], bands: [], links: {} });
  return solved.ok ? [{ title: 'without help', load: solved.value.summary.mean }] : [];
}

/** The last sessions of the prescription's track that were done on rungs of the ladder. */
async function doneSessions(
  scoped: ScopedManager,
  session: SessionRow,
  { exerciseId, personId, track }: PrescriptionRow,
  rungOf: ReadonlyMap<string, number>,
): Promise<ReviewDocument['sessions']> {
  const rows = await scoped.find(
    SessionEntity,
    {
      personId,
      exerciseId,
      startedAt: LessThanOrEqual(session.startedAt),
      discardedAt: IsNull(),
    },
    { order: { startedAt: 'DESC' }, take: SESSIONS_LOOKED_THROUGH },
  );
  const prescriptions = await scoped.find(PrescriptionEntity, {
    id: In(rows.map(({ prescriptionId }) => prescriptionId)),
  });
  const ofTrack = rows.flatMap((row) => {
    const prescription = prescriptions.find(({ id }) => id === row.prescriptionId);
    const isOnLadder = row.setups.every(({ id }) => rungOf.has(id));
    const isDone = row.id === session.id || row.finishedAt !== null;
    return prescription?.track === track && isOnLadder && isDone ? [{ row, prescription }] : [];
  });
  const done = ofTrack.slice(0, SESSIONS_REVIEWED).reverse();
  const sets = await standingSets(
    scoped,
    done.map(({ row }) => row.id),
  );
  return done.map(({ prescription, row }) => ({
    date: row.day,
    redFlag: row.id === session.id ? session.redFlag : row.redFlag,
    ...(prescription.work.kind === 'lowering'
      ? { hold_s: Math.max(1, ...prescription.target) }
      : {}),
    sets: (sets.get(row.id) ?? []).map(
      ({ form, hold_s, lowering_s, pain, partial, reps, setupId, spare }) => ({
        rung: rungOf.get(setupId) ?? 0,
        ...(hold_s === null || lowering_s !== null ? { reps, partial } : {}),
        ...(hold_s === null ? {} : { hold_s }),
        ...(lowering_s === null ? {} : { lowering_s }),
        ...(spare === null ? {} : { spare }),
        form,
        pain,
      }),
    ),
  }));
}
