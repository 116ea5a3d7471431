import { SLACK_STRETCH } from '../elastic/strand-law.js';
import type { Rig } from '../rig/rig.js';
import { askedDemand } from './prepared.js';
import type { SolutionBuffers } from './solution-buffers.js';

/** The figures a set-up is compared by. Null where a figure has no meaning. */
export interface Summary {
  start: number;
  end: number;
  peak: number;
  /** Trapezoid over phase. */
  mean: number;
  /** Energy stored at the end minus at the start, J. */
  bandWork_J: number;
  peakStretch: number;
  /** Share of samples with every run slack. */
  slackShare: number;
  /** Share of samples with a demand under 10 % of the peak. */
  deadShare: number;
  /** Share of samples in which band or gravity do the movement of a muscle on one side; else 0. */
  reversedShare: number;
  /** Mean over maximum of demand/strength: 1 is as hard as the muscle is strong all along. */
  match: number | null;
  /** Share of the samples where help is stated in which the band turns the demand round (body-weight exercises). */
  overAssistedShare: number;
  assistMean?: number | null;
  assistMin?: number | null;
  assistMax?: number | null;
}

const DEAD_SHARE_OF_PEAK = 0.1;

/** A moment turned round by more than this counts as reversed, N·m. */
const REVERSED_NM = 1e-9;

/** Help is not stated where the unassisted demand is under this share of its maximum. */
const LEAST_UNASSISTED_SHARE = 0.25;

/** Sums up what {@link solveRig} wrote, into `summary`, which is returned. */
export function summarise(rig: Rig, out: SolutionBuffers, summary: Summary): Summary {
  const { bodyweight, demand, samples, strength } = rig.prepared;
  const { signed } = out;
  const { sided } = demand;
  let peak = 0;
  let sum = 0;
  let hardest = 0;
  let hardSum = 0;
  for (let k = 0; k < samples; k++) {
    const asked = askedDemand(signed[k] as number, sided);
    const hardness = asked / (strength[k] as number);
    const weight = phaseWeight(k, samples);
    if (asked > peak) peak = asked;
    if (hardness > hardest) hardest = hardness;
    sum += weight * asked;
    hardSum += weight * hardness;
  }
  let dead = 0;
  let reversed = 0;
  for (let k = 0; k < samples; k++) {
    const value = signed[k] as number;
    if (askedDemand(value, sided) < DEAD_SHARE_OF_PEAK * peak) dead++;
    if (sided && value < -REVERSED_NM) reversed++;
  }
  summary.start = askedDemand(signed[0] as number, sided);
  summary.end = askedDemand(signed[samples - 1] as number, sided);
  summary.peak = peak;
  summary.mean = sum / (samples - 1);
  summary.deadShare = dead / samples;
  summary.reversedShare = reversed / samples;
  summary.match = hardest > 0 ? hardSum / (samples - 1) / hardest : null;
  summariseRuns(rig, out, summary);
  summary.overAssistedShare = 0;
  if (bodyweight) summariseHelp(rig, out, summary);
  return summary;
}

function summariseRuns(rig: Rig, out: SolutionBuffers, summary: Summary): void {
  const samples = rig.prepared.samples;
  let work_J = 0;
  let peakStretch = 0;
  for (let r = 0; r < rig.runs; r++) {
    work_J +=
      (out.energy_J[r * samples + samples - 1] as number) - (out.energy_J[r * samples] as number);
    peakStretch = Math.max(peakStretch, out.peakStretch[r] as number);
  }
  let slack = 0;
  for (let k = 0; k < samples; k++) {
    let taut = false;
    for (let r = 0; r < rig.runs; r++) {
      if ((out.stretch[r * samples + k] as number) > SLACK_STRETCH) taut = true;
    }
    if (!taut) slack++;
  }
  summary.bandWork_J = work_J;
  summary.peakStretch = peakStretch;
  summary.slackShare = slack / samples;
}

function summariseHelp(rig: Rig, out: SolutionBuffers, summary: Summary): void {
  const { samples } = rig.prepared;
  const { unassisted } = rig.prepared.demand;
  const floor = helpFloor(unassisted);
  let signedSum = 0;
  let unassistedSum = 0;
  let least = Infinity;
  let most = -Infinity;
  let turned = 0;
  let stated = 0;
  for (let k = 0; k < samples; k++) {
    const alone = unassisted[k] as number;
    const left = out.signed[k] as number;
    const weight = phaseWeight(k, samples);
    signedSum += weight * left;
    unassistedSum += weight * alone;
    const help = helpAt(left, alone, floor);
    // Near a pose that needs nothing any taut band does more than the whole work: that is no fault.
    if (help === null) continue;
    stated++;
    if (left * alone < 0) turned++;
    least = Math.min(least, help);
    most = Math.max(most, help);
  }
  summary.overAssistedShare = stated === 0 ? 0 : turned / stated;
  summary.assistMean = unassistedSum === 0 ? null : 1 - signedSum / unassistedSum;
  summary.assistMin = least === Infinity ? null : least;
  summary.assistMax = most === -Infinity ? null : most;
}

/** Weight of a phase in a mean by trapezoids: half at both ends. */
export function phaseWeight(k: number, samples: number): number {
  return k === 0 || k === samples - 1 ? 0.5 : 1;
}

/** Unassisted demand below which help is not stated. */
export function helpFloor(unassisted: Float64Array): number {
  let greatest = 0;
  for (const value of unassisted) greatest = Math.max(greatest, Math.abs(value));
  return LEAST_UNASSISTED_SHARE * greatest;
}

/** Share of the demand that the band takes: 1 − signed/unassisted; negative where it adds load. */
export function helpAt(signed: number, unassisted: number, floor: number): number | null {
  if (unassisted === 0 || Math.abs(unassisted) < floor) return null;
  return 1 - signed / unassisted;
}

/** A summary to be written over. */
export function createSummary(): Summary {
  return {
    start: 0,
    end: 0,
    peak: 0,
    mean: 0,
    bandWork_J: 0,
    peakStretch: 0,
    slackShare: 0,
    deadShare: 0,
    reversedShare: 0,
    match: null,
    overAssistedShare: 0,
  };
}
