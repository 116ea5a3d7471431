import type { StopRecord } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  day,
  flag,
  id,
  json,
  moment,
  nullable,
  nullableUuid,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

/** Work that is out of force until it is lifted; never deleted but with the person. */
export interface StopRow extends Omit<StopRecord, 'at' | 'raisedBy'> {
  studioId: string;
  at: Date;
  /** Null where it was made of what was on record before stops were. */
  raisedBy: string | null;
}

export const StopEntity = new EntitySchema<StopRow>({
  name: 'training_stop',
  columns: {
    id,
    studioId,
    version,
    personId: uuid('person_id'),
    sessionId: nullableUuid('session_id'),
    exerciseId: nullable(text('exercise_id')),
    cause: text(),
    said: text(),
    at: moment('at'),
    day: day('day'),
    scope: json(),
    raisedBy: nullableUuid('raised_by'),
    lifted: nullable(json()),
    takenBack: nullable(json('taken_back')),
    wantsLook: flag('wants_look'),
  },
});
