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
  const variance = new Float64Array(samples + FIGURES.length);
  const linear = prepared.judge.kind === 'linear' && links.length === 0;
  const gradientsOf = linear ? linearGradients(solved) : solvedGradients(solved);
  covariances.slice(0, runs).forEach((covariance, r) => {
    if (covariance === undefined) return;
    const [by1, by2, by3] = gradientsOf(r);
    for (let i = 0; i < variance.length; i++) {
      const gradient: Vector3 = [by1[i] as number, by2[i] as number, by3[i] as number];
      variance[i] = (variance[i] as number) + quadraticForm(covariance, gradient);
    }
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

/** What each coefficient of a run's law does to the demand at every phase and to the figures. */
type Gradients = readonly [Float64Array, Float64Array, Float64Array];

/** Each coefficient adds gain·φ to the signed demand; the figures follow as {@link summarise} has them. */
function linearGradients({ rig, buffers }: SolvedRig): (r: number) => Gradients {
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
  const by = (r: number, c: 0 | 1 | 2): Float64Array => {
    const gradient = new Float64Array(samples + FIGURES.length);
    let mean = 0;
    let assistMean = 0;
    for (let k = 0; k < samples; k++) {
      const i = r * samples + k;
      const added = (gain[i] as number) * strandShape(stretch[i] as number)[c];
      // The demand is the size of the signed one.
      const grown = (signed[k] as number) < 0 ? -added : added;
      gradient[k] = grown;
      mean += (phaseWeight(k, samples) * grown) / last;
      if (helped) assistMean -= (phaseWeight(k, samples) * added) / alone;
    }
    const [start, peak, end] = [0, peakAt, last].map((k) => gradient[k] as number);
    gradient.set([start, end, peak, mean, assistMean] as number[], samples);
    return gradient;
  };
  return (r) => [by(r, 0), by(r, 1), by(r, 2)];
}

/** By solving again with each coefficient a little higher and a little lower. */
function solvedGradients(solved: SolvedRig): (r: number) => Gradients {
  const { rig, buffers } = solved;
  const figuresOf = (): Float64Array => {
    solveRig(rig, buffers);
    return readFigures(solved);
  };
  return (r) => {
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
    const gradients: Gradients = [by(rig.c1_N), by(rig.c2_N), by(rig.c3_N)];
    solveRig(rig, buffers);
    return gradients;
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
