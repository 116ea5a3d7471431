import { SLACK_STRETCH } from '../elastic/strand-law.js';
import type { Rig } from '../rig/rig.js';
import { layOutRun } from './lay-out-run.js';
import { settleLinks } from './settle-links.js';
import type { NetPullDemand } from './prepared.js';
import type { SolutionBuffers } from './solution-buffers.js';

/** A run whose length changes by less than this between neighbouring samples holds, m. */
const HOLDING_M = 1e-9;

/**
 * Statics of a rig at every phase, into `out`: lengths, stretch, tension and
 * energy of each run, signed demand of the effort and of the way back, net pull
 * on the points. Every contact pulls with t·(û to the previous + û to the next):
 * contacts are taken as smooth, so one tension runs all along. Links are
 * brought to rest first.
 *
 * The product's hot path: no validation and no allocation.
 */
export function solveRig(rig: Rig, out: SolutionBuffers): void {
  const { demand } = rig.prepared;
  const { unassisted } = demand;
  out.signed.set(unassisted);
  out.signedLowering.set(unassisted);
  out.effortX.fill(0);
  out.effortY.fill(0);
  out.effortZ.fill(0);
  out.loweringX.fill(0);
  out.loweringY.fill(0);
  out.loweringZ.fill(0);
  if (out.links !== undefined) settleLinks(rig, out.links);
  for (let r = 0; r < rig.runs; r++) {
    layOutRun(rig, out, r);
    stretchRun(rig, out, r);
    addForces(rig, out, r);
  }
  if (demand.kind === 'netPull') addUpPulls(rig, demand, out);
  findAnchorPeaks(rig, out);
}

/**
 * Stretch, tension and energy of a run: the strand law of `elastic/strand-law`
 * written out on the flat coefficients, since a call per sample with a law
 * object costs as much as the sum itself. A test holds both to one result.
 */
function stretchRun(rig: Rig, out: SolutionBuffers, r: number): void {
  const samples = rig.prepared.samples;
  const base = r * samples;
  const rest_m = rig.rest_m[r] as number;
  const c1 = rig.c1_N[r] as number;
  const c2 = rig.c2_N[r] as number;
  const c3 = rig.c3_N[r] as number;
  const { length_m, stretch, strand_N, energy_J } = out;
  // A slack run on a link has no definite length, so it takes no part in the peak.
  const indefinite = rig.linked[r] === 1;
  let peak = 0;
  for (let i = base; i < base + samples; i++) {
    const ratio = (length_m[i] as number) / rest_m;
    stretch[i] = ratio;
    if (ratio > peak && !(indefinite && ratio <= SLACK_STRETCH)) peak = ratio;
    if (ratio <= 1) {
      strand_N[i] = 0;
      energy_J[i] = 0;
      continue;
    }
    const inverse = 1 / ratio;
    const inverseSquare = inverse * inverse;
    const phi1 = ratio - inverseSquare;
    const yeoh = ratio * ratio + 2 * inverse - 3;
    strand_N[i] = c1 * phi1 + c2 * (1 - inverseSquare * inverse) + c3 * phi1 * yeoh;
    energy_J[i] =
      rest_m *
      (c1 * yeoh * 0.5 + c2 * (ratio + 0.5 * inverseSquare - 1.5) + c3 * yeoh * yeoh * 0.25);
  }
  out.peakStretch[r] = peak;
}

