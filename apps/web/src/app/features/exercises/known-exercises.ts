import { CATALOGUE } from '@wiry-otter/catalogue';
import type { ExerciseDocument, OwnExerciseRecord } from '@wiry-otter/contracts';

/** The catalogue and the studio's own, by id. */
export function knownExercises(
  own: readonly OwnExerciseRecord[],
): ReadonlyMap<string, ExerciseDocument> {
  return new Map(
    [...CATALOGUE, ...own.map(({ document }) => document)].map((exercise) => [
      exercise.id,
      exercise,
    ]),
  );
}
