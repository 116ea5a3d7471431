import * as z from 'zod';
import {
  anchorFields,
  anchorKind,
  day,
  documentHead,
  forceUnit,
  form,
  goal,
  id,
  lengthUnit,
  mass_kg,
  massUnit,
  nonNegative,
  positive,
  stature_m,
  weekStart,
} from './primitives.js';
import { clearance, health, laterFields } from './person-parts.js';
import { repRange, school } from './review.js';

/** `wiry-otter.studio`: a studio and its trainers. */
export const studioDocument = z.strictObject({
  ...documentHead('wiry-otter.studio'),
  name: z.string().min(1),
  zone: z.string().min(1),
  forceUnit,
  trainers: z
    .array(z.strictObject({ email: z.email(), name: z.string().min(1), password: z.string() }))
    .min(1),
});
export type StudioDocument = z.infer<typeof studioDocument>;

/** `wiry-otter.studio-settings`: what a studio is called, how it writes, its rules, who works in it. */
export const studioSettingsDocument = z.strictObject({
  ...documentHead('wiry-otter.studio-settings'),
  name: z.string().min(1),
  zone: z.string().min(1),
  forceUnit,
  lengthUnit,
  massUnit,
  weekStart,
  /** A band is looked at after so many days, or stretches beyond ×2. */
  inspectionDays: z.number().int().positive(),
  inspectionCycles: z.number().int().positive(),
  /** A pull toward the face is refused. */
  eyesRule: z.boolean(),
  /** The pain limit that new people begin with, 0 … 10. */
  painLimit: z.number().int().min(0).max(10).optional(),
  /** Days without a session after which it counts as a break. */
  breakDays: z.number().int().min(7).max(60).optional(),
  trainers: z.array(
    z.strictObject({
      name: z.string(),
      email: z.email(),
      role: z.enum(['owner', 'trainer']),
      hasLeft: z.boolean(),
    }),
  ),
});
export type StudioSettingsDocument = z.infer<typeof studioSettingsDocument>;

/** `wiry-otter.person`: body, goal, limits and clearance. */
export const personDocument = z.strictObject({
  ...documentHead('wiry-otter.person'),
  id,
  name: z.string().min(1),
  about: z.string(),
  stature_m,
  mass_kg,
  goal,
  painLimit: z.number().min(0).max(10),
  latexAllergy: z.boolean(),
  ...health,
  clearance: clearance.nullable(),
  figuresShown: laterFields.figuresShown.default(true),
  bodyMasses: laterFields.bodyMasses.default([]),
  freeSlots: laterFields.freeSlots.default([]),
  rehabStage: laterFields.rehabStage.default(null),
  skillAim: laterFields.skillAim.default(null),
  noGo: laterFields.noGo.default([]),
  consent: laterFields.consent.default(null),
  archivedOn: laterFields.archivedOn.default(null),
  /** Where they train, by the places' ids. */
  places: z.array(id).max(20).default([]),
  notes: z.array(z.strictObject({ day, text: z.string().min(1) })).default([]),
});
export type PersonDocument = z.infer<typeof personDocument>;

/** `wiry-otter.place`: where people train, and what a band can be hung on there. */
export const placeDocument = z.strictObject({
  ...documentHead('wiry-otter.place'),
  id,
  name: z.string().min(1),
  about: z.string(),
  anchors: z.array(
    z.strictObject({
      id,
      name: z.string().min(1),
      kind: anchorKind,
      ...anchorFields,
    }),
  ),
});
export type PlaceDocument = z.infer<typeof placeDocument>;

const historySet = z.strictObject({
  reps: z.number().int().nonnegative(),
  spare: z.number().int().min(0).max(5),
  form,
  pain: z.number().int().min(0).max(10),
});

/** `wiry-otter.history`: a person's set-ups of an exercise and the sessions done with them. */
export const historyDocument = z.strictObject({
  ...documentHead('wiry-otter.history'),
  person: id,
  exercise: id,
  place: id,
  anchor: id.nullable(),
  /** The day the rest is told from; loading moves it to a given day, and all others with it. */
  lastDay: day,
  setups: z.array(
    z.strictObject({
      id,
      title: z.string().min(1),
      route: id,
      bands: z.array(id).min(1),
      height_m: nonNegative.optional(),
      distance_m: positive.optional(),
    }),
  ),
  prescription: z.strictObject({
    setup: id,
    school,
    sets: z.number().int().positive(),
    reps: repRange,
    rest_s: nonNegative,
    target: z.array(z.number().int().positive()),
  }),
  sessions: z.array(
    z.strictObject({
      day,
      /** The set-up that was in force; a check on the story. */
      setup: id,
      sets: z.array(historySet).min(1),
      then: z.union([
        z.literal('accept'),
        z.literal('wait'),
        z.strictObject({
          overrule: z.strictObject({
            setup: id,
            target: z.array(z.number().int().positive()),
            note: z.string().min(1),
          }),
        }),
      ]),
    }),
  ),
});
export type HistoryDocument = z.infer<typeof historyDocument>;
