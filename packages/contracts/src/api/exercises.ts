import * as z from 'zod';
import { exerciseDocument } from '../documents/exercise.js';
import { uuid, version } from './identity.js';

/** A document larger than this is no exercise: poses and words fit many times over, bytes. */
export const LARGEST_EXERCISE = 500_000;

/** An exercise of the studio's own, as it is written. */
export const ownExerciseInput = z.strictObject({ version, document: exerciseDocument });
export type OwnExerciseInput = z.infer<typeof ownExerciseInput>;

export const ownExercise = z.object({
  id: uuid,
  version,
  document: exerciseDocument,
  removed: z.boolean(),
});
export type OwnExerciseRecord = z.infer<typeof ownExercise>;
