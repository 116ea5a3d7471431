import type { DropSetRecord, Work } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  id,
  integer,
  json,
  moment,
  nullable,
  nullableUuid,
  number,
  studioId,
  text,
  uuid,
} from '../../platform/database/columns.js';

/** What a person is to do; a new one replaces the last of the same exercise, none is ever changed. */
export interface PrescriptionRow {
  id: string;
  studioId: string;
  personId: string;
  /** One for all sets, or one for each. */
  setupIds: string[];
  exerciseId: string;
  track: string;
  school: string;
  sets: number;
  work: Work;
  rest_s: number;
  target: number[];
  drop: DropSetRecord | null;
  fromDecisionId: string | null;
  createdAt: Date;
  createdBy: string;
}

export const PrescriptionEntity = new EntitySchema<PrescriptionRow>({
  name: 'prescription',
  columns: {
    id,
    studioId,
    personId: uuid('person_id'),
    setupIds: json('setup_ids'),
    exerciseId: text('exercise_id'),
    track: text(),
    school: text(),
    sets: integer(),
    work: json(),
    rest_s: number('rest_s'),
    target: json(),
    drop: nullable(json('drop_set')),
    fromDecisionId: nullableUuid('from_decision_id'),
    createdAt: moment('created_at'),
    createdBy: uuid('created_by'),
  },
});
