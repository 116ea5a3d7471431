import type { SchoolRules } from './schools/school.js';
import {
  DEFAULT_BREAK_DAYS,
  DEFAULT_PAIN_LIMIT,
  type DoneSession,
  type DoneSet,
  type Review,
} from './review.js';

/** A review laid out set by set, as gates and schools weigh it. */
export interface Situation {
  readonly review: Review;
  readonly school: SchoolRules;
  /** The session just done, and the one before it. */
  readonly last: DoneSession;
  readonly before: DoneSession | undefined;
  /** Sets of the last session that were prescribed; those beyond count for pain and form alone. */
  readonly done: readonly DoneSet[];
  /** How many of those prescribed were not done. */
  readonly missing: number;
  /** Rung of every set prescribed. */
  readonly rungs: readonly number[];
  /** What every set asks now. */
  readonly targets: readonly number[];
  /** What every set begins at on another rung. */
  readonly foot: readonly number[];
  readonly painLimit: number;
  readonly breakDays: number;
}

/** Lays out a review that was checked: it has at least one session. */
export function situationOf(review: Review, school: SchoolRules): Situation {
  const { limits, prescription, sessions } = review;
  const last = sessions.at(-1);
  if (last === undefined) throw new Error('a review without a session is refused before');
  const done = last.sets.slice(0, prescription.sets);
  const given = prescription.target;
  const foot = school.foot(review);
  const asked = school.asked?.(review);
  return {
    review,
    school,
    last,
    before: sessions.at(-2),
    done,
    missing: prescription.sets - done.length,
    rungs: rungOfEach(review),
    targets: foot.map((value, set) => given?.[set] ?? asked ?? value),
    foot,
    painLimit: limits.pain ?? DEFAULT_PAIN_LIMIT,
    breakDays: limits.breakDays ?? DEFAULT_BREAK_DAYS,
  };
}

function rungOfEach({ prescription: { rungs, sets } }: Review): number[] {
  return rungs.length === sets ? [...rungs] : Array<number>(sets).fill(rungs[0] ?? 0);
}

/** The greatest pain of the session's sets and of the morning after. */
export function worstPain(session: DoneSession): number {
  return Math.max(session.painNextMorning ?? 0, ...session.sets.map(({ pain }) => pain ?? 0));
}

/** Whether a red flag was ticked. */
export function isFlagged({ redFlag }: DoneSession): boolean {
  return redFlag !== undefined && redFlag !== false;
}

/** Sets in which form broke, counted from 1. */
export function breakingSets({ sets }: DoneSession): number[] {
  return sets.flatMap(({ form }, i) => (form === 'breaking' ? [i + 1] : []));
}

/** Whether two sessions were done on the same rungs, set by set, of those that are prescribed. */
export function onSameRungs({ before, done, review }: Situation): boolean {
  if (before === undefined) return false;
  const earlier = before.sets.slice(0, review.prescription.sets);
  const both = Math.min(earlier.length, done.length);
  return both > 0 && done.slice(0, both).every(({ rung }, i) => rung === earlier[i]?.rung);
}
