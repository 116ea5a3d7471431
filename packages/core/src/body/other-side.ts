import { toRadians } from '../units/units.js';
import type { Exercise, LimbSegment, Pair, Plane, Pose } from './exercise.js';
import { type Body, type Joint, SEGMENTS } from './segments.js';

/** The limbs' segments outwards from the trunk. */
const OUTWARDS: readonly LimbSegment[] = ['thigh', 'shank', 'foot', 'upperArm', 'forearm'];

/**
 * Where the left side's joints are at a phase for an exercise whose poses say
 * that the left does something else, m in the exercise's plane; joints that
 * stay the mirror of the right are left out. Only for drawing: the statics
 * takes both sides alike.
 *
 * @param mirrored the left joint as the mirror of the right, m
 */
export function layLeftLimbs(
  { plane, poses }: Exercise,
  { stature_m }: Body,
  phase: number,
  mirrored: (joint: Joint) => Pair | undefined,
): ReadonlyMap<Joint, Pair> {
  const moved = new Map<Joint, Pair>();
  for (const segment of OUTWARDS) {
    const { from, to, length } = SEGMENTS[segment];
    const own = angleAt(poses, phase, (pose) => pose.left?.[segment]);
    // Beyond a limb that went its own way, the rest hangs on it as the right's would.
    const right = moved.has(from) ? angleAt(poses, phase, (pose) => pose[segment]) : undefined;
    const angle = own ?? (right === undefined ? undefined : mirror(plane, right));
    const begin = moved.get(from) ?? mirrored(from);
    if (angle === undefined || begin === undefined) continue;
    moved.set(to, [
      begin[0] + length * stature_m * Math.cos(toRadians(angle)),
      begin[1] + length * stature_m * Math.sin(toRadians(angle)),
    ]);
  }
  return moved;
}

/** A direction of the right side as the left side's, degrees. */
function mirror(plane: Plane, angle: number): number {
  switch (plane) {
    case 'sagittal':
      return angle;
    case 'frontal':
      return 180 - angle;
    case 'transverse':
      return -angle;
  }
}

/** An angle at a phase, linear between the poses around it; undefined where a pose lacks it. */
function angleAt(
  poses: readonly Pose[],
  phase: number,
  read: (pose: Pose) => number | undefined,
): number | undefined {
  const next = Math.max(
    1,
    poses.findIndex((pose) => pose.phase >= phase),
  );
  const [before, after] = [poses[next - 1], poses[next]];
  if (before === undefined || after === undefined) return undefined;
  const [from, to] = [read(before), read(after)];
  if (from === undefined || to === undefined) return undefined;
  return from + ((to - from) * (phase - before.phase)) / (after.phase - before.phase);
}
