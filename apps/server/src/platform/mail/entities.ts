import { EntitySchema } from 'typeorm';
import { id, moment, studioId, text } from '../database/columns.js';

/** A mail that nobody has sent. */
export interface SimulatedMailRow {
  id: string;
  studioId: string;
  sentTo: string;
  subject: string;
  body: string;
  sentAt: Date;
}

export const SimulatedMailEntity = new EntitySchema<SimulatedMailRow>({
  name: 'simulated_mail',
  columns: {
    id,
    studioId,
    sentTo: text('sent_to'),
    subject: text(),
    body: text(),
    sentAt: moment('sent_at'),
  },
});
