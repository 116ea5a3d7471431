import { firstLink, type Rig } from '../rig/rig.js';
import { Arena, type Take } from '../memory/arena.js';
import { createLinkWorkspace, type LinkWorkspace } from './settle-links.js';

/**
 * Where {@link solveRig} writes. Allocated once per rig; every solve overwrites
 * it. Entry k of run r stands at `r · samples + k`, of force track i (contacts of a
 * net pull, then points) at `i · samples + k`.
 */
export interface SolutionBuffers {
  readonly length_m: Float64Array;
  readonly stretch: Float64Array;
  readonly strand_N: Float64Array;
  readonly energy_J: Float64Array;
  readonly peakStretch: Float64Array;
  /**
   * ∂(signed demand of the effort)/∂(tension while lengthening) per run and phase where the demand
   * is linear, dimensionless or m; of a net pull the share of the tension that counts.
   */
  readonly gain: Float64Array;
  /** Signed demand of the effort and of the way back. */
  readonly signed: Float64Array;
  readonly signedLowering: Float64Array;
  /** Net band force on each tracked node, effort and way back, N. */
  readonly effortX: Float64Array;
  readonly effortY: Float64Array;
  readonly effortZ: Float64Array;
  readonly loweringX: Float64Array;
  readonly loweringY: Float64Array;
  readonly loweringZ: Float64Array;
  /** Largest net pull on each point, N. */
  readonly anchorPeak_N: Float64Array;
  /** Tension of the run at hand, effort and way back, N. */
  readonly effort_N: Float64Array;
  readonly lowering_N: Float64Array;
  /** Sums of unit vectors per tracked node and phase for the run at hand; a spare track is the last. */
  readonly pullX: Float64Array;
  readonly pullY: Float64Array;
  readonly pullZ: Float64Array;
  /** Unit vector of the segment at hand, per phase. */
  readonly unitX: Float64Array;
  readonly unitY: Float64Array;
  readonly unitZ: Float64Array;
  /** Force track of each node; the spare one where its force is not needed. */
  readonly trackOfNode: Int32Array;
  /** Node of each force track. */
  readonly nodeOfTrack: Int32Array;
  /** Where the links are brought to rest; nothing for a rig without links. */
  readonly links: LinkWorkspace | undefined;
}

/**
 * Allocates the buffers for a rig, at its full capacity.
 *
 * @param take memory to lay them out in; memory of their own where it is not given
 */
export function createSolutionBuffers(rig: Rig, take: Take = new Arena().take): SolutionBuffers {
  const { samples, contacts, demand } = rig.prepared;
  const asked = demand.kind === 'netPull' ? demand.at : [];
  const nodes = firstLink(rig) + rig.links.length;
  const tracks = asked.length + rig.points.length;
  const nodeOfTrack = new Int32Array(tracks);
  const trackOfNode = new Int32Array(nodes).fill(tracks);
  for (let track = 0; track < tracks; track++) {
    const node = asked[track] ?? contacts.kinds.length + track - asked.length;
    nodeOfTrack[track] = node;
    trackOfNode[node] = track;
  }
  const { runs } = rig.capacity;
  const perRun = runs * samples;
  const perTrack = tracks * samples;
  return {
    length_m: take(perRun),
    stretch: take(perRun),
    strand_N: take(perRun),
    energy_J: take(perRun),
    peakStretch: take(runs),
    gain: take(perRun),
    signed: take(samples),
    signedLowering: take(samples),
    effortX: take(perTrack),
    effortY: take(perTrack),
    effortZ: take(perTrack),
    loweringX: take(perTrack),
    loweringY: take(perTrack),
    loweringZ: take(perTrack),
    anchorPeak_N: take(rig.points.length),
    effort_N: take(samples),
    lowering_N: take(samples),
    pullX: take(perTrack + samples),
    pullY: take(perTrack + samples),
    pullZ: take(perTrack + samples),
    unitX: take(samples),
    unitY: take(samples),
    unitZ: take(samples),
    trackOfNode,
    nodeOfTrack,
    links: createLinkWorkspace(rig),
  };
}
