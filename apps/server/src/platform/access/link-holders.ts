import type { Role } from '@wiry-otter/contracts';
import type { DataSource } from 'typeorm';
import { namedQuery } from '../database/named-query.js';
import { SCOPED_STUDIO, type ScopedStudio, type ScopedTrainer } from './scope.js';
import { hashToken } from './token.js';

type Database = Pick<DataSource, 'manager'>;

/** Who was invited, and to which studio. */
export interface Invited extends ScopedStudio {
  readonly studioName: string;
  readonly invitationId: string;
  readonly email: string;
  readonly role: Role;
}

/** What the link of an invitation leads to, while it holds. */
export async function invitedBy(
  { manager }: Database,
  token: string,
  now: Date,
): Promise<Invited | undefined> {
  const [row] = await namedQuery<Invited>(manager, {
    name: 'invitation-of-token',
    text: `SELECT ${SCOPED_STUDIO}, studio.name AS "studioName", invitation.id AS "invitationId",
        invitation.email, invitation.role
      FROM invitation JOIN studio ON studio.id = invitation.studio_id
      WHERE invitation.token_hash = $1 AND invitation.expires_at > $2`,
    values: [hashToken(token), now],
  });
  return row;
}

/** Whose password a link sets anew. */
export interface LinkedTrainer extends ScopedStudio {
  readonly trainer: ScopedTrainer;
}

/** Whose password the link of a mail sets anew, while it holds. */
export async function trainerOfPasswordLink(
  { manager }: Database,
  token: string,
  now: Date,
): Promise<LinkedTrainer | undefined> {
  const [row] = await namedQuery<LinkedTrainer>(manager, {
    name: 'trainer-of-password-link',
    text: `SELECT ${SCOPED_STUDIO}, json_build_object('id', trainer.id, 'name', trainer.name,
        'email', trainer.email, 'role', trainer.role) AS trainer
      FROM password_link
      JOIN trainer ON trainer.id = password_link.trainer_id
      JOIN studio ON studio.id = password_link.studio_id
      WHERE password_link.token_hash = $1 AND password_link.expires_at > $2
        AND trainer.left_at IS NULL`,
    values: [hashToken(token), now],
  });
  return row;
}
