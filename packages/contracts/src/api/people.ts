import * as z from 'zod';
import { day, positive } from '../documents/primitives.js';
import { uuid, version } from './identity.js';

export const clearance = z.object({
  /** The clinician who cleared the person. */
  by: z.string(),
  until: day,
  limits: z.string(),
});

export const person = z.object({
  id: uuid,
  version,
  name: z.string(),
  about: z.string(),
  stature_m: positive,
  mass_kg: positive,
  goal: z.enum(['build', 'keep', 'rehab', 'skill']),
  painLimit: z.number().min(0).max(10),
  latexAllergy: z.boolean(),
  clearance: clearance.nullable(),
});
export type PersonRecord = z.infer<typeof person>;

export const anchorKind = z.enum(['door', 'wall', 'post', 'bar', 'underFoot']);

export const anchor = z.object({
  id: uuid,
  name: z.string(),
  kind: anchorKind,
  lowest_m: z.number().nonnegative(),
  highest_m: z.number().nonnegative(),
});

export const place = z.object({
  id: uuid,
  name: z.string(),
  about: z.string(),
  anchors: z.array(anchor),
});
export type PlaceRecord = z.infer<typeof place>;
export type AnchorRecord = z.infer<typeof anchor>;
