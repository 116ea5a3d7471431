import type { Rigger, SolvedRig } from '../demand/solve-setup.js';
import { type Result, succeed } from '../faults.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import {
  type ComposedSetup,
  type Composition,
  composeSetup,
  type FittedBand,
  type Route,
} from '../rig/compose.js';
import { type Help, helpOver } from './help.js';

/** Bands hung at one place, solved. */
export interface HungBands<Ex extends AnchoredExercise> {
  readonly setup: ComposedSetup<Ex>;
  readonly solved: SolvedRig;
  readonly help: Help;
}

/**
 * What bands do hung along routes in place of those that are set: one place of a comparison.
 *
 * @param rig one that goes on from solve to solve, so that the exercise is prepared once
 * @returns the first fault where it cannot be solved
 */
export function hangBands<Ex extends AnchoredExercise>(
  composition: Composition<Ex>,
  routes: readonly Route[],
  bands: readonly FittedBand[],
  rig: Rigger,
): Result<HungBands<Ex>> {
  const setup = composeSetup({ ...composition, routes, bands });
  const solved = rig(setup);
  if (!solved.ok) return solved;
  return succeed({ setup, solved: solved.value, help: helpOver(setup, solved.value) });
}
