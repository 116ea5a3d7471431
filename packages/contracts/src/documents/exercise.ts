import {
  ANCHOR_SIDES,
  type AnchoredExercise,
  DEMAND_COURSES,
  unsuitedDemand,
  PLANES,
  REHAB_STAGES,
  ROUTE_FORMS,
  POSTURES,
  STRENGTH_SHAPES,
} from '@wiry-otter/core';
import * as z from 'zod';
import { dose } from './dose.js';
import {
  anchorKind,
  bandKind,
  documentHead,
  id,
  joint,
  muscleGroup,
  name,
  nonNegative,
  pair,
  place2,
  positive,
  recordOf,
  segment,
} from './primitives.js';

/** Directions of segments, degrees counter-clockwise from +x. */
const limbs = {
  foot: z.number().optional(),
  shank: z.number().optional(),
  thigh: z.number().optional(),
  upperArm: z.number().optional(),
  forearm: z.number().optional(),
};

const pose = z
  .strictObject({
    phase: z.number().min(0).max(1),
    ...limbs,
    trunk: z.number().optional(),
    hand: pair.optional(),
    handAt: pair.optional(),
    /** The left side where it does something else: for the drawing; figures take both sides alike. */
    left: z.strictObject(limbs).optional(),
  })
  .refine(
    ({ upperArm, forearm, hand, handAt }) => {
      const turned = upperArm !== undefined || forearm !== undefined;
      return Number(turned) + Number(hand !== undefined) + Number(handAt !== undefined) <= 1;
    },
    { message: 'the arm given once: upperArm and forearm, hand, or handAt' },
  );

const poses = z
  .array(pose)
  .min(2)
  .max(1000)
  .superRefine((list, context) => {
    const [first = {}] = list;
    list.forEach((entry, i) => {
      const before = list[i - 1];
      if (before !== undefined && entry.phase <= before.phase) {
        context.addIssue({
          code: 'custom',
          path: [i, 'phase'],
          message: `a phase above ${before.phase}: phases rise strictly from 0 to 1`,
        });
      }
      if (i > 0 && !haveSameKeys(entry, first)) {
        context.addIssue({
          code: 'custom',
          path: [i],
          params: { found: `a pose with ${listKeys(entry)}` },
          message: `the same parts as the first pose: ${listKeys(first)}`,
        });
      }
    });
    if (list[0]?.phase !== 0) {
      context.addIssue({ code: 'custom', path: [0, 'phase'], message: 'phase 0, the start' });
    }
    if (list.at(-1)?.phase !== 1) {
      context.addIssue({
        code: 'custom',
        path: [list.length - 1, 'phase'],
        message: 'phase 1, the end of the effort',
      });
    }
  });

function haveSameKeys(one: object, other: object): boolean {
  const keys = Object.keys(one);
  return (
    keys.length === Object.keys(other).length && keys.every((key) => Object.hasOwn(other, key))
  );
}

function listKeys(of: object): string {
  return Object.keys(of).sort().join(', ');
}

const contactNames = z
  .array(name)
  .min(1)
  .max(50)
  .refine((names) => new Set(names).size === names.length, { message: 'each contact once' });

export const demand = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('support'), at: contactNames }),
  z.strictObject({
    kind: z.literal('moment'),
    at: z.union([joint, z.literal('middle')]),
    carries: z
      .array(segment)
      .min(1)
      .refine((list) => new Set(list).size === list.length, { message: 'each segment once' }),
  }),
  z.strictObject({ kind: z.literal('prop'), at: joint, pivot: joint }),
  z.strictObject({ kind: z.literal('contact'), at: contactNames }),
]);

const plane = z.enum(PLANES);

/** Contacts, points and links in the order the band goes along them. */
export const contactPath = z.array(name).min(2).max(24);

/** Contacts at which a band is held fast. */
export const pinnedContacts = z.array(name).min(1).max(24);

/** A way to run a band in this exercise, for the workbench to offer. */
export const route = z.strictObject({
  id,
  title: z.string().min(1),
  /** Bands that close on themselves, or bands with two ends. */
  for: z.enum(ROUTE_FORMS),
  path: contactPath,
  takeUp_m: nonNegative.optional(),
  extra_m: nonNegative.optional(),
  /** Where the band is held fast, by a foot or knee that is on it. */
  pinned: pinnedContacts.optional(),
  /** Pulled through itself round the anchor: twice the anchor's girth lies round it. */
  choked: z.boolean().optional(),
});

/** The anchor an exercise needs and where it usually is, in statures from the exercise's origin. */
const anchor = z.strictObject({
  /** The point's name in paths; with `halfWidth`, two points with L and R added. */
  point: name,
  kinds: z.array(anchorKind).min(1),
  /** Height over the floor. */
  height: nonNegative,
  /** Distance along the floor. */
  distance: nonNegative,
  /** Where it is seen from the person. Default ahead. */
  side: z.enum(ANCHOR_SIDES).optional(),
  halfWidth: positive.optional(),
});

/** A contact that stays at one height over the floor, in statures. */
const support = z.strictObject({ at: name, height: z.number() });

/** Bounds of the demand without bands, at any phase, and why they are believed. */
const unassisted = z.strictObject({
  least: nonNegative,
  most: nonNegative,
  /** Share of body weight for forces, of body weight times stature for moments. */
  per: z.enum(['weight', 'weight·stature']),
  why: z.string().min(1),
});

