import { type ExerciseDocument, exerciseDocument, parseDocument } from '@wiry-otter/contracts';
import { checkNames, prepareExercise } from '@wiry-otter/core';

/** Ids of exercises of one's own begin so; no id of the catalogue does. */
export const OWN_PREFIX = 'own-';

/** A copy to be changed: the same movement under a name and id of its own. */
export function copyExercise(exercise: ExerciseDocument, uuid: string): ExerciseDocument {
  return {
    ...structuredClone(exercise),
    id: `${OWN_PREFIX}${uuid}`,
    title: `${exercise.title}, my way`,
    // What was checked for the catalogue is not known of the copy.
    supports: undefined,
    unassisted: undefined,
  };
}

/** What is wrong with an exercise, with path, found and expected; nothing when it can be kept. */
export function exerciseFaults(exercise: unknown): string[] {
  const parsed = parseDocument(exerciseDocument, exercise);
  const words = (faults: readonly { path: string; found: string; expected: string }[]): string[] =>
    faults.map(
      ({ path, found, expected }) =>
        `${path.replace('$.exercise', '$')}: found ${found}, expected ${expected}`,
    );
  if (!parsed.ok) return words(parsed.faults);
  const body = { stature_m: 1.75, mass_kg: 70 };
  const names = checkNames({ exercise: parsed.value, body, points: {}, bands: [], runs: [] });
  if (names.length > 0) return words(names);
  const prepared = prepareExercise(parsed.value, body);
  return prepared.ok ? [] : words(prepared.faults);
}