/** Adds the run's tension to the demand and to the tracked nodes, both ways of the rep. */
function addForces(rig: Rig, out: SolutionBuffers, r: number): void {
  const samples = rig.prepared.samples;
  const base = r * samples;
  const last = samples - 1;
  const { effort_N, gain, length_m, lowering_N, signed, signedLowering, strand_N, stretch } = out;
  const longest = out.peakStretch[r] as number;
  const lossPerStretch = longest > 1 ? (rig.loss[r] as number) / (longest - 1) : 0;
  for (let k = 0; k < samples; k++) {
    const lengthening_N = strand_N[base + k] as number;
    const kept = 1 - lossPerStretch * (longest - (stretch[base + k] as number));
    const before = length_m[base + (k === 0 ? 0 : k - 1)] as number;
    const change_m = (length_m[base + (k === last ? last : k + 1)] as number) - before;
    const share = gain[base + k] as number;
    const upShare = change_m < -HOLDING_M ? kept : 1;
    const up_N = upShare * lengthening_N;
    const down_N = change_m > HOLDING_M ? kept * lengthening_N : lengthening_N;
    gain[base + k] = upShare * share;
    effort_N[k] = up_N;
    lowering_N[k] = down_N;
    signed[k] = (signed[k] as number) + up_N * share;
    signedLowering[k] = (signedLowering[k] as number) + down_N * share;
  }
  for (let track = 0; track < out.nodeOfTrack.length; track++) addPull(out, track * samples);
}

/** Adds the tension of the run at hand to the forces on a tracked node. */
function addPull(out: SolutionBuffers, base: number): void {
  const { effort_N, effortX, effortY, effortZ, pullX, pullY, pullZ } = out;
  const { lowering_N, loweringX, loweringY, loweringZ } = out;
  for (let k = 0; k < effort_N.length; k++) {
    const i = base + k;
    const up_N = effort_N[k] as number;
    const down_N = lowering_N[k] as number;
    const x = pullX[i] as number;
    const y = pullY[i] as number;
    const z = pullZ[i] as number;
    effortX[i] = (effortX[i] as number) + up_N * x;
    effortY[i] = (effortY[i] as number) + up_N * y;
    effortZ[i] = (effortZ[i] as number) + up_N * z;
    loweringX[i] = (loweringX[i] as number) + down_N * x;
    loweringY[i] = (loweringY[i] as number) + down_N * y;
    loweringZ[i] = (loweringZ[i] as number) + down_N * z;
  }
}

/** |Σ over the contacts of band force + load weight|, both ways of the rep. */
function addUpPulls(
  { prepared: { samples } }: Rig,
  demand: NetPullDemand,
  out: SolutionBuffers,
): void {
  const { at, load_N } = demand;
  let weight_N = 0;
  for (let j = 0; j < at.length; j++) weight_N += load_N[j] as number;
  const { effortX, effortY, effortZ, loweringX, loweringY, loweringZ } = out;
  for (let k = 0; k < samples; k++) {
    let upX = 0;
    let upY = weight_N;
    let upZ = 0;
    let downX = 0;
    let downY = weight_N;
    let downZ = 0;
    for (let j = 0; j < at.length; j++) {
      const i = (out.trackOfNode[at[j] as number] as number) * samples + k;
      upX += effortX[i] as number;
      upY += effortY[i] as number;
      upZ += effortZ[i] as number;
      downX += loweringX[i] as number;
      downY += loweringY[i] as number;
      downZ += loweringZ[i] as number;
    }
    out.signed[k] = Math.sqrt(upX * upX + upY * upY + upZ * upZ);
    out.signedLowering[k] = Math.sqrt(downX * downX + downY * downY + downZ * downZ);
  }
}

function findAnchorPeaks(rig: Rig, out: SolutionBuffers): void {
  const { samples, contacts } = rig.prepared;
  for (let p = 0; p < rig.points.length; p++) {
    const base = (out.trackOfNode[contacts.kinds.length + p] as number) * samples;
    out.anchorPeak_N[p] = Math.sqrt(
      Math.max(
        greatestSquare(out.effortX, out.effortY, out.effortZ, base, samples),
        greatestSquare(out.loweringX, out.loweringY, out.loweringZ, base, samples),
      ),
    );
  }
}

/** Greatest x² + y² + z² of a track: one root for all samples instead of one each. */
function greatestSquare(
  x: Float64Array,
  y: Float64Array,
  z: Float64Array,
  base: number,
  samples: number,
): number {
  let greatest = 0;
  for (let i = base; i < base + samples; i++) {
    const ux = x[i] as number;
    const uy = y[i] as number;
    const uz = z[i] as number;
    const square = ux * ux + uy * uy + uz * uz;
    if (square > greatest) greatest = square;
  }
  return greatest;
}
