import { RIGGINGS } from '@wiry-otter/core';
import * as z from 'zod';
import { nonNegative } from './primitives.js';

export const bandState = z.enum(['inUse', 'watch', 'retired']);

/** Handles and clips: what they add to the length, which stretches nothing, and what they weigh. */
export const fittings = z.strictObject({
  deadLength_m: nonNegative.max(2),
  mass_kg: nonNegative.max(10),
});

/** A roll is stock to cut from. */
export const bandStock = z.enum(['band', 'roll']);

/** A bathroom scale's two readings, with where bar and foot stood. */
export const weighing = z.strictObject({
  free_kg: z.number().min(10).max(400),
  standing_kg: z.number().min(0).max(400),
  bar_m: z.number().min(0.1).max(6),
  foot_m: z.number().min(0).max(0.3),
});

export const rigging = z.enum(RIGGINGS);

/** What the pulls were read from. */
export const gauge = z.strictObject({
  kind: z.enum(['typed', 'standIn', 'bluetooth', 'serial']),
  name: z.string().trim().max(80),
});
export type GaugeName = z.infer<typeof gauge>;
