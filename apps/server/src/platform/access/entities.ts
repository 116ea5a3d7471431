import { EntitySchema } from 'typeorm';
import { id, moment, studioId, text, uuid } from '../database/columns.js';

/** A signed-in browser; only the hash of its token is kept. */
export interface SignInRow {
  tokenHash: string;
  studioId: string;
  trainerId: string;
  expiresAt: Date;
}

export const SignInEntity = new EntitySchema<SignInRow>({
  name: 'sign_in',
  columns: {
    tokenHash: { ...text('token_hash'), primary: true },
    studioId,
    trainerId: uuid('trainer_id'),
    expiresAt: moment('expires_at'),
  },
});

/** A failed attempt to sign in, for the limit on attempts. */
export interface SignInFailureRow {
  id: string;
  email: string;
  address: string;
  failedAt: Date;
}

export const SignInFailureEntity = new EntitySchema<SignInFailureRow>({
  name: 'sign_in_failure',
  columns: { id, email: text(), address: text(), failedAt: moment('failed_at') },
});
