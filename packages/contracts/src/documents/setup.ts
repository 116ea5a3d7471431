import * as z from 'zod';
import { exerciseDocument } from './exercise.js';
import {
  bandKind,
  documentHead,
  id,
  name,
  nonNegative,
  pair,
  positive,
  strandLaw,
  triple,
} from './primitives.js';

export const body = z.strictObject({ stature_m: positive, mass_kg: positive });

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
  path: z.array(name).min(2).max(100),
  takeUp_m: nonNegative.optional(),
  extra_m: nonNegative.optional(),
});

const setupShape = {
  ...documentHead('wiry-otter.setup'),
  body,
  widths: z
    .strictObject({ grip_m: nonNegative.optional(), stance_m: nonNegative.optional() })
    .optional(),
  root_m: pair.optional(),
  points: z.record(name, triple),
  bands: z.array(setupBand).max(100),
  runs: z.array(run).max(100),
  links: z.record(name, triple).optional(),
  /** The limb that works, where one does; figures are those of the mirror image. Default right. */
  side: z.enum(['left', 'right']).optional(),
  loads: z
    .array(z.strictObject({ at: name, mass_kg: positive }))
    .max(100)
    .optional(),
  samples: z.number().int().min(2).max(10_001).optional(),
};

/** `wiry-otter.setup` as it may be written: the exercise in full or by its catalogue id. */
export const setupDocument = z.strictObject({
  ...setupShape,
  exercise: z.union([id, exerciseDocument]),
});
export type SetupDocument = z.infer<typeof setupDocument>;

/** A set-up whose exercise is written out, as the core and the records take it. */
export const completeSetupDocument = z.strictObject({ ...setupShape, exercise: exerciseDocument });
export type CompleteSetupDocument = z.infer<typeof completeSetupDocument>;
