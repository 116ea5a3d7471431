import * as z from 'zod';
import { day, dayOnRecord, phaseRange, positive } from '../documents/primitives.js';
import { moment, uuid } from './identity.js';

const count = z.number().int().min(1).max(100);
const seconds = positive.max(600);

/** What was done to the limit. */
const effort = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('reps'),
    reps: count,
    spare: z.number().int().min(0).max(5),
  }),
  z.strictObject({ kind: z.literal('hold'), held_s: seconds }),
  z.strictObject({ kind: z.literal('lowering'), lowered_s: seconds }),
]);

const skillTestFields = {
  personId: uuid,
  exerciseId: z.string().min(1).max(100),
  /** The part of the movement that was done; null where it was all of it. */
  phases: phaseRange.nullable(),
  /** The studio's day it was shown on. */
  day,
  /** Null: nothing was shown yet. */
  effort: effort.nullable(),
  /** What helped, in words; null where nothing did. */
  helpedBy: z.string().trim().min(1).max(200).nullable(),
  /** Mean demand that it was done at, N or N·m, as the core computed it then. */
  load: positive,
  /** Share of the need that was taken off in the mean, 0 where nothing helped. */
  help: z.number(),
};

/** What a person can do of a skill, as it was shown on a day; append-only. */
export const skillTestInput = z.strictObject({ ...skillTestFields, day: dayOnRecord });
export type SkillTestInput = z.infer<typeof skillTestInput>;

export const skillTest = z.object({ id: uuid, ...skillTestFields, enteredAt: moment });
export type SkillTestRecord = z.infer<typeof skillTest>;
