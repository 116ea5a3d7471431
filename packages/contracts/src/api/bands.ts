import { PULL_DIRECTIONS } from '@wiry-otter/core';
import * as z from 'zod';
import {
  bandState,
  bandStock,
  fittings,
  gauge,
  rigging,
  weighing,
} from '../documents/band-parts.js';
import { inspectionFindings, material } from '../documents/care.js';
import { bandKind, day, dayOnRecord, nonNegative } from '../documents/primitives.js';
import { labelClaim } from '../documents/samples.js';
import { happenedAt, moment, uuid, version } from './identity.js';

/** Lengths and widths a resistance band can have, so that a slip of the unit is caught. */
const flatLength_m = z.number().min(0.05).max(100);
const width_mm = z.number().min(1).max(300);
const thickness_mm = z.number().min(0.1).max(50);
const longestPull_m = 90;
const words = z.string().trim().max(2000);

/** Where a band is now. A person who is not this trainer's shows as `person` without a name. */
export const holder = z.discriminatedUnion('at', [
  z.strictObject({ at: z.literal('bag') }),
  z.strictObject({ at: z.literal('place'), placeId: uuid }),
  z.strictObject({ at: z.literal('person'), personId: uuid.nullable() }),
]);
export type Holder = z.infer<typeof holder>;

/** One of several equal bands; they age apart. */
const copyInput = z.strictObject({
  id: uuid,
  /** Tells the copies apart: "a", "b" or whatever is written on them. */
  mark: z.string().trim().min(1).max(20),
  boughtOn: dayOnRecord.nullable(),
});

const bandFields = {
  name: z.string().trim().min(1).max(80),
  kind: bandKind,
  /** A roll is stock to cut from; it has no place in a set-up. */
  stock: bandStock,
  /** The roll that this piece was cut from; it has the roll's law until it is measured itself. */
  cutFrom: uuid.nullable(),
  /** Of a roll: what is left on it. */
  flatLength_m,
  width_mm,
  thickness_mm: thickness_mm.nullable(),
  material,
  colour: z.string().regex(/^#[0-9a-f]{6}$/, 'a colour as #rrggbb'),
  /** Cut into the ribbon's end as notches. */
  tag: z.number().int().min(1).max(9).nullable(),
  /** The trainer's own shorthand; no figure is computed from it. */
  points: z.number().min(0.1).max(1000).nullable(),
  label: labelClaim.nullable(),
  /** Highest stretch ratio allowed. */
  limit: z.number().gt(1).max(3),
  fittings: fittings.nullable(),
  note: words,
};

export const bandInput = z.strictObject({
  version,
  ...bandFields,
  copies: z
    .array(copyInput)
    .min(1)
    .max(50)
    .refine((copies) => new Set(copies.map(({ id }) => id)).size === copies.length, {
      message: 'copies of different ids',
    }),
});
export type BandInput = z.infer<typeof bandInput>;

const readingFields = {
  /** Between hook and fixed end, fittings included. */
  length_m: z.number().positive().max(longestPull_m),
  force_N: nonNegative.max(5000),
  rest_m: flatLength_m.nullable(),
  strands: z.number().int().min(1).max(16).nullable(),
  /** Length of fittings within `length_m`. */
  dead_m: nonNegative.max(2),
  direction: z.enum(PULL_DIRECTIONS),
  /** What a bathroom scale said, where the pull comes from it. */
  weighing: weighing.nullable(),
  takenAt: moment,
};

export const readingInput = z.strictObject({ ...readingFields, takenAt: happenedAt });
export type ReadingInput = z.infer<typeof readingInput>;

export const readingAsideInput = z.strictObject({
  setAside: z.boolean(),
  reason: z.string().trim().max(300),
});
export type ReadingAsideInput = z.infer<typeof readingAsideInput>;

export const reading = z.object({
  id: uuid,
  ...readingFields,
  /** Standard error of the gauge, N; the usual one where undefined. */
  gaugeError_N: z.number().positive().optional(),
  takenBy: z.string(),
  /** Kept, but not counted; why is in the reason. */
  setAside: z.boolean(),
  setAsideReason: z.string(),
});
export type Reading = z.infer<typeof reading>;

const measurementFields = {
  copyId: uuid,
  rigging,
  gauge,
  /** Warm-up stretches done before the first reading. */
  warmUps: z.number().int().min(0).max(20),
  startedAt: moment,
  finishedAt: moment.nullable(),
  note: words,
};

export const measurementInput = z.strictObject({
  ...measurementFields,
  startedAt: happenedAt,
  finishedAt: happenedAt.nullable(),
});
export type MeasurementInput = z.infer<typeof measurementInput>;

export const measurement = z.object({
  id: uuid,
  ...measurementFields,
  takenBy: z.string(),
  readings: z.array(reading),
});
export type MeasurementRecord = z.infer<typeof measurement>;

const reason = z.string().trim().min(1).max(300);

/** What can happen to a copy of a band; kept for ever. */
const happening = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('inspected'), findings: inspectionFindings, note: words }),
  z.strictObject({ kind: z.literal('retired'), reason }),
  z.strictObject({ kind: z.literal('returned'), reason }),
  z.strictObject({ kind: z.literal('moved'), holder }),
]);

