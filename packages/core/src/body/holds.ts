import type { Exercise } from './exercise.js';

/** Whether an exercise is held and not moved: all its poses are the same. */
export function isHold({ poses }: Pick<Exercise, 'poses'>): boolean {
  const [first] = poses;
  const shapeOf = (pose: Exercise['poses'][number]): string =>
    JSON.stringify({ ...pose, phase: 0 });
  return first !== undefined && poses.every((pose) => shapeOf(pose) === shapeOf(first));
}
