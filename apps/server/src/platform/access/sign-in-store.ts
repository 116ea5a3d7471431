import { createHash, randomBytes } from 'node:crypto';
import { type DataSource, LessThan, MoreThan } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { namedQuery } from '../database/named-query.js';
import { type Scope, scopeOf, type ScopedStudio } from './scope.js';
import { SignInEntity, SignInFailureEntity } from './entities.js';

type Database = Pick<DataSource, 'manager'>;

export const SIGN_IN_DAYS = 30;
const TOKEN_BYTES = 32;

/** Failures within the window after which an e-mail is refused from one address, and from any. */
const WINDOW_MS = 15 * 60_000;
const FAILURES_PER_ADDRESS = 5;
const FAILURES_IN_ALL = 50;

/** A trainer as signing in needs them. */
export interface SigningTrainer {
  readonly id: string;
  readonly studioId: string;
  readonly name: string;
  readonly email: string;
  readonly passwordHash: string;
}

/** Makes a session and returns its token, of which only the hash is kept. */
export async function createSignIn(
  { manager }: Database,
  { id, studioId }: SigningTrainer,
): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  await manager.delete(SignInEntity, { expiresAt: LessThan(new Date()) });
  await manager.insert(SignInEntity, {
    tokenHash: hashToken(token),
    studioId,
    trainerId: id,
    expiresAt: new Date(Date.now() + SIGN_IN_DAYS * 86_400_000),
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
}

/** What the bearer of a token asks with, unless it has run out. */
export async function scopeOfToken(
  { manager }: Database,
  token: string,
  now: Date,
): Promise<Scope | undefined> {
  const [row] = await namedQuery<SignedInRow>(manager, {
    name: 'scope-of-token',
    text: `SELECT trainer.id AS "trainerId", trainer.name AS "trainerName",
        trainer.email AS "trainerEmail", studio.id, studio.zone,
        studio.force_unit AS "forceUnit", studio.inspection_days AS "inspectionDays",
        studio.inspection_cycles AS "inspectionCycles", studio.eyes_rule AS "eyesRule"
      FROM sign_in
      JOIN trainer ON trainer.id = sign_in.trainer_id
      JOIN studio ON studio.id = sign_in.studio_id
      WHERE sign_in.token_hash = $1 AND sign_in.expires_at > $2`,
    values: [hashToken(token), now],
  });
  if (row === undefined) return undefined;
  const { trainerEmail: email, trainerId: id, trainerName: name } = row;
  return scopeOf(row, { id, name, email }, now);
}

export async function endSignIn({ manager }: Database, token: string): Promise<void> {
  await manager.delete(SignInEntity, { tokenHash: hashToken(token) });
}

/** Whether too many attempts failed lately; counted in the database, so for all processes. */
export async function attemptsExhausted(
  { manager }: Database,
  email: string,
  address: string,
): Promise<boolean> {
  const since = MoreThan(new Date(Date.now() - WINDOW_MS));
  const inAll = await manager.countBy(SignInFailureEntity, { email, failedAt: since });
  if (inAll >= FAILURES_IN_ALL) return true;
  const here = await manager.countBy(SignInFailureEntity, { email, address, failedAt: since });
  return here >= FAILURES_PER_ADDRESS;
}

export async function recordFailure(
  { manager }: Database,
  email: string,
  address: string,
): Promise<void> {
  await manager.insert(SignInFailureEntity, {
    id: uuidv7(),
    email,
    address,
    failedAt: new Date(),
  });
}

function hashToken(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
