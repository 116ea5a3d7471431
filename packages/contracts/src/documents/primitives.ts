import * as z from 'zod';

/** A length, mass or the like that cannot be nothing. */
export const positive = z.number().positive();

/** A quantity that may be zero but not negative. */
export const nonNegative = z.number().nonnegative();

/** Pair and triple of coordinates. */
export const pair = z.tuple([z.number(), z.number()]);
export const triple = z.tuple([z.number(), z.number(), z.number()]);

/** Ids that stand in keys of search results, so they hold none of the separators. */
export const id = z
  .string()
  .max(200)
  .regex(/^[^|,:]+$/, 'an id without "|", "," or ":"');

/** Names of contacts, points and links. */
export const name = z.string().min(1).max(100);

/** A day, ISO 8601. */
export const day = z.iso.date();

/** The head that every open document begins with. */
export function documentHead<Format extends string>(
  format: Format,
): { format: z.ZodLiteral<Format>; version: z.ZodLiteral<1> } {
  return { format: z.literal(format), version: z.literal(1) };
}

export const bandKind = z.enum(['loop', 'miniLoop', 'tube', 'strip', 'tubing']);

/** Coefficients of one strand's law. */
export const strandLaw = z.strictObject({
  c1_N: nonNegative,
  c2_N: nonNegative,
  c3_N: nonNegative,
});

export const segment = z.enum(['foot', 'shank', 'thigh', 'trunk', 'upperArm', 'forearm']);
export const joint = z.enum(['toe', 'ankle', 'knee', 'hip', 'shoulder', 'elbow', 'grip']);
