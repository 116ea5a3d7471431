import type { DosesDocument, ExerciseDocument, SkillDocument } from '@wiry-otter/contracts';
import { DOCUMENTS } from './documents.js';
import doses from '../doses.json' with { type: 'json' };
import { SKILL_DOCUMENTS } from './skill-documents.js';

// They come with the product, and a test holds each to its schema as it lies here: to parse them all at
// every start would take as long as to draw the first screen.

/** The built-in exercises, in the order they are offered. */
export const CATALOGUE = DOCUMENTS as readonly ExerciseDocument[];

/** The skills that bands help with, in the order they are offered. */
export const SKILLS = SKILL_DOCUMENTS as readonly SkillDocument[];

/** What is begun with where no exercise or skill says. */
export const DOSES = doses as DosesDocument;

const BY_ID: ReadonlyMap<string, ExerciseDocument> = new Map(
  CATALOGUE.map((exercise) => [exercise.id, exercise]),
);

/** The exercise of this id, or nothing. */
export function findExercise(id: string): ExerciseDocument | undefined {
  return BY_ID.get(id);
}
