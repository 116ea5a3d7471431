import * as z from 'zod';
import { bandState, bandStock, fittings, gauge, rigging, weighing } from './band-parts.js';
import { inspectionFindings, material } from './care.js';
import { bandKind, day, documentHead, id, positive } from './primitives.js';
import { labelClaim, pullSample } from './samples.js';

/** A pull as it was read, with what became of it. */
const keptSample = z.strictObject({
  ...pullSample.shape,
  dead_m: z.number().nonnegative().optional(),
  weighing: weighing.optional(),
  /** Why the pull is kept but not counted. */
  setAside: z.string().optional(),
});

const measurement = z.strictObject({
  id,
  copy: id,
  day,
  rigging,
  gauge,
  warmUps: z.number().int().nonnegative(),
  note: z.string(),
  samples: z.array(keptSample).max(1000),
});

/** Where a copy is: the bag, or the id of a place or a person. */
const whereabouts = z.union([
  z.literal('bag'),
  z.strictObject({ place: id }),
  z.strictObject({ person: id }),
]);

const copy = z.strictObject({
  id,
  mark: z.string().min(1),
  boughtOn: day.nullable(),
  state: bandState,
  stateReason: z.string(),
  holder: whereabouts,
});

const event = z.strictObject({
  copy: id,
  day,
  what: z.discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('inspected'),
      findings: inspectionFindings,
      note: z.string(),
    }),
    z.strictObject({ kind: z.literal('retired'), reason: z.string().min(1) }),
    z.strictObject({ kind: z.literal('returned'), reason: z.string().min(1) }),
    z.strictObject({ kind: z.literal('moved'), holder: whereabouts }),
  ]),
});

/** `wiry-otter.band`: one band, or several equal ones, with every pull and all that happened to them. */
export const bandDocument = z.strictObject({
  ...documentHead('wiry-otter.band'),
  id,
  name: z.string().min(1),
  kind: bandKind,
  stock: bandStock,
  /** Id of the roll it was cut from. */
  cutFrom: id.nullable(),
  flatLength_m: positive,
  width_mm: positive,
  thickness_mm: positive.nullable(),
  material,
  colour: z.string().regex(/^#[0-9a-f]{6}$/),
  tag: z.number().int().min(1).max(9).nullable(),
  points: positive.nullable(),
  label: labelClaim.nullable(),
  limit: z.number().gt(1).max(3),
  fittings: fittings.nullable(),
  note: z.string(),
  copies: z.array(copy).min(1),
  /** Oldest first. */
  measurements: z.array(measurement),
  /** Id of the measurement chosen for the law; null for the latest. */
  lawFrom: id.nullable(),
  /** Oldest first. */
  events: z.array(event),
});
export type BandDocument = z.infer<typeof bandDocument>;
