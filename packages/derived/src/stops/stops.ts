import type {
  SessionRecord,
  SetRecord,
  StopInput,
  StopRecord,
  TrainedPerson,
} from '@wiry-otter/contracts';
import {
  isInScope,
  isLiftedByTrainer,
  isStopPain,
  type MuscleGroup,
  scopeOfStop,
  type StopCause,
  type StoppableWork,
  writeDay,
} from '@wiry-otter/core';
import { derivedId } from '../ids.js';
import type { SessionReview } from '../sessions/review-session.js';

/** Who raises a stop, and on which of the studio's days. */
export interface StopFacts {
  readonly by: string;
  /** The studio's day of the moment. */
  readonly day: string;
  /** The session it is of; undefined where it is of none. */
  readonly session: Pick<SessionRecord, 'id' | 'day'> | undefined;
  /** What was done; undefined where that is not known. */
  readonly work: StoppableWork | undefined;
}

/** A stop as it is raised, with what it takes out of force. */
export function raisedStop(id: string, input: StopInput, facts: StopFacts): StopRecord {
  const { by, day, session, work } = facts;
  return {
    ...input,
    id,
    version: 1,
    day: session?.day ?? day,
    scope: scopeOf(input.cause, work?.groups ?? []),
    raisedBy: by,
    lifted: null,
    takenBack: null,
    wantsLook: false,
  };
}

function scopeOf(cause: StopCause, groups: readonly MuscleGroup[]): StopRecord['scope'] {
  const { all, groups: stopped } = scopeOfStop(cause, groups);
  return { all, groups: [...stopped] };
}

/** A session that something stops. */
export interface StoppedSession extends Pick<SessionRecord, 'id' | 'day' | 'personId'> {
  readonly exerciseId: string;
}

/** The stop of a set that hurt 6 or more, written with the set; undefined where it did not. */
export function stopOfSet(
  session: StoppedSession,
  set: Pick<SetRecord, 'id' | 'pain' | 'performedAt'>,
  facts: Pick<StopFacts, 'by' | 'work'>,
): StopRecord | undefined {
  if (!isStopPain(set.pain)) return undefined;
  return ofSession(session, derivedId('stop', set.id), facts, {
    ...{ at: set.performedAt, cause: 'pain', said: `Pain of ${set.pain} in 10 in a set.` },
  });
}

/** The stop of a next morning that hurt 6 or more; undefined where it did not. */
export function stopOfNextMorning(
  session: StoppedSession,
  pain: number | null,
  at: string,
  facts: Pick<StopFacts, 'by' | 'work'>,
): StopRecord | undefined {
  if (pain === null || !isStopPain(pain)) return undefined;
  return ofSession(session, derivedId('stop', session.id, 'next-morning'), facts, {
    ...{ at, cause: 'pain', said: `Pain of ${pain} in 10 the next morning.` },
  });
}

/** The stop of a session that an older device says was flagged, and not with what. */
export function stopOfUnknownFlag(
  session: StoppedSession,
  at: string,
  facts: Pick<StopFacts, 'by' | 'work'>,
): StopRecord {
  const id = derivedId('stop', session.id, 'flag');
  return ofSession(session, id, facts, { at, cause: 'other', said: '' });
}

/** The stop that a review itself came to: pain that not even the easiest rung spares. */
export function stopOfReview(
  session: StoppedSession,
  { decision }: Pick<SessionReview, 'decision'>,
  at: string,
  facts: Pick<StopFacts, 'by' | 'work'>,
): StopRecord | undefined {
  const own = decision.reasons.find(({ figures }) => figures['cause'] === 'painOnEasiest');
  if (own === undefined || decision.code !== 'stop') return undefined;
  const id = derivedId('stop', session.id, 'easiest');
  return ofSession(session, id, facts, { at, cause: 'painOnEasiest', said: own.text });
}

function ofSession(
  session: StoppedSession,
  id: string,
  facts: Pick<StopFacts, 'by' | 'work'>,
  told: Pick<StopInput, 'at' | 'cause' | 'said'>,
): StopRecord {
  const { exerciseId, personId } = session;
  const input = { ...told, personId, sessionId: session.id, exerciseId };
  return raisedStop(id, input, { ...facts, session, day: session.day });
}

/** Whether a stop is in force: neither lifted nor taken back. */
export function isStanding({
  lifted,
  takenBack,
}: Pick<StopRecord, 'lifted' | 'takenBack'>): boolean {
  return lifted === null && takenBack === null;
}

/** The stops in force of a person that have some work in their scope, the latest first. */
export function stopsOn(
  stops: readonly StopRecord[],
  personId: string,
  work: StoppableWork,
): StopRecord[] {
  return stops
    .filter((stop) => stop.personId === personId && isStanding(stop) && isInScope(stop, work))
    .sort((a, b) => b.at.localeCompare(a.at));
}

/** Whether the trainer's own "go on" lifts it; else a clearance made after it alone does. */
export function mayBeLifted({ cause, said }: Pick<StopRecord, 'cause' | 'said'>): boolean {
  return isLiftedByTrainer(cause, said);
}

/** What is written about a stop after it was raised. */
type Changing = Pick<StopRecord, 'version' | 'lifted' | 'takenBack' | 'wantsLook'>;

/** "Go on", by a trainer with a reason. */
export function liftedByTrainer<Stop extends Changing>(
  stop: Stop,
  by: string,
  on: string,
  why: string,
): Stop {
  return { ...stop, version: stop.version + 1, lifted: { on, by: 'trainer', name: by, why } };
}

/** Ticked by mistake: it leaves the reviews, and why stays. */
export function takenBackBy<Stop extends Changing>(
  stop: Stop,
  by: string,
  at: string,
  why: string,
): Stop {
  return { ...stop, version: stop.version + 1, takenBack: { at, by, why } };
}

/** Somebody has looked at it. */
export function lookedAt<Stop extends Changing>(stop: Stop): Stop {
  return { ...stop, version: stop.version + 1, wantsLook: false };
}

/**
 * The stops that a clearance lifts: given on their day or later, and written down after them. One that
 * was on file before lifts nothing when the person is written again.
 */
export function liftedByClearance(
  stops: readonly StopRecord[],
  before: Pick<TrainedPerson, 'clearance'> | undefined,
  person: Pick<TrainedPerson, 'clearance'>,
  today: string,
): StopRecord[] {
  const { clearance } = person;
  if (clearance?.on === undefined || clearance.until < today || clearance.on > today) return [];
  const known = before?.clearance ?? null;
  const isKnown = known !== null && CLEARANCE_KEYS.every((key) => known[key] === clearance[key]);
  if (isKnown) return [];
  const { by, on } = clearance;
  return stops
    .filter((stop) => isStanding(stop) && stop.day <= on)
    .map((stop) => ({
      ...stop,
      version: stop.version + 1,
      lifted: { on, by: 'clearance', name: by, why: `Cleared on ${writeDay(on)}.` },
    }));
}

/** What tells one clearance from another. */
const CLEARANCE_KEYS = ['by', 'on', 'until'] as const;
