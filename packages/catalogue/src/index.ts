import {
  type ExerciseDocument,
  exerciseDocument,
  type SkillDocument,
  skillDocument,
} from '@wiry-otter/contracts';
import { DOCUMENTS } from './documents.js';
import { SKILL_DOCUMENTS } from './skill-documents.js';

/** The built-in exercises, in the order they are offered. */
export const CATALOGUE: readonly ExerciseDocument[] = DOCUMENTS.map((document) =>
  exerciseDocument.parse(document),
);

/** The skills that bands help with, in the order they are offered. */
export const SKILLS: readonly SkillDocument[] = SKILL_DOCUMENTS.map((document) =>
  skillDocument.parse(document),
);

const BY_ID: ReadonlyMap<string, ExerciseDocument> = new Map(
  CATALOGUE.map((exercise) => [exercise.id, exercise]),
);

/** The exercise of this id, or nothing. */
export function findExercise(id: string): ExerciseDocument | undefined {
  return BY_ID.get(id);
}
