import { RANGED_JOINTS } from '@wiry-otter/core';
import * as z from 'zod';
import {
  anchorFields,
  anchorKind,
  day,
  dayOnRecord,
  goal,
  mass_kg,
  stature_m,
} from '../documents/primitives.js';
import {
  clearance,
  clearanceLimits,
  health,
  laterFields,
  rangedJoint,
} from '../documents/person-parts.js';
import { moment, uuid, version } from './identity.js';

/** What a person's trainers write down of them. */
const personFields = {
  name: z.string(),
  about: z.string(),
  stature_m,
  mass_kg,
  goal,
  painLimit: z.number().min(0).max(10),
  latexAllergy: z.boolean(),
  ...health,
  clearance: clearance.nullable(),
};

/** What came later: a write of a device of before leaves it out, and it stays as it is. */
const addedFields = {
  ...laterFields,
  /** Where they train: their home, the studio. */
  placeIds: z.array(uuid).max(20),
};

export const person = z.object({
  id: uuid,
  version,
  ...personFields,
  ...addedFields,
  /** Day of the first session of each exercise, by the exercise's id. */
  trainedSince: z.record(z.string(), day),
  /** Clearances that ran out or were renewed, the latest first. */
  clearancesBefore: z.array(clearance),
  /** To whom they are given. */
  trainerIds: z.array(uuid),
});
export type PersonRecord = z.infer<typeof person>;

/** A person as what is derived takes them: whose they are makes no difference. */
export type TrainedPerson = Omit<PersonRecord, 'trainerIds'>;

/** An angle from the anatomical position, degrees. */
const angle_deg = z.number().min(-180).max(180);

/** How far a joint may go, as it is written. */
const rangeInput = z
  .strictObject({ joint: rangedJoint, least_deg: angle_deg, most_deg: angle_deg })
  .refine(({ least_deg, most_deg }) => least_deg < most_deg, {
    path: ['most_deg'],
    message: 'more than least_deg',
  });
const rangesInput = z
  .array(rangeInput)
  .max(RANGED_JOINTS.length)
  .refine((ranges) => new Set(ranges.map(({ joint }) => joint)).size === ranges.length, {
    message: 'one range for each joint',
  });

/** A person as they are written: what was kept before there were bounds can still be read. */
export const personInput = z.strictObject({
  version,
  ...personFields,
  name: z.string().trim().min(1).max(80),
  about: z.string().trim().max(200),
  painLimit: z.int().min(0).max(10),
  bornOn: dayOnRecord.nullable(),
  mountLimit_N: z.number().positive().max(2000),
  ranges: rangesInput,
  clearance: clearance
    .safeExtend({
      by: z.string().trim().min(1).max(120),
      profession: z.string().trim().max(80).optional(),
      on: dayOnRecord.optional(),
      until: dayOnRecord,
      limits: z.string().trim().max(1000),
      enforced: clearanceLimits.safeExtend({ ranges: rangesInput.optional() }).optional(),
    })
    .refine(({ on, until }) => on === undefined || on <= until, {
      path: ['until'],
      message: 'not before the day it was given',
    })
    .nullable(),
  ...z.strictObject(addedFields).partial().shape,
});
export type PersonInput = z.infer<typeof personInput>;

/** Something to be remembered of a person, on a day. */
const noteFields = {
  personId: uuid,
  text: z.string().trim().min(1).max(4000),
  removed: z.boolean(),
};
export const note = z.object({
  id: uuid,
  version,
  ...noteFields,
  day,
  writtenBy: z.string(),
  writtenAt: moment,
});
export type NoteRecord = z.infer<typeof note>;

export const noteInput = z.strictObject({ version, ...noteFields, day: dayOnRecord });
export type NoteInput = z.infer<typeof noteInput>;

export const anchor = z
  .strictObject({
    id: uuid,
    name: z.string().trim().min(1).max(80),
    kind: anchorKind,
    ...anchorFields,
  })
  .refine(({ lowest_m, highest_m }) => lowest_m <= highest_m, {
    path: ['highest_m'],
    message: 'not lower than lowest_m',
  })
  .refine(({ kind, door }) => (kind === 'door') === (door !== null), {
    path: ['door'],
    message: 'how the strap sits in the door, for a door and for nothing else',
  });
export type AnchorRecord = z.infer<typeof anchor>;

/** Heights above the floor where a band can be hung, so that a slip of the unit is caught. */
const anchorHeight_m = z.number().min(0).max(20);

/** An anchor as it is written: what was kept before there were bounds can still be read. */
const anchorInput = anchor.safeExtend({
  lowest_m: anchorHeight_m,
  highest_m: anchorHeight_m,
  girth_m: z.number().positive().max(10).nullable(),
  ratedLoad_N: z.number().positive().max(200_000).nullable(),
  room_m: z.number().positive().max(50).nullable().default(null),
});

const placeFields = {
  name: z.string().trim().min(1).max(80),
  about: z.string().max(400),
};
const MOST_ANCHORS = 60;

export const place = z.object({
  id: uuid,
  version,
  ...placeFields,
  anchors: z.array(anchor).max(MOST_ANCHORS),
});
export type PlaceRecord = z.infer<typeof place>;

/** A place as it is written: anchors left out of the list are put away. */
export const placeInput = z.strictObject({
  version,
  ...placeFields,
  anchors: z.array(anchorInput).max(MOST_ANCHORS),
});
export type PlaceInput = z.infer<typeof placeInput>;
