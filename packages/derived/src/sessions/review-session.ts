import type {
  BandToday,
  DecisionDocument,
  DecisionRecord,
  PrescriptionRecord,
  ReviewDocument,
  SessionRecord,
  SetupRecord,
  StopRecord,
  TrainedPerson,
} from '@wiry-otter/contracts';
import {
  type Decision,
  decide,
  isInScope,
  ladderChangeWords,
  MODEL,
  needsClearance,
  type School,
} from '@wiry-otter/core';
import { type Derivation, derived, refused, refusedDocument } from '../derivation.js';
import { doneSessions, sameWork, schoolReviewed } from './done-sessions.js';
import { type ClimbedLadder, type ReviewedRungs, rungsReviewed } from './rungs-reviewed.js';

/** Steps this near to the ladder's own are no gap. */
const SAME_STEP = 0.005;

type Reason = DecisionDocument['reasons'][number];

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
  /** The bands of the set-ups and rungs, at least. */
  readonly bands: readonly BandToday[];
  /** All stops of the person. */
  readonly stops: readonly StopRecord[];
  /** Decisions for lighter work after earlier sessions of the track that nobody has settled yet. */
  readonly unread: readonly DecisionRecord[];
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
 *
 * @param today the day of the next session, where it is asked before one
 */
export function reviewSession(facts: ReviewFacts, today?: string): Derivation<SessionReview> {
  const { prescription } = facts.session;
  const school = schoolReviewed(prescription);
  const reviewed = rungsReviewed(facts, TO_NONE.includes(school));
  const rungs = prescription.setupIds.flatMap((id) => reviewed.rungOf.get(id) ?? []);
  if (rungs.length < prescription.setupIds.length) return refused('not-found');
  const { target } = prescription;
  const review: ReviewDocument = {
    format: 'wiry-otter.review',
    version: 1,
    school,
    prescription: {
      ...{ sets: prescription.sets, rest_s: prescription.rest_s, rungs, target },
      ...askedBy(facts, school),
    },
    ladder: [...reviewed.weighed],
    sessions: [...doneSessions(facts, school, reviewed.rungOf)],
    limits: { pain: facts.person.painLimit, breakDays: facts.breakDays },
    ...clearanceOf(facts.person),
    stops: stopsOf(facts),
    ...(today === undefined ? {} : { today }),
  };
  const decided = decide(review);
  if (!decided.ok) return refusedDocument(decided.faults);
  const { length } = reviewed.rungs;
  const onLadder = withinLadder(decided.value, length, { rungs, target });
  const next = notAboveUnread(onLadder, facts, reviewed, { rungs, target });
  return derived({
    model: MODEL,
    ladder: reviewed.rungs,
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
        ...movedReasons(reviewed),
        sourceReason(reviewed),
      ],
    },
  });
}

/** Schools that end without help: the bare exercise is their last rung. */
const TO_NONE: readonly School[] = ['taper', 'hold'];

function clearanceOf(person: TrainedPerson): Pick<ReviewDocument, 'clearance'> {
  return needsClearance(person) && person.clearance !== null
    ? { clearance: { until: person.clearance.until } }
    : {};
}

/** The stops of the person that have this work in their scope, however long ago. */
function stopsOf({
  session,
  sessions,
  setups,
  stops,
}: ReviewFacts): NonNullable<ReviewDocument['stops']> {
  const { exerciseId } = session.prescription;
  const exercise = setups.find((setup) => setup.exerciseId === exerciseId)?.document.exercise;
  const work = { exerciseId, groups: exercise?.groups ?? [] };
  return stops
    .filter((stop) => stop.takenBack === null && isInScope(stop, work))
    .map(({ day, lifted, sessionId }) => ({
      // Of a session that went past midnight it is the session's day.
      date: sessions.find(({ id }) => id === sessionId)?.day ?? day,
      ...(lifted === null ? {} : { lifted: lifted.on }),
    }));
}

