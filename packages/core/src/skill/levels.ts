import type { Exercise } from '../body/exercise.js';
import type { Body } from '../body/segments.js';
import { prepareExercise } from '../demand/prepare.js';
import { type Result, succeed } from '../faults.js';
import type { SkillLevel } from './skill.js';

/** What a level asks of a body without help. */
export interface LevelDemand {
  readonly level: SkillLevel;
  readonly unit: 'N' | 'N·m';
  /** The greatest over its movement, of one limb where the skill is told so. */
  readonly demand: number;
  /** The same per kilogram of the body. */
  readonly perKg: number;
  /** The same as share of the hardest level. */
  readonly share: number;
}

/** Demands within this share of each other tie: then the order of the data holds. */
const TIE = 1e-9;

/**
 * The levels of a skill in the order of what they ask of this body at their hardest point, without
 * help; where two ask the same, in the order they are given in.
 *
 * @param perLimb whether the demand is told for one limb: a level's demand over its limbs
 * @returns the first fault where a pose cannot be laid
 */
export function levelsByDemand<Ex extends Exercise>(
  levels: readonly { readonly level: SkillLevel; readonly exercise: Ex }[],
  body: Body,
  perLimb: boolean,
): Result<LevelDemand[]> {
  const found: Omit<LevelDemand, 'share'>[] = [];
  for (const { exercise, level } of levels) {
    const prepared = prepareExercise(exercise, body, { phases: level.phases });
    if (!prepared.ok) return prepared;
    const { demand, unit } = prepared.value;
    const whole = demand.unassisted.reduce((most, value) => Math.max(most, Math.abs(value)), 0);
    const asked = perLimb ? whole / (level.limbs ?? 2) : whole;
    found.push({ level, unit, demand: asked, perKg: asked / body.mass_kg });
  }
  const hardest = Math.max(0, ...found.map(({ demand }) => demand));
  return succeed(
    found
      .map((one) => ({ ...one, share: hardest > 0 ? one.demand / hardest : 0 }))
      // Sorting is stable, so that what ties stays in its order.
      .sort((a, b) => (Math.abs(a.share - b.share) <= TIE ? 0 : a.share - b.share)),
  );
}
