import { type LadderBasis, LONGEST_TITLE, METRICS } from '@wiry-otter/core';
import * as z from 'zod';
import { nonNegative, positive, strandLaw } from '../documents/primitives.js';
import { completeSetupDocument } from '../documents/setup.js';
import { model, moment, uuid, version } from './identity.js';
import { caution } from './setups.js';

/** Rungs of one ladder, at most. */
export const MOST_RUNGS = 60;

const rungFields = {
  /** What is laid, in short: the same key is the same rung. */
  key: z.string().min(1).max(1000),
  /** The set-up that the rung is, or becomes once it is prescribed. */
  setupId: uuid,
  title: z.string().trim().min(1).max(LONGEST_TITLE),
  routeId: z.string().max(100),
  document: completeSetupDocument,
  /** The figure that the ladder climbs by. */
  value: z.number(),
  /** Stays as it is when the ladder is made anew. */
  locked: z.boolean(),
};

/** What the ladder was made from. */
const basis = z.strictObject({
  body: z.strictObject({ stature_m: positive, mass_kg: positive }),
  anchorId: uuid.nullable(),
  height_m: nonNegative.nullable(),
  bands: z.array(z.strictObject({ id: uuid, name: z.string(), law: strandLaw })).max(500),
}) satisfies z.ZodType<LadderBasis>;

const gap = z.strictObject({
  below: z.number(),
  above: z.number(),
  ratio: z.number().optional(),
  difference: z.number().optional(),
});

const ladderFields = {
  personId: uuid,
  placeId: uuid,
  anchorId: uuid.nullable(),
  target: z.strictObject({
    metric: z.enum(METRICS),
    from: nonNegative,
    to: nonNegative,
    step: positive,
  }),
  /** Made by the finder, or by hand from the set-ups saved: then its rungs are those and no others. */
  source: z.enum(['found', 'hand']),
  /** A notch of distance or grip comes before another band. */
  notchFirst: z.boolean(),
  gaps: z.array(gap).max(MOST_RUNGS + 1),
  /** Keys of rungs that the trainer has struck out: they do not come back. */
  struck: z.array(rungFields.key).max(500),
  basis,
};

export const ladderInput = z.strictObject({
  version,
  ...ladderFields,
  exerciseId: z.string().min(1).max(100),
  rungs: z.array(z.strictObject(rungFields)).min(1).max(MOST_RUNGS),
});
export type LadderInput = z.infer<typeof ladderInput>;

export const ladderRung = z.object({
  ...rungFields,
  /** Mean demand by the laws on record when it was kept, and its standard deviation. */
  load: z.number(),
  std: z.number().nonnegative(),
  cautions: z.array(caution),
});
export type LadderRung = z.infer<typeof ladderRung>;

export const ladder = z.object({
  id: uuid,
  version,
  model,
  ...ladderFields,
  exerciseId: z.string(),
  rungs: z.array(ladderRung),
  savedAt: moment,
  /** To which rung the prescription in force has moved with this version; null where it stays. */
  moved: z.object({ from: z.string(), to: z.string() }).nullable(),
  removed: z.boolean(),
});
export type LadderRecord = z.infer<typeof ladder>;
