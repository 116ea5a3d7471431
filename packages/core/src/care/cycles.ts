import type { SolvedRig } from '../demand/solve-setup.js';
import type { Setup } from '../rig/setup.js';
import { WEAR_STRETCH } from './inspection.js';

/** Ids of the bands that a repetition of the set-up stretches beyond ×2, ascending. */
export function wornBands(setup: Setup, solved: SolvedRig): string[] {
  const { samples } = solved.rig.prepared;
  const { stretch } = solved.buffers;
  const worn = setup.runs.filter((_, r) =>
    stretch.subarray(r * samples, (r + 1) * samples).some((ratio) => ratio > WEAR_STRETCH),
  );
  return [...new Set(worn.map(({ band }) => band))].sort();
}
