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

/** What on a person's file makes a clinician's word necessary, or a caution sharper. */
export const condition = z.enum([
  'recentSurgery',
  'pregnancy',
  'neurological',
  'heart',
  'highBloodPressure',
]);

/** Parts of a person's file that cautions look at. */
export const health = {
  bornOn: day.nullable(),
  conditions: z.array(condition).max(10),
  /** The pull a person can manage when hooking a band on, N. */
  mountLimit_N: positive,
  /** Pain-free ranges, degrees from the anatomical position; joints not named are free. */
  ranges: z
    .array(
      z.strictObject({
        joint: z.enum(['shoulder', 'elbow', 'hip', 'knee', 'ankle']),
        least_deg: z.number(),
        most_deg: z.number(),
      }),
    )
    .max(20),
};

/** The head that every open document begins with. */
export function documentHead<Format extends string>(
  format: Format,
): { format: z.ZodLiteral<Format>; version: z.ZodLiteral<1> } {
  return { format: z.literal(format), version: z.literal(1) };
}

/** What a band can be hung on, laid under or held by. */
export const anchorKind = z.enum([
  'door',
  'wall',
  'bar',
  'parallelBars',
  'rings',
  'post',
  'banister',
  'rack',
  'furniture',
  'underFoot',
  'underHand',
  'partner',
]);
export type AnchorKindName = z.infer<typeof anchorKind>;

/** Where on a door the strap sits, and what the door does when it is pulled. */
export const doorFit = z.strictObject({
  side: z.enum(['over', 'under', 'hinge', 'latch']),
  /** Which way the leaf swings, seen from the person who pulls. */
  opens: z.enum(['toward', 'away']),
  locked: z.boolean(),
  /** A strap with a foam end behind the leaf; else the band is knotted. */
  foamEnd: z.boolean(),
});
export type DoorFit = z.infer<typeof doorFit>;

/** What an anchor is like besides its name and kind. */
export const anchorFields = {
  lowest_m: nonNegative,
  highest_m: nonNegative,
  /** Length once round it, m: a choked band lies twice round. */
  girth_m: positive.nullable(),
  /** What its maker or fitter vouches for, N; none where nobody does. */
  ratedLoad_N: positive.nullable(),
  door: doorFit.nullable(),
};

export const muscleGroup = z.enum([
  'quadriceps',
  'hamstrings',
  'glutes',
  'calves',
  'shins',
  'hipAbductors',
  'hipAdductors',
  'hipFlexors',
  'lowerBack',
  'upperBack',
  'lats',
  'chest',
  'frontShoulder',
  'sideShoulder',
  'rearShoulder',
  'rotatorCuff',
  'biceps',
  'triceps',
  'forearms',
  'abdominals',
  'obliques',
  'neck',
]);
export type MuscleGroup = z.infer<typeof muscleGroup>;

export const bandKind = z.enum(['loop', 'miniLoop', 'tube', 'strip', 'tubing']);

/** Coefficients of one strand's law. */
export const strandLaw = z.strictObject({
  c1_N: nonNegative,
  c2_N: nonNegative,
  c3_N: nonNegative,
});

export const segment = z.enum(['foot', 'shank', 'thigh', 'trunk', 'upperArm', 'forearm']);
export const joint = z.enum(['toe', 'ankle', 'knee', 'hip', 'shoulder', 'elbow', 'grip']);
