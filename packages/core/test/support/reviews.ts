import { decide, type Decision, type DoneSet, type Review } from '../../src/index.js';

/** Rungs 8 % apart. */
export const FINE_LADDER = [60, 64.8, 70, 75.6, 81.6, 88.2].map((load, i) => ({
  id: `r${i}`,
  load,
}));

/** A set on rung 2, clean and without pain. */
export function set(done: Partial<DoneSet> = {}): DoneSet {
  return { rung: 2, form: 'clean', pain: 0, ...done };
}

/** Sets of so many repetitions. */
export function reps(counts: readonly number[], done: Partial<DoneSet> = {}): DoneSet[] {
  return counts.map((count) => set({ reps: count, ...done }));
}

/** Sessions two days apart. */
export function dated(...sessions: DoneSet[][]): Review['sessions'] {
  return sessions.map((sets, i) => ({
    date: `2026-03-${String(2 * i + 1).padStart(2, '0')}`,
    sets,
  }));
}

export function review(overrides: Partial<Review> = {}): Review {
  return {
    school: 'fill-range',
    prescription: { sets: 3, reps: { from: 8, to: 15 }, rest_s: 90, rungs: [2] },
    ladder: FINE_LADDER,
    sessions: dated(reps([10, 10, 10])),
    limits: { pain: 3 },
    ...overrides,
  };
}

export function decided(overrides: Partial<Review> = {}): Decision {
  const result = decide(review(overrides));
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

/** Code, rungs and targets, without the reasons. */
export function outcomeOf({ code, rungs, target }: Decision): Omit<Decision, 'reasons'> {
  return { code, rungs, target };
}

export function rulesOf({ reasons }: Decision): string[] {
  return reasons.map(({ rule }) => rule);
}
