import type {
  AnchorRecord,
  BandRecord,
  CompleteSetupDocument,
  ExerciseDocument,
  PersonRecord,
} from '@wiry-otter/contracts';
import {
  bandFacts,
  canBeUsed,
  type Caution,
  composeSetup,
  type Fault,
  findCautions,
  fittedBand,
  headClearance,
  isContinuous,
  rigSetup,
  solutionSpread,
  type SolvedRig,
  type Spread,
} from '@wiry-otter/core';
import type { KnownBand } from '../bands/band-law';

/** What the trainer has set on the workbench; all else follows from it. */
export interface WorkbenchState {
  readonly exerciseId: string;
  readonly placeId: string;
  readonly anchorId: string | null;
  readonly routeIds: Readonly<Record<'continuous' | 'open', string | null>>;
  readonly bandIds: readonly string[];
  readonly height_m: number;
  readonly distance_m: number;
  /** Mean demand wanted, in the demand's own unit. */
  readonly wanted: { readonly from: number; readonly to: number } | null;
  readonly acknowledged: readonly string[];
}

/** How near and how far a person can stand from an anchor, m. */
export const DISTANCE_RANGE = { least: 0.6, most: 2.8 } as const;

/** Everything the screen draws and states, solved from the state by the core. */
export interface SolvedWorkbench {
  readonly document: CompleteSetupDocument;
  readonly solved: SolvedRig;
  readonly spread: Spread;
  readonly cautions: readonly Caution[];
  readonly headClearance_m: number | undefined;
  readonly bands: readonly KnownBand[];
}

export interface WorkbenchInput {
  readonly state: WorkbenchState;
  readonly person: PersonRecord;
  readonly exercise: ExerciseDocument;
  readonly anchor: AnchorRecord | null;
  /** The bands put on, in their order. */
  readonly bands: readonly KnownBand[];
  /** The studio refuses a pull toward the face. */
  readonly eyesRule: boolean;
  /** Today, ISO 8601, for the clearance. */
  readonly today: string;
}

/** Solves the workbench with the real model; called on every frame of a drag. */
export function solveWorkbench(input: WorkbenchInput): SolvedWorkbench | readonly Fault[] {
  const { exercise, person, state } = input;
  const laid = input.bands.filter(({ record, calibration }) => {
    const form = isContinuous(record.kind) ? 'continuous' : 'open';
    return calibration !== null && exercise.routes?.some((route) => route.for === form);
  });
  const document: CompleteSetupDocument = {
    format: 'wiry-otter.setup',
    version: 1,
    ...composeSetup({
      exercise,
      body: person,
      anchor:
        exercise.anchor === undefined
          ? undefined
          : {
              height_m: state.height_m,
              distance_m: state.distance_m,
              girth_m: input.anchor?.girth_m ?? undefined,
            },
      routes: chosenRoutes(exercise, state),
      bands: laid.map(fittedBand),
    }),
  };
  const rigged = rigSetup(document);
  if (!rigged.ok) return rigged.faults;
  const spread = solutionSpread(
    rigged.value,
    laid.map(({ calibration }) => calibration?.covariance),
  );
  const context = {
    setup: document,
    movement: exercise.cautions ?? [],
    solved: rigged.value,
    anchor: input.anchor,
    person,
    today: input.today,
    eyesRule: input.eyesRule,
    bands: laid.map(bandFacts),
  };
  return {
    document,
    solved: rigged.value,
    spread,
    bands: laid,
    cautions: findCautions(context),
    headClearance_m: headClearance(context),
  };
}

/** One route per form of band: the chosen one, else the exercise's first. */
export function chosenRoutes(
  exercise: ExerciseDocument,
  { routeIds }: WorkbenchState,
): NonNullable<ExerciseDocument['routes']> {
  const routes = exercise.routes ?? [];
  return (['continuous', 'open'] as const).flatMap((form) => {
    const offered = routes.filter((route) => route.for === form);
    return offered.find(({ id }) => id === routeIds[form]) ?? offered[0] ?? [];
  });
}

/** Bands that may be put into a set-up, tagged ones first. */
export function usableBands(bands: readonly KnownBand[]): KnownBand[] {
  const rank = ({ record }: { record: BandRecord }): number => record.tag ?? 10;
  return bands
    .filter((band) => canBeUsed(band) && band.calibration !== null)
    .sort((a, b) => rank(a) - rank(b));
}
