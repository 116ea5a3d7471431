import { type FinderPreferences, STACKINGS } from '@wiry-otter/core';
import * as z from 'zod';
import { uuid } from './identity.js';

export const signInRequest = z.strictObject({
  email: z.string().trim().toLowerCase().pipe(z.email()).pipe(z.string().max(200)),
  password: z.string().min(1).max(500),
});
export type SignInRequest = z.infer<typeof signInRequest>;

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
