import { CAUTION_LEVELS, type Cure, LONGEST_TITLE, SPREAD_PARTS } from '@wiry-otter/core';
import * as z from 'zod';
import { figures } from '../documents/primitives.js';
import { completeSetupDocument } from '../documents/setup.js';
import { moment, uuid, version } from './identity.js';

const setupFields = {
  personId: uuid,
  placeId: uuid,
  anchorId: uuid.nullable(),
  title: z.string().trim().min(1).max(LONGEST_TITLE),
  routeId: z.string().min(1).max(100),
  document: completeSetupDocument,
};

export const setupInput = z.strictObject({
  version,
  ...setupFields,
  /** Rules whose warning, as it is said now, the trainer has acknowledged. */
  acknowledged: z.array(z.string().max(60)).max(50),
});
export type SetupInput = z.infer<typeof setupInput>;

/** The smallest change that ends a caution. */
const cure = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('distance'), closer_m: z.number() }),
  z.object({ kind: z.literal('phases'), from: z.number(), to: z.number() }),
  z.object({ kind: z.literal('stagger'), stagger_m: z.number() }),
]) satisfies z.ZodType<Cure>;

export const caution = z.object({
  rule: z.string(),
  level: z.enum(CAUTION_LEVELS),
  text: z.string(),
  figures,
  cure: cure.optional(),
  /** Who acknowledged the warning and when; none for what informs, refuses, or was not acknowledged. */
  seen: z.object({ by: uuid, name: z.string(), at: moment }).optional(),
});

/** The figures a set-up is listed and compared by. */
export const setupFigures = z.object({
  /** Number of the model that computed them. */
  model: z.number().int().min(1),
  unit: z.enum(['N', 'N·m']),
  start: z.number(),
  mean: z.number(),
  /** 1σ of the mean; null where it was saved before this was kept. */
  meanStd: z.number().nonnegative().nullable(),
  /** What makes the mean unsure most; null where nothing does or it is not on record. */
  mostly: z.enum(SPREAD_PARTS).nullable().optional(),
  end: z.number(),
  peak: z.number(),
  peakStretch: z.number(),
});

export const setup = z.object({
  id: uuid,
  version,
  ...setupFields,
  exerciseId: z.string(),
  figures: setupFigures,
  /** What an older model made of the set-up, before the figures were renewed; null where there is none. */
  earlierFigures: setupFigures.nullable(),
  cautions: z.array(caution),
  /** No refusal stands, and every warning was acknowledged. */
  ready: z.boolean(),
  removed: z.boolean(),
  savedAt: moment,
});
export type SetupRecord = z.infer<typeof setup>;
export type SetupFigures = z.infer<typeof setupFigures>;

export const setupVersionParams = z.strictObject({
  id: uuid,
  version: z.coerce.number().int().positive(),
});
