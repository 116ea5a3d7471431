import { type Skill, SKILL_WORKS } from '@wiry-otter/core';
import * as z from 'zod';
import { dose } from './dose.js';
import { documentHead, id, name, phaseRange } from './primitives.js';

const words = z.string().min(1);

const level = z.strictObject({
  exercise: id,
  title: words.optional(),
  phases: phaseRange.optional(),
  limbs: z.union([z.literal(1), z.literal(2)]).optional(),
});

const hang = z.strictObject({
  where: words,
  routes: z.array(id).min(1),
  gettingIn: words,
  gettingOut: words,
});

/** `wiry-otter.skill`: exercises that lead one to the next, and where a band helps in them. */
export const skillDocument = z.strictObject({
  ...documentHead('wiry-otter.skill'),
  id,
  title: words,
  aim: words,
  work: z.enum(SKILL_WORKS),
  limb: z.enum(['arm', 'leg']).optional(),
  levels: z.array(level).min(1),
  orderWhy: words,
  hangs: z.array(hang).min(1),
  beyond: z.array(id).optional(),
  lowered: z.boolean().optional(),
  target: name.optional(),
  /** What it is worked on with, where that is not what skills of its kind are. */
  dose: dose.optional(),
}) satisfies z.ZodType<Skill>;
export type SkillDocument = z.infer<typeof skillDocument>;