export const bandEventInput = z.strictObject({ copyId: uuid, at: happenedAt, what: happening });
export type BandEventInput = z.infer<typeof bandEventInput>;

export const bandEvent = z.object({
  id: uuid,
  copyId: uuid,
  at: moment,
  by: z.string(),
  what: happening,
});
export type BandEventRecord = z.infer<typeof bandEvent>;

/** The measurement whose law the band has; null for the latest. */
export const lawChoice = z.strictObject({ version, measurementId: uuid.nullable() });
export type LawChoice = z.infer<typeof lawChoice>;

export const cutInput = z.strictObject({
  version,
  pieceId: uuid,
  copyId: uuid,
  name: bandFields.name,
  tag: bandFields.tag,
  length_m: flatLength_m,
});
export type CutInput = z.infer<typeof cutInput>;

export const bandCopy = z.object({
  ...copyInput.shape,
  boughtOn: day.nullable(),
  state: bandState,
  /** Why it was retired or put on watch. */
  stateReason: z.string(),
  /** That it is with somebody, not with whom: that is in the record of the move. */
  holder,
  lastInspection: day.nullable(),
  /** The day its next inspection counts from: the last one, else when it was bought or put on record. */
  countsFrom: day,
});
export type BandCopy = z.infer<typeof bandCopy>;

/** A band as it is kept: what depends on the day, on the log or on who asks is not in it. */
export const band = z.object({
  id: uuid,
  version,
  ...bandFields,
  /** The best state among its copies: a band can be used while one of them can. */
  state: bandState,
  /** The measurement chosen for the law; null for the latest. */
  lawFrom: uuid.nullable(),
  removed: z.boolean(),
  copies: z.array(bandCopy),
  measurements: z.array(measurement),
  events: z.array(bandEvent),
});
export type BandRecord = z.infer<typeof band>;

/** Stretches of a copy beyond ×2 in all logged sets, and since its last inspection. */
export const bandWear = z.object({
  /** The copy's. */
  id: uuid,
  bandId: uuid,
  total: nonNegative,
  sinceInspection: nonNegative,
});
export type BandWearRecord = z.infer<typeof bandWear>;

/** A move of a copy to a person's home; seen by that person's trainers alone. */
export const bandMove = z.object({
  /** The event's. */
  id: uuid,
  bandId: uuid,
  copyId: uuid,
  personId: uuid,
});
export type BandMoveRecord = z.infer<typeof bandMove>;

/** A band as it stands today for a trainer: with its wear, what is due, and who of their people has it. */
export const bandToday = z.object({
  ...band.shape,
  copies: z.array(
    z.object({
      ...bandCopy.shape,
      cycles: z.object({ total: nonNegative, sinceInspection: nonNegative }),
      inspectionDue: z.boolean(),
    }),
  ),
});
export type BandToday = z.infer<typeof bandToday>;

export const measurementParams = z.strictObject({ id: uuid, measurementId: uuid });
export const readingParams = z.strictObject({ id: uuid, measurementId: uuid, readingId: uuid });
export const eventParams = z.strictObject({ id: uuid, eventId: uuid });
