import {
  assessSetup,
  type AnchoredExercise,
  distanceMarks,
  type DistanceMark,
  find,
  findLadder,
  type Found,
  type LadderRequest,
  type LadderSearch,
  type MarkedSetup,
  type ProposedLadder,
  proposeLadder,
  type Result,
  type Rungs,
  type Search,
} from '@wiry-otter/core';

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

/** A ladder of the bands at hand for a person. */
export function climbFor(request: LadderRequest<AnchoredExercise>): Result<ProposedLadder> {
  return proposeLadder(request);
}

export default assessSetup;
