import * as z from 'zod';
import { finderPreferences } from './account.js';
import { band, bandMove, bandWear } from './bands.js';
import { ownExercise } from './exercises.js';
import { uuid, version } from './identity.js';
import { ladder } from './ladders.js';
import { note, person, place } from './people.js';
import { RECORD_KINDS, type RecordKind } from './record-kinds.js';
import { decision, prescription, session } from './sessions.js';
import { setup } from './setups.js';
import { skillTest } from './skill-tests.js';
import { stop } from './stops.js';
import { studio } from './studio.js';

/** What a trainer would rather have; the id is the trainer's. */
export const preferences = z.object({ id: uuid, version, finder: finderPreferences });
export type PreferencesRecord = z.infer<typeof preferences>;

/** The schema of each kind of record. */
export const RECORDS = {
  studio,
  preferences,
  person,
  note,
  place,
  exercise: ownExercise,
  band,
  bandWear,
  bandMove,
  setup,
  ladder,
  prescription,
  session,
  decision,
  skillTest,
  stop,
} as const satisfies Record<RecordKind, z.ZodType>;

export type RecordOf<Kind extends RecordKind> = z.infer<(typeof RECORDS)[Kind]>;

export const recordParams = z.strictObject({ kind: z.enum(RECORD_KINDS), id: uuid });

/** One record as it is now; null where it is gone, or is no longer this trainer's to see. */
export const recordChange = z.object({
  kind: z.enum(RECORD_KINDS),
  id: uuid,
  version,
  record: z.unknown(),
});
export type RecordChange = z.infer<typeof recordChange>;

/** Changes handed out at a time, at most. */
export const MOST_CHANGES = 1000;

export const changesQuery = z.strictObject({
  /** Where the last answer ended; without it the whole of what a device keeps. */
  after: z.string().max(200).optional(),
  limit: z.coerce.number().int().min(1).max(MOST_CHANGES).default(500),
});

export const changes = z.object({
  changes: z.array(recordChange),
  cursor: z.string(),
  /** Whether there are more at once. */
  more: z.boolean(),
  /** Whether something is written that can only be handed out in a moment. */
  held: z.boolean(),
});
export type Changes = z.infer<typeof changes>;
