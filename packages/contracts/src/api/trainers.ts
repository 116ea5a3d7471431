import * as z from 'zod';
import { email, linkToken, newPassword, properName } from './account.js';
import { moment, uuid } from './identity.js';
import { role } from './studio.js';

/** Invites somebody to the studio, by mail. */
export const invitationInput = z.strictObject({ email, role });
export type InvitationInput = z.infer<typeof invitationInput>;

/** An invitation that waits to be taken up. */
export const invitation = z.object({
  id: uuid,
  email: z.string(),
  role,
  invitedAt: moment,
  expiresAt: moment,
});
export type Invitation = z.infer<typeof invitation>;
export const invitations = z.array(invitation);

export const invitationLink = z.strictObject({ token: linkToken });

/** What whoever was invited is shown before they join. */
export const invitationShown = z.object({ studio: z.string(), email: z.string(), role });
export type InvitationShown = z.infer<typeof invitationShown>;

export const joining = z.strictObject({
  token: linkToken,
  name: properName,
  password: newPassword,
});
export type Joining = z.infer<typeof joining>;

export const roleChange = z.strictObject({ role });

/** A trainer leaves the studio; who has no other trainer is handed to a colleague. */
export const leaving = z.strictObject({ peopleTo: uuid.nullable() });
export type Leaving = z.infer<typeof leaving>;

/** To whom a person is given, all of them. */
export const givenTo = z.strictObject({ trainerIds: z.array(uuid).min(1).max(100) });
export type GivenTo = z.infer<typeof givenTo>;

/** Everybody the studio works with, by name alone, for who hands them out. */
export const peopleGiven = z.array(
  z.object({ id: uuid, name: z.string(), trainerIds: z.array(uuid) }),
);
export type PeopleGiven = z.infer<typeof peopleGiven>;

/** A mail that the simulated mailbox has taken. */
export const mail = z.object({
  id: uuid,
  to: z.string(),
  subject: z.string(),
  text: z.string(),
  sentAt: moment,
});
export type Mail = z.infer<typeof mail>;
/** Null where mails go to a real mailbox. */
export const mails = z.array(mail).nullable();
