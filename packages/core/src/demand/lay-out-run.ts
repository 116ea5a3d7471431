import { kinkOf, type Rig } from '../rig/rig.js';
import type { LinearDemand } from './prepared.js';
import type { SolutionBuffers } from './solution-buffers.js';

/** A segment of the path shorter than this has no direction and pulls nowhere, m. */
const LEAST_SEGMENT_M = 1e-9;

/**
 * Geometry of run r at every phase, into `out`: path length, gain on a linear
 * demand, and pull directions per unit of tension on the tracked nodes.
 *
 * One short loop for each thing runs faster than one loop over everything; a
 * segment that only has to do with the demand has a loop that does it at once.
 */
export function layOutRun(rig: Rig, out: SolutionBuffers, r: number): void {
  const { samples, demand } = rig.prepared;
  const base = r * samples;
  out.length_m.fill(rig.extra_m[r] as number, base, base + samples);
  // A net pull has a direction of its own, and its gains along that come later: see `spread`.
  out.gain.fill(demand.kind === 'netPull' ? 1 : 0, base, base + samples);
  out.pullX.fill(0);
  out.pullY.fill(0);
  out.pullZ.fill(0);
  const spare = out.nodeOfTrack.length;
  const start = 3 * r * rig.capacity.pathNodes;
  const end = start + 3 * (rig.segmentCount[r] as number);
  for (let s = start; s < end; s += 3) {
    const i = rig.segments[s] as number;
    const j = rig.segments[s + 1] as number;
    const times = rig.segments[s + 2] as number;
    const tracked = out.trackOfNode[i] !== spare || out.trackOfNode[j] !== spare;
    if (demand.kind === 'linear' && !tracked) {
      addLengthAndGain(rig, demand, out, base, i, j, times);
      continue;
    }
    measureSegment(rig, out, base, i, j, times);
    if (demand.kind === 'linear') addGain(demand, out, base, i, j);
    if (tracked) addPulls(out, i, j);
  }
}

/** Adds `times` the segment's length to the run's, and what a unit of tension along it does to the demand. */
function addLengthAndGain(
  rig: Rig,
  { weightX, weightY }: LinearDemand,
  { gain, length_m, unitX: { length: samples } }: SolutionBuffers,
  base: number,
  i: number,
  j: number,
  times: number,
): void {
  const { nodeX, nodeY, nodeZ } = rig;
  const kink_m2 = kinkOf(rig);
  const iBase = i * samples;
  const jBase = j * samples;
  // Points and links do not count: the last block, of zeros, stands for them.
  const none = weightX.length - samples;
  const iWeight = Math.min(iBase, none);
  const jWeight = Math.min(jBase, none);
  for (let k = 0; k < samples; k++) {
    const dx = (nodeX[jBase + k] as number) - (nodeX[iBase + k] as number);
    const dy = (nodeY[jBase + k] as number) - (nodeY[iBase + k] as number);
    const dz = (nodeZ[jBase + k] as number) - (nodeZ[iBase + k] as number);
    const distance = Math.sqrt(dx * dx + dy * dy + dz * dz + kink_m2);
    if (distance < LEAST_SEGMENT_M) continue;
    length_m[base + k] = (length_m[base + k] as number) + times * distance;
    gain[base + k] =
      (gain[base + k] as number) +
      (times *
        (((weightX[iWeight + k] as number) - (weightX[jWeight + k] as number)) * dx +
          ((weightY[iWeight + k] as number) - (weightY[jWeight + k] as number)) * dy)) /
        distance;
  }
}

/** Adds `times` the segment's length to the run's, and keeps as many times its direction. */
function measureSegment(
  rig: Rig,
  { length_m, unitX, unitY, unitZ }: SolutionBuffers,
  base: number,
  i: number,
  j: number,
  times: number,
): void {
  const samples = unitX.length;
  const { nodeX, nodeY, nodeZ } = rig;
  const kink_m2 = kinkOf(rig);
  const iBase = i * samples;
  const jBase = j * samples;
  for (let k = 0; k < samples; k++) {
    const dx = (nodeX[jBase + k] as number) - (nodeX[iBase + k] as number);
    const dy = (nodeY[jBase + k] as number) - (nodeY[iBase + k] as number);
    const dz = (nodeZ[jBase + k] as number) - (nodeZ[iBase + k] as number);
    const distance = Math.sqrt(dx * dx + dy * dy + dz * dz + kink_m2);
    const known = distance >= LEAST_SEGMENT_M;
    const perMetre = known ? times / distance : 0;
    length_m[base + k] = (length_m[base + k] as number) + (known ? times * distance : 0);
    unitX[k] = dx * perMetre;
    unitY[k] = dy * perMetre;
    unitZ[k] = dz * perMetre;
  }
}

/** Adds what a unit of tension along the segment at hand, from node i to j, does to a linear demand. */
function addGain(
  { weightX, weightY }: LinearDemand,
  { gain, unitX, unitY }: SolutionBuffers,
  base: number,
  i: number,
  j: number,
): void {
  const samples = unitX.length;
  const none = weightX.length - samples;
  const iBase = Math.min(i * samples, none);
  const jBase = Math.min(j * samples, none);
  for (let k = 0; k < samples; k++) {
    gain[base + k] =
      (gain[base + k] as number) +
      ((weightX[iBase + k] as number) - (weightX[jBase + k] as number)) * (unitX[k] as number) +
      ((weightY[iBase + k] as number) - (weightY[jBase + k] as number)) * (unitY[k] as number);
  }
}

/** Adds the direction of the segment at hand to the pulls on its two ends; one that is not tracked pulls on the spare track. */
function addPulls(
  { pullX, pullY, pullZ, trackOfNode, unitX, unitY, unitZ }: SolutionBuffers,
  i: number,
  j: number,
): void {
  const samples = unitX.length;
  const iBase = (trackOfNode[i] as number) * samples;
  const jBase = (trackOfNode[j] as number) * samples;
  for (let k = 0; k < samples; k++) {
    const x = unitX[k] as number;
    const y = unitY[k] as number;
    const z = unitZ[k] as number;
    pullX[iBase + k] = (pullX[iBase + k] as number) + x;
    pullY[iBase + k] = (pullY[iBase + k] as number) + y;
    pullZ[iBase + k] = (pullZ[iBase + k] as number) + z;
    pullX[jBase + k] = (pullX[jBase + k] as number) - x;
    pullY[jBase + k] = (pullY[jBase + k] as number) - y;
    pullZ[jBase + k] = (pullZ[jBase + k] as number) - z;
  }
}
