import { type FinderPreferences, STACKINGS } from '@wiry-otter/core';
import * as z from 'zod';
import { forceUnit, lengthUnit, massUnit, weekStart } from '../documents/primitives.js';
import { moment, uuid } from './identity.js';

export const email = z.string().trim().toLowerCase().pipe(z.email()).pipe(z.string().max(200));

export const signInRequest = z.strictObject({
  email,
  password: z.string().min(1).max(500),
});
export type SignInRequest = z.infer<typeof signInRequest>;

/** A trainer chooses it, and nobody guesses it in a lifetime of tries. */
export const newPassword = z.string().min(10).max(500);

export const properName = z.string().trim().min(1).max(80);

/** Changes one's own password; every other sign-in ends. */
export const passwordChange = z.strictObject({
  present: z.string().min(1).max(500),
  next: newPassword,
});
export type PasswordChange = z.infer<typeof passwordChange>;

/** Asks for a mail with a link to a new password; the answer tells nobody whether there is such a trainer. */
export const passwordLinkRequest = z.strictObject({ email });
export type PasswordLinkRequest = z.infer<typeof passwordLinkRequest>;

/** What the link of a mail carries. */
export const linkToken = z.string().min(20).max(100);

export const passwordReset = z.strictObject({ token: linkToken, password: newPassword });
export type PasswordReset = z.infer<typeof passwordReset>;

/** Where a trainer is signed in. */
export const signIns = z.array(
  z.object({
    id: uuid,
    /** Browser and system, in words. */
    device: z.string(),
    begunAt: moment,
    /** To the hour. */
    seenAt: moment,
    /** Whether it is the one that asks. */
    isThis: z.boolean(),
  }),
);
export type SignIns = z.infer<typeof signIns>;

/** Makes the studio of a database that has none, and its owner. */
export const firstStartRequest = z.strictObject({
  /** As the start of the server has printed it. */
  code: z.string().trim().min(1).max(40),
  studio: z.strictObject({
    name: properName,
    zone: z.string().max(80).refine(isZone, { message: 'an IANA time zone' }),
    forceUnit,
    lengthUnit,
    massUnit,
    weekStart,
  }),
  owner: z.strictObject({ name: properName, email, password: newPassword }),
});
export type FirstStartRequest = z.infer<typeof firstStartRequest>;

/** Whether a studio can be made here. */
export const firstStart = z.object({ open: z.boolean() });
export type FirstStart = z.infer<typeof firstStart>;

function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** What a trainer would rather have of what is found. */
export const finderPreferences = z.strictObject({
  stacking: z.enum(STACKINGS),
  measuredFirst: z.boolean(),
  closeToSet: z.boolean(),
  withoutWarnings: z.boolean(),
}) satisfies z.ZodType<FinderPreferences>;

/** The signed-in trainer. */
export const account = z.object({
  trainer: z.object({ id: uuid, name: z.string(), email: z.string() }),
  studioId: uuid,
  /** Address of the simulated scale that the test bench may connect to. */
  gaugeUrl: z.url({ protocol: /^wss?$/ }).nullable(),
});
export type Account = z.infer<typeof account>;
