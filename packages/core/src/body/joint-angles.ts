import type { PreparedExercise } from '../demand/prepared.js';
import { toDegrees } from '../units/units.js';
import type { Plane } from './exercise.js';

export const RANGED_JOINTS = ['shoulder', 'elbow', 'hip', 'knee', 'ankle'] as const;
export type RangedJoint = (typeof RANGED_JOINTS)[number];

/**
 * Angles of the right side's joints at a sampled phase, degrees from the
 * anatomical position, bending positive: for the sagittal plane all that the
 * poses give; seen from the front or above only how far the elbow is bent and,
 * from the front, how far the arm and the leg are raised to the side.
 */
export function jointAngles(
  plane: Plane,
  prepared: PreparedExercise,
  k: number,
): Partial<Record<RangedJoint, number>> {
  const direction = directionsAt(prepared, k);
  const trunk = direction('hipR', 'shoulderR');
  const upperArm = direction('shoulderR', 'elbowR');
  const forearm = direction('elbowR', 'gripR');
  const thigh = direction('hipR', 'kneeR');
  const shank = direction('kneeR', 'ankleR');
  const foot = direction('ankleR', 'toeR');
  switch (plane) {
    case 'sagittal':
      return given({
        shoulder: overhead(between(upperArm, trunk, 180)),
        elbow: between(forearm, upperArm, 0),
        hip: between(thigh, trunk, -180),
        knee: between(thigh, shank, 0),
        ankle: between(foot, shank, 90),
      });
    case 'frontal':
      return given({
        shoulder: overhead(between(upperArm, -90, 0)),
        elbow: absolute(between(forearm, upperArm, 0)),
        hip: absolute(between(thigh, -90, 0)),
      });
    case 'transverse':
      return given({ elbow: absolute(between(forearm, upperArm, 0)) });
  }
}

function directionsAt(
  { contacts, samples }: PreparedExercise,
  k: number,
): (from: string, to: string) => number | undefined {
  const at = (track: Float64Array, c: number): number => track[c * samples + k] as number;
  return (from, to) => {
    const a = contacts.index.get(from);
    const b = contacts.index.get(to);
    if (a === undefined || b === undefined) return undefined;
    const { x, y } = contacts;
    return toDegrees(Math.atan2(at(y, b) - at(y, a), at(x, b) - at(x, a)));
  };
}

function given(
  angles: Readonly<Record<string, number | undefined>>,
): Partial<Record<RangedJoint, number>> {
  return Object.fromEntries(Object.entries(angles).filter(([, angle]) => angle !== undefined));
}

/** From one direction to another beyond what the rest position has between them, −180 … 180. */
function between(
  one: number | undefined,
  other: number | undefined,
  rest: number,
): number | undefined {
  if (one === undefined || other === undefined) return undefined;
  return ((((one - other - rest + 180) % 360) + 360) % 360) - 180;
}

/** Raised overhead, an arm comes out just past −180; it is counted as just past 180. */
function overhead(angle: number | undefined): number | undefined {
  return angle !== undefined && angle < -90 ? angle + 360 : angle;
}

function absolute(angle: number | undefined): number | undefined {
  return angle === undefined ? undefined : Math.abs(angle);
}
