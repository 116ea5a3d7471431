import { DECISION_CODES, RED_FLAGS, type Review, SCHOOLS } from '@wiry-otter/core';
import * as z from 'zod';
import { day, documentHead, figures, form, nonNegative, positive } from './primitives.js';

const rung = z.number().int().nonnegative();
const count = z.number().int().nonnegative();
const pain = z.number().min(0).max(10);

export const school = z.enum(SCHOOLS);

export const repRange = z
  .strictObject({ from: z.number().int().positive(), to: z.number().int().positive() })
  .refine((range) => range.to >= range.from, {
    path: ['to'],
    message: 'an upper end of at least the lower',
  });

const prescription = z
  .strictObject({
    sets: z.number().int().min(1).max(100),
    reps: repRange.optional(),
    hold_s: positive.optional(),
    work_s: positive.optional(),
    tempo: z.string().optional(),
    rest_s: nonNegative,
    rungs: z.array(rung).min(1),
    target: z.array(nonNegative).optional(),
  })
  .superRefine((value, context) => {
    if (value.rungs.length !== 1 && value.rungs.length !== value.sets) {
      context.addIssue({
        code: 'custom',
        path: ['rungs'],
        message: `one rung, or one for each of the ${value.sets} sets`,
        params: { found: `${value.rungs.length} rungs` },
      });
    }
    if (value.target !== undefined && value.target.length !== value.sets) {
      context.addIssue({
        code: 'custom',
        path: ['target'],
        message: `one target for each of the ${value.sets} sets`,
        params: { found: `${value.target.length} targets` },
      });
    }
  });

const doneSet = z.strictObject({
  rung,
  reps: count.optional(),
  partial: count.optional(),
  hold_s: nonNegative.optional(),
  lowering_s: nonNegative.optional(),
  work_s: nonNegative.optional(),
  spare: nonNegative.optional(),
  form,
  pain,
});

const sessions = z
  .array(
    z.strictObject({
      date: day,
      sets: z.array(doneSet).max(100),
      painNextMorning: pain.optional(),
      redFlag: z.union([z.boolean(), z.enum(RED_FLAGS)]).optional(),
      /** The school it was done under; the document's own where it is not given. */
      school: school.optional(),
      /** Seconds that were asked of every set then; the document's own where they are not given. */
      hold_s: positive.optional(),
    }),
  )
  .min(1)
  .superRefine((list, context) => {
    list.forEach(({ date }, i) => {
      const before = list[i - 1]?.date;
      if (before !== undefined && date < before) {
        context.addIssue({
          code: 'custom',
          path: [i, 'date'],
          message: `a day not before ${before}: sessions run from the oldest to the last`,
        });
      }
    });
  });

const ladder = z
  .array(z.strictObject({ id: z.string().min(1), load: positive, band: z.string().optional() }))
  .min(1)
  .superRefine((rungs, context) => {
    rungs.forEach(({ load }, i) => {
      const below = rungs[i - 1]?.load;
      if (below !== undefined && load < below) {
        context.addIssue({
          code: 'custom',
          path: [i, 'load'],
          message: `a load of at least ${below}: index 0 is the easiest and load rises`,
        });
      }
    });
  });

/** `wiry-otter.review`: what was prescribed and what was done. */
export const reviewDocument = z.strictObject({
  ...documentHead('wiry-otter.review'),
  school,
  prescription,
  ladder,
  sessions,
  limits: z.strictObject({
    pain: pain.optional(),
    /** Days without a session after which it counts as a break; 14 unless said. */
    breakDays: z.number().int().min(1).max(365).optional(),
  }),
  clearance: z.strictObject({ until: day }).optional(),
}) satisfies z.ZodType<Review>;
export type ReviewDocument = z.infer<typeof reviewDocument>;

export const decisionCode = z.enum(DECISION_CODES);

export const reason = z.strictObject({
  rule: z.string(),
  text: z.string(),
  figures,
});

/** `wiry-otter.decision`: what comes next, with the reasons in the order they were weighed. */
export const decisionDocument = z.strictObject({
  ...documentHead('wiry-otter.decision'),
  code: decisionCode,
  rungs: z.array(rung),
  target: z.array(nonNegative),
  reasons: z.array(reason),
});
export type DecisionDocument = z.infer<typeof decisionDocument>;
