import type { SignIns } from '@wiry-otter/contracts';
import bowser from 'bowser';
import { MoreThan, Not } from 'typeorm';
import { SignInEntity } from '../../platform/access/entities.js';
import { hashToken } from '../../platform/access/token.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';

/** Where the trainer is signed in, the last used first. */
export async function ownSignIns(scoped: ScopedManager, token: string): Promise<SignIns> {
  const { now, trainerId } = scoped.scope;
  const where = { trainerId, expiresAt: MoreThan(now) };
  const rows = await scoped.find(SignInEntity, where, { order: { seenAt: 'DESC', id: 'DESC' } });
  const ofThis = hashToken(token);
  return rows.map(({ begunAt, device, id, seenAt, tokenHash }) => ({
    id,
    device: deviceWords(device),
    begunAt: begunAt.toISOString(),
    seenAt: seenAt.toISOString(),
    isThis: tokenHash === ofThis,
  }));
}

/** Ends one of the trainer's own sign-ins, or refuses what is none of theirs. */
export async function withdrawSignIn(scoped: ScopedManager, id: string): Promise<void> {
  const { trainerId } = scoped.scope;
  await scoped.findOwn(SignInEntity, { id, trainerId });
  await scoped.delete(SignInEntity, { id, trainerId });
}

/** Ends all of the trainer's sign-ins but the one that asks. */
export async function withdrawOthers(scoped: ScopedManager, token: string): Promise<void> {
  const { trainerId } = scoped.scope;
  await scoped.delete(SignInEntity, { trainerId, tokenHash: Not(hashToken(token)) });
}

/** `Chrome on Linux`, as far as a browser says what it is. */
function deviceWords(userAgent: string): string {
  if (userAgent === '') return 'A program without a name';
  const { browser, os } = bowser.parse(userAgent);
  const name = browser.name === undefined || browser.name === '' ? 'A browser' : browser.name;
  return os.name === undefined ? name : `${name} on ${os.name}`;
}
