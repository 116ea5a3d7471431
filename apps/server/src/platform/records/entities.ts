import { EntitySchema } from 'typeorm';
import { id, moment, studioId, text, uuid } from '../database/columns.js';

/** A write that was carried out, so that the same one sent again is answered alike. */
export interface ConfirmedWriteRow {
  id: string;
  studioId: string;
  trainerId: string;
  /** Of what was asked. */
  digest: string;
  answer: string;
  at: Date;
}

export const ConfirmedWriteEntity = new EntitySchema<ConfirmedWriteRow>({
  name: 'confirmed_write',
  columns: {
    id,
    studioId,
    trainerId: uuid('trainer_id'),
    digest: text(),
    answer: text(),
    at: moment('confirmed_at'),
  },
});
