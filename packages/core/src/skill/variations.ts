import type { Exercise } from '../body/exercise.js';
import { SEGMENTS, type Body } from '../body/segments.js';
import { toDegrees, toRadians } from '../units/units.js';

/**
 * The same exercise with the hips sagging: the trunk turns about the shoulder until the hip is so
 * much lower, the legs keep their direction. For poses that are laid from the hands.
 *
 * @param sag_m how far the hip sinks, m; below 0 it rises
 * @returns the exercise as it is where the trunk is not given, or is not laid from the hands
 */
export function sagged<Ex extends Exercise>(exercise: Ex, { stature_m }: Body, sag_m: number): Ex {
  if (exercise.root.point !== 'grip') return exercise;
  const length_m = SEGMENTS.trunk.length * stature_m;
  return {
    ...exercise,
    poses: exercise.poses.map((pose) => {
      if (pose.trunk === undefined) return pose;
      const angle = toRadians(pose.trunk);
      // From hip to shoulder: what the hip sinks, the shoulder stands higher over it.
      const rise = Math.min(1, Math.max(-1, Math.sin(angle) + sag_m / length_m));
      const along = Math.cos(angle) < 0 ? -1 : 1;
      const trunk = toDegrees(Math.atan2(rise, along * Math.sqrt(1 - rise * rise)));
      // Angles are linear between poses, so that a turn never goes the long way round.
      return { ...pose, trunk: trunk < 0 && pose.trunk > 90 ? trunk + 360 : trunk };
    }),
  };
}
