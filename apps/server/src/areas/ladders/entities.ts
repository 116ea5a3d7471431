import type { LadderRecord } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  flag,
  id,
  integer,
  json,
  moment,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

/** The head of a ladder: whose it is and which version stands. */
export interface LadderRow {
  id: string;
  studioId: string;
  version: number;
  personId: string;
  exerciseId: string;
  placeId: string;
  removed: boolean;
}

export const LadderEntity = new EntitySchema<LadderRow>({
  name: 'ladder',
  columns: {
    id,
    studioId,
    version,
    personId: uuid('person_id'),
    exerciseId: text('exercise_id'),
    placeId: uuid('place_id'),
    removed: flag(),
  },
});

/** What is kept of a ladder in each version. */
export type LadderContent = Omit<
  LadderRecord,
  'id' | 'version' | 'personId' | 'exerciseId' | 'placeId' | 'savedAt' | 'removed'
>;

/** One state of a ladder; append-only. */
export interface LadderVersionRow {
  ladderId: string;
  version: number;
  studioId: string;
  content: LadderContent;
  savedAt: Date;
  savedBy: string;
}

export const LadderVersionEntity = new EntitySchema<LadderVersionRow>({
  name: 'ladder_version',
  columns: {
    ladderId: { ...uuid('ladder_id'), primary: true },
    version: { ...integer(), primary: true },
    studioId,
    content: json(),
    savedAt: moment('saved_at'),
    savedBy: uuid('saved_by'),
  },
});
