import { type Proposal, withCopies, INCH_M, roundLength } from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';
import { defaultWidth, foldedRoutes } from './routes';
import {
  kitOnWorkbench,
  layableBands,
  solveWorkbench,
  type WorkbenchInput,
} from './solve-workbench';
import type { WorkbenchState } from './workbench-state';

/** Steps whose cost the trainer is told, whole in either unit, m. */
export const STEPS_M = {
  cm: { distance: 0.1, stance: 0.05, grip: 0.05 },
  in: { distance: 4 * INCH_M, stance: 2 * INCH_M, grip: 2 * INCH_M },
} as const;
/** A smaller difference than this is none, as share of the mean. */
const NOTHING = 1e-9;

/** One change of what is set, and what it does to the mean demand. */
export interface Change {
  /** What is changed, with the band's or the route's id where it is one of several. */
  readonly id: string;
  /** What taking it sets. */
  readonly part: Partial<WorkbenchState>;
  /** Mean demand with the change less the mean without, in the demand's unit. */
  readonly difference: number;
  /** The difference as share of the mean without; null where nothing is asked without. */
  readonly share: number | null;
  /** What a caution refuses it for; null where none does. */
  readonly refusal: string | null;
}

/**
 * What a step of distance, stance or grip, a turn, a fold and each band of the bag would
 * do; each is solved when it is asked for. Left out: what cannot be laid, what changes nothing,
 * and latex for the allergic.
 */
export function* changesOf(
  input: WorkbenchInput,
  bag: readonly KnownBand[],
): Generator<Change, void, void> {
  const present = solveWorkbench(input);
  if (!('document' in present)) return;
  const before = present.solved.summary.mean;
  for (const { id, part } of offered(input, bag)) {
    const changed = solveWorkbench(withPart(input, bag, part));
    if (!('document' in changed)) continue;
    const difference = changed.solved.summary.mean - before;
    if (Math.abs(difference) <= NOTHING * Math.max(1, before)) continue;
    yield {
      id,
      part,
      difference,
      share: before > 0 ? difference / before : null,
      refusal: changed.cautions.find(({ level }) => level === 'refuse')?.text ?? null,
    };
  }
}

/** What is solved with a part of it set anew; the bands come from the bag. */
export function withPart(
  input: WorkbenchInput,
  bag: readonly KnownBand[],
  part: Partial<WorkbenchState>,
): WorkbenchInput {
  const state = { ...input.state, ...part };
  const bands =
    part.bandIds?.flatMap((id) => bag.find(({ record }) => record.id === id) ?? []) ?? input.bands;
  return { ...input, bands, state };
}

/** What taking something that was found sets: its bands, on their routes, at its value of what is varied. */
export function partOfFound(
  { exercise, state }: WorkbenchInput,
  { bandIds, routeIds, varied }: Pick<Proposal, 'bandIds' | 'routeIds' | 'varied'>,
): Partial<WorkbenchState> {
  const routes = (exercise.routes ?? []).filter(({ id }) => routeIds.includes(id));
  return {
    ...varied,
    bandIds,
    routeIds: {
      ...state.routeIds,
      ...Object.fromEntries(routes.map((route) => [route.for, route.id])),
    },
    linked: false,
  };
}

function offered(input: WorkbenchInput, bag: readonly KnownBand[]): Pick<Change, 'id' | 'part'>[] {
  const { anchor, exercise, person, state, units } = input;
  const { stature_m } = state.body ?? person;
  const steps = STEPS_M[units.length];
  const written = (length_m: number): number => roundLength(length_m, units.length);
  const stance_m = state.stance_m ?? defaultWidth(exercise, 'stance') * stature_m;
  const aside = exercise.anchor !== undefined && exercise.anchor.side !== 'over';
  const { bandIds } = state;
  const others = kitOnWorkbench(input, bag).filter(({ record }) => !bandIds.includes(record.id));
  const on = layableBands(input);
  return [
    ...(aside
      ? [
          { id: 'back', part: { distance_m: written(state.distance_m + steps.distance) } },
          { id: 'closer', part: { distance_m: written(state.distance_m - steps.distance) } },
        ]
      : []),
    ...(exercise.anchor === undefined
      ? [{ id: 'stance', part: { stance_m: written(stance_m + steps.stance) } }]
      : []),
    { id: 'grip', part: { slip_m: written(state.slip_m + steps.grip) } },
    ...((anchor?.girth_m ?? 0) > 0 ? [{ id: 'wrap', part: { wraps: state.wraps + 1 } }] : []),
    ...foldedRoutes(exercise, state, on).map((route) => ({
      id: `fold ${route.id}`,
      part: { linked: false, routeIds: { ...state.routeIds, [route.for]: route.id } },
    })),
    ...[...new Set(on)].map(({ record: { id } }) => ({
      id: `off ${id}`,
      part: { bandIds: bandIds.filter((other) => other !== id) },
    })),
    ...others.map(({ record: { id } }) => ({
      id: `on ${id}`,
      part: { bandIds: [...bandIds, ...withCopies(exercise, [id])] },
    })),
  ];
}
