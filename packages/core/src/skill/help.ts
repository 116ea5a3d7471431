import { helpAt, helpFloor } from '../demand/summary.js';
import { bandsOverLimit, type SolvedRig } from '../demand/solve-setup.js';
import { pullsAt } from '../safety/help.js';
import type { Setup } from '../rig/setup.js';

/** What bands do at one point of the movement, in the demand's own unit. */
export interface HelpAt {
  readonly phase: number;
  /** Without bands. */
  readonly need: number;
  /** What the bands take of it; below 0 where they add to it. */
  readonly help: number;
  /** The help as share of the need; null where next to nothing is needed. */
  readonly share: number | null;
}

/** How much bands help a person over a movement. */
export interface Help {
  readonly unit: 'N' | 'N·m';
  readonly curve: readonly HelpAt[];
  readonly start: HelpAt;
  readonly middle: HelpAt;
  readonly end: HelpAt;
  readonly least: HelpAt;
  readonly most: HelpAt;
  /** Mean help as share of the mean need; null where nothing is needed. */
  readonly mean: number | null;
  /** Where a muscle is nearest to what it can, by the exercise's shape of strength. */
  readonly hardest: HelpAt;
  /** Where the bands do more than is needed, at its worst: by how much. */
  readonly lifts: { readonly phase: number; readonly by: number } | null;
  /** Ids of the bands that are stretched past their limit: nothing to be done. */
  readonly overLimit: readonly string[];
  /** Share of the movement in which every band is slack. */
  readonly slackShare: number;
  /** What it takes to step into the hardest band, N. */
  readonly mounting_N: number;
  /** What the hardest band pulls with where one gets out of it, at either end of the movement, N. */
  readonly lettingGo_N: number;
}

/**
 * The help of bands over the movement, for exercises done with the body's own weight:
 *
 *     help = |need| − (demand left, counted along the need)
 *
 * so that help above the need leaves a demand below 0, told as what it is in `lifts`.
 */
export function helpOver(setup: Setup, solved: SolvedRig): Help {
  const { buffers, rig, summary } = solved;
  const { demand, phase, samples, strength, unit } = rig.prepared;
  const { unassisted } = demand;
  const floor = helpFloor(unassisted);
  const curve: HelpAt[] = [];
  let [least, most, hardest] = [0, 0, 0];
  let lifts: Help['lifts'] = null;
  const hardness = (k: number): number =>
    Math.abs(unassisted[k] as number) / (strength[k] as number);
  for (let k = 0; k < samples; k++) {
    const alone = unassisted[k] as number;
    const left = buffers.signed[k] as number;
    const side = alone < 0 ? -1 : 1;
    const need = Math.abs(alone);
    curve.push({
      phase: phase[k] as number,
      need,
      help: need - side * left,
      share: helpAt(left, alone, floor),
    });
    if (helpOf(curve, k) < helpOf(curve, least)) least = k;
    if (helpOf(curve, k) > helpOf(curve, most)) most = k;
    if (hardness(k) > hardness(hardest) * (1 + 1e-9)) hardest = k;
    const by = -side * left;
    if (by > (lifts?.by ?? 0) && need > 0) lifts = { phase: phase[k] as number, by };
  }
  const mounting_N = Math.max(0, ...pullsAt({ setup, solved }, 0));
  const at = (k: number): HelpAt => curve[k] as HelpAt;
  return {
    unit,
    curve,
    start: at(0),
    middle: at(Math.round((samples - 1) / 2)),
    end: at(samples - 1),
    least: at(least),
    most: at(most),
    mean: summary.assistMean ?? null,
    hardest: at(hardest),
    lifts,
    overLimit: bandsOverLimit(setup, buffers),
    slackShare: summary.slackShare,
    mounting_N,
    lettingGo_N: Math.max(mounting_N, ...pullsAt({ setup, solved }, samples - 1)),
  };
}

function helpOf(curve: readonly HelpAt[], k: number): number {
  return curve[k]?.help ?? 0;
}
