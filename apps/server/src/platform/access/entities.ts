import { EntitySchema } from 'typeorm';
import { moment, studioId, text, uuid } from '../database/columns.js';

/** A signed-in browser; only the hash of its token is kept. */
export interface SignInRow {
  tokenHash: string;
  /** Names it without what it is proved by. */
  id: string;
  studioId: string;
  trainerId: string;
  /** What the browser calls itself. */
  device: string;
  begunAt: Date;
  /** To the hour. */
  seenAt: Date;
  expiresAt: Date;
}

export const SignInEntity = new EntitySchema<SignInRow>({
  name: 'sign_in',
  columns: {
    tokenHash: { ...text('token_hash'), primary: true },
    id: uuid('id'),
    studioId,
    trainerId: uuid('trainer_id'),
    device: text(),
    begunAt: moment('begun_at'),
    seenAt: moment('seen_at'),
    expiresAt: moment('expires_at'),
  },
});

/** A device on which a trainer has signed in; only the hash of its token is kept. */
export interface KnownDeviceRow {
  tokenHash: string;
  studioId: string;
  trainerId: string;
  seenAt: Date;
}

export const KnownDeviceEntity = new EntitySchema<KnownDeviceRow>({
  name: 'known_device',
  columns: {
    tokenHash: { ...text('token_hash'), primary: true },
    trainerId: { ...uuid('trainer_id'), primary: true },
    studioId,
    seenAt: moment('seen_at'),
  },
});

/** A link with which a trainer chooses a new password, once; only the hash of its token is kept. */
export interface PasswordLinkRow {
  tokenHash: string;
  studioId: string;
  trainerId: string;
  expiresAt: Date;
}

export const PasswordLinkEntity = new EntitySchema<PasswordLinkRow>({
  name: 'password_link',
  columns: {
    tokenHash: { ...text('token_hash'), primary: true },
    studioId,
    trainerId: uuid('trainer_id'),
    expiresAt: moment('expires_at'),
  },
});
