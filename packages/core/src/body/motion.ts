import { type Fault, fail, type Result, succeed } from '../faults.js';
import { createSlab } from '../memory/slab.js';
import { toRadians } from '../units/units.js';
import type { Exercise, Pair, Pose } from './exercise.js';
import { type Body, CHAIN, type Joint, JOINTS, type Segment, SEGMENTS } from './segments.js';
import { ARM_REACH, solveArm } from './two-link-arm.js';

/** A line of places over the sampled phases, metres in the exercise's plane. */
export interface PlaneTrack {
  readonly x: Float64Array;
  readonly y: Float64Array;
}

/** A track of zeros, out of the memory of the motion at hand. */
type NewTrack = () => PlaneTrack;

/** The right side's joints and the directions of the named segments at every sampled phase. */
export interface Motion {
  readonly phase: Float64Array;
  /** Only joints that the chain reaches from the root. */
  readonly joints: ReadonlyMap<Joint, PlaneTrack>;
  /** Unit vectors from the proximal to the distal end, for the segments the poses name. */
  readonly directions: ReadonlyMap<Segment, PlaneTrack>;
}

/**
 * Lays the chain toe–ankle–knee–hip–shoulder–elbow–grip from the root outwards,
 * as far as the poses name segments, at `samples` evenly spaced phases from 0
 * to 1. Angles and hand positions are linear between poses.
 *
 * @param root_m where the root stands, metres in the exercise's frame
 * @returns a fault `computation` when the hand is out of reach at a sampled phase
 */
export function sampleMotion(
  exercise: Exercise,
  body: Body,
  root_m: Pair,
  samples: number,
): Result<Motion> {
  const take = createSlab((1 + 2 * (CHAIN.length + JOINTS.length)) * samples);
  const newTrack: NewTrack = () => ({ x: take(samples), y: take(samples) });
  const phase = take(samples);
  for (let k = 0; k < samples; k++) phase[k] = k / (samples - 1);
  const named = CHAIN.filter((segment) => exercise.poses[0]?.[segment] !== undefined);
  const directions = new Map<Segment, PlaneTrack>();
  for (const segment of named) {
    directions.set(segment, directionTrack(newTrack(), exercise.poses, segment, phase));
  }
  const root = newTrack();
  root.x.fill(root_m[0]);
  root.y.fill(root_m[1]);
  const joints = new Map<Joint, PlaneTrack>([[exercise.root.point, root]]);
  const motion: Motion = { phase, joints, directions };
  layChain(motion, body, newTrack);
  const fault = bendArm(exercise, body, motion, directions, newTrack);
  if (fault !== undefined) return fail(fault);
  layChain(motion, body, newTrack);
  return succeed(motion);
}

/** Extends the chain over every segment with a known direction that touches a laid joint. */
function layChain(motion: Motion, body: Body, newTrack: NewTrack): void {
  const joints = motion.joints as Map<Joint, PlaneTrack>;
  const lay = (segment: Segment): void => {
    const { from, to, length } = SEGMENTS[segment];
    const direction = motion.directions.get(segment);
    if (direction === undefined) return;
    const start = joints.get(from);
    const end = joints.get(to);
    const length_m = length * body.stature_m;
    if (start !== undefined && end === undefined) {
      joints.set(to, shifted(newTrack(), start, direction, length_m));
    } else if (end !== undefined && start === undefined) {
      joints.set(from, shifted(newTrack(), end, direction, -length_m));
    }
  };
  CHAIN.forEach(lay);
  [...CHAIN].reverse().forEach(lay);
}

/** Sets both arm directions from `hand` or `handAt`, where the poses give one. */
function bendArm(
  exercise: Exercise,
  body: Body,
  motion: Motion,
  directions: Map<Segment, PlaneTrack>,
  newTrack: NewTrack,
): Fault | undefined {
  const key = handKey(exercise.poses);
  if (key === undefined) return undefined;
  const samples = motion.phase.length;
  const hand = handTrack(exercise.poses, key, motion.phase);
  const shoulder = motion.joints.get('shoulder');
  if (key === 'handAt' && shoulder === undefined) return unplacedShoulder();
  const upperArm = newTrack();
  const forearm = newTrack();
  for (let k = 0; k < samples; k++) {
    let dx = at(hand.x, k);
    let dy = at(hand.y, k);
    if (key === 'handAt' && shoulder !== undefined) {
      dx -= at(shoulder.x, k) / body.stature_m;
      dy -= at(shoulder.y, k) / body.stature_m;
    }
    const arm = solveArm(dx, dy, exercise.elbowBend ?? 1);
    if (arm === undefined) return outOfReach(key, at(motion.phase, k), Math.hypot(dx, dy));
    upperArm.x[k] = Math.cos(arm.upperArm);
    upperArm.y[k] = Math.sin(arm.upperArm);
    forearm.x[k] = Math.cos(arm.forearm);
    forearm.y[k] = Math.sin(arm.forearm);
  }
  directions.set('upperArm', upperArm);
  directions.set('forearm', forearm);
  return undefined;
}

export type HandKey = 'hand' | 'handAt';

/** Which of the two hand forms the poses use, if any. */
export function handKey(poses: readonly Pose[]): HandKey | undefined {
  if (poses[0]?.hand !== undefined) return 'hand';
  return poses[0]?.handAt !== undefined ? 'handAt' : undefined;
}

/** The joints that the chain reaches when the poses name these segments and a hand or none. */
export function reachedJoints(exercise: Exercise): ReadonlySet<Joint> {
  const named = namedSegments(exercise);
  const reached = new Set<Joint>([exercise.root.point]);
  for (const order of [CHAIN, [...CHAIN].reverse()]) {
    for (const segment of order) {
      if (!named.has(segment)) continue;
      const { from, to } = SEGMENTS[segment];
      if (reached.has(from)) reached.add(to);
      if (reached.has(to)) reached.add(from);
    }
  }
  return new Set(JOINTS.filter((joint) => reached.has(joint)));
}

/** The segments whose direction the poses give, the arm's from a hand included. */
export function namedSegments(exercise: Exercise): ReadonlySet<Segment> {
  const pose = exercise.poses[0];
  const named = new Set(CHAIN.filter((segment) => pose?.[segment] !== undefined));
  if (handKey(exercise.poses) !== undefined) named.add('upperArm').add('forearm');
  return named;
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

function handTrack(poses: readonly Pose[], key: HandKey, phase: Float64Array): PlaneTrack {
  const track = { x: new Float64Array(phase.length), y: new Float64Array(phase.length) };
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
