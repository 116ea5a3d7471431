import type {
  AnchorRecord,
  CompleteSetupDocument,
  ExerciseDocument,
  PersonRecord,
} from '@wiry-otter/contracts';
import {
  BY_EYE,
  BY_MARKS,
  type Caution,
  type Composition,
  composeSetup,
  factsOfLaid,
  type Fault,
  type FinderPreferences,
  findCautions,
  fittedBand,
  type Units,
  headClearance,
  isContinuous,
  kitFor,
  linkingOf,
  type Load,
  loopsOf,
  type PersonSearch,
  type Rigger,
  rigSetup,
  solutionSpread,
  type SolvedRig,
  type Spread,
} from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';
import { chosenRoutes } from './routes';
import type { WorkbenchState } from './workbench-state';

/** Everything the screen draws and states, solved from the state by the core. */
export interface SolvedWorkbench {
  readonly document: CompleteSetupDocument;
  readonly solved: SolvedRig;
  readonly spread: Spread;
  /** Looked for when they are first asked for: a frame of a drag shows none. */
  readonly cautions: readonly Caution[];
  readonly headClearance_m: number | undefined;
  readonly bands: readonly KnownBand[];
}

export interface WorkbenchInput {
  readonly state: WorkbenchState;
  readonly person: PersonRecord;
  readonly exercise: ExerciseDocument;
  /** Where the bands are put on; null where no place is on file. */
  readonly placeId: string | null;
  readonly anchor: AnchorRecord | null;
  /** The bands put on, in their order. */
  readonly bands: readonly KnownBand[];
  /** The studio refuses a pull toward the face. */
  readonly eyesRule: boolean;
  /** What forces are told in. */
  readonly units: Units;
  /** Today, ISO 8601, for the clearance. */
  readonly today: string;
}

/**
 * Solves the workbench with the real model; called on every frame of a drag.
 *
 * @param rig one that goes on from solve to solve, where there are many
 */
export function solveWorkbench(
  input: WorkbenchInput,
  rig: Rigger = rigSetup,
): SolvedWorkbench | readonly Fault[] {
  const { exercise } = input;
  const laid = layableBands(input);
  const document: CompleteSetupDocument = {
    format: 'wiry-otter.setup',
    version: 1,
    ...composeSetup(compositionOf(input)),
    ...(exercise.unilateral === true ? { side: input.state.side } : {}),
  };
  const rigged = rig(document);
  if (!rigged.ok) return rigged.faults;
  const solved = rigged.value;
  let cautions: readonly Caution[] | undefined;
  return {
    document,
    solved,
    spread: solutionSpread(
      solved,
      laid.map(({ calibration }) => calibration?.covariance),
      document.marked === true ? BY_MARKS : BY_EYE,
    ),
    bands: laid,
    get cautions() {
      return (cautions ??= findCautions({
        setup: document,
        solved,
        anchor: input.anchor,
        person: input.person,
        today: input.today,
        eyesRule: input.eyesRule,
        units: input.units,
        bands: factsOfLaid(
          document.bands.map(({ id }) => id),
          laid,
        ),
      }));
    },
    headClearance_m: headClearance({ setup: document, solved }),
  };
}

/** The workbench as the core composes it. */
export function compositionOf(input: WorkbenchInput): Composition<ExerciseDocument> {
  const { anchor, exercise, person, state } = input;
  return {
    exercise,
    body: state.body ?? person,
    anchor:
      exercise.anchor === undefined
        ? undefined
        : {
            height_m: state.height_m,
            distance_m: exercise.anchor.side === 'over' ? 0 : state.distance_m,
            girth_m: anchor?.girth_m ?? undefined,
          },
    routes: chosenRoutes(exercise, state),
    bands: layableBands(input).map(fittedBand),
    widths: {
      ...(state.grip_m === null ? {} : { grip_m: state.grip_m }),
      ...(state.stance_m === null ? {} : { stance_m: state.stance_m }),
    },
    slip_m: state.slip_m,
    wraps: state.wraps,
    linked: state.linked,
    phases: state.phases ?? undefined,
    stagger_m: state.stagger_m ?? undefined,
    marked: state.marked || undefined,
    weights: weightsOf(exercise, state),
  };
}

/** What is set, as a search for the person takes it. */
export function searchOf(
  input: WorkbenchInput,
  bands: readonly KnownBand[],
  preferences: FinderPreferences,
): PersonSearch<ExerciseDocument> {
  const { anchor, person, placeId, state } = input;
  const present = compositionOf(input);
  return { anchor, bandIds: state.bandIds, bands, person, placeId, preferences, present };
}

/** The bands at hand that the person may use for the exercise. */
export function kitOnWorkbench(
  { exercise, person: { id, latexAllergy }, placeId }: WorkbenchInput,
  bands: readonly KnownBand[],
): KnownBand[] {
  return kitFor(bands, { exercise, latexAllergy, personId: id, placeId });
}

/** How the loops put on can hang one through the other; undefined where they cannot. */
export function linkingOnWorkbench({
  bands,
  exercise,
  state,
}: WorkbenchInput): ReturnType<typeof linkingOf> {
  const loops = loopsOf(bands.map(({ record }) => record));
  const [route] = chosenRoutes(exercise, state).filter(({ for: form }) => form === 'continuous');
  return route && linkingOf(exercise, route, loops.length);
}

/** Bands with a law that the exercise has a route for. */
export function layableBands({ bands, exercise }: WorkbenchInput): KnownBand[] {
  return bands.filter(({ record, calibration }) => {
    const form = isContinuous(record.kind) ? 'continuous' : 'open';
    return calibration !== null && exercise.routes?.some((route) => route.for === form);
  });
}

/** The hands that hold a free weight: both, or the right where one limb works. */
function weightsOf({ limbs }: ExerciseDocument, { weight_kg }: WorkbenchState): Load[] {
  if (weight_kg <= 0) return [];
  const hands = limbs === 1 ? ['gripR'] : ['gripL', 'gripR'];
  return hands.map((at) => ({ at, mass_kg: weight_kg }));
}
