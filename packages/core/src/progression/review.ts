/** Whether the movement was kept to, or broke. */
export const FORMS = ['clean', 'breaking'] as const;
export type Form = (typeof FORMS)[number];

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

/** Pain, 0 … 10, at which work stops whatever the limit. */
export const STOP_PAIN = 6;

/** What was done in one set. */
export interface DoneSet {
  /** Index of the rung in the ladder. */
  readonly rung: number;
  /** Full repetitions; partial ones count apart. */
  readonly reps?: number | undefined;
  readonly partial?: number | undefined;
  readonly hold_s?: number | undefined;
  readonly lowering_s?: number | undefined;
  readonly work_s?: number | undefined;
  /** Repetitions in reserve. */
  readonly spare?: number | undefined;
  readonly form: Form;
  /** 0 … 10. */
  readonly pain: number;
}

export interface DoneSession {
  /** Day, ISO 8601 (2026-03-02). */
  readonly date: string;
  readonly sets: readonly DoneSet[];
  readonly painNextMorning?: number | undefined;
  readonly redFlag?: boolean | RedFlag | undefined;
  /** The school it was done under; the review's own where it is not given. */
  readonly school?: School | undefined;
  /** Seconds that were asked of every set; those of the review where they are not given. */
  readonly hold_s?: number | undefined;
}

/** A set-up of known load; index 0 of a ladder is the easiest. */
export interface LadderRung {
  readonly id: string;
  /** N, N·m, or for skills the demand left to the person; rises with difficulty. */
  readonly load: number;
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

export interface Prescription {
  readonly sets: number;
  readonly reps?: { readonly from: number; readonly to: number } | undefined;
  readonly hold_s?: number | undefined;
  readonly work_s?: number | undefined;
  readonly tempo?: string | undefined;
  readonly rest_s: number;
  /** Ladder index per set, or one for all. */
  readonly rungs: readonly number[];
  /** Per set. */
  readonly target?: readonly number[] | undefined;
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
  readonly rungs: readonly number[];
  /** Repetitions (or seconds) per set. */
  readonly target: readonly number[];
  readonly reasons: readonly Reason[];
}

/** Pain above which work gets lighter where nothing else is on file (0 … 10). */
export const DEFAULT_PAIN_LIMIT = 3;
