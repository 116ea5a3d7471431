import { daysBetween } from '../day.js';
import type { DoneSession, DoneSet, Prescription, Reason } from '../review.js';
import type { Situation } from '../situation.js';
import { asItStands, type Verdict } from '../verdict.js';
import { everySet, type SchoolRules } from './school.js';

/** The slowest that is asked for, and the least, s. */
const SLOWEST_S = 8;
const QUICKEST_S = 1;
/** Days that a pace stands before it slows: muscle is sore two days after slow lowerings. */
const PACE_STANDS_DAYS = 6;

/**
 * School `lowering`: held at the top for h seconds, lowered in h.
 *
 * On time (every prescribed set done, with its repetitions, both times kept) → `more`, a second more in
 * every set, up to 8, once the pace has stood for six days; at 8 → `next-level`, the movement itself with
 * help. Not on time → `repeat`; twice running at this pace → `lighter` on the same rung, a second less.
 */
export const lowering: SchoolRules = {
  measures: ['reps', 'hold_s', 'lowering_s'],
  foot: (review) => everySet(review, Math.max(QUICKEST_S, paceOf(review.prescription) - 1)),
  asked: (review) => paceOf(review.prescription),
  reachesFoot: (set, _place, { review }) => isKept(set, review.prescription),
  decide(situation) {
    const { last, review } = situation;
    const pace = paceOf(review.prescription);
    const figures = { asked_s: pace, done: timesOf(last) };
    if (isOnTime(last, review.prescription)) return onTime(situation, pace, figures);
    const since = review.prescription.since;
    const atThisPace = review.sessions.filter(({ date }) => since === undefined || date >= since);
    const isAgain =
      atThisPace.length >= 2 &&
      atThisPace.slice(-2).every((session) => !isOnTime(session, review.prescription));
    const rule = 'lowering.short';
    if (!isAgain) {
      const text = `${pace} s not kept in every set (${figures.done}): the same again.`;
      return at(situation, 'repeat', pace, { rule, text, figures });
    }
    const eased = Math.max(QUICKEST_S, pace - 1);
    const text = `${pace} s not kept in two sessions running (${figures.done}): ${eased} s from now on.`;
    return at(situation, 'lighter', eased, { rule, text, figures });
  },
};

function onTime(situation: Situation, pace: number, figures: Reason['figures']): Verdict {
  const { last, review } = situation;
  const { since } = review.prescription;
  const stood = since === undefined ? PACE_STANDS_DAYS : daysBetween(since, last.date);
  if (stood < PACE_STANDS_DAYS) {
    const text = `Held and lowered in ${pace} s in every set, but this pace is ${stood} days old: it stands for ${PACE_STANDS_DAYS}, for muscle is sore two days after slow lowerings.`;
    return at(situation, 'repeat', pace, {
      ...{ rule: 'lowering.stands', text, figures: { ...figures, days: stood } },
    });
  }
  if (pace >= SLOWEST_S) {
    const text = `Held and lowered in ${pace} s in every set: the movement itself comes next, with help.`;
    return asItStands(situation, 'next-level', { rule: 'lowering.learnt', text, figures });
  }
  const text = `Held and lowered in ${pace} s in every set: ${pace + 1} s from now on.`;
  return at(situation, 'more', pace + 1, { rule: 'lowering.more', text, figures });
}

/** The same rungs, at a pace. */
function at(
  { rungs }: Situation,
  code: 'repeat' | 'lighter' | 'more',
  pace: number,
  why: Reason,
): Verdict {
  return { code, rungs, target: rungs.map(() => pace), reasons: [why] };
}

/** Seconds that every repetition is held and lowered in. */
function paceOf({ hold_s = QUICKEST_S }: Prescription): number {
  return hold_s;
}

function isKept(
  { hold_s = 0, lowering_s = 0, reps = 0 }: DoneSet,
  prescription: Prescription,
): boolean {
  const pace = paceOf(prescription);
  return reps >= (prescription.reps?.from ?? 1) && hold_s >= pace && lowering_s >= pace;
}

function isOnTime(session: DoneSession, prescription: Prescription): boolean {
  const done = session.sets.slice(0, prescription.sets);
  return done.length === prescription.sets && done.every((set) => isKept(set, prescription));
}

/** "3 held 3 s, lowered in 4 s; …" */
function timesOf({ sets }: DoneSession): string {
  return sets
    .map(
      ({ hold_s = 0, lowering_s = 0, reps = 0 }) =>
        `${reps} held ${hold_s} s, lowered in ${lowering_s} s`,
    )
    .join('; ');
}
