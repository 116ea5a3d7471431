import type { Mail } from '@wiry-otter/contracts';
import type { Client } from './studio.js';

/** The latest mail to an address, as an owner reads it. */
export async function mailTo(owner: Client, email: string): Promise<Mail> {
  const { body } = await owner.get<Mail[]>('/mails');
  const found = body.find(({ to }) => to === email);
  if (found === undefined) throw new Error(`no mail to ${email}`);
  return found;
}

/** What the link of a mail carries. */
export function tokenOf({ text }: Pick<Mail, 'text'>): string {
  const token = /#(\S+)/.exec(text)?.[1];
  if (token === undefined) throw new Error(`no link in: ${text}`);
  return token;
}
