import { writeDay } from '../../units/units.js';
import { daysBetween } from '../day.js';
import type { DoneSession, Review } from '../review.js';
import { type Situation, worstPain } from '../situation.js';
import {
  causeIn,
  type StopCause,
  PAINFUL_ON_EASIEST,
  STOP_CAUSE_WORDS,
  STOP_PAIN,
} from '../stops.js';
import { asItStands, lighter } from '../verdict.js';
import { type Gate, type GateAnswer, passed } from './gate.js';

/** The session just done stops the work: a red flag, pain, or pain that the easiest rung does not spare. */
export const ownStop: Gate = (situation) => {
  const { last, review } = situation;
  const why = ownCause(situation);
  if (why === undefined) return passed('gate.red-flag', 'No red flag.');
  const reason = {
    rule: 'gate.red-flag',
    figures: { cause: why.cause, pain: worstPain(last), stop: STOP_PAIN },
  };
  if (isLifted(review, last.date)) {
    const text = `${why.text} The stop was lifted: one rung lighter.`;
    const lifted = { ...reason, text };
    return [{ reason: lifted, verdict: lighter(situation, 1, [lifted]) }];
  }
  const stops = { ...reason, text: `${why.text} No further work: refer to the clinician.` };
  return [{ reason: stops, verdict: asItStands(situation, 'stop', stops) }];
};

/** What the last session did that stops the work, and in words. */
function ownCause({
  last,
  painLimit,
  review,
}: Situation): { readonly cause: StopCause; readonly text: string } | undefined {
  const cause = causeIn(last);
  if (cause === 'pain') {
    const text = `Pain of ${worstPain(last)} in 10, and work stops from ${STOP_PAIN} on.`;
    return { cause, text };
  }
  if (cause !== undefined) {
    const words = cause === 'other' ? '' : ` (${STOP_CAUSE_WORDS[cause]})`;
    return { cause, text: `A red flag was ticked${words}.` };
  }
  const running = review.sessions.slice(-PAINFUL_ON_EASIEST);
  const hurtsOnEasiest = (session: DoneSession): boolean =>
    worstPain(session) > painLimit &&
    session.sets.length > 0 &&
    session.sets.every(({ rung }) => rung === 0);
  if (running.length < PAINFUL_ON_EASIEST || !running.every(hurtsOnEasiest)) return undefined;
  const text = `Pain over the limit of ${painLimit} in ${PAINFUL_ON_EASIEST} sessions running on the easiest rung.`;
  return { cause: 'painOnEasiest', text };
}

/** A clearance that is needed has run out. */
export const clearance: Gate = (situation) => {
  const { last, review } = situation;
  const until = review.clearance?.until;
  if (until === undefined) return [];
  const date = review.today ?? last.date;
  const figures = { until, date };
  if (daysBetween(date, until) >= 0) {
    return passed('gate.clearance', `Cleared by the clinician until ${writeDay(until)}.`, figures);
  }
  const text = `The clearance ran out on ${writeDay(until)}. No further work until the clinician renews it.`;
  const reason = { rule: 'gate.clearance', text, figures };
  return [{ reason, verdict: asItStands(situation, 'stop', reason) }];
};

/** A stop holds, however good later sessions were, until it is lifted. */
export const stopHolds: Gate = (situation) => {
  const { last, review } = situation;
  const earlier = review.sessions.slice(0, -1).flatMap((session) => {
    const cause = causeIn(session);
    if (cause === undefined || isLifted(review, session.date)) return [];
    return [{ date: session.date, words: STOP_CAUSE_WORDS[cause] }];
  });
  const onRecord = (review.stops ?? []).flatMap(({ date, lifted }) =>
    lifted === undefined ? [{ date, words: 'on record' }] : [],
  );
  // Of one day the session tells what it was.
  const standing = new Map([...onRecord, ...earlier].map((stop) => [stop.date, stop]));
  // What the last session did itself is said by its own gate.
  if (causeIn(last) !== undefined) standing.delete(last.date);
  return [...standing.values()].map(({ date, words }): GateAnswer => {
    const reason = {
      rule: 'stop-holds',
      text: `The stop of ${writeDay(date)} (${words}) holds until it is lifted. No further work: refer to the clinician.`,
      figures: { date },
    };
    return { reason, verdict: asItStands(situation, 'stop', reason) };
  });
};

/** Whether every stop of a day was lifted, and there was one. */
function isLifted({ stops = [] }: Review, date: string): boolean {
  const ofDay = stops.filter((stop) => stop.date === date);
  return ofDay.length > 0 && ofDay.every(({ lifted }) => lifted !== undefined);
}
