/** Whether the movement was kept to, or broke. */
export const FORMS = ['clean', 'breaking'] as const;
export type Form = (typeof FORMS)[number];

/** What was done in one set. */
export interface DoneSet {
  /** Index of the rung in the ladder. */
  readonly rung: number;
  /** Full repetitions; partial ones count apart. */
  readonly reps?: number | undefined;
  readonly partial?: number | undefined;
  /** Of the poorest repetition, where it is held and then lowered. */
  readonly hold_s?: number | undefined;
  readonly lowering_s?: number | undefined;
  readonly work_s?: number | undefined;
  /** Repetitions in reserve; none where it is not said. */
  readonly spare?: number | undefined;
  /** Clean where it is not said. */
  readonly form?: Form | undefined;
  /** 0 … 10; none where it is not said. */
  readonly pain?: number | undefined;
}

export interface DoneSession {
  /** Day, ISO 8601 (2026-03-02). */
  readonly date: string;
  readonly sets: readonly DoneSet[];
  readonly painNextMorning?: number | undefined;
  readonly redFlag?: boolean | RedFlag | undefined;
  /** The school it was done under; the review's own where it is not given. */
  readonly school?: School | undefined;
}

/** A set-up of known load; index 0 of a ladder is the easiest. */
export interface LadderRung {
  readonly id: string;
  /** N, N·m, or for skills the demand left to the person; rises with difficulty. */
  readonly load: number;
  /**
   * Standard uncertainty of the load, in its unit: 0 for the rung in force, for every other that of its
   * difference from it, so that what shared bands have in common cancels.
   */
  readonly u?: number | undefined;
  readonly band?: string | undefined;
}

export const SCHOOLS = [
  'fill-range',
  'effort',
  'rehab',
  'taper',
  'hold',
  'lowering',
  'all-out',
  'clock',
  'speed',
] as const;
export type School = (typeof SCHOOLS)[number];

/** Signs that end the work at once. */
export const RED_FLAGS = [
  'numbness',
  'dizziness',
  'chestPain',
  'sharpPain',
  'strengthLoss',
  'other',
] as const;
export type RedFlag = (typeof RED_FLAGS)[number];

export interface RepRange {
  readonly from: number;
  readonly to: number;
}

export interface Prescription {
  readonly sets: number;
  readonly reps?: RepRange | undefined;
  readonly hold_s?: number | undefined;
  readonly work_s?: number | undefined;
  readonly tempo?: string | undefined;
  readonly rest_s: number;
  /** The day from which the present pace of a slow lowering holds. */
  readonly since?: string | undefined;
  /** Rung that ends the stage of a rehab. */
  readonly exit?: number | undefined;
  /** Ladder index per set, or one for all. */
  readonly rungs: readonly number[];
  /** Per set. */
  readonly target?: readonly number[] | undefined;
}

/** A stop on record for this person and this work, however long ago. */
export interface StopOnRecord {
  readonly date: string;
  readonly lifted?: string | undefined;
}

export interface Review {
  readonly school: School;
  readonly prescription: Prescription;
  readonly ladder: readonly LadderRung[];
  /** Oldest first; the last one was just done. */
  readonly sessions: readonly DoneSession[];
  readonly limits: {
    readonly pain?: number | undefined;
    /** Days without a session after which it counts as a break. */
    readonly breakDays?: number | undefined;
  };
  readonly clearance?: { readonly until: string } | undefined;
  readonly stops?: readonly StopOnRecord[] | undefined;
  /** The day of the next session, where it is asked before one. */
  readonly today?: string | undefined;
}

export const DECISION_CODES = [
  'stop',
  'lighter',
  'repeat',
  'more',
  'heavier',
  'next-level',
  'graduate',
] as const;
export type DecisionCode = (typeof DECISION_CODES)[number];

/** A rule that was weighed, in words and with its figures. */
export interface Reason {
  readonly rule: string;
  readonly text: string;
  readonly figures: Readonly<Record<string, number | string>>;
}

export interface Decision {
  readonly code: DecisionCode;
  /** As many as the prescription gave; one for each set where they differ. */
  readonly rungs: readonly number[];
  /** Repetitions (or seconds) per set. */
  readonly target: readonly number[];
  readonly reasons: readonly Reason[];
}

/** Pain above which work gets lighter where nothing else is on file (0 … 10). */
export const DEFAULT_PAIN_LIMIT = 3;

/** After so many days without a session a break begins, unless the studio says otherwise. */
export const DEFAULT_BREAK_DAYS = 14;
