import { nodeIndex } from '../rig/rig.js';
import type { SolvedRig } from './solve-setup.js';

/** What a band does between the two of a pair of contacts besides what is asked of them together. */
export interface DrawnTogether {
  /** Name that the pair has in common: `grip` for both hands. */
  readonly pair: string;
  /** Where it is greatest; below 0 it draws them apart, N. */
  readonly pull_N: number;
}

/** Said where it is more than this share of the demand there. */
const TOLD_SHARE = 0.25;

/**
 * How hard the two contacts of a net pull are drawn to each other over the
 * effort, where it is worth telling: ½·|(F_R − F_L)·û| with û from the left to
 * the right, more than a quarter of the demand at that phase. It cancels in the
 * demand, and skin and fingers feel it all the same. Undefined for demands of
 * another kind, and where there is no pair.
 */
export function drawnTogether({ rig, buffers }: SolvedRig): DrawnTogether | undefined {
  const { contacts, demand, samples } = rig.prepared;
  if (demand.kind !== 'netPull') return undefined;
  let most: DrawnTogether | undefined;
  for (const left of demand.at) {
    const name = contacts.kinds[left]?.name ?? '';
    const pair = name.slice(0, -1);
    const right = nodeIndex(rig, `${pair}R`);
    if (!name.endsWith('L') || right === undefined || !demand.at.includes(right)) continue;
    const leftTrack = (buffers.trackOfNode[left] as number) * samples;
    const rightTrack = (buffers.trackOfNode[right] as number) * samples;
    const across = (track: Float64Array, a: number, b: number, k: number): number =>
      (track[b + k] as number) - (track[a + k] as number);
    for (let k = 0; k < samples; k++) {
      const ux = across(rig.nodeX, left * samples, right * samples, k);
      const uy = across(rig.nodeY, left * samples, right * samples, k);
      const uz = across(rig.nodeZ, left * samples, right * samples, k);
      const apart_m = Math.hypot(ux, uy, uz);
      if (apart_m === 0) continue;
      const pull_N =
        -(
          across(buffers.effortX, leftTrack, rightTrack, k) * ux +
          across(buffers.effortY, leftTrack, rightTrack, k) * uy +
          across(buffers.effortZ, leftTrack, rightTrack, k) * uz
        ) /
        (2 * apart_m);
      const asked_N = buffers.signed[k] as number;
      if (Math.abs(pull_N) <= TOLD_SHARE * asked_N) continue;
      if (Math.abs(pull_N) > Math.abs(most?.pull_N ?? 0)) most = { pair, pull_N };
    }
  }
  return most;
}
