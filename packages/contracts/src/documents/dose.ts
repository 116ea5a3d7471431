import { type Goal, GOALS } from '@wiry-otter/core';
import * as z from 'zod';
import { documentHead } from './primitives.js';
import { school } from './review.js';

const atLeastOne = z.number().int().min(1).max(1000);

/** What is counted in a set, and the range it is to lie in. */
export const work = z.discriminatedUnion('kind', [
  z
    .strictObject({ kind: z.literal('reps'), from: atLeastOne, to: atLeastOne })
    .refine(({ from, to }) => to >= from, { path: ['to'], message: 'not less than `from`' }),
  z
    .strictObject({ kind: z.literal('hold'), from_s: atLeastOne, to_s: atLeastOne })
    .refine(({ from_s, to_s }) => to_s >= from_s, {
      path: ['to_s'],
      message: 'not less than `from_s`',
    }),
  /** Held at the top for so long, then lowered in so long, so often in a set. */
  z.strictObject({
    kind: z.literal('lowering'),
    hold_s: atLeastOne,
    lower_s: atLeastOne,
    reps: atLeastOne,
    /** So often in a set without a band, where that is another count. */
    bareReps: atLeastOne.optional(),
  }),
]);
export type Work = z.infer<typeof work>;

/** How much of a kind of work is begun with, and by which rules it goes on. */
export const dose = z
  .strictObject({
    school,
    sets: z.number().int().min(1).max(20),
    /** So many of the sets, the last ones, are done without a band. */
    bareSets: z.number().int().min(1).max(20).optional(),
    work,
    rest_s: z.number().min(0).max(3600),
    /** What shows that it is done with, for who does so much of it without a band. */
    exit: z.strictObject({ sets: atLeastOne, reps: atLeastOne }).optional(),
  })
  .refine(({ bareSets = 0, sets }) => bareSets <= sets, {
    path: ['bareSets'],
    message: 'not more than `sets`',
  });
export type Dose = z.infer<typeof dose>;

const byWork = z.strictObject({ reps: dose, hold: dose });

/** `wiry-otter.doses`: what a first prescription asks for where no exercise or skill says. */
export const dosesDocument = z.strictObject({
  ...documentHead('wiry-otter.doses'),
  /** By what a person trains for, and by what their exercise is counted in. */
  goals: z.strictObject(
    Object.fromEntries(GOALS.map((goal) => [goal, byWork])) as Record<Goal, typeof byWork>,
  ),
  /** Of skills, by the way they are worked on. */
  skills: z.strictObject({ taper: dose, hold: dose, lowering: dose }),
});
export type DosesDocument = z.infer<typeof dosesDocument>;
