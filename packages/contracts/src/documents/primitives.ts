import {
  ANCHOR_KINDS,
  BAND_KINDS,
  CHAIN,
  CONDITIONS,
  DOOR_SIDES,
  DOOR_SWINGS,
  FORCE_UNITS,
  LENGTH_UNITS,
  MASS_UNITS,
  FORMS,
  GOALS,
  JOINTS,
  MUSCLE_GROUPS,
} from '@wiry-otter/core';
import * as z from 'zod';

/** A length, mass or the like that cannot be nothing. */
export const positive = z.number().positive();

/** A quantity that may be zero but not negative. */
export const nonNegative = z.number().nonnegative();

/** Pair and triple of numbers. */
export const pair = z.tuple([z.number(), z.number()]);
export const triple = z.tuple([z.number(), z.number(), z.number()]);

/** Nothing that a person trains with is further away, m. */
const FARTHEST_M = 20;
export const coordinate = z.number().min(-FARTHEST_M).max(FARTHEST_M);

/** A place in a plane and in space, m. */
export const place2 = z.tuple([coordinate, coordinate]);
export const place3 = z.tuple([coordinate, coordinate, coordinate]);

/** What a person can measure and weigh. */
export const stature_m = z.number().min(0.5).max(2.5);
export const mass_kg = z.number().min(10).max(350);

/** A record of at most so many entries. */
export function recordOf<Key extends z.core.$ZodRecordKey, Value extends z.ZodType>(
  key: Key,
  value: Value,
  most: number,
): z.ZodRecord<Key, Value> {
  return z.record(key, value).refine((entries) => Object.keys(entries).length <= most, {
    message: `an object of at most ${most} entries`,
  });
}

/** Ids and names become keys of objects, which all have some already. */
function namesNothing(text: string): boolean {
  return !(text in Object.prototype);
}

/** Ids that stand in keys of search results, so they hold none of the separators. */
export const id = z
  .string()
  .max(200)
  .regex(/^[^|,:]+$/, 'an id without "|", "," or ":"')
  .refine(namesNothing, 'an id that names nothing of the language itself');

/** Names of contacts, points and links. */
export const name = z
  .string()
  .min(1)
  .max(100)
  .refine(namesNothing, 'a name that names nothing of the language itself');

/** A day, ISO 8601. */
export const day = z.iso.date();

/** A day that something on record lies on. */
export const dayOnRecord = day.refine((text) => text >= '1900-01-01' && text < '2200-01-01', {
  message: 'a day from 1900 to 2199',
});

export const condition = z.enum(CONDITIONS);

export const goal = z.enum(GOALS);

export const muscleGroup = z.enum(MUSCLE_GROUPS);

export const forceUnit = z.enum(FORCE_UNITS);
export const lengthUnit = z.enum(LENGTH_UNITS);
export const massUnit = z.enum(MASS_UNITS);

/** Days that weeks begin on somewhere. */
export const weekStart = z.enum(['monday', 'sunday', 'saturday']);

export const form = z.enum(FORMS);

/** The head that every open document begins with. */
export function documentHead<Format extends string>(
  format: Format,
): { format: z.ZodLiteral<Format>; version: z.ZodLiteral<1> } {
  return { format: z.literal(format), version: z.literal(1) };
}

/** What a band can be hung on, laid under or held by. */
export const anchorKind = z.enum(ANCHOR_KINDS);

/** Where on a door the strap sits, and what the door does when it is pulled. */
export const doorFit = z.strictObject({
  side: z.enum(DOOR_SIDES),
  /** Which way the leaf swings, seen from the person who pulls. */
  opens: z.enum(DOOR_SWINGS),
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
  /** How far from it a person can stand, m; none where nobody has said. */
  room_m: positive.nullable().default(null),
};

export const bandKind = z.enum(BAND_KINDS);

/** Coefficients of one strand's law. */
export const strandLaw = z.strictObject({
  c1_N: nonNegative,
  c2_N: nonNegative,
  c3_N: nonNegative,
});

export const segment = z.enum(CHAIN);
export const joint = z.enum(JOINTS);

/** Figures that a rule or a decision weighed, keyed with their unit. */
export const figures = z.record(z.string(), z.union([z.number(), z.string()]));

/** The part of a movement that is done. */
export const phaseRange = z
  .strictObject({ from: z.number().min(0).max(1), to: z.number().min(0).max(1) })
  .refine(({ from, to }) => from < to, { path: ['to'], message: 'a phase after `from`' });
