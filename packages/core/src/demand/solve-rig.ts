import type { Rig } from '../rig/rig.js';
import { KINK_M2, settleLinks } from './settle-links.js';
import type { SolutionBuffers } from './solution-buffers.js';

/** A segment of the path shorter than this has no direction and pulls nowhere, m. */
const LEAST_SEGMENT_M = 1e-9;

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
  const { unassisted } = rig.prepared;
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
    layOut(rig, out, r);
    stretchRun(rig, out, r);
    addForces(rig, out, r);
  }
  if (rig.prepared.judge.kind === 'contact') sumJudgedForces(rig, out);
  findAnchorPeaks(rig, out);
}

/** Path length, gain on a linear judge and pull directions per unit of tension. */
function layOut(rig: Rig, out: SolutionBuffers, r: number): void {
  const { samples, judge } = rig.prepared;
  const { nodeX, nodeY, nodeZ, path } = rig;
  const { gain, length_m, trackOfNode, pullX, pullY, pullZ, unitX, unitY, unitZ } = out;
  const linear = judge.kind === 'linear';
  const kink_m2 = out.links === undefined ? 0 : KINK_M2;
  const weightX = linear ? judge.weightX : nodeX;
  const weightY = linear ? judge.weightY : nodeY;
  const bodyNodes = rig.prepared.contacts.kinds.length;
  const base = r * samples;
  length_m.fill(rig.extra_m[r] as number, base, base + samples);
  gain.fill(0, base, base + samples);
  pullX.fill(0);
  pullY.fill(0);
  pullZ.fill(0);
  const start = r * rig.capacity.pathNodes;
  const nodes = rig.pathLength[r] as number;
  const segments = rig.closed[r] === 1 ? nodes : nodes - 1;
  for (let s = 0; s < segments; s++) {
    const i = path[start + s] as number;
    const j = path[start + (s + 1 === nodes ? 0 : s + 1)] as number;
    const iBase = i * samples;
    const jBase = j * samples;
    const iTrack = (trackOfNode[i] as number) * samples;
    const jTrack = (trackOfNode[j] as number) * samples;
    // One short loop for each thing runs twice as fast as one loop that asks at every sample.
    for (let k = 0; k < samples; k++) {
      const dx = (nodeX[jBase + k] as number) - (nodeX[iBase + k] as number);
      const dy = (nodeY[jBase + k] as number) - (nodeY[iBase + k] as number);
      const dz = (nodeZ[jBase + k] as number) - (nodeZ[iBase + k] as number);
      const distance = Math.sqrt(dx * dx + dy * dy + dz * dz + kink_m2);
      const known = distance >= LEAST_SEGMENT_M;
      const inverse = known ? 1 / distance : 0;
      length_m[base + k] = (length_m[base + k] as number) + (known ? distance : 0);
      unitX[k] = dx * inverse;
      unitY[k] = dy * inverse;
      unitZ[k] = dz * inverse;
    }
    if (linear && i < bodyNodes) addGain(out, base, weightX, weightY, iBase, samples, 1);
    if (linear && j < bodyNodes) addGain(out, base, weightX, weightY, jBase, samples, -1);
    if (iTrack >= 0) addPull(out, iTrack, samples, 1);
    if (jTrack >= 0) addPull(out, jTrack, samples, -1);
  }
}

/** Adds what a unit of tension along the segment at hand does to a linear judge. */
function addGain(
  { gain, unitX, unitY }: SolutionBuffers,
  base: number,
  weightX: Float64Array,
  weightY: Float64Array,
  nodeBase: number,
  samples: number,
  sign: 1 | -1,
): void {
  for (let k = 0; k < samples; k++) {
    gain[base + k] =
      (gain[base + k] as number) +
      sign *
        ((weightX[nodeBase + k] as number) * (unitX[k] as number) +
          (weightY[nodeBase + k] as number) * (unitY[k] as number));
  }
}

