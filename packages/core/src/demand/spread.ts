import { type Matrix3, quadraticForm, type Vector3 } from '../elastic/bounded-least-squares.js';
import { strandShape } from '../elastic/strand-law.js';
import type { Rig } from '../rig/rig.js';
import { solveRig } from './solve-rig.js';
import type { SolvedRig } from './solve-setup.js';
import { createSummary, phaseWeight, summarise, type Summary } from './summary.js';

/** Standard deviations (1σ) of the figures of a solution, in the figure's unit. */
export interface Spread {
  /** Of the demand at every phase. */
  readonly demand: readonly number[];
  readonly start: number;
  readonly end: number;
  readonly peak: number;
  readonly mean: number;
  readonly assistMean: number;
}

/** Behind the phases, in this order. */
const FIGURES = ['start', 'end', 'peak', 'mean', 'assistMean'] as const;

/** Step of the finite difference as share of the run's largest coefficient. */
const RELATIVE_STEP = 1e-4;

/**
 * How uncertain the figures are because the bands' laws are: to first order
 * var(f) = Σ over bands of ∇f·C·∇f with C the covariance of (c1, c2, c3) and
 * ∇f its gradient. Where the demand is linear in the coefficients (a linear
 * judge, no links) that is gain·φ, summed up; else it comes from differences,
 * the model itself solved twice for each coefficient. Bands are independent of each
 * other; errors along one rep are not, which is why the mean is not the mean of
 * the pointwise deviations.
 *
 * Leaves rig and buffers as they were.
 *
 * @param covariances C of each run's band, N², in the order of the runs;
 *   undefined where a law came without one and counts as exact
 */
export function solutionSpread(
  solved: SolvedRig,
  covariances: readonly (Matrix3 | undefined)[],
): Spread {
  const { prepared, links, runs } = solved.rig;
  const { samples } = prepared;
  const linear = prepared.judge.kind === 'linear' && links.length === 0;
  const variance = new Float64Array(samples + FIGURES.length);
  const add = linear ? linearVariance(solved, variance) : solvedVariance(solved, variance);
  covariances.slice(0, runs).forEach((covariance, r) => {
    if (covariance !== undefined) add(r, covariance);
  });
  const deviation = Array.from(variance, (value) => Math.sqrt(Math.max(0, value)));
  const figure = (name: (typeof FIGURES)[number]): number =>
    deviation[samples + FIGURES.indexOf(name)] as number;
  return {
    demand: deviation.slice(0, samples),
    start: figure('start'),
    end: figure('end'),
    peak: figure('peak'),
    mean: figure('mean'),
    assistMean: figure('assistMean'),
  };
}

/** Adds what the law of run r brings to the variance of the demand at every phase and of the figures. */
type AddVariance = (r: number, covariance: Matrix3) => void;

/**
 * Each coefficient adds gain·φ to the signed demand; the figures follow as {@link summarise} has
 * them. Plain numbers, since it is done on every frame of a drag.
 */
function linearVariance({ rig, buffers }: SolvedRig, variance: Float64Array): AddVariance {
  const { samples, unassisted, bodyweight } = rig.prepared;
  const { gain, signed, stretch } = buffers;
  const last = samples - 1;
  let peakAt = 0;
  let alone = 0;
  for (let k = 0; k < samples; k++) {
    if (Math.abs(signed[k] as number) > Math.abs(signed[peakAt] as number)) peakAt = k;
    alone += phaseWeight(k, samples) * (unassisted[k] as number);
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
      const inPhase = added * added * quadraticForm(covariance, shape);
      grow(k, inPhase);
      if (k === 0) grow(samples + FIGURES.indexOf('start'), inPhase);
      if (k === last) grow(samples + FIGURES.indexOf('end'), inPhase);
      if (k === peakAt) grow(samples + FIGURES.indexOf('peak'), inPhase);
      // The demand is the size of the signed one.
      const inMean = ((signed[k] as number) < 0 ? -1 : 1) * phaseWeight(k, samples) * added;
      addScaled(mean, shape, inMean / last);
      if (helped) addScaled(assist, shape, (-phaseWeight(k, samples) * added) / alone);
    }
    grow(samples + FIGURES.indexOf('mean'), quadraticForm(covariance, mean));
    grow(samples + FIGURES.indexOf('assistMean'), quadraticForm(covariance, assist));
  };
}

function addScaled(sum: [number, number, number], added: Vector3, by: number): void {
  sum[0] += added[0] * by;
  sum[1] += added[1] * by;
  sum[2] += added[2] * by;
}

/** By solving again with each coefficient a little higher and a little lower. */
function solvedVariance(solved: SolvedRig, variance: Float64Array): AddVariance {
  const { rig, buffers } = solved;
  const figuresOf = (): Float64Array => {
    solveRig(rig, buffers);
    return readFigures(solved);
  };
  return (r, covariance) => {
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
    const [by1, by2, by3] = [by(rig.c1_N), by(rig.c2_N), by(rig.c3_N)];
    solveRig(rig, buffers);
    for (let i = 0; i < variance.length; i++) {
      const gradient: Vector3 = [by1[i] as number, by2[i] as number, by3[i] as number];
      variance[i] = (variance[i] as number) + quadraticForm(covariance, gradient);
    }
  };
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
  for (let k = 0; k < samples; k++) figures[k] = Math.abs(buffers.signed[k] as number);
  FIGURES.forEach((figure, i) => {
    figures[samples + i] = summary[figure] ?? 0;
  });
  return figures;
}
