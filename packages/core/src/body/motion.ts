import { type Fault, fail, type Result, succeed } from '../faults.js';
import type { Take } from '../memory/arena.js';
import { toRadians } from '../units/units.js';
import { type HandKey, handKey, OUTWARDS_AND_BACK } from './chain.js';
import type { Exercise, Pair, Pose } from './exercise.js';
import { type Body, CHAIN, type Joint, type Segment, SEGMENTS } from './segments.js';
import { ARM_REACH, solveArm } from './two-link-arm.js';

/** A line of places over the sampled phases, metres in the exercise's plane. */
export interface PlaneTrack {
  readonly x: Float64Array;
  readonly y: Float64Array;
}

/** The right side's joints and the directions of the named segments at every sampled phase. */
export interface Motion {
  readonly phase: Float64Array;
  /** Only joints that the chain reaches from the root. */
  readonly joints: ReadonlyMap<Joint, PlaneTrack>;
  /** Unit vectors from the proximal to the distal end, for the segments the poses name. */
  readonly directions: ReadonlyMap<Segment, PlaneTrack>;
}

/** The part of the movement that is done, as phases. */
export interface PhaseRange {
  readonly from: number;
  readonly to: number;
}

export const WHOLE_REP: PhaseRange = { from: 0, to: 1 };

/**
 * Lays the chain toe–ankle–knee–hip–shoulder–elbow–grip from the root outwards,
 * as far as the poses name segments, at evenly spaced phases. Angles and hand
 * positions are linear between poses.
 *
 * @param root_m where the root stands, metres in the exercise's frame
 * @param take where the tracks are written
 * @param part the part of the rep that is sampled; all of it where it is not given
 * @returns a fault `computation` when the hand is out of reach at a sampled phase
 */
export function sampleMotion(
  exercise: Exercise,
  body: Body,
  root_m: Pair,
  samples: number,
  take: Take,
  { from, to }: PhaseRange = WHOLE_REP,
): Result<Motion> {
  const phase = take(samples);
  for (let k = 0; k < samples; k++) phase[k] = from + ((to - from) * k) / (samples - 1);
  const directions = new Map<Segment, PlaneTrack>();
  for (const segment of CHAIN) {
    if (exercise.poses[0]?.[segment] === undefined) continue;
    directions.set(
      segment,
      directionTrack(newTrack(take, samples), exercise.poses, segment, phase),
    );
  }
  const root = newTrack(take, samples);
  root.x.fill(root_m[0]);
  root.y.fill(root_m[1]);
  const joints = new Map<Joint, PlaneTrack>([[exercise.root.point, root]]);
  const motion: Motion = { phase, joints, directions };
  layChain(motion, body, joints, take);
  const fault = bendArm(exercise, body, motion, directions, take);
  if (fault !== undefined) return fail(fault);
  layChain(motion, body, joints, take);
  return succeed(motion);
}

function newTrack(take: Take, samples: number): PlaneTrack {
  return { x: take(samples), y: take(samples) };
}

/** Extends the chain over every segment with a known direction that touches a laid joint. */
function layChain(motion: Motion, body: Body, joints: Map<Joint, PlaneTrack>, take: Take): void {
  const samples = motion.phase.length;
  for (const segment of OUTWARDS_AND_BACK) {
    const { from, to, length } = SEGMENTS[segment];
    const direction = motion.directions.get(segment);
    if (direction === undefined) continue;
    const start = joints.get(from);
    const end = joints.get(to);
    const length_m = length * body.stature_m;
    if (start !== undefined && end === undefined) {
      joints.set(to, shifted(newTrack(take, samples), start, direction, length_m));
    } else if (end !== undefined && start === undefined) {
      joints.set(from, shifted(newTrack(take, samples), end, direction, -length_m));
    }
  }
}

