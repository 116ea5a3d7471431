import { type ExerciseDocument, exerciseDocument } from '@wiry-otter/contracts';
import curl from '../exercises/curl.json' with { type: 'json' };
import standingRow from '../exercises/standing-row.json' with { type: 'json' };

/** The built-in exercises, as documents, in the order they are offered. */
export const CATALOGUE: readonly ExerciseDocument[] = [standingRow, curl].map((document) =>
  exerciseDocument.parse(document),
);

/** The exercise of this id, or nothing. */
export function findExercise(id: string): ExerciseDocument | undefined {
  return CATALOGUE.find((exercise) => exercise.id === id);
}
