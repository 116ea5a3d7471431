import type { Pair } from './exercise.js';
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

/** Unit vectors from the proximal to the distal end. */
export interface ArmDirections {
  readonly upperArm: Pair;
  readonly forearm: Pair;
}

/**
 * Directions of upper arm and forearm that bring the grip to (dx, dy) from the
 * shoulder, both in statures. The upper arm is the line to the grip turned by
 *
 *     elbowBend·acos((a² + r² − b²)/(2ar))
 *
 * with a = 0.186, b = 0.200, r the distance; written with the turn's cosine and
 * sine, since angles would only be taken apart again. Returns nothing when the
 * hand is out of reach (r > a + b or r < |a − b|).
 */
export function solveArm(dx: number, dy: number, elbowBend: 1 | -1): ArmDirections | undefined {
  const reach = Math.sqrt(dx * dx + dy * dy);
  if (reach > ARM_REACH.greatest + REACH_TOLERANCE) return undefined;
  if (reach < ARM_REACH.least - REACH_TOLERANCE || reach === 0) return undefined;
  const cosine = Math.min(
    1,
    Math.max(
      -1,
      (UPPER_ARM * UPPER_ARM + reach * reach - FOREARM * FOREARM) / (2 * UPPER_ARM * reach),
    ),
  );
  const sine = elbowBend * Math.sqrt(1 - cosine * cosine);
  const upperX = (dx * cosine - dy * sine) / reach;
  const upperY = (dy * cosine + dx * sine) / reach;
  const foreX = dx - UPPER_ARM * upperX;
  const foreY = dy - UPPER_ARM * upperY;
  const fore = Math.sqrt(foreX * foreX + foreY * foreY);
  return { upperArm: [upperX, upperY], forearm: [foreX / fore, foreY / fore] };
}
