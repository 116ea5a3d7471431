import { type Matrix3, quadraticForm, type Vector3 } from '../elastic/bounded-least-squares.js';
import { strandShape } from '../elastic/strand-law.js';
import { nodeName, type Rig } from '../rig/rig.js';
import { layOutRun } from './lay-out-run.js';
import { askedDemand, type NetPullDemand, type PreparedExercise } from './prepared.js';
import type { SolutionBuffers } from './solution-buffers.js';
import { solveRig } from './solve-rig.js';
import { askedOf, type SolvedRig } from './solve-setup.js';
import { createSummary, phaseWeight, summarise, type Summary } from './summary.js';

/** What makes a figure unsure: the bands' laws, how well it is placed, how well the pose is kept. */
export const SPREAD_PARTS = ['law', 'placing', 'pose'] as const;
export type SpreadPart = (typeof SPREAD_PARTS)[number];

/** Standard deviations (1σ) of the figures of a solution, in the figure's unit. */
export interface Spread {
  /** Of the demand at every phase. */
  readonly demand: readonly number[];
  readonly start: number;
  readonly end: number;
  readonly peak: number;
  readonly mean: number;
  readonly assistMean: number;
  /** What weighs most in the mean; undefined where nothing is unsure. */
  readonly mostly: SpreadPart | undefined;
}

/** Behind the phases, in this order. */
export const FIGURES = ['start', 'end', 'peak', 'mean', 'assistMean'] as const;

/** Step of the finite difference as share of the run's largest coefficient. */
const RELATIVE_STEP = 1e-4;

/** How well a set-up is done as it is told. */
export interface Accuracy {
  /** How far a person stands or grips from where told, per stretch of path, m (1σ). */
  readonly placing_m: number;
  /** What a trunk or an arm that is not quite where the pose has it does to the bands' part (1σ, relative). */
  readonly poseShare: number;
}

/** By eye, and by marks on the floor and on the band. */
export const BY_EYE: Accuracy = { placing_m: 0.03, poseShare: 0.03 };
export const BY_MARKS: Accuracy = { placing_m: 0.01, poseShare: 0.03 };

/**
 * How sure the figures are. The variance of a figure f has three parts:
 *
 *     u² = Σ over bands of ∇f·C·∇f + Δ² + (0.03·f_b)²
 *
 * C is the covariance of a band's law. Without links the path does not depend on
 * the coefficients, and ∇f is gain·φ, summed up (of a net pull the gain along its
 * direction); else it comes from differences, the model itself solved twice for
 * each coefficient.
 * Bands are independent of each other; errors along one rep are not, which is
 * why the mean is not the mean of the pointwise deviations. Δ = (f⁺ − f⁻)/2 with
 * p·s more and less path on every run at once, p its stretches from one place to
 * another, s 0.03 m or with marks 0.01 m: whole steps, so that a set-up on the
 * brink of slack is not sure of itself. f_b is what the bands alone give, for
 * moments and work with the body's own weight.
 *
 * Leaves rig and buffers as they were.
 *
 * @param covariances C of each run's band, N², in the order of the runs;
 *   undefined where a law came without one and counts as exact
 * @param accuracy how well it is done: {@link BY_EYE} or {@link BY_MARKS}
 */
export function solutionSpread(
  solved: SolvedRig,
  covariances: readonly (Matrix3 | undefined)[],
  accuracy: Accuracy = BY_EYE,
): Spread {
  const { prepared, links, runs } = solved.rig;
  const { samples } = prepared;
  const law = new Float64Array(samples + FIGURES.length);
  // Where links move with the law only the model itself knows what a coefficient does.
  const add = links.length === 0 ? gainVariance(solved, law) : solvedVariance(solved, law);
  covariances.slice(0, runs).forEach((covariance, r) => {
    if (covariance !== undefined) add(r, covariance);
  });
  const placing = placingVariance(solved, accuracy.placing_m);
  const pose = poseVariance(solved, accuracy.poseShare);
  const deviation = Array.from(law, (value, i) =>
    Math.sqrt(Math.max(0, value) + (placing[i] as number) + (pose[i] as number)),
  );
  const figureAt = (name: (typeof FIGURES)[number]): number => samples + FIGURES.indexOf(name);
  const figure = (name: (typeof FIGURES)[number]): number => deviation[figureAt(name)] as number;
  const inMean = (variance: Float64Array): number => variance[figureAt('mean')] as number;
  return {
    demand: deviation.slice(0, samples),
    start: figure('start'),
    end: figure('end'),
    peak: figure('peak'),
    mean: figure('mean'),
    assistMean: figure('assistMean'),
    mostly: heaviest({ law: inMean(law), placing: inMean(placing), pose: inMean(pose) }),
  };
}

function heaviest(parts: Readonly<Record<SpreadPart, number>>): SpreadPart | undefined {
  let most: SpreadPart | undefined;
  for (const part of SPREAD_PARTS) {
    if (parts[part] > (most === undefined ? 0 : parts[most])) most = part;
  }
  return most;
}