/** Sets both arm directions from `hand` or `handAt`, where the poses give one. */
function bendArm(
  exercise: Exercise,
  body: Body,
  motion: Motion,
  directions: Map<Segment, PlaneTrack>,
  take: Take,
): Fault | undefined {
  const key = handKey(exercise.poses);
  if (key === undefined) return undefined;
  const samples = motion.phase.length;
  const hand = handTrack(newTrack(take, samples), exercise.poses, key, motion.phase);
  const shoulder = motion.joints.get('shoulder');
  if (key === 'handAt' && shoulder === undefined) return unplacedShoulder();
  const upperArm = newTrack(take, samples);
  const forearm = newTrack(take, samples);
  for (let k = 0; k < samples; k++) {
    let dx = at(hand.x, k);
    let dy = at(hand.y, k);
    if (key === 'handAt' && shoulder !== undefined) {
      dx -= at(shoulder.x, k) / body.stature_m;
      dy -= at(shoulder.y, k) / body.stature_m;
    }
    const arm = solveArm(dx, dy, exercise.elbowBend ?? 1);
    if (arm === undefined) return outOfReach(key, at(motion.phase, k), Math.hypot(dx, dy));
    upperArm.x[k] = arm.upperArm[0];
    upperArm.y[k] = arm.upperArm[1];
    forearm.x[k] = arm.forearm[0];
    forearm.y[k] = arm.forearm[1];
  }
  directions.set('upperArm', upperArm);
  directions.set('forearm', forearm);
  return undefined;
}

function directionTrack(
  track: PlaneTrack,
  poses: readonly Pose[],
  segment: Segment,
  phase: Float64Array,
): PlaneTrack {
  const [first] = poses;
  if (poses.every((pose) => pose[segment] === first?.[segment])) {
    // Most segments of most exercises stand still; then one angle serves all phases.
    const angle = toRadians(first?.[segment] ?? 0);
    track.x.fill(Math.cos(angle));
    track.y.fill(Math.sin(angle));
    return track;
  }
  interpolate(track.x, phase, poses, (pose) => pose[segment] ?? 0);
  for (let k = 0; k < phase.length; k++) {
    const angle = toRadians(at(track.x, k));
    track.x[k] = Math.cos(angle);
    track.y[k] = Math.sin(angle);
  }
  return track;
}

function handTrack(
  track: PlaneTrack,
  poses: readonly Pose[],
  key: HandKey,
  phase: Float64Array,
): PlaneTrack {
  interpolate(track.x, phase, poses, (pose) => pose[key]?.[0] ?? 0);
  interpolate(track.y, phase, poses, (pose) => pose[key]?.[1] ?? 0);
  return track;
}

/** Fills `out` with what `read` gives at the sampled phases, linear between the poses around each. */
function interpolate(
  out: Float64Array,
  phase: Float64Array,
  poses: readonly Pose[],
  read: (pose: Pose) => number,
): void {
  let k = 0;
  for (let next = 1; next < poses.length; next++) {
    const before = poses[next - 1] as Pose;
    const after = poses[next] as Pose;
    const from = read(before);
    const slope = (read(after) - from) / (after.phase - before.phase);
    const isLast = next === poses.length - 1;
    for (; k < phase.length && (isLast || at(phase, k) <= after.phase); k++) {
      out[k] = from + slope * (at(phase, k) - before.phase);
    }
  }
}

function shifted(
  track: PlaneTrack,
  from: PlaneTrack,
  direction: PlaneTrack,
  length_m: number,
): PlaneTrack {
  for (let k = 0; k < track.x.length; k++) {
    track.x[k] = at(from.x, k) + length_m * at(direction.x, k);
    track.y[k] = at(from.y, k) + length_m * at(direction.y, k);
  }
  return track;
}

/** An entry that the caller knows to exist; typed arrays read as possibly undefined otherwise. */
function at(values: Float64Array, k: number): number {
  return values[k] as number;
}

function outOfReach(key: HandKey, phase: number, reach: number): Fault {
  return {
    code: 'computation',
    path: '$.exercise.poses',
    found: `${key} ${reach.toFixed(4)} statures from the shoulder at phase ${phase}`,
    expected: `a hand within reach, ${ARM_REACH.least.toFixed(3)} to ${ARM_REACH.greatest.toFixed(3)} statures`,
  };
}

function unplacedShoulder(): Fault {
  return {
    code: 'computation',
    path: '$.exercise.poses',
    found: 'handAt, but the poses do not lay the chain from the root to the shoulder',
    expected: 'every segment between the root and the shoulder',
  };
}