/** A step beyond the ladder, to the bare exercise that it lacks, is not taken: it is to be added first. */
function withinLadder(
  decision: Decision,
  length: number,
  present: Pick<Decision, 'rungs' | 'target'>,
): Decision {
  if (decision.rungs.every((rung) => rung < length)) return decision;
  const reason: Reason = {
    rule: 'top-of-ladder',
    text: 'The ladder has no rung without help. Make it anew down to no help: then the next set goes without.',
    figures: { rungs: length },
  };
  return { ...present, code: 'repeat', reasons: [...decision.reasons, reason] };
}

/** Until a `lighter` is settled, later decisions go no higher than its rungs. */
function notAboveUnread(
  decision: Decision,
  { unread }: ReviewFacts,
  { rungs, rungOf }: ReviewedRungs,
  present: Pick<Decision, 'rungs' | 'target'>,
): Decision {
  if (decision.code === 'stop') return decision;
  const caps = unread.flatMap(({ decision: lighter, ladder }) => {
    const loads = lighter.rungs.flatMap((rung) => ladder[rung] ?? []);
    return loads.map(({ load, setupId }) => rungOf.get(setupId) ?? rungAtMost(rungs, load));
  });
  const cap = Math.min(...caps);
  if (decision.rungs.every((rung) => rung <= cap)) return decision;
  const lowered = decision.rungs.map((rung) => Math.min(rung, cap));
  const isEased = lowered.some((rung, i) => rung < (present.rungs[i] ?? present.rungs[0] ?? 0));
  const reason: Reason = {
    rule: 'lighter-holds',
    text: 'An earlier decision for lighter work is not settled yet: nothing goes above its rung until it is.',
    figures: { load: rungs[cap]?.load ?? 0 },
  };
  return {
    code: isEased ? 'lighter' : 'repeat',
    rungs: lowered,
    target: isEased ? (unread[0]?.decision.target ?? decision.target) : present.target,
    reasons: [...decision.reasons, reason],
  };
}

function rungAtMost(rungs: ReviewedRungs['rungs'], load: number): number {
  return Math.max(
    0,
    rungs.findLastIndex((rung) => rung.load <= load),
  );
}

/** What a prescription asks of every set, as the rules are told it. */
function askedBy(
  { session, sessions }: ReviewFacts,
  school: School,
): Pick<ReviewDocument['prescription'], 'reps' | 'hold_s' | 'since'> {
  const { target, work } = session.prescription;
  switch (work.kind) {
    case 'reps':
      // Each set of a taper has a range of its own.
      return school === 'taper' ? {} : { reps: { from: work.from, to: work.to } };
    case 'hold':
      return { hold_s: work.from_s };
    case 'lowering': {
      const pace = paceOf({ target });
      const since = paceSince(sameWork(session, sessions), pace);
      return {
        hold_s: pace,
        reps: { from: Math.min(work.reps, work.bareReps ?? work.reps), to: work.reps },
        since: since ?? session.day,
      };
    }
  }
}

/** Seconds asked of a slow lowering: they are what rises. */
function paceOf({ target }: Pick<PrescriptionRecord, 'target'>): number {
  return Math.max(1, ...target);
}

/** The day of the first of the latest sessions running that were at a pace. */
function paceSince(sessions: readonly SessionRecord[], pace: number): string | undefined {
  const other = sessions.findIndex(({ prescription }) => paceOf(prescription) !== pace);
  return sessions.slice(0, other < 0 ? undefined : other).at(-1)?.day;
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

/** What of the body goes up with the bands, where something does. */
function movedReasons({ moved_N }: ReviewedRungs): Reason[] {
  if (moved_N === 0) return [];
  const newtons = Math.round(moved_N);
  return [
    {
      rule: 'load.moved',
      text: `The body is lifted with the band: its ${newtons} N count in every rung's load.`,
      figures: { moved_N: newtons },
    },
  ];
}

/** Whether the way to the next rung leads over a gap, how wide it is and what would close it. */
function gapReasons({ climbed, weighed }: ReviewedRungs, from: number, to: number): Reason[] {
  const [below, above] = [weighed[from]?.load, weighed[to]?.load];
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
