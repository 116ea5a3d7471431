import {
  distanceMarks,
  type DistanceMark,
  find,
  findLadder,
  type Found,
  type LadderSearch,
  type MarkedSetup,
  type Result,
  type Rungs,
  type Search,
} from '@wiry-otter/core';
import { assessSetup } from './assess-setup.js';

// Runs in a thread of the pool (see solver.ts): what takes long must not hold up other requests.
export { assessSetup };

/** What a set-up asks at other distances. */
export function marksAt({
  setup,
  distances_m,
}: {
  readonly setup: MarkedSetup;
  readonly distances_m: readonly number[];
}): DistanceMark[] {
  return distanceMarks(setup, distances_m);
}

/** The best set-ups of a kit. */
export function findBest(search: Search): Result<Found> {
  return find(search);
}

/** A ladder of a kit. */
export function climb(search: LadderSearch): Result<Rungs> {
  return findLadder(search);
}

export default assessSetup;
