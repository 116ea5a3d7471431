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
    /** The day from which the present pace of a slow lowering holds. */
    since: day.optional(),
    /** The rung that ends a rehab's stage. */
    exit: rung.optional(),
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
  form: form.optional(),
  pain: pain.optional(),
});

/** That days do not go back is seen to where it is decided, as is that loads rise. */
const sessions = z
  .array(
    z.strictObject({
      date: day,
      sets: z.array(doneSet).max(100),
      painNextMorning: pain.optional(),
      redFlag: z.union([z.boolean(), z.enum(RED_FLAGS)]).optional(),
      /** The school it was done under; the document's own where it is not given. */
      school: school.optional(),
      /** Seconds asked of every set: in documents of before `since` was kept, and no longer weighed. */
      hold_s: positive.optional(),
    }),
  )
  .min(1);

const ladder = z
  .array(
    z.strictObject({
      id: z.string().min(1),
      load: positive,
      /** Standard uncertainty, of the difference from the rung in force. */
      u: nonNegative.optional(),
      band: z.string().optional(),
    }),
  )
  .min(1);

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
  /** Stops on record for this person and this work, however long ago. */
  stops: z
    .array(z.strictObject({ date: day, lifted: day.optional() }))
    .max(1000)
    .optional(),
  /** The day of the next session, where it is asked before one. */
  today: day.optional(),
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
