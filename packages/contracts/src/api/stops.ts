import { STOP_CAUSES } from '@wiry-otter/core';
import * as z from 'zod';
import { day, muscleGroup } from '../documents/primitives.js';
import { happenedAt, moment, uuid, version } from './identity.js';

/** Why something was done about a stop, in words that stay on record. */
const why = z.string().trim().min(1).max(500);

const stopFields = {
  personId: uuid,
  cause: z.enum(STOP_CAUSES),
  /** What was said of it; of a flag of no named kind, what it was. */
  said: z.string().trim().max(500),
  /** In which session, or after it; null where it was in none. */
  sessionId: uuid.nullable(),
  /** What was being done; null where that is not known. */
  exerciseId: z.string().max(100).nullable(),
};

/** What ended a stop. */
const lifted = z.object({
  on: day,
  by: z.enum(['clearance', 'trainer', 'migration']),
  /** Who: the clinician, or the trainer. */
  name: z.string(),
  why: z.string(),
});

/** Work that is out of force until somebody who may lifts it; nothing overtakes it. */
export const stop = z.object({
  id: uuid,
  version,
  ...stopFields,
  at: moment,
  /** The studio's day of it; of one in a session or after it, the session's. */
  day,
  scope: z.object({ all: z.boolean(), groups: z.array(muscleGroup) }),
  raisedBy: z.string(),
  lifted: lifted.nullable(),
  /** Ticked by mistake: the stop and its flag leave the reviews, and this stays. */
  takenBack: z.object({ at: moment, by: z.string(), why: z.string() }).nullable(),
  /** Nobody has looked at it yet since it was lifted without anybody's doing. */
  wantsLook: z.boolean(),
});
export type StopRecord = z.infer<typeof stop>;

export const stopInput = z.strictObject({ ...stopFields, at: happenedAt });
export type StopInput = z.infer<typeof stopInput>;

/** "Go on", or "by mistake", with a reason that names what was looked at. */
export const stopReasonInput = z.strictObject({ why });
export type StopReasonInput = z.infer<typeof stopReasonInput>;
