import type {
  CompleteSetupDocument,
  DecisionDocument,
  DecisionRecord,
  LadderRecord,
  PrescriptionRecord,
  ReviewDocument,
  SessionRecord,
  SetupRecord,
  TrainedPerson,
} from '@wiry-otter/contracts';
import {
  type Decision,
  decide,
  decideByGates,
  isSchoolOffered,
  type LadderChange,
  ladderChangeWords,
  MODEL,
  needsClearance,
  solveSetup,
} from '@wiry-otter/core';
import { type Derivation, derived, refused, refusedDocument } from '../derivation.js';
import { safeRungs } from '../ladders/safe-rungs.js';

/** Sessions looked back upon; the rules weigh two, the record shows a few more. */
const SESSIONS_REVIEWED = 6;
/** Among so many, the latest ones, they are looked for. */
export const SESSIONS_LOOKED_THROUGH = 40;

/** Steps this near to the ladder's own are no gap. */
const SAME_STEP = 0.005;

type Reason = DecisionDocument['reasons'][number];

/** A kept ladder as it stands when the session ends. */
export interface ClimbedLadder {
  readonly ladder: LadderRecord;
  /** What has changed since it was kept. */
  readonly changes: readonly LadderChange[];
  /** It was made anew for that; else it is climbed as it was kept. */
  readonly isRemade: boolean;
}

/** What a session is reviewed by. */
export interface ReviewFacts {
  /** As it was finished. */
  readonly session: SessionRecord;
  readonly person: TrainedPerson;
  /** Days after which the studio calls it a break. */
  readonly breakDays: number;
  /** Of the person and exercise: those that stand, and those the session was done with. */
  readonly setups: readonly SetupRecord[];
  /** Of the person, exercise and place; undefined where none is kept. */
  readonly climbed: ClimbedLadder | undefined;
  /** Of the person and exercise, not given up, begun no later than this one, the latest first. */
  readonly sessions: readonly SessionRecord[];
}

export interface SessionReview {
  readonly model: number;
  readonly ladder: DecisionRecord['ladder'];
  readonly review: ReviewDocument;
  readonly decision: DecisionDocument;
}

/**
 * What comes next for a person and exercise after a session: the ladder, the last sessions as
 * evidence, the core's rules.
 */
