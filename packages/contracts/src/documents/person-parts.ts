import {
  type Clearance,
  type ClearanceLimits,
  type JointRange,
  RANGED_JOINTS,
  REHAB_STAGES,
} from '@wiry-otter/core';
import * as z from 'zod';
import { condition, day, dayOnRecord, id, mass_kg, muscleGroup, positive } from './primitives.js';

export const rangedJoint = z.enum(RANGED_JOINTS);

/** How far a joint may go, degrees from the anatomical position. */
const jointRange = z.strictObject({
  joint: rangedJoint,
  least_deg: z.number(),
  most_deg: z.number(),
}) satisfies z.ZodType<JointRange>;

/** Parts of a person's file that cautions look at. */
export const health = {
  bornOn: day.nullable(),
  conditions: z.array(condition).max(10),
  /** The pull a person can manage when hooking a band on, N. */
  mountLimit_N: positive,
  /** Pain-free ranges; joints not named are free. */
  ranges: z.array(jointRange).max(20),
};

const exerciseIds = z.array(id).max(500);

/** What a clinician allows, as data: each limit is enforced, and what is not named is free. */
export const clearanceLimits = z.strictObject({
  /** Greatest pull at the hands. */
  pull_N: positive.optional(),
  /** Greatest moment at a joint, of one side. */
  moments: z
    .array(z.strictObject({ joint: rangedJoint, most_Nm: positive }))
    .max(RANGED_JOINTS.length)
    .optional(),
  /** Greatest height of the hands over the floor. */
  handHeight_m: positive.optional(),
  /** Muscle groups that alone may be trained, and those that may not. */
  groups: z
    .strictObject({ only: z.array(muscleGroup).optional(), not: z.array(muscleGroup).optional() })
    .optional(),
  /** Exercises, by id, that alone may be done, and those that may not. */
  movements: z
    .strictObject({ only: exerciseIds.optional(), not: exerciseIds.optional() })
    .optional(),
  /** How far joints may go; those not named are free. */
  ranges: z.array(jointRange).max(RANGED_JOINTS.length).optional(),
  /** The stage of rehab that is reached: nothing beyond it. */
  stage: z.enum(REHAB_STAGES).optional(),
}) satisfies z.ZodType<ClearanceLimits>;

/** A clinician's clearance. */
export const clearance = z.strictObject({
  /** The clinician who cleared the person. */
  by: z.string(),
  /** What the clinician is: physician, physiotherapist. */
  profession: z.string().optional(),
  /** The day it was given. */
  on: day.optional(),
  /** The last day it holds. */
  until: day,
  /** What is allowed, in the clinician's words. */
  limits: z.string(),
  /** The limits as data; without them no limit is enforced. */
  enforced: clearanceLimits.optional(),
}) satisfies z.ZodType<Clearance>;

export const WEEKDAYS = [
  'monday',
  'tuesday',
  'wednesday',
  'thursday',
  'friday',
  'saturday',
  'sunday',
] as const;
export type Weekday = (typeof WEEKDAYS)[number];

const timeOfDay = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time of day as HH:MM');

/** When a person has time, in every week. */
export const freeSlot = z
  .strictObject({ weekday: z.enum(WEEKDAYS), from: timeOfDay, to: timeOfDay })
  .refine(({ from, to }) => from < to, { path: ['to'], message: 'later than `from`' });
export type FreeSlot = z.infer<typeof freeSlot>;

/** What a person weighed on a day. */
export const bodyMass = z.strictObject({ on: dayOnRecord, mass_kg });
export type BodyMass = z.infer<typeof bodyMass>;

/** That somebody may train who is not of age: who agreed, and when. */
export const consent = z.strictObject({
  by: z.string().trim().min(1).max(120),
  on: dayOnRecord,
});

/** A level of a skill that is worked towards. */
export const skillAim = z.strictObject({ skill: id, exercise: id });

/** What of a person can be filled in later. */
export const laterFields = {
  /** They see loads in newtons; without it the set-up and the effort alone. */
  figuresShown: z.boolean(),
  /** What they weighed, the earliest first. */
  bodyMasses: z
    .array(bodyMass)
    .max(2000)
    .refine((masses) => masses.every(({ on }, i) => i === 0 || on > (masses[i - 1]?.on ?? '')), {
      message: 'one mass a day, the earliest first',
    }),
  /** When they have time. */
  freeSlots: z.array(freeSlot).max(50),
  /** How far rehab has come; null where it is not what for. */
  rehabStage: z.enum(REHAB_STAGES).nullable(),
  skillAim: skillAim.nullable(),
  /** Exercises that they do not do. */
  noGo: exerciseIds,
  consent: consent.nullable(),
  /** Since when nobody trains them any more; null while somebody does. */
  archivedOn: dayOnRecord.nullable(),
};
