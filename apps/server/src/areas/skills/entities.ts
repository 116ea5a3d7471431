import type { SkillTestInput } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  day,
  id,
  json,
  moment,
  nullable,
  number,
  studioId,
  text,
  uuid,
} from '../../platform/database/columns.js';

/** What a person can do of a skill, as it was shown on a day; append-only. */
export interface SkillTestRow extends SkillTestInput {
  id: string;
  studioId: string;
  enteredAt: Date;
  enteredBy: string;
}

export const SkillTestEntity = new EntitySchema<SkillTestRow>({
  name: 'skill_test',
  columns: {
    id,
    studioId,
    personId: uuid('person_id'),
    exerciseId: text('exercise_id'),
    phases: nullable(json()),
    day: day('day'),
    effort: nullable(json()),
    helpedBy: nullable(text('helped_by')),
    load: number(),
    help: number(),
    enteredAt: moment('entered_at'),
    enteredBy: uuid('entered_by'),
  },
});
