import * as z from 'zod';
import { forceUnit, lengthUnit, massUnit, weekStart } from '../documents/primitives.js';
import { moment, uuid, version } from './identity.js';

/** An owner decides for the studio and invites; a trainer works with the people they were given. */
export const role = z.enum(['owner', 'trainer']);
export type Role = z.infer<typeof role>;

/** A trainer as colleagues know them; one who has left is named by what they have written. */
export const trainer = z.object({
  id: uuid,
  name: z.string(),
  role,
  hasLeft: z.boolean(),
});
export type TrainerRecord = z.infer<typeof trainer>;

/** What a studio decides for all its trainers. */
const rules = {
  forceUnit,
  /** A band's inspection is due after this many days. */
  inspectionDays: z.number().int().min(1).max(365),
  /** Or after this many stretches beyond ×2. */
  inspectionCycles: z.number().int().min(50).max(100_000),
  /** A line of pull or recoil near the head is refused, not only warned of. */
  eyesRule: z.boolean(),
};

export const studio = z.object({
  id: uuid,
  version,
  name: z.string(),
  /** IANA zone in which the studio's days begin and end. */
  zone: z.string(),
  /** Where the studio's pages are found: in mails and on tags. Null where it was not said. */
  address: z.string().nullable(),
  /** What lengths and bodies are written in, and what a week begins with. */
  lengthUnit,
  massUnit,
  weekStart,
  /** The pain limit that new people begin with, 0 … 10. */
  painLimit: z.number().int().min(0).max(10),
  /** Days without a session after which it counts as a break. */
  breakDays: z.number().int().min(7).max(60),
  trainers: z.array(trainer),
  ...rules,
});
export type StudioRecord = z.infer<typeof studio>;

/** What the studio is called, where its pages are found, and how it writes; what is left out stays. */
const particulars = {
  lengthUnit: lengthUnit.optional(),
  massUnit: massUnit.optional(),
  weekStart: weekStart.optional(),
  painLimit: z.number().int().min(0).max(10).optional(),
  breakDays: z.number().int().min(7).max(60).optional(),
  name: z.string().trim().min(1).max(80).optional(),
  address: z
    .url({ protocol: /^https?$/, error: 'an address that begins with http:// or https://' })
    .max(200)
    .nullable()
    .optional(),
};

/** When all of the database was written to a file, the latest first. */
export const backUps = z.array(z.object({ madeAt: moment, encrypted: z.boolean() }));
export type BackUps = z.infer<typeof backUps>;

export const studioRulesInput = z.strictObject({ version, ...rules, ...particulars });
export type StudioRulesInput = z.infer<typeof studioRulesInput>;
