import { createHash, randomBytes } from 'node:crypto';
import { type EntityManager, LessThan, MoreThan } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import {
  StudioEntity,
  TrainerEntity,
  type StudioRow,
  type TrainerRow,
} from '../../areas/studio/entities.js';
import { SignInEntity, SignInFailureEntity } from './entities.js';

export const SIGN_IN_DAYS = 30;
const TOKEN_BYTES = 32;

/** Failures within the window after which an e-mail is refused from one address, and from any. */
const WINDOW_MS = 15 * 60_000;
const FAILURES_PER_ADDRESS = 5;
const FAILURES_IN_ALL = 50;

export interface SignedIn {
  readonly trainer: TrainerRow;
  readonly studio: StudioRow;
}

/** Makes a session and returns its token, of which only the hash is kept. */
export async function createSignIn(manager: EntityManager, trainer: TrainerRow): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  await manager.delete(SignInEntity, { expiresAt: LessThan(new Date()) });
  await manager.insert(SignInEntity, {
    tokenHash: hashToken(token),
    studioId: trainer.studioId,
    trainerId: trainer.id,
    expiresAt: new Date(Date.now() + SIGN_IN_DAYS * 86_400_000),
  });
  return token;
}

/** Who a token belongs to, unless it has run out. */
export async function findSignedIn(
  manager: EntityManager,
  token: string,
): Promise<SignedIn | undefined> {
  const row = await manager.findOneBy(SignInEntity, {
    tokenHash: hashToken(token),
    expiresAt: MoreThan(new Date()),
  });
  if (row === null) return undefined;
  const trainer = await manager.findOneBy(TrainerEntity, { id: row.trainerId });
  const studio = await manager.findOneBy(StudioEntity, { id: row.studioId });
  return trainer === null || studio === null ? undefined : { trainer, studio };
}

export async function endSignIn(manager: EntityManager, token: string): Promise<void> {
  await manager.delete(SignInEntity, { tokenHash: hashToken(token) });
}

/** Whether too many attempts failed lately; counted in the database, so for all processes. */
export async function attemptsExhausted(
  manager: EntityManager,
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
  manager: EntityManager,
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
