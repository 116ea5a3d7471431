import { type DataSource, LessThan } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { namedQuery } from '../database/named-query.js';
import { type Scope, scopeOf, type ScopedStudio } from './scope.js';
import { SignInEntity } from './entities.js';
import { hashToken, newToken } from './token.js';

type Database = Pick<DataSource, 'manager'>;

export const SIGN_IN_DAYS = 30;
/** When a sign-in was last used is kept to this, ms. */
const SEEN_STEP_MS = 3_600_000;
/** Browsers call themselves many things. */
const LONGEST_DEVICE = 300;

/** A trainer as signing in needs them. */
export interface SigningTrainer {
  readonly id: string;
  readonly studioId: string;
  readonly name: string;
  readonly email: string;
  readonly passwordHash: string;
}

/** Makes a sign-in and returns its token, of which only the hash is kept. */
export async function createSignIn(
  { manager }: Database,
  { id: trainerId, studioId }: SigningTrainer,
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

export async function findTrainerByEmail(
  { manager }: Database,
  email: string,
): Promise<SigningTrainer | undefined> {
  const [trainer] = await namedQuery<SigningTrainer>(manager, {
    name: 'trainer-by-email',
    text: `SELECT id, studio_id AS "studioId", name, email, password_hash AS "passwordHash"
      FROM trainer WHERE email = $1`,
    values: [email],
  });
  return trainer;
}

interface SignedInRow extends ScopedStudio {
  readonly trainerId: string;
  readonly trainerName: string;
  readonly trainerEmail: string;
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
    text: `SELECT trainer.id AS "trainerId", trainer.name AS "trainerName",
        trainer.email AS "trainerEmail", sign_in.seen_at AS "seenAt", studio.id, studio.zone,
        studio.force_unit AS "forceUnit", studio.inspection_days AS "inspectionDays",
        studio.inspection_cycles AS "inspectionCycles", studio.eyes_rule AS "eyesRule"
      FROM sign_in
      JOIN trainer ON trainer.id = sign_in.trainer_id
      JOIN studio ON studio.id = sign_in.studio_id
      WHERE sign_in.token_hash = $1 AND sign_in.expires_at > $2`,
    values: [tokenHash, now],
  });
  if (row === undefined) return undefined;
  if (now.getTime() - row.seenAt.getTime() > SEEN_STEP_MS) {
    await manager.update(SignInEntity, { tokenHash }, { seenAt: now });
  }
  const { trainerEmail: email, trainerId: id, trainerName: name } = row;
  return scopeOf(row, { id, name, email }, now);
}

export async function endSignIn({ manager }: Database, token: string): Promise<void> {
  await manager.delete(SignInEntity, { tokenHash: hashToken(token) });
}
