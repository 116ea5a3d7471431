import { SEGMENTS } from './segments.js';

const UPPER_ARM = SEGMENTS.upperArm.length;
const FOREARM = SEGMENTS.forearm.length;

/** Reaching to the last bit: an arm within this share of stature of straight counts as straight. */
const REACH_TOLERANCE = 1e-12;

/** Shortest and longest distance from shoulder to grip, in statures. */
export const ARM_REACH = {
  least: Math.abs(FOREARM - UPPER_ARM),
  greatest: UPPER_ARM + FOREARM,
} as const;

export interface ArmDirections {
  /** Radians counter-clockwise from +x. */
  readonly upperArm: number;
  readonly forearm: number;
}

/**
 * Directions of upper arm and forearm that bring the grip to (dx, dy) from the
 * shoulder, both in statures:
 *
 *     upper arm = atan2(dy, dx) + elbowBend·acos((a² + r² − b²)/(2ar))
 *
 * with a = 0.186, b = 0.200, r the distance. Returns nothing when the hand is
 * out of reach (r > a + b or r < |a − b|).
 */
export function solveArm(dx: number, dy: number, elbowBend: 1 | -1): ArmDirections | undefined {
  const reach = Math.hypot(dx, dy);
  if (reach > ARM_REACH.greatest + REACH_TOLERANCE) return undefined;
  if (reach < ARM_REACH.least - REACH_TOLERANCE || reach === 0) return undefined;
  const cosine =
    (UPPER_ARM * UPPER_ARM + reach * reach - FOREARM * FOREARM) / (2 * UPPER_ARM * reach);
  const upperArm = Math.atan2(dy, dx) + elbowBend * Math.acos(Math.min(1, Math.max(-1, cosine)));
  const forearm = Math.atan2(
    dy - UPPER_ARM * Math.sin(upperArm),
    dx - UPPER_ARM * Math.cos(upperArm),
  );
  return { upperArm, forearm };
}
