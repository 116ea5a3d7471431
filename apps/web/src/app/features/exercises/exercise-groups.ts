import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { MuscleGroup } from '@wiry-otter/core';
import { OWN_PREFIX } from './own-exercise';

/** Exercises of one part of the body. */
export interface ExerciseGroup {
  readonly words: string;
  readonly exercises: readonly ExerciseDocument[];
}

/** The parts of the body that exercises are looked for by, in the order shown. */
const PARTS: Readonly<Record<string, readonly MuscleGroup[]>> = {
  Back: ['upperBack', 'lats', 'lowerBack'],
  Chest: ['chest'],
  Shoulders: ['frontShoulder', 'sideShoulder', 'rearShoulder', 'rotatorCuff'],
  Arms: ['biceps', 'triceps', 'forearms'],
  'Legs and hips': [
    'quadriceps',
    'hamstrings',
    'glutes',
    'calves',
    'shins',
    'hipAbductors',
    'hipAdductors',
    'hipFlexors',
  ],
  Trunk: ['abdominals', 'obliques'],
  Neck: ['neck'],
};
const OWN = 'Your own';
const OTHER = 'Other';

/** Exercises by the part of the body that they train first; the studio's own before all others. */
export function groupExercises(all: readonly ExerciseDocument[]): ExerciseGroup[] {
  const byTitle = all.toSorted((a, b) => a.title.localeCompare(b.title));
  return [OWN, ...Object.keys(PARTS), OTHER]
    .map((words) => ({ words, exercises: byTitle.filter((one) => partOf(one) === words) }))
    .filter(({ exercises }) => exercises.length > 0);
}

function partOf({ groups = [], id }: ExerciseDocument): string {
  if (id.startsWith(OWN_PREFIX)) return OWN;
  const [first] = groups;
  const found = Object.entries(PARTS).find(
    ([, muscles]) => first !== undefined && muscles.includes(first),
  );
  return found?.[0] ?? OTHER;
}

/** The muscles an exercise trains, as a trainer would say them. */
export function muscleWords({ groups = [] }: ExerciseDocument): string {
  return groups.map((group) => group.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`)).join(', ');
}

/** The exercises that every word of what is looked for occurs in: in their title, muscles or part. */
export function matchingExercises(
  all: readonly ExerciseDocument[],
  wanted: string,
): readonly ExerciseDocument[] {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  return all.filter((exercise) => {
    const text = [exercise.title, muscleWords(exercise), partOf(exercise)].join(' ').toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
