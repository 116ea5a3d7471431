import { helpFloor, phaseWeight } from '../demand/summary.js';
import type { Options } from './options.js';
import type { Metric, SearchLimits } from './search.js';

/**
 * What an option adds to the figure of a candidate at least and at most, whatever else is on, and
 * the figure without any: sums of them enclose the figure of every feasible candidate. Sizes of sums
 * are not additive, so a bound is a sum of projections onto one direction, or of sizes.
 */
export interface Bounds {
  readonly low: Float64Array;
  readonly high: Float64Array;
  readonly baseLow: number;
  readonly baseHigh: number;
}

/** Bounds of a metric, for all options at one value of the reach. */
export function boundsOf(options: Options, metric: Metric, limits: SearchLimits): Bounds {
  const { base, count, dimensions, prepared } = options;
  const { demand, samples } = prepared;
  const enclosed = encloserOf(options, metric, limits);
  const low = new Float64Array(count);
  const high = new Float64Array(count);
  const width = samples * dimensions;
  for (let i = 0; i < count; i++) {
    [low[i], high[i]] = enclosed(options.added, i * width);
  }
  const [baseLow, baseHigh] = enclosed(base, 0);
  if (metric !== 'assistMean') return { low, high, baseLow, baseHigh };
  let alone = 0;
  for (let k = 0; k < samples; k++)
    alone += phaseWeight(k, samples) * (demand.unassisted[k] as number);
  // Help is one less the share of the mean demand that is left.
  const helped = (mean: number): number => (-mean * (samples - 1)) / alone;
  const sorted = (a: number, b: number): [number, number] => [Math.min(a, b), Math.max(a, b)];
  for (let i = 0; i < count; i++) {
    [low[i], high[i]] = sorted(helped(low[i] as number), helped(high[i] as number));
  }
  const [helpedLow, helpedHigh] = sorted(helped(baseLow), helped(baseHigh));
  return { low, high, baseLow: 1 + helpedLow, baseHigh: 1 + helpedHigh };
}

/** Least and most that the values at a place of an array add to a figure. */
type Encloser = (values: Float64Array, at: number) => [number, number];

function encloserOf(options: Options, metric: Metric, limits: SearchLimits): Encloser {
  const { dimensions } = options;
  const direction = directionsOf(options, metric, limits);
  const weights = weightsOf(options, metric, direction.towards);
  return (values, at) => {
    let low = 0;
    let high = 0;
    let greatest = -Infinity;
    for (let k = 0, j = 0; k < weights.length; k++) {
      let along = 0;
      let square = 0;
      for (let d = 0; d < dimensions; d++, j++) {
        const value = values[at + j] as number;
        along += value * (direction.towards[j] as number);
        square += value * value;
      }
      const size = direction.exact
        ? along
        : direction.sided
          ? Math.max(0, along)
          : Math.sqrt(square);
      low += (weights[k] as number) * along;
      high += (weights[k] as number) * size;
      greatest = Math.max(greatest, size);
    }
    return [low, metric === 'peak' ? greatest : high];
  };
}

interface Directions {
  /** At every sample, in the options' dimensions, of length 1. */
  readonly towards: Float64Array;
  /** The demand of every feasible candidate lies along them: the bounds are the figure itself. */
  readonly exact: boolean;
  readonly sided: boolean;
}

/** Where the demand points at every sample: the nearer, the closer the bounds. */
function directionsOf(options: Options, metric: Metric, limits: SearchLimits): Directions {
  const { added, base, count, dimensions, prepared } = options;
  const { bodyweight, demand, samples } = prepared;
  const towards = new Float64Array(base.length);
  // Help is a share of signed sums, which add up as they are.
  if (demand.kind === 'linear' && metric === 'assistMean') {
    return { towards: towards.fill(1), exact: true, sided: false };
  }
  if (demand.kind === 'linear' && demand.sided) {
    return { towards: towards.fill(1), exact: false, sided: true };
  }
  if (demand.kind === 'linear' && bodyweight && (limits.overAssist ?? 0) === 0) {
    const floor = helpFloor(demand.unassisted);
    const up = demand.unassisted.every((value) => value > 0 && value >= floor);
    const down = demand.unassisted.every((value) => value < 0 && -value >= floor);
    // Nothing is turned round at any sample, so every demand has the sign of the one without bands.
    if (up || down) return { towards: towards.fill(up ? 1 : -1), exact: true, sided: false };
  }
  towards.set(base);
  for (let i = 0; i < count; i++) {
    for (let j = 0; j < base.length; j++) {
      towards[j] = (towards[j] as number) + (added[i * base.length + j] as number);
    }
  }
  for (let k = 0; k < samples; k++) {
    const own = towards.subarray(k * dimensions, (k + 1) * dimensions);
    const size = Math.hypot(...own);
    if (size > 0) own.forEach((value, d) => (own[d] = value / size));
  }
  return { towards, exact: false, sided: false };
}

/** How much each sample counts: of a peak the one at which it is likely, for the lower bound. */
function weightsOf(
  { added, base, prepared: { samples }, dimensions, count }: Options,
  metric: Metric,
  towards: Float64Array,
): Float64Array {
  const weights = new Float64Array(samples);
  if (metric === 'start') weights[0] = 1;
  if (metric === 'end') weights[samples - 1] = 1;
  if (metric === 'mean' || metric === 'assistMean') {
    for (let k = 0; k < samples; k++) weights[k] = phaseWeight(k, samples) / (samples - 1);
  }
  if (metric === 'peak') {
    let most = -Infinity;
    let likely = 0;
    for (let k = 0; k < samples; k++) {
      let along = 0;
      for (let j = k * dimensions; j < (k + 1) * dimensions; j++) {
        let all = base[j] as number;
        for (let i = 0; i < count; i++) all += added[i * base.length + j] as number;
        along += all * (towards[j] as number);
      }
      if (along > most) [most, likely] = [along, k];
    }
    weights[likely] = 1;
  }
  return weights;
}
