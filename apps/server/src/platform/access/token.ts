import { createHash, randomBytes } from 'node:crypto';

const TOKEN_BYTES = 32;

/** What nobody guesses; only its hash is kept. */
export function newToken(): string {
  return randomBytes(TOKEN_BYTES).toString('base64url');
}

export function hashToken(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