/** Δ² of the demand at every phase and of the figures: all runs longer, then shorter, by `step_m` a stretch. */
export function placingVariance(
  { rig, buffers, summary }: SolvedRig,
  step_m: number,
): Float64Array {
  const kept = rig.extra_m.slice(0, rig.runs);
  const shifted = (by_m: number): Float64Array => {
    for (let r = 0; r < rig.runs; r++) {
      rig.extra_m[r] = (kept[r] as number) + by_m * stretchesOfPath(rig, r);
    }
    solveRig(rig, buffers);
    return readFigures({ rig, buffers, summary });
  };
  const above = shifted(step_m);
  const half = difference(above, shifted(-step_m), 2);
  rig.extra_m.set(kept);
  solveRig(rig, buffers);
  return half.map((value) => value * value);
}

/**
 * Stretches of a run's path that pull from one place to another. Those between
 * the two of a pair (both hands, both ends of a bar) count only where there are
 * no others: they keep their length wherever a person stands.
 */
export function stretchesOfPath(rig: Rig, r: number): number {
  const start = 3 * r * rig.capacity.pathNodes;
  const end = start + 3 * (rig.segmentCount[r] as number);
  let between = 0;
  let withinPairs = 0;
  for (let s = start; s < end; s += 3) {
    const [i, j, times] = [rig.segments[s], rig.segments[s + 1], rig.segments[s + 2]] as [
      number,
      number,
      number,
    ];
    if (i === j) continue;
    if (isPair(nodeName(rig, i), nodeName(rig, j))) withinPairs += times;
    else between += times;
  }
  return between > 0 ? between : withinPairs;
}

function isPair(one: string, other: string): boolean {
  const sides = [one.at(-1), other.at(-1)].sort().join('');
  return sides === 'LR' && one.slice(0, -1) === other.slice(0, -1);
}

/** (0.03·f_b)² of the demand at every phase and of the figures. */
export function poseVariance(
  { rig: { prepared }, buffers, summary }: SolvedRig,
  share: number,
): Float64Array {
  const { samples, unit, bodyweight, demand } = prepared;
  const { unassisted } = demand;
  const variance = new Float64Array(samples + FIGURES.length);
  if (unit !== 'N·m' && !bodyweight) return variance;
  const bandsAt = (k: number): number => (buffers.signed[k] as number) - (unassisted[k] as number);
  const spread = (by: number): number => (share * by) ** 2;
  let mean = 0;
  for (let k = 0; k < samples; k++) {
    variance[k] = spread(bandsAt(k));
    mean += (phaseWeight(k, samples) * bandsAt(k)) / (samples - 1);
  }
  const byFigure: Readonly<Record<(typeof FIGURES)[number], number>> = {
    start: bandsAt(0),
    end: bandsAt(samples - 1),
    peak: bandsAt(peakAt(prepared, buffers.signed)),
    mean,
    // Help is what the bands alone give, as a share.
    assistMean: summary.assistMean ?? 0,
  };
  FIGURES.forEach((figure, i) => (variance[samples + i] = spread(byFigure[figure])));
  return variance;
}

/** The first sample at which most is asked. */
function peakAt({ demand }: PreparedExercise, signed: Float64Array): number {
  let at = 0;
  for (let k = 1; k < signed.length; k++) {
    const asked = askedDemand(signed[k] as number, demand.sided);
    if (asked > askedDemand(signed[at] as number, demand.sided)) at = k;
  }
  return at;
}

/** Adds what the law of run r brings to the variance of the demand at every phase and of the figures. */
type AddVariance = (r: number, covariance: Matrix3) => void;

/**
 * Each coefficient adds gain·φ to the signed demand; the figures follow as {@link summarise} has
 * them. Plain numbers, since it is done on every frame of a drag.
 */
function gainVariance({ rig, buffers }: SolvedRig, variance: Float64Array): AddVariance {
  const { samples, bodyweight, demand } = rig.prepared;
  const { signed, stretch } = buffers;
  const gain = demand.kind === 'netPull' ? gainsAlong(rig, buffers, demand) : buffers.gain;
  const last = samples - 1;
  const peak = peakAt(rig.prepared, signed);
  let alone = 0;
  for (let k = 0; k < samples; k++) {
    alone += phaseWeight(k, samples) * (demand.unassisted[k] as number);
  }
  const helped = bodyweight && alone !== 0;
  const grow = (i: number, by: number): void => {
    variance[i] = (variance[i] as number) + by;
  };
  return (r, covariance) => {
    const mean: [number, number, number] = [0, 0, 0];
    const assist: [number, number, number] = [0, 0, 0];
    for (let k = 0; k < samples; k++) {
      const i = r * samples + k;
      const added = gain[i] as number;
      const shape = strandShape(stretch[i] as number);
      // What is asked grows with the signed demand, against it, or not at all.
      const turn =
        Math.sign(askedDemand(signed[k] as number, demand.sided)) * Math.sign(signed[k] as number);
      const inPhase = turn * turn * added * added * quadraticForm(covariance, shape);
      grow(k, inPhase);
      if (k === 0) grow(samples + FIGURES.indexOf('start'), inPhase);
      if (k === last) grow(samples + FIGURES.indexOf('end'), inPhase);
      if (k === peak) grow(samples + FIGURES.indexOf('peak'), inPhase);
      const inMean = turn * phaseWeight(k, samples) * added;
      addScaled(mean, shape, inMean / last);
      if (helped) addScaled(assist, shape, (-phaseWeight(k, samples) * added) / alone);
    }
    grow(samples + FIGURES.indexOf('mean'), quadraticForm(covariance, mean));
    grow(samples + FIGURES.indexOf('assistMean'), quadraticForm(covariance, assist));
  };
}

