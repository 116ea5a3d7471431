import type { PhaseRange } from '../body/motion.js';
import { jointAngles, type RangedJoint } from '../body/joint-angles.js';
import type { PreparedExercise } from '../demand/prepared.js';
import type { AnchoredSetup, CautionContext, JointRange } from './caution.js';
import { phasesCure } from './cures.js';

/** Nearness to the edge of a range that rounding may take, degrees. */
const RANGE_TOLERANCE_DEG = 0.5;

/** So far inside a height a cure lands, as a share of it. */
const INSIDE_SHARE = 0.01;

/** A pose that goes further than a joint may. */
export interface BeyondRange {
  readonly joint: RangedJoint;
  /** The angle that is furthest beyond, degrees from the anatomical position. */
  readonly angle_deg: number;
  /** The edge that it is beyond. */
  readonly edge_deg: number;
}

/** Where a movement leaves one of these ranges furthest; undefined where it stays inside. */
export function beyondRange(
  { setup, solved }: CautionContext,
  ranges: readonly JointRange[],
): BeyondRange | undefined {
  const { plane } = setup.exercise;
  const { prepared } = solved.rig;
  let worst: (BeyondRange & { readonly over: number }) | undefined;
  for (let k = 0; k < prepared.samples && ranges.length > 0; k++) {
    const angles = jointAngles(plane, prepared, k);
    for (const { joint, least_deg, most_deg } of ranges) {
      const angle_deg = angles[joint];
      if (angle_deg === undefined) continue;
      const edge_deg = angle_deg > most_deg ? most_deg : least_deg;
      const over = Math.max(angle_deg - most_deg, least_deg - angle_deg);
      if (over <= (worst?.over ?? RANGE_TOLERANCE_DEG)) continue;
      worst = { joint, angle_deg, edge_deg, over };
    }
  }
  if (worst === undefined) return undefined;
  const { angle_deg, edge_deg, joint } = worst;
  return { joint, angle_deg, edge_deg };
}

/** Height of the right hand over the floor at a sample, m; −∞ without a hand. */
export function handHeight(
  { body, exercise }: AnchoredSetup,
  { contacts, samples }: PreparedExercise,
  k: number,
): number {
  const hand = contacts.index.get('gripR');
  if (hand === undefined) return -Infinity;
  if (exercise.plane === 'transverse') return (exercise.level ?? 0) * body.stature_m;
  return contacts.y[hand * samples + k] as number;
}

/**
 * The longest part of the movement in which joints and hands stay inside all that the person has on
 * file: what is free of pain, and what the clearance allows. Whatever refuses a pose offers this one
 * part, so that the cure of one refusal never brings another back. Undefined where there is none.
 */
export function partWithinLimits(context: CautionContext): PhaseRange | undefined {
  const { person, setup } = context;
  const { handHeight_m = Infinity, ranges: cleared = [] } = person.clearance?.enforced ?? {};
  const ranges = [...person.ranges, ...cleared];
  const highest_m = handHeight_m * (1 - INSIDE_SHARE);
  return phasesCure(context, (whole, k) => {
    if (handHeight(setup, whole, k) > highest_m) return false;
    const bent = jointAngles(setup.exercise.plane, whole, k);
    return ranges.every(({ joint, least_deg, most_deg }) => {
      const angle = bent[joint];
      return angle === undefined || (angle >= least_deg && angle <= most_deg);
    });
  });
}
