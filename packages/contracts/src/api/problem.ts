import * as z from 'zod';

/** RFC 9457 problem document, as every refused request answers. */
export const problemDocument = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  code: z.string(),
  detail: z.string().optional(),
  /** One entry per fault: where, what was found, what was expected. */
  faults: z
    .array(
      z.object({
        in: z.enum(['body', 'params', 'querystring', 'headers', 'document']),
        path: z.string(),
        found: z.string(),
        expected: z.string(),
      }),
    )
    .optional(),
});
export type ProblemDocument = z.infer<typeof problemDocument>;
export type RequestFault = NonNullable<ProblemDocument['faults']>[number];
