import { capabilityFrom, type Effort, loadFor } from '../progression/capability.js';
import type { SkillWork } from './skill.js';

/** A start for who has shown nothing yet: shares of the need at the hardest point, most first. */
export const UNKNOWN_START = [0.5, 0.4, 0.3] as const;

/** What the three sets of a taper are to be able to take: their ranges' middle, two to spare. */
const TAPER_EFFORTS = [
  { kind: 'reps', reps: 12, spare: 2 },
  { kind: 'reps', reps: 8, spare: 2 },
  { kind: 'reps', reps: 4, spare: 2 },
] as const satisfies readonly Effort[];

/** A hold that is firm: what levels are compared by. */
const FIRM_HOLD = { kind: 'hold', held_s: 10 } as const satisfies Effort;
/** How much harder than today's best hold the next level is begun. */
const NEXT_LEVEL = 1.05;

/** What was shown: an effort to the limit, and the mean demand that it was done at. */
export interface ShownEffort {
  readonly effort: Effort;
  /** In the unit of the demand. */
  readonly load: number;
}

/** What a level needs without help, in the demand's unit. */
export interface LevelNeed {
  readonly mean: number;
}

/** Where a figure of help is read. */
export type HelpPoint = 'hardest' | 'mean';

/** Help to begin with: of each of a taper's sets with most first, or of a hold. */
export interface FirstHelp {
  /** Shares of the need, 0 … 1; 0 where it goes without. */
  readonly shares: readonly number[];
  /** At the hardest point of the movement, or in the mean. */
  readonly at: HelpPoint;
  /** The greatest load that the effort stands for; null where nothing was shown. */
  readonly capability: number | null;
}

/**
 * The help to begin a level with.
 *
 * Nothing known: 50, 40 and 30 % at the hardest point. Else by capability C (see
 * {@link capabilityFrom}): for a taper the help that leaves each set what can be done for its range
 * with two to spare; for a hold what leaves the load that is held for 10 s, D, and on another level
 * than the one shown 5 % more than D: one level above what goes unassisted.
 *
 * @param isNext whether the level is another, harder one than the effort was shown on
 */
export function firstHelp(
  shown: ShownEffort | null,
  need: LevelNeed,
  work: SkillWork,
  isNext: boolean,
): FirstHelp {
  if (shown === null) {
    const shares = work === 'hold' ? [UNKNOWN_START[1]] : UNKNOWN_START;
    return { shares, at: 'hardest', capability: null };
  }
  const capability = capabilityFrom(shown.effort, shown.load);
  const loads =
    work === 'hold'
      ? [(isNext ? NEXT_LEVEL : 1) * loadFor(FIRM_HOLD, capability)]
      : TAPER_EFFORTS.map((effort) => loadFor(effort, capability));
  const shares = loads.map((load) => Math.max(0, 1 - load / need.mean));
  return { shares, at: 'mean', capability };
}
