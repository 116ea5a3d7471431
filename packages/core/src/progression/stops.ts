import type { MuscleGroup } from '../body/muscle-groups.js';
import { RED_FLAGS, type DoneSession, type RedFlag } from './review.js';
import { isFlagged, worstPain } from './situation.js';

/** Pain, 0 … 10, from which on work stops whatever the limit. */
export const STOP_PAIN = 6;

/** Sessions running over the limit of pain on the easiest rung, after which work stops. */
export const PAINFUL_ON_EASIEST = 3;

/** What stops work: a red flag, a pain of 6 or more, or pain that not even the easiest rung spares. */
export const STOP_CAUSES = [...RED_FLAGS, 'pain', 'painOnEasiest'] as const;
export type StopCause = (typeof STOP_CAUSES)[number];

/** Each cause in a trainer's words. */
export const STOP_CAUSE_WORDS: Readonly<Record<StopCause, string>> = {
  numbness: 'numbness',
  dizziness: 'dizziness',
  chestPain: 'chest pain',
  sharpPain: 'sudden sharp pain',
  strengthLoss: 'loss of strength',
  other: 'a red flag',
  pain: `pain of ${STOP_PAIN} or more`,
  painOnEasiest: 'pain over the limit again and again on the easiest rung',
};

/** What a stop takes out of force: all of a person's work, or what loads the same part. */
export type StopReach = 'all' | 'part';

/**
 * How far a stop reaches: after pain (sharp pain too) whatever shares a muscle group or a loaded joint;
 * after any other flag all work. Source: safety rules of the product, gate 1.
 */
export function reachOfStop(cause: StopCause): StopReach {
  return cause === 'pain' || cause === 'sharpPain' || cause === 'painOnEasiest' ? 'part' : 'all';
}

/** What a stop takes out of force. */
export interface StopScope {
  /** All work of the person, else what shares a muscle group with what was done. */
  readonly all: boolean;
  readonly groups: readonly MuscleGroup[];
}

/** Some work of a person: an exercise, and the muscle groups that it trains. */
export interface StoppableWork {
  readonly exerciseId: string;
  readonly groups: readonly MuscleGroup[];
}

/**
 * What a stop takes out of force. After an exercise of which no group is known that is all work: what
 * cannot be told apart is not taken for safe.
 */
export function scopeOfStop(cause: StopCause, groups: readonly MuscleGroup[]): StopScope {
  return reachOfStop(cause) === 'all' || groups.length === 0
    ? { all: true, groups: [] }
    : { all: false, groups: [...groups] };
}

/** Whether a stop has some work in its scope; work of which no group is known is in every scope. */
export function isInScope(
  stop: { readonly scope: StopScope; readonly exerciseId: string | null },
  { exerciseId, groups }: StoppableWork,
): boolean {
  const { all, groups: stopped } = stop.scope;
  return (
    all ||
    stop.exerciseId === exerciseId ||
    groups.length === 0 ||
    groups.some((group) => stopped.includes(group))
  );
}

/** Causes that nobody but a clinician lifts. */
const CLINICIANS_ALONE: readonly StopCause[] = ['chestPain', 'strengthLoss'];

/**
 * Whether a trainer's own "go on", with a reason, lifts a stop; else only a clearance made after it does.
 *
 * @param said what was said of it: a flag of which nobody knows what it was needs the clinician
 */
export function isLiftedByTrainer(cause: StopCause, said: string): boolean {
  return !CLINICIANS_ALONE.includes(cause) && (cause !== 'other' || said.trim() !== '');
}

/** Whether pain stops the work. */
export function isStopPain(pain: number): boolean {
  return pain >= STOP_PAIN;
}

/** What in a session stops the work by itself; undefined where nothing does. */
export function causeIn(session: DoneSession): StopCause | undefined {
  if (isFlagged(session)) return flagOf(session);
  return isStopPain(worstPain(session)) ? 'pain' : undefined;
}

function flagOf({ redFlag }: DoneSession): RedFlag {
  return typeof redFlag === 'string' ? redFlag : 'other';
}
