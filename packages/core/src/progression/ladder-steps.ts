import type { LadderRung } from './review.js';

/** Quantile of the normal distribution that ± stands for (90 % between both ends). */
const SURE = 1.645;

/** Repetitions at which a load is twice what could be moved that often: see `capability.ts`. */
const REPS_SCALE = 30;

/** The last repetition that went leaves, on average, half of one unseen. */
export const UNSEEN = 0.5;

/** Ratios within this of a border count as on it. */
export const STEP_TOLERANCE = 1e-9;

/**
 * The rung that is surely lighter: so many rungs down, and from there on to the first whose load is less
 * by more than 1.645·√(u² + u′²); rung 0 where none is.
 */
export function surelyLighterRung(
  ladder: readonly LadderRung[],
  rung: number,
  steps: number,
): number {
  const here = ladder[rung];
  const isSurelyLess = (lower: LadderRung | undefined): boolean =>
    here !== undefined &&
    lower !== undefined &&
    here.load - lower.load > SURE * Math.hypot(here.u ?? 0, lower.u ?? 0);
  let next = Math.max(0, rung - steps);
  while (next > 0 && !isSurelyLess(ladder[next])) next -= 1;
  return next;
}

/** How many times the load of the next rung is; undefined on the top rung. */
export function ratioUp(ladder: readonly LadderRung[], rung: number): number | undefined {
  const [here, next] = [ladder[rung], ladder[rung + 1]];
  return here === undefined || next === undefined ? undefined : next.load / here.load;
}

/**
 * Repetitions to failure that are likely on a load that is `ratio` times this one, from n to failure on
 * this: (30 + n)/ratio − 30.
 */
export function repsLikelyAt(ratio: number, n: number): number {
  return (REPS_SCALE + n) / ratio - REPS_SCALE;
}

/** Repetitions to failure that are needed here for so many on a load `ratio` times this one. */
export function repsNeededFor(ratio: number, reps: number): number {
  return (REPS_SCALE + reps) * ratio - REPS_SCALE;
}

/** "Reed and Eel", 24 % up: the way to the next rung, in words. */
export function stepWords(ladder: readonly LadderRung[], rung: number): string {
  const ratio = ratioUp(ladder, rung);
  if (ratio === undefined) return 'there is no harder rung';
  return `the next rung, ${ladder[rung + 1]?.id ?? ''}, is ${percentUp(ratio)} % up`;
}

export function percentUp(ratio: number): number {
  return Math.round(100 * (ratio - 1));
}
