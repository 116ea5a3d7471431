import type { Setup } from '@wiry-otter/core';
import * as z from 'zod';
import { contactPath, exerciseDocument, pinnedContacts } from './exercise.js';
import {
  bandKind,
  documentHead,
  id,
  mass_kg,
  name,
  nonNegative,
  phaseRange,
  place2,
  place3,
  positive,
  recordOf,
  stature_m,
  strandLaw,
} from './primitives.js';

/** What a person could build, and what is solved at all. */
export const MOST_BANDS = 12;
const MOST_BANDS_OF_KIT = 200;
const MOST_LINKS = 8;
const MOST_POINTS = 50;
const MOST_LOADS = 50;
const MOST_SAMPLES = 201;

export const body = z.strictObject({ stature_m, mass_kg });

export const setupBand = z.strictObject({
  id,
  kind: bandKind,
  flatLength_m: positive,
  law: strandLaw,
  loss: z.number().min(0).max(0.4).optional(),
  limit: z.number().gt(1).max(3).optional(),
  /** Handles and clips on the path, which stretch nothing. */
  deadLength_m: nonNegative.optional(),
});

export const run = z.strictObject({
  band: id,
  path: contactPath,
  takeUp_m: nonNegative.optional(),
  extra_m: nonNegative.optional(),
  /** How much of the take-up lies round the anchor, hitched or wound. */
  hitch_m: nonNegative.optional(),
  pinned: pinnedContacts.optional(),
});

/** Everything of a set-up but the runs that are laid and their links. */
const unlaidShape = {
  ...documentHead('wiry-otter.setup'),
  body,
  widths: z
    .strictObject({ grip_m: nonNegative.optional(), stance_m: nonNegative.optional() })
    .optional(),
  root_m: place2.optional(),
  /** The part of the movement that is done. Default the whole. */
  phases: phaseRange.optional(),
  /** One foot ahead of the other, for the drawing and the balance. */
  stagger_m: z.number().min(-2).max(2).optional(),
  /** The marks are on the floor and on the band. */
  marked: z.boolean().optional(),
  points: recordOf(name, place3, MOST_POINTS),
  bands: z.array(setupBand).max(MOST_BANDS),
  /** The limb that works, where one does; figures are those of the mirror image. Default right. */
  side: z.enum(['left', 'right']).optional(),
  loads: z
    .array(z.strictObject({ at: name, mass_kg: positive }))
    .max(MOST_LOADS)
    .optional(),
  samples: z.number().int().min(2).max(MOST_SAMPLES).optional(),
};

const setupShape = {
  ...unlaidShape,
  runs: z.array(run).max(MOST_BANDS),
  links: recordOf(name, place3, MOST_LINKS).optional(),
};

/** A set-up before bands are laid, with the kit that may be laid: what a search begins with. */
export const unlaidSetup = z.strictObject({
  ...unlaidShape,
  bands: z.array(setupBand).max(MOST_BANDS_OF_KIT),
  exercise: z.union([id, exerciseDocument]),
});

/** `wiry-otter.setup` as it may be written: the exercise in full or by its catalogue id. */
export const setupDocument = z.strictObject({
  ...setupShape,
  exercise: z.union([id, exerciseDocument]),
});
export type SetupDocument = z.infer<typeof setupDocument>;

/** A set-up whose exercise is written out, as the core and the records take it. */
export const completeSetupDocument = z.strictObject({
  ...setupShape,
  exercise: exerciseDocument,
}) satisfies z.ZodType<Setup>;
export type CompleteSetupDocument = z.infer<typeof completeSetupDocument>;
