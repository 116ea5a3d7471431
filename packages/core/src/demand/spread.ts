import { type Matrix3, quadraticForm, type Vector3 } from '../elastic/bounded-least-squares.js';
import { strandShape } from '../elastic/strand-law.js';
import type { Rig } from '../rig/rig.js';
import { solveRig } from './solve-rig.js';
import type { SolvedRig } from './solve-setup.js';
import { createSummary, summarise, type Summary } from './summary.js';

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

type Figure = 'start' | 'end' | 'peak' | 'mean' | 'assistMean';
const FIGURES: readonly Figure[] = ['start', 'end', 'peak', 'mean', 'assistMean'];

/** Step of the finite difference as share of the run's largest coefficient. */
const RELATIVE_STEP = 1e-4;

/**
 * How uncertain the figures are because the bands' laws are: to first order
 * var(f) = Σ over bands of ∇f·C·∇f with C the covariance of (c1, c2, c3) and
 * ∇f from differences. Where the demand is linear in the coefficients (a linear
 * judge, no links) each moves it by gain·φ, which is added to the demand; else
 * the model itself is solved twice for each. Bands are independent of each
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
  const figure = (name: Figure): number => deviation[samples + FIGURES.indexOf(name)] as number;
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

/** By adding to the demand what a coefficient adds. */
function linearGradients(solved: SolvedRig): (r: number) => Gradients {
  const { rig, buffers } = solved;
  const { samples } = rig.prepared;
  const { gain, signed, stretch } = buffers;
  const kept = Float64Array.from(signed);
  const present = readFigures(solved);
  return (r) => {
    const shapes = Array.from({ length: samples }, (_, k) =>
      strandShape(stretch[r * samples + k] as number),
    );
    const step = stepOf(rig, r);
    const by = (c: 0 | 1 | 2): Float64Array => {
      for (let k = 0; k < samples; k++) {
        const added = step * (gain[r * samples + k] as number) * (shapes[k]?.[c] ?? 0);
        signed[k] = (kept[k] as number) + added;
      }
      return difference(readFigures(solved), present, step);
    };
    const gradients: Gradients = [by(0), by(1), by(2)];
    signed.set(kept);
    return gradients;
  };
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

/** Demand at every phase, then the figures of the summary. */
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
