import { distanceMarks, type DistanceMark, type MarkedSetup } from '@wiry-otter/core';
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

export default assessSetup;
