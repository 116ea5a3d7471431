import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';
import { refuse } from '../../platform/problems/refusal.js';

/** The package's default is Argon2id; the figures are OWASP's minimum for it. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/**
 * Who waits for whom: the work is heavy by design, so that of each lane one is done at a time. Guesses
 * of strangers hold up neither trainers on their own devices nor anything else the server does.
 */
export type PasswordLane = 'known' | 'strangers';
const LANES = { known: pLimit(1), strangers: pLimit(1) } as const;
const MOST_WAITING = 20;

function inLane<Answer>(lane: PasswordLane, work: () => Promise<Answer>): Promise<Answer> {
  if (LANES[lane].pendingCount >= MOST_WAITING) refuse('busy');
  return LANES[lane](work);
}

export function hashPassword(password: string, lane: PasswordLane = 'known'): Promise<string> {
  return inLane(lane, () => hash(password, COST));
}

/**
 * Whether a password goes with a hash. Without a hash (an unknown e-mail) a
 * dummy is verified all the same, so that the time taken tells nothing.
 */
export function verifyPassword(
  passwordHash: string | undefined,
  password: string,
  lane: PasswordLane,
): Promise<boolean> {
  return inLane(lane, async () => {
    dummyHash ??= hash('a password nobody has', COST);
    const matches = await verify(passwordHash ?? (await dummyHash), password);
    return matches && passwordHash !== undefined;
  });
}

let dummyHash: Promise<string> | undefined;
