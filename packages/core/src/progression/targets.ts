import type { Prescription, Review, School } from './review.js';

/** Repetitions of the range where a prescription names none: 8 … 15. */
export const DEFAULT_RANGE = { from: 8, to: 15 } as const;

/** Repetitions of the three sets of a taper, the one with most help first. */
export const TAPER_RANGES = [
  { from: 10, to: 15 },
  { from: 6, to: 10 },
  { from: 3, to: 5 },
] as const;

/** The shortest that schools by time ask for, s. */
const SHORTEST_S: Partial<Readonly<Record<School, number>>> = { hold: 5, lowering: 1, clock: 20 };

/** The range of repetitions in force. */
export function repRange(prescription: Prescription): { from: number; to: number } {
  return prescription.reps ?? DEFAULT_RANGE;
}

/** What every set begins at on a fresh rung: the foot of the range, or the shortest time. */
export function freshTargets({ prescription, school }: Review): number[] {
  if (school === 'taper' && prescription.reps === undefined) return taperFeet(prescription.sets);
  const value = SHORTEST_S[school] ?? repRange(prescription).from;
  return Array<number>(prescription.sets).fill(value);
}

/** The foot of each set's range in a taper; the last sets have the last ranges. */
function taperFeet(sets: number): number[] {
  return Array.from({ length: sets }, (_, i) => {
    const range = TAPER_RANGES[Math.max(0, i + TAPER_RANGES.length - sets)];
    return range?.from ?? TAPER_RANGES[0].from;
  });
}

/** The rung of every set, where one may stand for all. */
export function rungOfEach({ rungs, sets }: Prescription): number[] {
  return rungs.length === sets ? [...rungs] : Array<number>(sets).fill(rungs[0] ?? 0);
}

/** What was asked of every set: the targets given, else the time prescribed, else the foot of the range. */
export function presentTargets(review: Review): number[] {
  const { hold_s, work_s, target } = review.prescription;
  return freshTargets(review).map((fresh, i) => target?.[i] ?? hold_s ?? work_s ?? fresh);
}

/** The rung of each entry moved, held within the ladder. */
export function movedRungs(rungs: readonly number[], by: number, ladderLength: number): number[] {
  return rungs.map((rung) => Math.min(ladderLength - 1, Math.max(0, rung + by)));
}
