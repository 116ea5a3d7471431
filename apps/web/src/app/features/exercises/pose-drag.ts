import type { ExerciseDocument } from '@wiry-otter/contracts';
import {
  CHAIN,
  type Joint,
  type LimbSegment,
  type Pair,
  type Segment,
  SEGMENTS,
} from '@wiry-otter/core';

export type Pose = ExerciseDocument['poses'][number];

/** Where the right side's joints are at a pose, statures from the exercise's origin. */
export type Joints = ReadonlyMap<Joint, Pair>;

/** A joint that can be dragged, and what dragging it turns. */
export interface Handle {
  readonly joint: Joint;
  /** The segment that turns; none where the hand itself or the whole figure moves. */
  readonly segment: Segment | null;
}

/** The joints of a pose that can be dragged: each turns the segment that leads to it from the root. */
export function handlesOf({ poses, root }: ExerciseDocument): Handle[] {
  const [first] = poses;
  if (first === undefined) return [];
  const reached = new Set<Joint>([root.point]);
  const handles: Handle[] = [{ joint: root.point, segment: null }];
  for (const segment of [...CHAIN, ...[...CHAIN].reverse()]) {
    const { from, to } = SEGMENTS[segment];
    if (first[segment] === undefined) continue;
    for (const [near, far] of [
      [from, to],
      [to, from],
    ] as const) {
      if (!reached.has(near) || reached.has(far)) continue;
      reached.add(far);
      handles.push({ joint: far, segment });
    }
  }
  if (first.hand !== undefined || first.handAt !== undefined) {
    if (root.point !== 'grip') handles.push({ joint: 'grip', segment: null });
  }
  return handles;
}

/** The exercise with one joint of one pose dragged to a place, in statures. */
export function dragJoint(
  exercise: ExerciseDocument,
  index: number,
  handle: Handle,
  joints: Joints,
  place: Pair,
): ExerciseDocument {
  const { joint, segment } = handle;
  if (segment !== null) {
    const { from, to } = SEGMENTS[segment];
    const start = joint === to ? joints.get(from) : place;
    const end = joint === to ? place : joints.get(to);
    return start === undefined || end === undefined
      ? exercise
      : turnSegment(exercise, index, segment, angleOf(start, end));
  }
  if (joint === exercise.root.point) {
    return { ...exercise, root: { ...exercise.root, at: [rounded(place[0]), rounded(place[1])] } };
  }
  return moveHand(exercise, index, joints, place);
}

/** The exercise with a segment of one pose at an angle, degrees. */
export function turnSegment(
  exercise: ExerciseDocument,
  index: number,
  segment: Segment,
  angle_deg: number,
): ExerciseDocument {
  return withPose(exercise, index, (pose) => ({
    ...pose,
    // The shorter way round from where it was, so that the movement between poses stays short.
    [segment]: Math.round(nearest(angle_deg, pose[segment] ?? 0)),
  }));
}

/** The exercise with another pose half-way between this one and the next. */
export function addPose(exercise: ExerciseDocument, index: number): ExerciseDocument {
  const before = exercise.poses[index];
  const after = exercise.poses[index + 1];
  if (before === undefined || after === undefined || exercise.poses.length >= MOST_POSES) {
    return exercise;
  }
  const between = halfWay(before, after);
  const poses = [
    ...exercise.poses.slice(0, index + 1),
    between,
    ...exercise.poses.slice(index + 1),
  ];
  return { ...exercise, poses };
}

/** The exercise without one of its poses; start and end stay. */
export function removePose(exercise: ExerciseDocument, index: number): ExerciseDocument {
  const isEnd = index === 0 || index === exercise.poses.length - 1;
  return isEnd ? exercise : { ...exercise, poses: exercise.poses.filter((_, i) => i !== index) };
}

/** A trainer poses a movement at two to five phases. */
export const MOST_POSES = 5;

/** Phases are kept where a sample of the solver lies. */
const PHASE_STEPS = 40;

const LIMBS: readonly LimbSegment[] = ['foot', 'shank', 'thigh', 'upperArm', 'forearm'];

function halfWay(before: Pose, after: Pose): Pose {
  const mean = (a: number, b: number): number => Math.round(((a + b) / 2) * 1000) / 1000;
  const phase = Math.round(((before.phase + after.phase) / 2) * PHASE_STEPS) / PHASE_STEPS;
  const pose: Record<string, unknown> = { phase };
  for (const segment of CHAIN) {
    const [a, b] = [before[segment], after[segment]];
    if (a !== undefined && b !== undefined) pose[segment] = mean(a, b);
  }
  for (const key of ['hand', 'handAt'] as const) {
    const [a, b] = [before[key], after[key]];
    if (a !== undefined && b !== undefined) pose[key] = [mean(a[0], b[0]), mean(a[1], b[1])];
  }
  if (before.left !== undefined && after.left !== undefined) {
    pose['left'] = Object.fromEntries(
      LIMBS.flatMap((segment) => {
        const [a, b] = [before.left?.[segment], after.left?.[segment]];
        return a === undefined || b === undefined ? [] : [[segment, mean(a, b)]];
      }),
    );
  }
  return pose as unknown as Pose;
}

function moveHand(
  exercise: ExerciseDocument,
  index: number,
  joints: Joints,
  place: Pair,
): ExerciseDocument {
  return withPose(exercise, index, (pose) => {
    if (pose.handAt !== undefined)
      return { ...pose, handAt: [rounded(place[0]), rounded(place[1])] };
    const shoulder = joints.get('shoulder');
    if (pose.hand === undefined || shoulder === undefined) return pose;
    return { ...pose, hand: [rounded(place[0] - shoulder[0]), rounded(place[1] - shoulder[1])] };
  });
}

function withPose(
  exercise: ExerciseDocument,
  index: number,
  change: (pose: Pose) => Pose,
): ExerciseDocument {
  return {
    ...exercise,
    poses: exercise.poses.map((pose, i) => (i === index ? change(pose) : pose)),
  };
}

function angleOf(from: Pair, to: Pair): number {
  return (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI;
}

function nearest(angle: number, to: number): number {
  return angle + 360 * Math.round((to - angle) / 360);
}

function rounded(value: number): number {
  return Math.round(value * 1000) / 1000;
}
