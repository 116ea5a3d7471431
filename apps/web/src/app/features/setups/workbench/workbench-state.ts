import type { CompleteSetupDocument, SetupRecord } from '@wiry-otter/contracts';
import {
  bandOfCopy,
  type Body,
  type PhaseRange,
  recompose,
  type RouteForm,
  routesLaid,
} from '@wiry-otter/core';
import * as z from 'zod';
import type { KnownBand } from '../../bands/band-law';
import type { WantedMean } from '../../../scene/trace';

/** What the trainer has set on the workbench; all else follows from it. */
export interface WorkbenchState {
  readonly exerciseId: string;
  readonly placeId: string;
  readonly anchorId: string | null;
  readonly routeIds: Readonly<Record<'continuous' | 'open', string | null>>;
  /** A band as often as copies of it are on. */
  readonly bandIds: readonly string[];
  readonly height_m: number;
  readonly distance_m: number;
  /** Widths of grip and stance; null: the exercise's own. */
  readonly grip_m: number | null;
  readonly stance_m: number | null;
  /** How far below its end the band is gripped, m. */
  readonly slip_m: number;
  /** Turns round the anchor beyond what the route lays. */
  readonly wraps: number;
  /** Loops hang one through the other instead of side by side. */
  readonly linked: boolean;
  /** The limb that works, where one does. */
  readonly side: 'left' | 'right';
  /** The part of the movement that is done; null: all of it. */
  readonly phases: PhaseRange | null;
  /** One foot ahead of the other, m; null: as the exercise has it. */
  readonly stagger_m: number | null;
  /** The marks are on the floor and on the band. */
  readonly marked: boolean;
  /** Free weight in each hand, kg. */
  readonly weight_kg: number;
  /** Another body than the one on file, to try out; null: the person's own. */
  readonly body: Body | null;
  /** Mean demand wanted, in the demand's own unit. */
  readonly wanted: WantedMean | null;
  /** Warnings seen to, in the words they were said in: one that says something else asks anew. */
  readonly acknowledged: readonly string[];
}

/** A workbench as nobody has touched it. */
export const EMPTY_WORKBENCH: WorkbenchState = {
  exerciseId: 'standing-row',
  placeId: '',
  anchorId: null,
  routeIds: { continuous: null, open: null },
  bandIds: [],
  height_m: 1.2,
  distance_m: 1.9,
  grip_m: null,
  stance_m: null,
  slip_m: 0,
  wraps: 0,
  linked: false,
  side: 'right',
  phases: null,
  stagger_m: null,
  marked: false,
  weight_kg: 0,
  body: null,
  wanted: null,
  acknowledged: [],
};

/** The same as it is kept over a reload. */
export const storedWorkbench = z.object({
  exerciseId: z.string(),
  placeId: z.string(),
  anchorId: z.string().nullable(),
  routeIds: z.object({ continuous: z.string().nullable(), open: z.string().nullable() }),
  bandIds: z.array(z.string()),
  height_m: z.number(),
  distance_m: z.number(),
  grip_m: z.number().nullable(),
  stance_m: z.number().nullable(),
  slip_m: z.number(),
  wraps: z.number(),
  linked: z.boolean().default(false),
  side: z.enum(['left', 'right']).default('right'),
  phases: z.object({ from: z.number(), to: z.number() }).nullable().default(null),
  stagger_m: z.number().nullable().default(null),
  marked: z.boolean().default(false),
  weight_kg: z.number(),
  body: z.object({ stature_m: z.number(), mass_kg: z.number() }).nullable(),
  wanted: z.object({ from: z.number(), to: z.number() }).nullable(),
  acknowledged: z.array(z.string()),
});

/** What a set-up is laid like besides its bands and their routes, read back off it. */
export function laidAs(
  document: CompleteSetupDocument,
  girth_m: number,
  known: readonly KnownBand[],
): Partial<WorkbenchState> {
  const laid = recompose(document, {
    girth_m,
    fittingsMass_kg: (id) =>
      known.find(({ record }) => record.id === id)?.record.fittings?.mass_kg ?? 0,
  });
  return {
    ...(laid.anchor === undefined
      ? {}
      : { height_m: laid.anchor.height_m, distance_m: laid.anchor.distance_m }),
    grip_m: laid.widths?.grip_m ?? null,
    stance_m: laid.widths?.stance_m ?? null,
    marked: laid.marked ?? false,
    phases: laid.phases ?? null,
    stagger_m: laid.stagger_m ?? null,
    linked: laid.linked ?? false,
    side: document.side ?? 'right',
    slip_m: laid.slip_m ?? 0,
    wraps: laid.wraps ?? 0,
    weight_kg: laid.weights?.[0]?.mass_kg ?? 0,
  };
}

/** What is looked at of a set-up on record. */
type LaidSetup = Pick<
  SetupRecord,
  'anchorId' | 'cautions' | 'document' | 'exerciseId' | 'placeId' | 'routeId'
>;

/**
 * A saved set-up as the workbench has it.
 *
 * @param girth_m of its anchor, for the turns round it
 * @param known the studio's bands, for what their handles weigh
 */
export function stateOf(
  setup: LaidSetup,
  girth_m: number,
  known: readonly KnownBand[],
): Partial<WorkbenchState> {
  const { cautions, document, exerciseId, placeId, anchorId, routeId } = setup;
  const routes = routesLaid(document, routeId);
  const routeOf = (form: RouteForm): string | null =>
    routes.find((route) => route.for === form)?.id ?? null;
  return {
    exerciseId,
    placeId,
    anchorId,
    acknowledged: cautions.flatMap(({ seen, text }) => (seen === undefined ? [] : text)),
    bandIds: document.bands.map(({ id }) => bandOfCopy(id)),
    routeIds: { continuous: routeOf('continuous'), open: routeOf('open') },
    ...laidAs(document, girth_m, known),
  };
}
