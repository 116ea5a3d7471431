import { GRADES, PULL_DIRECTIONS } from '@wiry-otter/core';
import * as z from 'zod';
import { bandKind, documentHead, nonNegative, positive, strandLaw } from './primitives.js';

export const pullSample = z.strictObject({
  length_m: positive,
  force_N: nonNegative,
  rest_m: positive.optional(),
  strands: z.number().int().min(1).max(16).optional(),
  direction: z.enum(PULL_DIRECTIONS).optional(),
});

export const labelClaim = z
  .strictObject({ min_N: positive, max_N: positive })
  .refine((label) => label.max_N >= label.min_N, {
    path: ['max_N'],
    message: 'a maximum of at least the minimum',
  });

/** `wiry-otter.samples`: pulls of one band on a gauge. */
export const samplesDocument = z.strictObject({
  ...documentHead('wiry-otter.samples'),
  kind: bandKind,
  flatLength_m: positive,
  samples: z.array(pullSample).max(10_000),
  label: labelClaim.optional(),
  /** Stretch ratios to predict the pull at. */
  predict: z.array(positive).max(10_000).optional(),
});
export type SamplesDocument = z.infer<typeof samplesDocument>;

/** `wiry-otter.calibration`: the law fitted to samples or to a label. */
export const calibrationDocument = z.strictObject({
  ...documentHead('wiry-otter.calibration'),
  law: strandLaw,
  loss: z.number().min(0).max(0.4),
  grade: z.enum(GRADES),
  /** The pulls are of no rubber law. */
  misfit: z.boolean(),
  predict: z.array(
    z.strictObject({ stretch: positive, strand_N: nonNegative, std_N: nonNegative }),
  ),
});
export type CalibrationDocument = z.infer<typeof calibrationDocument>;
