import type { Demand, Exercise } from '../body/exercise.js';
import type { Joint, Segment } from '../body/segments.js';
import { type Solution, solveSetup } from '../demand/solve-setup.js';
import type { Setup } from '../rig/setup.js';

/** What the hip has to hold over the movement, N·m. */
export interface MomentAtHip {
  /** Mean of its size without bands. */
  readonly without: number;
  readonly with: number;
}

/** Roots that leave the legs free: the hip carries them. */
const HELD_BY_HANDS: ReadonlySet<Joint> = new Set(['grip', 'elbow', 'shoulder']);
const LEGS: readonly Segment[] = ['thigh', 'shank', 'foot'];
const UPPER_BODY: readonly Segment[] = ['trunk', 'upperArm', 'forearm'];

/**
 * What a set-up does to the middle of the body: the same, solved with the moment at the hip as what
 * is asked, with and without its bands.
 *
 * @returns undefined where hands and feet both hold the body up, or a pose does not give the hip
 */
export function momentAtHip(setup: Setup): MomentAtHip | undefined {
  const demand = hipDemand(setup.exercise);
  if (demand === undefined) return undefined;
  const exercise: Exercise = { ...setup.exercise, bodyweight: true, demand };
  const solved = solveSetup({ ...setup, exercise });
  if (!solved.ok) return undefined;
  const { summary, unassisted } = solved.value;
  return { without: meanOf(unassisted), with: summary.mean };
}

/** The moment of whichever side of the hip is held up by nothing else. */
function hipDemand({ demand, plane, poses, root }: Exercise): Demand | undefined {
  if (demand.kind === 'prop' || plane !== 'sagittal') return undefined;
  const carries = HELD_BY_HANDS.has(root.point) ? LEGS : UPPER_BODY;
  const given = carries.filter((segment) => isGiven(poses[0], segment));
  return given.includes(carries[0] as Segment)
    ? { kind: 'moment', at: 'hip', carries: given }
    : undefined;
}

function isGiven(pose: Exercise['poses'][number] | undefined, segment: Segment): boolean {
  if (pose?.[segment] !== undefined) return true;
  const isArm = segment === 'upperArm' || segment === 'forearm';
  return isArm && (pose?.hand !== undefined || pose?.handAt !== undefined);
}

/** Mean over the phases by trapezoids. */
function meanOf(values: Solution['unassisted']): number {
  const ends = ((values[0] ?? 0) + (values.at(-1) ?? 0)) / 2;
  return (values.reduce((sum, value) => sum + value, 0) - ends) / (values.length - 1);
}
