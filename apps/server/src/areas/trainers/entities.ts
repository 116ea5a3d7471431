import type { Role } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import { id, moment, studioId, text, uuid } from '../../platform/database/columns.js';

/** Somebody who was asked to join; gone once they have. */
export interface InvitationRow {
  id: string;
  studioId: string;
  email: string;
  role: Role;
  tokenHash: string;
  invitedBy: string;
  invitedAt: Date;
  expiresAt: Date;
}

export const InvitationEntity = new EntitySchema<InvitationRow>({
  name: 'invitation',
  columns: {
    id,
    studioId,
    email: text(),
    role: text(),
    tokenHash: text('token_hash'),
    invitedBy: uuid('invited_by'),
    invitedAt: moment('invited_at'),
    expiresAt: moment('expires_at'),
  },
});
