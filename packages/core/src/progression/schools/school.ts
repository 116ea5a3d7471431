import type { Fault } from '../../faults.js';
import type { DoneSet, Prescription, RepRange, Review } from '../review.js';
import type { Situation } from '../situation.js';
import type { Verdict } from '../verdict.js';

/** What a set tells: a school names those it cannot do without. */
export type Measure = 'reps' | 'hold_s' | 'lowering_s';

/** A way of progressing: from what was done to what comes next. */
export interface SchoolRules {
  /** What every set done under it has to tell. */
  readonly measures: readonly Measure[];
  /** What it needs of the prescription. */
  readonly check?: (prescription: Prescription) => readonly Fault[];
  /** What every set begins at on another rung, per set. */
  readonly foot: (review: Review) => readonly number[];
  /** What is asked where the prescription has no targets; the foot where this is not given. */
  readonly asked?: (review: Review) => number;
  /** Whether a set came to the foot of its range; asked after a break. */
  readonly reachesFoot: (set: DoneSet, place: number, situation: Situation) => boolean;
  /** What comes next where no gate closes. */
  readonly decide: (situation: Situation) => Verdict;
}

/** The same foot for every set. */
export function everySet({ prescription: { sets } }: Review, value: number): number[] {
  return Array<number>(sets).fill(value);
}

/** Repetitions of a set; one that does not tell them is refused before. */
export function repsOf({ reps }: DoneSet): number {
  return reps ?? 0;
}

/** Repetitions that could have been done: with those in reserve. */
export function repsToFailure({ reps = 0, spare = 0 }: DoneSet): number {
  return reps + spare;
}

/** A school whose sets begin at the lower end of a range of repetitions. */
export function byRange(usual: RepRange): Pick<SchoolRules, 'measures' | 'foot' | 'reachesFoot'> & {
  readonly rangeOf: (prescription: Prescription) => RepRange;
} {
  const rangeOf = ({ reps = usual }: Prescription): RepRange => reps;
  return {
    measures: ['reps'],
    rangeOf,
    foot: (review) => everySet(review, rangeOf(review.prescription).from),
    reachesFoot: (set, _place, { review }) => repsOf(set) >= rangeOf(review.prescription).from,
  };
}

/** A prescription that lacks a time the school goes by. */
export function needsTime(key: 'hold_s' | 'work_s') {
  return (prescription: Prescription): readonly Fault[] =>
    prescription[key] === undefined
      ? [
          {
            code: 'form',
            path: `$.prescription.${key}`,
            found: 'nothing',
            expected: 'seconds: the school goes by time',
          },
        ]
      : [];
}
