import { METRICS, ROUTE_FORMS } from '@wiry-otter/core';
import * as z from 'zod';
import { contactPath, pinnedContacts } from './exercise.js';
import { coordinate, documentHead, id, name, nonNegative, positive } from './primitives.js';
import { MOST_BANDS, unlaidSetup } from './setup.js';

const MOST_ROUTES = 50;
const MOST_VALUES = 1000;
const MOST_FOUND = 10_000;

const searchRoute = z.strictObject({
  id,
  path: contactPath,
  takeUp_m: nonNegative.optional(),
  extra_m: nonNegative.optional(),
  pinned: pinnedContacts.optional(),
  /** Cost of the trouble of laying a band so. Default 0. */
  handling: nonNegative.optional(),
  /** For bands of this form alone. */
  for: z.enum(ROUTE_FORMS).optional(),
});

const values = <Value extends z.ZodType>(value: Value) => z.array(value).min(1).max(MOST_VALUES);

/** The one quantity that is varied. */
const reach = z.union([
  z.strictObject({ point: name, axis: z.enum(['x', 'y', 'z']), values_m: values(coordinate) }),
  z.strictObject({ width: z.enum(['stance', 'grip']), values_m: values(nonNegative) }),
  z.strictObject({ takeUp: z.literal(true), values_m: values(nonNegative) }),
]);

const searchShape = {
  ...documentHead('wiry-otter.search'),
  setup: unlaidSetup,
  routes: z.array(searchRoute).min(1).max(MOST_ROUTES),
  reach,
  limits: z.strictObject({
    maxBands: z.number().int().min(1).max(MOST_BANDS),
    stretch: z.number().gt(1),
    start: z.number().optional(),
    anchor_N: nonNegative.optional(),
    overAssist: z.number().min(0).max(1).optional(),
    mount_N: nonNegative.optional(),
  }),
  bandCost: z.record(id, nonNegative).optional(),
};

const candidate = z.strictObject({ key: z.string(), cost: z.number(), value: z.number() });

/** Less than this nobody asks for, N, N·m or share of the need. */
const wanted = z.number().min(0.001);

/** `wiry-otter.search`: what is looked for, among what. */
export const searchDocument = z.strictObject({
  ...searchShape,
  target: z.strictObject({ metric: z.enum(METRICS), value: wanted }),
  top: z.number().int().min(1).max(MOST_FOUND).optional(),
  count: z.boolean().optional(),
});
export type SearchDocument = z.infer<typeof searchDocument>;

/** `wiry-otter.ladder`: a whole ladder that is looked for, from one value to another. */
export const ladderDocument = z.strictObject({
  ...searchShape,
  ...documentHead('wiry-otter.ladder'),
  target: z
    .strictObject({ metric: z.enum(METRICS), from: wanted, to: nonNegative, step: positive })
    .refine(({ metric, to }) => metric === 'assistMean' || to > 0, {
      path: ['to'],
      message: 'more than 0, where it is a load',
    }),
});
export type LadderDocument = z.infer<typeof ladderDocument>;

/** `wiry-otter.rungs`: the ladder that was found. */
export const rungsDocument = z.strictObject({
  ...documentHead('wiry-otter.rungs'),
  rungs: z.array(candidate),
  gaps: z.array(
    z.strictObject({
      below: z.number(),
      above: z.number(),
      ratio: z.number().optional(),
      difference: z.number().optional(),
    }),
  ),
  pooled: z.boolean(),
});
export type RungsDocument = z.infer<typeof rungsDocument>;

/** `wiry-otter.found`: the best candidates, exactly, and how many are feasible. */
export const foundDocument = z.strictObject({
  ...documentHead('wiry-otter.found'),
  feasible: z.number().int().optional(),
  top: z.array(candidate),
});
export type FoundDocument = z.infer<typeof foundDocument>;
