import { LessThan } from 'typeorm';
import {
  KnownDeviceEntity,
  PasswordLinkEntity,
  SignInEntity,
} from '../../platform/access/entities.js';
import type { LinkedTrainer } from '../../platform/access/link-holders.js';
import { scopeOf } from '../../platform/access/scope.js';
import { hashToken, newToken } from '../../platform/access/token.js';
import { linkWithToken } from '../../platform/mail/links.js';
import type { Letter } from '../../platform/mail/mailer.js';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { TrainerEntity } from '../studio/entities.js';
import { hashPassword } from './passwords.js';

const VALID_MINUTES = 60;

/** Makes a link with which a trainer of the scope chooses a new password. Returns what it carries. */
export async function makePasswordLink(scoped: ScopedManager): Promise<string> {
  const { now, trainerId } = scoped.scope;
  const token = newToken();
  await scoped.delete(PasswordLinkEntity, { expiresAt: LessThan(now) });
  await scoped.insert(PasswordLinkEntity, {
    ...{ tokenHash: hashToken(token), trainerId },
    expiresAt: new Date(now.getTime() + VALID_MINUTES * 60_000),
  });
  return token;
}

/** The mail that carries the link. */
export function passwordLetter(to: string, address: string, token: string): Letter {
  return {
    to,
    subject: 'Wiry Otter: a new password',
    text: [
      'Somebody, probably you, has asked for a new password for this e-mail.',
      `Choose it here, within ${VALID_MINUTES} minutes:`,
      linkWithToken(address, 'new-password', token),
      'If it was not you, leave it; the password stays as it is.',
    ].join('\n\n'),
  };
}

/** Sets the password anew, once for each link, and ends every sign-in. */
export async function setPasswordByLink(
  outside: ScopedManager,
  linked: LinkedTrainer,
  { password, token }: { readonly password: string; readonly token: string },
): Promise<void> {
  const scoped = outside.as(scopeOf(linked, linked.trainer, new Date()));
  await scoped.transaction(async (inside) => {
    const { trainerId } = inside.scope;
    // Of two who follow the link at once the second finds it used.
    const [kept] = await inside.query<object>(
      'use-password-link',
      `DELETE FROM password_link WHERE studio_id = $1 AND token_hash = $2 RETURNING token_hash`,
      [hashToken(token)],
    );
    if (kept === undefined) return refuse('link-void');
    await inside.delete(PasswordLinkEntity, { trainerId });
    await setPassword(inside, password);
  });
}

/** Sets the password of the scope's trainer; every sign-in and known device ends with the old one. */
export async function setPassword(scoped: ScopedManager, password: string): Promise<void> {
  const { trainerId } = scoped.scope;
  const passwordHash = await hashPassword(password);
  await scoped.update(TrainerEntity, { id: trainerId }, { passwordHash });
  await scoped.delete(SignInEntity, { trainerId });
  await scoped.delete(KnownDeviceEntity, { trainerId });
}
