import { toDegrees } from '../units/units.js';
import type { Motion, PlaneTrack } from './motion.js';
import type { Joint, Segment } from './segments.js';

/** The two segments that meet at a joint; a muscle across it turns one against the other. */
const ACROSS: Readonly<Partial<Record<Joint, readonly [Segment, Segment]>>> = {
  ankle: ['shank', 'foot'],
  knee: ['thigh', 'shank'],
  hip: ['trunk', 'thigh'],
  shoulder: ['trunk', 'upperArm'],
  elbow: ['upperArm', 'forearm'],
};

/** A limb that turns less than this over the whole rep is held, not moved, degrees. */
const LEAST_TURN_DEG = 1;

/**
 * The way in which a carried segment turns against its neighbour across the
 * joint over the whole rep: 1 counter-clockwise, −1 clockwise, which is the side
 * that the muscle works on. 0, no side, where it turns less than 1°, and where
 * both segments at the joint are carried, or neither. A neighbour that the poses
 * do not give is still.
 */
export function turningSide(
  joint: Joint,
  carried: ReadonlySet<Segment>,
  { directions }: Motion,
): 1 | -1 | 0 {
  const [one, other] = ACROSS[joint] ?? [];
  if (one === undefined || other === undefined) return 0;
  if (carried.has(one) === carried.has(other)) return 0;
  const [moved, neighbour] = carried.has(one) ? [one, other] : [other, one];
  const turn_deg = turnOf(directions.get(moved)) - turnOf(directions.get(neighbour));
  if (Math.abs(turn_deg) < LEAST_TURN_DEG) return 0;
  return turn_deg > 0 ? 1 : -1;
}

/** How far a direction turns from the first phase to the last, the steps summed up, degrees. */
function turnOf(direction: PlaneTrack | undefined): number {
  if (direction === undefined) return 0;
  const { x, y } = direction;
  let turn_rad = 0;
  for (let k = 1; k < x.length; k++) {
    const [x0, y0] = [x[k - 1] as number, y[k - 1] as number];
    const [x1, y1] = [x[k] as number, y[k] as number];
    turn_rad += Math.atan2(x0 * y1 - y0 * x1, x0 * x1 + y0 * y1);
  }
  return toDegrees(turn_rad);
}
