import type { ExerciseDocument } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  flag,
  id,
  json,
  moment,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

/** An exercise that a studio made of its own; the catalogue's are files. */
export interface OwnExerciseRow {
  id: string;
  studioId: string;
  version: number;
  /** The document's id, unique in the studio and no id of the catalogue. */
  exerciseId: string;
  document: ExerciseDocument;
  removed: boolean;
  savedAt: Date;
  savedBy: string;
}

export const OwnExerciseEntity = new EntitySchema<OwnExerciseRow>({
  name: 'own_exercise',
  columns: {
    id,
    studioId,
    version,
    exerciseId: text('exercise_id'),
    document: json(),
    removed: flag(),
    savedAt: moment('saved_at'),
    savedBy: uuid('saved_by'),
  },
});