/**
 * What a newton of tension in each run adds to the size of the net pull, at every sample: the run's
 * pull on the contacts along the direction that the net pull has; 0 where there is none.
 */
function gainsAlong(rig: Rig, buffers: SolutionBuffers, demand: NetPullDemand): Float64Array {
  const { samples } = rig.prepared;
  const { effortX, effortY, effortZ, pullX, pullY, pullZ, signed, trackOfNode } = buffers;
  const tracks = Array.from(demand.at, (node) => (trackOfNode[node] as number) * samples);
  const weight_N = demand.load_N.reduce((sum, force_N) => sum + force_N, 0);
  const sumAt = (values: Float64Array, k: number): number =>
    tracks.reduce((sum, track) => sum + (values[track + k] as number), 0);
  // What of the tension counts on the way there, before the runs are laid out again.
  const gains = buffers.gain.slice(0, rig.runs * samples);
  for (let r = 0; r < rig.runs; r++) {
    layOutRun(rig, buffers, r);
    for (let k = 0; k < samples; k++) {
      const size_N = signed[k] as number;
      const along =
        sumAt(pullX, k) * sumAt(effortX, k) +
        sumAt(pullY, k) * (sumAt(effortY, k) + weight_N) +
        sumAt(pullZ, k) * sumAt(effortZ, k);
      const i = r * samples + k;
      gains[i] = size_N === 0 ? 0 : ((gains[i] as number) * along) / size_N;
    }
  }
  return gains;
}

function addScaled(sum: [number, number, number], added: Vector3, by: number): void {
  sum[0] += added[0] * by;
  sum[1] += added[1] * by;
  sum[2] += added[2] * by;
}

/** By solving again with each coefficient a little higher and a little lower. */
function solvedVariance(solved: SolvedRig, variance: Float64Array): AddVariance {
  return (r, covariance) => {
    const [by1, by2, by3] = solvedGradients(solved, r);
    for (let i = 0; i < variance.length; i++) {
      const gradient: Vector3 = [by1[i] as number, by2[i] as number, by3[i] as number];
      variance[i] = (variance[i] as number) + quadraticForm(covariance, gradient);
    }
  };
}

/**
 * What each coefficient of run r's law does to the demand at every phase and to the figures, by central
 * differences. Leaves rig and buffers as they were.
 */
export function solvedGradients(
  solved: SolvedRig,
  r: number,
): readonly [Float64Array, Float64Array, Float64Array] {
  const { rig, buffers } = solved;
  const figuresOf = (): Float64Array => {
    solveRig(rig, buffers);
    return readFigures(solved);
  };
  const step = stepOf(rig, r);
  const by = (values: Float64Array): Float64Array => {
    const kept = values[r] as number;
    values[r] = kept + step;
    const above = figuresOf();
    values[r] = kept - step;
    const below = figuresOf();
    values[r] = kept;
    return difference(above, below, 2 * step);
  };
  const gradients = [by(rig.c1_N), by(rig.c2_N), by(rig.c3_N)] as const;
  solveRig(rig, buffers);
  return gradients;
}

function stepOf({ c1_N, c2_N, c3_N }: Rig, r: number): number {
  const largest = Math.max(...[c1_N, c2_N, c3_N].map((values) => values[r] as number));
  // A law of nothing but zeros has no scale of its own.
  return RELATIVE_STEP * (largest > 0 ? largest : 1);
}

/** (above − below)/step, into `above`. */
function difference(above: Float64Array, below: Float64Array, step: number): Float64Array {
  for (let i = 0; i < above.length; i++) {
    above[i] = ((above[i] as number) - (below[i] as number)) / step;
  }
  return above;
}

/** Demand at every phase, then the figures of the summary, in the order of FIGURES. */
function readFigures({ rig, buffers }: SolvedRig): Float64Array {
  const { samples } = rig.prepared;
  const summary: Summary = summarise(rig, buffers, createSummary());
  const figures = new Float64Array(samples + FIGURES.length);
  figures.set(askedOf(rig.prepared, buffers.signed));
  FIGURES.forEach((figure, i) => {
    figures[samples + i] = summary[figure] ?? 0;
  });
  return figures;
}