export function reviewSession(facts: ReviewFacts): Derivation<SessionReview> {
  const { person, session } = facts;
  const { prescription } = session;
  const reviewed = rungsReviewed(facts);
  const ladder = reviewed.rungs;
  const rungOf = new Map(ladder.map(({ setupId }, rung) => [setupId, rung]));
  const rungs = prescription.setupIds.flatMap((id) => rungOf.get(id) ?? []);
  if (rungs.length < prescription.setupIds.length) return refused('not-found');
  const { school, sets, work, rest_s, target } = prescription;
  const unhelped = TO_NONE.includes(school) ? reviewed.unhelped : [];
  const review: ReviewDocument = {
    format: 'wiry-otter.review',
    version: 1,
    school,
    prescription: { sets, ...askedBy(work, school), rest_s, rungs, target },
    ladder: [...ladder, ...unhelped].map(({ title, load }) => ({ id: title, load })),
    sessions: doneSessions(facts, rungOf),
    limits: { pain: person.painLimit, breakDays: facts.breakDays },
    ...(needsClearance(person) && person.clearance !== null
      ? { clearance: { until: person.clearance.until } }
      : {}),
  };
  // Schools that are not offered yet pass the gates only, and go on unchanged.
  const decided = isSchoolOffered(school) ? decide(review) : decideByGates(review);
  if (!decided.ok) return refusedDocument(decided.faults);
  const next = withinLadder(decided.value, ladder.length, { rungs, target });
  return derived({
    model: MODEL,
    ladder,
    review,
    decision: {
      format: 'wiry-otter.decision',
      version: 1,
      code: next.code,
      rungs: [...next.rungs],
      target: [...next.target],
      reasons: [
        ...next.reasons,
        ...gapReasons(reviewed, Math.max(...rungs), Math.max(...next.rungs)),
        ...changeReasons(reviewed),
        sourceReason(reviewed),
      ],
    },
  });
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
  work: PrescriptionRecord['work'],
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
function sourceReason({ climbed, rungs }: ReviewedRungs): Reason {
  const { length } = rungs;
  return {
    rule: 'ladder.source',
    text:
      climbed === undefined
        ? `The ladder is this person's ${length === 1 ? 'one saved set-up' : `${length} saved set-ups`} of the exercise, ordered by mean demand.`
        : climbed.ladder.source === 'hand'
          ? `The ladder was made by hand of set-ups saved here: ${length} rungs.`
          : `The ladder is the one that was found for this place: ${length} rungs.`,
    figures: { rungs: length },
  };
}

/** Whether the way to the next rung leads over a gap, how wide it is and what would close it. */
function gapReasons({ climbed, rungs }: ReviewedRungs, from: number, to: number): Reason[] {
  const [below, above] = [rungs[from]?.load, rungs[to]?.load];
  if (climbed === undefined || below === undefined || above === undefined || to <= from) return [];
  const share = above / below - 1;
  if (share <= climbed.ladder.target.step + SAME_STEP) return [];
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
function changeReasons({ climbed, rungs }: ReviewedRungs): Reason[] {
  if (climbed === undefined || climbed.changes.length === 0) return [];
  const { changes, isRemade, ladder } = climbed;
  const why = ladderChangeWords(changes);
  const moved =
    ladder.moved === null || !isRemade
      ? ''
      : ` The prescription moved from ${ladder.moved.from} to ${ladder.moved.to}.`;
  return [
    {
      rule: 'ladder.anew',
      text: isRemade
        ? `The ladder was made anew: ${why}.${moved}`
        : `The ladder is as it was kept, though since then: ${why}. Make it anew at the set-ups.`,
      figures: { rungs: rungs.length, changes: changes.length },
    },
  ];
}

/** The rungs that are weighed, easiest first, and the ladder they are of where one was kept. */
interface ReviewedRungs {
  readonly rungs: DecisionRecord['ladder'];
  readonly climbed: ClimbedLadder | undefined;
  /** The bare exercise, where it is done with the body's own weight and is no rung yet. */
  readonly unhelped: readonly { readonly title: string; readonly load: number }[];
}

/** The set-up of a session that says where it was done: its ladder is that place's. */
export function setupOfSession(
  { setups: used }: Pick<SessionRecord, 'setups'>,
  setups: readonly SetupRecord[],
): SetupRecord | undefined {
  return setups.find(({ id }) => used.some((one) => one.id === id));
}

/**
 * The ladder that was kept for the place, without what a caution refuses; else the person's ready
 * set-ups of the exercise by mean demand. The set-up just used is always among them.
 */
function rungsReviewed({ climbed, session, setups }: ReviewFacts): ReviewedRungs {
  const usedIds = session.setups.map(({ id }) => id);
  const used = setupOfSession(session, setups);
  const kept = climbed?.ladder;
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
  return {
    climbed,
    rungs,
    unhelped: used === undefined || isBare ? [] : withoutHelp(used.document),
  };
}

/** A set-up without its bands, where the body's own weight is what is asked. */
function withoutHelp(document: CompleteSetupDocument): ReviewedRungs['unhelped'] {
  if (!document.exercise.bodyweight) return [];
  const solved = solveSetup({ ...document, runs: [], bands: [], links: {} });
  return solved.ok ? [{ title: 'without help', load: solved.value.summary.mean }] : [];
}

/** The last sessions of the prescription's track that were done on rungs of the ladder. */
function doneSessions(
  { session, sessions }: ReviewFacts,
  rungOf: ReadonlyMap<string, number>,
): ReviewDocument['sessions'] {
  const { track } = session.prescription;
  const isSame = ({ id }: SessionRecord): boolean => id === session.id;
  return sessions
    .slice(0, SESSIONS_LOOKED_THROUGH)
    .map((one) => (isSame(one) ? session : one))
    .filter(
      (one) =>
        one.prescription.track === track &&
        one.setups.every(({ id }) => rungOf.has(id)) &&
        (isSame(one) || one.finishedAt !== null),
    )
    .slice(0, SESSIONS_REVIEWED)
    .reverse()
    .map(({ day, prescription, redFlag, sets }) => ({
      date: day,
      redFlag,
      ...(prescription.work.kind === 'lowering'
        ? { hold_s: Math.max(1, ...prescription.target) }
        : {}),
      sets: sets.map(({ form, hold_s, lowering_s, pain, partial, reps, setupId, spare }) => ({
        rung: rungOf.get(setupId) ?? 0,
        ...(hold_s === null || lowering_s !== null ? { reps, partial } : {}),
        ...(hold_s === null ? {} : { hold_s }),
        ...(lowering_s === null ? {} : { lowering_s }),
        ...(spare === null ? {} : { spare }),
        form,
        pain,
      })),
    }));
}