/** The rest of a figure whose chain names only a limb: for the drawing alone. */
const backdrop = z.strictObject({
  root: z.strictObject({ point: joint, at: pair }),
  ...limbs,
  trunk: z.number().optional(),
});

const words = z.array(z.string().min(1));

/** What a trainer reads, and what the workbench offers; the statics needs none of it. */
const guidance = {
  /** How the body is held. */
  posture: z.enum(POSTURES).optional(),
  /** One side works at a time, left and right in turn. */
  unilateral: z.boolean().optional(),
  /** Height of a transverse exercise's plane over the floor, in statures. */
  level: nonNegative.optional(),
  backdrop: backdrop.optional(),
  supports: z.array(support).optional(),
  unassisted: unassisted.optional(),
  /** Muscle groups, the prime movers first. */
  groups: z.array(muscleGroup).optional(),
  anchor: anchor.optional(),
  routes: z.array(route).optional(),
  cues: words.optional(),
  faults: words.optional(),
  feel: words.optional(),
  /** The figures are the pull of the band alone; the body's own weight is not counted. */
  bandAlone: z.boolean().optional(),
  /** A band that suits it where an ordinary loop of about a metre does not. */
  takes: z.strictObject({ kind: bandKind, flatLength_m: positive }).optional(),
  /** Each side has a band of its own, two equal ones at a time. */
  bandOnEachSide: z.boolean().optional(),
  /** Cautions that come with the movement itself, by their rule. */
  cautions: z.array(id).optional(),
  /** The stage of rehab that it belongs to; a hold is isometric and a movement dynamic where it is not said. */
  stage: z.enum(REHAB_STAGES).optional(),
  /** What it is begun with, where that is not what the person's goal says. */
  dose: dose.optional(),
  /** Neighbours in the catalogue. */
  easier: z.array(id).optional(),
  harder: z.array(id).optional(),
};

const exerciseShape = {
  ...documentHead('wiry-otter.exercise'),
  id,
  title: z.string().min(1),
  plane,
  bodyweight: z.boolean(),
  strength: z.enum(STRENGTH_SHAPES),
  elbowBend: z.union([z.literal(1), z.literal(-1)]).optional(),
  limbs: z.union([z.literal(1), z.literal(2)]).optional(),
  root: z.strictObject({ point: joint, at: place2 }),
  widths: z
    .strictObject({ grip: nonNegative.optional(), stance: nonNegative.optional() })
    .optional(),
  poses,
  contacts: recordOf(
    name,
    z.strictObject({
      segment,
      at: z.number(),
      offset: z.number().optional(),
      z_m: z.number().optional(),
    }),
    50,
  ).optional(),
  /** How far one foot stands ahead of the other, in statures. */
  stagger: z.number().min(-1).max(1).optional(),
  /** What the demand does over the rep with an ordinary band. */
  course: z.enum(DEMAND_COURSES).optional(),
  demand,
  ...guidance,
};

/** The parts that decide whether a demand fits its plane; enough of them valid, the rule is checked. */
const planeParts = z.object({ plane, demand, limbs: exerciseShape.limbs });
const handParts = z.object({
  root: exerciseShape.root,
  poses: z.array(z.looseObject({ handAt: pair.optional() })),
});

/** All faults of form come together: these rules are checked although other parts are faulty. */
const ALWAYS = { when: () => true } as const;

/** `wiry-otter.exercise`: the movement, its contacts and what it is judged by. */
export const exerciseDocument = z
  .strictObject(exerciseShape)
  .superRefine(checkPlane, ALWAYS)
  .superRefine(checkHandRoot, ALWAYS) satisfies z.ZodType<AnchoredExercise>;
export type ExerciseDocument = z.infer<typeof exerciseDocument>;

function checkPlane(value: unknown, context: z.RefinementCtx): void {
  const parts = planeParts.safeParse(value);
  if (!parts.success) return;
  const exercise = parts.data;
  const misfit = (path: string[], message: string, found: string): void =>
    context.addIssue({ code: 'custom', path, message, params: { found } });
  if (exercise.limbs !== undefined && exercise.plane !== 'sagittal') {
    misfit(['limbs'], 'limbs in the sagittal plane only', `limbs in the ${exercise.plane} plane`);
  }
  const amiss = unsuitedDemand(exercise.demand, exercise);
  if (amiss !== undefined) misfit(['demand', amiss.key], amiss.expected, amiss.found);
}

function checkHandRoot(value: unknown, context: z.RefinementCtx): void {
  const point = read(read(value, 'root'), 'point');
  if (point !== 'grip' && point !== 'elbow') return;
  const parts = handParts.safeParse(value);
  if (!parts.success) return;
  const { root, poses: list } = parts.data;
  list.forEach(({ handAt }, i) => {
    if (handAt === undefined) return;
    context.addIssue({
      code: 'custom',
      path: ['poses', i, 'handAt'],
      message: 'handAt only where the root is not the grip or elbow',
      params: { found: `handAt with the root at the ${root.point}` },
    });
  });
}

/** A key of a value that may be anything. */
function read(value: unknown, key: string): unknown {
  return typeof value === 'object' && value !== null
    ? (value as Readonly<Record<string, unknown>>)[key]
    : undefined;
}
