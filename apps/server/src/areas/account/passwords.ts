import { hash, verify } from '@node-rs/argon2';

/** The package's default is Argon2id; the figures are OWASP's minimum for it. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export function hashPassword(password: string): Promise<string> {
  return hash(password, COST);
}

/**
 * Whether a password goes with a hash. Without a hash (an unknown e-mail) a
 * dummy is verified all the same, so that the time taken tells nothing.
 */
export async function verifyPassword(
  passwordHash: string | undefined,
  password: string,
): Promise<boolean> {
  dummyHash ??= hashPassword('a password nobody has');
  const matches = await verify(passwordHash ?? (await dummyHash), password);
  return matches && passwordHash !== undefined;
}

let dummyHash: Promise<string> | undefined;
