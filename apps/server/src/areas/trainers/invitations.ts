import type { Invitation, InvitationInput, Joining, Role } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import type { Invited } from '../../platform/access/link-holders.js';
import { scopeOf } from '../../platform/access/scope.js';
import type { SigningTrainer } from '../../platform/access/sign-in-store.js';
import { hashToken, newToken } from '../../platform/access/token.js';
import { linkWithToken } from '../../platform/mail/links.js';
import type { Letter } from '../../platform/mail/mailer.js';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { hashPassword } from '../account/passwords.js';
import { TrainerEntity } from '../studio/entities.js';
import { noteStudioChanged } from '../studio/studio-store.js';
import { InvitationEntity } from './entities.js';

const VALID_DAYS = 7;

/** Invites somebody, or invites them again: the latest link alone holds. Returns what it carries. */
export async function invite(
  scoped: ScopedManager,
  id: string,
  { email, role }: InvitationInput,
): Promise<string> {
  const { now, trainerId } = scoped.scope;
  const present = await scoped.findFirst(TrainerEntity, { email });
  if (present?.leftAt === null) return refuse('email-taken');
  const token = newToken();
  await scoped.lock(InvitationEntity, id);
  await scoped.delete(InvitationEntity, { email });
  await scoped.put(InvitationEntity, {
    ...{ id, email, role, tokenHash: hashToken(token), invitedBy: trainerId, invitedAt: now },
    expiresAt: new Date(now.getTime() + VALID_DAYS * 86_400_000),
  });
  return token;
}

/** The mail with which somebody is invited. */
export function invitationLetter(
  { email, role }: InvitationInput,
  from: { readonly trainer: string; readonly studio: string },
  link: { readonly address: string; readonly token: string },
): Letter {
  const as = role === 'owner' ? 'as an owner' : 'as a trainer';
  return {
    to: email,
    subject: `${from.studio}: an invitation to Wiry Otter`,
    text: [
      `${from.trainer} invites you to join ${from.studio} ${as}.`,
      `Choose your name and a password here, within ${VALID_DAYS} days:`,
      linkWithToken(link.address, 'join', link.token),
      'If you did not expect this, leave it; nothing happens without you.',
    ].join('\n\n'),
  };
}

/** Who was invited and has not joined yet, the latest first. */
export async function openInvitations(scoped: ScopedManager): Promise<Invitation[]> {
  const rows = await scoped.find(InvitationEntity, {}, { order: { invitedAt: 'DESC' } });
  return rows.map(({ email, expiresAt, id, invitedAt, role }) => ({
    ...{ id, email, role },
    invitedAt: invitedAt.toISOString(),
    expiresAt: expiresAt.toISOString(),
  }));
}

/** Whoever was invited becomes a trainer of the studio; who had left it before is one again. */
export async function join(
  outside: ScopedManager,
  invited: Invited,
  known: { readonly id: string; readonly studioId: string; readonly hasLeft: boolean } | undefined,
  { name, password, token }: Joining,
): Promise<SigningTrainer> {
  const { email, id: studioId, invitationId, role } = invited;
  const comesBack = known?.studioId === studioId && known.hasLeft;
  if (known !== undefined && !comesBack) return refuse('email-taken');
  const id = known?.id ?? uuidv7();
  const scope = scopeOf(invited, { id, name, email, role }, new Date());
  return outside.as(scope).transaction(async (inside) => {
    // Of two who follow the link at once the second finds it used.
    const kept = await inside.lock(InvitationEntity, invitationId);
    if (kept?.tokenHash !== hashToken(token)) return refuse('link-void');
    const passwordHash = await hashPassword(password);
    const fields = { name, passwordHash, role, leftAt: null };
    if (comesBack) await inside.update(TrainerEntity, { id }, fields);
    else await addTrainer(inside, { ...fields, id, email });
    await inside.delete(InvitationEntity, { email });
    await noteStudioChanged(inside);
    return { id, studioId, name, email, role, passwordHash };
  });
}

interface NewTrainer {
  readonly id: string;
  readonly email: string;
  readonly name: string;
  readonly passwordHash: string;
  readonly role: Role;
  readonly leftAt: null;
}

async function addTrainer(inside: ScopedManager, row: NewTrainer): Promise<void> {
  await inside.insert(TrainerEntity, { ...row, version: 1, finderPreferences: null });
  inside.touch('preferences', row.id);
}
