import type { Prescription } from './review.js';

/** Repetitions of the range where a prescription names none: 8 … 15. */
export const DEFAULT_RANGE = { from: 8, to: 15 } as const;

/** The range of repetitions in force. */
export function repRange(prescription: Prescription): { from: number; to: number } {
  return prescription.reps ?? DEFAULT_RANGE;
}

/** What every set begins at on a fresh rung: the foot of the range, or the hold. */
export function freshTargets(prescription: Prescription): number[] {
  const value = prescription.hold_s ?? repRange(prescription).from;
  return Array<number>(prescription.sets).fill(value);
}

/** What was asked of every set: the targets given, else what a fresh rung asks. */
export function presentTargets(prescription: Prescription): number[] {
  return freshTargets(prescription).map((fresh, i) => prescription.target?.[i] ?? fresh);
}

/** The rung of each entry moved, held within the ladder. */
export function movedRungs(rungs: readonly number[], by: number, ladderLength: number): number[] {
  return rungs.map((rung) => Math.min(ladderLength - 1, Math.max(0, rung + by)));
}