/** Adds the direction of the segment at hand to the pull on a tracked node. */
function addPull(
  { pullX, pullY, pullZ, unitX, unitY, unitZ }: SolutionBuffers,
  track: number,
  samples: number,
  sign: 1 | -1,
): void {
  for (let k = 0; k < samples; k++) {
    pullX[track + k] = (pullX[track + k] as number) + sign * (unitX[k] as number);
    pullY[track + k] = (pullY[track + k] as number) + sign * (unitY[k] as number);
    pullZ[track + k] = (pullZ[track + k] as number) + sign * (unitZ[k] as number);
  }
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
    if (ratio > peak && !(indefinite && ratio <= 1)) peak = ratio;
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
  const { length_m, stretch, strand_N, gain, signed, signedLowering } = out;
  const longest = out.peakStretch[r] as number;
  const lossPerStretch = longest > 1 ? (rig.loss[r] as number) / (longest - 1) : 0;
  const tracks = out.nodeOfTrack.length;
  for (let k = 0; k < samples; k++) {
    const lengthening_N = strand_N[base + k] as number;
    if (lengthening_N === 0) continue;
    const shortening_N =
      lengthening_N * (1 - lossPerStretch * (longest - (stretch[base + k] as number)));
    const before = length_m[base + (k === 0 ? 0 : k - 1)] as number;
    const change_m = (length_m[base + (k === last ? last : k + 1)] as number) - before;
    const effort_N = change_m < -HOLDING_M ? shortening_N : lengthening_N;
    const lowering_N = change_m > HOLDING_M ? shortening_N : lengthening_N;
    const share = gain[base + k] as number;
    signed[k] = (signed[k] as number) + effort_N * share;
    signedLowering[k] = (signedLowering[k] as number) + lowering_N * share;
    for (let i = k; i < tracks * samples; i += samples) {
      const ux = out.pullX[i] as number;
      const uy = out.pullY[i] as number;
      const uz = out.pullZ[i] as number;
      out.effortX[i] = (out.effortX[i] as number) + effort_N * ux;
      out.effortY[i] = (out.effortY[i] as number) + effort_N * uy;
      out.effortZ[i] = (out.effortZ[i] as number) + effort_N * uz;
      out.loweringX[i] = (out.loweringX[i] as number) + lowering_N * ux;
      out.loweringY[i] = (out.loweringY[i] as number) + lowering_N * uy;
      out.loweringZ[i] = (out.loweringZ[i] as number) + lowering_N * uz;
    }
  }
}

/** Demand of a contact judge: Σ over the judged contacts of |band force + load weight|. */
function sumJudgedForces(rig: Rig, out: SolutionBuffers): void {
  const { judge, samples } = rig.prepared;
  if (judge.kind !== 'contact') return;
  out.signed.fill(0);
  out.signedLowering.fill(0);
  for (let j = 0; j < judge.at.length; j++) {
    const load_N = judge.load_N[j] as number;
    const track = out.trackOfNode[judge.at[j] as number] as number;
    for (let k = 0; k < samples; k++) {
      const i = track * samples + k;
      out.signed[k] =
        (out.signed[k] as number) +
        magnitude(out.effortX[i], (out.effortY[i] as number) + load_N, out.effortZ[i]);
      out.signedLowering[k] =
        (out.signedLowering[k] as number) +
        magnitude(out.loweringX[i], (out.loweringY[i] as number) + load_N, out.loweringZ[i]);
    }
  }
}

function findAnchorPeaks(rig: Rig, out: SolutionBuffers): void {
  const { samples, contacts } = rig.prepared;
  for (let p = 0; p < rig.points.length; p++) {
    const track = out.trackOfNode[contacts.kinds.length + p] as number;
    let peak = 0;
    for (let i = track * samples; i < (track + 1) * samples; i++) {
      peak = Math.max(
        peak,
        magnitude(out.effortX[i], out.effortY[i], out.effortZ[i]),
        magnitude(out.loweringX[i], out.loweringY[i], out.loweringZ[i]),
      );
    }
    out.anchorPeak_N[p] = peak;
  }
}

function magnitude(x: number | undefined, y: number | undefined, z: number | undefined): number {
  return Math.sqrt(
    (x as number) * (x as number) + (y as number) * (y as number) + (z as number) * (z as number),
  );
}
