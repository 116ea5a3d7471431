import { EntitySchema } from 'typeorm';
import { id, integer, moment, studioId, uuid } from '../../platform/database/columns.js';

/** That somebody was deleted for good; without a name. */
export interface PersonDeletedRow {
  id: string;
  studioId: string;
  deletedAt: Date;
  deletedBy: string;
  sessions: number;
  sets: number;
}

export const PersonDeletedEntity = new EntitySchema<PersonDeletedRow>({
  name: 'person_deleted',
  columns: {
    id,
    studioId,
    deletedAt: moment('deleted_at'),
    deletedBy: uuid('deleted_by'),
    sessions: integer(),
    sets: integer(),
  },
});
