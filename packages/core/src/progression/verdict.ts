import { surelyLighterRung } from './ladder-steps.js';
import type { DecisionCode, Reason } from './review.js';
import type { Situation } from './situation.js';

/** What one gate or the school would have: a decision set by set, with why. */
export interface Verdict {
  readonly code: DecisionCode;
  /** Per set. */
  readonly rungs: readonly number[];
  readonly target: readonly number[];
  readonly reasons: readonly Reason[];
}

/** Rungs and targets as they are. */
export function asItStands(
  { rungs, targets }: Situation,
  code: 'stop' | 'repeat' | 'next-level' | 'graduate',
  ...reasons: Reason[]
): Verdict {
  return { code, rungs, target: targets, reasons };
}

/** The same rungs, with more asked of every set that was done. */
export function more(
  { done, rungs, targets }: Situation,
  next: (set: Situation['done'][number], place: number) => number,
  ...reasons: Reason[]
): Verdict {
  const target = targets.map((value, place) => {
    const set = done[place];
    return set === undefined ? value : next(set, place);
  });
  return { code: 'more', rungs, target, reasons };
}

/**
 * `lighter` by so many rungs: down to the first rung whose load is less by more than its uncertainty,
 * at the foot of its range. A set on rung 0 keeps it and halves what it asks, rounded down, at least 1.
 *
 * @param only places of the sets that move; all where it is not given
 */
export function lighter(
  situation: Situation,
  steps: number,
  reasons: readonly Reason[],
  only: (place: number) => boolean = () => true,
): Verdict {
  const { foot, review, rungs, targets } = situation;
  const next = rungs.map((rung, place) =>
    only(place) ? surelyLighterRung(review.ladder, rung, steps) : rung,
  );
  return {
    code: 'lighter',
    rungs: next,
    target: targets.map((value, place) => {
      if (!only(place)) return value;
      return rungs[place] === 0 ? halved(value) : (foot[place] ?? value);
    }),
    reasons,
  };
}

/** Half of what is asked, rounded down, at least 1. */
export function halved(target: number): number {
  return Math.max(1, Math.floor(target / 2));
}
