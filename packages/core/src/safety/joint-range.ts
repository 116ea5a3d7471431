import { jointAngles, type RangedJoint } from '../body/joint-angles.js';
import type { CautionContext, JointRange } from './caution.js';
import { phasesCure } from './cures.js';

/** Nearness to the edge of a range that rounding may take, degrees. */
const RANGE_TOLERANCE_DEG = 0.5;

/** A pose that goes further than a joint may. */
export interface BeyondRange {
  readonly joint: RangedJoint;
  /** The angle that is furthest beyond, degrees from the anatomical position. */
  readonly angle_deg: number;
  /** The edge that it is beyond. */
  readonly edge_deg: number;
  /** The longest part of the movement inside all of the ranges; undefined where there is none. */
  readonly part?: { readonly from: number; readonly to: number } | undefined;
}

/** Where a movement leaves one of these ranges furthest; undefined where it stays inside. */
export function beyondRange(
  context: CautionContext,
  ranges: readonly JointRange[],
): BeyondRange | undefined {
  const { setup, solved } = context;
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
  const part = phasesCure(context, (whole, k) => {
    const bent = jointAngles(plane, whole, k);
    return ranges.every((range) => {
      const angle = bent[range.joint];
      return angle === undefined || (angle >= range.least_deg && angle <= range.most_deg);
    });
  });
  return { joint, angle_deg, edge_deg, ...(part === undefined ? {} : { part }) };
}
