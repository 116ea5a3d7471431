/** Repetitions that a person stops at are told apart up to here; beyond it they say nothing of strength. */
const MOST_REPS = 20;
/** Above so many repetitions the estimate is trusted less. */
const TRUSTED_REPS = 12;
/** A set of so many more repetitions is done at so much of the greatest load. */
const REPS_SCALE = 30;
/** A hold of so many seconds is done at half the greatest load, s. */
const HOLD_SCALE_S = 60;
/** A slow lowering counts as a hold of this share of its time. */
const LOWERING_SHARE = 0.5;

/** What was done to the limit: repetitions with spare ones, a hold, or a slow lowering. */
export type Effort =
  | { readonly kind: 'reps'; readonly reps: number; readonly spare: number }
  | { readonly kind: 'hold'; readonly held_s: number }
  | { readonly kind: 'lowering'; readonly lowered_s: number };

/**
 * The load that could just be done once, from what was done at a load, in its unit:
 *
 *     repetitions to failure n:  load · (1 + n/30), 1 ≤ n ≤ 20, n = done + spare
 *     a hold of T s:             load · (1 + T/60)
 *     a lowering of T s:         as a hold of T/2
 *
 * The classic line of repetitions over load and the classic endurance curve (half the greatest force
 * for a minute); above 12 repetitions an estimate only.
 *
 * @example capabilityFrom({ kind: 'reps', reps: 5, spare: 1 }, 450) // 540
 */
export function capabilityFrom(effort: Effort, load: number): number {
  return load * endurance(effort);
}

/**
 * The load at which an effort of that kind is just possible, from the greatest: the inverse of
 * {@link capabilityFrom}.
 */
export function loadFor(effort: Effort, capability: number): number {
  return capability / endurance(effort);
}

/** Whether an effort says with trust what a person is capable of. */
export function isTrusted(effort: Effort): boolean {
  return effort.kind !== 'reps' || effort.reps + effort.spare <= TRUSTED_REPS;
}

/** How many times the load of an effort the greatest load is. */
function endurance(effort: Effort): number {
  switch (effort.kind) {
    case 'reps':
      return 1 + Math.min(MOST_REPS, Math.max(1, effort.reps + effort.spare)) / REPS_SCALE;
    case 'hold':
      return 1 + effort.held_s / HOLD_SCALE_S;
    case 'lowering':
      return 1 + (LOWERING_SHARE * effort.lowered_s) / HOLD_SCALE_S;
  }
}
