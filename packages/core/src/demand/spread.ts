import { type Matrix3, quadraticForm, type Vector3 } from '../elastic/bounded-least-squares.js';
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
 * ∇f from differences of the model itself: central ones, or one-sided ones where
 * the demand is linear in the coefficients (a linear judge, no links). Bands are independent of
 * each other; errors along one rep are not, which is why the mean is not the
 * mean of the pointwise deviations.
 *
 * Solves six times per run, three where it is linear, and leaves rig and buffers as they were.
 *
 * @param covariances C of each run's band, N², in the order of the runs;
 *   undefined where a law came without one and counts as exact
 */
export function solutionSpread(
  solved: SolvedRig,
  covariances: readonly (Matrix3 | undefined)[],
): Spread {
  const { rig, buffers } = solved;
  const { samples } = rig.prepared;
  const coefficients = [rig.c1_N, rig.c2_N, rig.c3_N];
  const variance = new Float64Array(samples + FIGURES.length);
  const linear = rig.prepared.judge.kind === 'linear' && rig.links.length === 0;
  const present = linear ? figuresOf(solved) : [];
  covariances.slice(0, rig.runs).forEach((covariance, r) => {
    if (covariance === undefined) return;
    const step = RELATIVE_STEP * Math.max(...coefficients.map((values) => values[r] as number));
    if (!(step > 0)) return;
    const gradients = coefficients.map((values) => {
      const kept = values[r] as number;
      values[r] = kept + step;
      const above = figuresOf(solved);
      values[r] = kept - step;
      const below = linear ? present : figuresOf(solved);
      values[r] = kept;
      return above.map((value, i) => (value - (below[i] as number)) / ((linear ? 1 : 2) * step));
    });
    for (let i = 0; i < variance.length; i++) {
      const gradient: Vector3 = [
        gradients[0]?.[i] ?? 0,
        gradients[1]?.[i] ?? 0,
        gradients[2]?.[i] ?? 0,
      ];
      variance[i] = (variance[i] as number) + quadraticForm(covariance, gradient);
    }
  });
  solveRig(rig, buffers);
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

/** Demand at every phase, then the figures of the summary. */
function figuresOf({ rig, buffers }: SolvedRig): number[] {
  solveRig(rig, buffers);
  const summary: Summary = summarise(rig, buffers, createSummary());
  return [
    ...Array.from(buffers.signed, Math.abs),
    ...FIGURES.map((figure) => summary[figure] ?? 0),
  ];
}
