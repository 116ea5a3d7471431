import * as z from 'zod';
import { bandKind, nonNegative } from '../documents/primitives.js';
import { labelClaim } from '../documents/samples.js';
import { moment, uuid, version } from './identity.js';

/** Lengths and widths a resistance band can have, so that a slip of the unit is caught. */
const flatLength_m = z.number().min(0.05).max(30);
const width_mm = z.number().min(1).max(300);

export const bandState = z.enum(['inUse', 'watch', 'retired']);

const bandFields = {
  name: z.string().trim().min(1).max(80),
  kind: bandKind,
  flatLength_m,
  width_mm,
  colour: z.string().regex(/^#[0-9a-f]{6}$/, 'a colour as #rrggbb'),
  /** Cut into the ribbon's end as notches. */
  tag: z.number().int().min(1).max(9).nullable(),
  label: labelClaim.nullable(),
  /** Highest stretch ratio allowed. */
  limit: z.number().gt(1).max(3),
  state: bandState,
  note: z.string().max(2000),
};

export const bandInput = z.strictObject({ version, ...bandFields });
export type BandInput = z.infer<typeof bandInput>;

const readingFields = {
  length_m: z.number().positive().max(90),
  force_N: nonNegative.max(5000),
  rest_m: flatLength_m.nullable(),
  strands: z.number().int().min(1).max(16).nullable(),
  direction: z.enum(['loading', 'unloading']),
  takenAt: moment,
};

export const readingInput = z.strictObject(readingFields);
export type ReadingInput = z.infer<typeof readingInput>;

export const setAsideInput = z.strictObject({ setAside: z.boolean() });

export const reading = z.object({
  id: uuid,
  ...readingFields,
  takenBy: z.string(),
  /** Kept, but not counted. */
  setAside: z.boolean(),
});
export type Reading = z.infer<typeof reading>;

export const band = z.object({
  id: uuid,
  version,
  ...bandFields,
  removed: z.boolean(),
  readings: z.array(reading),
});
export type BandRecord = z.infer<typeof band>;

export const versionQuery = z.strictObject({ version: z.coerce.number().int().nonnegative() });
export const readingParams = z.strictObject({ id: uuid, readingId: uuid });
