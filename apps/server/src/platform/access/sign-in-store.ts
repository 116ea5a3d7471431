import { type DataSource, LessThan } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { namedQuery } from '../database/named-query.js';
import {
  type Scope,
  SCOPED_STUDIO,
  type ScopedStudio,
  type ScopedTrainer,
  scopeOf,
} from './scope.js';
import { SignInEntity } from './entities.js';
import { hashToken, newToken } from './token.js';

type Database = Pick<DataSource, 'manager'>;

export const SIGN_IN_DAYS = 30;
/** When a sign-in was last used is kept to this, ms. */
const SEEN_STEP_MS = 3_600_000;
/** Browsers call themselves many things. */
const LONGEST_DEVICE = 300;

/** A trainer as signing in needs them. */
export interface SigningTrainer extends ScopedTrainer {
  readonly studioId: string;
  readonly passwordHash: string;
}

/** Makes a sign-in and returns its token, of which only the hash is kept. */
export async function createSignIn(
  { manager }: Database,
  { id: trainerId, studioId }: Pick<SigningTrainer, 'id' | 'studioId'>,
  device: string,
): Promise<string> {
  const token = newToken();
  const now = new Date();
  await manager.delete(SignInEntity, { expiresAt: LessThan(now) });
  await manager.insert(SignInEntity, {
    ...{ tokenHash: hashToken(token), id: uuidv7(), studioId, trainerId },
    ...{ device: device.slice(0, LONGEST_DEVICE), begunAt: now, seenAt: now },
    expiresAt: new Date(now.getTime() + SIGN_IN_DAYS * 86_400_000),
  });
  return token;
}

/** The trainer who signs in with an e-mail; one who has left signs in nowhere. */
export async function findTrainerByEmail(
  database: Database,
  email: string,
): Promise<SigningTrainer | undefined> {
  const known = await holderOfEmail(database, email);
  return known === undefined || known.hasLeft ? undefined : known;
}

/** Whose an e-mail is on this server: there are no two of one. */
export async function holderOfEmail(
  { manager }: Database,
  email: string,
): Promise<(SigningTrainer & { readonly hasLeft: boolean }) | undefined> {
  const [trainer] = await namedQuery<SigningTrainer & { readonly hasLeft: boolean }>(manager, {
    name: 'holder-of-email',
    text: `SELECT id, studio_id AS "studioId", name, email, role,
        password_hash AS "passwordHash", left_at IS NOT NULL AS "hasLeft"
      FROM trainer WHERE email = $1`,
    values: [email],
  });
  return trainer;
}

interface SignedInRow extends ScopedStudio {
  readonly trainer: ScopedTrainer;
  readonly seenAt: Date;
}

/** What the bearer of a token asks with, unless it has run out. */
export async function scopeOfToken(
  { manager }: Database,
  token: string,
  now: Date,
): Promise<Scope | undefined> {
  const tokenHash = hashToken(token);
  const [row] = await namedQuery<SignedInRow>(manager, {
    name: 'scope-of-token',
    text: `SELECT ${SCOPED_STUDIO}, sign_in.seen_at AS "seenAt",
        json_build_object('id', trainer.id, 'name', trainer.name, 'email', trainer.email,
          'role', trainer.role) AS trainer
      FROM sign_in
      JOIN trainer ON trainer.id = sign_in.trainer_id
      JOIN studio ON studio.id = sign_in.studio_id
      WHERE sign_in.token_hash = $1 AND sign_in.expires_at > $2 AND trainer.left_at IS NULL`,
    values: [tokenHash, now],
  });
  if (row === undefined) return undefined;
  if (now.getTime() - row.seenAt.getTime() > SEEN_STEP_MS) {
    await manager.update(SignInEntity, { tokenHash }, { seenAt: now });
  }
  return scopeOf(row, row.trainer, now);
}

export async function endSignIn({ manager }: Database, token: string): Promise<void> {
  await manager.delete(SignInEntity, { tokenHash: hashToken(token) });
}
