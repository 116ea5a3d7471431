import * as z from 'zod';
import { documentHead, triple } from './primitives.js';

const series = z.array(z.number());

/** `wiry-otter.solution`: what a set-up asks of the person over the rep. */
export const solutionDocument = z.strictObject({
  ...documentHead('wiry-otter.solution'),
  phase: series,
  unit: z.enum(['N', 'N·m']),
  runs: z.array(
    z.strictObject({
      band: z.string(),
      restPath_m: z.number(),
      /** Null where a slack run lies on a link and has no definite length. */
      length_m: z.array(z.number().nullable()),
      stretch: z.array(z.number().nullable()),
      strand_N: series,
      energy_J: series,
    }),
  ),
  links: z.record(z.string(), z.array(triple.nullable())),
  demand: series,
  lowering: series,
  unassisted: series,
  assist: z.array(z.number().nullable()).nullable(),
  anchors: z.record(z.string(), z.strictObject({ peak_N: z.number() })),
  overLimit: z.array(z.string()),
  summary: z.strictObject({
    start: z.number(),
    end: z.number(),
    peak: z.number(),
    mean: z.number(),
    bandWork_J: z.number(),
    peakStretch: z.number(),
    slackShare: z.number(),
    deadShare: z.number(),
    reversedShare: z.number(),
    match: z.number().nullable(),
    overAssistedShare: z.number(),
    assistMean: z.number().nullable().optional(),
    assistMin: z.number().nullable().optional(),
    assistMax: z.number().nullable().optional(),
  }),
});
export type SolutionDocument = z.infer<typeof solutionDocument>;
